package methodos.demo.footage;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;

/**
 * One uninterrupted take: its scene as a function of time, what is said over it, and what goes
 * wrong in it. All times are seconds from the start of the shot.
 */
final class Shot {

    /** A stretch of the shot with something the matter or something done. */
    record Stretch(String what, double from, double to) {}

    record Line(double at, String words) {}

    final String name;
    final double seconds;
    final DoubleFunction<Picture> scene;
    final List<Line> lines = new ArrayList<>();
    final List<Stretch> troubles = new ArrayList<>();
    final List<Stretch> steps = new ArrayList<>();
    double shake;
    boolean goesOn;

    Shot(String name, double seconds, DoubleFunction<Picture> scene) {
        this.name = name;
        this.seconds = seconds;
        this.scene = scene;
    }

    Shot says(double at, String words) {
        lines.add(new Line(at, words));
        return this;
    }

    Shot blurred(double from, double to) {
        troubles.add(new Stretch("blurred", from, to));
        return this;
    }

    Shot dark(double from, double to) {
        troubles.add(new Stretch("dark", from, to));
        return this;
    }

    Shot covered(double from, double to) {
        troubles.add(new Stretch("covered", from, to));
        return this;
    }

    /** What is done in this stretch, in words for people who read the list. */
    Shot step(double from, double to, String what) {
        steps.add(new Stretch(what, from, to));
        return this;
    }

    /** The camera stands as in the shot before and nothing has changed: a join nobody can see. */
    Shot goesOn() {
        goesOn = true;
        return this;
    }

    /** Hand-held: the picture wanders by up to so many pixels. */
    Shot handHeld(double pixels) {
        shake = pixels;
        return this;
    }
}
