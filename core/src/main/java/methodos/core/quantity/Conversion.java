package methodos.core.quantity;

import java.math.RoundingMode;

/**
 * A quantity in another unit, rounded for print.
 *
 * <p>The step of rounding is the largest 1, 2 or 5 × 10ⁿ that is at most a tenth of a range, 1 % of
 * a single value, or 0.5 % of a one-sided limit; for a single length it is also at most one unit of
 * the last digit as entered, converted, for a one-sided limit half of one, for a temperature its
 * last digit alone. Bounds are rounded inward, so that what is inside the shown range is inside the
 * entered one; single values to the nearest.
 */
public final class Conversion {

    private final Quantity from;
    private final MeasureUnit to;
    private final boolean difference;

    /**
     * @throws IllegalArgumentException if the units measure different things
     */
    public Conversion(Quantity from, MeasureUnit to) {
        this(from, to, false);
    }

    /**
     * @param difference whether it is how much warmer or colder something is, not how warm
     * @throws IllegalArgumentException if the units measure different things
     */
    public Conversion(Quantity from, MeasureUnit to, boolean difference) {
        if (from.unit().dimension() != to.dimension()) {
            throw new IllegalArgumentException(
                    from.unit().symbol() + " cannot be converted to " + to.symbol());
        }
        this.from = from;
        this.to = to;
        this.difference = difference;
    }

    /** The value of a bound in the new unit, not rounded; null for an open side. */
    public Rational exact(Bound bound) {
        if (bound == null) {
            return null;
        }
        return difference
                ? bound.value().times(from.unit().factor()).over(to.factor())
                : to.fromBase(from.unit().toBase(bound.value()));
    }

    /** The quantity to print beside the entered one. */
    public Quantity shown() {
        if (from.unit() == to) {
            return from; // as it was entered: nothing is rounded
        }
        Rational min = exact(from.min());
        Rational max = exact(from.max());
        Rational step = step(min, max);
        Bound low = null;
        Bound high = null;
        if (from.single()) {
            low = rounded(min, step, RoundingMode.HALF_UP);
            high = low;
        } else {
            if (min != null) {
                low = rounded(min, step, RoundingMode.CEILING);
            }
            if (max != null) {
                high = rounded(max, step, RoundingMode.FLOOR);
            }
        }
        return new Quantity(from.entered(), low, high, to);
    }

    private static Bound rounded(Rational value, Rational step, RoundingMode mode) {
        Rational result = value.rounded(step, mode);
        return new Bound(result, step, result.toDecimal());
    }

    private Rational step(Rational min, Rational max) {
        boolean range = min != null && max != null && !min.equals(max);
        if (range) {
            return largestStep(max.minus(min).over(Rational.of(10)));
        }
        Bound bound = from.min() != null ? from.min() : from.max();
        Rational digit = bound.lastDigit().times(from.unit().factor()).over(to.factor()).abs();
        Rational value = (min != null ? min : max).abs();
        boolean oneSided = min == null || max == null;
        Rational limit = value.over(Rational.of(oneSided ? 200 : 100));
        if (oneSided) {
            digit = digit.over(Rational.of(2));
        }
        if (to.dimension() == MeasureUnit.Dimension.TEMPERATURE) {
            return largestStep(digit); // a hundredth of a temperature depends on its nought
        }
        if (oneSided || to.dimension() == MeasureUnit.Dimension.LENGTH) {
            limit = limit.signum() == 0 ? digit : limit.min(digit);
        }
        return largestStep(limit);
    }

    /** The largest of 1, 2, 5 × 10ⁿ that is not above the limit; 1 for a limit of 0. */
    private static Rational largestStep(Rational limit) {
        if (limit.signum() == 0) {
            return Rational.ONE;
        }
        int power = (int) Math.floor(Math.log10(limit.toDouble())) + 1;
        while (true) {
            for (int mantissa : new int[] {5, 2, 1}) {
                Rational step = Rational.powerOfTen(power).times(Rational.of(mantissa));
                if (step.compareTo(limit) <= 0) {
                    return step;
                }
            }
            power--;
        }
    }
}
