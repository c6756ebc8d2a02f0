package methodos.core.ledger;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;

/** The size of the hexagon that a step turns, as far as its tools tell. */
final class DriveSize {

    private DriveSize() {}

    /** Nothing where no tool of the step has one, or several have different ones. */
    static Optional<String> of(Step step, Map<Id<Tool>, Tool> tools) {
        List<String> sizes =
                step.tools().stream()
                        .map(tools::get)
                        .filter(t -> t != null && turns(t))
                        .map(Tool::size)
                        .distinct()
                        .toList();
        return sizes.size() == 1 ? Optional.of(sizes.get(0)) : Optional.empty();
    }

    /** A hand tool with one length for its size; what is made up or measures turns nothing. */
    private static boolean turns(Tool tool) {
        if (tool.kind() != Tool.Kind.STANDARD || tool.size().isEmpty()) {
            return false;
        }
        try {
            Quantity size = Quantity.parse(tool.size());
            return size.single() && size.unit().dimension() == MeasureUnit.Dimension.LENGTH;
        } catch (IllegalArgumentException noLength) {
            return false;
        }
    }
}
