package methodos.core.edit;

import java.util.function.UnaryOperator;
import methodos.core.description.Walk;
import methodos.core.manual.Clip;
import methodos.core.manual.Dismissal;
import methodos.core.manual.Evidence;
import methodos.core.manual.Manual;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.narration.Caption;
import methodos.core.narration.Drift;

/** Edits of what is said in a clip; the words themselves are kept beside the manual. */
public final class CaptionEdits {

    private CaptionEdits() {}

    /** Brings captions in. */
    public static Edit bring(Clip clip, String digest) {
        return Edit.named(EditKind.CAPTIONS, m -> named(m, clip, digest));
    }

    /**
     * Corrects the words of one caption, also where a statement quotes them.
     *
     * @param digest of the captions with the corrected words
     */
    public static Edit correct(Clip clip, String digest, Caption wrong, String right) {
        Span span = new Span(clip.id(), wrong.start(), wrong.end());
        UnaryOperator<String> quote =
                q -> q.contains(wrong.words()) ? q.replace(wrong.words(), right) : q;
        return Edit.named(
                EditKind.CORRECT_CAPTION,
                m -> {
                    Manual named = named(m, clip, digest);
                    Manual told =
                            Walk.replaced(
                                    named,
                                    Evidence.Recorded.class,
                                    r ->
                                            r.span().shared(span) > 0
                                                    ? new Evidence.Recorded(
                                                            r.span(), quote.apply(r.quote()))
                                                    : r);
                    return Walk.replaced(
                            told,
                            Dismissal.class,
                            d ->
                                    d.span().shared(span) > 0
                                            ? new Dismissal(
                                                    d.span(), quote.apply(d.quote()), d.reason())
                                            : d);
                });
    }

    /**
     * Moves what is said in a clip against its film. What quotes the words goes along, and so does
     * the footage of steps that nobody has looked at yet, since it was found by the words; that of
     * an accepted step stays where it is.
     *
     * @param digest of the captions as they lie then
     */
    public static Edit retime(Clip clip, String digest, Drift drift) {
        UnaryOperator<Span> moved = s -> moved(s, clip, drift);
        return Edit.named(
                EditKind.CAPTIONS_RETIMED,
                m -> {
                    Manual named = named(m, clip, digest);
                    for (Step step : named.steps().filter(s -> !s.accepted()).toList()) {
                        named =
                                named.withStep(
                                        step.withSpans(step.spans().stream().map(moved).toList()));
                    }
                    Manual quoted =
                            Walk.replaced(
                                    named,
                                    Evidence.Recorded.class,
                                    r -> new Evidence.Recorded(moved.apply(r.span()), r.quote()));
                    return Walk.replaced(
                            quoted,
                            Dismissal.class,
                            d -> new Dismissal(moved.apply(d.span()), d.quote(), d.reason()));
                });
    }

    private static Span moved(Span span, Clip clip, Drift drift) {
        if (!span.clip().equals(clip.id())) {
            return span;
        }
        return new Span(
                span.clip(),
                drift.within(span.start(), clip.duration()),
                drift.within(span.end(), clip.duration()));
    }

    private static Manual named(Manual manual, Clip clip, String digest) {
        return manual.clip(clip.id())
                .map(c -> manual.withClip(c.withCaptions(digest)))
                .orElse(manual);
    }
}
