package methodos.core.quantity;

import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;

/** Amounts added up, exactly, in the unit of the first and with the finest digit of any. */
public final class QuantitySum {

    private QuantitySum() {}

    /**
     * The sum; a side that one of them leaves open is open in it too.
     *
     * @return empty for no amounts, where they measure different things, and where no side is left
     */
    public static Optional<Quantity> of(List<Quantity> amounts) {
        if (amounts.isEmpty()) {
            return Optional.empty();
        }
        MeasureUnit unit = amounts.get(0).unit();
        if (amounts.stream().anyMatch(a -> a.unit().dimension() != unit.dimension())) {
            return Optional.empty();
        }
        Rational min = Rational.ZERO;
        Rational max = Rational.ZERO;
        Rational digit = null;
        for (Quantity amount : amounts) {
            Conversion conversion = new Conversion(amount, unit);
            min = plus(min, conversion.exact(amount.min()));
            max = plus(max, conversion.exact(amount.max()));
            Rational finest = finest(amount).times(amount.unit().factor()).over(unit.factor());
            digit = digit == null ? finest : digit.min(finest);
        }
        if (min == null && max == null) {
            return Optional.empty();
        }
        Bound low = bound(min, digit);
        Bound high = bound(max, digit);
        Quantity bare = new Quantity("", low, high, unit);
        String about = amounts.stream().anyMatch(Quantity::about) ? "about " : "";
        return Optional.of(new Quantity(about + bare.print(), low, high, unit));
    }

    private static Rational plus(Rational sum, Rational more) {
        return sum == null || more == null ? null : sum.plus(more);
    }

    private static Rational finest(Quantity amount) {
        if (amount.min() == null) {
            return amount.max().lastDigit();
        }
        return amount.max() == null
                ? amount.min().lastDigit()
                : amount.min().lastDigit().min(amount.max().lastDigit());
    }

    private static Bound bound(Rational value, Rational digit) {
        if (value == null) {
            return null;
        }
        Rational rounded = value.rounded(digit, RoundingMode.HALF_UP);
        return new Bound(rounded, digit, rounded.toDecimal());
    }
}
