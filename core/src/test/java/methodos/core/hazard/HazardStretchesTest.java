package methodos.core.hazard;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.hazard.HazardStretches.Stretch;
import methodos.core.manual.Applicability;
import methodos.core.manual.Hazard;
import methodos.core.manual.Manual;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import org.junit.jupiter.api.Test;

class HazardStretchesTest {

    private static final Hazard WATER =
            new Hazard(Hazard.SignalWord.DANGER, "Water", "It drowns.", "Wear a vest.");
    private static final Hazard GATE =
            new Hazard(Hazard.SignalWord.WARNING, "Gate", "It drops.", "Pin it.");

    @Test
    void aStatementStandsOnceForStepsThatFollowEachOther() {
        HazardStretches all =
                stretches(step("a", WATER), step("b", WATER, GATE), step("c", GATE), step("d"));
        assertThat(all.all())
                .containsExactly(
                        new Stretch(WATER, ids("a", "b")), new Stretch(GATE, ids("b", "c")));
        assertThat(all.of(new Id<>("b"))).hasSize(2);
        assertThat(all.of(new Id<>("b")).get(0).begins(new Id<>("a"))).isTrue();
        assertThat(all.of(new Id<>("d"))).isEmpty();
    }

    @Test
    void aStepBetweenThemEndsTheStretch() {
        assertThat(stretches(step("a", WATER), step("b"), step("c", WATER)).all())
                .containsExactly(new Stretch(WATER, ids("a")), new Stretch(WATER, ids("c")));
    }

    @Test
    void whoDoesNotDoTheFirstStepReadsItBeforeTheSecond() {
        Step onlyB = step("a", WATER).withApplicability(Applicability.model("B"));
        assertThat(stretches(onlyB, step("b", WATER)).all()).hasSize(2);
        assertThat(
                        stretches(
                                        onlyB,
                                        step("b", WATER)
                                                .withApplicability(Applicability.model("B")))
                                .all())
                .hasSize(1);
        assertThat(stretches(step("a", WATER), onlyB.withId(new Id<>("b"))).all()).hasSize(1);
        assertThat(stretches(step("a", WATER).withOptional(true), step("b", WATER)).all())
                .hasSize(2);
        assertThat(stretches(step("a", WATER).withOnlyIf("it rains"), step("b", WATER)).all())
                .hasSize(2);
    }

    @Test
    void whatOtherUnitsHaveIsLeftOut() {
        Hazard ofB = WATER.withApplicability(Applicability.model("B"));
        Manual manual = manual(step("a", ofB), step("b", ofB));
        assertThat(HazardStretches.of(manual, new Sight("A", SerialRange.ALL)).all()).isEmpty();
        assertThat(HazardStretches.of(manual, new Sight("B", SerialRange.ALL)).all()).hasSize(1);
    }

    private static HazardStretches stretches(Step... steps) {
        return HazardStretches.of(manual(steps), Sight.EVERYTHING);
    }

    private static Manual manual(Step... steps) {
        return Manual.titled("lock")
                .withStages(
                        List.of(
                                new Stage(
                                        new Id<>("t"), Stage.Kind.TAKE_DOWN, "", List.of(steps))));
    }

    private static List<Id<Step>> ids(String... ids) {
        return Arrays.stream(ids).map(i -> new Id<Step>(i)).toList();
    }

    private static Step step(String id, Hazard... hazards) {
        return Step.of(new Id<>(id), "Go on.", List.of(), List.of()).withHazards(List.of(hazards));
    }
}
