package methodos.core.narration;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;

/** The narration of a clip in the order of time. */
public record Captions(List<Caption> captions) {

    public static final Captions NONE = new Captions(List.of());

    public Captions {
        captions = captions.stream().sorted(Comparator.comparingDouble(Caption::start)).toList();
    }

    /**
     * The words said from one time to another. A caption belongs to the stretch in which its middle
     * lies, so that neighbouring stretches never share one.
     */
    public String quote(double from, double to) {
        return said(from, to).captions().stream()
                .map(Caption::words)
                .collect(Collectors.joining(" "));
    }

    /** The captions that belong to a stretch. */
    public Captions said(double from, double to) {
        return new Captions(
                captions.stream().filter(c -> from <= middle(c) && middle(c) < to).toList());
    }

    /** What is said within a stretch, on a clock that begins with it. */
    public Captions within(double from, double to) {
        return new Captions(
                captions.stream()
                        .filter(c -> c.end() > from && c.start() < to)
                        .map(
                                c ->
                                        c.at(
                                                Math.max(c.start(), from) - from,
                                                Math.min(c.end(), to) - from))
                        .toList());
    }

    /** The same with other words in the place of those of one caption. */
    public Captions corrected(Caption wrong, String right) {
        return new Captions(
                captions.stream().map(c -> c.equals(wrong) ? c.corrected(right) : c).toList());
    }

    /** The same on another clock, none of them outside the clip. */
    public Captions retimed(Drift drift, double duration) {
        return new Captions(
                captions.stream()
                        .map(
                                c ->
                                        c.at(
                                                drift.within(c.start(), duration),
                                                drift.within(c.end(), duration)))
                        .toList());
    }

    /** The moment in the middle of a caption, in seconds. */
    public static double middle(Caption caption) {
        return (caption.start() + caption.end()) / 2;
    }
}
