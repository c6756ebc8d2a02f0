package methodos.core.drafting;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClausesTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "nut off washer off; nut off | washer off",
                "take the four bolts out and the cover comes off;"
                        + "take the four bolts out | and the cover comes off",
                "pull it out tap the cap; pull it out | tap the cap",
                "put them on the bench where they came from tap round the edge;"
                        + "put them on the bench where they came from | tap round the edge",
                "you will mark it and cover off; you will mark it | and cover off",
                "switch off at the isolator hose off; switch off at the isolator | hose off",
                "write that down with a marker spring out; write that down with a marker | spring out",
                "never go over that and dont lose it; never go over that | and dont lose it",
                "wait ten seconds between never go over it;"
                        + "wait ten seconds between | never go over it",
                "if the seal is hard replace it; if the seal is hard | replace it",
                "if there is any play at all change both bearings;"
                        + "if there is any play at all | change both bearings",
                "one of them is small bin both; one of them is small | bin both",
                "the body is scrap old o ring off the piston;"
                        + "the body is scrap | old o-ring off the piston"
            })
    void wordsWithoutPunctuationAreCutWhereAStatementBegins(String words, String clauses) {
        assertThat(Spoken.clauses(words)).isEqualTo(clauses);
    }

    @ParameterizedTest
    @CsvSource({
        "measure the free length with the vernier",
        "press the bearing out of the housing with a drift",
        "take the bolt and the washer out",
        "loosen the lock nut on the adjusting screw",
        "hold the rod so that it cannot turn",
        "let the housing cool down",
        "count how many turns it takes"
    })
    void whatBelongsTogetherIsNotCut(String words) {
        assertThat(Spoken.clauses(words)).isEqualTo(words);
    }

    @Test
    void punctuationCuts() {
        assertThat(Spoken.clauses("Nut off, washer off. Then the spring."))
                .isEqualTo("nut off | washer off | then the spring");
    }

    @Test
    void aClauseKnowsWhatTiesItToTheOneBefore() {
        Speech speech = Spoken.speech("take it off because it is worn and if it is bent bin it");
        assertThat(Clauses.of(speech))
                .extracting(Clause::lead)
                .containsSubsequence("", "because", "if");
        assertThat(Clauses.of(speech)).filteredOn(Clause::conditional).hasSize(1);
    }

    @Test
    void allTokensLieInExactlyOneClause() {
        Speech speech =
                Spoken.speech(
                        "so nut off then the big washer and uh pull the hub if it sticks"
                                + " warm it no more than eighty degrees ok bearing in the bin");
        int at = 0;
        for (Clause clause : Clauses.of(speech)) {
            assertThat(clause.from()).isEqualTo(at);
            assertThat(clause.body()).isBetween(clause.from(), clause.to() - 1);
            at = clause.to();
        }
        assertThat(at).isEqualTo(speech.size());
    }
}
