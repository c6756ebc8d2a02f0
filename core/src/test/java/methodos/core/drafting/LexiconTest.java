package methodos.core.drafting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.speech.EnglishPartsOfSpeech;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LexiconTest {

    private static Draft read(Lexicon lexicon, String words) {
        return new NarrationReader(lexicon, EnglishPartsOfSpeech.load())
                .read(new Captions(List.of(new Caption(0, 5, words))));
    }

    @Test
    void aCompanysVerbIsKnown() throws Exception {
        String words = "Defrobble the end cap.";
        assertThat(read(Lexicon.english(), words).steps()).isEmpty();
        Lexicon own =
                Lexicon.english()
                        .with(Lexicon.Wordlist.VERBS, List.of("# ours", "defrobble = remove"));
        DraftedStep step = read(own, words).steps().get(0);
        assertThat(step.action()).isEqualTo("remove");
        assertThat(step.parts()).extracting(DraftedStep.PartNamed::name).containsExactly("end cap");
    }

    @Test
    void aCompanysToolAndMishearingAreKnown() throws Exception {
        Lexicon own =
                Lexicon.english()
                        .with(Lexicon.Wordlist.TOOLS, List.of("frob key"))
                        .with(Lexicon.Wordlist.MISHEARD, List.of("frog key = frob key"));
        DraftedStep step = read(own, "Remove the end cap with a frog key.").steps().get(0);
        assertThat(step.tools())
                .extracting(DraftedStep.ToolNamed::name)
                .containsExactly("frob key");
        assertThat(step.evidence().get(0).quote()).contains("frog key");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "VERBS | frobble | a verb needs “= action”.",
                "VERBS | frobble = frob | “frob” is not a known action.",
                "VERBS | frobble = - ; off = frob | “off = frob” does not end with a known action.",
                "CONSUMABLES | goo | a consumable needs “= group”.",
                "MISHEARD | goo | a mishearing needs “= what is said”.",
                "PHRASES | hello | there is no section in brackets above it."
            })
    void aLineThatIsNotUnderstoodIsNamed(Lexicon.Wordlist list, String line, String why) {
        assertThatThrownBy(() -> Lexicon.english().with(list, List.of("# ours", line)))
                .isInstanceOf(Lexicon.LineProblem.class)
                .hasMessage(list.file() + ", line 2: " + why.strip());
    }
}
