package methodos.core.fault;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.fit.DecisionTable;
import methodos.core.fit.DecisionTable.Condition;
import methodos.core.fit.DecisionTable.Reading;
import methodos.core.fit.DecisionTable.Rule;
import methodos.core.fit.TableCheck;
import methodos.core.manual.Symptom;
import methodos.core.manual.Symptom.Check;
import methodos.core.manual.Symptom.Outcome;
import methodos.core.quantity.Rational;

/**
 * Whether the checks of a symptom lead to a cause whatever is answered. It is asked of the same
 * kind of table as decisions on readings are: each check a reading that is 0 for no and 1 for yes.
 */
public record FaultFinding(
        List<Unanswered> open, List<Id<Symptom.Check>> unreachable, List<List<String>> endless) {

    /**
     * An answer after which nothing is said.
     *
     * @param check id of the check
     * @param answer yes or no
     */
    public record Unanswered(Id<Symptom.Check> check, boolean answer) {}

    private static final Rational HALF = Rational.of(1, 2);

    /**
     * @throws IllegalArgumentException if an answer leads to a check that there is not
     */
    public static FaultFinding of(Symptom symptom) {
        if (symptom.checks().isEmpty()) {
            return new FaultFinding(List.of(), List.of(), List.of());
        }
        DecisionTable table = table(symptom);
        TableCheck check = TableCheck.of(table);
        List<Unanswered> open = new ArrayList<>();
        symptom.checks()
                .forEach(
                        c -> {
                            if (c.yes() == null) {
                                open.add(new Unanswered(c.id(), true));
                            }
                            if (c.no() == null) {
                                open.add(new Unanswered(c.id(), false));
                            }
                        });
        List<String> reached = new ArrayList<>();
        for (int i = 0; i < table.rules().size(); i++) {
            if (!check.unreachable().contains(i)) {
                reached.add(table.rules().get(i).after());
            }
        }
        check.missing().forEach(m -> reached.add(m.after()));
        List<Id<Symptom.Check>> unreachable =
                symptom.checks().stream()
                        .map(Check::id)
                        .filter(c -> !reached.contains(c.text()))
                        .toList();
        return new FaultFinding(List.copyOf(open), unreachable, check.endless());
    }

    /** Whether every way through the checks ends with a cause. */
    public boolean complete() {
        return open.isEmpty() && unreachable.isEmpty() && endless.isEmpty();
    }

    private static DecisionTable table(Symptom symptom) {
        List<Reading> readings = new ArrayList<>();
        List<Rule> rules = new ArrayList<>();
        for (Check check : symptom.checks()) {
            readings.add(new Reading(check.id().text(), Rational.ZERO, Rational.ONE));
            add(rules, check.yes(), new Condition(check.id().text(), null, null, HALF, null));
            add(rules, check.no(), new Condition(check.id().text(), null, HALF, null, null));
        }
        return new DecisionTable(readings.get(0).id(), readings, Map.of(), rules);
    }

    private static void add(List<Rule> rules, Outcome outcome, Condition when) {
        if (outcome != null) {
            rules.add(
                    new Rule(
                            when.reading(),
                            List.of(when),
                            outcome.cause(),
                            Id.textOf(outcome.check())));
        }
    }

    /**
     * The questions that are asked and the cause that they end with.
     *
     * @param answers by the id of the check
     * @return the outcome, null where an answer is missing or nothing is said for it
     */
    public static Outcome walk(Symptom symptom, Map<Id<Symptom.Check>, Boolean> answers) {
        Map<Id<Check>, Boolean> left = new LinkedHashMap<>(answers);
        Check at = symptom.checks().isEmpty() ? null : symptom.checks().get(0);
        while (at != null) {
            Boolean answer = left.remove(at.id());
            if (answer == null) {
                return null;
            }
            Outcome outcome = answer ? at.yes() : at.no();
            if (outcome == null || outcome.cause() != null) {
                return outcome;
            }
            at = symptom.check(outcome.check()).orElse(null);
        }
        return null;
    }
}
