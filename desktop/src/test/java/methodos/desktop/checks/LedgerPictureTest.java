package methodos.desktop.checks;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.ledger.LedgerThread;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;

/** What the drawing of a ledger shows, without a window. */
class LedgerPictureTest {

    private static final Words WORDS = new Words("methodos.desktop.desktop", Locale.ENGLISH);

    private static Manual manual() {
        Manual manual =
                Manual.titled("x")
                        .withPart(
                                PartBuilder.builder()
                                        .id(new Id<>("p"))
                                        .item("7")
                                        .name("O-ring, cap")
                                        .quantity(1)
                                        .reuse(ReuseRule.REUSE)
                                        .build())
                        .withPart(
                                PartBuilder.builder()
                                        .id(new Id<>("q"))
                                        .item("8")
                                        .name("cap")
                                        .quantity(1)
                                        .reuse(ReuseRule.REUSE)
                                        .build());
        return manual.withStages(
                manual.stages().stream()
                        .map(
                                s ->
                                        switch (s.kind()) {
                                            case TAKE_DOWN ->
                                                    s.withSteps(
                                                            List.of(
                                                                    step(
                                                                            new Id<>("a"),
                                                                            new Id<>("q")),
                                                                    step(
                                                                            new Id<>("b"),
                                                                            new Id<>("p"))));
                                            case BUILD_UP ->
                                                    s.withSteps(
                                                            List.of(
                                                                    step(
                                                                            new Id<>("c"),
                                                                            new Id<>("q"))));
                                            default -> s;
                                        })
                        .toList());
    }

    private static Step step(Id<Step> id, Id<Part> part) {
        return Step.of(id, id.text(), List.of(), List.of())
                .withParts(List.of(new PartUse(part, 1)));
    }

    private static LedgerPicture picture(LedgerThread... threads) {
        Manual manual = manual();
        return LedgerPicture.of(
                manual, new StepNumbers(manual, Sight.EVERYTHING), List.of(threads), WORDS);
    }

    private static LedgerThread thread(String subject, String from, String to) {
        return new LedgerThread(LedgerThread.Kind.PART, subject, from, Optional.ofNullable(to), 1);
    }

    @Test
    void stagesAreBandsAlongTheSteps() {
        assertThat(picture().bands())
                .containsExactly(
                        new LedgerPicture.Band("Take down", 1, 2),
                        new LedgerPicture.Band("Build up", 3, 3));
    }

    @Test
    void whatLeavesAndReturnsTogetherIsOneLine() {
        assertThat(picture(thread("p", "a", "c"), thread("q", "a", "c")).arcs())
                .containsExactly(
                        new LedgerPicture.Arc(LedgerThread.Kind.PART, "cap O-ring 7, cap 8", 1, 3));
    }

    @Test
    void widerLinesAreDrawnFirst() {
        assertThat(picture(thread("p", "b", "c"), thread("q", "a", "c")).arcs())
                .extracting(LedgerPicture.Arc::label)
                .containsExactly("cap 8", "cap O-ring 7");
    }

    @Test
    void whatDoesNotComeBackSaysWhereItIsExpected() {
        // it came off behind the cap, so it goes on before it: nothing stands before that step
        assertThat(picture(thread("p", "b", null)).looseEnds())
                .singleElement()
                .satisfies(
                        l -> {
                            assertThat(l.label()).isEqualTo("cap O-ring 7 does not come back");
                            assertThat(l.from()).isEqualTo(2);
                            assertThat(l.expected()).isEmpty();
                        });
    }

    @Test
    void whatIsOfOtherUnitsIsNotDrawn() {
        assertThat(picture(thread("p", "gone", "c")).arcs()).isEmpty();
    }
}
