package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.manual.Span;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Looking through footage: scans, playing, choosing stills. */
class FootageWorkTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private void scanned() throws Exception {
        until(
                () ->
                        manual().clips().stream()
                                .allMatch(c -> project.workspace().get().scan(c.id()).isPresent()));
    }

    private static boolean says(FxRobot robot, String text) {
        return robot.lookup(n -> n instanceof Label l && l.getText().contains(text))
                .tryQuery()
                .isPresent();
    }

    @Test
    void everyClipIsScannedInTheBackgroundAndSaysWhatWasFound(FxRobot robot) throws Exception {
        show(robot, Place.FOOTAGE);
        scanned();
        until(() -> says(robot, "shots"));
        assertThat(says(robot, "without a usable picture")).isTrue();
        Clip first = manual().clips().get(0);
        var scan = project.workspace().get().scan(first.id()).orElseThrow();
        assertThat(scan.frames()).hasSizeGreaterThan(800);
        assertThat(scan.loudness()).hasSizeGreaterThan(600);
    }

    @Test
    void aClipIsNamedAndTurned(FxRobot robot) throws Exception {
        show(robot, Place.FOOTAGE);
        Id<Clip> clip = manual().clips().get(0).id();
        String before = manual().clips().get(0).name();
        fill(robot, "#name-" + clip, "From above");
        assertThat(manual().clip(clip).orElseThrow().name()).isEqualTo("From above");
        inView(robot, "#turn-" + clip);
        robot.clickOn("#turn-" + clip);
        laidOut(robot);
        assertThat(manual().clip(clip).orElseThrow().turned()).isEqualTo(1);
        show(robot, Place.STEPS);
        until(() -> window().ready());
        Image film =
                ((ImageView) robot.lookup("#picture .image-view").queryAll().iterator().next())
                        .getImage();
        assertThat(film.getHeight()).isGreaterThan(film.getWidth());
        robot.press(KeyCode.CONTROL).type(KeyCode.Z).type(KeyCode.Z).release(KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().clip(clip).orElseThrow().name()).isEqualTo(before);
        assertThat(manual().clip(clip).orElseThrow().turned()).isZero();
    }

    @Test
    void aChosenStillTakesThePlaceAndItsMarksFollow(FxRobot robot) throws Exception {
        scanned();
        show(robot, Place.FIGURES);
        until(() -> window().ready());
        Figure before = manual().figures().get(0);
        Node other = robot.lookup("#stills .thumb").queryAll().stream().findFirst().orElseThrow();
        robot.clickOn(other);
        until(() -> !manual().figures().get(0).still().equals(before.still()));
        Figure after = manual().figures().get(0);
        assertThat(after.picture()).isNotEqualTo(before.picture());
        assertThat(after.marks()).hasSameSizeAs(before.marks());
        for (int i = 0; i < before.marks().size(); i++) {
            Mark.Callout was = (Mark.Callout) before.marks().get(i);
            Mark.Callout is = (Mark.Callout) after.marks().get(i);
            assertThat(is.part()).isEqualTo(was.part());
            assertThat(is.target().distance(was.target())).isLessThan(0.05); // the camera stands
        }
        robot.press(KeyCode.CONTROL, KeyCode.Z).release(KeyCode.Z, KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().figures().get(0)).isEqualTo(before);
    }

    @Test
    void playingGoesOnAtTheChosenSpeedAndRoundTheSpan(FxRobot robot) throws Exception {
        until(() -> window().ready());
        Id<Clip> clip = manual().clips().get(0).id();
        var state = window().seamState();
        robot.interact(
                () -> {
                    state.clip().set(clip);
                    state.time().set(2);
                    state.span().set(new Span(clip, 2, 2.5));
                });
        robot.clickOn("#faster").clickOn("#faster");
        assertThat(node(robot, "#speed", Label.class).getText()).isEqualTo("4 ×");
        robot.clickOn("#faster");
        assertThat(node(robot, "#speed", Label.class).getText()).isEqualTo("4 ×");
        robot.clickOn("#loop").clickOn("#play");
        boolean[] beyond = new boolean[1];
        boolean[] back = new boolean[1];
        double[] last = {2};
        robot.interact(
                () ->
                        state.time()
                                .addListener(
                                        (o, was, is) -> {
                                            beyond[0] |= is.doubleValue() >= 2.5;
                                            back[0] |= is.doubleValue() < last[0];
                                            last[0] = is.doubleValue();
                                        }));
        until(() -> back[0]);
        assertThat(beyond[0]).isFalse();
        robot.clickOn("#loop"); // without it, playing leaves the span
        until(() -> state.time().get() > 3);
        robot.clickOn("#play");
        double stopped = state.time().get();
        robot.clickOn("#frameOn");
        until(() -> state.time().get() > stopped - 0.2 && state.time().get() != stopped);
        assertThat(state.time().get()).isCloseTo(stopped, within(0.2));
    }

    @Test
    void footageThatMovedIsFoundAgainInOneGo(FxRobot robot) throws Exception {
        show(robot, Place.FOOTAGE);
        until(() -> window().ready());
        Path elsewhere = Files.createDirectories(folder.resolveSibling("elsewhere/deep"));
        for (Clip clip : manual().clips()) {
            Path file = project.clipFile(clip);
            Files.move(file, elsewhere.resolve("x-" + file.getFileName()));
        }
        var place = new methodos.desktop.footage.FootagePlace[1];
        String[] said = new String[1];
        robot.interact(
                () -> {
                    var scans = new methodos.desktop.footage.ScanDesk(project);
                    place[0] =
                            new methodos.desktop.footage.FootagePlace(
                                    project,
                                    new methodos.desktop.footage.FootagePlace.Recognisers(
                                            scans, recogniser()),
                                    new methodos.desktop.theme.Theme(false),
                                    files(),
                                    s -> said[0] = s,
                                    p -> {});
                    place[0].find(elsewhere.getParent());
                });
        until(() -> said[0] != null);
        assertThat(said[0]).isEqualTo("4 of 4 recordings found.");
        assertThat(manual().clips())
                .allMatch(c -> Files.isRegularFile(project.clipFile(c)))
                .allMatch(c -> c.path().contains("elsewhere/deep/x-"));
        robot.interact(() -> place[0].close());
    }
}
