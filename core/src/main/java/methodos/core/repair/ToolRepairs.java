package methodos.core.repair;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.dryrun.DryRun;
import methodos.core.edit.Edit;
import methodos.core.edit.EditKind;
import methodos.core.finding.Finding;
import methodos.core.language.PartNames;
import methodos.core.manual.Action;
import methodos.core.manual.Consumable;
import methodos.core.manual.ConsumableUse;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.quantity.MeasureUnit.Dimension;
import methodos.core.quantity.QuantitiesInText;
import methodos.core.torque.TorqueRange;
import methodos.core.torque.WrenchScale;
import methodos.core.vocabulary.Nouns;

/** Lists at a step the tool or consumable that it lacks, where the manual has it. */
final class ToolRepairs {

    private ToolRepairs() {}

    static Optional<Repair> of(Manual manual, Finding finding) {
        Step step =
                finding.steps().stream()
                        .flatMap(s -> manual.step(s).stream())
                        .findFirst()
                        .orElse(null);
        if (step == null) {
            return Optional.empty();
        }
        String subject = finding.subject().substring(finding.subject().indexOf('.') + 1);
        Optional<Tool> tool =
                switch (finding.key()) {
                    case "finding.NO_TOOL.named" -> manual.tool(new Id<>(subject));
                    case "finding.NO_TOOL.drive" ->
                            manual.joint(new Id<>(subject)).flatMap(j -> drive(manual, j));
                    case "finding.NO_TOOL.torque" ->
                            manual.joint(new Id<>(subject)).flatMap(j -> wrench(manual, j));
                    case "finding.NO_TOOL.loosen" ->
                            manual.joint(new Id<>(subject))
                                    .flatMap(j -> loosening(manual, j, step));
                    default -> Optional.empty();
                };
        return tool.map(t -> Repair.of("repair.listTool", listing(step.id(), t), t.label()))
                .or(() -> consumable(manual, finding, step.id(), subject));
    }

    /** Grease for a greased thread, and what the words name. */
    private static Optional<Repair> consumable(
            Manual manual, Finding finding, Id<Step> step, String subject) {
        String wanted =
                switch (finding.key()) {
                    case "finding.NO_TOOL.consumable" -> subject;
                    case "finding.NO_TOOL.condition" -> (String) finding.arguments().get(2);
                    default -> "";
                };
        return manual.consumables().stream()
                .filter(c -> !wanted.isEmpty() && !c.name().isBlank())
                .filter(c -> wanted.contains(Nouns.head(PartNames.head(c.name()))))
                .findFirst()
                .map(
                        c ->
                                Repair.of(
                                        "repair.listTool",
                                        Edit.named(EditKind.REPAIR, m -> taking(m, step, c.id())),
                                        c.label()));
    }

    private static Manual taking(Manual manual, Id<Step> step, Id<Consumable> consumable) {
        Step now = manual.step(step).orElseThrow();
        List<ConsumableUse> uses = new ArrayList<>(now.consumables());
        uses.add(new ConsumableUse(consumable));
        return manual.withStep(now.withConsumables(uses));
    }

    private static Edit listing(Id<Step> step, Tool tool) {
        return Edit.named(
                EditKind.REPAIR,
                m -> {
                    Step now = m.step(step).orElseThrow();
                    List<Id<Tool>> tools = new ArrayList<>(now.tools());
                    tools.add(tool.id());
                    return m.withStep(now.withTools(tools));
                });
    }

    /** What a torque wrench turns the joint with: of the size with which it is undone. */
    private static Optional<Tool> drive(Manual manual, Joint joint) {
        List<String> sizes = turned(manual, joint, s -> true).map(Tool::size).toList();
        return manual.tools().stream()
                .filter(t -> DryRun.drives(t) && sizes.contains(t.size()))
                .findFirst();
    }

    /** What it is undone with elsewhere, or a key of the size with which it is tightened. */
    private static Optional<Tool> loosening(Manual manual, Joint joint, Step here) {
        Optional<Tool> elsewhere =
                turned(manual, joint, s -> !s.id().equals(here.id())).findFirst();
        if (elsewhere.isPresent()) {
            return elsewhere;
        }
        List<String> sizes =
                manual.steps()
                        .filter(s -> s.joints().contains(joint.id()))
                        .flatMap(s -> s.tools().stream())
                        .flatMap(t -> manual.tool(t).stream())
                        .filter(DryRun::drives)
                        .map(Tool::size)
                        .toList();
        return manual.tools().stream()
                .filter(t -> DryRun.turns(t) && !DryRun.drives(t) && sizes.contains(t.size()))
                .findFirst();
    }

    private static Stream<Tool> turned(Manual manual, Joint joint, Predicate<Step> where) {
        return manual.steps()
                .filter(where)
                .filter(
                        s ->
                                s.actions().stream()
                                        .anyMatch(
                                                a ->
                                                        a.verb() == Action.Verb.LOOSEN
                                                                && a.object().equals(joint.id())))
                .flatMap(s -> s.tools().stream())
                .flatMap(t -> manual.tool(t).stream())
                .filter(DryRun::turns);
    }

    /** A torque wrench that reaches the value. */
    private static Optional<Tool> wrench(Manual manual, Joint joint) {
        if (!(joint.torque() instanceof Value.Known known)) {
            return Optional.empty();
        }
        return manual.tools().stream()
                .filter(
                        t ->
                                QuantitiesInText.of(t.size(), Dimension.TORQUE).stream()
                                        .filter(WrenchScale::isScale)
                                        .map(WrenchScale::of)
                                        .anyMatch(
                                                s ->
                                                        s.holds(
                                                                TorqueRange.of(known.quantity()),
                                                                WrenchScale.USABLE_FROM)))
                .findFirst();
    }
}
