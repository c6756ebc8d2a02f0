package methodos.core.drafting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import methodos.core.narration.Draft;
import methodos.core.narration.Draft.Reason;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Talk is proposed to be set aside, with the reason; work is not. */
class TalkTest {

    @ParameterizedTest
    @CsvSource({
        "Welcome back everybody., CHATTER",
        "Thanks for watching., CHATTER",
        "I lost one of these once and it took a week., ASIDE",
        "My brother had one that blew up., ASIDE",
        "[music], NOISE"
    })
    void talk(String words, Reason reason) {
        Draft draft = Spoken.draft("Take the cover off. " + words + " Take the nut off.");
        assertThat(draft.dismissed())
                .filteredOn(d -> words.contains(d.quote().replace(".", "").strip()))
                .isNotEmpty()
                .allSatisfy(d -> assertThat(d.reason()).isEqualTo(reason));
    }

    @Test
    void beforeTheFirstStepAndBehindTheLastIsTalk() {
        Draft draft = Spoken.draft("This is the small one. Take the nut off. It looks good.");
        assertThat(draft.dismissed()).hasSize(2);
        assertThat(draft.dismissed())
                .extracting(Draft.SetAside::reason)
                .containsOnly(Reason.CHATTER);
    }

    @Test
    void everyWordIsUsedOrSetAside() {
        String words =
                "Right, welcome back. Nut off, and the washer. My first one of these, I lost a"
                        + " spring. Be careful, it is sharp. Um, where is the, ah, here. Two litres"
                        + " of oil in.";
        Draft draft = Spoken.draft(words);
        String quoted =
                draft.steps().stream()
                                .flatMap(s -> s.evidence().stream())
                                .map(e -> e.quote())
                                .collect(Collectors.joining(" "))
                        + " "
                        + draft.dismissed().stream()
                                .map(Draft.SetAside::quote)
                                .collect(Collectors.joining(" "));
        for (String word : words.split(" ")) {
            assertThat(quoted).contains(word);
        }
    }
}
