package methodos.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import methodos.core.description.Id;
import methodos.core.manual.Decision;
import methodos.core.manual.Decision.Derived;
import methodos.core.manual.Decision.Measure;
import methodos.core.manual.Decision.Rule;

/** The changes that are made to decision tables. */
public final class DecisionEdits {

    private DecisionEdits() {}

    /** Makes a decision with nothing but its name. */
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

    /** Changes a decision; nothing where it is gone. */
    public static Edit decision(Id<Decision> id, UnaryOperator<Decision> change) {
        return Edit.named(
                EditKind.DECISION,
                m -> m.decision(id).map(d -> m.withDecision(change.apply(d))).orElse(m));
    }

    /** Takes a decision away. */
    public static Edit deleteDecision(Id<Decision> id) {
        return Edit.named(
                EditKind.DELETE_DECISION,
                m ->
                        m.withDecisions(
                                m.decisions().stream().filter(d -> !d.id().equals(id)).toList()));
    }

    /** Adds what is measured, behind the others. */
    public static Edit addMeasure(Id<Decision> id, Measure measure) {
        return decision(id, d -> d.withMeasures(Lists.with(d.measures(), measure)));
    }

    /**
     * @param at which one, from 0
     * @param measure in its place, null to take it away
     */
    public static Edit measure(Id<Decision> id, int at, Measure measure) {
        return decision(id, d -> d.withMeasures(Lists.put(d.measures(), at, measure)));
    }

    /**
     * Takes a measure out, with the rules that follow it; a rule that led to it has to be given
     * something else to do.
     *
     * @param instead what such a rule says until then
     */
    public static Edit deleteMeasure(Id<Decision> id, int at, String instead) {
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

    /** Adds a reading that is reckoned from others, behind them. */
    public static Edit addDerived(Id<Decision> id, Derived derived) {
        return decision(id, d -> d.withDerived(Lists.with(d.derived(), derived)));
    }

    /**
     * @param derived null takes it out
     */
    public static Edit derived(Id<Decision> id, int at, Derived derived) {
        return decision(id, d -> d.withDerived(Lists.put(d.derived(), at, derived)));
    }

    /** Adds a rule, asked after all others of its reading. */
    public static Edit addRule(Id<Decision> id, Rule rule) {
        return decision(id, d -> d.withRules(Lists.with(d.rules(), rule)));
    }

    /**
     * @param rule null takes it out
     */
    public static Edit rule(Id<Decision> id, int at, Rule rule) {
        return decision(id, d -> d.withRules(Lists.put(d.rules(), at, rule)));
    }

    /** Puts a rule before the one that stands above it after the same measure. */
    public static Edit ruleUp(Id<Decision> id, int at) {
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
