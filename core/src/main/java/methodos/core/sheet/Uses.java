package methodos.core.sheet;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import methodos.core.description.Id;
import methodos.core.manual.Figure;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.StepUses;
import methodos.core.manual.Tool;
import methodos.core.sheet.SheetReading.Fate;
import methodos.core.sheet.SheetReading.Item;

/** How many steps and figures use each thing of a list, counted in one walk. */
final class Uses<T> {

    private final StepUses<T> steps;
    private final Map<Id<T>, Integer> figures = new HashMap<>();

    private Uses(Manual manual, Function<Step, List<Id<T>>> inStep) {
        steps = new StepUses<>(manual, new StepNumbers(manual, Sight.EVERYTHING), inStep);
    }

    static Uses<Part> ofParts(Manual manual) {
        Uses<Part> uses =
                new Uses<>(manual, s -> s.parts().stream().map(PartUse::part).distinct().toList());
        for (Figure figure : manual.figures()) {
            figure.marks().stream()
                    .filter(Mark.OfPart.class::isInstance)
                    .map(m -> ((Mark.OfPart) m).part())
                    .distinct()
                    .forEach(uses::shown);
        }
        return uses;
    }

    static Uses<Tool> ofTools(Manual manual) {
        Uses<Tool> uses = new Uses<>(manual, Step::tools);
        manual.tools().stream().filter(t -> t.sketch() != null).map(Tool::id).forEach(uses::shown);
        return uses;
    }

    static Uses<Joint> ofJoints(Manual manual) {
        return new Uses<>(manual, Step::joints);
    }

    private void shown(Id<T> id) {
        figures.merge(id, 1, Integer::sum);
    }

    /**
     * @param id of the thing; of one that is new, no step or figure knows it
     */
    Item item(Fate fate, Id<T> id, String what, List<String> differences) {
        return new Item(fate, what, differences, steps.of(id).size(), figures.getOrDefault(id, 0));
    }
}
