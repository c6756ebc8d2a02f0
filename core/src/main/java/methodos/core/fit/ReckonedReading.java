package methodos.core.fit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import methodos.core.manual.Reading;
import methodos.core.quantity.Rational;

/**
 * The formula of a reading that is reckoned. A symbol stands for its reading; of a reading that is
 * taken several times it stands for all of them ("mean(d)"), and with a number for one ("d2").
 */
public final class ReckonedReading {

    private static final Pattern NAME = Pattern.compile("\\p{L}[\\p{L}\\p{N}_]*(?!\\s*\\()");

    private final Formula formula;

    /**
     * @param readings those that have symbols
     * @throws IllegalArgumentException with a sentence if it is no formula, or a symbol in it
     *     belongs to no reading
     */
    public ReckonedReading(String formula, List<Reading> readings) {
        Map<String, Reading> bySymbol = new HashMap<>();
        readings.stream()
                .filter(r -> !r.symbol().isEmpty())
                .forEach(r -> bySymbol.put(r.symbol(), r));
        List<String> known = new ArrayList<>();
        bySymbol.values().forEach(r -> known.addAll(symbols(r)));
        String written =
                NAME.matcher(formula)
                        .replaceAll(
                                m ->
                                        Matcher.quoteReplacement(
                                                Optional.ofNullable(bySymbol.get(m.group()))
                                                        .map(r -> String.join(", ", symbols(r)))
                                                        .orElse(m.group())));
        this.formula = Formula.parse(written);
        String strangers =
                this.formula.names().stream()
                        .filter(n -> !known.contains(n))
                        .collect(Collectors.joining(", "));
        if (!strangers.isEmpty()) {
            throw new IllegalArgumentException("No reading is called “" + strangers + "”.");
        }
    }

    /** What each of a reading's values is called in formulas. */
    public static List<String> symbols(Reading reading) {
        return reading.count() == 1
                ? List.of(reading.symbol())
                : IntStream.rangeClosed(1, reading.count())
                        .mapToObj(i -> reading.symbol() + i)
                        .toList();
    }

    /**
     * Its value.
     *
     * @param taken by the names of {@link #symbols}
     * @return nothing while a reading is missing, or where it divides by nought
     */
    public Optional<Rational> value(Map<String, Rational> taken) {
        return formula.value(taken);
    }
}
