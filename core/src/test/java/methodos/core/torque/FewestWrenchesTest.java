package methodos.core.torque;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;
import org.junit.jupiter.api.Test;

class FewestWrenchesTest {

    private static final Rational FIFTH = Rational.of(1, 5);

    private static WrenchScale scale(double from, double to) {
        return new WrenchScale(Rational.of(String.valueOf(from)), Rational.of(String.valueOf(to)));
    }

    private static TorqueRange range(double min, double max) {
        return new TorqueRange(Rational.of(String.valueOf(min)), Rational.of(String.valueOf(max)));
    }

    @Test
    void aWrenchIsUsableFromAFifthOfItsScale() {
        List<WrenchScale> wrenches = List.of(scale(2, 100), scale(2, 10));
        FewestWrenches fewest =
                FewestWrenches.of(wrenches, List.of(range(7, 8.5), range(20, 20)), FIFTH);
        assertThat(fewest.fewest()).containsExactly(0, 1);
        assertThat(fewest.unreached()).isEmpty();
        assertThat(FewestWrenches.of(wrenches, List.of(range(19.9, 21)), FIFTH).unreached())
                .containsExactly(0);
    }

    @Test
    void aScaleIsReadAsItIsTyped() {
        WrenchScale inches = WrenchScale.of(Quantity.parse("20 to 100 lbf·in"));
        assertThat(inches.from().toDouble()).isCloseTo(2.26, within(.01));
        assertThat(inches.to().toDouble()).isCloseTo(11.3, within(.01));
        WrenchScale open = WrenchScale.of(Quantity.parse("≤ 10 N·m"));
        assertThat(open.from()).isEqualTo(Rational.ZERO);
        assertThat(open.usableFrom(FIFTH)).isEqualTo(Rational.of(2));
        assertThatThrownBy(() -> WrenchScale.of(Quantity.parse("≥ 10 N·m")))
                .hasMessageContaining("upper end");
    }

    @Test
    void oneHasToHoldTheWholeRange() {
        List<WrenchScale> wrenches = List.of(scale(1, 10), scale(8, 40));
        assertThat(FewestWrenches.of(wrenches, List.of(range(7, 12)), FIFTH).unreached())
                .containsExactly(0);
    }

    @Test
    void nothingToReachTakesNoWrench() {
        assertThat(FewestWrenches.of(List.of(scale(1, 2)), List.of(), FIFTH).fewest()).isEmpty();
    }

    @Test
    void fewestAgainstBruteForce() {
        Random random = new Random(500);
        for (int round = 0; round < 500; round++) {
            List<WrenchScale> wrenches = new ArrayList<>();
            for (int i = 0; i < 1 + random.nextInt(9); i++) {
                double to = 2 + random.nextInt(100);
                wrenches.add(scale(random.nextInt(3), to));
            }
            List<TorqueRange> values = new ArrayList<>();
            for (int i = 0; i < random.nextInt(12); i++) {
                double min = 1 + random.nextInt(80);
                values.add(range(min, min + random.nextInt(6)));
            }
            FewestWrenches fewest = FewestWrenches.of(wrenches, values, FIFTH);
            List<TorqueRange> reached = new ArrayList<>();
            for (int v = 0; v < values.size(); v++) {
                boolean any = false;
                for (WrenchScale w : wrenches) {
                    any |= reaches(w, values.get(v));
                }
                assertThat(fewest.unreached().contains(v)).isEqualTo(!any);
                if (any) {
                    reached.add(values.get(v));
                }
            }
            int least = Integer.MAX_VALUE;
            for (int set = 0; set < 1 << wrenches.size(); set++) {
                int chosen = set;
                if (reached.stream().allMatch(r -> covers(wrenches, chosen, r))) {
                    least = Math.min(least, Integer.bitCount(set));
                }
            }
            assertThat(fewest.fewest()).hasSize(least);
            int mask = fewest.fewest().stream().mapToInt(i -> 1 << i).sum();
            assertThat(reached).allMatch(r -> covers(wrenches, mask, r));
        }
    }

    private static boolean covers(List<WrenchScale> wrenches, int set, TorqueRange range) {
        for (int i = 0; i < wrenches.size(); i++) {
            if ((set >> i & 1) == 1 && reaches(wrenches.get(i), range)) {
                return true;
            }
        }
        return false;
    }

    private static boolean reaches(WrenchScale w, TorqueRange r) {
        double least = Math.max(w.from().toDouble(), w.to().toDouble() / 5);
        return r.min().toDouble() >= least && r.max().toDouble() <= w.to().toDouble();
    }

    @Test
    void anAdapterLengthensTheWrench() {
        Rational l = Rational.of(400);
        Rational e = Rational.of(60);
        // 40 N·m · 400 / 460
        assertThat(TorqueAdapter.share(l, e, 0)).isEqualTo(Rational.of(400, 460));
        assertThat(TorqueAdapter.share(l, e, 90)).isEqualTo(Rational.ONE);
        assertThat(TorqueAdapter.share(l, e, 180)).isEqualTo(Rational.of(400, 340));
        assertThat(TorqueAdapter.share(l, e, 60).toDouble()).isCloseTo(400 / 430.0, within(1e-12));
    }
}
