package methodos.narration.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import methodos.core.manual.Stage;
import methodos.core.narration.DraftedStep.Kind;
import methodos.narration.Spoken;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Clauses;
import methodos.narration.grammar.Utterance;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What steps get from the words around them, whatever the judge says. */
class DraftRoomTest {

    private static Sketch sketch(String action, Clause clause) {
        return new Sketch(Kind.ACTION, action, clause, 1);
    }

    /** A step of each clause that holds one of some words, with its condition. */
    private static List<Sketch> conditions(String words, String... steps) {
        Utterance said = Spoken.utterance(words);
        List<Clause> clauses = Clauses.of(said);
        List<Sketch> sketches = new ArrayList<>();
        for (String step : steps) {
            clauses.stream()
                    .filter(c -> said.text(c.from(), c.to()).contains(step))
                    .findFirst()
                    .ifPresent(c -> sketches.add(sketch("replace", c)));
        }
        assertThat(sketches).as(words).hasSameSizeAs(steps);
        new ConditionsTold(said, clauses, sketches).give();
        return sketches;
    }

    @Test
    void aConditionBelongsToTheStepBehindItOrBeforeItInTheSentence() {
        assertThat(conditions("If the rod is bent, fit a new rod.", "fit").get(0).condition)
                .isEqualTo("the rod is bent");
        assertThat(conditions("Fit a new rod if the old one is bent.", "fit").get(0).condition)
                .isEqualTo("the old one is bent");
        assertThat(
                        conditions("Wipe the rod. If it is bent, fit a new one.", "wipe")
                                .get(0)
                                .condition)
                .isNull();
    }

    @Test
    void whatFollowsWithAndDependsOnItAsWell() {
        List<Sketch> both =
                conditions("If the seat is worn, take it out and fit a new one.", "take", "fit");

        assertThat(both.get(1).condition).isEqualTo("the seat is worn");
        assertThat(both.get(1).asking).isEqualTo("If ");
    }

    @Test
    void aShortQuestionIsACondition() {
        assertThat(conditions("Worn? Fit a new rod.", "fit").get(0).condition).isEqualTo("worn");
    }

    @Test
    void aWishIsNoCondition() {
        assertThat(conditions("If you like, fit a new rod.", "fit").get(0).condition).isNull();
    }

    @ParameterizedTest
    @CsvSource({
        "'Fit the seal, lip facing out.', install, lip facing out",
        "'Press the bush in, chamfer towards the motor.', press, chamfer towards the motor",
        "'Set the plate on the dowels with the stamped letter upward.', install, stamped letter upward",
        "'Tap the shaft out towards the pump side.', remove, towards the pump side",
        "'Turn it clockwise.', turn, clockwise"
    })
    void whichWayRoundIsKeptInTheWordsSaid(String words, String action, String way) {
        Utterance said = Spoken.utterance(words);

        assertThat(WayRound.of(said.text(0, said.size()), action)).isEqualTo(way);
    }

    @Test
    void whatDoesNotSayWhichWayRoundSaysNothing() {
        assertThat(WayRound.of("fit the seal", "install")).isNull();
        assertThat(WayRound.of("the lip is facing out", "inspect")).isNull();
        assertThat(WayRound.of("the lip is facing out", null)).isNull();
    }

    @ParameterizedTest
    @CsvSource({
        "'Heat the ring, no, tap it.', true",
        "'Heat the ring, scratch that, tap it.', true",
        "'Turn it, do not turn it yet.', true",
        "'Heat the ring, then tap it.', false",
        "'Tighten it to five, no, six newton metres.', false",
        "'Heat the ring. No washer goes here.', false"
    })
    void whatIsTakenBackAsItIsSaid(String words, boolean back) {
        Utterance said = Spoken.utterance(words);

        assertThat(new TakenBack(said).is(Clauses.of(said).get(0))).isEqualTo(back);
    }

    @Test
    void stagesAreStretchesOfTimeWithinWhichASingleStepIsNoStretch() {
        Clause any = Spoken.clauses("Take the lid off.").get(0);
        List<Sketch> steps = new ArrayList<>();
        for (String action :
                "isolate vent remove loosen install remove remove inspect measure install tighten tighten test"
                        .split(" ")) {
            steps.add(sketch(action, any));
        }

        assertThat(Stages.of(steps, Stage.Kind.PREPARE))
                .containsExactly(
                        Stage.Kind.PREPARE,
                        Stage.Kind.PREPARE,
                        Stage.Kind.TAKE_DOWN,
                        Stage.Kind.TAKE_DOWN,
                        Stage.Kind.TAKE_DOWN,
                        Stage.Kind.TAKE_DOWN,
                        Stage.Kind.TAKE_DOWN,
                        Stage.Kind.INSPECT,
                        Stage.Kind.INSPECT,
                        Stage.Kind.BUILD_UP,
                        Stage.Kind.BUILD_UP,
                        Stage.Kind.BUILD_UP,
                        Stage.Kind.TEST);
        assertThat(Stages.of(steps.subList(0, 2), Stage.Kind.BUILD_UP))
                .doesNotContain(Stage.Kind.PREPARE, Stage.Kind.TAKE_DOWN);
    }

    @Test
    void theSameAtAnotherPlaceIsAStepOfItsOwn() {
        Utterance said = Spoken.utterance("Take the left cap off. Same again on the other side.");
        List<Clause> clauses = Clauses.of(said);
        Sketch first = sketch("remove", clauses.get(0));
        first.parts.add(
                new methodos.core.narration.DraftedStep.PartNamed("left cap", null, null, null));

        List<Sketch> all = new RepeatsTold(said, clauses).with(List.of(first));

        assertThat(all).hasSize(2);
        assertThat(all.get(1).action).isEqualTo("remove");
        assertThat(all.get(1).place).isEqualTo("other side");
    }

    @Test
    void aDocumentThatTheWordsSendTo() {
        Utterance said = Spoken.utterance("The torque is in the workshop manual.");
        assertThat(DocumentsSaid.of(said, 0, said.size())).isEqualTo("workshop manual");
        Utterance none = Spoken.utterance("Take the book stand away.");
        assertThat(DocumentsSaid.of(none, 0, none.size())).isNull();
    }

    @Test
    void whereItIsInDoubtWhatIsToBeDoneTheWordsStandAsTheyAreSaid() {
        Utterance said = Spoken.utterance("Air plate, four screws.");
        Sketch s = sketch("install", Clauses.of(said).get(0));
        s.parts.add(
                new methodos.core.narration.DraftedStep.PartNamed("air plate", null, null, null));
        s.to = said.size();

        assertThat(new Wording(said).of(s)).isEqualTo("Install the air plate.");
        s.unsure.add(Sketch.ACTION);
        assertThat(new Wording(said).of(s)).isEqualTo("Air plate, four screws.");
    }
}
