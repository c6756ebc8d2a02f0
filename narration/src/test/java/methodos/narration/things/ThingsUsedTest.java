package methodos.narration.things;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import methodos.core.narration.DraftedStep.ToolNamed;
import methodos.narration.Spoken;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Clauses;
import methodos.narration.grammar.NounPhrase;
import methodos.narration.grammar.Utterance;
import org.junit.jupiter.api.Test;

class ThingsUsedTest {

    private static List<ToolNamed> tools(String action, String words) {
        Utterance said = Spoken.utterance(words);
        List<NounPhrase> named = new ArrayList<>();
        List<NounPhrase> actedOn = new ArrayList<>();
        for (Clause clause : Clauses.of(said)) {
            actedOn.addAll(clause.complements().objects());
            named.addAll(clause.complements().objects());
            clause.complements().phrases().stream()
                    .map(p -> p.thing())
                    .filter(t -> t != null)
                    .forEach(named::add);
        }
        return new ThingsUsed(said, action).tools(named, actedOn);
    }

    private static Set<String> consumables(String action, String words) {
        Utterance said = Spoken.utterance(words);
        return new ThingsUsed(said, action).consumables(0, said.size());
    }

    @Test
    void aToolIsWhatSomethingIsDoneWith() {
        assertThat(tools("remove", "Take the six screws out with a 5 mm hex key."))
                .containsExactly(new ToolNamed("hex key", "5 mm"));
        assertThat(tools("clean", "Wipe the bore with a rag and a soft brush."))
                .extracting(ToolNamed::name)
                .contains("rag");
        assertThat(tools("turn", "Turn the spindle with the lollipop."))
                .containsExactly(new ToolNamed("lollipop", null));
    }

    @Test
    void whatIsForbiddenOrAPartIsNoTool() {
        assertThat(tools("remove", "The ring comes off without a puller.")).isEmpty();
        assertThat(tools("install", "Fit the cover with four screws.")).isEmpty();
        assertThat(tools("lift", "Lift the lid with two persons.")).isEmpty();
    }

    @Test
    void aConsumableIsUsedUpWhereItIsNotWhatIsWorkedOn() {
        assertThat(consumables("lubricate", "A smear of lithium grease on the pivot."))
                .containsExactly("lithium grease");
        assertThat(consumables("clean", "Wash the cups with white spirit."))
                .containsExactly("white spirit");
        assertThat(consumables("clean", "Wipe the old grease off the shaft.")).isEmpty();
        assertThat(consumables("inspect", "Look for oil under the pump.")).isEmpty();
        assertThat(consumables("install", "Fit it without any sealant.")).isEmpty();
        assertThat(consumables("install", "Put the oil seal in.")).isEmpty();
    }

    @Test
    void gradesBelongToTheName() {
        assertThat(consumables("fill", "Pour in gear oil, grade two hundred and twenty."))
                .containsExactly("gear oil 220");
    }

    @Test
    void itIsWhatWasNamedLastInTheSameSentence() {
        Utterance said = Spoken.utterance("Take the cover off and wipe it. Then lift it.");
        List<Clause> clauses = Clauses.of(said);
        Referents referents = new Referents(said, clauses);

        assertThat(referents.of(1, "it")).extracting(NounPhrase::name).containsExactly("cover");
        assertThat(referents.of(2, "it")).isEmpty();
        assertThat(referents.of(1, "them")).isEmpty();
    }
}
