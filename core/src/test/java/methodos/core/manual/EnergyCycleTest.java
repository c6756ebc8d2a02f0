package methodos.core.manual;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import methodos.core.description.Id;
import org.junit.jupiter.api.Test;

class EnergyCycleTest {

    private static final Map<Id<Step>, Integer> PLACES = new HashMap<>();

    static {
        for (int i = 0; i < 9; i++) {
            PLACES.put(new Id<>("s" + i), i);
        }
    }

    private static List<Id<Step>> steps(String... ids) {
        return Arrays.stream(ids).map(i -> new Id<Step>(i)).toList();
    }

    private static List<EnergyCycle> cycles(List<Id<Step>> safe, List<Id<Step>> back) {
        return EnergyCycle.of(
                EnergyBuilder.builder()
                        .id(new Id<>("e"))
                        .name("press")
                        .safeSteps(safe)
                        .restoreSteps(back)
                        .build(),
                PLACES);
    }

    @Test
    void stepsThatFollowEachOtherAreOneTime() {
        assertThat(cycles(steps("s1", "s2"), steps("s7", "s6")))
                .containsExactly(new EnergyCycle(List.of(1, 2), List.of(6, 7)));
    }

    @Test
    void whatIsMadeSafeAgainIsAnotherTime() {
        List<EnergyCycle> cycles = cycles(steps("s5", "s1"), steps("s3", "s7", "gone"));
        assertThat(cycles)
                .containsExactly(
                        new EnergyCycle(List.of(1), List.of(3)),
                        new EnergyCycle(List.of(5), List.of(7)));
        for (int here = 0; here < 9; here++) {
            int place = here;
            assertThat(cycles.stream().anyMatch(c -> c.away(place)))
                    .isEqualTo(here == 2 || here == 6);
        }
    }

    @Test
    void whatIsNeverGivenBackStaysSafe() {
        assertThat(cycles(steps("s2"), List.of()).get(0).away(8)).isTrue();
        assertThat(cycles(List.of(), steps("s2")).get(0).away(8)).isFalse();
        assertThat(cycles(List.of(), List.of())).isEmpty();
    }
}
