package methodos.desktop.seam;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import methodos.core.description.Id;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Applicability;
import methodos.core.manual.Clip;
import methodos.core.manual.Evidence;
import methodos.core.manual.Figure;
import methodos.core.manual.Hazard;
import methodos.core.manual.Manual;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.narration.WordState;
import methodos.core.narration.Workspace;
import methodos.core.scan.FrameScore;
import methodos.core.scan.Scan;
import methodos.desktop.footage.FootageClock;
import org.junit.jupiter.api.Test;

class SeamLayoutTest {

    private static final Wrapping MONOSPACED = new Wrapping(t -> t.length() * 7.0);

    /** Steps of the second clip have a still proposed. */
    private static final Function<Step, Optional<Figure.Still>> STILLS =
            step ->
                    step.spans().stream()
                            .filter(s -> s.clip().equals(new Id<>("b")))
                            .findFirst()
                            .map(s -> new Figure.Still(new Id<>("b"), s.start()));

    private static Manual manual() {
        Manual m = Manual.titled("x");
        m = m.withClip(new Clip(new Id<>("a"), "first", "a.mp4", 1, "da", 60, null, null));
        m = m.withClip(new Clip(new Id<>("b"), "second", "b.mp4", 1, "db", 30, null, null));
        Id<Stage> stage = m.stage(Stage.Kind.TAKE_DOWN).orElseThrow().id();
        m = m.withNewStep(stage, step(new Id<>("s1"), new Id<>("a"), 5, 15));
        m = m.withNewStep(stage, step(new Id<>("s2"), new Id<>("a"), 6, 20));
        m = m.withNewStep(stage, Step.of(new Id<>("told"), "Told only.", List.of(), List.of()));
        return m.withNewStep(stage, step(new Id<>("s3"), new Id<>("b"), 2, 9));
    }

    private static Step step(Id<Step> id, Id<Clip> clip, double from, double to) {
        Span span = new Span(clip, from, to);
        return Step.of(
                id,
                "Do what is shown in " + id + ".",
                List.of(span),
                List.of(new Evidence.Recorded(span, "")));
    }

    private static SeamLayout layout(Manual m, Sight sight) {
        Captions captions =
                new Captions(
                        List.of(
                                new Caption(
                                        5,
                                        9,
                                        "four screws and a long sentence that needs more than one line of the column"),
                                new Caption(5.5, 10, "said at nearly the same time"),
                                new Caption(40, 44, "nothing of use")));
        return new SeamLayout(
                new Workspace(m, Map.of(new Id<>("a"), captions)),
                sight,
                10,
                SeamColumns.of(894),
                new SeamLayout.Writing(
                        MONOSPACED, MONOSPACED, MONOSPACED, "untold", "wordless", s -> List.of()),
                STILLS);
    }

    private final SeamLayout layout = layout(manual(), Sight.EVERYTHING);

    @Test
    void timeRunsDownwardOnOneScale() {
        double first = layout.y(new Id<>("a"), 0).orElseThrow();
        assertThat(layout.y(new Id<>("a"), 10).orElseThrow() - first).isCloseTo(100, within(1e-9));
        assertThat(layout.y(new Id<>("b"), 0).orElseThrow())
                .isGreaterThan(layout.y(new Id<>("a"), 60).orElseThrow());
        assertThat(layout.y(new Id<>("nowhere"), 1)).isEmpty();
    }

    @Test
    void aHeightLeadsBackToItsMoment() {
        for (double t = 0; t < 60; t += 7.3) {
            Moment m = layout.at(layout.y(new Id<>("a"), t).orElseThrow()).orElseThrow();
            assertThat(m.clip().id()).isEqualTo(new Id<>("a"));
            assertThat(m.time()).isCloseTo(t, within(1e-9));
        }
        assertThat(layout.at(-50).orElseThrow().time()).isZero();
        assertThat(layout.at(1e6).orElseThrow().time()).isEqualTo(30);
    }

    @Test
    void cardsStandAtTheirFootageAndNeverOverlap() {
        List<SeamLayout.Card> cards = layout.cards();
        assertThat(cards.get(0).y()).isEqualTo(layout.y(new Id<>("a"), 5).orElseThrow());
        for (int i = 1; i < cards.size(); i++) {
            SeamLayout.Card above = cards.get(i - 1);
            assertThat(cards.get(i).y())
                    .isGreaterThanOrEqualTo(
                            above.y() + above.height() + SeamLayout.CARD_GAP - 1e-9);
        }
    }

    @Test
    void aStepWithoutFootageFollowsTheOneBefore() {
        assertThat(layout.cards())
                .extracting(c -> c.step().id())
                .containsExactly(new Id<>("s1"), new Id<>("s2"), new Id<>("told"), new Id<>("s3"));
        assertThat(layout.brackets())
                .extracting(SeamLayout.Bracket::step)
                .containsExactly(new Id<>("s1"), new Id<>("s2"), new Id<>("s3"));
    }

    @Test
    void bracketsSpanTheirFootage() {
        SeamLayout.Bracket b = layout.brackets().get(0);
        assertThat(b.from()).isEqualTo(layout.y(new Id<>("a"), 5).orElseThrow());
        assertThat(b.to()).isEqualTo(layout.y(new Id<>("a"), 15).orElseThrow());
    }

    @Test
    void wordsMoveDownWhereTheyWouldOverlap() {
        List<SeamLayout.WordBlock> blocks = layout.blocks();
        assertThat(blocks.get(1).y())
                .isGreaterThanOrEqualTo(blocks.get(0).y() + blocks.get(0).height());
        assertThat(blocks.get(0).lines().size()).isGreaterThan(1);
        assertThat(String.join(" ", blocks.get(0).lines()))
                .isEqualTo(blocks.get(0).caption().words());
    }

    @Test
    void theNextOpenWordsAreFoundAndGoRound() {
        assertThat(layout.nextOpen(0).orElseThrow().caption().words()).isEqualTo("nothing of use");
        assertThat(layout.nextOpen(1e6).orElseThrow().caption().words())
                .isEqualTo("nothing of use");
        Manual settled =
                StepEdits.dismiss(new Span(new Id<>("a"), 39, 45), "nothing of use", "chatter")
                        .change()
                        .apply(manual());
        SeamLayout after = layout(settled, Sight.EVERYTHING);
        assertThat(after.nextOpen(0)).isEmpty();
        assertThat(after.blocks()).anyMatch(b -> b.state() == WordState.DISMISSED);
    }

    @Test
    void onlyWhatTheLensShowsIsThere() {
        Manual m = manual();
        m =
                m.withStep(
                        m.step(new Id<>("s2"))
                                .orElseThrow()
                                .withApplicability(Applicability.model("QA-80 S")));
        SeamLayout doubleActing = layout(m, new Sight("QA-80 D", SerialRange.ALL));
        assertThat(doubleActing.cards())
                .extracting(c -> c.step().id())
                .containsExactly(new Id<>("s1"), new Id<>("told"), new Id<>("s3"));
        assertThat(doubleActing.card(new Id<>("s3")).orElseThrow().number()).isEqualTo(3);
    }

    @Test
    void aHazardMakesItsCardHigher() {
        Manual m = manual();
        Hazard hazard = new Hazard(Hazard.SignalWord.WARNING, "Springs", "", "");
        SeamLayout with =
                layout(
                        m.withStep(
                                m.step(new Id<>("s1")).orElseThrow().withHazards(List.of(hazard))),
                        Sight.EVERYTHING);
        assertThat(
                        with.card(new Id<>("s1")).orElseThrow().height()
                                - layout.card(new Id<>("s1")).orElseThrow().height())
                .isEqualTo(SeamLayout.HAZARD);
    }

    @Test
    void theHazardOfOtherUnitsIsNotShown() {
        Manual m = manual();
        Hazard ofS =
                new Hazard(Hazard.SignalWord.WARNING, "Springs", "", "")
                        .withApplicability(Applicability.model("QA-80 S"));
        Manual told = m.withStep(m.step(new Id<>("s1")).orElseThrow().withHazards(List.of(ofS)));
        assertThat(
                        layout(told, new Sight("QA-80 S", SerialRange.ALL))
                                        .card(new Id<>("s1"))
                                        .orElseThrow()
                                        .height()
                                - layout(told, new Sight("QA-80 D", SerialRange.ALL))
                                        .card(new Id<>("s1"))
                                        .orElseThrow()
                                        .height())
                .isEqualTo(SeamLayout.HAZARD);
    }

    @Test
    void clicksFindCardsAndWords() {
        SeamLayout.Card card = layout.card(new Id<>("s3")).orElseThrow();
        assertThat(layout.cardAt(card.y() + 5)).contains(card);
        SeamLayout.WordBlock block = layout.blocks().get(2);
        assertThat(layout.wordsAt(block.y() + 1)).contains(block);
        assertThat(layout.wordsAt(-5)).isEmpty();
    }

    @Test
    void linesKeepEveryWord() {
        String text = "one two three averyveryverylongwordthatfitsnowhere five";
        List<String> lines = MONOSPACED.lines(text, 70);
        assertThat(String.join(" ", lines)).isEqualTo(text);
        List<String> wide = new ArrayList<>(lines);
        wide.removeIf(l -> l.length() * 7.0 <= 70);
        assertThat(wide).containsExactly("averyveryverylongwordthatfitsnowhere");
        assertThat(MONOSPACED.lines("", 70)).isEmpty();
    }

    @Test
    void clocksReadAsPeopleSayThem() {
        assertThat(FootageClock.exact(134.36)).isEqualTo("2:14.36");
        assertThat(FootageClock.minutes(59.999_999_9)).isEqualTo("1:00");
        assertThat(FootageClock.minutes(7.9)).isEqualTo("0:07");
    }

    @Test
    void aCardWithAProposedStillHasRoomForIt() {
        SeamLayout.Card plain = layout.card(new Id<>("s1")).orElseThrow();
        SeamLayout.Card still = layout.card(new Id<>("s3")).orElseThrow();
        assertThat(plain.still()).isEmpty();
        assertThat(still.still()).contains(new Figure.Still(new Id<>("b"), 2));
        assertThat(still.height())
                .isGreaterThanOrEqualTo(SeamLayout.STILL_HEIGHT + 2 * SeamLayout.CARD_PADDING);
    }

    @Test
    void whatIsShownAndNotToldStandsAmongTheWordsAndIsOpen() {
        List<FrameScore> frames = new ArrayList<>();
        for (int i = 0; i < 600; i++) {
            double time = i / 10.0;
            frames.add(new FrameScore(time, 1, 0, 0, .5, time > 20 && time < 40 ? .5 : 1, 0));
        }
        Scan scan = new Scan(frames, List.of(), List.of(), List.of(), List.of());
        Captions captions =
                new Captions(List.of(new Caption(5, 21, "said"), new Caption(39, 44, "said")));
        SeamLayout moving =
                new SeamLayout(
                        new Workspace(
                                manual(),
                                Map.of(new Id<>("a"), captions),
                                Map.of(new Id<>("a"), scan)),
                        Sight.EVERYTHING,
                        10,
                        SeamColumns.of(894),
                        new SeamLayout.Writing(
                                MONOSPACED,
                                MONOSPACED,
                                MONOSPACED,
                                "untold",
                                "wordless",
                                s -> List.of()),
                        STILLS);
        assertThat(moving.blocks().stream().map(b -> b.caption().words()))
                .containsExactly("said", "untold", "said");
        SeamLayout.WordBlock untold = moving.blocks().get(1);
        assertThat(untold.silent()).isTrue();
        assertThat(untold.open()).isTrue();
        assertThat(untold.caption().start()).isEqualTo(21);
    }
}
