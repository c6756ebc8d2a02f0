package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.edit.EditKind;
import methodos.core.manual.Clip;
import methodos.desktop.footage.FilmStrip;
import methodos.desktop.footage.FootageClock;
import methodos.desktop.footage.ScanDesk;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Film, scans and clips as the places show them. */
class FilmStripTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Test
    void stillsInViewComeAndThoseOfALostClipAreAskedForOnce(FxRobot robot) throws Exception {
        Clip clip = manual().clips().get(1);
        List<Integer> arrivals = new ArrayList<>();
        FilmStrip[] film = new FilmStrip[1];
        robot.interact(() -> film[0] = new FilmStrip(project, () -> arrivals.add(1)));
        for (double time : new double[] {11.31, 47.77}) {
            until(() -> get(robot, film[0], clip, time).isPresent());
        }
        until(() -> film[0].complete());
        Image exact = get(robot, film[0], clip, 11.31).orElseThrow();
        assertThat(exact.getWidth()).isEqualTo(FilmStrip.WIDTH);
        Files.delete(project.clipFile(manual().clips().get(2)));
        Clip lost = manual().clips().get(2).withDigest("unknown");
        robot.interact(() -> film[0].at(lost, 3));
        until(() -> film[0].complete());
        int before = arrivals.size();
        assertThat(get(robot, film[0], lost, 3)).isEmpty();
        until(() -> film[0].complete());
        assertThat(arrivals).hasSize(before);
        robot.interact(() -> film[0].close());
    }

    private static Optional<Image> get(FxRobot robot, FilmStrip film, Clip clip, double time) {
        List<Optional<Image>> got = new ArrayList<>();
        robot.interact(() -> got.add(film.at(clip, time)));
        return got.get(0);
    }

    @Test
    void aScanIsStoppedAndTakenUpAgain(FxRobot robot) throws Exception {
        Clip clip = manual().clips().get(0).withDigest("never seen " + System.nanoTime());
        robot.interact(() -> project.apply(replace(clip)));
        ScanDesk[] scans = new ScanDesk[1];
        robot.interact(() -> scans[0] = new ScanDesk(project));
        robot.interact(() -> scans[0].stop(clip));
        assertThat(scans[0].progress().get(clip.id()).state()).isEqualTo(ScanDesk.State.STOPPED);
        robot.interact(() -> scans[0].again(clip));
        until(() -> scans[0].quiet());
        assertThat(scans[0].progress().get(clip.id()).state()).isEqualTo(ScanDesk.State.DONE);
        robot.interact(() -> scans[0].close());
    }

    private static methodos.core.edit.Edit replace(Clip clip) {
        return methodos.core.edit.Edit.named(EditKind.FOOTAGE, m -> m.withClip(clip));
    }

    @Test
    void whatAScanFoundIsShownWhenItIsDone(FxRobot robot) throws Exception {
        show(robot, Place.FOOTAGE);
        until(() -> window().ready());
        assertThat(shots(robot)).isEqualTo(4);
        Clip fresh =
                manual().clips()
                        .get(2)
                        .withId(new Id<>("clip9"))
                        .withDigest("never seen " + System.nanoTime());
        robot.interact(() -> project.apply(replace(fresh)));
        until(() -> window().ready());
        assertThat(shots(robot)).isEqualTo(5);
    }

    private static long shots(FxRobot robot) {
        return robot.lookup(n -> n instanceof Label l && l.getText().contains("shots"))
                .queryAll()
                .size();
    }

    @Test
    void clipsAreJoinedOnTimeInThePlaceFootage(FxRobot robot) throws Exception {
        show(robot, Place.FOOTAGE);
        until(() -> window().ready());
        Clip first = manual().clips().get(0);
        Clip second = manual().clips().get(1);
        robot.clickOn("#join-" + second.id());
        assertThat(manual().clips().get(1).follows()).isEqualTo(first.id());
        assertThat(manual().cameraStart(manual().clips().get(1))).isEqualTo(first.duration());
        until(() -> window().ready());
        laidOut(robot);
        robot.clickOn("#join-" + second.id());
        assertThat(manual().clips().get(1).follows()).isNull();
    }

    @Test
    void timesAreWrittenAsMinutesAndSeconds() {
        assertThat(FootageClock.exact(134.356)).isEqualTo("2:14.36");
        assertThat(FootageClock.exact(59.999)).isEqualTo("1:00.00");
        assertThat(FootageClock.exact(0)).isEqualTo("0:00.00");
        assertThat(FootageClock.minutes(59.99)).isEqualTo("0:59");
        assertThat(FootageClock.minutes(3661)).isEqualTo("61:01");
    }
}
