package methodos.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.manual.Applicability;
import methodos.core.manual.Manual;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Variant;
import org.junit.jupiter.api.Test;

class FindingScopeTest {

    private static final Sight D = new Sight("D", SerialRange.ALL);
    private static final Sight S = new Sight("S", SerialRange.ALL);

    private static Manual manual(Applicability units) {
        Manual manual =
                Manual.titled("x")
                        .withVariants(
                                List.of(
                                        new Variant(new Id<>("v"), "D", null, ""),
                                        new Variant(new Id<>("w"), "S", null, "")));
        Step step = Step.of(new Id<>("s"), "Look.", List.of(), List.of()).withApplicability(units);
        return manual.withNewStep(manual.stage(Stage.Kind.INSPECT).orElseThrow().id(), step);
    }

    private static boolean holds(Finding finding, Applicability units, Sight sight) {
        return new FindingScope(manual(units), sight).holds(finding);
    }

    private static Finding ofStep() {
        return new Finding(Rule.LANGUAGE, "s", List.of(new Id<>("s")), "key", List.of());
    }

    @Test
    void aStepSaysForWhichUnits() {
        assertThat(holds(ofStep(), Applicability.ALL, D)).isTrue();
        assertThat(holds(ofStep(), Applicability.model("D"), D)).isTrue();
        assertThat(holds(ofStep(), Applicability.model("D"), S)).isFalse();
    }

    @Test
    void aStepOfNobodyIsForEverybodyToMend() {
        assertThat(holds(ofStep(), Applicability.model("X"), S)).isTrue();
    }

    @Test
    void theGroupsOfALedgerGoBeforeTheSteps() {
        Sight late = new Sight("D", SerialRange.from(2200), Set.of(), Set.of("L"));
        Finding finding =
                new Finding(
                        Rule.NOT_REFITTED,
                        "p",
                        List.of(new Id<>("s")),
                        List.of(new Id<>("v")),
                        List.of(late),
                        "key",
                        List.of(),
                        List.of());
        assertThat(holds(finding, Applicability.ALL, D)).isTrue();
        assertThat(holds(finding, Applicability.ALL, new Sight("D", SerialRange.upTo(2199))))
                .isFalse();
        assertThat(
                        holds(
                                finding,
                                Applicability.ALL,
                                new Sight("D", SerialRange.ALL, Set.of("L"), Set.of())))
                .isFalse();
        assertThat(holds(finding, Applicability.ALL, S)).isFalse();
    }

    @Test
    void whatIsOfNoStepIsForAll() {
        Finding finding = new Finding(Rule.COVERAGE, "clip", List.of(), "key", List.of());
        assertThat(holds(finding, Applicability.model("D"), S)).isTrue();
    }
}
