package methodos.core.fault;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import methodos.core.manual.Symptom;
import methodos.core.manual.Symptom.Check;
import methodos.core.manual.Symptom.Outcome;
import org.junit.jupiter.api.Test;

class FaultFindingTest {

    private static final Outcome SEALS = Outcome.cause("worn piston seals", List.of("s1"));
    private static final Outcome VALVE = Outcome.cause("stuck valve", List.of("s2"));

    private static Symptom symptom(Check... checks) {
        return new Symptom("x", "it does not move", List.of(checks));
    }

    private static Check check(String id, Outcome yes, Outcome no) {
        return new Check(id, id + "?", yes, no);
    }

    @Test
    void everyAnswerLeadsToACause() {
        Symptom sound =
                symptom(
                        check("air", Outcome.next("vent"), VALVE),
                        check("vent", SEALS, Outcome.cause("twisted guide band", List.of())));
        FaultFinding finding = FaultFinding.of(sound);
        assertThat(finding.complete()).isTrue();
        assertThat(FaultFinding.walk(sound, Map.of("air", true, "vent", true))).isEqualTo(SEALS);
        assertThat(FaultFinding.walk(sound, Map.of("air", false))).isEqualTo(VALVE);
        assertThat(FaultFinding.walk(sound, Map.of("air", true))).isNull();
    }

    @Test
    void anAnswerThatLeadsNowhereIsFound() {
        FaultFinding finding =
                FaultFinding.of(
                        symptom(
                                check("air", Outcome.next("vent"), null),
                                check("vent", SEALS, VALVE)));
        assertThat(finding.open()).containsExactly(new FaultFinding.Unanswered("air", false));
        assertThat(finding.unreachable()).isEmpty();
        assertThat(finding.complete()).isFalse();
    }

    @Test
    void aCheckThatIsNeverComeToIsFound() {
        FaultFinding finding =
                FaultFinding.of(symptom(check("air", SEALS, VALVE), check("vent", SEALS, VALVE)));
        assertThat(finding.unreachable()).containsExactly("vent");
    }

    @Test
    void checksThatGoRoundAreFound() {
        FaultFinding finding =
                FaultFinding.of(
                        symptom(
                                check("air", Outcome.next("vent"), VALVE),
                                check("vent", SEALS, Outcome.next("air"))));
        assertThat(finding.endless()).hasSize(1);
        assertThat(
                        FaultFinding.walk(
                                symptom(
                                        check("air", Outcome.next("vent"), VALVE),
                                        check("vent", SEALS, Outcome.next("air"))),
                                Map.of("air", true, "vent", false)))
                .isNull();
    }

    @Test
    void aCheckThatThereIsNotIsSaid() {
        assertThatThrownBy(
                        () -> FaultFinding.of(symptom(check("air", Outcome.next("dust"), VALVE))))
                .hasMessageContaining("dust");
        assertThatThrownBy(() -> new Outcome("vent", "worn", null)).hasMessageContaining("cause");
        assertThat(new Outcome(null, null, null).cause()).isEmpty(); // not named yet
        assertThat(FaultFinding.of(symptom()).complete()).isTrue();
    }
}
