package methodos.core.figure;

import java.util.Optional;
import methodos.core.manual.Figure;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.narration.Workspace;
import methodos.core.scan.BestStills;
import methodos.core.words.Words;

/**
 * The still that is proposed for a drafted step: the clearest frame of its footage.
 *
 * @param words why this one, for people
 */
public record ProposedStill(Figure.Still still, String words) {

    /** Nothing for steps that are accepted or have a figure, and where no frame is usable. */
    public static Optional<ProposedStill> of(Workspace workspace, Step step, Words words) {
        if (step.accepted() || !step.figures().isEmpty() || step.spans().isEmpty()) {
            return Optional.empty();
        }
        Span span = step.spans().get(0);
        return workspace
                .scan(span.clip())
                .flatMap(
                        scan ->
                                BestStills.of(scan, span.start(), span.end(), 1, words).stream()
                                        .findFirst())
                .map(
                        best ->
                                new ProposedStill(
                                        new Figure.Still(span.clip(), best.time()), best.words()));
    }
}
