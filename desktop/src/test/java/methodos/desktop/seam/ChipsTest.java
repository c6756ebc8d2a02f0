package methodos.desktop.seam;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import methodos.core.description.Id;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Manual;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Value;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;

class ChipsTest {

    private final Words words = new Words("methodos.desktop.desktop", Locale.ENGLISH);
    private Manual manual =
            StepEdits.make(new Span(new Id<>("c"), 1, 3), "Tighten.", Stage.Kind.BUILD_UP)
                    .change()
                    .apply(
                            Manual.titled("x")
                                    .withPart(
                                            PartBuilder.builder()
                                                    .id(new Id<>("p1"))
                                                    .item("7")
                                                    .name("cap screw")
                                                    .size("M6 × 25")
                                                    .quantity(4)
                                                    .reuse(ReuseRule.INSPECT)
                                                    .build()));

    private Step step() {
        return manual.steps().findFirst().orElseThrow();
    }

    private void apply(methodos.core.edit.Edit edit) {
        manual = edit.change().apply(manual);
    }

    private List<Chips.Chip> chips() {
        return Chips.of(step(), manual, words);
    }

    @Test
    void aBareStepHasNone() {
        assertThat(chips()).isEmpty();
    }

    @Test
    void partsCarryTheirItemNumberAndCount() {
        apply(StepEdits.part(step().id(), new Id<>("p1"), 1));
        assertThat(chips()).containsExactly(new Chips.Chip("7", "cap screw", false));
        apply(StepEdits.part(step().id(), new Id<>("p1"), 4));
        assertThat(chips()).containsExactly(new Chips.Chip("7", "cap screw ×4", false));
    }

    @Test
    void aTorqueIsShownAsEnteredAndAnOpenOneAsOpen() {
        apply(StepEdits.torque(step().id(), "cap", Value.of("62 to 75 in-lb")));
        assertThat(chips()).containsExactly(new Chips.Chip("", "62 to 75 lbf·in", false));
        apply(StepEdits.torque(step().id(), "cap", new Value.Open("on the sheet", null)));
        assertThat(chips()).containsExactly(new Chips.Chip("", "value not specified", true));
    }

    @Test
    void toolsComeLast() {
        apply(StepEdits.newTool(step().id(), "hex key"));
        apply(StepEdits.part(step().id(), new Id<>("p1"), 2));
        assertThat(chips()).extracting(Chips.Chip::text).containsExactly("cap screw ×2", "hex key");
    }

    @Test
    void whatIsGoneIsLeftOut() {
        apply(StepEdits.part(step().id(), new Id<>("gone"), 1));
        assertThat(chips()).isEmpty();
    }
}
