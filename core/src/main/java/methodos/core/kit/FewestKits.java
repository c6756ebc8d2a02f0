package methodos.core.kit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Which kits to order: least shortage first, then fewest kits, then least left over.
 *
 * <p>Since a kit can be ordered more than once, only what no kit holds stays short. The rest is a
 * least multiset cover, searched by depth: the part that the fewest kits hold decides next, and a
 * branch ends where even the fullest kit cannot cover what is left of a part in the kits left.
 *
 * @param counts how many of each kit, in their order
 * @param coverage a row for each part in demand, in the order of the demand
 */
public record FewestKits(List<Integer> counts, List<Row> coverage) {

    /** What a kit holds of each part. */
    public record Contents(Map<String, Integer> parts) {
        public Contents {
            parts = Map.copyOf(parts);
        }

        int of(String part) {
            return parts.getOrDefault(part, 0);
        }
    }

    /** A part in demand, and what the ordered kits supply of it. */
    public record Row(String part, int needed, int supplied) {
        /** How many the kits lack, 0 or more. */
        public int shortBy() {
            return Math.max(0, needed - supplied);
        }

        /** How many are left over, 0 or more. */
        public int spare() {
            return Math.max(0, supplied - needed);
        }
    }

    /**
     * @param demand how many of each part are needed, in order
     */
    public static FewestKits of(Map<String, Integer> demand, List<Contents> kits) {
        Map<String, Integer> open = new LinkedHashMap<>();
        demand.forEach(
                (part, count) -> {
                    if (count > 0 && kits.stream().anyMatch(k -> k.of(part) > 0)) {
                        open.put(part, count);
                    }
                });
        int[] counts = new Search(new ArrayList<>(open.keySet()), open, kits).least();
        List<Row> rows = new ArrayList<>();
        demand.forEach(
                (part, count) -> {
                    int supplied = 0;
                    for (int k = 0; k < kits.size(); k++) {
                        supplied += counts[k] * kits.get(k).of(part);
                    }
                    rows.add(new Row(part, count, supplied));
                });
        return new FewestKits(Arrays.stream(counts).boxed().toList(), rows);
    }

    private static final class Search {
        private final int[][] holds;
        private final int[] fullest;
        private final int[] left;
        private final int[] taken;
        private final Set<String> seen = new HashSet<>();
        private int[] best;
        private int leastSpare;

        Search(List<String> parts, Map<String, Integer> open, List<Contents> kits) {
            holds = new int[parts.size()][kits.size()];
            fullest = new int[parts.size()];
            left = new int[parts.size()];
            taken = new int[kits.size()];
            for (int p = 0; p < parts.size(); p++) {
                left[p] = open.get(parts.get(p));
                for (int k = 0; k < kits.size(); k++) {
                    holds[p][k] = kits.get(k).of(parts.get(p));
                    fullest[p] = Math.max(fullest[p], holds[p][k]);
                }
            }
        }

        int[] least() {
            for (int kits = bound(); best == null; kits++) {
                leastSpare = Integer.MAX_VALUE;
                seen.clear();
                go(kits);
            }
            return best;
        }

        /** Even the fullest kit covers a part only so fast. */
        private int bound() {
            int most = 0;
            for (int p = 0; p < left.length; p++) {
                if (left[p] > 0) {
                    most = Math.max(most, (left[p] + fullest[p] - 1) / fullest[p]);
                }
            }
            return most;
        }

        private void go(int kits) {
            int part = hardest();
            if (part < 0) {
                int spare = Arrays.stream(left).map(l -> -l).sum();
                if (kits == 0 && spare < leastSpare) {
                    leastSpare = spare;
                    best = taken.clone();
                }
                return;
            }
            if (bound() > kits || !seen.add(kits + Arrays.toString(left))) {
                return; // kits ordered in another order leave the same
            }
            for (int k = 0; k < taken.length; k++) {
                if (holds[part][k] > 0) {
                    order(k, 1);
                    go(kits - 1);
                    order(k, -1);
                }
            }
        }

        private void order(int kit, int by) {
            taken[kit] += by;
            for (int p = 0; p < left.length; p++) {
                left[p] -= by * holds[p][kit];
            }
        }

        /** The open part that the fewest kits hold; −1 where none is open. */
        private int hardest() {
            int hardest = -1;
            int fewest = Integer.MAX_VALUE;
            for (int p = 0; p < left.length; p++) {
                if (left[p] > 0) {
                    int held = (int) Arrays.stream(holds[p]).filter(h -> h > 0).count();
                    if (held < fewest) {
                        fewest = held;
                        hardest = p;
                    }
                }
            }
            return hardest;
        }
    }
}
