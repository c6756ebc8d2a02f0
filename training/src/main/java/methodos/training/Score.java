package methodos.training;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Kind;
import methodos.training.Truth.TrueStep;
import methodos.training.Value.Type;

/**
 * How near drafts come to what a careful writer makes of the same narrations. A drafted step is
 * right if it is paired with a true one of the same or another right action, a part in common (or
 * one side naming none), and a time within 8 s; pairs are taken best first, each step once.
 */
public final class Score {

    private static final double STEP_NEAR = 8;
    private static final double VALUE_NEAR = 10;
    private static final double LONGEST = 60;
    private static final double SURE = 0.9;

    /** Counts of what is drafted, true and right. */
    static final class Count {
        int drafted;
        int wanted;
        int right;
        int found;

        double precision() {
            return drafted == 0 ? 1 : (double) right / drafted;
        }

        double recall() {
            return wanted == 0 ? 1 : (double) found / wanted;
        }

        double f1() {
            double both = precision() + recall();
            return both == 0 ? 0 : 2 * precision() * recall() / both;
        }
    }

    private final Count steps = new Count();
    private final Map<Type, Count> values = new EnumMap<>(Type.class);
    private int kinds;
    private int whole;
    private int traps;
    private int violated;
    private int idle;
    private int idleInSteps;
    private final List<Double> rightSure = new ArrayList<>();
    private final List<Double> wrongSure = new ArrayList<>();

    public Score() {
        for (Type type : Type.values()) {
            values.put(type, new Count());
        }
    }

    /** Adds a draft with what is true. */
    public void add(Draft draft, Truth truth) {
        List<DraftedStep> drafted =
                draft.steps().stream().filter(s -> s.kind() != Kind.NOTE).toList();
        List<TrueStep> wanted =
                truth.steps().stream().filter(s -> s.told().kind() != Kind.NOTE).toList();
        Map<Integer, Integer> paired = paired(drafted, wanted);
        List<Value> trueValues =
                truth.steps().stream()
                        .flatMap(s -> Value.of(s.told(), s.otherParts()).stream())
                        .toList();
        steps.drafted += drafted.size();
        steps.right += paired.size();
        for (int w = 0; w < wanted.size(); w++) {
            if (!wanted.get(w).optional()) {
                steps.wanted++;
                steps.found += paired.containsValue(w) ? 1 : 0;
            }
        }
        paired.forEach((d, w) -> pair(drafted.get(d), wanted.get(w)));
        values(draft, trueValues);
        for (int d = 0; d < drafted.size(); d++) {
            DraftedStep step = drafted.get(d);
            boolean honest =
                    Value.of(step, Set.of()).stream()
                            .filter(v -> v.type().harmful())
                            .allMatch(
                                    v ->
                                            trueValues.stream()
                                                    .anyMatch(
                                                            t ->
                                                                    v.same(t)
                                                                            && v.gap(t)
                                                                                    <= VALUE_NEAR));
            (paired.containsKey(d) && honest ? rightSure : wrongSure).add(step.confidence());
        }
        traps(drafted, paired.keySet(), truth);
        idle(drafted, truth);
    }

    private void pair(DraftedStep drafted, TrueStep wanted) {
        if (drafted.kind() != wanted.told().kind()) {
            return;
        }
        kinds++;
        List<Value> mine = new ArrayList<>(Value.of(drafted, Set.of()));
        boolean all = true;
        for (Value want : Value.of(wanted.told(), wanted.otherParts())) {
            if (want.type() == Type.HAZARD) {
                continue;
            }
            Value got = mine.stream().filter(want::same).findFirst().orElse(null);
            all &= got != null;
            mine.remove(got);
        }
        boolean stands = all && mine.stream().noneMatch(v -> v.type().harmful());
        whole += stands && !wanted.optional() ? 1 : 0;
    }

    /** Which drafted step says which true one, as the score counts it. */
    static Map<Integer, Integer> paired(List<DraftedStep> drafted, List<TrueStep> wanted) {
        List<Pairing.Edge> pairs = new ArrayList<>();
        for (int d = 0; d < drafted.size(); d++) {
            for (int w = 0; w < wanted.size(); w++) {
                double fit = fit(drafted.get(d), wanted.get(w));
                if (fit > 0) {
                    pairs.add(new Pairing.Edge(d, w, fit));
                }
            }
        }
        return Pairing.best(pairs);
    }

    private static double fit(DraftedStep d, TrueStep wanted) {
        DraftedStep t = wanted.told();
        double gap = gap(d.start(), d.end(), t.start(), t.end());
        boolean caution = t.kind() == Kind.CAUTION;
        if (gap > STEP_NEAR
                || d.end() - d.start() > LONGEST
                || caution != (d.kind() == Kind.CAUTION)) {
            return 0;
        }
        boolean exact = t.action() == null ? d.action() == null : t.action().equals(d.action());
        boolean free = caution && (d.action() == null || t.action() == null);
        if (!exact
                && !free
                && (d.action() == null || !wanted.otherActions().contains(d.action()))) {
            return 0;
        }
        Set<String> mine = heads(d);
        Set<String> theirs = heads(t);
        Set<String> any = new HashSet<>(theirs);
        wanted.otherParts().forEach(p -> any.addAll(Names.heads(p)));
        if (!mine.isEmpty() && !theirs.isEmpty() && !Names.shares(mine, any)) {
            return 0;
        }
        double inter = Math.max(0, Math.min(d.end(), t.end()) - Math.max(d.start(), t.start()));
        double union = Math.max(d.end(), t.end()) - Math.min(d.start(), t.start());
        return 10
                + (union == 0 ? 0 : inter / union)
                + 1 / (1 + gap)
                + (exact ? 0.8 : 0)
                + (Names.shares(mine, theirs) ? 0.8 : Names.shares(mine, any) ? 0.3 : 0)
                + (d.kind() == t.kind() ? 0.4 : 0);
    }

    private static Set<String> heads(DraftedStep step) {
        Set<String> heads = new HashSet<>();
        step.parts().forEach(p -> heads.addAll(Names.heads(p.name())));
        return heads;
    }

    private static double gap(double start, double end, double otherStart, double otherEnd) {
        return Math.max(0, Math.max(start - otherEnd, otherStart - end));
    }

    private void values(Draft draft, List<Value> trueValues) {
        List<Value> mine =
                draft.steps().stream().flatMap(s -> Value.of(s, Set.of()).stream()).toList();
        for (Type type : Type.values()) {
            List<Value> drafted = once(mine, type);
            List<Value> wanted = once(trueValues, type);
            List<Pairing.Edge> edges = new ArrayList<>();
            for (int d = 0; d < drafted.size(); d++) {
                for (int w = 0; w < wanted.size(); w++) {
                    double gap = drafted.get(d).gap(wanted.get(w));
                    if (gap <= VALUE_NEAR && drafted.get(d).same(wanted.get(w))) {
                        edges.add(new Pairing.Edge(d, w, 10 + 1 / (1 + gap)));
                    }
                }
            }
            int right = Pairing.best(edges).size();
            Count count = values.get(type);
            count.drafted += drafted.size();
            count.wanted += wanted.size();
            count.right += right;
            count.found += right;
        }
    }

    /** What is said twice in one breath counts once. */
    private static List<Value> once(List<Value> all, Type type) {
        List<Value> kept = new ArrayList<>();
        boolean merges =
                switch (type) {
                    case HAZARD, LEFT_HAND, PATTERN, CONSUMABLE, CONDITION, REFERENCE -> true;
                    default -> false;
                };
        all.stream()
                .filter(v -> v.type() == type)
                .sorted(Comparator.comparingDouble(Value::start))
                .filter(
                        v ->
                                !merges
                                        || kept.stream()
                                                .noneMatch(
                                                        k ->
                                                                k.text().equals(v.text())
                                                                        && k.gap(v) <= 0))
                .forEach(kept::add);
        return kept;
    }

    private void traps(List<DraftedStep> drafted, Set<Integer> paired, Truth truth) {
        for (Truth.Trap trap : truth.traps()) {
            if (trap.actions().isEmpty()) {
                continue;
            }
            traps++;
            for (int d = 0; d < drafted.size(); d++) {
                DraftedStep s = drafted.get(d);
                double middle = (s.start() + s.end()) / 2;
                double inter = Math.min(trap.end(), s.end()) - Math.max(trap.start(), s.start());
                boolean within =
                        inter >= 0.5 * (trap.end() - trap.start())
                                || trap.start() <= middle && middle <= trap.end();
                boolean acts =
                        s.kind() != Kind.CAUTION
                                && s.action() != null
                                && trap.actions().contains(s.action());
                if (!paired.contains(d) && acts && within) {
                    violated++;
                    break;
                }
            }
        }
    }

    private void idle(List<DraftedStep> drafted, Truth truth) {
        for (Draft.SetAside aside : truth.dismissed()) {
            int words = aside.quote().split("\\s+").length;
            for (int w = 0; w < words; w++) {
                double at = aside.start() + (aside.end() - aside.start()) * (w + 0.5) / words;
                idle++;
                boolean inside = drafted.stream().anyMatch(s -> s.start() <= at && at <= s.end());
                idleInSteps += inside ? 1 : 0;
            }
        }
    }

    /** How surely a right step has a higher confidence than a wrong one; 0.5 is chance. */
    double rank() {
        double above = 0;
        for (double right : rightSure) {
            for (double wrong : wrongSure) {
                above += right > wrong ? 1 : right == wrong ? 0.5 : 0;
            }
        }
        long pairs = (long) rightSure.size() * wrongSure.size();
        return pairs == 0 ? 0.5 : above / pairs;
    }

    /** The counts of steps. */
    Count steps() {
        return steps;
    }

    /** The counts of all values of some types together. */
    Count together(boolean figuresOnly) {
        Count all = new Count();
        values.forEach(
                (type, c) -> {
                    if (figuresOnly ? type.figure() : type.counted()) {
                        all.drafted += c.drafted;
                        all.wanted += c.wanted;
                        all.right += c.right;
                        all.found += c.found;
                    }
                });
        return all;
    }

    /** The figures, a line each. */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        lines.add(
                line("steps", steps)
                        + String.format(
                                Locale.ROOT,
                                "  F1 %.3f  kinds %.3f",
                                steps.f1(),
                                steps.right == 0 ? 1 : (double) kinds / steps.right));
        lines.add(
                String.format(
                        Locale.ROOT,
                        "  %-18s R %.3f",
                        "whole steps",
                        steps.wanted == 0 ? 1 : (double) whole / steps.wanted));
        long sure =
                Stream.concat(rightSure.stream(), wrongSure.stream())
                        .filter(c -> c >= SURE)
                        .count();
        long sureRight = rightSure.stream().filter(c -> c >= SURE).count();
        lines.add(
                String.format(
                        Locale.ROOT,
                        "  %-18s rank %.3f, %.2f of the steps at 0.9 and more, %.3f of those right",
                        "confidence",
                        rank(),
                        steps.drafted == 0 ? 0 : (double) sure / steps.drafted,
                        sure == 0 ? 1 : (double) sureRight / sure));
        values.forEach(
                (type, c) -> {
                    if (c.drafted + c.wanted > 0) {
                        lines.add(line(type.name().toLowerCase(Locale.ROOT).replace('_', ' '), c));
                    }
                });
        lines.add(line("figures, together", together(true)));
        lines.add(line("values, all", together(false)));
        lines.add(
                String.format(
                        Locale.ROOT,
                        "  %-18s %d of %d; %.3f of the idle words lie in steps",
                        "traps violated",
                        violated,
                        traps,
                        idle == 0 ? 0 : (double) idleInSteps / idle));
        return lines;
    }

    private static String line(String name, Count c) {
        return String.format(
                Locale.ROOT,
                "  %-18s P %.3f  R %.3f  (%d drafted, %d true, %d right)",
                name,
                c.precision(),
                c.recall(),
                c.drafted,
                c.wanted,
                c.right);
    }
}
