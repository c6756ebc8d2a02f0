package methodos.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import methodos.core.description.Id;
import methodos.core.figure.TurnTold;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Rotation;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;

/** What is open in the figures of a manual. */
final class FigurePoints {

    private final Manual manual;
    private final StepNumbers numbers;
    private final List<OpenPoint> points = new ArrayList<>();

    static List<OpenPoint> of(Manual manual, StepNumbers numbers) {
        FigurePoints figures = new FigurePoints(manual, numbers);
        figures.collect();
        return figures.points;
    }

    private FigurePoints(Manual manual, StepNumbers numbers) {
        this.manual = manual;
        this.numbers = numbers;
    }

    private void add(String key, Id<Step> step, String subject, Object... arguments) {
        points.add(new OpenPoint(Matter.FIGURES, key, List.of(arguments), step, subject));
    }

    private void collect() {
        Set<Id<Figure>> beside =
                manual.figures().stream()
                        .flatMap(f -> f.beside().stream())
                        .collect(Collectors.toSet());
        for (Figure figure : manual.figures()) {
            Step step =
                    manual.steps()
                            .filter(s -> s.figures().contains(figure.id()))
                            .findFirst()
                            .orElse(null);
            Id<Step> id = step == null ? null : step.id();
            if (step == null && !beside.contains(figure.id())) {
                add("open.figure.unused", null, figure.id().text(), figure.title());
            }
            boolean lost =
                    figure.marks().stream()
                            .anyMatch(
                                    m ->
                                            m instanceof Mark.OfPart p
                                                    && manual.part(p.part()).isEmpty());
            if (lost) {
                add("open.figure.part", id, figure.id().text(), figure.title());
            }
            if (!figure.doubtful().isEmpty()) {
                add(
                        "open.figure.doubt",
                        id,
                        figure.id().text(),
                        figure.title(),
                        figure.doubtful().size());
            }
            if (step != null) {
                turns(figure, step);
            }
        }
    }

    /** An arrow that turns the other way than the words of its step. */
    private void turns(Figure figure, Step step) {
        Rotation told = TurnTold.in(step.text()).orElse(null);
        if (told == null) {
            return;
        }
        for (Mark mark : figure.marks()) {
            if (mark instanceof Mark.Turn turn && turn.rotation() != told) {
                add(
                        "open.figure.rotation." + turn.rotation().name(),
                        step.id(),
                        figure.id().text(),
                        figure.title(),
                        numbers.of(step.id()).orElse(0));
                return;
            }
        }
    }
}
