package methodos.publish.screen;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.core.fit.DecisionTable;
import methodos.core.fit.DecisionTables;
import methodos.core.manual.Decision;
import methodos.core.manual.StepNumbers;
import methodos.core.quantity.Rational;
import org.slf4j.LoggerFactory;

/**
 * A decision as it is walked on the screen: numbers are asked for one after the other.
 *
 * @param start symbol of what is measured first
 * @param derived formulas by symbol
 */
record WalkedDecision(
        String id,
        int step,
        String name,
        String start,
        List<Measure> measures,
        Map<String, String> derived,
        List<Rule> rules) {

    /**
     * @param from the least that it can be, null where it is chosen
     * @param to the most that it can be
     * @param choices from which it is chosen, empty for a number
     */
    record Measure(
            String symbol, String name, String unit, Double from, Double to, List<String> choices) {

        static Measure of(Decision.Measure m) {
            boolean chosen = !m.choices().isEmpty();
            return new Measure(
                    m.symbol(),
                    m.name(),
                    chosen ? "" : m.range().unit().symbol(),
                    chosen ? null : m.range().min().value().toDouble(),
                    chosen ? null : m.range().max().value().toDouble(),
                    m.choices());
        }
    }

    /** Both ends inclusive, or the exclusive ones; what is open is null. */
    record Condition(String symbol, Double min, Double max, Double above, Double below) {}

    /**
     * @param measure symbol of what is measured next, null where it does not go on
     * @param again symbol of what is measured again, null where it does not go back
     * @param most how often, 0 where nothing is said
     * @param steps numbers of the steps that a verdict leads to
     */
    record Rule(
            String after,
            List<Condition> when,
            String verdict,
            String measure,
            String again,
            String changes,
            int most,
            String exhausted,
            List<Integer> steps) {}

    /** The decisions of steps that can be walked; those that are not understood stay words. */
    static List<WalkedDecision> of(List<Decision> decisions, StepNumbers numbers) {
        List<WalkedDecision> all = new ArrayList<>();
        for (Decision decision : decisions) {
            if (decision.step() != null && numbers.of(decision.step()).isPresent()) {
                try {
                    all.add(of(decision, numbers));
                } catch (IllegalArgumentException notUnderstood) {
                    LoggerFactory.getLogger(WalkedDecision.class)
                            .debug("{} is not walked", decision.id(), notUnderstood);
                }
            }
        }
        return all;
    }

    private static WalkedDecision of(Decision decision, StepNumbers numbers) {
        DecisionTable table = DecisionTables.of(decision);
        List<Rule> rules = new ArrayList<>();
        for (int i = 0; i < table.rules().size(); i++) {
            rules.add(rule(decision.rules().get(i), table.rules().get(i), numbers));
        }
        Map<String, String> derived = new LinkedHashMap<>();
        decision.derived().forEach(d -> derived.put(d.symbol(), d.formula()));
        return new WalkedDecision(
                decision.id().text(),
                numbers.of(decision.step()).orElseThrow(),
                decision.name(),
                table.start(),
                decision.measures().stream().map(Measure::of).toList(),
                derived,
                rules);
    }

    private static Rule rule(Decision.Rule typed, DecisionTable.Rule rule, StepNumbers numbers) {
        Decision.Again again = typed.again();
        return new Rule(
                rule.after(),
                rule.when().stream()
                        .map(
                                c ->
                                        new Condition(
                                                c.reading(),
                                                number(c.min()),
                                                number(c.max()),
                                                number(c.above()),
                                                number(c.below())))
                        .toList(),
                rule.verdict(),
                rule.measure(),
                again == null ? null : again.measure(),
                again == null ? "" : again.changes(),
                again == null ? 0 : again.most(),
                again == null ? "" : again.exhausted(),
                numbers.of(typed.steps()));
    }

    private static Double number(Rational value) {
        return value == null ? null : value.toDouble();
    }
}
