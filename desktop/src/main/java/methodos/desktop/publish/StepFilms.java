package methodos.desktop.publish;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.narration.Captions;
import methodos.core.narration.Workspace;
import methodos.files.captions.CaptionFile;
import methodos.footage.ClipExport;
import methodos.footage.FootageProblem;
import methodos.footage.Recording;
import methodos.footage.track.FollowedMarks;
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
                                    : new String(CaptionFile.text(said), StandardCharsets.UTF_8),
                            marks(step, span, clip)));
        } catch (FootageProblem e) {
            throw new PublishProblem(e.getMessage(), e);
        }
    }

    /**
     * The callouts of the step's figure that was taken from the clip, followed through the span.
     */
    private List<Followed> marks(Step step, Span span, Clip clip) throws FootageProblem {
        Figure figure =
                step.figures().stream()
                        .flatMap(f -> workspace.manual().figure(f).stream())
                        .filter(f -> f.still() != null && f.still().clip().equals(clip.id()))
                        .findFirst()
                        .orElse(null);
        List<Mark.Callout> callouts =
                figure == null
                        ? List.of()
                        : figure.marks().stream()
                                .filter(m -> m instanceof Mark.Callout)
                                .map(m -> (Mark.Callout) m)
                                .toList();
        if (callouts.isEmpty()) {
            return List.of();
        }
        try (Recording recording = Recording.open(recordings.apply(clip)).turned(clip.turned())) {
            List<FollowedMarks.Moment> moments =
                    FollowedMarks.of(
                            recording,
                            span.start(),
                            span.end(),
                            figure.still().time(),
                            callouts.stream().map(Mark.Callout::target).toList(),
                            cancelled);
            List<Followed> all = new ArrayList<>();
            for (int i = 0; i < callouts.size(); i++) {
                all.add(followed(callouts.get(i), i, moments, span));
            }
            return all.stream().filter(f -> !f.item().isEmpty()).toList();
        }
    }

    private Followed followed(
            Mark.Callout callout, int index, List<FollowedMarks.Moment> moments, Span span) {
        Part part = workspace.manual().part(callout.part()).orElse(null);
        return new Followed(
                        part == null ? "" : part.item(),
                        part == null ? "" : part.item() + " " + part.label(),
                        moments.stream()
                                .map(
                                        m ->
                                                new Followed.Place(
                                                        Math.max(0, m.time() - span.start()),
                                                        m.places().get(index).orElse(null)))
                                .toList())
                .sparse();
    }
}
