package methodos.core.ledger;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import methodos.core.finding.Rule;

/**
 * Watches that nothing is touched under what covers it, and that nothing is covered while it is
 * off. Where several of a part lie under several of another, as springs do under two caps, the
 * share of the covered ones that are off must never be above the share of the covering ones.
 */
final class CoverWatch {

    private record Breach(String subject, String cover, String step) {}

    private final Map<String, List<String>> partCovers = new HashMap<>();
    private final Map<String, List<String>> jointCovers = new HashMap<>();
    private final Map<String, List<String>> partsUnder = new HashMap<>();
    private final Map<String, List<String>> jointsUnder = new HashMap<>();
    private final List<Breach> breaches = new ArrayList<>();
    private final PartAccounts parts;
    private final JointAccounts joints;
    private final CoverCycles cycles;

    CoverWatch(LedgerCase all, PartAccounts parts, JointAccounts joints, CoverCycles cycles) {
        this.parts = parts;
        this.joints = joints;
        this.cycles = cycles;
        for (LedgerCase.Part part : all.parts()) {
            note(part.id(), parts.has(part.id()), part.coveredBy(), partCovers, partsUnder);
        }
        for (LedgerCase.Joint joint : all.joints()) {
            note(joint.id(), joints.has(joint.id()), joint.coveredBy(), jointCovers, jointsUnder);
        }
    }

    private void note(
            String id,
            boolean present,
            List<String> coveredBy,
            Map<String, List<String>> covers,
            Map<String, List<String>> under) {
        if (present) {
            List<String> own = coveredBy.stream().filter(parts::has).toList();
            if (!own.isEmpty()) {
                covers.put(id, own);
                own.forEach(c -> under.computeIfAbsent(c, x -> new ArrayList<>()).add(id));
            }
        }
    }

    /**
     * @param off how many of it are off on the barer side of the touch: after a removal, before a
     *     fitting
     */
    void partTouched(String part, int off, String step) {
        for (String cover : partCovers.getOrDefault(part, List.of())) {
            if (!cycles.together(part, cover) && tooBare(part, off, cover)) {
                breaches.add(new Breach(part, cover, step));
            }
        }
    }

    private boolean tooBare(String part, int off, String cover) {
        return (long) off * parts.total(cover) > (long) parts.off(cover) * parts.total(part);
    }

    void jointTouched(String joint, String step) {
        for (String cover : jointCovers.getOrDefault(joint, List.of())) {
            if (parts.off(cover) < parts.total(cover)) {
                breaches.add(new Breach(joint, cover, step));
            }
        }
    }

    /** A part is on again: what lies under it should be too. */
    void fitted(String cover, String step) {
        for (String part : partsUnder.getOrDefault(cover, List.of())) {
            if (!cycles.together(part, cover) && tooBare(part, parts.off(part), cover)) {
                breaches.add(new Breach(part, cover, step));
            }
        }
        for (String joint : jointsUnder.getOrDefault(cover, List.of())) {
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
