package methodos.core.quantity;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Whether two values that are said for the same thing agree, and if not, by which slip they would.
 *
 * <p>Each bound of the second, in the unit of the first, lies within half a unit of the coarser
 * last digit of the two plus 1.5 % of the larger. Trailing zeros of whole numbers count as digits.
 * A bound that only one of them has, disagrees.
 *
 * @param agree whether they agree
 * @param likely what the second was probably meant to be (written for meant), where they do not
 */
public record Agreement(boolean agree, Optional<String> likely) {

    private static final Rational SHARE = Rational.of(15, 1000);
    private static final Rational HALF = Rational.of(1, 2);
    private static final Rational TEN = Rational.of(10);

    /**
     * @throws IllegalArgumentException if they measure different things
     */
    public static Agreement of(Quantity first, Quantity second) {
        if (agree(first, second)) {
            return new Agreement(true, Optional.empty());
        }
        return new Agreement(false, likely(first, second));
    }

    private static boolean agree(Quantity first, Quantity second) {
        Conversion conversion = new Conversion(second, first.unit());
        Rational digit = second.unit().factor().over(first.unit().factor());
        return agree(first.min(), second.min(), conversion, digit)
                && agree(first.max(), second.max(), conversion, digit);
    }

    private static boolean agree(Bound a, Bound b, Conversion conversion, Rational factor) {
        if (a == null || b == null) {
            return a == b;
        }
        Rational other = conversion.exact(b);
        Rational coarser = a.lastDigit().max(b.lastDigit().times(factor));
        Rational larger = a.value().abs().max(other.abs());
        Rational within = coarser.times(HALF).plus(larger.times(SHARE));
        return a.value().minus(other).abs().compareTo(within) <= 0;
    }

    private static Optional<String> likely(Quantity first, Quantity second) {
        for (MeasureUnit meant : mistakenFor(second.unit())) {
            if (agree(first, in(second, meant))) {
                return Optional.of(second.unit().symbol() + " for " + meant.symbol());
            }
        }
        if (agree(first, times(second, TEN)) || agree(first, times(second, Rational.of(1, 10)))) {
            return Optional.of("factor 10");
        }
        return swapped(second).stream().anyMatch(s -> agree(first, s))
                ? Optional.of("digits swapped")
                : Optional.empty();
    }

    /** The units that a unit is mistaken for. */
    private static List<MeasureUnit> mistakenFor(MeasureUnit written) {
        return switch (written) {
            case POUND_FOOT -> List.of(MeasureUnit.POUND_INCH);
            case POUND_INCH -> List.of(MeasureUnit.POUND_FOOT);
            case NEWTON_METRE -> List.of(MeasureUnit.POUND_FOOT, MeasureUnit.POUND_INCH);
            default -> List.of();
        };
    }

    private static Quantity in(Quantity q, MeasureUnit unit) {
        return new Quantity(q.entered(), q.min(), q.max(), unit);
    }

    private static Quantity times(Quantity q, Rational factor) {
        return new Quantity(q.entered(), times(q.min(), factor), times(q.max(), factor), q.unit());
    }

    private static Bound times(Bound b, Rational factor) {
        if (b == null) {
            return null;
        }
        Rational value = b.value().times(factor);
        return new Bound(value, b.lastDigit().times(factor), value.toString());
    }

    /** The same with two neighbouring digits of one bound, or of both, exchanged. */
    private static List<Quantity> swapped(Quantity q) {
        List<Quantity> all = new ArrayList<>();
        List<Bound> lows = swapped(q.min());
        List<Bound> highs = swapped(q.max());
        if (q.single()) {
            lows.forEach(b -> add(all, b, b, q));
            return all;
        }
        for (Bound low : with(q.min(), lows)) {
            for (Bound high : with(q.max(), highs)) {
                add(all, low, high, q);
            }
        }
        return all;
    }

    private static void add(List<Quantity> all, Bound low, Bound high, Quantity q) {
        if (low == null || high == null || low.value().compareTo(high.value()) <= 0) {
            all.add(new Quantity(q.entered(), low, high, q.unit()));
        }
    }

    private static List<Bound> with(Bound as, List<Bound> swapped) {
        List<Bound> all = new ArrayList<>(swapped);
        all.add(as);
        return all;
    }

    private static List<Bound> swapped(Bound bound) {
        List<Bound> all = new ArrayList<>();
        if (bound == null || !bound.text().matches("[0-9.]+")) {
            return all;
        }
        char[] text = bound.text().toCharArray();
        int before = -1;
        for (int i = 0; i < text.length; i++) {
            if (text[i] == '.') {
                continue;
            }
            if (before >= 0 && text[before] != text[i]) {
                char[] other = text.clone();
                other[before] = text[i];
                other[i] = text[before];
                all.add(Bound.decimal(new String(other)));
            }
            before = i;
        }
        return all;
    }
}
