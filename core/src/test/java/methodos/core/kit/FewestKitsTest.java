package methodos.core.kit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import methodos.core.kit.FewestKits.Contents;
import org.junit.jupiter.api.Test;

class FewestKitsTest {

    @Test
    void oneKitThatHoldsAllIsTaken() {
        FewestKits kits =
                FewestKits.of(
                        Map.of("11", 2),
                        List.of(new Contents(Map.of("11", 2)), new Contents(Map.of("11", 5))));
        assertThat(kits.counts()).containsExactly(1, 0);
        assertThat(kits.coverage()).containsExactly(new FewestKits.Row("11", 2, 2));
    }

    @Test
    void whatNoKitHoldsIsShortAndTheRestIsCovered() {
        Map<String, Integer> demand = new LinkedHashMap<>();
        demand.put("11", 3);
        demand.put("12", 1);
        FewestKits kits = FewestKits.of(demand, List.of(new Contents(Map.of("11", 2))));
        assertThat(kits.counts()).containsExactly(2);
        assertThat(kits.coverage().get(0).spare()).isEqualTo(1);
        assertThat(kits.coverage().get(1).shortBy()).isEqualTo(1);
    }

    @Test
    void manyOfOneAreOrderedAtOnce() {
        FewestKits kits =
                FewestKits.of(
                        Map.of("a", 60, "b", 40),
                        List.of(
                                new Contents(Map.of("a", 1)),
                                new Contents(Map.of("a", 2, "b", 1))));
        assertThat(kits.counts()).containsExactly(0, 40);
    }

    @Test
    void fewestAndLeastSpareAgainstBruteForce() {
        Random random = new Random(7);
        for (int round = 0; round < 500; round++) {
            int parts = 1 + random.nextInt(4);
            Map<String, Integer> demand = new LinkedHashMap<>();
            for (int p = 0; p < parts; p++) {
                demand.put("p" + p, random.nextInt(5));
            }
            List<Contents> kits = new ArrayList<>();
            for (int k = 0; k < 1 + random.nextInt(4); k++) {
                Map<String, Integer> holds = new LinkedHashMap<>();
                for (int p = 0; p < parts; p++) {
                    if (random.nextInt(3) > 0) {
                        holds.put("p" + p, random.nextInt(4));
                    }
                }
                kits.add(new Contents(holds));
            }
            FewestKits fewest = FewestKits.of(demand, kits);
            int[] best = {Integer.MAX_VALUE, Integer.MAX_VALUE, Integer.MAX_VALUE};
            brute(demand, kits, 0, new int[kits.size()], best);
            int shortage = fewest.coverage().stream().mapToInt(FewestKits.Row::shortBy).sum();
            int spare =
                    fewest.coverage().stream()
                            .filter(r -> kits.stream().anyMatch(k -> k.of(r.part()) > 0))
                            .filter(r -> r.needed() > 0)
                            .mapToInt(FewestKits.Row::spare)
                            .sum();
            int count = fewest.counts().stream().mapToInt(Integer::intValue).sum();
            assertThat(new int[] {shortage, count, spare}).as(demand + " " + kits).isEqualTo(best);
        }
    }

    private static void brute(
            Map<String, Integer> demand, List<Contents> kits, int k, int[] counts, int[] best) {
        if (k < kits.size()) {
            for (int n = 0; n <= 5; n++) {
                counts[k] = n;
                brute(demand, kits, k + 1, counts, best);
            }
            counts[k] = 0;
            return;
        }
        int shortage = 0;
        int spare = 0;
        for (Map.Entry<String, Integer> d : demand.entrySet()) {
            int supplied = 0;
            for (int i = 0; i < counts.length; i++) {
                supplied += counts[i] * kits.get(i).of(d.getKey());
            }
            shortage += Math.max(0, d.getValue() - supplied);
            spare += d.getValue() > 0 ? Math.max(0, supplied - d.getValue()) : 0;
        }
        int[] now = {shortage, java.util.Arrays.stream(counts).sum(), spare};
        if (java.util.Arrays.compare(now, best) < 0) {
            System.arraycopy(now, 0, best, 0, 3);
        }
    }
}
