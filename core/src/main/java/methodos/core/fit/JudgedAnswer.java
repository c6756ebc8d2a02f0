package methodos.core.fit;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import methodos.core.manual.Answer;
import methodos.core.manual.Reading;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;
import methodos.core.quantity.Rational;

/**
 * What was answered to a reading, and what the manual says of it.
 *
 * @param given as it was typed, or as it stands in the list of answers
 * @param judged the number that was judged, with its unit: the difference where the reading is held
 *     against an earlier one; empty for words
 * @param verdict empty where the answer is only written down
 */
public record JudgedAnswer(
        String given, Optional<Quantity> judged, Optional<ReadingVerdict> verdict) {

    private static final Pattern NUMBER = Pattern.compile("[-+]?\\d+([.,]\\d+)?");

    /** Whether the manual says just that of it. */
    public boolean is(ReadingVerdict one) {
        return verdict.filter(v -> v == one).isPresent();
    }

    /**
     * Judges one answer.
     *
     * @param typed a number without a unit is in that of the reading
     * @param earlier what was answered to the reading that it is held against; null where it is
     *     held against none, or nothing was answered
     * @param resolution smallest step of the instrument, null where it is not known
     * @throws IllegalArgumentException with a sentence if it is no answer to that reading
     */
    public static JudgedAnswer of(
            Reading reading, String typed, String earlier, Quantity resolution) {
        String text = typed.strip();
        if (reading.answer() instanceof Answer.Choice choice) {
            return choice(choice, text);
        }
        if (reading.answer() instanceof Answer.Written written) {
            return written(written, text, reading.against() == null ? null : earlier);
        }
        Optional<MeasureUnit> unit = knownUnit(reading);
        if (unit.isEmpty()) {
            return noted(text);
        }
        Quantity value = number(text, unit.get());
        Optional<Quantity> judged =
                reading.against() == null
                        ? Optional.of(value)
                        : Optional.ofNullable(earlier)
                                .map(e -> less(value, number(e.strip(), value.unit())));
        return new JudgedAnswer(
                value.print(),
                judged,
                judged.flatMap(
                        j ->
                                reading.known()
                                        .filter(limit -> !limit.about())
                                        .map(limit -> ReadingVerdict.of(limit, resolution, j))));
    }

    /**
     * The unit in which a number is read: that of the answer, or of the limit.
     *
     * @throws IllegalArgumentException if it has none
     */
    public static MeasureUnit unit(Reading reading) {
        return knownUnit(reading)
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "The unit of “" + reading.what() + "” is not known."));
    }

    /** The unit in which a number is read, empty for a mere number and where the limit is open. */
    public static Optional<MeasureUnit> knownUnit(Reading reading) {
        Optional<MeasureUnit> named = Optional.empty();
        if (reading.answer() instanceof Answer.Noted noted) {
            named = MeasureUnit.named(noted.unit());
        } else if (reading.answer() instanceof Answer.Reckoned reckoned) {
            named = MeasureUnit.named(reckoned.unit());
        }
        return named.or(() -> reading.known().map(Quantity::unit));
    }

    /** A mere number, or one with whatever unit it was typed with: nothing is asked of it. */
    private static JudgedAnswer noted(String typed) {
        if (!NUMBER.matcher(typed).matches()) {
            Quantity value = Quantity.parse(typed);
            if (!value.single()) {
                throw new IllegalArgumentException("“" + typed + "” is no single reading.");
            }
            return new JudgedAnswer(value.print(), Optional.of(value), Optional.empty());
        }
        return new JudgedAnswer(typed, Optional.empty(), Optional.empty());
    }

    private static JudgedAnswer choice(Answer.Choice choice, String typed) {
        String given =
                choice.answers().stream()
                        .filter(a -> a.equalsIgnoreCase(typed))
                        .findFirst()
                        .orElseThrow(
                                () ->
                                        new IllegalArgumentException(
                                                "“"
                                                        + typed
                                                        + "” is none of: "
                                                        + String.join(", ", choice.answers())
                                                        + "."));
        return new JudgedAnswer(
                given,
                Optional.empty(),
                choice.good().isEmpty()
                        ? Optional.empty()
                        : Optional.of(verdict(choice.good().contains(given))));
    }

    /** Blanks between the characters of a number on a plate, and their case, tell nothing. */
    private static JudgedAnswer written(Answer.Written written, String typed, String earlier) {
        Optional<ReadingVerdict> verdict = Optional.empty();
        if (!written.among().isEmpty()) {
            verdict = Optional.of(verdict(among(written.among(), typed)));
        }
        if (earlier != null && verdict.filter(v -> v == ReadingVerdict.FAIL).isEmpty()) {
            verdict = Optional.of(verdict(plain(earlier).equals(plain(typed))));
        }
        return new JudgedAnswer(typed, Optional.empty(), verdict);
    }

    private static boolean among(List<String> list, String typed) {
        return list.stream().anyMatch(w -> plain(w).equals(plain(typed)));
    }

    private static String plain(String words) {
        return words.replaceAll("\\s", "").toUpperCase(Locale.ROOT);
    }

    private static ReadingVerdict verdict(boolean good) {
        return good ? ReadingVerdict.PASS : ReadingVerdict.FAIL;
    }

    private static Quantity number(String typed, MeasureUnit unit) {
        List<Quantity> read = QuantityList.parse(typed, unit);
        if (read.size() != 1 || !read.get(0).single()) {
            throw new IllegalArgumentException("“" + typed + "” is no single reading.");
        }
        return read.get(0);
    }

    /** How much more one is than another, in its unit. */
    private static Quantity less(Quantity value, Quantity earlier) {
        Rational before = new Conversion(earlier, value.unit()).exact(earlier.min());
        Rational more = value.min().value().minus(before);
        return Quantity.of(
                new BigDecimal(more.toDecimal()), new BigDecimal(more.toDecimal()), value.unit());
    }
}
