package methodos.core.coverage;

import java.util.ArrayList;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Span;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.narration.Workspace;
import methodos.core.scan.FrameScore;
import methodos.core.scan.Scan;

/**
 * Stretches in which much is done and nothing is said: what is shown there stands in no draft.
 *
 * <p>A stretch counts from {@value #SHORTEST} s without words on, if over its frames the stillness
 * is less than {@value #STILL} in the mean. Words that lie close together are one stretch of
 * speech.
 */
public final class ShownNotTold {

    private static final double SHORTEST = 3;
    private static final double STILL = 0.9;

    private ShownNotTold() {}

    /**
     * @param from seconds in the clip
     * @param to seconds in the clip
     */
    public record Stretch(double from, double to) {
        double middle() {
            return (from + to) / 2;
        }
    }

    /** The stretches in the order of the clip. */
    public static List<Stretch> of(Scan scan, Captions captions) {
        if (scan.frames().isEmpty()) {
            return List.of();
        }
        List<Stretch> found = new ArrayList<>();
        double silent = 0;
        for (Caption caption : captions.captions()) {
            add(scan, silent, caption.start(), found);
            silent = Math.max(silent, caption.end());
        }
        add(scan, silent, scan.frames().get(scan.frames().size() - 1).time(), found);
        return found;
    }

    /**
     * The stretches of a clip that nobody has decided on: in which no step lies, and which are not
     * set aside. None where the clip is not scanned yet or has no narration at all.
     */
    public static List<Stretch> open(Workspace workspace, Id<Clip> clip) {
        Captions captions = workspace.captions(clip);
        if (captions.captions().isEmpty() || workspace.scan(clip).isEmpty()) {
            return List.of();
        }
        List<Span> settled = new ArrayList<>();
        workspace.manual().steps().forEach(s -> settled.addAll(s.spans()));
        workspace.manual().dismissals().forEach(d -> settled.add(d.span()));
        return of(workspace.scan(clip).get(), captions).stream()
                .filter(
                        stretch ->
                                settled.stream()
                                        .noneMatch(
                                                s ->
                                                        s.clip().equals(clip)
                                                                && s.contains(stretch.middle())))
                .toList();
    }

    private static void add(Scan scan, double from, double to, List<Stretch> found) {
        if (to - from < SHORTEST) {
            return;
        }
        double still =
                scan.framesOf(from, to).stream()
                        .mapToDouble(FrameScore::stillness)
                        .average()
                        .orElse(1);
        if (still < STILL) {
            found.add(new Stretch(from, to));
        }
    }
}
