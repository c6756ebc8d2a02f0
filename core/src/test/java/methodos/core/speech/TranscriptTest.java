package methodos.core.speech;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.scan.Scan;
import org.junit.jupiter.api.Test;

class TranscriptTest {

    private static List<Word> words(Caption caption, Scan.Pause... pauses) {
        return Transcript.of(new Captions(List.of(caption)), List.of(pauses)).words();
    }

    @Test
    void aCaptionsTimeIsSharedOutByTheLengthOfTheWords() {
        // letters with 2 for each gap: 4, 8, 4 of 16 in 8 s
        List<Word> words = words(new Caption(10, 18, "it wobble so"));
        assertThat(words).extracting(Word::said).containsExactly("it", "wobble", "so");
        assertThat(words).extracting(Word::start).containsExactly(10.0, 12.0, 16.0);
        assertThat(words).extracting(Word::end).containsExactly(12.0, 16.0, 18.0);
    }

    @Test
    void noWordIsPlacedInAPauseOfTheSound() {
        // 4 s of speech, cut by a pause from 11 to 15: "it" in the first second, "wobble" behind
        List<Word> words = words(new Caption(10, 18, "it wobble so"), new Scan.Pause(11, 15));
        assertThat(words.get(0).start()).isCloseTo(10, within(1e-9));
        assertThat(words.get(0).end()).isCloseTo(11, within(1e-9));
        assertThat(words.get(1).start()).isCloseTo(15, within(1e-9));
        assertThat(words.get(1).end()).isCloseTo(17, within(1e-9));
        assertThat(words.get(2).end()).isCloseTo(18, within(1e-9));
    }

    @Test
    void pausesBeforeAndBehindACaptionsWordsNarrowIt() {
        List<Word> words =
                words(new Caption(10, 18, "ab ab"), new Scan.Pause(8, 12), new Scan.Pause(16, 30));
        assertThat(words.get(0).start()).isCloseTo(12, within(1e-9));
        assertThat(words.get(1).end()).isCloseTo(16, within(1e-9));
    }

    @Test
    void aCaptionThatLiesInAPauseKeepsItsTimes() {
        // captions that are late by seconds would lose all their room
        List<Word> words = words(new Caption(10, 18, "ab ab"), new Scan.Pause(9, 17));
        assertThat(words.get(0).start()).isEqualTo(10);
        assertThat(words.get(1).end()).isEqualTo(18);
    }

    @Test
    void timesNeverRunBackwardsAndStayInTheCaption() {
        Random random = new Random(7);
        for (int k = 0; k < 200; k++) {
            List<Scan.Pause> pauses = new ArrayList<>();
            double at = 0;
            while (at < 40) {
                double from = at + random.nextDouble() * 4;
                at = from + 0.3 + random.nextDouble() * 2;
                pauses.add(new Scan.Pause(from, at));
            }
            double start = 30 * random.nextDouble();
            Caption caption =
                    new Caption(start, start + 9 * random.nextDouble(), "one of the four screws");
            List<Word> words = Transcript.of(new Captions(List.of(caption)), pauses).words();
            double last = caption.start();
            for (Word word : words) {
                assertThat(word.start()).isBetween(last - 1e-9, caption.end() + 1e-9);
                assertThat(word.end()).isBetween(word.start() - 1e-9, caption.end() + 1e-9);
                last = word.end();
            }
        }
    }

    @Test
    void punctuationIsTheShareOfWordsThatAMarkFollows() {
        assertThat(Transcript.of(new Captions(List.of())).punctuation()).isZero();
        Captions half = new Captions(List.of(new Caption(0, 4, "Nut off, washer off.")));
        assertThat(Transcript.of(half).punctuation()).isEqualTo(0.5);
        assertThat(Transcript.of(half).quote(1, 3)).isEqualTo("off, washer");
    }
}
