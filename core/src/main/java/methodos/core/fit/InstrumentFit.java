package methodos.core.fit;

import java.util.Optional;
import methodos.core.manual.Reading;
import methodos.core.manual.Tool;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;

/**
 * Whether an instrument is fine enough for a limit: its resolution is at most a tenth of the
 * tolerance (good), or at most a quarter (usable).
 */
public enum InstrumentFit {
    GOOD,
    USABLE,
    TOO_COARSE;

    private static final Rational TENTH = Rational.of(1, 10);
    private static final Rational QUARTER = Rational.of(1, 4);

    /** Of a minimum alone this share is taken as its tolerance. */
    private static final Rational OF_MINIMUM = Rational.of(5, 100);

    /**
     * @param tolerance of a one-sided limit, null for the usual one: 5 % of a minimum, and of a
     *     maximum, where nought is best, the whole of it
     * @throws IllegalArgumentException if they measure different things
     */
    public static InstrumentFit of(Quantity limit, Quantity resolution, Quantity tolerance) {
        Rational step = new Conversion(resolution, limit.unit()).exact(resolution.min());
        Rational width = width(limit, tolerance);
        if (step.compareTo(width.times(TENTH)) <= 0) {
            return GOOD;
        }
        return step.compareTo(width.times(QUARTER)) <= 0 ? USABLE : TOO_COARSE;
    }

    /** Smallest step of an instrument, where its size tells one that suits the limit. */
    public static Optional<Quantity> resolution(Tool instrument, Reading reading) {
        return Optional.of(instrument)
                .filter(t -> t.kind() == Tool.Kind.MEASURING)
                .flatMap(t -> read(t.size()))
                .filter(q -> q.single() && q.min().value().signum() > 0)
                .filter(
                        q ->
                                reading.known()
                                        .filter(
                                                limit ->
                                                        limit.unit().dimension()
                                                                == q.unit().dimension())
                                        .isPresent());
    }

    private static Optional<Quantity> read(String size) {
        try {
            return Optional.of(Quantity.parse(size));
        } catch (IllegalArgumentException tellsNone) {
            return Optional.empty();
        }
    }

    private static Rational width(Quantity limit, Quantity tolerance) {
        if (limit.min() != null && limit.max() != null) {
            return limit.max().value().minus(limit.min().value());
        }
        if (tolerance != null) {
            return new Conversion(tolerance, limit.unit()).exact(tolerance.max());
        }
        return limit.max() != null
                ? limit.max().value().abs()
                : limit.min().value().abs().times(OF_MINIMUM);
    }
}
