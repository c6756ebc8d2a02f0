package methodos.core.torque;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.StepUses;
import methodos.core.practice.Practised;
import methodos.core.quantity.Quantity;

/** Every joint that the steps tighten, one row a joint, in the order of the steps. */
public final class TighteningTable {

    /**
     * @param fastener the part that holds the joint, empty where it is none of the list
     * @param entered the value as entered, empty while it is open
     * @param other the same as it was given in another unit, else converted to the other system of
     *     measures
     * @param steps numbers of the steps that tighten it
     */
    public record Row(
            Joint joint,
            Optional<Part> fastener,
            Optional<Quantity> entered,
            Optional<Quantity> other,
            List<Integer> steps) {}

    private TighteningTable() {}

    public static List<Row> of(Manual whole, Sight sight) {
        Manual manual = Practised.of(whole);
        StepNumbers numbers = new StepNumbers(manual, sight);
        StepUses uses = new StepUses(manual, numbers, Step::joints);
        Map<String, Joint> joints = new HashMap<>();
        manual.joints().forEach(j -> joints.put(j.id(), j));
        Map<String, Part> parts = new HashMap<>();
        manual.parts().forEach(p -> parts.put(p.id(), p));
        List<Row> rows = new ArrayList<>();
        manual.steps()
                .filter(s -> numbers.of(s.id()).isPresent())
                .flatMap(s -> s.joints().stream())
                .distinct()
                .flatMap(j -> Optional.ofNullable(joints.get(j)).stream())
                .filter(j -> j.applicability().concerns(sight))
                .forEach(j -> rows.add(row(j, parts.get(j.fastener()), uses)));
        return List.copyOf(rows);
    }

    private static Row row(Joint joint, Part fastener, StepUses uses) {
        Optional<Quantity> entered = joint.torque().known();
        return new Row(
                joint,
                Optional.ofNullable(fastener),
                entered,
                Optional.ofNullable(joint.second())
                        .or(() -> entered.flatMap(Quantity::inOtherSystem)),
                uses.of(joint.id()));
    }
}
