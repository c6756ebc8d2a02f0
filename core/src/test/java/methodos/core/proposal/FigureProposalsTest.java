package methodos.core.proposal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.change.SearchSpan;
import methodos.core.change.SeenChange;
import methodos.core.change.SeenSpan;
import methodos.core.description.Id;
import methodos.core.edit.FigureEdits;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.Point;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import org.junit.jupiter.api.Test;

/** A bilge pump is opened: its lid has three nuts. */
class FigureProposalsTest {

    private static final Id<Clip> CLIP = new Id<>("clip1");
    private static final Id<Part> NUT = new Id<>("p1");
    private static final Id<Part> LID = new Id<>("p2");
    private static final Id<Part> GASKET = new Id<>("p3");
    private static final PlaceFinder BLIND = (clip, from, place, radius, to) -> Optional.empty();
    private static final PlaceFinder STANDS =
            (clip, from, place, radius, to) -> Optional.of(new PlaceFinder.Found(place, 1));

    private final Step nuts = step("s1", 10, 16, new PartUse(NUT, 3));
    private final Step lid = step("s2", 16, 20, new PartUse(GASKET, 1), new PartUse(LID, 1));
    private final Manual manual =
            Manual.titled("Bilge pump")
                    .withClips(List.of(new Clip(CLIP, "pump", "pump.mp4", 1, "d", 60, null, null)))
                    .withParts(List.of(part(NUT, "nut"), part(LID, "lid"), gasket()))
                    .withStages(List.of(stage(nuts, lid)));

    private static Step step(String id, double from, double to, PartUse... parts) {
        return Step.of(new Id<>(id), "Take it off.", List.of(new Span(CLIP, from, to)), List.of())
                .withParts(List.of(parts));
    }

    private static Stage stage(Step... steps) {
        return new Stage(new Id<>("g1"), Stage.Kind.TAKE_DOWN, "", List.of(steps));
    }

    private static Part part(Id<Part> id, String name) {
        return PartBuilder.builder().id(id).name(name).quantity(1).build();
    }

    private static Part gasket() {
        return part(GASKET, "gasket").withReuse(ReuseRule.ALWAYS_NEW);
    }

    private static SeenChange gone(double x, double y, double size, double sure, double at) {
        return new SeenChange(
                SeenChange.Kind.GONE, new Point(x, y), size, size, List.of(), sure, at, 0);
    }

    private FigureProposals proposals(PlaceFinder finder) {
        return new FigureProposals(
                manual,
                Map.of(
                        nuts.id(),
                        new SeenSpan(
                                9,
                                16,
                                List.of(
                                        gone(.4, .4, .03, .9, 14),
                                        gone(.6, .4, .03, .85, 11),
                                        gone(.5, .6, .03, .8, 12),
                                        gone(.9, .9, .004, .34, 15))),
                        lid.id(),
                        new SeenSpan(15.9, 21, List.of(gone(.5, .5, .2, .9, 18)))),
                finder,
                clip -> .5625);
    }

    @Test
    void whatIsGoneIsWhatTheStepTookOffInTheOrderInWhichItWent() {
        ProposedFigure figure = proposals(BLIND).of(nuts).orElseThrow();
        assertThat(figure.still()).isEqualTo(new Figure.Still(CLIP, 9));
        assertThat(figure.marks().subList(0, 3))
                .extracting(m -> m.mark().points().get(0))
                .containsExactly(new Point(.6, .4), new Point(.5, .6), new Point(.4, .4));
        assertThat(figure.marks().get(0).mark()).isInstanceOf(Mark.Callout.class);
        assertThat(figure.marks().get(1).mark()).isInstanceOf(Mark.ScrewPlace.class);
        assertThat(figure.regions())
                .extracting(SeenChange::middle)
                .containsExactly(new Point(.9, .9));
        assertThat(figure.sure()).isEqualTo(.9, within(.06));
    }

    @Test
    void aSealIsNotTakenForTheThingItSealsAndTheCropShowsWhereItIs() {
        ProposedFigure figure = proposals(BLIND).of(lid).orElseThrow();
        assertThat(figure.marks()).hasSize(1);
        assertThat(((Mark.Callout) figure.marks().get(0).mark()).part()).isEqualTo(LID);
        double filled = .2 / figure.crop().width();
        assertThat(filled).isBetween(1 / 6.0, 1 / 3.0);
    }

    @Test
    void whatComesOffLaterIsInThePictureBeforeButNotAfter() {
        ProposedFigure before = proposals(STANDS).of(nuts).orElseThrow();
        assertThat(before.marks())
                .extracting(ProposedFigure.ProposedMark::mark)
                .anyMatch(m -> m instanceof Mark.Callout c && c.part().equals(LID));
        ProposedFigure after = proposals(STANDS).of(lid).orElseThrow();
        assertThat(after.marks())
                .extracting(ProposedFigure.ProposedMark::mark)
                .noneMatch(m -> m instanceof Mark.OfPart o && o.part().equals(NUT));
    }

    @Test
    void whatIsAcceptedIsAFigureOfTheStepWithMarksOfItsOwn() {
        ProposedFigure figure = proposals(BLIND).of(nuts).orElseThrow().without(2);
        Manual made = FigureEdits.fromFilm(figure, "digest").change().apply(manual);
        Step step = made.step(nuts.id()).orElseThrow();
        Figure kept = made.figure(step.figures().get(0)).orElseThrow();
        assertThat(kept.marks()).hasSize(figure.marks().size());
        assertThat(kept.marks()).extracting(Mark::id).doesNotContainNull().doesNotHaveDuplicates();
        assertThat(kept.prepared().crop()).isEqualTo(figure.crop());
    }

    @Test
    void theNextPlaceGoesToThePartWithoutOneAndElseToTheChosenMark() {
        ProposedFigure figure = proposals(BLIND).of(nuts).orElseThrow();
        ProposedFigure moved = figure.withNextPlace(nuts, 1);
        assertThat(moved.marks().get(1).mark().points()).containsExactly(new Point(.9, .9));
        assertThat(moved.regions()).isEqualTo(figure.regions());
        Step both = nuts.withParts(List.of(new PartUse(NUT, 3), new PartUse(LID, 1)));
        ProposedFigure given = figure.withNextPlace(both, 1);
        assertThat(given.lacking(both)).isEmpty();
        assertThat(given.regions()).isEmpty();
        assertThat(given.withNextPlace(both, 0)).isSameAs(given);
    }

    @Test
    void aPartThatTheAuthorPointedAtIsFoundInOtherPicturesOfItsClip() {
        ProposedFigure figure = proposals(BLIND).of(nuts).orElseThrow();
        Manual pointed = FigureEdits.fromFilm(figure, "digest").change().apply(manual);
        Step touched = step("s3", 2, 5, new PartUse(NUT, 3, PartUse.Handling.TOUCHED));
        pointed =
                pointed.withStages(List.of(stage(touched, pointed.step(nuts.id()).orElseThrow())));
        SeenSpan nothing = new SeenSpan(1, 6, List.of());
        assertThat(
                        new FigureProposals(
                                        pointed,
                                        Map.of(touched.id(), nothing),
                                        STANDS,
                                        clip -> .5625)
                                .of(touched)
                                .orElseThrow()
                                .marks())
                .extracting(ProposedFigure.ProposedMark::mark)
                .first()
                .satisfies(m -> assertThat(((Mark.OfPart) m).part()).isEqualTo(NUT));
    }

    @Test
    void aStepIsLookedAtUntilTheNextIsUnderWay() {
        SearchSpan span = FigureProposals.searched(manual).get(nuts.id());
        assertThat(span.latest()).isEqualTo(17, within(1e-9));
        assertThat(SearchSpan.of(span.text())).isEqualTo(span);
        assertThat(FigureProposals.searched(manual).get(lid.id()).earliest())
                .isEqualTo(14.5, within(1e-9));
    }

    @Test
    void filmAndWordsAreHeldAgainstEachOther() {
        SeenSpan nothing = new SeenSpan(9, 16, List.of());
        SeenSpan two =
                new SeenSpan(9, 16, List.of(gone(.4, .4, .03, .9, 14), gone(.6, .4, .03, .9, 11)));
        SeenSpan three =
                new SeenSpan(
                        9,
                        16,
                        List.of(
                                gone(.4, .4, .03, .9, 14),
                                gone(.6, .4, .03, .9, 11),
                                gone(.5, .6, .03, .9, 12)));
        assertThat(SeenAgainstTold.of(manual, nuts, nothing))
                .containsExactly(
                        new SeenAgainstTold.Difference(SeenAgainstTold.Kind.NOTHING_GONE, 3, 0));
        assertThat(SeenAgainstTold.of(manual, nuts, two))
                .containsExactly(new SeenAgainstTold.Difference(SeenAgainstTold.Kind.FEWER, 3, 2));
        assertThat(SeenAgainstTold.of(manual, nuts, three)).isEmpty();
        Step bare = nuts.withParts(List.of());
        assertThat(
                        SeenAgainstTold.of(
                                manual.withStages(List.of(stage(bare, lid))),
                                bare,
                                new SeenSpan(9, 16, List.of(gone(.4, .4, .2, .9, 14)))))
                .containsExactly(new SeenAgainstTold.Difference(SeenAgainstTold.Kind.UNTOLD, 0, 1));
    }
}
