package methodos.core.scan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import methodos.core.words.Words;

/** Proposes the clearest frames of a span. */
public final class BestStills {

    /** Weights of what makes a frame good; they sum to 1. */
    private static final double SHARP = 0.45;

    private static final double STILL = 0.20;
    private static final double FREE = 0.25;
    private static final double EXPOSED = 0.10;

    /** So much more covered than the freest frame of the span is too much. */
    private static final double MORE_COVERED = 0.12;

    /** A smaller share of the sharpest frame's sharpness is too little. */
    private static final double LESS_SHARP = 0.6;

    /** Proposals are at least so far apart, in seconds, unless the span is short. */
    private static final double APART = 1.0;

    private BestStills() {}

    /**
     * @param time seconds
     * @param score from 0 to 1
     * @param words why, for people
     */
    public record Proposal(double time, double score, String words) {}

    /**
     * The best frames of a span, best first; fewer where fewer are usable, none where none is.
     *
     * @param count the most that are wanted
     */
    public static List<Proposal> of(Scan scan, double from, double to, int count, Words words) {
        List<FrameScore> usable = usable(scan, from, to);
        double sharpest = usable.stream().mapToDouble(FrameScore::sharpness).max().orElse(1);
        List<FrameScore> ranked =
                usable.stream()
                        .sorted(
                                Comparator.comparingDouble((FrameScore f) -> -score(f, sharpest))
                                        .thenComparingDouble(FrameScore::time))
                        .toList();
        double apart = Math.min(APART, (to - from) / (2.0 * Math.max(1, count)));
        List<Proposal> proposals = new ArrayList<>();
        for (FrameScore frame : ranked) {
            if (proposals.size() == count) {
                break;
            }
            if (proposals.stream().allMatch(p -> Math.abs(p.time - frame.time()) >= apart)) {
                double score = Math.round(score(frame, sharpest) * 1000) / 1000.0;
                proposals.add(new Proposal(frame.time(), score, say(frame, sharpest, words)));
            }
        }
        return proposals;
    }

    /** The last good frame before something is done, at most so many seconds before its span. */
    public static List<Proposal> before(Scan scan, double from, double within, Words words) {
        return of(scan, Math.max(0, from - within), from, 1, words);
    }

    /** The first good frames after something was done. */
    public static List<Proposal> after(Scan scan, double to, double within, Words words) {
        return of(scan, to, to + within, 1, words);
    }

    /** The frames that can be used, less those that are far from what the span has to offer. */
    private static List<FrameScore> usable(Scan scan, double from, double to) {
        List<FrameScore> all =
                scan.framesOf(from, to).stream()
                        .filter(f -> scan.unusable().stream().noneMatch(u -> u.holds(f.time())))
                        .toList();
        double free = all.stream().mapToDouble(FrameScore::obstruction).min().orElse(0);
        double sharp = all.stream().mapToDouble(FrameScore::sharpness).max().orElse(0);
        return all.stream()
                .filter(f -> f.obstruction() <= free + MORE_COVERED)
                .filter(f -> f.sharpness() >= sharp * LESS_SHARP)
                .toList();
    }

    private static double score(FrameScore f, double sharpest) {
        double exposed = 1 - Math.min(1, 4 * (f.clipped() + f.crushed()));
        return SHARP * (sharpest <= 0 ? 0 : f.sharpness() / sharpest)
                + STILL * f.stillness()
                + FREE * (1 - Math.min(1, 3 * f.obstruction()))
                + EXPOSED * exposed;
    }

    private static String say(FrameScore f, double sharpest, Words words) {
        String sharp = f.sharpness() >= 0.85 * sharpest ? "best.sharp" : "best.softer";
        String still = f.stillness() >= 0.6 ? "best.still" : "best.moving";
        long percent = Math.round(100 * f.obstruction());
        String free = percent < 1 ? words.of("best.free") : words.of("best.covered", percent);
        return words.of("best.words", words.of(sharp), words.of(still), free);
    }
}
