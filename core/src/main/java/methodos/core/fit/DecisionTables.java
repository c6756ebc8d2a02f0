package methodos.core.fit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.description.Id;
import methodos.core.manual.Decision;
import methodos.core.manual.Decision.Measure;
import methodos.core.quantity.Bound;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;

/** Decisions as they are typed, made into tables that can be walked and checked. */
public final class DecisionTables {

    /** "above .2", "> 0.2": the end itself is outside. */
    private static final Pattern OUTSIDE =
            Pattern.compile("(>|above|over|more than|<|below|under|less than)\\s*([^=].*)");

    private static final String ABOVE = ">|above|over|more than";
    private static final Pattern UNITLESS = Pattern.compile(".*\\d\\s*|.*[½¼¾⅛⅜⅝⅞]\\s*");

    private DecisionTables() {}

    /**
     * @throws IllegalArgumentException with a sentence if something typed is not understood, or a
     *     rule names a reading that there is not
     */
    public static DecisionTable of(Decision decision) {
        if (decision.measures().isEmpty()) {
            throw new IllegalArgumentException("Nothing is measured yet.");
        }
        Map<String, DecisionTable.Reading> readings = new LinkedHashMap<>();
        for (Measure measure : decision.measures()) {
            if (readings.put(measure.symbol(), reading(measure)) != null) {
                throw twice(measure.symbol());
            }
        }
        Map<String, Formula> derived = new LinkedHashMap<>();
        for (Decision.Derived d : decision.derived()) {
            if (derived.put(d.symbol(), Formula.parse(d.formula())) != null
                    || readings.containsKey(d.symbol())) {
                throw twice(d.symbol());
            }
        }
        List<DecisionTable.Rule> rules =
                decision.rules().stream().map(r -> rule(r, decision, readings)).toList();
        return new DecisionTable(
                decision.measures().get(0).symbol(),
                List.copyOf(readings.values()),
                derived,
                rules);
    }

    private static IllegalArgumentException twice(String symbol) {
        return new IllegalArgumentException("“" + symbol + "” stands for two things.");
    }

    private static DecisionTable.Rule rule(
            Decision.Rule rule, Decision decision, Map<String, DecisionTable.Reading> readings) {
        List<DecisionTable.Condition> when = new ArrayList<>();
        for (Decision.When w : rule.when()) {
            DecisionTable.Reading reading = readings.get(w.symbol());
            when.add(
                    reading == null || reading.choices().isEmpty()
                            ? condition(w.symbol(), w.is(), unit(decision, w.symbol()))
                            : chosen(reading, w.is()));
        }
        return new DecisionTable.Rule(
                rule.after(),
                when,
                rule.verdict(),
                rule.measure(),
                rule.again() == null ? null : again(rule.again()),
                rule.steps().stream().map(Id::text).toList());
    }

    private static DecisionTable.Again again(Decision.Again again) {
        return new DecisionTable.Again(
                again.measure(), again.changes(), again.most() == 0 ? null : again.most());
    }

    private static DecisionTable.Condition chosen(DecisionTable.Reading reading, String is) {
        Rational at = reading.choice(choice(reading, is));
        return new DecisionTable.Condition(reading.id(), at, at, null, null);
    }

    /** The answer as it stands in the list, whatever the case of what was typed. */
    private static String choice(DecisionTable.Reading reading, String typed) {
        return reading.choices().stream()
                .filter(c -> c.equalsIgnoreCase(typed.strip()))
                .findFirst()
                .orElse(typed.strip());
    }

    /**
     * @throws IllegalArgumentException with a sentence if a condition is not understood
     */
    static void understand(Decision decision, Decision.When when) {
        Optional<Measure> chosen =
                decision.measures().stream()
                        .filter(m -> m.symbol().equals(when.symbol()) && !m.choices().isEmpty())
                        .findFirst();
        if (chosen.isPresent()) {
            chosen(reading(chosen.get()), when.is());
        } else {
            condition(when.symbol(), when.is(), unit(decision, when.symbol()));
        }
    }

    /**
     * The unit of a reading; of one that is reckoned, that of the number that is measured first.
     *
     * @throws IllegalArgumentException if nothing is measured yet
     */
    static MeasureUnit unit(Decision decision, String symbol) {
        List<Measure> numbers =
                decision.measures().stream().filter(m -> m.range() != null).toList();
        return numbers.stream()
                .filter(m -> m.symbol().equals(symbol))
                .findFirst()
                .or(() -> numbers.stream().findFirst())
                .map(m -> m.range().unit())
                .orElseThrow(() -> new IllegalArgumentException("Nothing is measured yet."));
    }

    private static DecisionTable.Reading reading(Measure measure) {
        if (!measure.choices().isEmpty()) {
            return DecisionTable.Reading.of(measure.symbol(), measure.choices());
        }
        Quantity range = measure.range();
        if (range == null || range.min() == null || range.max() == null) {
            throw new IllegalArgumentException(
                    "The range of “" + measure.symbol() + "” needs both ends.");
        }
        return new DecisionTable.Reading(
                measure.symbol(), range.min().value(), range.max().value());
    }

    /**
     * A condition as it is typed, in the unit of its reading; a unit need not be typed.
     *
     * @throws IllegalArgumentException with a sentence if it is not understood
     */
    public static DecisionTable.Condition condition(String symbol, String is, MeasureUnit unit) {
        String text = is.strip().toLowerCase(Locale.ROOT);
        Matcher outside = OUTSIDE.matcher(text);
        if (outside.matches()) {
            Quantity end = quantity(outside.group(2), unit);
            Rational at = exact(end.min(), end, unit);
            return outside.group(1).matches(ABOVE)
                    ? new DecisionTable.Condition(symbol, null, null, at, null)
                    : new DecisionTable.Condition(symbol, null, null, null, at);
        }
        Quantity range = quantity(text.replace("<=", "≤").replace(">=", "≥"), unit);
        return new DecisionTable.Condition(
                symbol,
                exact(range.min(), range, unit),
                exact(range.max(), range, unit),
                null,
                null);
    }

    private static Rational exact(Bound bound, Quantity of, MeasureUnit unit) {
        return bound == null ? null : new Conversion(of, unit).exact(bound);
    }

    private static Quantity quantity(String text, MeasureUnit unit) {
        return Quantity.parse(UNITLESS.matcher(text).matches() ? text + " " + unit.symbol() : text);
    }

    /**
     * Readings as they were typed, in the units of the measures; those without text are left out.
     *
     * @throws IllegalArgumentException with a sentence if one is not understood
     */
    public static Map<String, Rational> readings(Decision decision, Map<String, String> typed) {
        Map<String, Rational> values = new LinkedHashMap<>();
        for (Decision.Measure measure : decision.measures()) {
            String text = typed.getOrDefault(measure.symbol(), "").strip();
            if (!text.isEmpty() && !measure.choices().isEmpty()) {
                DecisionTable.Reading reading = reading(measure);
                values.put(measure.symbol(), reading.choice(choice(reading, text)));
            } else if (!text.isEmpty()) {
                MeasureUnit unit = unit(decision, measure.symbol());
                Quantity value = quantity(text, unit);
                if (!value.single()) {
                    throw new IllegalArgumentException("“" + text + "” is no single reading.");
                }
                values.put(measure.symbol(), exact(value.min(), value, unit));
            }
        }
        return values;
    }
}
