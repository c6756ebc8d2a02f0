package methodos.core.finder;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * What somebody types to find a line. Each of its words has to be in the line: as a whole word, as
 * the beginning of one, or, from three letters on, within one; a number also where the line has a
 * range that it lies in.
 */
public final class Query {

    private static final int WHOLE = 4;
    private static final int BEGINNING = 3;
    private static final int RANGE = 3;
    private static final int WITHIN = 1;

    /** Fewer letters are within too many words. */
    private static final int LEAST_WITHIN = 3;

    /** What a line gains that begins as what is typed does. */
    private static final int FIRST = 3;

    private static final Pattern NUMBER = Pattern.compile("\\d+(?:[.,]\\d+)?");
    private static final Pattern SPAN =
            Pattern.compile("(\\d+(?:[.,]\\d+)?) ?(?:to|–|-) ?(\\d+(?:[.,]\\d+)?)");
    private static final Pattern BETWEEN = Pattern.compile("[^\\p{L}\\p{N}.,]+|[.,](?!\\d)");

    private final String typed;
    private final List<String> words;

    public Query(String typed) {
        this.typed = typed.strip().toLowerCase(Locale.ROOT);
        this.words = words(this.typed);
    }

    /** Whether there is nothing to look for. */
    public boolean isEmpty() {
        return words.isEmpty();
    }

    /**
     * How well a line fits.
     *
     * @return 0 where a word is not in it; more is better
     */
    public int fit(String line) {
        String lower = line.toLowerCase(Locale.ROOT);
        List<String> its = words(lower);
        int fit = 0;
        for (String word : words) {
            int best = its.stream().mapToInt(w -> fit(word, w)).max().orElse(0);
            if (NUMBER.matcher(word).matches() && spans(lower, word)) {
                best = Math.max(best, RANGE);
            }
            if (best == 0) {
                return 0;
            }
            fit += best;
        }
        return words.isEmpty() ? 0 : fit + (lower.startsWith(typed) ? FIRST : 0);
    }

    private static int fit(String typed, String word) {
        if (word.equals(typed)) {
            return WHOLE;
        }
        if (word.startsWith(typed)) {
            return BEGINNING;
        }
        return typed.length() >= LEAST_WITHIN && word.contains(typed) ? WITHIN : 0;
    }

    private static boolean spans(String line, String number) {
        BigDecimal wanted = decimal(number);
        Matcher span = SPAN.matcher(line);
        while (span.find()) {
            boolean above = decimal(span.group(1)).compareTo(wanted) <= 0;
            if (above && decimal(span.group(2)).compareTo(wanted) >= 0) {
                return true;
            }
        }
        return false;
    }

    private static BigDecimal decimal(String number) {
        return new BigDecimal(number.replace(',', '.'));
    }

    private static List<String> words(String text) {
        return Stream.of(BETWEEN.split(text)).filter(w -> !w.isEmpty()).toList();
    }
}
