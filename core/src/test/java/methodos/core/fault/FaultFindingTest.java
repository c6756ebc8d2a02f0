package methodos.core.fault;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.manual.Symptom;
import methodos.core.manual.Symptom.Check;
import methodos.core.manual.Symptom.Outcome;
import org.junit.jupiter.api.Test;

class FaultFindingTest {

    private static final Outcome SEALS =
            Outcome.cause("worn piston seals", List.of(new Id<>("s1")));
    private static final Outcome VALVE = Outcome.cause("stuck valve", List.of(new Id<>("s2")));

    private static Symptom symptom(Check... checks) {
        return new Symptom(new Id<>("x"), "it does not move", List.of(checks));
    }

    private static Check check(Id<Symptom.Check> id, Outcome yes, Outcome no) {
        return new Check(id, id + "?", yes, no);
    }

    @Test
    void everyAnswerLeadsToACause() {
        Symptom sound =
                symptom(
                        check(new Id<>("air"), Outcome.next(new Id<>("vent")), VALVE),
                        check(
                                new Id<>("vent"),
                                SEALS,
                                Outcome.cause("twisted guide band", List.of())));
        FaultFinding finding = FaultFinding.of(sound);
        assertThat(finding.complete()).isTrue();
        assertThat(FaultFinding.walk(sound, Map.of(new Id<>("air"), true, new Id<>("vent"), true)))
                .isEqualTo(SEALS);
        assertThat(FaultFinding.walk(sound, Map.of(new Id<>("air"), false))).isEqualTo(VALVE);
        assertThat(FaultFinding.walk(sound, Map.of(new Id<>("air"), true))).isNull();
    }

    @Test
    void anAnswerThatLeadsNowhereIsFound() {
        FaultFinding finding =
                FaultFinding.of(
                        symptom(
                                check(new Id<>("air"), Outcome.next(new Id<>("vent")), null),
                                check(new Id<>("vent"), SEALS, VALVE)));
        assertThat(finding.open())
                .containsExactly(new FaultFinding.Unanswered(new Id<>("air"), false));
        assertThat(finding.unreachable()).isEmpty();
        assertThat(finding.complete()).isFalse();
    }

    @Test
    void aCheckThatIsNeverComeToIsFound() {
        FaultFinding finding =
                FaultFinding.of(
                        symptom(
                                check(new Id<>("air"), SEALS, VALVE),
                                check(new Id<>("vent"), SEALS, VALVE)));
        assertThat(finding.unreachable()).containsExactly(new Id<>("vent"));
    }

    @Test
    void checksThatGoRoundAreFound() {
        FaultFinding finding =
                FaultFinding.of(
                        symptom(
                                check(new Id<>("air"), Outcome.next(new Id<>("vent")), VALVE),
                                check(new Id<>("vent"), SEALS, Outcome.next(new Id<>("air")))));
        assertThat(finding.endless()).hasSize(1);
        assertThat(
                        FaultFinding.walk(
                                symptom(
                                        check(
                                                new Id<>("air"),
                                                Outcome.next(new Id<>("vent")),
                                                VALVE),
                                        check(
                                                new Id<>("vent"),
                                                SEALS,
                                                Outcome.next(new Id<>("air")))),
                                Map.of(new Id<>("air"), true, new Id<>("vent"), false)))
                .isNull();
    }

    @Test
    void aCheckThatThereIsNotIsSaid() {
        assertThatThrownBy(
                        () ->
                                FaultFinding.of(
                                        symptom(
                                                check(
                                                        new Id<>("air"),
                                                        Outcome.next(new Id<>("dust")),
                                                        VALVE))))
                .hasMessageContaining("dust");
        assertThatThrownBy(() -> new Outcome(new Id<>("vent"), "worn", null))
                .hasMessageContaining("cause");
        assertThat(new Outcome(null, null, null).cause()).isEmpty(); // not named yet
        assertThat(FaultFinding.of(symptom()).complete()).isTrue();
    }
}
