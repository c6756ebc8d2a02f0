package methodos.core.torque;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Nominal size of a screw thread: metric (ISO 261: M8x1.25, M8 for the coarse pitch) or unified
 * (ASME B1.1: 3/8-16, #10-32).
 *
 * @param diameter nominal, in mm
 * @param pitch in mm
 * @param metric whether it is a metric thread, which decides how its stress area is reckoned
 */
public record ThreadSize(double diameter, double pitch, boolean metric) {

    private static final double INCH = 25.4;

    /** Diameter of a numbered size: 0.060 in + 0.013 in for each number (ASME B1.1). */
    private static final double NUMBER_NOUGHT = 0.060;

    private static final double EACH_NUMBER = 0.013;

    /** Coarse pitches of ISO 261, first choice and the usual second, by diameter in mm. */
    private static final Map<String, Double> COARSE =
            Map.ofEntries(
                    Map.entry("1.6", 0.35),
                    Map.entry("2", 0.4),
                    Map.entry("2.5", 0.45),
                    Map.entry("3", 0.5),
                    Map.entry("3.5", 0.6),
                    Map.entry("4", 0.7),
                    Map.entry("5", 0.8),
                    Map.entry("6", 1.0),
                    Map.entry("7", 1.0),
                    Map.entry("8", 1.25),
                    Map.entry("10", 1.5),
                    Map.entry("12", 1.75),
                    Map.entry("14", 2.0),
                    Map.entry("16", 2.0),
                    Map.entry("18", 2.5),
                    Map.entry("20", 2.5),
                    Map.entry("22", 2.5),
                    Map.entry("24", 3.0),
                    Map.entry("27", 3.0),
                    Map.entry("30", 3.5),
                    Map.entry("33", 3.5),
                    Map.entry("36", 4.0),
                    Map.entry("39", 4.0),
                    Map.entry("42", 4.5));

    /** The pitch ends at a length: in M6 × 25 the 25 is none. */
    private static final Pattern METRIC =
            Pattern.compile("M\\s*(\\d+(?:\\.\\d+)?)(?:\\s*[x×*]\\s*(\\d+(?:\\.\\d+)?))?.*");

    private static final Pattern UNIFIED =
            Pattern.compile("(#\\s*\\d+|\\d+ \\d+/\\d+|\\d+/\\d+|\\d+)\\s*-\\s*(\\d+)\\b.*");

    public ThreadSize {
        if (!(diameter > 0) || !(pitch > 0) || pitch >= diameter) {
            throw new IllegalArgumentException("There is no such thread.");
        }
    }

    /**
     * @throws IllegalArgumentException with a sentence if it is no thread that is known
     */
    public static ThreadSize parse(String text) {
        String plain = text.strip().toUpperCase(Locale.ROOT).replace('×', 'x').replace('X', 'x');
        Matcher metric = METRIC.matcher(plain);
        if (metric.matches()) {
            double diameter = Double.parseDouble(metric.group(1));
            double second = metric.group(2) == null ? 0 : Double.parseDouble(metric.group(2));
            boolean pitch = second > 0 && second <= LARGEST_PITCH * diameter;
            return new ThreadSize(diameter, pitch ? second : coarse(metric.group(1), text), true);
        }
        Matcher unified = UNIFIED.matcher(plain);
        if (unified.matches()) {
            double threads = Double.parseDouble(unified.group(2));
            if (threads > 0) {
                return new ThreadSize(inches(unified.group(1)) * INCH, INCH / threads, false);
            }
        }
        throw new IllegalArgumentException(
                "“" + text.strip() + "” is no thread such as M8x1.25, 3/8-16 or #10-32.");
    }

    /** No pitch is a larger share of the diameter; a second number that is, is a length. */
    private static final double LARGEST_PITCH = 0.25;

    private static double coarse(String diameter, String text) {
        Double pitch = COARSE.get(diameter);
        if (pitch == null) {
            throw new IllegalArgumentException(
                    "“" + text.strip() + "” has no coarse pitch; say it, as in M8x1.25.");
        }
        return pitch;
    }

    private static double inches(String text) {
        if (text.startsWith("#")) {
            return NUMBER_NOUGHT + EACH_NUMBER * Double.parseDouble(text.substring(1).strip());
        }
        double sum = 0;
        for (String part : text.split(" ")) {
            String[] fraction = part.split("/");
            sum +=
                    fraction.length == 1
                            ? Double.parseDouble(part)
                            : Double.parseDouble(fraction[0]) / Double.parseDouble(fraction[1]);
        }
        return sum;
    }

    /**
     * Tensile stress area in mm²: π/4 (d − 0.9382 p)² for metric threads (ISO 898-1), π/4 (d −
     * 0.9743/n)² for unified ones (ASME B1.1), which is the same with the pitch 1/n.
     */
    public double stressArea() {
        double core = diameter - (metric ? 0.9382 : 0.9743) * pitch;
        return Math.PI / 4 * core * core;
    }
}
