package methodos.core.typed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.fit.MeasureText;
import methodos.core.manual.Answer;
import methodos.core.manual.Decision;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Wait;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is typed on one line stands there again as it was meant. */
class TypedLinesTest {

    private static StepNumbers tenSteps() {
        Manual manual = Manual.titled("ten");
        List<Step> steps = new ArrayList<>();
        for (int i = 1; i <= 10; i++) {
            steps.add(Step.of(new Id<>("s" + i), "Look.", List.of(), List.of()));
        }
        List<Stage> stages = new ArrayList<>(manual.stages());
        stages.set(0, stages.get(0).withSteps(steps));
        return new StepNumbers(manual.withStages(stages), Sight.EVERYTHING);
    }

    @Test
    void stepsAreNamedByTheirNumbers() {
        List<Id<Step>> steps = StepList.parse("4 to 6, 9", tenSteps());
        assertThat(steps).extracting(Id::text).containsExactly("s4", "s5", "s6", "s9");
        assertThat(StepList.text(steps, tenSteps())).isEqualTo("4 to 6, 9");
        assertThat(StepList.parse("1-2;10", tenSteps())).hasSize(3);
        assertThat(StepList.parse(" ", tenSteps())).isEmpty();
        assertThatThrownBy(() -> StepList.parse("4 to 11", tenSteps()))
                .hasMessage("There is no step 11.");
    }

    @Test
    void amountAndPlaceStandOnOneLine() {
        AmountAndPlace both = AmountAndPlace.parse("5 g, on the lip, all round");
        assertThat(both.amount().print()).isEqualTo("5 g");
        assertThat(both.place()).isEqualTo("on the lip, all round");
        assertThat(AmountAndPlace.parse("thinly on the lip").amount()).isNull();
        assertThat(AmountAndPlace.parse("0,8 L").text()).isEqualTo("0.8 L");
    }

    @ParameterizedTest
    @ValueSource(strings = {"30 min", "≥ 2 h", "≤ 90 s", "1 d", ""})
    void timesStandAsTheyWereTyped(String typed) {
        assertThat(WaitTime.text(WaitTime.timed(new Wait("set", 5), typed))).isEqualTo(typed);
    }

    @Test
    void aWaitIsForATimeOrUntilSomething() {
        assertThat(WaitTime.wait("at least 10 min").bound()).isEqualTo(Wait.Bound.AT_LEAST);
        assertThat(WaitTime.wait("until no oil drips").until()).isEqualTo("no oil drips");
        assertThatThrownBy(() -> WaitTime.timed(new Wait("", 0), "1 to 2 h"))
                .hasMessageContaining("one time");
        assertThatThrownBy(() -> WaitTime.timed(new Wait("", 0), "2 mm"));
    }

    @Test
    void answersHaveAStarBehindTheGoodOnes() {
        Answer choice = new Answer.Choice(List.of("yes", "no"), List.of("yes"));
        assertThat(AnswerText.text(choice)).isEqualTo("yes*, no");
        assertThat(AnswerText.parse(choice, "tight*, snug*, loose"))
                .isEqualTo(
                        new Answer.Choice(
                                List.of("tight", "snug", "loose"), List.of("tight", "snug")));
        assertThatThrownBy(() -> AnswerText.parse(choice, "yes"))
                .hasMessageContaining("two answers");
        Answer reckoned = new Answer.Reckoned("", "kg");
        assertThat(AnswerText.parse(reckoned, "= b - a in kilograms"))
                .isEqualTo(new Answer.Reckoned("b - a", "kg"));
        assertThatThrownBy(() -> AnswerText.parse(reckoned, "b - a"));
        assertThatThrownBy(() -> AnswerText.parse(new Answer.Noted("kg"), "stones and pebbles"))
                .hasMessageContaining("no unit");
        assertThatThrownBy(() -> AnswerText.symbol("1a")).hasMessageContaining("letter");
    }

    @Test
    void aMeasureIsANumberOrAChoice() {
        Decision.Measure pawl = MeasureText.measure("p the pawl moves: yes / no");
        assertThat(pawl.choices()).containsExactly("yes", "no");
        assertThat(MeasureText.ranged(pawl)).isEqualTo("yes / no");
        Decision.Measure gap = MeasureText.ranged(pawl, "0 to 1 mm");
        assertThat(gap.choices()).isEmpty();
        assertThat(MeasureText.ranged(gap)).isEqualTo("0 to 1 mm");
        assertThat(MeasureText.ranged(gap, "1/8 to 1/4 in").range().print())
                .as("a fraction is no choice")
                .isEqualTo("1/8 to 1/4 in");
    }
}
