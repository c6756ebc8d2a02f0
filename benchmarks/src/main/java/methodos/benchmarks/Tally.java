package methodos.benchmarks;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Counts what somebody decides, presses and types on his way to a manual. */
final class Tally {

    static final String HEAD =
            "| narration | steps | decisions a step: median | mean | minutes | of the clip |"
                    + " by hand, of the clip |%n| --- | --- | --- | --- | --- | --- | --- |"
                            .formatted();

    /** What a draft made of a step. */
    enum Fate {
        RIGHT,
        EDITED,
        WRONG,
        MISSED
    }

    /** To make up one's mind, to press a key, to point at something: common estimates. */
    private static final double DECISION_SECONDS = 1.35;

    private static final double KEY_SECONDS = 0.28;
    private static final double POINTING_SECONDS = 1.1;

    private final List<Double> accepted = new ArrayList<>();
    private final Map<Fate, Integer> fates = new EnumMap<>(Fate.class);
    private final Map<Fate, Double> decided = new EnumMap<>(Fate.class);
    private double seconds;
    private double byHand;
    private double clip;

    /** The decisions for steps that became nothing, which count to those that did. */
    private double spent;

    void clip(double length) {
        clip = length;
    }

    /**
     * Something was done for some steps at once.
     *
     * @param keys that decide, each of them
     * @param letters of typed words
     */
    void act(Fate fate, int steps, int keys, int pointings, int letters) {
        int decisions = keys + pointings;
        fates.merge(fate, steps, Integer::sum);
        decided.merge(fate, (double) decisions, Double::sum);
        seconds +=
                decisions * DECISION_SECONDS
                        + (keys + letters) * KEY_SECONDS
                        + pointings * POINTING_SECONDS;
        if (fate == Fate.WRONG) {
            spent += decisions;
        } else {
            for (int i = 0; i < steps; i++) {
                accepted.add((double) decisions / steps);
            }
        }
    }

    /** What the same step takes by hand. */
    void byHand(int keys, int pointings, int letters) {
        byHand +=
                (keys + pointings) * DECISION_SECONDS
                        + (keys + letters) * KEY_SECONDS
                        + pointings * POINTING_SECONDS;
    }

    void add(Tally other) {
        accepted.addAll(other.accepted);
        other.fates.forEach((f, n) -> fates.merge(f, n, Integer::sum));
        other.decided.forEach((f, n) -> decided.merge(f, n, Double::sum));
        seconds += other.seconds;
        byHand += other.byHand;
        clip += other.clip;
        spent += other.spent;
    }

    /** Decisions for an accepted step, those for wrong ones spread over all. */
    private double mean() {
        double all = accepted.stream().mapToDouble(d -> d).sum() + spent;
        return accepted.isEmpty() ? 0 : all / accepted.size();
    }

    private double median() {
        List<Double> sorted = accepted.stream().sorted().toList();
        return sorted.isEmpty() ? 0 : sorted.get(sorted.size() / 2);
    }

    String line(String name) {
        return String.format(
                Locale.ROOT,
                "| %s | %d | %.2f | %.2f | %.1f | %.2f | %.2f |",
                name,
                accepted.size(),
                median(),
                mean(),
                seconds / 60,
                seconds / clip,
                byHand / clip);
    }

    /** What became of the drafted steps, and what each kind took. */
    List<String> lines() {
        List<String> lines = new ArrayList<>();
        for (Fate fate : Fate.values()) {
            int n = fates.getOrDefault(fate, 0);
            lines.add(
                    String.format(
                            Locale.ROOT,
                            "%s: %d steps, %.2f decisions each",
                            fate.name().toLowerCase(Locale.ROOT),
                            n,
                            n == 0 ? 0 : decided.getOrDefault(fate, 0.0) / n));
        }
        return lines;
    }
}
