package methodos.desktop.seam;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import methodos.core.description.Id;
import methodos.core.edit.CaptionEdits;
import methodos.core.manual.Clip;
import methodos.core.manual.Span;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.narration.Drift;
import methodos.core.words.Words;
import methodos.desktop.project.OpenProject;
import methodos.files.problem.ProjectProblem;

/** What is done to the chosen words themselves: corrected, and lined up with the film. */
final class CaptionWork {

    private final OpenProject project;
    private final SeamState state;
    private final SeamView seam;
    private final Words words;
    private final Consumer<String> message;

    /** Where captions and film were lined up last, for as long as those are the captions. */
    private final Map<Id<Clip>, LinedUp> linedUp = new HashMap<>();

    private record LinedUp(String digest, Drift.Point point) {}

    CaptionWork(OpenProject project, SeamState state, SeamView seam, Consumer<String> message) {
        this.project = project;
        this.state = state;
        this.seam = seam;
        this.words = project.words();
        this.message = message;
    }

    /** Opens the chosen words where they stand. */
    void correct() {
        seam.chosenWords()
                .ifPresentOrElse(
                        block ->
                                seam.correct(
                                        block, right -> keep(block.clip(), block.caption(), right)),
                        () -> message.accept(words.of("caption.choose")));
    }

    private void keep(Clip clip, Caption wrong, String right) {
        if (right.equals(wrong.words())) {
            return;
        }
        Captions now = project.workspace().get().captions(clip.id());
        try {
            project.keepCaptions(
                    clip,
                    now.corrected(wrong, right),
                    digest -> CaptionEdits.correct(clip, digest, wrong, right));
        } catch (ProjectProblem e) {
            message.accept(e.getMessage());
        }
    }

    /** Gives the chosen words back as they were recognised. */
    void asRecognised() {
        seam.chosenWords().ifPresent(b -> keep(b.clip(), b.caption(), b.caption().asRecognised()));
    }

    /**
     * Says that the chosen words begin at the moment of the film that is shown: all captions move
     * by as much, or, where they were lined up at another place before, are stretched between.
     */
    void lineUp() {
        Optional<SeamLayout.WordBlock> chosen =
                seam.chosenWords().filter(b -> b.clip().id().equals(state.clip().get()));
        if (chosen.isEmpty()) {
            message.accept(words.of("caption.lineUpHow"));
            return;
        }
        Clip clip = project.manual().clip(chosen.get().clip().id()).orElseThrow();
        Caption caption = chosen.get().caption();
        Drift.Point here = new Drift.Point(caption.start(), state.time().get());
        Optional<Drift.Point> before =
                Optional.ofNullable(linedUp.get(clip.id()))
                        .filter(l -> l.digest().equals(clip.captions()))
                        .map(LinedUp::point)
                        .filter(p -> Math.abs(p.caption() - here.caption()) >= Drift.APART);
        try {
            Drift drift =
                    before.map(p -> Drift.through(p, here)).orElseGet(() -> Drift.through(here));
            retime(clip, caption, drift);
            linedUp.put(
                    clip.id(),
                    new LinedUp(
                            project.manual().clip(clip.id()).orElseThrow().captions(),
                            new Drift.Point(here.film(), here.film())));
            message.accept(
                    before.isPresent()
                            ? words.of("caption.stretched", 100 * (drift.rate() - 1))
                            : words.of("caption.shifted", here.film() - here.caption()));
        } catch (IllegalArgumentException e) {
            message.accept(e.getMessage());
        } catch (ProjectProblem e) {
            message.accept(e.getMessage());
        }
    }

    private void retime(Clip clip, Caption caption, Drift drift) throws ProjectProblem {
        Captions now = project.workspace().get().captions(clip.id());
        project.keepCaptions(
                clip,
                now.retimed(drift, clip.duration()),
                digest -> CaptionEdits.retime(clip, digest, drift));
        state.span()
                .set(
                        new Span(
                                clip.id(),
                                drift.within(caption.start(), clip.duration()),
                                drift.within(caption.end(), clip.duration())));
    }
}
