package methodos.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import methodos.core.description.Id;
import methodos.core.manual.Applicability;
import methodos.core.manual.Manual;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Variant;
import org.junit.jupiter.api.Test;

class UnitsLookedAtTest {

    private static final Applicability LATE = Applicability.serials(SerialRange.from(500));
    private static final Applicability TALL = Applicability.model("tall");

    private final Manual manual =
            Manual.titled("press")
                    .withVariants(
                            List.of(
                                    variant("v1", "low", new SerialRange(100L, 900L)),
                                    variant("v2", "tall", new SerialRange(400L, 900L))))
                    .withStages(
                            List.of(
                                    new Stage(
                                            new Id<>("t"),
                                            Stage.Kind.TAKE_DOWN,
                                            "",
                                            List.of(
                                                    step("a").withApplicability(LATE),
                                                    step("b").withApplicability(TALL)))));

    private static Variant variant(String id, String model, SerialRange serials) {
        return new Variant(new Id<>(id), model, serials, "");
    }

    private static Step step(String id) {
        return Step.of(new Id<>(id), "Go on.", List.of(), List.of());
    }

    private boolean all(Applicability units, String model, SerialRange serials) {
        return new UnitsLookedAt(manual, new Sight(model, serials)).allHave(units);
    }

    @Test
    void whatSomeUnitsLackIsNotForAll() {
        assertThat(all(LATE, null, SerialRange.ALL)).isFalse();
        assertThat(all(LATE, "tall", SerialRange.ALL)).as("tall ones begin at 400").isFalse();
        assertThat(all(TALL, null, SerialRange.ALL)).isFalse();
        assertThat(all(TALL, null, SerialRange.only(450))).as("both are made").isFalse();
    }

    @Test
    void whatEachUnitHasIsForAll() {
        assertThat(all(Applicability.ALL, null, SerialRange.ALL)).isTrue();
        assertThat(all(LATE, "tall", SerialRange.only(500))).isTrue();
        assertThat(all(LATE, null, new SerialRange(500L, 600L))).isTrue();
        assertThat(all(TALL, "tall", SerialRange.ALL)).isTrue();
        assertThat(
                        all(
                                TALL.or(
                                        List.of(
                                                new Applicability.Condition(
                                                        List.of("low"), SerialRange.ALL))),
                                null,
                                SerialRange.ALL))
                .isTrue();
    }

    @Test
    void aManualWithoutVariantsGoesByItsConditionsAlone() {
        Manual bare = Manual.titled("press");
        assertThat(new UnitsLookedAt(bare, Sight.EVERYTHING).allHave(LATE)).isFalse();
        assertThat(new UnitsLookedAt(bare, new Sight("tall", SerialRange.ALL)).allHave(TALL))
                .isTrue();
        assertThat(new UnitsLookedAt(bare, new Sight("low", SerialRange.only(700))).allHave(LATE))
                .isTrue();
    }
}
