package methodos.core.sheet;

import java.util.function.Predicate;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Step;
import methodos.core.sheet.SheetReading.Fate;
import methodos.core.sheet.SheetReading.Item;

/** Where a thing of the lists is used. */
final class Uses {

    private Uses() {}

    static Item item(
            Manual manual,
            Fate fate,
            String what,
            java.util.List<String> differences,
            Predicate<Step> inStep,
            Predicate<Figure> inFigure) {
        return new Item(
                fate,
                what,
                differences,
                fate == Fate.ADDED ? 0 : manual.steps().filter(inStep).count(),
                fate == Fate.ADDED ? 0 : manual.figures().stream().filter(inFigure).count());
    }

    static boolean shows(Figure figure, String part) {
        return figure.marks().stream()
                .anyMatch(m -> m instanceof Mark.Callout c && part.equals(c.part()));
    }

    static boolean uses(Step step, String part) {
        return step.parts().stream().anyMatch(u -> u.part().equals(part));
    }
}
