package methodos.core.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Locale;
import java.util.MissingResourceException;
import methodos.core.manual.Applicability;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Tool;
import org.junit.jupiter.api.Test;

class WordsTest {

    private final Words words = new Words(null, Locale.ENGLISH);

    @Test
    void saysForWhichUnits() {
        assertThat(words.of(Applicability.ALL)).isEqualTo("all units");
        assertThat(words.of(Applicability.of(List.of("QA-80 S"), SerialRange.from(2200))))
                .isEqualTo("QA-80 S, from 2200");
        assertThat(words.of(Applicability.serials(new SerialRange(1000L, 2199L))))
                .isEqualTo("1000 to 2199");
        assertThat(words.of(new Sight("QA-80 D", SerialRange.only(2417))))
                .isEqualTo("QA-80 D, serial 2417");
        assertThat(words.of(SerialRange.upTo(2199))).isEqualTo("up to 2199");
        assertThat(words.of(Sight.EVERYTHING)).isEqualTo("all units");
    }

    @Test
    void aStopThatIsFilledInStandsOnce() {
        assertThat(words.of("open.failed", "at 350 bar."))
                .startsWith("Not worked out: at 350 bar. A report");
        assertThat(words.of("open.failed", "at 350 bar"))
                .startsWith("Not worked out: at 350 bar. A report");
    }

    @Test
    void sentencesHaveOneStopAndNothingHasNone() {
        assertThat(Sentences.joined("Stored pressure", "", " Shut the supply. "))
                .isEqualTo("Stored pressure. Shut the supply.");
        assertThat(Sentences.joined("", " ")).isEmpty();
        assertThat(Sentences.ended("Is it off?")).isEqualTo("Is it off?");
    }

    @Test
    void everyConstantOfTheDomainHasAWord() {
        for (Stage.Kind k : Stage.Kind.values()) {
            assertThat(words.of(k)).isNotBlank();
        }
        for (ReuseRule r : ReuseRule.values()) {
            assertThat(words.of(r)).isNotBlank();
        }
        for (Tool.Kind t : Tool.Kind.values()) {
            assertThat(words.of(t)).isNotBlank();
        }
    }

    @Test
    void aMissingKeyIsNamed() {
        assertThatThrownBy(() -> words.of("no.such.key"))
                .isInstanceOf(MissingResourceException.class)
                .hasMessageContaining("no.such.key");
    }

    @Test
    void otherLanguagesFallBackToEnglishNotToTheMachine() {
        assertThat(new Words(null, Locale.JAPANESE).of(Stage.Kind.TEST)).isEqualTo("Test");
    }
}
