package methodos.footage.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import methodos.core.change.SeenChange;

/** How well what was found agrees with what is known of scenes. */
final class ChangeScore {

    /** What is less sure is shown as a doubt and does not count as found. */
    private static final double SURE = .5;

    private static final double NEAR = .6;

    private int scenes;
    private int truths;
    private int found;
    private int kinds;
    private int wrong;

    /** What went wrong, in words. */
    final List<String> faults = new ArrayList<>();

    void add(Scene scene, String name, List<SeenChange> changes) {
        scenes++;
        List<SeenChange> sure = changes.stream().filter(c -> c.sure() >= SURE).toList();
        for (Scene.Truth truth : scene.truth()) {
            truths++;
            SeenChange near =
                    sure.stream()
                            .filter(c -> apart(c, truth) <= NEAR * truth.radius())
                            .findFirst()
                            .orElse(null);
            if (near == null) {
                faults.add(name + ": missed " + truth);
            } else {
                found++;
                kinds += near.kind() == truth.kind() ? 1 : 0;
                if (near.kind() != truth.kind()) {
                    faults.add(name + ": kind of " + truth);
                }
            }
        }
        for (SeenChange c : sure) {
            if (scene.truth().stream().noneMatch(t -> apart(c, t) <= 1.3 * t.radius())) {
                wrong++;
                faults.add(name + ": nothing is there, " + c.kind() + " " + c.middle() + c.sure());
            }
        }
    }

    private static double apart(SeenChange c, Scene.Truth t) {
        return Math.hypot(
                c.middle().x() - t.middle().x(),
                (c.middle().y() - t.middle().y()) * Scene.HEIGHT / Scene.WIDTH);
    }

    double found() {
        return found / (double) truths;
    }

    double rightKind() {
        return kinds / (double) found;
    }

    double falseEach() {
        return wrong / (double) scenes;
    }

    @Override
    public String toString() {
        return String.format(
                Locale.ROOT,
                "%d scenes: found %.3f of %d, right kind %.3f, false %.3f a scene",
                scenes,
                found(),
                truths,
                rightKind(),
                falseEach());
    }
}
