package methodos.core.quantity;

import java.math.BigDecimal;
import java.util.Objects;
import java.util.Optional;

/**
 * A value with its unit, exactly as it was entered: a single figure, a range, or a bound with one
 * side open. The entered value is what is judged, stored and printed first.
 *
 * @param entered the words it was read from
 * @param min the lower bound, null where open below
 * @param max the upper bound, null where open above; the same as {@code min} for a single figure
 */
public record Quantity(String entered, Bound min, Bound max, MeasureUnit unit) {

    /**
     * @throws IllegalArgumentException if both sides are open or the bounds are swapped
     */
    public Quantity {
        Objects.requireNonNull(unit);
        if (min == null && max == null) {
            throw new IllegalArgumentException("a quantity needs a number");
        }
        if (min != null && max != null && min.value().compareTo(max.value()) > 0) {
            throw new IllegalArgumentException(
                    min.text() + " is more than " + max.text() + ": the smaller one comes first");
        }
    }

    /**
     * Reads what people type: {@code 52-60 in-lb}, {@code 18 ± 2 Nm}, {@code ≥ 62 mm}, {@code 2 5/8
     * in}, {@code no more than 0.3 mm}.
     *
     * @throws IllegalArgumentException with a sentence that says what is not understood
     */
    public static Quantity parse(String text) {
        return QuantityReader.read(text);
    }

    /**
     * Reads a quantity of one kind.
     *
     * @throws IllegalArgumentException with a sentence if it is not understood or of another kind
     */
    public static Quantity parse(String text, MeasureUnit.Dimension dimension) {
        Quantity quantity = parse(text);
        if (quantity.unit().dimension() != dimension) {
            throw new IllegalArgumentException(
                    "“" + text.strip() + "” is no " + dimension.said() + ".");
        }
        return quantity;
    }

    /**
     * A quantity that was not typed but reckoned or heard.
     *
     * @param min in the unit, null where open below
     * @param max in the unit, null where open above
     * @throws IllegalArgumentException if both sides are open or the bounds are swapped
     */
    public static Quantity of(BigDecimal min, BigDecimal max, MeasureUnit unit) {
        Bound low = min == null ? null : Bound.decimal(min.toPlainString());
        Bound high = max == null ? null : Bound.decimal(max.toPlainString());
        Quantity bare = new Quantity("", low, high, unit);
        return new Quantity(bare.print(), low, high, unit);
    }

    /** Whether it was entered as about so much: it is told, and judges nothing. */
    public boolean about() {
        return QuantityReader.ABOUT.matcher(entered.strip()).lookingAt();
    }

    /** Whether it is one value and no range or bound. */
    public boolean single() {
        return min != null && max != null && min.value().equals(max.value());
    }

    /** The entered value in the words of print, such as {@code 7 to 8.5 N·m}. */
    public String print() {
        return digits() + unitSuffix();
    }

    /** The digits of {@link #print()} without the unit. */
    public String digits() {
        if (min == null) {
            return "≤ " + max.text();
        }
        if (max == null) {
            return "≥ " + min.text();
        }
        if (single()) {
            return (about() ? "about " : "") + min.text();
        }
        return min.text() + " to " + max.text();
    }

    private String unitSuffix() {
        return switch (unit) {
            case COUNT -> "";
            case DEGREE -> "°";
            default -> " " + unit.symbol();
        };
    }

    /** The same value in the other system of measures, rounded for print. */
    public Optional<Quantity> inOtherSystem() {
        Rational size = (max != null ? max : min).value();
        return unit.counterpart(size).map(other -> new Conversion(this, other).shown());
    }
}
