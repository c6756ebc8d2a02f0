package methodos.core.fit;

import methodos.core.quantity.Conversion;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;

/** What a reading says of its limit. */
public enum ReadingVerdict {
    PASS,
    /** Inside, but within one resolution of a limit: measure again. */
    MARGINAL,
    FAIL;

    /**
     * @param limit one side may be open; a reading on the limit is inside
     * @param resolution smallest step of the instrument; null where it is not known, and nothing is
     *     marginal then
     * @param value a single reading
     * @throws IllegalArgumentException if they measure different things
     */
    public static ReadingVerdict of(Quantity limit, Quantity resolution, Quantity value) {
        Rational reading = new Conversion(value, limit.unit()).exact(value.min());
        Rational step =
                resolution == null
                        ? Rational.of(-1)
                        : new Conversion(resolution, limit.unit()).exact(resolution.min());
        boolean marginal = false;
        if (limit.min() != null) {
            Rational above = reading.minus(limit.min().value());
            if (above.signum() < 0) {
                return FAIL;
            }
            marginal = above.compareTo(step) <= 0;
        }
        if (limit.max() != null) {
            Rational below = limit.max().value().minus(reading);
            if (below.signum() < 0) {
                return FAIL;
            }
            marginal |= below.compareTo(step) <= 0;
        }
        return marginal ? MARGINAL : PASS;
    }
}
