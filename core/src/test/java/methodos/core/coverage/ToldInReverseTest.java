package methodos.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Dismissal;
import methodos.core.manual.Manual;
import methodos.core.manual.Span;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.narration.Workspace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ToldInReverseTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Everything else goes back in reverse order.",
                "reassembly is just the reverse",
                "Assembly's the reverse of removal",
                "put it together in the opposite order",
                "same way, only backwards"
            })
    void aBuildUpThatIsNotTold(String words) {
        assertThat(ToldInReverse.in(words)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "put the lever in reverse and lift it out",
                "the reverse side has the mark",
                "loosen them in this order",
                "turn it backwards a quarter turn"
            })
    void wordsThatOnlySoundLikeIt(String words) {
        assertThat(ToldInReverse.in(words)).isFalse();
    }

    @Test
    void itIsSettledWhenSomebodyHasDecidedOnTheWords() {
        Caption caption = new Caption(4, 6, "the rest in reverse order");
        Manual manual =
                Manual.titled("x")
                        .withClip(new Clip(new Id<>("a"), "first", "a.mp4", 1, "d", 9, null, null));
        Captions captions = new Captions(List.of(caption));
        assertThat(
                        ToldInReverse.open(
                                new Workspace(manual, Map.of(new Id<>("a"), captions)),
                                new Id<>("a")))
                .contains(caption);
        Manual aside =
                manual.withDismissals(
                        List.of(
                                new Dismissal(
                                        new Span(new Id<>("a"), 4, 6),
                                        caption.words(),
                                        "written")));
        assertThat(
                        ToldInReverse.open(
                                new Workspace(aside, Map.of(new Id<>("a"), captions)),
                                new Id<>("a")))
                .isEmpty();
    }
}
