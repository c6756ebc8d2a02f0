package methodos.core.narration;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import methodos.core.description.Id;
import methodos.core.manual.Dismissal;
import methodos.core.manual.Manual;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import org.junit.jupiter.api.Test;

class WordStatesTest {

    private static Span span(Random random) {
        double from = random.nextInt(100);
        return new Span(
                random.nextInt(5) == 0 ? new Id<>("b") : new Id<>("a"),
                from,
                from + random.nextInt(9));
    }

    @Test
    void everyCaptionIsJudgedByWhatHoldsItsMiddle() {
        Random random = new Random(12);
        for (int round = 0; round < 200; round++) {
            List<Step> steps = new ArrayList<>();
            List<Dismissal> dismissals = new ArrayList<>();
            for (int i = random.nextInt(12); i > 0; i--) {
                steps.add(
                        Step.of(
                                new Id<>("s" + i),
                                "",
                                List.of(span(random), span(random)),
                                List.of()));
            }
            for (int i = random.nextInt(12); i > 0; i--) {
                dismissals.add(new Dismissal(span(random), "", ""));
            }
            Manual manual =
                    Manual.titled("x")
                            .withStages(
                                    List.of(
                                            new Stage(
                                                    new Id<>("t"),
                                                    Stage.Kind.TAKE_DOWN,
                                                    "",
                                                    steps)))
                            .withDismissals(dismissals);
            WordStates states = new WordStates(manual, new Id<>("a"));
            for (int i = 0; i < 100; i++) {
                Caption caption = new Caption(i, i + 1, "");
                double middle = i + 0.5;
                boolean used =
                        steps.stream()
                                .flatMap(s -> s.spans().stream())
                                .anyMatch(
                                        s -> s.clip().equals(new Id<>("a")) && s.contains(middle));
                boolean aside =
                        dismissals.stream()
                                .map(Dismissal::span)
                                .anyMatch(
                                        s -> s.clip().equals(new Id<>("a")) && s.contains(middle));
                assertThat(states.of(caption))
                        .isEqualTo(
                                used
                                        ? WordState.USED
                                        : aside ? WordState.DISMISSED : WordState.OPEN);
            }
        }
    }
}
