package methodos.core.change;

import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;

/**
 * A span in which something is done, and how far around it nothing else is; to a thousandth of a
 * second.
 *
 * @param from seconds
 * @param to seconds, not before {@code from}
 * @param earliest seconds, not after {@code from}
 * @param latest seconds, not before {@code to}
 */
public record SearchSpan(double from, double to, double earliest, double latest) {

    /** As one word, which {@link #of} reads. */
    public String text() {
        return DoubleStream.of(from, to, earliest, latest)
                .mapToObj(v -> String.format(Locale.ROOT, "%.3f", v))
                .collect(Collectors.joining(":"));
    }

    /**
     * @throws IllegalArgumentException if it is no such word
     */
    public static SearchSpan of(String text) {
        String[] parts = text.split(":");
        if (parts.length != 4) {
            throw new IllegalArgumentException("no span: " + text);
        }
        return new SearchSpan(
                Double.parseDouble(parts[0]),
                Double.parseDouble(parts[1]),
                Double.parseDouble(parts[2]),
                Double.parseDouble(parts[3]));
    }
}
