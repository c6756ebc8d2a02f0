package methodos.core.coverage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.narration.Caption;
import methodos.core.narration.WordState;
import methodos.core.narration.WordStates;
import methodos.core.narration.Workspace;
import methodos.core.practice.PractisedManual;
import methodos.core.words.Words;

/**
 * How much of the footage, the narration and the steps is accounted for.
 *
 * @param clips one for each clip, in their order
 * @param steps how many there are
 * @param withFigure how many of the steps have a figure
 * @param withEvidence how many of them lead back to footage, a document or a person
 * @param accepted how many of them somebody agreed to
 * @param unfollowed those of them that name neither part nor joint nor energy, so that the ledger
 *     can say nothing of what is done in them
 */
public record CoverageReport(
        List<OfClip> clips,
        int steps,
        int withFigure,
        int withEvidence,
        int accepted,
        List<Id<Step>> unfollowed) {

    public CoverageReport {
        clips = List.copyOf(clips);
        unfollowed = List.copyOf(unfollowed);
    }

    /**
     * @param used seconds that steps stand on
     * @param aside seconds that were set aside and that no step stands on
     * @param neither the seconds that are left
     * @param wordsUsed words that steps stand on
     * @param wordsAside words that were set aside
     * @param wordsOpen words that nobody has decided on
     */
    public record OfClip(
            Clip clip,
            double used,
            double aside,
            double neither,
            int wordsUsed,
            int wordsAside,
            int wordsOpen) {}

    /** Reckons it for all clips and for the steps that are carried out. */
    public static CoverageReport of(Workspace workspace) {
        Manual manual = workspace.manual();
        List<OfClip> clips = manual.clips().stream().map(c -> clip(workspace, manual, c)).toList();
        List<Step> steps = PractisedManual.of(manual).manual().steps().toList();
        return new CoverageReport(
                clips,
                steps.size(),
                count(steps, s -> !s.figures().isEmpty()),
                count(steps, s -> !s.evidence().isEmpty() || !s.spans().isEmpty()),
                count(steps, Step::accepted),
                unfollowed(manual, steps));
    }

    private static List<Id<Step>> unfollowed(Manual manual, List<Step> steps) {
        Set<Id<Step>> energies = new HashSet<>();
        manual.energies()
                .forEach(
                        e -> {
                            energies.addAll(e.safeSteps());
                            energies.addAll(e.restoreSteps());
                        });
        return steps.stream()
                .filter(s -> s.parts().isEmpty() && s.joints().isEmpty() && s.actions().isEmpty())
                .map(Step::id)
                .filter(id -> !energies.contains(id))
                .toList();
    }

    /**
     * What could not be followed, in a sentence; empty where all steps are. Whoever says that
     * everything closes says this first.
     */
    public Optional<String> unfollowed(Words words) {
        return unfollowed.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        words.of(
                                unfollowed.size() == steps
                                        ? "coverage.nothingFollowed"
                                        : "coverage.unfollowed",
                                unfollowed.size(),
                                steps));
    }

    private static int count(List<Step> steps, Predicate<Step> which) {
        return (int) steps.stream().filter(which).count();
    }

    private static OfClip clip(Workspace workspace, Manual manual, Clip clip) {
        List<Span> used =
                manual.steps()
                        .flatMap(s -> s.spans().stream())
                        .filter(s -> s.clip().equals(clip.id()))
                        .toList();
        List<Span> either = new ArrayList<>(used);
        manual.dismissals().stream()
                .map(d -> d.span())
                .filter(s -> s.clip().equals(clip.id()))
                .forEach(either::add);
        double usedSeconds = length(used, clip.duration());
        double eitherSeconds = length(either, clip.duration());
        WordStates states = new WordStates(manual, clip.id());
        Map<WordState, Integer> words = new EnumMap<>(WordState.class);
        for (Caption caption : workspace.captions(clip.id()).captions()) {
            words.merge(states.of(caption), count(caption), Integer::sum);
        }
        int open =
                words.getOrDefault(WordState.OPEN, 0) + words.getOrDefault(WordState.PROPOSED, 0);
        return new OfClip(
                clip,
                usedSeconds,
                eitherSeconds - usedSeconds,
                Math.max(0, clip.duration() - eitherSeconds),
                words.getOrDefault(WordState.USED, 0),
                words.getOrDefault(WordState.DISMISSED, 0),
                open);
    }

    private static int count(Caption caption) {
        return caption.words().isBlank() ? 0 : caption.words().strip().split("\\s+").length;
    }

    /** Seconds that at least one of the spans covers. */
    static double length(List<Span> spans, double duration) {
        double length = 0;
        double reached = 0;
        List<Span> ordered = new ArrayList<>(spans);
        ordered.sort(Comparator.comparingDouble(Span::start));
        for (Span span : ordered) {
            double from = Math.max(span.start(), reached);
            double to = Math.min(span.end(), duration);
            if (to > from) {
                length += to - from;
                reached = to;
            }
        }
        return length;
    }
}
