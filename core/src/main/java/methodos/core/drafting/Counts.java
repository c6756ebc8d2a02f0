package methodos.core.drafting;

import java.util.List;
import methodos.core.speech.Measure;

/** How many there are, where it was told before. */
final class Counts {

    private final Speech speech;
    private final List<Finding> findings;

    Counts(Weave weave) {
        this.speech = weave.speech;
        this.findings = weave.findings;
    }

    /** Tells how many go back, where only one number was told of what came off. */
    void carryOver(Finding f) {
        f.parts.replaceAll(p -> tightenedBefore(p) ? p : counted(p));
    }

    private Finding.Part counted(Finding.Part part) {
        if (!part.plural() || part.quantity() != null) {
            return part;
        }
        List<Integer> told =
                findings.stream()
                        .flatMap(f -> f.parts.stream())
                        .filter(p -> p.quantity() != null && sameThing(p.name(), part.name()))
                        .map(Finding.Part::quantity)
                        .distinct()
                        .toList();
        return told.size() == 1 ? part.withQuantity(told.get(0)) : part;
    }

    private boolean tightenedBefore(Finding.Part part) {
        return findings.stream()
                .filter(f -> f.is("tighten"))
                .flatMap(f -> f.parts.stream())
                .anyMatch(p -> sameThing(p.name(), part.name()));
    }

    private static boolean sameThing(String one, String other) {
        return one.equals(other) || one.endsWith(" " + other) || other.endsWith(" " + one);
    }

    /** "back on thirteen and a half": the figure that was counted coming off, without its unit. */
    void countedBefore(Finding f, Clause clause) {
        if (!f.is("install", "tighten", "hand-tighten", "turn", "adjust")) {
            return;
        }
        for (Measure m : speech.measures(clause.from(), clause.to())) {
            if (!m.bare() || !m.single() || m.whole()) {
                continue;
            }
            findings.stream()
                    .filter(x -> x.is("record"))
                    .flatMap(x -> x.limits.stream())
                    .map(Finding.LimitSaid::measure)
                    .filter(r -> r.single() && r.min().equals(m.min()))
                    .findFirst()
                    .ifPresent(r -> Values.limit(f, "", m.in(r.unit())));
        }
    }

    /** "clean them" is said of the screws, not of six of them. */
    void drop(Finding f) {
        boolean uncounted =
                f.is(
                        "discard", "measure", "inspect", "record", "clean", "turn", "push", "lift",
                        "lower");
        if (uncounted && !f.unsure.isEmpty()) {
            f.parts.replaceAll(p -> p.withQuantity(null).withSize(null));
        }
    }
}
