package methodos.benchmarks;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.prefs.Preferences;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import methodos.core.manual.Step;
import methodos.core.narration.Caption;
import methodos.desktop.control.FileChoice;
import methodos.desktop.place.Place;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Theme;
import methodos.desktop.window.ProjectStage;
import methodos.files.project.ProjectFolder;
import methodos.training.Journey;
import methodos.training.Reading;

/**
 * How much somebody has to decide to make an accepted manual of a narration: the real window is
 * driven from the draft to the last accepted step, by one who chooses what the truth of the
 * narration says. Drafts are made by readers that have not seen the narration. Arguments: the
 * folder of the training, a working folder, folders of narrations.
 */
public final class JourneyBenchmark {

    private static List<Journey> journeys;
    private static Path work;

    private JourneyBenchmark() {}

    public static void main(String[] arguments) throws Exception {
        Path home = Path.of(arguments[0]);
        work = Files.createDirectories(Path.of(arguments[1]));
        List<Path> folders = new ArrayList<>();
        for (int i = 2; i < arguments.length; i++) {
            folders.add(Path.of(arguments[i]));
        }
        if (folders.isEmpty()) {
            folders.add(home.resolve("narrations/practice"));
            folders.add(home.resolve("narrations/sentences")); // read for what they teach alone
        }
        System.out.println("reading each narration by a reader that has not seen it …");
        journeys = Reading.unseen(home, folders);
        if (journeys.isEmpty()) {
            System.out.println("There is no narration in " + folders + ": nothing was measured.");
            System.exit(1);
        }
        Application.launch(Window.class);
    }

    /** The toolkit's entry; public because the toolkit makes it. */
    public static final class Window extends Application {

        private final Tally all = new Tally();
        private Stage stage;

        @Override
        public void start(Stage shown) {
            stage = shown;
            Platform.setImplicitExit(false);
            System.out.println(Tally.HEAD);
            new Thread(this::walk, "journey").start();
        }

        /** Walks all of them beside the interface, which is asked for each thing that is done. */
        private void walk() {
            try {
                for (Journey journey : journeys) {
                    walk(journey);
                }
                System.out.println(all.line("all"));
                all.lines().forEach(System.out::println);
                Platform.exit();
            } catch (Exception e) {
                e.printStackTrace();
                System.exit(1);
            }
        }

        private void walk(Journey journey) throws Exception {
            Path folder = work.resolve(journey.name() + ".methodos");
            JourneyProject.make(journey, folder);
            OpenProject open = Interface.get(() -> new OpenProject(ProjectFolder.open(folder)));
            ProjectStage shown = Interface.get(() -> window(open));

            double seconds =
                    journey.captions().captions().stream()
                            .mapToDouble(Caption::end)
                            .max()
                            .orElse(0);
            Tally tally = new Tally();
            tally.clip(seconds);
            new Settler(journey, open, shown.window(), tally).settle();
            List<String> left =
                    open.manual().steps().filter(s -> !s.accepted()).map(Step::text).toList();
            if (!left.isEmpty()) {
                throw new IllegalStateException("not accepted: " + left);
            }
            System.out.println(tally.line(journey.name()));
            all.add(tally);
            Interface.run(shown::close);
        }

        private ProjectStage window(OpenProject open) throws Exception {
            ProjectStage shown =
                    new ProjectStage(
                            stage,
                            open,
                            (clip, share) -> java.util.Optional.empty(),
                            FileChoice.ofTheDesktop(),
                            new ProjectStage.Looks(
                                    new Theme(false),
                                    Preferences.userRoot().node("methodos-benchmark"),
                                    1280,
                                    800));
            stage.show();
            shown.window().show(Place.STEPS);
            return shown;
        }
    }
}
