package methodos.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import methodos.core.manual.Applicability;
import methodos.core.manual.Manual;
import methodos.core.manual.Model;
import methodos.core.manual.SerialRange;
import methodos.core.manual.UnitOption;
import methodos.core.manual.Variant;

/** Which units a spoken condition names by model, serial number or option. */
final class ConditionSaid {

    private static final String NUMBER = "([a-z]{0,4})[- ]?(\\d{3,15})";
    private static final Pattern SERIAL = Pattern.compile("\\bserial\\b");
    private static final Pattern BETWEEN =
            Pattern.compile(NUMBER + "\\s*(?:to|through|and|–|-)\\s*" + NUMBER);
    private static final Pattern FROM =
            Pattern.compile(
                    "(?:from|since|after)\\s+(?:serial\\s+)?(?:numbers?\\s+)?"
                            + NUMBER
                            + "|"
                            + NUMBER
                            + "\\s*(?:and (?:up|above|later|newer|higher|on)|onwards?)");
    private static final Pattern UP_TO =
            Pattern.compile(
                    "(up to|before|below|under)\\s+(?:serial\\s+)?(?:numbers?\\s+)?" + NUMBER);

    /** What turns a condition round is not read as the units that it names. */
    private static final Pattern DENIED =
            Pattern.compile("\\b(?:not|no|except|but|other than|unless|without|dont)\\b");

    private ConditionSaid() {}

    /** Empty where the condition names no units that the manual has. */
    static Optional<Applicability> units(Manual manual, String condition) {
        String said = condition.toLowerCase(Locale.ROOT);
        if (DENIED.matcher(said).find()) {
            return Optional.empty();
        }
        Set<String> models = new LinkedHashSet<>();
        Stream.concat(
                        manual.unit().models().stream().map(Model::name),
                        manual.variants().stream().map(Variant::model))
                .filter(m -> names(said, m))
                .forEach(models::add);
        List<String> options = new ArrayList<>();
        for (UnitOption option : manual.unit().options()) {
            if (names(said, option.mark()) || names(said, option.name())) {
                options.add(option.mark());
            }
        }
        SerialRange serials = SERIAL.matcher(said).find() ? serials(said) : SerialRange.ALL;
        Applicability units =
                Applicability.of(
                        new Applicability.Condition(
                                List.copyOf(models), serials, options, List.of()));
        return units.all() ? Optional.empty() : Optional.of(units);
    }

    private static boolean names(String said, String name) {
        return !name.isBlank()
                && Pattern.compile(
                                "(?<![\\p{L}\\p{N}])"
                                        + Pattern.quote(name.toLowerCase(Locale.ROOT))
                                        + "s?(?![\\p{L}\\p{N}])")
                        .matcher(said)
                        .find();
    }

    private static SerialRange serials(String said) {
        Matcher between = BETWEEN.matcher(said);
        if (between.find()) {
            long from = Long.parseLong(between.group(2));
            long to = Long.parseLong(between.group(4));
            return from > to
                    ? SerialRange.ALL
                    : new SerialRange(from, to, letters(between.group(1)), 0);
        }
        Matcher from = FROM.matcher(said);
        if (from.find()) {
            int at = from.group(2) == null ? 3 : 1;
            return new SerialRange(
                    Long.parseLong(from.group(at + 1)), null, letters(from.group(at)), 0);
        }
        Matcher upTo = UP_TO.matcher(said);
        if (upTo.find()) {
            long last = Long.parseLong(upTo.group(3));
            boolean included = upTo.group(1).equals("up to");
            return new SerialRange(null, included ? last : last - 1, letters(upTo.group(2)), 0);
        }
        return SerialRange.ALL;
    }

    private static String letters(String said) {
        return said == null || said.equals("to") ? "" : said.toUpperCase(Locale.ROOT);
    }
}
