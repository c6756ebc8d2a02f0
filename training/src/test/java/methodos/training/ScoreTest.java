package methodos.training;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStepBuilder;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

class ScoreTest {

    private static List<Narration> narrations;

    @BeforeAll
    static void read() throws Exception {
        narrations =
                TruthFile.all(
                        List.of(Path.of("narrations/practice"), Path.of("narrations/sentences")));
    }

    private static Draft itself(Truth truth) {
        return new Draft(
                truth.steps().stream().map(Truth.TrueStep::told).toList(), truth.dismissed());
    }

    @Test
    void aTruthIsRightInAllThatItSays() {
        Score score = new Score();
        narrations.forEach(n -> score.add(itself(n.truth()), n.truth()));

        assertThat(score.steps().f1()).isEqualTo(1);
        assertThat(score.together(true).precision()).isEqualTo(1);
        assertThat(score.together(false).recall()).isEqualTo(1);
        assertThat(score.lines()).anyMatch(l -> l.contains("traps violated     0 of"));
    }

    @Test
    void anEmptyDraftFindsNothing() {
        Score score = new Score();
        narrations.forEach(n -> score.add(new Draft(List.of(), List.of()), n.truth()));

        assertThat(score.steps().recall()).isZero();
        assertThat(score.together(true).recall()).isZero();
    }

    @Test
    void everyOtherStepLostHalvesTheRecall() {
        Score score = new Score();
        for (Narration n : narrations) {
            List<DraftedStep> some = new ArrayList<>();
            List<DraftedStep> all = itself(n.truth()).steps();
            for (int i = 0; i < all.size(); i += 2) {
                some.add(all.get(i));
            }
            score.add(new Draft(some, n.truth().dismissed()), n.truth());
        }

        assertThat(score.steps().recall()).isCloseTo(0.5, within(0.06));
        assertThat(score.steps().precision()).isGreaterThan(0.97);
    }

    @Test
    void anotherActionIsWrong() {
        Score score = new Score();
        for (Narration n : narrations) {
            List<DraftedStep> turned =
                    itself(n.truth()).steps().stream()
                            .map(
                                    s ->
                                            DraftedStepBuilder.builder(s)
                                                    .action(s.action() == null ? "bend" : "cut")
                                                    .build())
                            .toList();
            score.add(new Draft(turned, List.of()), n.truth());
        }

        assertThat(score.steps().f1()).isLessThan(0.2);
    }
}
