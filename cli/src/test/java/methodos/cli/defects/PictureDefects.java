package methodos.cli.defects;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import methodos.core.description.Id;
import methodos.core.finding.Rule;
import methodos.core.manual.Figure;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.Preparation;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;

/** Figures that do not show what their step does. */
final class PictureDefects extends Spoiling {

    PictureDefects(Manual sound, Map<String, List<Defect>> kinds) {
        super(sound, kinds);
    }

    void collect() {
        for (Stage stage : sound.stages()) {
            stage.steps().forEach(s -> pictures(s, stage.kind()));
        }
        figuresOfOtherSteps();
    }

    private List<Figure> figures(Step step) {
        return step.figures().stream().flatMap(f -> sound.figure(f).stream()).toList();
    }

    private void pictures(Step step, Stage.Kind stage) {
        for (PartUse use : step.parts()) {
            boolean moved = use.in(stage) == Handling.TAKEN_OFF || use.in(stage) == Handling.PUT_ON;
            if (moved && !figures(step).isEmpty()) {
                Manual bare = sound;
                for (Figure figure : figures(step)) {
                    bare = bare.withFigure(without(figure, use.part()));
                }
                add("a part without a number", bare, Rule.FIGURE, step);
            }
        }
        for (Figure figure : figures(step)) {
            boolean called = figure.marks().stream().anyMatch(m -> m instanceof Mark.Callout);
            if (called) {
                Preparation aside =
                        Preparation.NONE.withCrop(new Preparation.Crop(-.5, -.2, -.495, -.195));
                add(
                        "a number outside of the picture",
                        sound.withFigure(figure.withPreparation(aside)),
                        Rule.FIGURE,
                        step);
            }
        }
        boolean outlined =
                figures(step).stream()
                        .anyMatch(f -> f.marks().stream().anyMatch(m -> m instanceof Mark.Outline));
        if (outlined) {
            Manual bare = sound;
            for (Figure figure : figures(step)) {
                bare =
                        bare.withFigure(
                                figure.withMarks(
                                        figure.marks().stream()
                                                .filter(m -> !(m instanceof Mark.Outline))
                                                .toList()));
            }
            add("a dial that nothing points at", bare, Rule.FIGURE, step);
        }
        for (Id<Joint> id : step.joints()) {
            Joint joint = sound.joint(id).orElseThrow();
            if (joint.count() >= 4 && step.text().contains("crosswise")) {
                Manual bare = sound;
                for (Figure figure : sound.figures()) {
                    bare =
                            bare.withFigure(
                                    figure.withMarks(
                                            figure.marks().stream()
                                                    .filter(m -> !(m instanceof Mark.ScrewOrder))
                                                    .toList()));
                }
                add("which screw is which", bare, Rule.ORDER_UNTOLD, step);
            }
        }
    }

    private static Figure without(Figure figure, Id<Part> part) {
        return figure.withMarks(
                        figure.marks().stream()
                                .filter(
                                        m ->
                                                !(m instanceof Mark.OfPart p)
                                                        || !p.part().equals(part))
                                .toList())
                .withStack(figure.stack().stream().filter(l -> !part.equals(l.part())).toList());
    }

    /** Stills from the footage of another step, and such as show a part in the wrong state. */
    private void figuresOfOtherSteps() {
        Set<Id<Figure>> shared =
                sound.figures().stream()
                        .map(Figure::id)
                        .filter(
                                f ->
                                        steps.stream().filter(s -> s.figures().contains(f)).count()
                                                > 1)
                        .collect(Collectors.toCollection(HashSet::new));
        for (Step step : steps) {
            for (Figure figure : figures(step)) {
                if (figure.still() == null
                        || step.spans().isEmpty()
                        || shared.contains(figure.id())) {
                    continue;
                }
                for (Step other : steps) {
                    for (Span span : other.spans()) {
                        double middle = (span.start() + span.end()) / 2;
                        boolean near =
                                step.spans().stream()
                                        .anyMatch(
                                                s ->
                                                        s.clip().equals(span.clip())
                                                                && middle > s.start() - 4
                                                                && middle < s.end() + 4);
                        if (!other.id().equals(step.id()) && !near) {
                            add(
                                    "a still of another step",
                                    sound.withFigure(
                                            figure.withStill(
                                                    new Figure.Still(span.clip(), middle))),
                                    Rule.FIGURE,
                                    step);
                        }
                    }
                }
            }
        }
    }
}
