package methodos.core.parts;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.manual.Part;

/** How large a part is as its size is written, so that it can be drawn as it lies on the bench. */
public sealed interface TrueSize {

    /**
     * A screw with a cylindrical head, lying; all in mm.
     *
     * @param length of the shank under the head
     */
    record Screw(double diameter, double length) implements TrueSize {

        /** Diameter of the head: one and a half of the thread (ISO 4762, up to M24). */
        public double head() {
            return 1.5 * diameter;
        }
    }

    /**
     * A nut on its face; in mm.
     *
     * @param across its flats
     */
    record Nut(double across) implements TrueSize {}

    /** A ring that lies flat; in mm. */
    record Ring(double inner, double outer) implements TrueSize {}

    /** A round pin, lying; in mm. */
    record Pin(double diameter, double length) implements TrueSize {}

    /** The size of a part, in mm; empty where what is written does not tell it. */
    static Optional<TrueSize> of(Part part) {
        return Sizes.read(part.name().toLowerCase(Locale.ROOT), part.size());
    }

    /** What is written in the column of sizes. */
    final class Sizes {

        private static final String NUMBER = "(\\d+(?:\\.\\d+)?)";
        private static final Pattern THREAD =
                Pattern.compile("M" + NUMBER + "(?:\\s*[×x]\\s*" + NUMBER + ")?");
        private static final Pattern TWO = Pattern.compile(NUMBER + "\\s*[×x]\\s*" + NUMBER);

        /** A second number that is less than this share of the thread is its pitch. */
        private static final double PITCH = 0.6;

        /** Width across flats of hexagon nuts by thread (ISO 4032, ISO 272). */
        private static final double[][] NUTS = {
            {3, 5.5}, {4, 7}, {5, 8}, {6, 10}, {8, 13}, {10, 16}, {12, 18}, {14, 21}, {16, 24},
            {20, 30}, {24, 36}, {30, 46}
        };

        private Sizes() {}

        private static Optional<TrueSize> read(String name, String size) {
            Matcher thread = THREAD.matcher(size);
            if (thread.matches()) {
                double diameter = number(thread, 1);
                double second = thread.group(2) == null ? 0 : number(thread, 2);
                return second > PITCH * diameter
                        ? Optional.of(new Screw(diameter, second))
                        : nut(diameter);
            }
            Matcher two = TWO.matcher(size);
            if (!two.matches()) {
                return Optional.empty();
            }
            double first = number(two, 1);
            double second = number(two, 2);
            if (name.contains("ring") || name.contains("washer") || name.contains("seal")) {
                return Optional.of(
                        second > first // both diameters; else the diameter and the section
                                ? new Ring(first, second)
                                : new Ring(first, first + 2 * second));
            }
            return second > first ? Optional.of(new Pin(first, second)) : Optional.empty();
        }

        private static double number(Matcher matcher, int group) {
            return Double.parseDouble(matcher.group(group));
        }

        private static Optional<TrueSize> nut(double thread) {
            for (double[] nut : NUTS) {
                if (nut[0] == thread) {
                    return Optional.of(new Nut(nut[1]));
                }
            }
            return Optional.empty();
        }
    }
}
