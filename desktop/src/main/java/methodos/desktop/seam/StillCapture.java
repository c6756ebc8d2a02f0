package methodos.desktop.seam;

import java.util.function.Consumer;
import methodos.core.description.Id;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Step;
import methodos.core.words.Words;
import methodos.desktop.footage.FootageDesk;
import methodos.desktop.project.OpenProject;

/**
 * Takes stills of footage as figures of steps; decoding and keeping happen beside the interface.
 */
final class StillCapture {

    private final OpenProject project;
    private final FootageDesk desk;
    private final Words words;
    private final Consumer<String> message;

    StillCapture(OpenProject project, FootageDesk desk, Consumer<String> message) {
        this.project = project;
        this.desk = desk;
        this.words = project.words();
        this.message = message;
    }

    /**
     * Takes the still at a moment.
     *
     * @param step the chosen one, null for none
     * @param clip at the play position, null for none
     */
    void here(Id<Step> step, Id<Clip> clip, double time) {
        Clip known = clip == null ? null : project.manual().clip(clip).orElse(null);
        if (step == null || known == null) {
            message.accept(words.of("seam.captureNeedsStep"));
            return;
        }
        take(step, known, time);
    }

    /** Makes a proposed still the figure of a step. */
    void keep(Step step, Figure.Still still) {
        project.manual().clip(still.clip()).ifPresent(clip -> take(step.id(), clip, still.time()));
    }

    private void take(Id<Step> step, Clip clip, double time) {
        desk.keep(
                clip,
                time,
                (still, picture) -> {
                    project.apply(
                            StepEdits.capture(
                                    step, new Figure.Still(clip.id(), still.time()), picture));
                    message.accept(words.of("seam.captured"));
                },
                message);
    }
}
