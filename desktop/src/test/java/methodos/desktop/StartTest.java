package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.prefs.Preferences;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.manual.Value;
import methodos.demo.DemoProject;
import methodos.desktop.control.FileChoice;
import methodos.desktop.place.Place;
import methodos.desktop.theme.Theme;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.ProjectFolder;
import methodos.files.recent.RecentProject;
import methodos.files.recent.RecentProjects;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The program's first window, as somebody finds it who has never used it and who comes back. */
@ExtendWith(ApplicationExtension.class)
class StartTest {

    private Stage stage;
    private Path home;
    private RecentProjects recents;
    private Preferences settings;
    private ProgramWindow window;

    /** What is chosen when a folder is asked for. */
    private Path chosen;

    @Start
    void start(Stage stage) throws Exception {
        this.stage = stage;
        home = Scratch.folder();
        recents = new RecentProjects(home.resolve("settings"));
        settings = Preferences.userRoot().node("methodos-test/" + home.getFileName());
        begin();
        stage.setX(0);
        stage.setY(0);
        stage.toFront();
    }

    @AfterEach
    void end(FxRobot robot) throws Exception {
        robot.interact(window::close);
        settings.removeNode();
        Scratch.remove(home);
    }

    private void begin() {
        window =
                new ProgramWindow(
                        stage,
                        new ProgramWindow.Outfit(
                                (clip, share) -> Optional.empty(),
                                choice(),
                                this::demo,
                                ProjectFolder::open,
                                recents,
                                settings),
                        new Theme(false),
                        1280,
                        800);
        window.begin();
    }

    private Path demo() throws ProjectProblem {
        return copy("demo");
    }

    private Path copy(String name) throws ProjectProblem {
        Path folder = home.resolve(name);
        try {
            DemoProject.QA_80.copyTo(folder);
        } catch (java.io.IOException e) {
            throw ProjectProblem.writing(folder, e);
        }
        return folder;
    }

    private FileChoice choice() {
        return new FileChoice() {
            @Override
            public List<Path> open(Node at, String title, boolean many) {
                return List.of(chosen);
            }

            @Override
            public Optional<Path> save(Node at, String title, String... endings) {
                return Optional.empty();
            }

            @Override
            public Optional<Path> folder(Node at, String title) {
                return Optional.of(chosen);
            }
        };
    }

    private String text(FxRobot robot, String id) {
        Node node = robot.lookup(id).query();
        return node instanceof Labeled label
                ? label.getText()
                : ((TextInputControl) node).getText();
    }

    private void fill(FxRobot robot, String id, String text) {
        robot.interact(
                () -> {
                    TextInputControl field = robot.lookup(id).queryTextInputControl();
                    field.requestFocus();
                    field.setText(text);
                });
    }

    private void click(FxRobot robot, String id) {
        robot.interact(
                () -> {
                    stage.getScene().getRoot().applyCss();
                    stage.getScene().getRoot().layout();
                });
        robot.clickOn(id);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private Manual manual() {
        return window.shown().orElseThrow().project().manual();
    }

    @Test
    void aTitleIsEnoughForANewManual(FxRobot robot) throws Exception {
        chosen = home.resolve("manuals");
        click(robot, "#newElsewhere");
        robot.clickOn("#newTitle").write("Overhaul of the Bench Vice V-2");
        assertThat(text(robot, "#newFolder"))
                .isEqualTo(home.resolve("manuals/overhaul-of-the-bench-vice-v-2").toString());
        click(robot, "#makeManual");
        assertThat(manual().title()).isEqualTo("Overhaul of the Bench Vice V-2");
        assertThat(window.shown().orElseThrow().window().view().place())
                .as("without a clip the work begins with footage")
                .isEqualTo(Place.FOOTAGE.name());
        assertThat(ProjectFolder.read(home.resolve("manuals/overhaul-of-the-bench-vice-v-2")))
                .satisfies(p -> assertThat(p.manual()).isEqualTo(manual()));
        assertThat(recents.all())
                .singleElement()
                .satisfies(p -> assertThat(p.title()).isEqualTo(manual().title()));
    }

    @Test
    void withoutATitleAndOnAFileNothingIsMadeAndItIsSaidWhy(FxRobot robot) throws Exception {
        click(robot, "#makeManual");
        assertThat(text(robot, "#newProblem")).contains("title");
        Path file = Files.writeString(home.resolve("notes.txt"), "mine");
        fill(robot, "#newTitle", "Vice");
        fill(robot, "#newFolder", file.toString());
        click(robot, "#makeManual");
        assertThat(text(robot, "#newProblem")).contains("is a file");
        fill(robot, "#newFolder", home.toString());
        click(robot, "#makeManual");
        assertThat(text(robot, "#newProblem")).contains("not empty");
        assertThat(window.shown()).isEmpty();
        assertThat(file).hasContent("mine");
    }

    @Test
    void aFolderWithoutAManualSaysWhatCanBeDone(FxRobot robot) throws Exception {
        Path full = Files.createDirectories(home.resolve("holiday"));
        Files.writeString(full.resolve("a.txt"), "x");
        chosen = full;
        click(robot, "#openOther");
        assertThat(text(robot, "#startProblem")).contains("no manual").contains("holiday");
        assertThat(full.toFile().list()).containsExactly("a.txt");

        Path none = home.resolve("gate-lift.methodos");
        robot.interact(() -> window.openOrOffer(none));
        assertThat(text(robot, "#startProblem")).contains("no manual").contains("gate-lift");
        assertThat(text(robot, "#newFolder")).isEqualTo(none.toString());
        assertThat(text(robot, "#newTitle")).isEqualTo("Gate lift");
        robot.type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().title()).isEqualTo("Gate lift");
        assertThat(none.resolve("manual.json")).exists();
    }

    @Test
    void whatWasLeftIsFoundAgainAsItWas(FxRobot robot) throws Exception {
        Path folder = copy("qa-80.methodos");
        robot.interact(() -> window.openOrOffer(folder));
        Id<Step> step = manual().steps().skip(7).findFirst().map(Step::id).orElseThrow();
        robot.interact(
                () -> {
                    var main = window.shown().orElseThrow().window();
                    main.chooseStep(step);
                    main.seamState().time().set(21.5);
                    main.seamState().scale().set(17);
                    main.show(Place.FIGURES);
                    stage.setWidth(1100);
                    stage.setHeight(700);
                });
        robot.interact(
                () -> {
                    window.close();
                    begin();
                });
        RecentProject left = recents.all().get(0);
        assertThat(left.there()).isTrue();
        assertThat(folder.resolve(left.picture())).isRegularFile();
        click(robot, "#recent-1");
        var again = window.shown().orElseThrow().window();
        assertThat(again.view().place()).isEqualTo(Place.FIGURES.name());
        assertThat(again.seamState().step().get()).isEqualTo(step);
        assertThat(again.seamState().scale().get()).isEqualTo(17);
        assertThat(again.seamState().time().get()).isEqualTo(21.5);
        assertThat(stage.getWidth()).isEqualTo(1100);
        assertThat(stage.getHeight()).isEqualTo(700);
    }

    @Test
    void aProjectThatIsGoneSaysSoAndIsTakenOutOfTheList(FxRobot robot) {
        recents.keep(new RecentProject(home + "/stick/hb-3", "HB-3", null, 2, 0, "", null));
        robot.interact(this::begin);
        assertThat(robot.lookup("not there now").tryQuery()).isPresent();
        click(robot, "#recent-1");
        assertThat(text(robot, "#startProblem")).contains("stick");
        assertThat(window.shown()).isEmpty();
        robot.rightClickOn("#recent-1");
        robot.clickOn("Remove from this list");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(recents.all()).isEmpty();
        assertThat(robot.lookup("#recent-1").tryQuery()).isEmpty();
    }

    @Test
    void theManualOfALikeUnitIsTakenAlongAsDrafted(FxRobot robot) throws Exception {
        Path folder = copy("qa-80.methodos");
        Manual like = ProjectFolder.read(folder).manual();
        recents.keep(new RecentProject(folder.toString(), like.title(), null, 0, 0, "", null));
        robot.interact(this::begin);
        fill(robot, "#newTitle", "Overhaul of the QA-95");
        fill(robot, "#newFolder", home.resolve("qa-95").toString());
        @SuppressWarnings("unchecked")
        ComboBox<RecentProject> other = robot.lookup("#newLike").queryAs(ComboBox.class);
        robot.interact(() -> other.getSelectionModel().select(1));
        click(robot, "#makeManual");
        assertThat(manual().title()).isEqualTo("Overhaul of the QA-95");
        assertThat(manual().parts()).isEqualTo(like.parts());
        assertThat(manual().steps().map(Step::text))
                .isEqualTo(like.steps().map(Step::text).toList());
        assertThat(manual().steps()).noneMatch(Step::accepted);
        assertThat(manual().joints())
                .isNotEmpty()
                .noneMatch(j -> j.torque() instanceof Value.Known k && k.accepted());
        assertThat(manual().clips()).isEmpty();
        assertThat(manual().figures()).isEmpty();
        assertThat(ProjectFolder.read(folder).manual()).isEqualTo(like);
    }

    @Test
    void fromAProjectOneGoesToOthersAndBack(FxRobot robot) throws Exception {
        Path folder = copy("qa-80.methodos");
        robot.interact(() -> window.openOrOffer(folder));
        String before = manual().title();
        robot.interact(() -> window.shown().orElseThrow().window().root().requestFocus());
        robot.press(KeyCode.CONTROL, KeyCode.O).release(KeyCode.O, KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.shown()).isEmpty();
        assertThat(robot.lookup("#newTitle").tryQuery()).isPresent();
        click(robot, "#recent-1");
        assertThat(manual().title()).isEqualTo(before);
        click(robot, "#program");
        assertThat(window.shown()).isEmpty();
    }

    @Test
    void theDemoIsACopyThatIsNotRemembered(FxRobot robot) {
        click(robot, "#openDemo");
        assertThat(manual().title()).isNotBlank();
        robot.interact(window::close);
        assertThat(recents.all()).isEmpty();
    }

    @Test
    void clipsAndListsThatAreChosenAreBroughtIn(FxRobot robot) throws Exception {
        Path other = copy("other");
        chosen = other.resolve(ProjectFolder.read(other).manual().clips().get(0).path());
        click(robot, "#newChooseFiles");
        assertThat(text(robot, "#newFiles")).isEqualTo(chosen.getFileName().toString());
        fill(robot, "#newTitle", "Vice");
        fill(robot, "#newFolder", home.resolve("vice").toString());
        click(robot, "#makeManual");
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> !manual().clips().isEmpty());
        assertThat(manual().clips().get(0).duration()).isPositive();
    }
}
