package methodos.footage.match;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.manual.Point;
import methodos.footage.views.Views;
import methodos.footage.views.Views.View;
import org.junit.jupiter.api.Test;

/** Marks on rendered stills of the actuator whose camera moved, against the scene's projection. */
class MovedCameraTest {

    private static final double SHAPE = 540 / 960.0;

    /** As a share of the width. */
    private static double apart(Point a, Point b) {
        return Math.hypot(a.x() - b.x(), (a.y() - b.y()) * SHAPE);
    }

    private static double median(List<Double> values) {
        return values.stream().sorted().toList().get(values.size() / 2);
    }

    private static boolean on(Point p) {
        return p.x() > .01 && p.x() < .99 && p.y() > .01 && p.y() < .99;
    }

    private static String scene(View view) {
        return view.name().substring(0, view.name().indexOf('-'));
    }

    /** Whether it is the first or the last of its scene, which lie farthest from the others. */
    private static boolean outermost(View view) {
        return view.name().endsWith("-0") || view.name().endsWith("-4");
    }

    @Test
    void marksFollowAndWhatDoesNotIsFlagged() throws IOException {
        List<View> views = Views.of("moved.json");
        List<Double> errors = new ArrayList<>();
        List<Double> left = new ArrayList<>();
        int flagged = 0;
        int wrong = 0;
        int marks = 0;
        for (View from : views) {
            for (View to : views) {
                if (from == to || !scene(from).equals(scene(to)) || !outermost(from)) {
                    continue;
                }
                Optional<StillMatch> match = StillMatch.between(from.picture(), to.picture());
                for (String name : from.spots().keySet()) {
                    Point at = from.spots().get(name).seen();
                    Point there = to.spots().get(name).seen();
                    if (!on(at) || !on(there) || apart(at, there) < .05) {
                        continue;
                    }
                    marks++;
                    StillMatch.Carried carried = match.map(m -> m.carry(at)).orElse(null);
                    if (carried == null || carried.trust() < StillMatch.TRUSTED) {
                        flagged++;
                        errors.add(apart(at, there)); // it stays where it was
                    } else {
                        double error = apart(carried.point(), there);
                        errors.add(error);
                        wrong += error > .03 ? 1 : 0;
                    }
                    left.add(apart(at, there));
                }
            }
        }
        System.out.printf(
                "%d marks, median error %.4f of the width, left %.4f, flagged %d, far off %d%n",
                marks, median(errors), median(left), flagged, wrong);
        assertThat(marks).isGreaterThan(150);
        assertThat(median(errors)).isLessThan(.01).isLessThan(median(left) / 5);
        assertThat(flagged).isLessThan(marks / 4);
        assertThat(wrong).as("trusted and wrong").isLessThan(marks / 20);
    }

    @Test
    void betweenDifferentShotsMarksAreFlaggedNotMoved() throws IOException {
        List<View> views =
                Views.of("moved.json").stream().filter(v -> v.name().endsWith("0")).toList();
        int moved = 0;
        int marks = 0;
        for (View from : views) {
            for (View to : views) {
                if (from == to
                        || scene(from).equals("right") && scene(to).equals("springs")
                        || scene(from).equals("springs") && scene(to).equals("right")) {
                    continue; // these two are taken from the same place
                }
                Optional<StillMatch> match = StillMatch.between(from.picture(), to.picture());
                for (Views.Spot spot : from.spots().values()) {
                    marks++;
                    moved +=
                            match.isPresent()
                                            && match.get().carry(spot.seen()).trust()
                                                    >= StillMatch.TRUSTED
                                    ? 1
                                    : 0;
                }
            }
        }
        System.out.printf("%d of %d marks moved between different shots%n", moved, marks);
        assertThat(moved).isLessThanOrEqualTo(marks / 100);
    }
}
