package methodos.core.torque;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.RepeatedSteps;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.StepUses;
import methodos.core.practice.PractisedManual;
import methodos.core.quantity.Quantity;

/** Every joint that the steps tighten, one row a joint, in the order of the steps. */
public final class TighteningTable {

    /**
     * @param fastener the part that holds the joint, empty where it is none of the list
     * @param entered the value as entered, empty while it is open
     * @param other the same as it was given in another unit, else converted to the other system of
     *     measures
     * @param steps numbers of the steps that tighten it
     * @param places at how many places it is, where a step that tightens it is repeated
     */
    public record Row(
            Joint joint,
            Optional<Part> fastener,
            Optional<Quantity> entered,
            Optional<Quantity> other,
            List<Integer> steps,
            int places) {}

    private TighteningTable() {}

    /** A row for each joint that a step tightens, in the order of the steps. */
    public static List<Row> of(PractisedManual practised, Sight sight) {
        Manual manual = practised.manual();
        StepNumbers numbers = new StepNumbers(manual, sight);
        StepUses<Joint> uses = new StepUses<>(manual, numbers, Step::joints);
        Map<Id<Joint>, Joint> joints = new HashMap<>();
        manual.joints().forEach(j -> joints.put(j.id(), j));
        Map<Id<Part>, Part> parts = new HashMap<>();
        manual.parts().forEach(p -> parts.put(p.id(), p));
        Map<Id<Joint>, Integer> places = places(manual);
        List<Row> rows = new ArrayList<>();
        manual.steps()
                .filter(s -> numbers.of(s.id()).isPresent())
                .flatMap(s -> s.joints().stream())
                .distinct()
                .flatMap(j -> Optional.ofNullable(joints.get(j)).stream())
                .filter(j -> j.applicability().concerns(sight))
                .forEach(j -> rows.add(row(j, parts.get(j.fastener()), uses, places)));
        return List.copyOf(rows);
    }

    /** By the id of a joint, how often the step is done that tightens it most often. */
    private static Map<Id<Joint>, Integer> places(Manual manual) {
        RepeatedSteps repeated = new RepeatedSteps(manual);
        Map<Id<Joint>, Integer> places = new HashMap<>();
        manual.steps()
                .forEach(
                        s ->
                                s.joints()
                                        .forEach(
                                                j ->
                                                        places.merge(
                                                                j,
                                                                repeated.of(s.id()),
                                                                Math::max)));
        return places;
    }

    private static Row row(
            Joint joint, Part fastener, StepUses<Joint> uses, Map<Id<Joint>, Integer> places) {
        Optional<Quantity> entered = joint.torque().known();
        return new Row(
                joint,
                Optional.ofNullable(fastener),
                entered,
                joint.otherTorque(),
                uses.of(joint.id()),
                places.getOrDefault(joint.id(), 1));
    }
}
