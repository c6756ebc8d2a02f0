package methodos.core.manual;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import methodos.core.description.Id;
import org.junit.jupiter.api.Test;

/** Nothing in a manual is null that could be empty: screens and pages print it as it is. */
class TextsTest {

    @Test
    void missingTextsAreEmpty() {
        assertThat(new Evidence.Recorded(new Span(new Id<>("c"), 0, 1), null).quote()).isEmpty();
        assertThat(new Evidence.Documented(new Id<>("d"), null).place()).isEmpty();
        assertThat(new Dismissal(new Span(new Id<>("c"), 0, 1), null, null).reason()).isEmpty();
        assertThat(new Model("QA-80", null).kind()).isEmpty();
        assertThat(new Document(new Id<>("d"), "HV-114", null, null).rules()).isEmpty();
        assertThat(new Variant(new Id<>("v"), "QA-80", null, null).build()).isEmpty();
        assertThat(EnergyBuilder.builder().id(new Id<>("e")).name("Air").build().madeSafe())
                .isEmpty();
        assertThat(new Kit(new Id<>("k"), "K1", null, null).name()).isEmpty();
        assertThat(new Tool(new Id<>("t"), "hex key", null, null, null).label())
                .isEqualTo("hex key");
        assertThat(new Consumable(new Id<>("c"), "grease", null).label()).isEqualTo("grease");
        assertThat(new Hazard(null, null, null, null).hazard()).isEmpty();
        assertThat(Reading.of("gap", Value.of("3 mm"), 0, null).otherwise()).isEmpty();
        assertThat(Unit.unnamed().soundness()).isEmpty();
    }

    @Test
    void labelsSayWhatIsKnown() {
        assertThat(new Tool(new Id<>("t"), "hex key", "5 mm", null, null).label())
                .isEqualTo("hex key 5 mm");
        assertThat(new Consumable(new Id<>("c"), "grease", "NLGI 2").label())
                .isEqualTo("grease, NLGI 2");
        Part part =
                PartBuilder.builder()
                        .id(new Id<>("p"))
                        .name("cap screw")
                        .size("M6 × 25")
                        .quantity(4)
                        .build();
        assertThat(part.label()).isEqualTo("cap screw M6 × 25");
        assertThat(part.withSize("").label()).isEqualTo("cap screw");
        assertThat(part.reuse()).isEqualTo(ReuseRule.INSPECT);
    }

    @Test
    void aPartCannotBeThereLessThanNotAtAll() {
        assertThatThrownBy(
                        () ->
                                PartBuilder.builder()
                                        .id(new Id<>("p"))
                                        .name("x")
                                        .quantity(-1)
                                        .build())
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void listsAreCopiedAndCannotBeChanged() {
        Manual manual = Manual.titled("x");
        assertThatThrownBy(() -> manual.stages().add(null))
                .isInstanceOf(UnsupportedOperationException.class);
        List<Id<Step>> steps = new java.util.ArrayList<>(List.of(new Id<>("s1")));
        Energy energy =
                EnergyBuilder.builder().id(new Id<>("e")).name("Air").safeSteps(steps).build();
        steps.add(new Id<>("s2"));
        assertThat(energy.safeSteps()).containsExactly(new Id<>("s1"));
    }
}
