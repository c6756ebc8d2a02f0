package methodos.footage.change;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import methodos.core.change.SeenChange;
import methodos.core.change.SeenSpan;
import methodos.core.scan.ClearStretch;
import methodos.core.scan.Scan;
import methodos.footage.FootageProblem;
import methodos.footage.Recording;
import methodos.footage.Still;

/** Finds what changed in a span of a recording, from a clear stretch before it to one after it. */
public final class SpanChanges {

    /** So many frames of a clear stretch are laid on each other. */
    private static final int LAID = 9;

    /** The time at which something changed is told to this many seconds, at best. */
    private static final double FINEST = .2;

    private static final int MOST_FRAMES = 36;

    private SpanChanges() {}

    /**
     * @param from seconds, the begin of what was done
     * @param to seconds, the end of it
     * @param scan of the recording: where nothing passes before the camera, and where that changes
     * @throws FootageProblem if the recording cannot be read there
     */
    public static SeenSpan of(Recording recording, double from, double to, Scan scan)
            throws FootageProblem {
        return of(recording, from, to, 0, recording.duration(), scan);
    }

    /**
     * The same where it is known how far around nothing else was done.
     *
     * @param earliest seconds, not after {@code from}
     * @param latest seconds, not before {@code to}
     */
    public static SeenSpan of(
            Recording recording, double from, double to, double earliest, double latest, Scan scan)
            throws FootageProblem {
        ClearStretch clearBefore = ClearStretch.before(scan, from, to, earliest);
        ClearStretch clearAfter = ClearStretch.after(scan, from, to, latest);
        ClearStill before = clear(recording, clearBefore);
        ClearStill after = clear(recording, clearAfter);
        List<SeenChange> changes = StillChanges.between(before.picture(), after.picture());
        double first = Math.max(from, clearBefore.to());
        double last = Math.min(to, clearAfter.from());
        if (!changes.isEmpty() && last > first) {
            double every = Math.max(FINEST, (last - first) / MOST_FRAMES);
            List<Still> during = frames(recording, first, last, every);
            changes = Times.of(changes, before.picture(), after.picture(), during);
        }
        return new SeenSpan(before.time(), after.time(), changes);
    }

    private static ClearStill clear(Recording recording, ClearStretch stretch)
            throws FootageProblem {
        double every = Math.max(.04, (stretch.to() - stretch.from()) / (LAID - 1));
        List<Still> frames = frames(recording, stretch.from(), stretch.to(), every);
        return ClearStill.of(frames, (stretch.from() + stretch.to()) / 2);
    }

    private static List<Still> frames(Recording recording, double from, double to, double every)
            throws FootageProblem {
        List<Still> all = new ArrayList<>();
        double last = Math.max(0, recording.duration() - recording.frameSeconds() / 2);
        for (double time = from; time <= to + 1e-6; time += every) {
            Still still =
                    recording.still(Math.min(time, last), Colours.WIDTH, Integer.MAX_VALUE / 4);
            if (all.isEmpty() || all.get(all.size() - 1).time() < still.time()) {
                all.add(new Still(still.time(), wide(still.picture())));
            }
        }
        return all;
    }

    /** A recording of fewer pixels is made larger, so that all are compared at one size. */
    private static BufferedImage wide(BufferedImage picture) {
        return picture.getWidth() == Colours.WIDTH ? picture : Colours.sized(picture);
    }
}
