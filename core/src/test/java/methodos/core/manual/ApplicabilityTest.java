package methodos.core.manual;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;

class ApplicabilityTest {

    private static final Sight EARLY_S = new Sight("QA-80 S", new SerialRange(1000L, 2199L));
    private static final Sight LATE_D = new Sight("QA-80 D", SerialRange.from(2200));

    @Test
    void withoutConditionItIsForAll() {
        assertThat(Applicability.ALL.concerns(EARLY_S)).isTrue();
        assertThat(Applicability.ALL.concerns(Sight.EVERYTHING)).isTrue();
        assertThat(Applicability.of(List.of(), SerialRange.ALL).all()).isTrue();
    }

    @Test
    void aModelIsForItselfAlone() {
        Applicability s = Applicability.model("QA-80 S");
        assertThat(s.concerns(EARLY_S)).isTrue();
        assertThat(s.concerns(LATE_D)).isFalse();
        assertThat(s.concerns(Sight.EVERYTHING)).isTrue();
    }

    @Test
    void serialsCountToTheUnit() {
        Applicability late = Applicability.serials(SerialRange.from(2200));
        assertThat(late.concerns(new Sight("QA-80 S", SerialRange.only(2199)))).isFalse();
        assertThat(late.concerns(new Sight("QA-80 S", SerialRange.only(2200)))).isTrue();
        assertThat(late.concerns(EARLY_S)).isFalse();
    }

    @Test
    void oneOfSeveralConditionsIsEnough() {
        Applicability either =
                new Applicability(
                        List.of(
                                new Applicability.Condition(List.of("QA-80 S"), SerialRange.ALL),
                                new Applicability.Condition(List.of(), SerialRange.from(2200))));
        assertThat(either.concerns(EARLY_S)).isTrue();
        assertThat(either.concerns(LATE_D)).isTrue();
        assertThat(either.concerns(new Sight("QA-80 D", SerialRange.upTo(2199)))).isFalse();
    }

    @Test
    void rangesOverlapWhereTheyShareANumber() {
        assertThat(SerialRange.upTo(10).overlaps(SerialRange.from(10))).isTrue();
        assertThat(SerialRange.upTo(9).overlaps(SerialRange.from(10))).isFalse();
        assertThat(SerialRange.ALL.contains(SerialRange.only(5))).isTrue();
        assertThat(SerialRange.only(5).contains(SerialRange.ALL)).isFalse();
    }

    @Test
    void aRangeThatRunsBackwardsIsRefused() {
        assertThatThrownBy(() -> new SerialRange(20L, 10L))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("20");
    }
}
