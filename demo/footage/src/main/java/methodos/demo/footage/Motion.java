package methodos.demo.footage;

import java.util.ArrayList;
import java.util.List;

/**
 * Key frames: where something is at given seconds, eased from one to the next and still outside.
 */
final class Motion {

    private record Key(double time, Vec place) {}

    private final List<Key> keys = new ArrayList<>();

    static Motion from(double time, double x, double y, double z) {
        return new Motion().then(time, x, y, z);
    }

    static Motion from(double time, double value) {
        return from(time, value, 0, 0);
    }

    Motion then(double time, double x, double y, double z) {
        keys.add(new Key(time, Vec.of(x, y, z)));
        return this;
    }

    Motion then(double time, double value) {
        return then(time, value, 0, 0);
    }

    Vec at(double time) {
        Key before = keys.get(0);
        for (Key key : keys) {
            if (key.time() > time) {
                double span = key.time() - before.time();
                return span <= 0
                        ? before.place()
                        : before.place().toward(key.place(), ease((time - before.time()) / span));
            }
            before = key;
        }
        return before.place();
    }

    double value(double time) {
        return at(time).x();
    }

    /** 0 before {@code from}, 1 after {@code to}, eased between. */
    static double share(double time, double from, double to) {
        return ease((time - from) / (to - from));
    }

    private static double ease(double t) {
        double s = Math.max(0, Math.min(1, t));
        return s * s * (3 - 2 * s);
    }
}
