package methodos.cli.defects;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import methodos.core.description.Id;
import methodos.core.manual.Decision;
import methodos.core.manual.Energy;
import methodos.core.manual.Joint;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Reading;
import methodos.core.manual.Step;
import methodos.core.quantity.Quantity;

/** Small changes of the sluice gate manual, by the ids that it has. */
final class GateEdits {

    private GateEdits() {}

    static Step at(Manual m, String id) {
        return m.step(new Id<>(id)).orElseThrow();
    }

    static Step without(Step step, String part) {
        return step.withParts(
                step.parts().stream().filter(u -> !u.part().text().equals(part)).toList());
    }

    static Step use(Step step, String part, UnaryOperator<PartUse> change) {
        return step.withParts(
                step.parts().stream()
                        .map(u -> u.part().text().equals(part) ? change.apply(u) : u)
                        .toList());
    }

    static Step undone(Step step, String object) {
        return step.withActions(
                step.actions().stream().filter(a -> !a.object().text().equals(object)).toList());
    }

    static Step reading(Step step, int at, UnaryOperator<Reading> change) {
        List<Reading> all = new ArrayList<>(step.readings());
        all.set(at, change.apply(all.get(at)));
        return step.withReadings(all);
    }

    static Manual part(Manual m, String id, UnaryOperator<Part> change) {
        return m.withPart(change.apply(m.part(new Id<>(id)).orElseThrow()));
    }

    static Manual joint(Manual m, String id, UnaryOperator<Joint> change) {
        return m.withJoint(change.apply(m.joint(new Id<>(id)).orElseThrow()));
    }

    static Manual item(Manual m, String id, UnaryOperator<LedgerItem> change) {
        return m.withLedgerItem(change.apply(m.ledgerItem(new Id<LedgerItem>(id)).orElseThrow()));
    }

    static Manual energy(Manual m, UnaryOperator<Energy> change) {
        return m.withEnergies(m.energies().stream().map(change).toList());
    }

    static Manual rule(Manual m, int at, UnaryOperator<Decision.Rule> change) {
        Decision decision = m.decisions().get(0);
        List<Decision.Rule> rules = new ArrayList<>(decision.rules());
        rules.set(at, change.apply(rules.get(at)));
        return m.withDecision(decision.withRules(rules));
    }

    static Quantity q(String text) {
        return Quantity.parse(text);
    }
}
