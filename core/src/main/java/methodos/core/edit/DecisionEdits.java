package methodos.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import methodos.core.manual.Decision;
import methodos.core.manual.Decision.Derived;
import methodos.core.manual.Decision.Measure;
import methodos.core.manual.Decision.Rule;

/** The changes that are made to decision tables. */
public final class DecisionEdits {

    private DecisionEdits() {}

    public static Edit newDecision(String name) {
        return Edit.named(
                EditKind.NEW_DECISION,
                m ->
                        m.withIdTaken()
                                .withDecision(
                                        new Decision(
                                                m.nextId("d"),
                                                name,
                                                null,
                                                List.of(),
                                                List.of(),
                                                List.of())));
    }

    public static Edit decision(String id, UnaryOperator<Decision> change) {
        return Edit.named(
                EditKind.DECISION,
                m -> m.decision(id).map(d -> m.withDecision(change.apply(d))).orElse(m));
    }

    public static Edit deleteDecision(String id) {
        return Edit.named(
                EditKind.DELETE_DECISION,
                m ->
                        m.withDecisions(
                                m.decisions().stream().filter(d -> !d.id().equals(id)).toList()));
    }

    public static Edit addMeasure(String id, Measure measure) {
        return decision(id, d -> d.withMeasures(Lists.with(d.measures(), measure)));
    }

    public static Edit measure(String id, int at, Measure measure) {
        return decision(id, d -> d.withMeasures(Lists.put(d.measures(), at, measure)));
    }

    /**
     * Takes a measure out, with the rules that follow it; a rule that led to it has to be given
     * something else to do.
     *
     * @param instead what such a rule says until then
     */
    public static Edit deleteMeasure(String id, int at, String instead) {
        return decision(
                id,
                d -> {
                    String gone = d.measures().get(at).symbol();
                    return d.withMeasures(Lists.put(d.measures(), at, null))
                            .withRules(
                                    d.rules().stream()
                                            .filter(r -> !r.after().equals(gone))
                                            .map(
                                                    r ->
                                                            gone.equals(r.measure())
                                                                    ? new Rule(
                                                                            r.after(), r.when(),
                                                                            instead, null)
                                                                    : r)
                                            .toList());
                });
    }

    public static Edit addDerived(String id, Derived derived) {
        return decision(id, d -> d.withDerived(Lists.with(d.derived(), derived)));
    }

    /**
     * @param derived null takes it out
     */
    public static Edit derived(String id, int at, Derived derived) {
        return decision(id, d -> d.withDerived(Lists.put(d.derived(), at, derived)));
    }

    public static Edit addRule(String id, Rule rule) {
        return decision(id, d -> d.withRules(Lists.with(d.rules(), rule)));
    }

    /**
     * @param rule null takes it out
     */
    public static Edit rule(String id, int at, Rule rule) {
        return decision(id, d -> d.withRules(Lists.put(d.rules(), at, rule)));
    }

    /** Puts a rule before the one that stands above it after the same measure. */
    public static Edit ruleUp(String id, int at) {
        return decision(
                id,
                d -> {
                    List<Rule> all = new ArrayList<>(d.rules());
                    for (int i = at - 1; i >= 0; i--) {
                        if (all.get(i).after().equals(all.get(at).after())) {
                            all.add(i, all.remove(at));
                            return d.withRules(all);
                        }
                    }
                    return d;
                });
    }
}
