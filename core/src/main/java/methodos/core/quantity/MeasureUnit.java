package methodos.core.quantity;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A unit that people use beside a machine, with its exact factor to the SI unit of its dimension.
 *
 * <p>The factors follow from 1 in = 25.4 mm, 1 lb = 0.45359237 kg and g = 9.80665 m/s², all exact.
 */
public enum MeasureUnit {
    NEWTON_METRE(
            "N·m",
            Dimension.TORQUE,
            Rational.ONE,
            "nm",
            "n.m",
            "newton metre",
            "newton meter",
            "newton metres",
            "newton meters"),
    POUND_FOOT(
            "lbf·ft",
            Dimension.TORQUE,
            Factors.POUND_FORCE.times(Factors.FOOT),
            "lb-ft",
            "ft-lb",
            "ft-lbs",
            "lb ft",
            "ft lb",
            "ft lbs",
            "lbft",
            "ftlb",
            "lbf ft",
            "foot pound",
            "foot pounds",
            "pound feet"),
    POUND_INCH(
            "lbf·in",
            Dimension.TORQUE,
            Factors.POUND_FORCE.times(Factors.INCH),
            "in-lb",
            "in-lbs",
            "lb-in",
            "in lb",
            "in lbs",
            "lb in",
            "inlb",
            "lbf in",
            "inch pound",
            "inch pounds"),
    MILLIMETRE(
            "mm",
            Dimension.LENGTH,
            Rational.of(1, 1000),
            "millimetre",
            "millimetres",
            "millimeter",
            "millimeters"),
    CENTIMETRE("cm", Dimension.LENGTH, Rational.of(1, 100)),
    METRE("m", Dimension.LENGTH, Rational.ONE, "metre", "metres"),
    INCH("in", Dimension.LENGTH, Factors.INCH, "\"", "″", "inch", "inches"),
    THOU("thou", Dimension.LENGTH, Factors.INCH.over(Rational.of(1000)), "thousandths", "mil"),
    MICROMETRE("µm", Dimension.LENGTH, Rational.of(1, 1_000_000), "micron", "microns"),
    BAR("bar", Dimension.PRESSURE, Rational.of(100_000)),
    MILLIBAR("mbar", Dimension.PRESSURE, Rational.of(100), "millibar"),
    KILOPASCAL("kPa", Dimension.PRESSURE, Rational.of(1000)),
    MEGAPASCAL("MPa", Dimension.PRESSURE, Rational.of(1_000_000)),
    PSI("psi", Dimension.PRESSURE, Factors.POUND_FORCE.over(Factors.INCH.times(Factors.INCH))),
    KILOGRAM("kg", Dimension.MASS, Rational.ONE),
    GRAM("g", Dimension.MASS, Rational.of(1, 1000)),
    POUND("lb", Dimension.MASS, Factors.POUND, "lbs"),
    NEWTON("N", Dimension.FORCE, Rational.ONE),
    KILONEWTON("kN", Dimension.FORCE, Rational.of(1000)),
    SECOND("s", Dimension.TIME, Rational.ONE, "sec", "second", "seconds"),
    MINUTE("min", Dimension.TIME, Rational.of(60), "minute", "minutes"),
    HOUR("h", Dimension.TIME, Rational.of(3600), "hour", "hours"),
    DEGREE("deg", Dimension.ANGLE, Rational.ONE, "°", "degree", "degrees"),
    TURN("turn", Dimension.ANGLE, Rational.of(360), "turns"),
    VOLT("V", Dimension.VOLTAGE, Rational.ONE, "volt", "volts"),
    AMPERE("A", Dimension.CURRENT, Rational.ONE, "amp", "amps"),
    OHM("ohm", Dimension.RESISTANCE, Rational.ONE, "Ω", "ohms"),
    REVOLUTIONS("rpm", Dimension.SPEED, Rational.ONE, "r/min"),
    LITRE("L", Dimension.VOLUME, Rational.of(1, 1000), "litre", "litres", "liter", "liters"),
    MILLILITRE("mL", Dimension.VOLUME, Rational.of(1, 1_000_000), "cc", "millilitre", "milliliter"),
    CELSIUS("°C", Dimension.TEMPERATURE, Rational.ONE, "degc"),
    COUNT("", Dimension.COUNT, Rational.ONE, "off", "times", "strokes", "cycles");

    /** What a unit measures; only units of one dimension convert into each other. */
    public enum Dimension {
        TORQUE,
        LENGTH,
        PRESSURE,
        MASS,
        FORCE,
        TIME,
        ANGLE,
        VOLTAGE,
        CURRENT,
        RESISTANCE,
        SPEED,
        VOLUME,
        TEMPERATURE,
        COUNT
    }

    private static final class Factors {
        static final Rational INCH = Rational.of("0.0254");
        static final Rational FOOT = Rational.of("0.3048");
        static final Rational POUND = Rational.of("0.45359237");
        static final Rational POUND_FORCE = POUND.times(Rational.of("9.80665"));
    }

    private final String symbol;
    private final Dimension dimension;
    private final Rational factor;
    private final List<String> spellings;

    MeasureUnit(String symbol, Dimension dimension, Rational factor, String... spellings) {
        this.symbol = symbol;
        this.dimension = dimension;
        this.factor = factor;
        this.spellings = List.of(spellings);
    }

    public String symbol() {
        return symbol;
    }

    public Dimension dimension() {
        return dimension;
    }

    /** How many SI units of the dimension one of this unit is. */
    public Rational factor() {
        return factor;
    }

    /** The unit that people write so, in any of the usual spellings. */
    public static Optional<MeasureUnit> named(String text) {
        String name = text.strip();
        return Arrays.stream(values())
                .filter(u -> u.symbol.equals(name))
                .findFirst()
                .or(
                        () -> {
                            String plain = name.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
                            return Arrays.stream(values())
                                    .filter(
                                            u ->
                                                    u.symbol.toLowerCase(Locale.ROOT).equals(plain)
                                                            || u.spellings.contains(plain))
                                    .findFirst();
                        });
    }

    /** The unit in which the other system of measures states the same thing, if there is one. */
    public Optional<MeasureUnit> counterpart(Rational size) {
        return Optional.ofNullable(
                switch (this) {
                    case NEWTON_METRE ->
                            size.compareTo(Rational.of(30)) < 0 ? POUND_INCH : POUND_FOOT;
                    case POUND_FOOT, POUND_INCH -> NEWTON_METRE;
                    case MILLIMETRE, CENTIMETRE -> INCH;
                    case INCH, THOU -> MILLIMETRE;
                    case BAR, KILOPASCAL, MEGAPASCAL, MILLIBAR -> PSI;
                    case PSI -> BAR;
                    case KILOGRAM -> POUND;
                    case POUND -> KILOGRAM;
                    default -> null;
                });
    }
}
