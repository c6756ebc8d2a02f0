package methodos.core.practice;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import methodos.core.description.Id;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;

/**
 * A manual as it is carried out, with the kits, figures and readings of those units only that are
 * looked at.
 */
public final class SeenManual {

    private final PractisedManual practised;
    private final Sight sight;
    private final Manual manual;

    SeenManual(PractisedManual practised, Sight sight) {
        this.practised = practised;
        this.sight = sight;
        this.manual = seen(practised.manual(), sight);
    }

    /** What is seen. */
    public Manual manual() {
        return manual;
    }

    /** What it was taken from, for all units. */
    public PractisedManual practised() {
        return practised;
    }

    /** The units that are looked at. */
    public Sight sight() {
        return sight;
    }

    private static Manual seen(Manual manual, Sight sight) {
        Map<Id<Figure>, Figure> figures = new HashMap<>();
        manual.figures().forEach(f -> figures.put(f.id(), f));
        Set<Id<Part>> absent =
                manual.parts().stream()
                        .filter(p -> !p.applicability().concerns(sight))
                        .map(Part::id)
                        .collect(Collectors.toSet());
        return manual.withFigures(manual.figures().stream().map(f -> without(absent, f)).toList())
                .withKits(
                        manual.kits().stream()
                                .filter(k -> k.applicability().concerns(sight))
                                .toList())
                .withStages(
                        manual.stages().stream()
                                .map(
                                        stage ->
                                                stage.withSteps(
                                                        stage.steps().stream()
                                                                .map(s -> step(s, figures, sight))
                                                                .toList()))
                                .toList());
    }

    /** A figure without the numbers of parts that none of the units has. */
    private static Figure without(Set<Id<Part>> absent, Figure figure) {
        return figure.withMarks(
                figure.marks().stream()
                        .filter(m -> !(m instanceof Mark.OfPart of) || !absent.contains(of.part()))
                        .toList());
    }

    private static Step step(Step step, Map<Id<Figure>, Figure> figures, Sight sight) {
        return step.withFigures(
                        step.figures().stream()
                                .filter(
                                        f ->
                                                !figures.containsKey(f)
                                                        || figures.get(f)
                                                                .applicability()
                                                                .concerns(sight))
                                .toList())
                .withReadings(
                        step.readings().stream()
                                .filter(r -> r.applicability().concerns(sight))
                                .toList());
    }
}
