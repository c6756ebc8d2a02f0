package methodos.desktop.killed;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.prefs.Preferences;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import javafx.scene.robot.Robot;
import javafx.stage.Stage;
import javafx.util.Duration;
import methodos.core.description.Id;
import methodos.core.edit.DraftEdits;
import methodos.core.edit.Edit;
import methodos.core.edit.EditKind;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.narration.Draft;
import methodos.core.sheet.Sheet;
import methodos.core.sheet.SheetKind;
import methodos.core.words.Words;
import methodos.desktop.control.FileChoice;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Theme;
import methodos.desktop.window.ProjectStage;
import methodos.files.project.ProjectFolder;
import methodos.narration.draft.NarrationReader;
import methodos.publish.document.Publication;
import methodos.publish.document.Publisher;

/**
 * The real window in a program of its own, worked in without a pause until it is killed. What was
 * done is written to a log, each line with its time, before anything else happens.
 */
public final class WorkedWindow {

    private static final double KEY_MILLIS = 70;
    private static final int ROWS = 400;

    private final Path folder;
    private final Path log;
    private final OpenProject project;
    private Draft draft;
    private int done;

    private WorkedWindow(Path folder, Path log) throws Exception {
        this.folder = folder;
        this.log = log;
        this.project = new OpenProject(ProjectFolder.open(folder));
    }

    /**
     * @param args what to do, the project, the log
     */
    public static void main(String[] args) {
        Platform.startup(
                () -> {
                    try {
                        new WorkedWindow(Path.of(args[1]), Path.of(args[2])).work(args[0]);
                    } catch (Exception e) {
                        e.printStackTrace();
                        System.exit(1);
                    }
                });
    }

    private void work(String what) {
        Stage stage = new Stage();
        ProjectStage shown =
                new ProjectStage(
                        stage,
                        project,
                        (clip, share) -> Optional.empty(),
                        FileChoice.ofTheDesktop(),
                        new ProjectStage.Looks(
                                new Theme(false),
                                Preferences.userRoot().node("methodos-test/killed"),
                                1280,
                                800));
        stage.setX(0);
        stage.setY(0);
        stage.show();
        stage.toFront();
        stage.requestFocus();
        switch (what) {
            case "typing" -> {
                Id<Step> step = project.manual().steps().findFirst().orElseThrow().id();
                shown.window().chooseStep(step);
                shown.window().root().lookup("#stepText").requestFocus();
                shown.scene().lookup("#stepText").requestFocus();
                Robot robot = new Robot();
                again(KEY_MILLIS, () -> type(robot, step));
            }
            case "lists" -> again(250, this::takeAList);
            case "draft" -> again(250, this::draft);
            default -> new Thread(this::publish, "publishing").start();
        }
    }

    private static void again(double millis, Runnable work) {
        Timeline timeline = new Timeline(new KeyFrame(Duration.millis(millis), e -> work.run()));
        timeline.setCycleCount(Timeline.INDEFINITE);
        timeline.play();
    }

    /** One key after the other, as a person presses them; the text as it is then is logged. */
    private void type(Robot robot, Id<Step> step) {
        say(project.manual().step(step).orElseThrow().text());
        char next = key(done++);
        robot.keyType(
                next == ' '
                        ? KeyCode.SPACE
                        : KeyCode.getKeyCode(String.valueOf(Character.toUpperCase(next))));
    }

    private static char key(int n) {
        return n % 6 == 5 ? ' ' : (char) ('a' + (n * 7) % 26);
    }

    /** What the first keys write. */
    static String keys(int many) {
        StringBuilder all = new StringBuilder();
        for (int i = 0; i < many; i++) {
            all.append(key(i));
        }
        return all.toString();
    }

    private void takeAList() {
        List<Sheet.Row> rows = new ArrayList<>();
        for (int i = 0; i < ROWS; i++) {
            rows.add(new Sheet.Row(i + 2, List.of("L" + done + "-" + i, "part " + i, "2")));
        }
        Sheet sheet = new Sheet(List.of("item", "name", "qty"), rows);
        project.apply(SheetKind.PARTS.read(sheet, project.manual()).edit());
        done++;
        say(String.valueOf(project.manual().parts().size()));
    }

    private void draft() {
        Manual manual = project.manual();
        Id<Clip> clip = manual.clips().get(1).id();
        if (draft == null) {
            draft =
                    NarrationReader.english()
                            .read(
                                    project.workspace().get().captions(clip),
                                    methodos.core.manual.Stage.Kind.TAKE_DOWN,
                                    List.of());
        }
        project.apply(DraftEdits.draft(clip, draft, new Words(null, Locale.ENGLISH)));
        project.apply(Edit.named(EditKind.STEP_TEXT, m -> m.withTitle("draft " + done)));
        done++;
        say(project.manual().title());
    }

    private void publish() {
        while (true) {
            String title = "issue " + done++;
            Manual manual = project.manual().withTitle(title);
            try {
                new Publisher()
                        .publish(
                                Publication.of(
                                        manual,
                                        Sight.EVERYTHING,
                                        d -> Optional.empty(),
                                        LocalDate.now().toString()),
                                folder.resolveSibling("published"),
                                EnumSet.of(Publisher.Format.PDF, Publisher.Format.HTML));
            } catch (Exception e) {
                e.printStackTrace();
                System.exit(1);
            }
            say(title);
        }
    }

    private void say(String state) {
        try {
            Files.write(
                    log,
                    (System.currentTimeMillis() + " " + state + "\n")
                            .getBytes(StandardCharsets.UTF_8),
                    StandardOpenOption.CREATE,
                    StandardOpenOption.APPEND);
        } catch (IOException e) {
            e.printStackTrace();
            System.exit(1);
        }
    }
}
