package methodos.desktop.publish;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;
import methodos.core.manual.Clip;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.narration.Captions;
import methodos.core.narration.Workspace;
import methodos.files.captions.CaptionFile;
import methodos.footage.ClipExport;
import methodos.footage.FootageProblem;
import methodos.publish.PublishProblem;
import methodos.publish.document.Films;

/** Makes the film of a step from its first span, with what is said there as captions. */
public final class StepFilms implements Films {

    private static final int HEIGHT = 480;

    private final Workspace workspace;
    private final Function<Clip, Path> recordings;
    private final Consumer<Step> progress;
    private final BooleanSupplier cancelled;

    /**
     * @param recordings where the recording of a clip is
     * @param progress told the step whose film is made next
     * @param cancelled asked now and then whether to stop
     */
    public StepFilms(
            Workspace workspace,
            Function<Clip, Path> recordings,
            Consumer<Step> progress,
            BooleanSupplier cancelled) {
        this.workspace = workspace;
        this.recordings = recordings;
        this.progress = progress;
        this.cancelled = cancelled;
    }

    @Override
    public Optional<Film> of(Step step, Path folder, String name) throws PublishProblem {
        progress.accept(step);
        Span span = step.spans().stream().findFirst().orElse(null);
        Clip clip = span == null ? null : workspace.manual().clip(span.clip()).orElse(null);
        if (clip == null || span.seconds() <= 0 || !Files.exists(recordings.apply(clip))) {
            return Optional.empty();
        }
        String film = name + ".webm";
        try {
            new ClipExport(recordings.apply(clip), clip.turned(), span.start(), span.end(), HEIGHT)
                    .write(folder.resolve(film), share -> {}, cancelled);
            Captions said = workspace.captions(clip.id()).within(span.start(), span.end());
            return Optional.of(
                    new Film(
                            film,
                            said.captions().isEmpty()
                                    ? ""
                                    : new String(CaptionFile.text(said), StandardCharsets.UTF_8)));
        } catch (FootageProblem e) {
            throw new PublishProblem(e.getMessage(), e);
        }
    }
}
