package methodos.narration.grammar;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import methodos.narration.Spoken;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ClausesTest {

    private static List<Clause> verbs(String text) {
        return Spoken.clauses(text).stream().filter(c -> c.type() == Clause.Type.VERB).toList();
    }

    private static Clause only(String text) {
        List<Clause> verbs = verbs(text);
        assertThat(verbs).as(text).hasSize(1);
        return verbs.get(0);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Do not lift, turn or pull the flywheel.",
                "Never lift, turn or pull the flywheel.",
                "You must not lift, turn or pull the flywheel."
            })
    void forbidsEachVerbOfAList(String text) {
        assertThat(verbs(text)).hasSize(3).allMatch(c -> c.lead().negated());
    }

    @Test
    void forbidsOnlyWhatStandsUnderIt() {
        List<Clause> verbs = verbs("Do not turn the rotor. Lift the cover.");

        assertThat(verbs).extracting(c -> c.lead().negated()).containsExactly(true, false);
    }

    @Test
    void whatIsNotToBeForgottenIsToBeDone() {
        assertThat(only("Do not forget to grease the pinion.").lead())
                .matches(lead -> !lead.negated())
                .matches(lead -> lead.governor().equals("forget"));
    }

    @ParameterizedTest
    @CsvSource({
        "'You want to remove the impeller.', you, want",
        "'We are going to remove the impeller.', we, go",
        "'You need to remove the impeller.', you, need"
    })
    void knowsTheVerbThatAnotherDependsOn(String text, String subject, String governor) {
        Clause clause = only(text);

        assertThat(clause.lead().subject()).isEqualTo(subject);
        assertThat(clause.lead().governor()).isEqualTo(governor);
    }

    @Test
    void keepsEachItemOfAList() {
        assertThat(only("Remove the bolts, the washers and the cover.").complements().objects())
                .extracting(NounPhrase::name)
                .containsExactly("bolt", "washer", "cover");
    }

    @Test
    void aVerbThatIsSaidOnceIsMeantWithEachOfSeveral() {
        assertThat(verbs("Check the belt for cracks, the pulley for play and the guard for dents."))
                .extracting(c -> c.complements().objects().get(0).name())
                .containsExactly("belt", "pulley", "guard");
    }

    @Test
    void twoVerbsShareWhatStandsBehindTheSecond() {
        assertThat(verbs("Clean and inspect the races."))
                .hasSize(2)
                .allMatch(c -> c.complements().objects().get(0).name().equals("race"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"Fish out the bulb.", "The rope is unreeled.", "And chuck them."})
    void aVerbThatNoListKnowsIsOne(String text) {
        assertThat(verbs(text)).hasSize(1);
    }

    @Test
    void namesTheSubjectOfWhatIsDoneToIt() {
        Clause clause = only("The retaining plates are removed with a puller.");

        assertThat(clause.lead().thing().name()).isEqualTo("retaining plate");
        assertThat(clause.lead().be()).isTrue();
        assertThat(clause.complements().phrase("with").orElseThrow().thing().name())
                .isEqualTo("puller");
    }

    @Test
    void aThingThatMovesOfItselfIsASubject() {
        Clause clause = only("The housing lifts off.");

        assertThat(clause.lead().thing().name()).isEqualTo("housing");
        assertThat(clause.complements().particle()).isEqualTo("off");
    }

    @Test
    void aVerbBehindLetSaysWhatIsDone() {
        Clause clause = only("Let the oil drain.");

        assertThat(clause.lead().let()).isTrue();
        assertThat(clause.lead().thing().name()).isEqualTo("oil");
    }

    @ParameterizedTest
    @CsvSource({
        "'Take the lid off the tank.', off",
        "'Take off the lid.', off",
        "'Screw the plug back in.', back"
    })
    void findsTheParticleWhereverItStands(String text, String particle) {
        assertThat(only(text).complements().particle()).isEqualTo(particle);
    }

    @Test
    void aThingWithoutAVerbIsAClause() {
        List<Clause> clauses = Spoken.clauses("Lid off. Four bolts, thirteen millimetre socket.");

        assertThat(clauses).extracting(Clause::type).containsOnly(Clause.Type.BARE);
        assertThat(clauses.get(0).complements().particle()).isEqualTo("off");
        assertThat(clauses.get(1).complements().objects().get(0).quantity()).isEqualTo(4);
        assertThat(clauses.get(2).complements().objects().get(0).size()).isEqualTo("13 mm");
    }

    @Test
    void aWordIsANounWhereItIsNamed() {
        assertThat(verbs("Put the drain plug into the lift.")).hasSize(1);
        assertThat(verbs("Drain the sump and plug the hole.")).hasSize(2);
    }

    @Test
    void coversNoWordTwice() {
        List<Clause> clauses =
                Spoken.clauses(
                        "so um take the guard off and then the belt next you undo the nut it's left"
                                + " hand and dont drop the key");

        for (int i = 1; i < clauses.size(); i++) {
            assertThat(clauses.get(i).from()).isGreaterThanOrEqualTo(clauses.get(i - 1).to());
        }
    }

    @Test
    void whatGetsDoneToAThingIsNoOrder() {
        List<Clause> clauses = Spoken.clauses("so it doesn't get cut on the edge");

        assertThat(clauses).hasSize(1);
        assertThat(clauses.get(0).lead().be()).isTrue();
        assertThat(clauses.get(0).lead().negated()).isTrue();
        assertThat(Spoken.clauses("Get the cover off.").get(0).lead().be()).isFalse();
    }
}
