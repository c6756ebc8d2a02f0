package methodos.core.speech;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HearingTest {

    private static String heard(Map<String, String> misheard, String... captions) {
        List<Caption> all = new ArrayList<>();
        for (int i = 0; i < captions.length; i++) {
            all.add(new Caption(5 * i, 5 * i + 4.9, captions[i]));
        }
        return new Hearing(misheard)
                .tokens(Transcript.of(new Captions(all))).stream()
                        .map(t -> t.text() + t.mark())
                        .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Take it off. | take it off.",
                "That's the one, isn't it? | thats the one, isnt it?",
                "a 10mm socket | a 10 mm socket",
                "22Nm | 22 nm",
                "1,250 rpm | 1250 rpm",
                "0,5 mm | 0.5 mm",
                "a 3/8 drive | a 3/8 drive",
                "twenty-two bolts | twenty two bolts",
                "a two-jaw puller | a two-jaw puller",
                "M8x25 | m8x25",
                "½ turn | 1/2 turn"
            })
    void wordsBecomeTokens(String said, String tokens) {
        assertThat(heard(Map.of(), said)).isEqualTo(tokens.strip());
    }

    @Test
    void whatIsMisheardIsPutRight() {
        Map<String, String> misheard = Map.of("oh ring", "o-ring", "talk", "torque");
        assertThat(heard(misheard, "take the oh ring out and talk it down"))
                .isEqualTo("take the o-ring out and torque it down");
    }

    @Test
    void theLongestThatIsMisheardWins() {
        Map<String, String> misheard = Map.of("lock", "loch", "lock tight", "threadlocker");
        assertThat(heard(misheard, "a drop of lock tight on the lock"))
                .isEqualTo("a drop of threadlocker on the loch");
    }

    @Test
    void everyTokenKnowsTheWordsItComesFrom() {
        Transcript transcript =
                Transcript.of(
                        new Captions(List.of(new Caption(0, 9, "the oh ring, then 10mm bolts"))));
        List<Token> tokens = new Hearing(Map.of("oh ring", "o-ring")).tokens(transcript);
        int at = 0;
        for (Token token : tokens) {
            assertThat(token.from()).isBetween(Math.max(0, at - 1), at);
            assertThat(token.to()).isGreaterThan(token.from());
            at = token.to();
        }
        assertThat(at).isEqualTo(transcript.words().size());
    }

    @Test
    void aSilenceBetweenCaptionsEndsASentence() {
        List<Caption> apart =
                List.of(new Caption(0, 2, "nut off"), new Caption(4, 6, "then the washer"));
        List<Token> tokens = new Hearing(Map.of()).tokens(Transcript.of(new Captions(apart)));
        assertThat(tokens.get(1).endsSentence()).isTrue();
        List<Caption> together =
                List.of(new Caption(0, 2, "nut off"), new Caption(2.1, 6, "then the washer"));
        tokens = new Hearing(Map.of()).tokens(Transcript.of(new Captions(together)));
        assertThat(tokens.get(1).endsSentence()).isFalse();
    }
}
