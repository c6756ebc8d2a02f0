package methodos.core.ledger;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import methodos.core.finding.Rule;

/**
 * Watches that nothing is touched under what covers it, and that nothing is covered while it is
 * off. Where several of a part lie under several of another, as springs do under two caps, the
 * share of the covered ones that are off must never be above the share of the covering ones.
 */
final class CoverWatch {

    private record Breach(String subject, String cover, String step) {}

    /** What covers what in a case, whatever the variant. */
    record Covers(
            Map<String, List<String>> overPart,
            Map<String, List<String>> overJoint,
            Map<String, List<String>> partsUnder,
            Map<String, List<String>> jointsUnder) {

        static Covers of(LedgerCase all) {
            Covers covers =
                    new Covers(new HashMap<>(), new HashMap<>(), new HashMap<>(), new HashMap<>());
            Map<String, String> instead = new HashMap<>();
            all.parts().forEach(p -> p.replacedBy().ifPresent(r -> instead.put(p.id(), r)));
            for (LedgerCase.Part part : all.parts()) {
                List<String> over = withConversions(part.coveredBy(), instead);
                note(part.id(), over, covers.overPart(), covers.partsUnder());
                // what goes on in its place lies where it lay
                part.replacedBy()
                        .ifPresent(r -> note(r, over, covers.overPart(), covers.partsUnder()));
            }
            for (LedgerCase.Joint joint : all.joints()) {
                List<String> over = withConversions(joint.coveredBy(), instead);
                note(joint.id(), over, covers.overJoint(), covers.jointsUnder());
            }
            return covers;
        }

        /** What covers is covered by what goes on in its place as well. */
        private static List<String> withConversions(
                List<String> coveredBy, Map<String, String> instead) {
            return instead.isEmpty()
                    ? coveredBy
                    : Stream.concat(
                                    coveredBy.stream(),
                                    coveredBy.stream().map(instead::get).filter(Objects::nonNull))
                            .distinct()
                            .toList();
        }

        private static List<String> both(List<String> a, List<String> b) {
            return Stream.concat(a.stream(), b.stream()).distinct().toList();
        }

        private static void note(
                String id,
                List<String> coveredBy,
                Map<String, List<String>> over,
                Map<String, List<String>> under) {
            if (!coveredBy.isEmpty()) {
                over.merge(id, coveredBy, Covers::both);
                coveredBy.forEach(c -> under.computeIfAbsent(c, x -> new ArrayList<>()).add(id));
            }
        }
    }

    private final List<Breach> breaches = new ArrayList<>();
    private final Covers covers;
    private final PartAccounts parts;
    private final JointAccounts joints;
    private final CoverCycles cycles;

    CoverWatch(Covers covers, PartAccounts parts, JointAccounts joints, CoverCycles cycles) {
        this.covers = covers;
        this.parts = parts;
        this.joints = joints;
        this.cycles = cycles;
    }

    private static List<String> in(Map<String, List<String>> map, String id) {
        return map.getOrDefault(id, List.of());
    }

    /**
     * @param off how many of it are off on the barer side of the touch: after a removal, before a
     *     fitting
     */
    void partTouched(String part, int off, String step) {
        for (String cover : in(covers.overPart(), part)) {
            if (parts.has(cover) && !cycles.together(part, cover) && tooBare(part, off, cover)) {
                breaches.add(new Breach(part, cover, step));
            }
        }
    }

    private boolean tooBare(String part, int off, String cover) {
        return (long) off * parts.total(cover) > (long) parts.off(cover) * parts.total(part);
    }

    void jointTouched(String joint, String step) {
        for (String cover : in(covers.overJoint(), joint)) {
            if (parts.has(cover) && parts.off(cover) < parts.total(cover)) {
                breaches.add(new Breach(joint, cover, step));
            }
        }
    }

    /** A part is on again: what lies under it should be too. */
    void fitted(String cover, String step) {
        for (String part : in(covers.partsUnder(), cover)) {
            if (parts.has(part)
                    && !cycles.together(part, cover)
                    && tooBare(part, parts.empty(part), cover)) {
                breaches.add(new Breach(part, cover, step));
            }
        }
        for (String joint : in(covers.jointsUnder(), cover)) {
            if (joints.loose(joint)) {
                breaches.add(new Breach(joint, cover, step));
            }
        }
    }

    /** Reports what does not follow from a wrong number of one of the two. */
    void end(Found found) {
        for (Breach breach : breaches) {
            boolean follows =
                    parts.miscounted(breach.cover())
                            || parts.miscounted(breach.subject())
                            || joints.staysLoose(breach.subject());
            if (!follows) {
                found.addOnce(
                        Rule.COVERED, breach.subject(), List.of(breach.step()), breach.cover());
            }
        }
    }
}
