package methodos.core.ledger;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.TighteningWay;

/**
 * What the ledger is kept of: parts and joints as they are before the work, and the steps.
 *
 * @param variants all that are claimed; where there is none, the work is walked through once
 * @param kits empty where nothing is known of kits, which is not the same as a list without any
 */
public record LedgerCase(
        List<String> variants,
        List<Part> parts,
        List<Joint> joints,
        Optional<List<Kit>> kits,
        List<Energy> energies,
        List<Step> steps) {

    /**
     * @param count how many a unit has
     * @param coveredBy ids of the parts that have to be off before it is touched
     * @param variants those that have it, all where empty
     * @param replacedBy the part that goes on in its place while it stays off: a conversion
     * @param set the name of those that are all new if one of them is
     */
    public record Part(
            String id,
            int count,
            ReuseRule reuse,
            List<String> coveredBy,
            Set<String> variants,
            Optional<String> replacedBy,
            Optional<String> set) {

        /** A part that goes back on itself, and is of no set. */
        public Part(
                String id,
                int count,
                ReuseRule reuse,
                List<String> coveredBy,
                Set<String> variants) {
            this(id, count, reuse, coveredBy, variants, Optional.empty(), Optional.empty());
        }
    }

    /**
     * @param valued whether its torque is known
     * @param ways by which it gets tight, at least one
     */
    public record Joint(
            String id,
            boolean valued,
            Set<TighteningWay> ways,
            List<String> coveredBy,
            Set<String> variants) {

        /** A joint that gets tight by its torque alone. */
        public static final Set<TighteningWay> BY_TORQUE = Set.of(TighteningWay.WRENCH);

        /** Whether a torque is asked for and not known. */
        boolean lacksValue() {
            return !valued && ways.equals(BY_TORQUE);
        }
    }

    /**
     * @param contents how many of each part it holds
     * @param variants those that it is for, all where empty
     */
    public record Kit(Map<String, Integer> contents, Set<String> variants) {}

    /** What has to be on and tight before an energy is given back; all where it is not listed. */
    public record Energy(String id, List<String> parts, List<String> joints) {}

    /** One of the ways of which one is taken. */
    public record Way(String either, String way) {
        @Override
        public String toString() {
            return either + ":" + way;
        }
    }

    /**
     * @param variants those that it is for, all where empty
     * @param times at how many places it is done
     * @param way of which it is a step, empty where it is done whichever way is taken
     * @param when the condition on which it is done; steps of one condition are all done or none
     */
    public record Step(
            String id,
            Set<String> variants,
            int times,
            Optional<Way> way,
            Optional<String> when,
            List<LedgerAction> actions) {

        public Step {
            actions = List.copyOf(actions);
        }

        /** A step that is always done. */
        public Step(String id, Set<String> variants, int times, List<LedgerAction> actions) {
            this(id, variants, times, Optional.empty(), Optional.empty(), actions);
        }

        /** The same step with some of what it does. */
        Step doing(List<LedgerAction> some) {
            return new Step(id, variants, times, way, when, some);
        }
    }

    /**
     * @throws IllegalArgumentException with a sentence, if a step or a part names a part or a joint
     *     that there is none of, or a count is less than 1
     */
    public LedgerCase {
        variants = List.copyOf(variants);
        parts = List.copyOf(parts);
        joints = List.copyOf(joints);
        energies = List.copyOf(energies);
        steps = List.copyOf(steps);
        new Names(parts, joints).check(energies, steps);
    }

    /** Refuses what nobody knows. */
    private record Names(Set<String> parts, Set<String> joints) {

        Names(List<Part> parts, List<Joint> joints) {
            this(new HashSet<>(), new HashSet<>());
            parts.forEach(p -> add(this.parts, p.id(), "part"));
            joints.forEach(j -> add(this.joints, j.id(), "joint"));
            parts.forEach(p -> p.coveredBy().forEach(c -> part(c, "part “" + p.id() + "”")));
            parts.forEach(p -> p.replacedBy().ifPresent(r -> replaces(r, p.id())));
            joints.forEach(j -> j.coveredBy().forEach(c -> part(c, "joint “" + j.id() + "”")));
        }

        private static void add(Set<String> ids, String id, String what) {
            if (!ids.add(id)) {
                throw new IllegalArgumentException("There are two of " + what + " “" + id + "”.");
            }
        }

        private void part(String id, String where) {
            if (!parts.contains(id)) {
                throw new IllegalArgumentException(
                        "There is no part “" + id + "”, which " + where + " names.");
            }
        }

        private void replaces(String by, String part) {
            part(by, "part “" + part + "”");
            if (by.equals(part)) {
                throw new IllegalArgumentException(
                        "Part “" + part + "” cannot be replaced by itself.");
            }
        }

        private void joint(String id, String where) {
            if (!joints.contains(id)) {
                throw new IllegalArgumentException(
                        "There is no joint “" + id + "”, which " + where + " names.");
            }
        }

        void check(List<Energy> energies, List<Step> steps) {
            for (Energy energy : energies) {
                String where = "energy “" + energy.id() + "”";
                energy.parts().forEach(p -> part(p, where));
                energy.joints().forEach(j -> joint(j, where));
            }
            for (Step step : steps) {
                String where = "step “" + step.id() + "”";
                atLeastOne(step.times(), where);
                step.actions().forEach(a -> check(a, where));
            }
        }

        private void check(LedgerAction action, String where) {
            if (action instanceof LedgerAction.Remove a) {
                part(a.subject(), where);
                atLeastOne(a.count(), where);
            } else if (action instanceof LedgerAction.Install a) {
                part(a.subject(), where);
                atLeastOne(a.count(), where);
            } else if (action instanceof LedgerAction.Discard a) {
                part(a.subject(), where);
                atLeastOne(a.count(), where);
            } else if (action instanceof LedgerAction.Loosen a) {
                joint(a.subject(), where);
            } else if (action instanceof LedgerAction.Tighten a) {
                joint(a.subject(), where);
            } else if (action instanceof LedgerAction.Mark a) {
                a.part().ifPresent(p -> part(p, where));
            }
        }

        private static void atLeastOne(int count, String where) {
            if (count < 1) {
                throw new IllegalArgumentException(
                        "A count in " + where + " is less than 1; it has to be 1 or more.");
            }
        }
    }
}
