package methodos.narration.hearing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import methodos.core.speech.Token;
import methodos.narration.Spoken;
import methodos.narration.vocabulary.Vocabulary;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MishearingsTest {

    private static String heard(String text) {
        return Spoken.utterance(text).tokens().stream()
                .map(Token::text)
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource({
        "press the bear rings in, press the bearings in",
        "the sir clip jumps out, the circlip jumps out",
        "a new gas kit, a new gasket",
        "the screw driver slipped, the screwdriver slipped",
        "the pin ion turns, the pinion turns",
        "forty new ton meters, forty newton metres",
        "grease the oh ring, grease the o-ring",
        "run it at nine hundred r p m, run it at nine hundred rpm",
        "pump it to ten p s i slowly, pump it to ten psi slowly"
    })
    void whatSoundsLikeOneKnownNameIsJoined(String said, String meant) {
        assertThat(heard(said)).isEqualTo(meant);
    }

    @ParameterizedTest
    @CsvSource({
        "the lock nut",
        "wash her hands",
        "the bush ring",
        "two seals",
        "a big nut",
        "hot air",
        "the foot bolts"
    })
    void twoGoodWordsStayTwo(String said) {
        assertThat(heard(said)).isEqualTo(said);
    }

    @Test
    void aJoinedWordStandsForBothThatWereWritten() {
        Token first = new Token("sir", 4, 5, "", true);
        Token second = new Token("clip", 5, 6, ",", false);

        assertThat(new Mishearings(Vocabulary.english().things()).mended(List.of(first, second)))
                .containsExactly(new Token("circlip", 4, 6, ",", true));
    }
}
