package methodos.core.practice;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import methodos.core.description.Id;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Practices;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.TighteningWay;
import methodos.core.manual.Tool;

/**
 * The manual as it is carried out: where it leaves a matter to its practices, that is settled.
 * Steps that are left out are gone, parts have a rule, joints a way and an order, steps the tools
 * that are used. Everything that is derived, printed and checked is derived from this; what is
 * edited is the manual itself.
 */
public final class PractisedManual {

    /** Fewer screws than this have no order round. */
    private static final int ROUND = 4;

    private final Manual manual;

    private PractisedManual(Manual manual) {
        this.manual = manual;
    }

    /** Settles what a manual leaves to its ways; one that is settled stays as it is. */
    public static PractisedManual of(Manual manual) {
        return new PractisedManual(settled(manual));
    }

    /** A manual whose ways cannot be settled, as it is written: better than none to look at. */
    public static PractisedManual asWritten(Manual manual) {
        return new PractisedManual(manual);
    }

    /** What is carried out. */
    public Manual manual() {
        return manual;
    }

    /** What of it concerns the units that are looked at. */
    public SeenManual seenBy(Sight sight) {
        return new SeenManual(this, sight);
    }

    private static Manual settled(Manual manual) {
        Practices practices = manual.practices();
        Set<Id<Part>> newEachTime =
                manual.joints().stream()
                        .filter(Joint::newEachTime)
                        .map(Joint::fastener)
                        .filter(Objects::nonNull)
                        .collect(Collectors.toSet());
        return manual.withParts(
                        manual.parts().stream()
                                .map(
                                        p ->
                                                newEachTime.contains(p.id())
                                                        ? p.withReuse(ReuseRule.ALWAYS_NEW)
                                                        : part(p, practices))
                                .toList())
                .withJoints(manual.joints().stream().map(j -> joint(j, practices)).toList())
                .withStages(manual.stages().stream().map(s -> stage(s, manual)).toList());
    }

    private static Part part(Part part, Practices practices) {
        return part.reuse() == ReuseRule.AS_PRACTISED
                ? part.withReuse(
                        practices.renewal() == Practices.Renewal.ALWAYS_NEW
                                ? ReuseRule.ALWAYS_NEW
                                : ReuseRule.INSPECT)
                : part;
    }

    private static Joint joint(Joint joint, Practices practices) {
        TighteningWay way = joint.way() != null ? joint.way() : practices.tightening();
        String order = joint.order();
        if (order.isEmpty() && joint.count() >= ROUND) {
            order = practices.round() == Practices.Round.STAR ? "star" : "cross";
        }
        return joint.withWay(way).withOrder(order);
    }

    private static Stage stage(Stage stage, Manual manual) {
        return stage.withSteps(
                stage.steps().stream()
                        .filter(manual.practices()::does)
                        .map(s -> step(s, manual))
                        .toList());
    }

    private static Step step(Step step, Manual manual) {
        if (manual.practices().tools() == Practices.ToolChoice.BOOK) {
            return step;
        }
        List<Id<Tool>> tools = step.tools().stream().map(t -> used(t, manual)).distinct().toList();
        return step.withTools(tools);
    }

    private static Id<Tool> used(Id<Tool> tool, Manual manual) {
        return manual.tool(tool)
                .flatMap(t -> Optional.ofNullable(t.instead()))
                .flatMap(i -> manual.tool(i.tool()))
                .map(Tool::id)
                .orElse(tool);
    }
}
