package methodos.core.quantity;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.memory.Remembered;

/**
 * A unit that people use beside a machine, with its exact factor to the SI unit of its dimension.
 *
 * <p>The factors follow from 1 in = 25.4 mm, 1 lb = 0.45359237 kg and g = 9.80665 m/s², all exact.
 */
public enum MeasureUnit {
    NEWTON_METRE(
            "N·m", Dimension.TORQUE, Rational.ONE, "newton metre", "newton meter", "newtonmetre"),
    POUND_FOOT(
            "lbf·ft",
            Dimension.TORQUE,
            Factors.POUND_FORCE.times(Factors.FOOT),
            "lb ft",
            "ft lb",
            "ft lbf",
            "foot pound",
            "pound foot",
            "pound feet",
            "foot pound force"),
    POUND_INCH(
            "lbf·in",
            Dimension.TORQUE,
            Factors.POUND_FORCE.times(Factors.INCH),
            "lb in",
            "in lb",
            "in lbf",
            "inch pound",
            "pound inch",
            "pound inches",
            "inch pound force"),
    MILLIMETRE("mm", Dimension.LENGTH, Rational.of(1, 1000), "millimetre", "millimeter"),
    CENTIMETRE("cm", Dimension.LENGTH, Rational.of(1, 100), "centimetre", "centimeter"),
    METRE("m", Dimension.LENGTH, Rational.ONE, "metre", "meter"),
    INCH("in", Dimension.LENGTH, Factors.INCH, "\"", "″", "inch", "inches"),
    FOOT("ft", Dimension.LENGTH, Factors.FOOT, "foot", "feet"),
    THOU("thou", Dimension.LENGTH, Factors.INCH.over(Rational.of(1000)), "thousandth"),
    MICROMETRE(
            "µm",
            Dimension.LENGTH,
            Rational.of(1, 1_000_000),
            "μm",
            "um",
            "micron",
            "micrometre",
            "micrometer"),
    BAR("bar", Dimension.PRESSURE, Rational.of(100_000)),
    MILLIBAR("mbar", Dimension.PRESSURE, Rational.of(100), "millibar"),
    PASCAL("Pa", Dimension.PRESSURE, Rational.ONE, "pascal"),
    KILOPASCAL("kPa", Dimension.PRESSURE, Rational.of(1000), "kilopascal"),
    MEGAPASCAL("MPa", Dimension.PRESSURE, Rational.of(1_000_000), "megapascal"),
    PSI(
            "psi",
            Dimension.PRESSURE,
            Factors.POUND_FORCE.over(Factors.INCH.times(Factors.INCH)),
            "pounds per square inch",
            "lbf/in²",
            "lb/in²"),
    /** The conventional one, of mercury at 0 °C. */
    INCH_OF_MERCURY(
            "inHg",
            Dimension.PRESSURE,
            Factors.MILLIMETRE_OF_MERCURY.times(Rational.of("25.4")),
            "in hg",
            "inch of mercury",
            "inches of mercury"),
    TORR("Torr", Dimension.PRESSURE, Rational.of(101_325, 760), "torr"),
    /** Of water at 4 °C (NIST SP 811, appendix B). */
    INCH_OF_WATER(
            "inH₂O",
            Dimension.PRESSURE,
            Rational.of("249.082"),
            "in h2o",
            "in wc",
            "inch of water",
            "inches of water",
            "inches of water column"),
    MILLIMETRE_OF_WATER(
            "mmH₂O",
            Dimension.PRESSURE,
            Rational.of("9.80638"),
            "mm h2o",
            "mm wc",
            "millimetre of water",
            "millimetres of water",
            "millimeters of water"),
    KILOGRAM("kg", Dimension.MASS, Rational.ONE, "kilo", "kilogram", "kgs"),
    GRAM("g", Dimension.MASS, Rational.of(1, 1000), "gram", "gramme"),
    TONNE("t", Dimension.MASS, Rational.of(1000), "tonne"),
    POUND("lb", Dimension.MASS, Factors.POUND, "lbs", "pound"),
    OUNCE("oz", Dimension.MASS, Factors.POUND.over(Rational.of(16)), "ounce"),
    NEWTON("N", Dimension.FORCE, Rational.ONE, "newton"),
    KILONEWTON("kN", Dimension.FORCE, Rational.of(1000), "kilonewton"),
    POUND_FORCE("lbf", Dimension.FORCE, Factors.POUND_FORCE, "pound force", "pounds force"),
    SECOND("s", Dimension.TIME, Rational.ONE, "sec", "second"),
    MINUTE("min", Dimension.TIME, Rational.of(60), "minute"),
    HOUR("h", Dimension.TIME, Rational.of(3600), "hour", "hr"),
    DAY("d", Dimension.TIME, Rational.of(86_400), "day"),
    DEGREE("deg", Dimension.ANGLE, Rational.ONE, "°", "degree"),
    TURN("turn", Dimension.ANGLE, Rational.of(360), "turns", "revolution"),
    VOLT("V", Dimension.VOLTAGE, Rational.ONE, "volt"),
    MILLIVOLT("mV", Dimension.VOLTAGE, Rational.of(1, 1000), "millivolt"),
    AMPERE("A", Dimension.CURRENT, Rational.ONE, "amp", "ampere"),
    MILLIAMPERE("mA", Dimension.CURRENT, Rational.of(1, 1000), "milliamp", "milliampere"),
    OHM("ohm", Dimension.RESISTANCE, Rational.ONE, "Ω", "Ω", "ω"),
    WATT("W", Dimension.POWER, Rational.ONE, "watt"),
    KILOWATT("kW", Dimension.POWER, Rational.of(1000), "kilowatt"),
    /** The mechanical one, of 550 foot-pounds a second. */
    HORSEPOWER(
            "hp",
            Dimension.POWER,
            Rational.of(550).times(Factors.POUND_FORCE).times(Factors.FOOT),
            "horsepower"),
    REVOLUTIONS(
            "rpm",
            Dimension.SPEED,
            Rational.ONE,
            "r/min",
            "rev/min",
            "revolutions per minute",
            "revs per minute"),
    METRE_PER_SECOND(
            "m/s", Dimension.VELOCITY, Rational.ONE, "metres per second", "meters per second"),
    METRE_PER_MINUTE(
            "m/min",
            Dimension.VELOCITY,
            Rational.of(1, 60),
            "metres per minute",
            "meters per minute"),
    KILOMETRE_PER_HOUR(
            "km/h",
            Dimension.VELOCITY,
            Rational.of(1000, 3600),
            "kph",
            "kilometres per hour",
            "kilometers per hour"),
    FOOT_PER_MINUTE(
            "ft/min",
            Dimension.VELOCITY,
            Factors.FOOT.over(Rational.of(60)),
            "fpm",
            "feet per minute",
            "foot per minute"),
    MILE_PER_HOUR(
            "mph",
            Dimension.VELOCITY,
            Factors.FOOT.times(Rational.of(5280, 3600)),
            "mi/h",
            "miles per hour"),
    LITRE("L", Dimension.VOLUME, Rational.of(1, 1000), "litre", "liter"),
    MILLILITRE("mL", Dimension.VOLUME, Rational.of(1, 1_000_000), "cc", "millilitre", "milliliter"),
    /** Of the United States, as all that follow. */
    GALLON("gal", Dimension.VOLUME, Factors.GALLON, "gallon", "us gal", "us gallon"),
    QUART("qt", Dimension.VOLUME, Factors.GALLON.over(Rational.of(4)), "quart", "us qt"),
    PINT("pt", Dimension.VOLUME, Factors.GALLON.over(Rational.of(8)), "pint"),
    FLUID_OUNCE("fl oz", Dimension.VOLUME, Factors.GALLON.over(Rational.of(128)), "fluid ounce"),
    LITRE_PER_MINUTE(
            "L/min",
            Dimension.FLOW,
            Rational.of(1, 60_000),
            "lpm",
            "litres per minute",
            "liters per minute",
            "litre per minute"),
    MILLILITRE_PER_MINUTE(
            "mL/min",
            Dimension.FLOW,
            Rational.of(1, 60_000_000),
            "cc/min",
            "millilitres per minute",
            "milliliters per minute"),
    CUBIC_FOOT_PER_MINUTE(
            "cfm",
            Dimension.FLOW,
            Factors.FOOT.times(Factors.FOOT).times(Factors.FOOT).over(Rational.of(60)),
            "ft³/min",
            "cubic feet per minute",
            "cubic foot per minute"),
    GALLON_PER_MINUTE(
            "gpm",
            Dimension.FLOW,
            Factors.GALLON.over(Rational.of(60)),
            "gal/min",
            "gallons per minute"),
    CELSIUS(
            "°C",
            Dimension.TEMPERATURE,
            Rational.ONE,
            "℃",
            "degc",
            "c",
            "celsius",
            "centigrade",
            "degrees celsius",
            "degree celsius",
            "degrees centigrade"),
    FAHRENHEIT(
            "°F",
            Dimension.TEMPERATURE,
            Rational.of(5, 9),
            "℉",
            "degf",
            "f",
            "fahrenheit",
            "degrees fahrenheit",
            "degree fahrenheit"),
    KELVIN("K", Dimension.TEMPERATURE, Rational.ONE, "kelvin"),
    PERCENT("%", Dimension.RATIO, Rational.of(1, 100), "percent", "per cent", "pct"),
    COUNT("", Dimension.COUNT, Rational.ONE, "off", "time", "stroke", "cycle");

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
        /** Of rotation. */
        SPEED,
        VELOCITY,
        POWER,
        VOLUME,
        FLOW,
        TEMPERATURE,
        RATIO,
        COUNT;

        /** What a quantity of this kind is called in a sentence. */
        public String said() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private static final class Factors {
        static final Rational INCH = Rational.of("0.0254");
        static final Rational FOOT = Rational.of("0.3048");
        static final Rational GALLON = Rational.of("0.003785411784");
        static final Rational MILLIMETRE_OF_MERCURY = Rational.of("133.322387415");
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

    /** As it is printed. */
    public String symbol() {
        return symbol;
    }

    /** What it measures. */
    public Dimension dimension() {
        return dimension;
    }

    /**
     * How many of the dimension's base unit one of this unit is: of SI, of temperatures degrees
     * Celsius, of angles degrees. Of a temperature it is that of a difference.
     */
    public Rational factor() {
        return factor;
    }

    /** A value of this unit in the dimension's base unit. */
    Rational toBase(Rational value) {
        return value.times(factor).plus(nought());
    }

    /** A value of the dimension's base unit in this one. */
    Rational fromBase(Rational value) {
        return value.minus(nought()).over(factor);
    }

    /** Where its nought lies in the base unit; only temperatures have one of their own. */
    private Rational nought() {
        return switch (this) {
            case FAHRENHEIT -> Rational.of(-160, 9);
            case KELVIN -> ABSOLUTE_ZERO;
            default -> Rational.ZERO;
        };
    }

    private static final Rational ABSOLUTE_ZERO = Rational.of("-273.15");

    /** Whether there is such a temperature; of other dimensions everything may be. */
    boolean possible(Rational value) {
        return dimension != Dimension.TEMPERATURE || toBase(value).compareTo(ABSOLUTE_ZERO) >= 0;
    }

    /**
     * The unit that people write so, in any of the usual spellings: in full or short, singular or
     * plural, with stops, hyphens, points or spaces between.
     */
    public static Optional<MeasureUnit> named(String text) {
        String name = text.strip();
        MeasureUnit exact = Spellings.SYMBOLS.get(name);
        return exact != null ? Optional.of(exact) : Spellings.READ.of(name);
    }

    /** "revolutions per minute", "litres a minute". */
    private static final Pattern EACH = Pattern.compile("\\bper\\b|\\b(?<=\\s)an?\\b");

    private static final Pattern BETWEEN = Pattern.compile("[\\s.·⋅•_‑–-]");

    /** What is left of a spelling when case, stops and what stands between words is taken away. */
    private static String plain(String spelling) {
        String each = EACH.matcher(spelling.toLowerCase(Locale.ROOT)).replaceAll("/");
        return BETWEEN.matcher(each.replace('₂', '2')).replaceAll("");
    }

    /** Every spelling in its plain form; made when it is first needed. */
    private static final class Spellings {
        static final Map<String, MeasureUnit> SYMBOLS =
                Stream.of(values())
                        .collect(Collectors.toMap(u -> u.symbol, u -> u, (first, other) -> first));
        static final Map<String, MeasureUnit> UNITS = all();

        /** The same few words are asked for again and again where speech is searched for units. */
        static final Remembered<String, Optional<MeasureUnit>> READ =
                new Remembered<>(Spellings::read);

        private Spellings() {}

        private static Optional<MeasureUnit> read(String name) {
            String plain = plain(name);
            MeasureUnit unit = UNITS.get(plain);
            if (unit == null && plain.endsWith("s")) {
                unit = UNITS.get(plain.substring(0, plain.length() - 1));
            }
            return Optional.ofNullable(unit);
        }

        private static Map<String, MeasureUnit> all() {
            Map<String, MeasureUnit> units = new HashMap<>();
            for (MeasureUnit unit : values()) {
                units.putIfAbsent(plain(unit.symbol), unit);
                for (String spelling : unit.spellings) {
                    MeasureUnit other = units.putIfAbsent(plain(spelling), unit);
                    if (other != null && other != unit) {
                        throw new IllegalStateException(spelling + " is " + other + " and " + unit);
                    }
                }
            }
            return units;
        }
    }

    /**
     * The unit in which the other system of measures states the same thing, if there is one: one
     * that people use for that size.
     */
    public Optional<MeasureUnit> counterpart(Rational size) {
        return Optional.ofNullable(
                switch (this) {
                    case NEWTON_METRE ->
                            size.compareTo(Rational.of(30)) < 0 ? POUND_INCH : POUND_FOOT;
                    case POUND_FOOT, POUND_INCH -> NEWTON_METRE;
                    case MILLIMETRE, CENTIMETRE, MICROMETRE -> INCH;
                    case METRE -> FOOT;
                    case INCH, THOU -> MILLIMETRE;
                    case FOOT -> METRE;
                    case BAR, MEGAPASCAL -> PSI;
                    case KILOPASCAL ->
                            size.abs().compareTo(Rational.of(7)) < 0 ? INCH_OF_WATER : PSI;
                    case MILLIBAR ->
                            size.abs().compareTo(Rational.of(70)) < 0 ? INCH_OF_WATER : PSI;
                    case PASCAL, MILLIMETRE_OF_WATER -> INCH_OF_WATER;
                    case TORR -> INCH_OF_MERCURY;
                    case PSI -> BAR;
                    case INCH_OF_WATER -> MILLIBAR;
                    case INCH_OF_MERCURY -> KILOPASCAL;
                    case KILOGRAM -> POUND;
                    case GRAM -> OUNCE;
                    case POUND -> KILOGRAM;
                    case OUNCE -> GRAM;
                    case NEWTON -> POUND_FORCE;
                    case POUND_FORCE -> NEWTON;
                    case KILOWATT -> HORSEPOWER;
                    case HORSEPOWER -> KILOWATT;
                    case KILOMETRE_PER_HOUR -> MILE_PER_HOUR;
                    case MILE_PER_HOUR -> KILOMETRE_PER_HOUR;
                    case METRE_PER_MINUTE -> FOOT_PER_MINUTE;
                    case FOOT_PER_MINUTE -> METRE_PER_MINUTE;
                    case LITRE -> size.compareTo(Rational.of(4)) < 0 ? QUART : GALLON;
                    case MILLILITRE -> FLUID_OUNCE;
                    case GALLON, QUART, PINT -> LITRE;
                    case FLUID_OUNCE -> MILLILITRE;
                    case LITRE_PER_MINUTE -> GALLON_PER_MINUTE;
                    case GALLON_PER_MINUTE, CUBIC_FOOT_PER_MINUTE -> LITRE_PER_MINUTE;
                    case CELSIUS -> FAHRENHEIT;
                    case FAHRENHEIT -> CELSIUS;
                    default -> null;
                });
    }
}
