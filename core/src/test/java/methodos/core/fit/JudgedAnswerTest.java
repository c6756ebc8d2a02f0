package methodos.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.manual.Answer;
import methodos.core.manual.Reading;
import methodos.core.manual.Value;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;
import org.junit.jupiter.api.Test;

class JudgedAnswerTest {

    private static Reading reading(Answer answer, String limit) {
        return Reading.of("x", limit == null ? null : Value.of(limit), 1, null).withAnswer(answer);
    }

    private static ReadingVerdict verdict(Reading reading, String typed, String earlier) {
        return JudgedAnswer.of(reading, typed, earlier, null).verdict().orElse(null);
    }

    @Test
    void massesAreJudgedByTheirDifference() {
        Reading after = reading(null, "0.65 to 0.75 kg").withAgainst(new Id<>("before"));
        JudgedAnswer answer = JudgedAnswer.of(after, "3.10", "2400 g", null);
        assertThat(answer.judged().orElseThrow().print()).isEqualTo("0.7 kg");
        assertThat(answer.verdict()).contains(ReadingVerdict.PASS);
        assertThat(verdict(after, "3.20 kg", "2.40")).isEqualTo(ReadingVerdict.FAIL);
        assertThat(verdict(after, "2.40", "3.10"))
                .as("the sign counts")
                .isEqualTo(ReadingVerdict.FAIL);
        assertThat(verdict(after, "3.10", null)).as("nothing was read before").isNull();
    }

    @Test
    void aDeviationMayGoEitherWay() {
        Reading deviation = reading(null, "± 1/16 in").withAgainst(new Id<>("book"));
        assertThat(verdict(deviation, "2 5/8 in", "2 11/16 in")).isEqualTo(ReadingVerdict.PASS);
        assertThat(verdict(deviation, "2 3/4 in", "2 5/8 in")).isEqualTo(ReadingVerdict.FAIL);
    }

    @Test
    void serialNumbersAreComparedWhateverTheirBlanks() {
        Reading same = reading(new Answer.Written(List.of()), null).withAgainst(new Id<>("plate"));
        assertThat(verdict(same, "sg 1042-b", "SG1042-B")).isEqualTo(ReadingVerdict.PASS);
        assertThat(verdict(same, "SG1043-B", "SG1042-B")).isEqualTo(ReadingVerdict.FAIL);
        Reading listed = reading(new Answer.Written(List.of("B200", "B201")), null);
        assertThat(verdict(listed, "b201", null)).isEqualTo(ReadingVerdict.PASS);
        assertThat(verdict(listed, "B202", null)).isEqualTo(ReadingVerdict.FAIL);
        assertThat(verdict(reading(new Answer.Written(List.of()), null), "any", null)).isNull();
    }

    @Test
    void anAnswerIsOneOfThoseThatAreGiven() {
        Reading moves = reading(new Answer.Choice(List.of("yes", "no"), List.of("yes")), null);
        assertThat(verdict(moves, "Yes", null)).isEqualTo(ReadingVerdict.PASS);
        assertThat(verdict(moves, "no", null)).isEqualTo(ReadingVerdict.FAIL);
        assertThatThrownBy(() -> verdict(moves, "perhaps", null))
                .hasMessage("“perhaps” is none of: yes, no.");
    }

    @Test
    void aboutSoMuchJudgesNothing() {
        assertThat(verdict(reading(null, "≈ 4 mm"), "9 mm", null)).isNull();
        assertThat(verdict(reading(new Answer.Noted("kg"), null), "9", null)).isNull();
    }

    @Test
    void whatIsNoNumberIsRefused() {
        assertThatThrownBy(() -> verdict(reading(null, "≤ 4 mm"), "1 to 2 mm", null))
                .hasMessage("“1 to 2 mm” is no single reading.");
        assertThatThrownBy(() -> JudgedAnswer.unit(reading(null, null)))
                .hasMessage("The unit of “x” is not known.");
    }

    @Test
    void aFormulaTakesAllValuesOfASymbol() {
        Reading d = reading(null, "≤ 4 mm").withSymbol("d").withCount(3);
        ReckonedReading mean = new ReckonedReading("max(d) - mean(d)", List.of(d));
        assertThat(
                        mean.value(
                                Map.of(
                                        "d1",
                                        Rational.of(1),
                                        "d2",
                                        Rational.of(2),
                                        "d3",
                                        Rational.of(6))))
                .contains(Rational.of(3));
        assertThat(mean.value(Map.of("d1", Rational.of(1)))).as("two are missing").isEmpty();
        assertThatThrownBy(() -> new ReckonedReading("d1 + e", List.of(d)))
                .hasMessage("No reading is called “e”.");
    }

    @Test
    void aGearTrainIsAFormula() {
        Reading speed = reading(new Answer.Noted("rpm"), null).withSymbol("n");
        assertThat(
                        new ReckonedReading("n * 15 / 60", List.of(speed))
                                .value(Map.of("n", Rational.of(1400))))
                .contains(Rational.of(350));
    }

    @Test
    void aChainIsAFormulaToo() {
        Reading centre = reading(new Answer.Noted("mm"), null).withSymbol("c");
        ReckonedReading chain = new ReckonedReading("chain(17, 38, c, 12.7)", List.of(centre));
        int pitches = ChainDrive.of(17, 38, 300, 12.7).pitches();
        assertThat(chain.value(Map.of("c", Rational.of(300)))).contains(Rational.of(pitches));
        assertThat(chain.value(Map.of("c", Rational.of(10)))).as("they touch").isEmpty();
    }

    @Test
    void theResolutionMakesTheEdgeMarginal() {
        assertThat(
                        JudgedAnswer.of(
                                        reading(null, "≤ 0.30 mm"),
                                        "0.29",
                                        null,
                                        Quantity.parse("0.01 mm"))
                                .verdict())
                .contains(ReadingVerdict.MARGINAL);
    }
}
