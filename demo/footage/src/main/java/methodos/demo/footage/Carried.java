package methodos.demo.footage;

import java.util.List;

/**
 * A thing that a hand takes from one place to another, and the hand: it comes before, holds the
 * thing on its way, and goes.
 */
final class Carried {

    private static final double COMING = 1.0;

    private final String object;
    private final Motion way;
    private final double from;
    private final double to;
    private List<String> fitted = List.of();
    private List<String> laid = List.of();
    private Glove glove = Glove.fromSide(.75);
    private Vec grip = Vec.of(1, .4, -1);
    private Vec away = Vec.of(26, 10, -20);

    private Carried(String object, Motion way, double from, double to) {
        this.object = object;
        this.way = way;
        this.from = from;
        this.to = to;
    }

    /** A thing whose way is under way between two times. */
    static Carried thing(String object, double from, double to, Motion way) {
        return new Carried(object, way, from, to);
    }

    /** How it is turned while it is fitted. */
    Carried fitted(String... turns) {
        fitted = List.of(turns);
        return this;
    }

    /** How it is turned where it is laid down. */
    Carried laid(String... turns) {
        laid = List.of(turns);
        return this;
    }

    /** Where the fingers take it, seen from its origin. */
    Carried grip(Vec offset, Glove hand) {
        grip = offset;
        glove = hand;
        return this;
    }

    /** Where the hand comes from and goes to. */
    Carried away(Vec place) {
        away = place;
        return this;
    }

    void onto(Picture p, double t) {
        boolean down = t > from + .7 * (to - from);
        p.put(object, way.at(t), (down ? laid : fitted).toArray(String[]::new));
        double away = 1 - Motion.share(t, from - COMING, from) + Motion.share(t, to, to + COMING);
        if (away < 1) {
            Vec at = way.at(t).plus(grip.x(), grip.y(), grip.z());
            p.glove(glove, at.toward(this.away, away));
        }
    }
}
