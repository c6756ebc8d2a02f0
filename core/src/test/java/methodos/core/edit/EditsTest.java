package methodos.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import methodos.core.Samples;
import methodos.core.description.Id;
import methodos.core.manual.Applicability;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Hazard;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Point;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Value;
import methodos.core.manual.Variant;
import org.junit.jupiter.api.Test;

class EditsTest {

    private final Edits edits = new Edits(Samples.actuator());

    private Step step(Id<Step> id) {
        return edits.manual().step(id).orElseThrow();
    }

    @Test
    void aStepIsMadeOfASpanWithItsWordsAsEvidence() {
        Span span = new Span(new Id<>("clip1"), 21, 27);
        Id<Step> id = StepEdits.nextStepId(edits.manual());
        edits.apply(StepEdits.make(span, "Lift it out.", Stage.Kind.TAKE_DOWN));
        assertThat(step(id).spans()).containsExactly(span);
        assertThat(step(id).text()).isEqualTo("Lift it out.");
        assertThat(step(id).evidence()).hasSize(1);
        assertThat(edits.manual().stageOf(id).orElseThrow().kind()).isEqualTo(Stage.Kind.TAKE_DOWN);
    }

    @Test
    void undoAndRedoGoThereAndBack() {
        Manual before = edits.manual();
        edits.apply(StepEdits.text(new Id<>("s1"), "Undo the screws."));
        Manual after = edits.manual();
        edits.undo();
        assertThat(edits.manual()).isEqualTo(before);
        edits.redo();
        assertThat(edits.manual()).isEqualTo(after);
        assertThat(edits.redoable()).isEmpty();
        assertThat(edits.undoable().orElseThrow().kind()).isEqualTo(EditKind.STEP_TEXT);
    }

    @Test
    void typingInOneFieldIsOneEdit() {
        Manual before = edits.manual();
        for (String text : List.of("U", "Un", "Und", "Undo")) {
            edits.apply(StepEdits.text(new Id<>("s1"), text));
        }
        edits.undo();
        assertThat(edits.manual()).isEqualTo(before);
    }

    @Test
    void typingInAnotherFieldIsAnotherEdit() {
        edits.apply(StepEdits.text(new Id<>("s1"), "a"));
        edits.apply(StepEdits.text(new Id<>("s2"), "b"));
        edits.undo();
        assertThat(step(new Id<>("s1")).text()).isEqualTo("a");
    }

    @Test
    void anEditThatChangesNothingLeavesNoTrace() {
        edits.apply(StepEdits.text(new Id<>("s1"), step(new Id<>("s1")).text()));
        edits.apply(StepEdits.text(new Id<>("not there"), "x"));
        edits.apply(StepEdits.stage(new Id<>("s1"), Stage.Kind.TAKE_DOWN));
        assertThat(edits.undoable()).isEmpty();
    }

    @Test
    void aNewEditForgetsWhatWasUndone() {
        edits.apply(StepEdits.text(new Id<>("s1"), "a"));
        edits.undo();
        edits.apply(StepEdits.delete(new Id<>("s2")));
        assertThat(edits.redoable()).isEmpty();
    }

    @Test
    void listenersHearEveryState() {
        List<Manual> heard = new ArrayList<>();
        edits.listen(heard::add);
        edits.apply(StepEdits.delete(new Id<>("s1")));
        edits.undo();
        assertThat(heard).hasSize(2);
        assertThat(heard.get(1)).isEqualTo(Samples.actuator());
    }

    @Test
    void anyMixOfEditsUndoesToTheBeginning() {
        Random random = new Random(3);
        for (int round = 0; round < 30; round++) {
            Edits mixed = new Edits(Samples.actuator());
            List<Manual> states = new ArrayList<>(List.of(mixed.manual()));
            for (int i = 0; i < 25; i++) {
                Manual before = mixed.manual();
                mixed.apply(any(random, i));
                if (!mixed.manual().equals(before)) {
                    states.add(mixed.manual());
                }
            }
            while (mixed.undoable().isPresent()) {
                mixed.undo();
                assertThat(states).contains(mixed.manual());
            }
            assertThat(mixed.manual()).isEqualTo(Samples.actuator());
            while (mixed.redoable().isPresent()) {
                mixed.redo();
            }
            assertThat(mixed.manual()).isEqualTo(states.get(states.size() - 1));
        }
    }

    private static Edit any(Random random, int i) {
        Id<Step> step = new Id<>("s" + (1 + random.nextInt(3)));
        return switch (random.nextInt(8)) {
            case 0 -> StepEdits.text(step, "text " + i);
            case 1 ->
                    StepEdits.part(
                            step, new Id<>("p" + (1 + random.nextInt(4))), random.nextInt(4));
            case 2 -> StepEdits.newTool(step, "tool " + i);
            case 3 -> StepEdits.stage(step, Stage.Kind.values()[random.nextInt(5)]);
            case 4 ->
                    StepEdits.make(new Span(new Id<>("clip1"), i, i + 2), "words", Stage.Kind.TEST);
            case 5 -> StepEdits.torque(step, "joint", Value.of(5 + i + " N·m"));
            case 6 -> StepEdits.hazard(step, 0, new Hazard(null, "h" + i, "", ""));
            default -> StepEdits.applicability(step, Applicability.serials(SerialRange.from(i)));
        };
    }

    @Test
    void partsAreCountedAndTakenOut() {
        edits.apply(StepEdits.part(new Id<>("s1"), new Id<>("p2"), 2));
        assertThat(step(new Id<>("s1")).parts())
                .extracting(PartUse::part)
                .containsExactly(new Id<>("p1"), new Id<>("p2"));
        edits.apply(StepEdits.part(new Id<>("s1"), new Id<>("p1"), 3));
        assertThat(step(new Id<>("s1")).parts().get(0).count()).isEqualTo(3);
        edits.apply(StepEdits.part(new Id<>("s1"), new Id<>("p1"), 0));
        assertThat(step(new Id<>("s1")).parts())
                .extracting(PartUse::part)
                .containsExactly(new Id<>("p2"));
    }

    @Test
    void aNewPartGetsTheNextItemNumber() {
        edits.apply(StepEdits.newPart(new Id<>("s1"), "shim"));
        assertThat(edits.manual().parts())
                .filteredOn(p -> p.name().equals("shim"))
                .singleElement()
                .satisfies(p -> assertThat(p.item()).isEqualTo("26"));
        assertThat(step(new Id<>("s1")).parts()).hasSize(2);
    }

    @Test
    void aTorqueMakesTheJointOnceAndChangesItThen() {
        edits.apply(StepEdits.torque(new Id<>("s1"), "cap screw", Value.of("5 N·m")));
        Id<Joint> joint = step(new Id<>("s1")).joints().get(0);
        assertThat(edits.manual().joint(joint).orElseThrow().fastener()).isEqualTo(new Id<>("p1"));
        assertThat(edits.manual().joint(joint).orElseThrow().count()).isEqualTo(4);
        edits.apply(StepEdits.torque(new Id<>("s1"), "cap screw", Value.of("6 N·m")));
        assertThat(edits.manual().joints()).hasSize(2);
        assertThat(edits.manual().joint(joint).orElseThrow().torque().known().orElseThrow().print())
                .isEqualTo("6 N·m");
    }

    @Test
    void aHazardIsSetAndTakenAway() {
        edits.apply(
                StepEdits.hazard(
                        new Id<>("s1"), 0, new Hazard(Hazard.SignalWord.DANGER, "Air", "", "")));
        assertThat(step(new Id<>("s1")).hazards()).hasSize(1);
        edits.apply(StepEdits.hazard(new Id<>("s1"), 0, null));
        assertThat(step(new Id<>("s1")).hazards()).isEmpty();
    }

    @Test
    void aCapturedStillIsAFigureOfItsStep() {
        edits.apply(
                StepEdits.capture(
                        new Id<>("s1"), new Figure.Still(new Id<>("clip1"), 5.5), "digest"));
        Id<Figure> figure = step(new Id<>("s1")).figures().get(0);
        assertThat(edits.manual().figure(figure).orElseThrow().still().time()).isEqualTo(5.5);
    }

    @Test
    void calloutsAreAddedMovedAndDeleted() {
        edits.apply(
                StepEdits.capture(
                        new Id<>("s1"), new Figure.Still(new Id<>("clip1"), 5), "digest"));
        Id<Figure> figure = step(new Id<>("s1")).figures().get(0);
        edits.apply(FigureEdits.addCallout(figure, new Id<>("p1"), new Point(.2, .3)));
        Mark.Callout mark =
                (Mark.Callout) edits.manual().figure(figure).orElseThrow().marks().get(0);
        edits.apply(FigureEdits.hold(figure, mark.id(), new Point(1.05, .5)));
        edits.apply(FigureEdits.movePoint(figure, mark.id(), 0, new Point(.4, .4)));
        Mark.Callout moved =
                (Mark.Callout) edits.manual().figure(figure).orElseThrow().marks().get(0);
        assertThat(moved.balloon()).isEqualTo(new Point(1.05, .5));
        assertThat(moved.target()).isEqualTo(new Point(.4, .4));
        edits.undo();
        edits.undo();
        assertThat(edits.manual().figure(figure).orElseThrow().marks()).containsExactly(mark);
        edits.apply(FigureEdits.deleteMark(figure, mark.id()));
        assertThat(edits.manual().figure(figure).orElseThrow().marks()).isEmpty();
        edits.apply(FigureEdits.title(figure, "Cap"));
        assertThat(edits.manual().figure(figure).orElseThrow().title()).isEqualTo("Cap");
        edits.apply(FigureEdits.delete(figure));
        assertThat(edits.manual().figures()).isEmpty();
    }

    @Test
    void aVariantBringsItsModel() {
        edits.apply(
                UnitEdits.newVariant(
                        new Variant(new Id<>(""), "QA-80 X", SerialRange.from(3000), "new")));
        Variant added = edits.manual().variants().get(4);
        assertThat(added.id().text()).isNotEmpty();
        assertThat(edits.manual().unit().models()).extracting("name").contains("QA-80 X");
        edits.apply(
                UnitEdits.variant(
                        new Variant(added.id(), "QA-80 X", SerialRange.from(4000), "newer")));
        assertThat(edits.manual().variants().get(4).build()).isEqualTo("newer");
        edits.apply(UnitEdits.deleteVariant(added.id()));
        assertThat(edits.manual().variants()).hasSize(4);
    }

    @Test
    void wordsAreSetAsideWithAReason() {
        Span span = new Span(new Id<>("clip1"), 22, 26);
        edits.apply(StepEdits.dismiss(span, "I lost one.", "chatter"));
        assertThat(edits.manual().dismissals())
                .singleElement()
                .satisfies(d -> assertThat(d.span()).isEqualTo(span));
    }

    @Test
    void energiesAndDocumentsAreAdded() {
        edits.apply(UnitEdits.newEnergy("Compressed air"));
        edits.apply(UnitEdits.newDocument("HV-114"));
        edits.apply(UnitEdits.unit("duty", u -> u.withDuty("trained people")));
        assertThat(edits.manual().energies()).extracting("name").containsExactly("Compressed air");
        assertThat(edits.manual().documents()).extracting("name").containsExactly("HV-114");
        assertThat(edits.manual().unit().duty()).isEqualTo("trained people");
    }

    @Test
    void clipsOfOneCameraAreJoinedOnTime() {
        Clip first = edits.manual().clips().get(0);
        Clip second = first.withId(new Id<>("clip2")).withDuration(30);
        Clip third = first.withId(new Id<>("clip3")).withDuration(9);
        edits.apply(Edit.named(EditKind.FOOTAGE, m -> m.withClip(second).withClip(third)));
        edits.apply(ClipEdits.follows(new Id<>("clip2"), first.id()));
        edits.apply(ClipEdits.follows(new Id<>("clip3"), new Id<>("clip2")));
        Manual m = edits.manual();
        assertThat(m.cameraStart(first)).isZero();
        assertThat(m.cameraStart(m.clip(new Id<>("clip3")).orElseThrow())).isEqualTo(60 + 30);
        assertThat(m.clipAfter(new Id<>("clip2")).map(Clip::id)).contains(new Id<>("clip3"));
        edits.apply(ClipEdits.follows(new Id<>("clip2"), null));
        assertThat(edits.manual().clipAfter(first.id())).isEmpty();
        edits.apply(
                ClipEdits.follows(
                        new Id<>("clip2"), new Id<>("clip3"))); // in a ring no clip is the first
        Manual ring = edits.manual();
        assertThat(ring.cameraStart(ring.clip(new Id<>("clip2")).orElseThrow())).isFinite();
        edits.apply(ClipEdits.follows(new Id<>("clip3"), new Id<>("clip3")));
        assertThat(edits.manual()).isEqualTo(ring);
    }

    @Test
    void anotherStillTakesItsMarksAlong() {
        Id<Step> step = edits.manual().steps().findFirst().orElseThrow().id();
        edits.apply(StepEdits.capture(step, new Figure.Still(new Id<>("clip1"), 3), "first"));
        Id<Figure> id = edits.manual().figures().get(0).id();
        Id<Part> part = edits.manual().parts().get(0).id();
        edits.apply(FigureEdits.addCallout(id, part, new Point(0.3, 0.3)));
        edits.apply(FigureEdits.addCallout(id, part, new Point(0.7, 0.7)));
        Figure before = edits.manual().figures().get(0);
        Mark.Callout mark = (Mark.Callout) before.marks().get(0);
        edits.apply(FigureEdits.hold(before.id(), mark.id(), mark.target().plus(0.1, 0.2)));
        edits.apply(
                FigureEdits.still(
                        before.id(),
                        new Figure.Still(new Id<>("clip1"), 7),
                        "other",
                        Map.of(FigureEdits.pointKey(mark.id(), 0), new Point(0.5, 0.25))));
        Figure after = edits.manual().figures().get(0);
        Mark.Callout moved = (Mark.Callout) after.marks().get(0);
        assertThat(after.still().time()).isEqualTo(7);
        assertThat(after.picture()).isEqualTo("other");
        assertThat(moved.target()).isEqualTo(new Point(0.5, 0.25));
        assertThat(moved.balloon().distance(new Point(0.6, 0.45))).isLessThan(1e-9);
        assertThat(after.marks().subList(1, after.marks().size()))
                .isEqualTo(before.marks().subList(1, before.marks().size()));
        edits.undo();
        assertThat(edits.manual().figures().get(0).still()).isEqualTo(before.still());
    }
}
