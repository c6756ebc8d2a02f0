package methodos.core.dryrun;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import methodos.core.description.Id;
import methodos.core.finding.Rule;
import methodos.core.manual.Action;
import methodos.core.manual.Consumable;
import methodos.core.manual.Joint;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.manual.TighteningWay;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.torque.ThreadCondition;

/** Whether what a step takes is listed at it: tools of the size, a bit, what goes on a thread. */
final class ToolsAtHand {

    private final Map<Id<Tool>, Tool> tools = new HashMap<>();
    private final Map<Id<Joint>, Joint> joints = new HashMap<>();
    private final Map<Id<LedgerItem>, LedgerItem> items = new HashMap<>();
    private final Map<Id<Consumable>, String> consumables = new HashMap<>();
    private final Set<String> heads = new HashSet<>();

    /** Tools with a name of two words and more, by the last of them. */
    private final Map<String, List<Named>> named = new HashMap<>();

    private final Function<String, Said> said;
    private final Stumbles stumbles;

    private record Named(List<String> words, Tool tool) {}

    ToolsAtHand(
            Manual manual,
            Function<String, List<String>> names,
            Function<String, Said> said,
            Stumbles stumbles) {
        this.said = said;
        this.stumbles = stumbles;
        for (Tool tool : manual.tools()) {
            tools.put(tool.id(), tool);
            List<String> name = names.apply(tool.name());
            if (name.size() > 1) {
                named.computeIfAbsent(name.get(name.size() - 1), k -> new ArrayList<>())
                        .add(new Named(name, tool));
            }
        }
        manual.joints().forEach(j -> joints.put(j.id(), j));
        manual.ledgerItems().forEach(i -> items.put(i.id(), i));
        manual.consumables()
                .forEach(
                        c -> {
                            consumables.put(c.id(), DryRunWords.head(c.name()));
                            heads.add(DryRunWords.head(c.name()));
                        });
    }

    void at(Step step) {
        List<Tool> own = step.tools().stream().map(tools::get).filter(t -> t != null).toList();
        for (Action action : step.actions()) {
            if (action.verb() == Action.Verb.LOOSEN && joints.containsKey(action.object())) {
                loosened(joints.get(action.object()), action, step, own);
            }
        }
        for (Id<Joint> id : step.joints()) {
            if (joints.containsKey(id)) {
                tightened(joints.get(id), step, own);
            }
        }
        named(step, own);
        consumablesNamed(step);
    }

    private void loosened(Joint joint, Action action, Step step, List<Tool> own) {
        if (joint.ways().equals(List.of(TighteningWay.HAND))) {
            return;
        }
        if (own.stream().noneMatch(DryRun::turns)) {
            stumbles.add(Rule.NO_TOOL, ".loosen", step, joint.id().text(), joint.name());
        } else if (!action.size().isEmpty()
                && own.stream().noneMatch(t -> t.label().contains(action.size()))) {
            stumbles.add(
                    Rule.NO_TOOL, ".size", step, joint.id().text(), joint.name(), action.size());
        }
    }

    private void tightened(Joint joint, Step step, List<Tool> own) {
        if (joint.told().contains(TighteningWay.WRENCH) && joint.torque() instanceof Value.Known) {
            boolean measured = own.stream().anyMatch(t -> DryRunWords.has("torques", t.name()));
            boolean driven = own.stream().anyMatch(DryRun::drives);
            if (!measured) {
                stumbles.add(Rule.NO_TOOL, ".torque", step, joint.id().text(), joint.name());
            } else if (!driven) {
                stumbles.add(Rule.NO_TOOL, ".drive", step, joint.id().text(), joint.name());
            }
        }
        if (step.consumables().isEmpty() && takesSomething(joint.condition())) {
            stumbles.add(
                    Rule.NO_TOOL,
                    ".condition",
                    step,
                    joint.id().text() + ".condition",
                    joint.name(),
                    joint.condition());
        }
    }

    /** Whether something goes on a thread; of a condition that nobody knows nothing is asked. */
    private static boolean takesSomething(String condition) {
        try {
            return ThreadCondition.parse(condition) != ThreadCondition.DRY;
        } catch (IllegalArgumentException unknown) {
            return false;
        }
    }

    /** A tool that the words name by its full name is listed at the step. */
    private void named(Step step, List<Tool> own) {
        Said words = said.apply(step.text());
        for (int i = 0; i < words.size(); i++) {
            String head = words.ones().get(i);
            for (Named name : named.getOrDefault(head, List.of())) {
                if (words.ends(name.words, i) && !there(step, own, head, name.tool)) {
                    stumbles.add(
                            Rule.NO_TOOL, ".named", step, name.tool.id().text(), name.tool.label());
                }
            }
        }
    }

    private boolean there(Step step, List<Tool> own, String head, Tool tool) {
        return own.stream().anyMatch(t -> DryRunWords.head(t.name()).equals(head))
                || step.actions().stream()
                        .map(a -> items.get(a.object()))
                        .anyMatch(i -> i != null && tool.id().equals(i.tool()));
    }

    /** Grease and the like that the words name are listed at the step. */
    private void consumablesNamed(Step step) {
        boolean fluid =
                step.actions().stream()
                        .map(a -> items.get(a.object()))
                        .anyMatch(i -> i != null && i.kind() == LedgerItem.Kind.FLUID);
        if (fluid) {
            return;
        }
        List<String> words = said.apply(step.text()).words();
        for (String head : heads) {
            boolean there =
                    step.consumables().stream()
                            .anyMatch(c -> head.equals(consumables.get(c.consumable())));
            if (!there && words.contains(head)) {
                stumbles.add(Rule.NO_TOOL, ".consumable", step, head, head);
            }
        }
    }
}
