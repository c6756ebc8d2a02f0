package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.manual.Step;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/**
 * From accepted steps to accepted figures: the whole demo without its figures, all that the film
 * proposes taken by a key each; what is beside its thing would have cost a key more.
 */
@EnabledIfSystemProperty(named = "methodos.long", matches = "true")
class FilmJourneyTest extends RealWindow {

    private static final Path PLACES = Path.of("../demo/footage/places");

    /** A fixed number of fields a line, as the renderer wrote them. */
    private static final int FIELDS = 7;

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Override
    protected void prepare(Path target) throws Exception {
        super.prepare(target);
        change(
                target,
                manual -> {
                    Manual bare = manual.withFigures(List.of());
                    for (Step step : manual.steps().toList()) {
                        bare = bare.withStep(step.withFigures(List.of()));
                    }
                    return bare;
                });
    }

    @Test
    void allThatTheFilmProposesIsAcceptedByAKeyOrTwo(FxRobot robot) throws Exception {
        show(robot, Place.FIGURES);
        until(() -> window().ready());
        inView(robot, "#fromFilm");
        robot.clickOn("#fromFilm");
        // the whole demo takes more than the minute that is waited for one thing
        WaitForAsyncUtils.waitFor(
                15, TimeUnit.MINUTES, () -> seen(robot, "#filmAccept") && window().ready());
        until(() -> window().ready());
        int without = 0;
        while (seen(robot, "#filmAccept")) {
            int figures = manual().figures().size();
            if (seen(robot, "#filmMark-1")) {
                robot.type(KeyCode.A);
                until(() -> manual().figures().size() > figures);
            } else {
                robot.type(KeyCode.X);
                without++;
            }
            until(() -> window().ready());
            laidOut(robot);
        }
        List<Integer> keys = new ArrayList<>();
        for (Figure figure : manual().figures()) {
            keys.add(1 + beside(figure));
        }
        keys.sort(null);
        long handling =
                manual().steps().filter(s -> !s.parts().isEmpty() && !s.spans().isEmpty()).count();
        System.out.printf(
                "%d figures of %d filmed steps with parts, %d passed over without a mark;"
                        + " keys a figure: median %d, most %d%n",
                keys.size(),
                handling,
                without,
                keys.get(keys.size() / 2),
                keys.get(keys.size() - 1));
        assertThat(keys).hasSizeGreaterThan(15);
        assertThat(keys.get(keys.size() / 2)).isLessThanOrEqualTo(3);
    }

    private static boolean seen(FxRobot robot, String query) {
        return robot.lookup(query).queryAll().stream().anyMatch(n -> n.isVisible());
    }

    /** How many callouts of a figure are not on their thing. */
    private int beside(Figure figure) throws IOException {
        Clip clip = manual().clip(figure.still().clip()).orElseThrow();
        Map<String, Set<String>> things = things();
        int wrong = 0;
        for (Mark mark : figure.marks()) {
            if (mark instanceof Mark.Callout c) {
                Set<String> of = things.getOrDefault(c.part().text(), Set.of());
                wrong += on(clip.name(), figure.still().time(), of, c.target()) ? 0 : 1;
            }
        }
        return wrong;
    }

    private static Map<String, Set<String>> things() throws IOException {
        Map<String, Set<String>> all = new HashMap<>();
        for (String line : Files.readAllLines(PLACES.resolve("things.csv"))) {
            String[] fields = line.split(",");
            all.put(fields[0], Set.of(fields[1].split(" ")));
        }
        return all;
    }

    private static boolean on(String clip, double time, Set<String> things, Point target)
            throws IOException {
        for (String line : Files.readAllLines(PLACES.resolve(clip + ".csv"))) {
            String[] f = line.split(",");
            if (f.length == FIELDS && things.contains(f[0].split("#")[0])) {
                double[] v = new double[FIELDS];
                for (int i = 1; i < FIELDS; i++) {
                    v[i] = Double.parseDouble(f[i]);
                }
                boolean then = v[1] <= time && time < v[2];
                if (then
                        && Math.abs(target.x() - v[3]) <= v[5] / 2 + .004
                        && Math.abs(target.y() - v[4]) <= v[6] / 2 + .006) {
                    return true;
                }
            }
        }
        return false;
    }
}
