package methodos.core.speech;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import methodos.core.vocabulary.WordSet;
import org.junit.jupiter.api.Test;

class WordSetTest {

    @Test
    void wordsArePartedAtSpacesAndPhrasesAtCommas() {
        assertThat(WordSet.of("nut bolt  screw")).containsExactlyInAnyOrder("nut", "bolt", "screw");
        assertThat(WordSet.ofPhrases("by hand, hand tight"))
                .containsExactlyInAnyOrder("by hand", "hand tight");
        assertThatThrownBy(() -> WordSet.of("nut").add("bolt"))
                .isInstanceOf(UnsupportedOperationException.class);
    }

    @Test
    void tokensAnswerForPlacesOutsideThem() {
        Tokens tokens = new Tokens(SpokenNumberTest.tokens("take the nut off"));
        assertThat(tokens.size()).isEqualTo(4);
        assertThat(tokens.word(4)).isEmpty();
        assertThat(tokens.word(-1)).isEmpty();
        assertThat(tokens.phrase(1, "the nut")).isTrue();
        assertThat(tokens.phrase(3, "off it")).isFalse();
        assertThat(Set.copyOf(List.of(tokens.word(0)))).containsExactly("take");
    }
}
