package methodos.core.fit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.manual.Decision;
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
        Map<String, MeasureUnit> units = new LinkedHashMap<>();
        List<DecisionTable.Reading> readings =
                decision.measures().stream().map(m -> reading(m, units)).toList();
        Map<String, Formula> derived = new LinkedHashMap<>();
        for (Decision.Derived d : decision.derived()) {
            if (derived.put(d.symbol(), Formula.parse(d.formula())) != null
                    || units.containsKey(d.symbol())) {
                throw new IllegalArgumentException("“" + d.symbol() + "” stands for two things.");
            }
        }
        // what is reckoned is reckoned in the unit of what is measured first
        MeasureUnit first = decision.measures().get(0).range().unit();
        List<DecisionTable.Rule> rules =
                decision.rules().stream()
                        .map(
                                r ->
                                        new DecisionTable.Rule(
                                                r.after(),
                                                r.when().stream()
                                                        .map(
                                                                w ->
                                                                        condition(
                                                                                w.symbol(),
                                                                                w.is(),
                                                                                units.getOrDefault(
                                                                                        w.symbol(),
                                                                                        first)))
                                                        .toList(),
                                                r.verdict(),
                                                r.measure()))
                        .toList();
        return new DecisionTable(readings.get(0).id(), readings, derived, rules);
    }

    /**
     * The unit of a reading; of one that is reckoned, that of what is measured first.
     *
     * @throws IllegalArgumentException if nothing is measured yet
     */
    static MeasureUnit unit(Decision decision, String symbol) {
        return decision.measures().stream()
                .filter(m -> m.symbol().equals(symbol))
                .findFirst()
                .or(() -> decision.measures().stream().findFirst())
                .map(m -> m.range().unit())
                .orElseThrow(() -> new IllegalArgumentException("Nothing is measured yet."));
    }

    private static DecisionTable.Reading reading(
            Decision.Measure measure, Map<String, MeasureUnit> units) {
        Quantity range = measure.range();
        if (range.min() == null || range.max() == null) {
            throw new IllegalArgumentException(
                    "The range of “" + measure.symbol() + "” needs both ends.");
        }
        if (units.put(measure.symbol(), range.unit()) != null) {
            throw new IllegalArgumentException("“" + measure.symbol() + "” stands for two things.");
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
            if (!text.isEmpty()) {
                MeasureUnit unit = measure.range().unit();
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
