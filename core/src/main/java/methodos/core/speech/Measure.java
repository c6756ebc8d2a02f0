package methodos.core.speech;

import java.util.regex.Pattern;
import methodos.core.quantity.Rational;

/**
 * A quantity that is said.
 *
 * @param from the first of the tokens
 * @param to behind the last of them
 * @param min null where it is open
 * @param max null where it is open
 * @param unit in the spelling of print: "N·m", "lbf·ft", "lbf·in", "mm", "in", "µm", "bar", "°C"
 *     ...; "degree" where the words leave open whether an angle or a temperature is meant; "" for a
 *     bare number
 * @param bound which side the words name
 */
public record Measure(int from, int to, Rational min, Rational max, String unit, Bound bound) {

    private static final Pattern WHOLE = Pattern.compile("\\d+");

    /** Which side of a figure the words name. */
    public enum Bound {
        /** The figure itself, or a range. */
        NONE,
        /** "at least", "no less than", "minimum". */
        AT_LEAST,
        /** "no more than", "up to", "max". */
        AT_MOST,
        /** "less than", "under": a limit, or, where the words reject, what is not good enough. */
        LESS,
        /** "more than", "over": the same on the other side. */
        MORE
    }

    /** Whether its unit is one of torque. */
    public boolean torque() {
        return unit.equals("N·m") || unit.equals("lbf·ft") || unit.equals("lbf·in");
    }

    /** Whether its unit is one of time. */
    public boolean time() {
        return unit.equals("s") || unit.equals("min") || unit.equals("h");
    }

    /** The larger bound in seconds, of a time. */
    public double seconds() {
        double each = unit.equals("h") ? 3600 : unit.equals("min") ? 60 : 1;
        return (max == null ? min : max).toDouble() * each;
    }

    /** Whether its unit is one of mass. */
    public boolean weight() {
        return unit.equals("kg") || unit.equals("lb") || unit.equals("ton");
    }

    /** Whether it is, or may be, a temperature. */
    public boolean temperature() {
        return unit.startsWith("°") || unit.equals("degree");
    }

    /** Whether its unit is one of pressure. */
    public boolean pressure() {
        return unit.equals("bar") || unit.equals("psi");
    }

    /** Whether all of it is less than a figure in its own unit. */
    public boolean below(double figure) {
        return (max == null ? min : max).toDouble() < figure;
    }

    /** Whether its unit is one of volume. */
    public boolean volume() {
        return unit.equals("L") || unit.equals("mL");
    }

    /** Whether it counts turns. */
    public boolean turns() {
        return unit.equals("turn");
    }

    /** How often something is done. */
    public boolean cycles() {
        return unit.equals("times");
    }

    /** Whether no unit is said. */
    public boolean bare() {
        return unit.isEmpty();
    }

    /** Whether its unit is one of length. */
    public boolean length() {
        return unit.equals("mm") || unit.equals("in") || unit.equals("µm") || unit.equals("cm");
    }

    /** The same figure in another unit; nothing is converted. */
    public Measure in(String other) {
        return new Measure(from, to, min, max, other, bound);
    }

    /** What is good where the words say what is not: "under 55: new" asks for at least 55. */
    public Measure turnedRound() {
        return switch (bound) {
            case LESS -> new Measure(from, to, max, null, unit, Bound.AT_LEAST);
            case MORE -> new Measure(from, to, null, min, unit, Bound.AT_MOST);
            default -> this;
        };
    }

    /** Whether the figure, or the lower one of two, has no fraction. */
    public boolean whole() {
        return WHOLE.matcher((min == null ? max : min).toString()).matches();
    }

    /** Whether it is one value and no range or bound. */
    public boolean single() {
        return min != null && max != null && min.equals(max);
    }
}
