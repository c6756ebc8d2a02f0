package methodos.core.check;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.finding.Finding;
import methodos.core.finding.Finding.StepRef;
import methodos.core.finding.Rule;
import methodos.core.manual.Action;
import methodos.core.manual.Alternative;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.quantity.Bound;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantitySum;
import methodos.core.quantity.Rational;

/**
 * The amounts of fluids over drain and fill. Each way of an alternative is reckoned once; an amount
 * of which a part is not told is not reckoned at all.
 */
final class FluidChecks {

    private FluidChecks() {}

    static List<Finding> of(Manual manual) {
        List<Finding> findings = new ArrayList<>();
        for (LedgerItem item : manual.ledgerItems()) {
            if (item.kind() == LedgerItem.Kind.FLUID) {
                for (Set<Id<Alternative.Way>> ways : ways(manual)) {
                    Optional<Finding> finding = of(manual, item, ways);
                    finding.filter(f -> !findings.contains(f)).ifPresent(findings::add);
                }
            }
        }
        return findings;
    }

    /** The first way of every alternative, and each other way in the place of its first. */
    private static List<Set<Id<Alternative.Way>>> ways(Manual manual) {
        List<List<Id<Alternative.Way>>> all =
                manual.alternatives().stream()
                        .filter(a -> !a.ways().isEmpty())
                        .map(a -> a.ways().stream().map(Alternative.Way::id).toList())
                        .toList();
        Set<Id<Alternative.Way>> first = new HashSet<>();
        all.forEach(w -> first.add(w.get(0)));
        List<Set<Id<Alternative.Way>>> result = new ArrayList<>(List.of(first));
        for (List<Id<Alternative.Way>> ways : all) {
            for (Id<Alternative.Way> other : ways.subList(1, ways.size())) {
                Set<Id<Alternative.Way>> taken = new HashSet<>(first);
                taken.remove(ways.get(0));
                taken.add(other);
                result.add(taken);
            }
        }
        return result;
    }

    private static Optional<Finding> of(
            Manual manual, LedgerItem fluid, Set<Id<Alternative.Way>> ways) {
        List<Action> fills = new ArrayList<>();
        List<Action> drains = new ArrayList<>();
        Step last = null;
        for (Step step : manual.steps().toList()) {
            if (step.way() != null && !ways.contains(step.way())) {
                continue;
            }
            for (Action action : step.actions()) {
                if (action.object().equals(fluid.id()) && action.verb() == Action.Verb.FILL) {
                    fills.add(action);
                    last = step;
                } else if (action.object().equals(fluid.id())
                        && action.verb() == Action.Verb.DRAIN) {
                    drains.add(action);
                }
            }
        }
        Optional<Quantity> filled = sum(fills);
        Optional<Quantity> wanted = Optional.ofNullable(fluid.amount()).or(() -> sum(drains));
        if (last == null || filled.isEmpty() || wanted.isEmpty()) {
            return Optional.empty();
        }
        if (agree(filled.get(), wanted.get())) {
            return Optional.empty();
        }
        String key = "finding.OTHER_AMOUNT." + (fluid.amount() == null ? "drained" : "held");
        return Optional.of(
                new Finding(
                        Rule.OTHER_AMOUNT,
                        fluid.id().text(),
                        List.of(last.id()),
                        key,
                        List.of(
                                new StepRef(last.id()),
                                fluid.name(),
                                filled.get().print(),
                                wanted.get().print())));
    }

    private static Optional<Quantity> sum(List<Action> actions) {
        return actions.stream().anyMatch(a -> a.amount() == null)
                ? Optional.empty()
                : QuantitySum.of(actions.stream().map(Action::amount).toList());
    }

    /** Whether some amount is both; "about" leaves a tenth on either side. */
    private static boolean agree(Quantity one, Quantity other) {
        if (one.unit().dimension() != other.unit().dimension()) {
            return true; // a mass and a volume cannot be held against each other
        }
        Rational slack = one.about() || other.about() ? Rational.of(1, 10) : Rational.ZERO;
        Conversion to = new Conversion(other, one.unit());
        return notLess(one.max(), to.exact(other.min()), slack)
                && notMore(one.min(), to.exact(other.max()), slack);
    }

    private static boolean notLess(Bound most, Rational least, Rational slack) {
        return most == null
                || least == null
                || most.value().compareTo(least.times(Rational.ONE.minus(slack))) >= 0;
    }

    private static boolean notMore(Bound least, Rational most, Rational slack) {
        return least == null
                || most == null
                || least.value().compareTo(most.times(Rational.ONE.plus(slack))) <= 0;
    }
}
