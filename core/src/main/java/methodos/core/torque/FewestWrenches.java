package methodos.core.torque;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.core.quantity.Rational;

/**
 * The fewest torque wrenches that reach every value.
 *
 * <p>A wrench is usable from the larger of its lower end and a share of its full scale; one wrench
 * has to hold the whole of a range. This is a least set cover (Karp 1972): a value that only one
 * wrench reaches decides it, a wrench that reaches no more than another is left out, and the rest
 * is searched with the value first that the fewest reach. Of sets of one size that of the wrenches
 * listed first is taken.
 *
 * @param fewest indices of the wrenches, in the order in which they are listed
 * @param unreached indices of the values that none of them reaches
 */
public record FewestWrenches(List<Integer> fewest, List<Integer> unreached) {

    /**
     * @param from share of full scale from which a wrench is usable, 0 to 1
     */
    public static FewestWrenches of(
            List<WrenchScale> wrenches, List<TorqueRange> values, Rational from) {
        List<BitSet> reach = new ArrayList<>();
        for (TorqueRange value : values) {
            BitSet reaching = new BitSet();
            for (int w = 0; w < wrenches.size(); w++) {
                if (wrenches.get(w).holds(value, from)) {
                    reaching.set(w);
                }
            }
            reach.add(reaching);
        }
        List<Integer> unreached = new ArrayList<>();
        for (int v = 0; v < values.size(); v++) {
            if (reach.get(v).isEmpty()) {
                unreached.add(v);
            }
        }
        reach.removeIf(BitSet::isEmpty);
        return new FewestWrenches(new Search(distinct(reach)).least(), unreached);
    }

    /** Values that the same wrenches reach, or more of them, follow from the narrower ones. */
    private static List<BitSet> distinct(List<BitSet> reach) {
        Map<BitSet, BitSet> once = new LinkedHashMap<>();
        reach.forEach(r -> once.put(r, r));
        List<BitSet> all = new ArrayList<>(once.keySet());
        all.removeIf(a -> once.keySet().stream().anyMatch(b -> b != a && holds(a, b)));
        return all;
    }

    private static boolean holds(BitSet large, BitSet small) {
        BitSet rest = (BitSet) small.clone();
        rest.andNot(large);
        return rest.isEmpty();
    }

    private static final class Search {
        private final List<BitSet> values;
        private List<Integer> best;

        Search(List<BitSet> values) {
            this.values = values;
        }

        List<Integer> least() {
            for (int most = 0; best == null; most++) {
                go(values, new ArrayList<>(), most);
            }
            return best;
        }

        /** Deepens by one wrench at a time; of equal sets the first listed stays. */
        private void go(List<BitSet> open, List<Integer> taken, int left) {
            if (open.isEmpty()) {
                List<Integer> sorted = taken.stream().sorted().toList();
                if (best == null || before(sorted, best)) {
                    best = sorted;
                }
                return;
            }
            if (left == 0 || apart(open) > left) {
                return;
            }
            BitSet narrowest = open.get(0);
            for (BitSet value : open) {
                if (value.cardinality() < narrowest.cardinality()) {
                    narrowest = value;
                }
            }
            for (int w = narrowest.nextSetBit(0); w >= 0; w = narrowest.nextSetBit(w + 1)) {
                int wrench = w;
                taken.add(wrench);
                go(open.stream().filter(v -> !v.get(wrench)).toList(), taken, left - 1);
                taken.remove(taken.size() - 1);
            }
        }

        /** So many values that share no wrench need as many wrenches. */
        private static int apart(List<BitSet> open) {
            BitSet used = new BitSet();
            int count = 0;
            for (BitSet value : open) {
                if (!value.intersects(used)) {
                    used.or(value);
                    count++;
                }
            }
            return count;
        }

        private static boolean before(List<Integer> a, List<Integer> b) {
            for (int i = 0; i < Math.min(a.size(), b.size()); i++) {
                if (!a.get(i).equals(b.get(i))) {
                    return a.get(i) < b.get(i);
                }
            }
            return a.size() < b.size();
        }
    }
}
