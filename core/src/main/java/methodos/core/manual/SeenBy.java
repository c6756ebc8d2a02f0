package methodos.core.manual;

import java.util.HashMap;
import java.util.Map;

/** A manual with the kits, figures and readings of those units only that are looked at. */
public final class SeenBy {

    private SeenBy() {}

    public static Manual of(Manual manual, Sight sight) {
        Map<String, Figure> figures = new HashMap<>();
        manual.figures().forEach(f -> figures.put(f.id(), f));
        return manual.withKits(
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

    private static Step step(Step step, Map<String, Figure> figures, Sight sight) {
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
