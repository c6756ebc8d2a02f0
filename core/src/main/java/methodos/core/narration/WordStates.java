package methodos.core.narration;

import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Dismissal;
import methodos.core.manual.Evidence;
import methodos.core.manual.Manual;
import methodos.core.manual.Span;
import methodos.core.manual.Step;

/**
 * What became of the words of one clip. Made in one pass over the manual, so that each caption of
 * an hour of narration is looked up in logarithmic time.
 */
public final class WordStates {

    private final TreeMap<Double, Double> used;
    private final TreeMap<Double, Double> dismissed;
    private final TreeMap<Double, Double> proposed;

    /**
     * @param clip id of the clip
     */
    public WordStates(Manual manual, Id<Clip> clip) {
        used = stretches(manual.steps().flatMap(WordStates::spans), clip);
        dismissed = stretches(manual.dismissals().stream().map(Dismissal::span), clip);
        proposed = stretches(manual.proposals().stream().map(Dismissal::span), clip);
    }

    /** The state of a caption: that of the step or dismissal in which its middle lies. */
    public WordState of(Caption caption) {
        double middle = Captions.middle(caption);
        if (holds(used, middle)) {
            return WordState.USED;
        }
        if (holds(dismissed, middle)) {
            return WordState.DISMISSED;
        }
        return holds(proposed, middle) ? WordState.PROPOSED : WordState.OPEN;
    }

    private static Stream<Span> spans(Step step) {
        Stream<Span> quoted =
                step.evidence().stream()
                        .flatMap(
                                e ->
                                        e instanceof Evidence.Recorded r
                                                ? Stream.of(r.span())
                                                : Stream.empty());
        return Stream.concat(step.spans().stream(), quoted);
    }

    /** The spans of a clip by their start, those that touch made one. */
    private static TreeMap<Double, Double> stretches(Stream<Span> spans, Id<Clip> clip) {
        TreeMap<Double, Double> stretches = new TreeMap<>();
        spans.filter(s -> s.clip().equals(clip) && s.seconds() > 0)
                .forEach(
                        s -> {
                            double from = s.start();
                            double to = s.end();
                            Map.Entry<Double, Double> other = stretches.floorEntry(to);
                            while (other != null && other.getValue() >= from) {
                                from = Math.min(from, other.getKey());
                                to = Math.max(to, other.getValue());
                                stretches.remove(other.getKey());
                                other = stretches.floorEntry(to);
                            }
                            stretches.put(from, to);
                        });
        return stretches;
    }

    private static boolean holds(TreeMap<Double, Double> stretches, double time) {
        Map.Entry<Double, Double> before = stretches.floorEntry(time);
        return before != null && time < before.getValue();
    }
}
