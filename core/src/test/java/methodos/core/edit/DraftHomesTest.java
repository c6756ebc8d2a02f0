package methodos.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.Action;
import methodos.core.manual.Applicability;
import methodos.core.manual.Clip;
import methodos.core.manual.ClipBuilder;
import methodos.core.manual.Evidence;
import methodos.core.manual.Hazard;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Manual;
import methodos.core.manual.Model;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.Repeat;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.ThreadTurn;
import methodos.core.manual.Value;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Cycles;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.narration.DraftedStep.Limit;
import methodos.core.narration.DraftedStep.PartNamed;
import methodos.core.narration.DraftedStep.Pause;
import methodos.core.narration.DraftedStep.Quote;
import methodos.core.narration.DraftedStep.RepeatOf;
import methodos.core.narration.DraftedStep.ToolNamed;
import methodos.core.narration.DraftedStep.Torque;
import methodos.core.narration.DraftedStepBuilder;
import methodos.core.quantity.Quantity;
import methodos.core.words.Words;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every detail of a drafted step has a home in the manual. */
class DraftHomesTest {

    private static final Words WORDS = new Words(null, Locale.ENGLISH);
    private static final Id<Clip> CLIP = new Id<>("c1");

    private final Map<String, Runnable> homes = new LinkedHashMap<>();

    private static Manual empty() {
        Manual manual =
                Manual.titled("Lift")
                        .withClip(
                                ClipBuilder.builder()
                                        .id(CLIP)
                                        .name("lift")
                                        .path("a.mp4")
                                        .duration(60)
                                        .build());
        return manual.withUnit(manual.unit().withModels(List.of(new Model("SG-5R", "right"))));
    }

    private static DraftedStep plain(double from) {
        return DraftedStepBuilder.builder()
                .kind(Kind.ACTION)
                .start(from)
                .end(from + 3)
                .action("tighten")
                .text("Tighten the gland nut.")
                .parts(List.of(new PartNamed("gland nut", null, null, null)))
                .tools(List.of())
                .consumables(List.of())
                .torques(List.of())
                .limits(List.of())
                .waits(List.of())
                .hazards(List.of())
                .unsure(List.of())
                .confidence(0.7)
                .evidence(List.of(new Quote(from, from + 3, "tighten that nut")))
                .stage(Stage.Kind.BUILD_UP)
                .build();
    }

    private static Manual drafted(Manual on, DraftedStep... steps) {
        return DraftEdits.draft(CLIP, new Draft(List.of(steps), List.of()), WORDS)
                .change()
                .apply(on);
    }

    private void home(String field, UnaryOperator<DraftedStep> said, Consumer<Manual> there) {
        homes.put(field, () -> there.accept(drafted(empty(), said.apply(plain(10)))));
    }

    private static Step step(Manual manual) {
        return manual.steps().findFirst().orElseThrow();
    }

    private static Joint joint(Manual manual) {
        return manual.joints().get(0);
    }

    private static Part part(Manual manual) {
        return manual.part(step(manual).parts().get(0).part()).orElseThrow();
    }

    private void all() {
        home(
                "kind",
                s -> s.withKind(Kind.NOTE).withText("this nut is always tight"),
                m -> {
                    // no step to stand at: proposed to be set aside, with its words
                    assertThat(m.steps()).isEmpty();
                    assertThat(m.proposals()).hasSize(1);
                });
        home("start", s -> s, m -> assertThat(step(m).spans().get(0).start()).isEqualTo(10));
        home("end", s -> s, m -> assertThat(step(m).spans().get(0).end()).isEqualTo(13));
        home(
                "action",
                s -> s.withAction("loosen"),
                m ->
                        assertThat(step(m).actions())
                                .containsExactly(new Action(Action.Verb.LOOSEN, joint(m).id())));
        home("text", s -> s, m -> assertThat(step(m).text()).isEqualTo("Tighten the gland nut."));
        home(
                "parts",
                s -> s.withParts(List.of(new PartNamed("gland nut", 2, "M20", null))),
                m -> {
                    assertThat(part(m).heard()).isTrue();
                    assertThat(part(m).label()).isEqualTo("gland nut M20");
                    assertThat(part(m).quantity()).isEqualTo(2);
                    assertThat(step(m).parts().get(0).count()).isEqualTo(2);
                    assertThat(joint(m).fastener()).isEqualTo(part(m).id());
                });
        home(
                "tools",
                s -> s.withTools(List.of(new ToolNamed("spanner", "30 mm"))),
                m -> {
                    assertThat(m.tools()).singleElement().matches(t -> t.heard());
                    assertThat(step(m).tools()).containsExactly(m.tools().get(0).id());
                });
        home(
                "consumables",
                s -> s.withConsumables(List.of("threadlocker")),
                m -> {
                    assertThat(m.consumables()).singleElement().matches(c -> c.heard());
                    assertThat(step(m).consumableIds())
                            .containsExactly(m.consumables().get(0).id());
                });
        home(
                "torques",
                s ->
                        s.withTorques(
                                List.of(
                                        new Torque(20.0, 20.0, "N·m", null, ""),
                                        new Torque(40.0, 45.0, "N·m", 90.0, ""))),
                m -> {
                    assertThat(joint(m).torque().known().orElseThrow().print())
                            .isEqualTo("40 to 45 N·m");
                    assertThat(joint(m).stages()).hasSize(1);
                    assertThat(joint(m).further().print()).isEqualTo("90°");
                    assertThat(step(m).joints()).containsExactly(joint(m).id());
                });
        home(
                "pattern",
                s -> s.withPattern("cross"),
                m -> assertThat(joint(m).order()).isEqualTo("cross"));
        home(
                "limits",
                s ->
                        s.withKind(Kind.MEASUREMENT)
                                .withAction("measure")
                                .withLimits(List.of(new Limit("gap", 0.1, 0.2, "mm", ""))),
                m ->
                        assertThat(step(m).readings().get(0).known().orElseThrow().print())
                                .isEqualTo("0.1 to 0.2 mm"));
        home(
                "waits",
                s -> s.withAction("wait").withWaits(List.of(new Pause(600, ""))),
                m -> assertThat(step(m).waits().get(0).seconds()).isEqualTo(600));
        home(
                "repeats",
                s -> s.withRepeats(new Cycles(12, 15)).withUntil("no air comes"),
                m -> {
                    Repeat repeat = m.repeats().get(0);
                    assertThat(repeat.from()).isEqualTo(step(m).id());
                    assertThat(repeat.least()).isEqualTo(12);
                    assertThat(repeat.most()).isEqualTo(15);
                    assertThat(repeat.until()).isEqualTo("no air comes");
                });
        home(
                "threadDirection",
                s -> s.withThreadDirection("left"),
                m -> assertThat(joint(m).hand()).isEqualTo(ThreadTurn.Hand.LEFT));
        home(
                "orientation",
                s -> s.withAction("install").withOrientation("lips toward the bore"),
                m ->
                        assertThat(step(m).parts().get(0).wayRound())
                                .isEqualTo("lips toward the bore"));
        home(
                "until",
                s -> s.withUntil("the stem just drags"),
                m -> assertThat(joint(m).feel()).isEqualTo("the stem just drags"));
        home(
                "condition",
                s -> s.withCondition("the seat is scored"),
                m -> assertThat(step(m).onlyIf()).isEqualTo("the seat is scored"));
        home(
                "reference",
                s -> s.withReference("data sheet"),
                m -> {
                    assertThat(m.documents()).singleElement().matches(d -> d.heard());
                    assertThat(((Value.Open) joint(m).torque()).document())
                            .isEqualTo(m.documents().get(0).id());
                });
        home(
                "hazards",
                s -> s.withHazards(List.of("pressure")),
                m ->
                        assertThat(step(m).hazards().get(0).signal())
                                .isEqualTo(Hazard.SignalWord.WARNING));
        home(
                "why",
                s -> s.withWhy("it is preloaded"),
                m -> assertThat(step(m).why()).isEqualTo("it is preloaded"));
        homes.put(
                "repeatOf",
                () -> {
                    Manual m =
                            drafted(
                                    empty(),
                                    plain(10),
                                    plain(14),
                                    plain(20).withRepeatOf(new RepeatOf("left end", 10, 18)));
                    assertThat(m.steps()).hasSize(2);
                    assertThat(m.repeats().get(0).places()).containsExactly("left end");
                    Step last = m.steps().toList().get(1);
                    assertThat(m.repeats().get(0).to()).isEqualTo(last.id());
                    // the words that say so are accounted for
                    assertThat(last.evidence()).hasSize(2);
                });
        home("confidence", s -> s, m -> assertThat(step(m).sure()).isEqualTo(0.7));
        home(
                "unsure",
                s -> s.withUnsure(List.of("unit")),
                m -> assertThat(step(m).doubts()).hasSize(1));
        home(
                "evidence",
                s -> s,
                m ->
                        assertThat(step(m).evidence())
                                .containsExactly(
                                        new Evidence.Recorded(
                                                new Span(CLIP, 10, 13), "tighten that nut")));
        home(
                "stage",
                s -> s,
                m ->
                        assertThat(m.stageOf(step(m).id()).orElseThrow().kind())
                                .isEqualTo(Stage.Kind.BUILD_UP));
    }

    @TestFactory
    Stream<DynamicTest> eachFieldHasAHome() {
        all();
        return homes.entrySet().stream()
                .map(e -> DynamicTest.dynamicTest(e.getKey(), () -> e.getValue().run()));
    }

    @Test
    void noFieldIsForgotten() {
        all();
        assertThat(homes.keySet())
                .containsExactlyInAnyOrderElementsOf(
                        Arrays.stream(DraftedStep.class.getRecordComponents())
                                .map(RecordComponent::getName)
                                .toList());
    }

    @Test
    void aRemarkStandsAtTheStepThatItIsSaidCloserTo() {
        DraftedStep remark =
                plain(13.5).withKind(Kind.NOTE).withEnd(15).withText("it is always tight");
        Manual m = drafted(empty(), plain(10), remark, plain(20));
        assertThat(step(m).notes()).containsExactly("It is always tight.");
        Manual other = drafted(empty(), plain(10), remark.withStart(18).withEnd(19.5), plain(20));
        assertThat(step(other).notes()).isEmpty();
        assertThat(other.steps().toList().get(1).notes()).hasSize(1);
    }

    @Test
    void aConditionThatNamesUnitsIsForThem() {
        Manual m = drafted(empty(), plain(10).withCondition("on the SG-5R"));
        assertThat(step(m).applicability()).isEqualTo(Applicability.model("SG-5R"));
        assertThat(step(m).onlyIf()).isEmpty();
        Manual serials =
                drafted(empty(), plain(10).withCondition("from serial number 1047 onwards"));
        assertThat(step(serials).applicability())
                .isEqualTo(Applicability.serials(SerialRange.from(1047)));
        Manual before = drafted(empty(), plain(10).withCondition("serials before 2000"));
        assertThat(step(before).applicability().all()).isTrue(); // "serials" is no serial number
        Manual not = drafted(empty(), plain(10).withCondition("not on the SG-5R"));
        assertThat(step(not).applicability().all()).isTrue();
        assertThat(step(not).onlyIf()).isEqualTo("not on the SG-5R");
    }

    @Test
    void aFastenerIsOneJointHoweverOftenItIsTurned() {
        Manual m =
                drafted(
                        empty(),
                        plain(10).withAction("loosen"),
                        plain(20).withTorques(List.of(new Torque(9.0, 9.0, "N·m", null, ""))));
        assertThat(m.joints()).hasSize(1);
        assertThat(joint(m).torque().known().orElseThrow().print()).isEqualTo("9 N·m");
    }

    @Test
    void aJointThatSomebodyHasAgreedToIsLeftAsItIs() {
        Joint own =
                JointBuilder.builder()
                        .id(new Id<>("j1"))
                        .name("gland")
                        .fastener(new Id<>("x1"))
                        .count(2)
                        .order("star")
                        .torque(Value.of("9 N·m"))
                        .build();
        Manual with = empty().withPart(line("x1", "gland nut")).withJoint(own).withLastId(9);
        Manual m =
                drafted(
                        with,
                        plain(10).withPattern("cross").withThreadDirection("left"),
                        plain(20).withTorques(List.of(new Torque(12.0, 12.0, "N·m", null, ""))));
        assertThat(m.joint(own.id())).contains(own);
        // another torque is another joint, to be looked at
        assertThat(m.joints()).hasSize(2);
        assertThat(step(m).joints()).containsExactly(own.id());
    }

    @Test
    void aJointWithoutAPartIsNotCalledByItsSentence() {
        DraftedStep bare = plain(10).withParts(List.of()).withText("Now pull that up to nine.");
        Torque nine = new Torque(9.0, 9.0, "N·m", null, "");
        assertThat(drafted(empty(), bare.withTorques(List.of(nine))).joints())
                .extracting(Joint::name)
                .containsExactly("Joint at 9 N·m");
        DraftedStep later = plain(20).withParts(List.of()).withTorques(List.of(nine));
        assertThat(drafted(empty(), bare.withTorques(List.of(nine)), later).joints())
                .extracting(Joint::name)
                .containsExactly("Joint at 9 N·m", "Joint at 9 N·m (2)");
        assertThat(drafted(empty(), bare.withReference("the data sheet")).joints())
                .extracting(Joint::name)
                .containsExactly("Joint by the data sheet");
    }

    @Test
    void whatIsOnlyTightenedByHandIsTightByHand() {
        Manual m = drafted(empty(), plain(10).withAction("hand-tighten"));
        assertThat(joint(m).byHand()).isTrue();
        assertThat(step(m).joints()).containsExactly(joint(m).id());
        assertThat(step(m).actions()).isEmpty();
    }

    @Test
    void whatHasNoPlaceIsADoubt() {
        DraftedStep bare = plain(10).withParts(List.of());
        Manual m =
                drafted(
                        empty(),
                        bare.withThreadDirection("left").withAction("turn"),
                        bare.withEnd(23)
                                .withStart(20)
                                .withOrientation("lips down")
                                .withAction("install"),
                        bare.withEnd(33).withStart(30).withPattern("star").withAction("turn"));
        assertThat(m.steps()).allMatch(s -> s.doubts().size() == 1);
    }

    @Test
    void draftingAgainLeavesNothingOfTheFirstDraft() {
        DraftedStep first = plain(10).withTools(List.of(new ToolNamed("spanner", null)));
        Manual once = drafted(empty(), first);
        Manual twice =
                drafted(once, plain(10).withParts(List.of(new PartNamed("cap", 1, null, null))));
        assertThat(twice.parts()).singleElement().matches(p -> p.name().equals("cap"));
        assertThat(twice.tools()).isEmpty();
        assertThat(twice.joints()).hasSize(1);
    }

    @Test
    void oneHeardFastenerMayBeSeveralLines() {
        DraftedStep cover = plain(10).withText("Tighten the cover screw.");
        Manual heard =
                drafted(
                        empty(),
                        cover.withParts(List.of(new PartNamed("screw", null, "M6", null))),
                        plain(20)
                                .withText("Tighten the plate screw.")
                                .withParts(List.of(new PartNamed("screw", null, "M6", null))));
        assertThat(heard.joints()).hasSize(1);
        Manual listed =
                HeardLinks.in(
                        heard.withPart(line("x1", "screw, cover"))
                                .withPart(line("x2", "screw, plate")));
        assertThat(listed.parts()).noneMatch(Part::heard);
        assertThat(listed.joints()).extracting(Joint::fastener).hasSize(2).doesNotHaveDuplicates();
        List<Step> steps = listed.steps().toList();
        for (Step step : steps) {
            PartUse use = step.parts().get(0);
            assertThat(listed.joint(step.joints().get(0)).orElseThrow().fastener())
                    .isEqualTo(use.part());
        }
    }

    @Test
    void anAcceptedStepKeepsWhatWasHeardWhereALaterListLeavesItOpen() {
        Manual heard =
                drafted(
                        empty(),
                        plain(10)
                                .withText("Tighten the nut.")
                                .withParts(List.of(new PartNamed("nut", null, null, null))));
        Manual accepted = DraftEdits.accept(step(heard).id()).change().apply(heard);
        List<Part> lines = List.of(line("x1", "lock nut"), line("x2", "gland nut"));
        Manual listed = HeardLinks.in(accepted.withPart(lines.get(0)).withPart(lines.get(1)));
        assertThat(step(listed).parts()).isEqualTo(step(accepted).parts());
        assertThat(step(listed).questions()).isEmpty();
        // a drafted one asks
        Manual asked = HeardLinks.in(heard.withPart(lines.get(0)).withPart(lines.get(1)));
        assertThat(step(asked).parts()).isEmpty();
        assertThat(step(asked).questions()).hasSize(1);
    }

    /** What is heard is written as somebody would type it, and read again from the file. */
    @ParameterizedTest
    @CsvSource({
        "0.16666666666666666, 0.16666666666666666, turn, 1/6 turn",
        "0.3333333333333333, 0.5, in, 1/3 to 0.5 in",
        "1.3333333333333333, , in, ≥ 1-1/3 in",
        "0.01, 0.03, mm, 0.01 to 0.03 mm",
        ", 0.123456789012, mm, ≤ 0.12346 mm",
        "-0.9, -0.9, bar, -0.9 bar"
    })
    void aFigureIsWrittenAsItWouldBeTyped(Double min, Double max, String unit, String typed) {
        Quantity quantity = DraftedValues.quantity(min, max, unit).orElseThrow();
        assertThat(quantity.entered()).isEqualTo(typed);
        assertThat(Quantity.parse(quantity.entered())).isEqualTo(quantity);
    }

    private static Part line(String id, String name) {
        return PartBuilder.builder().id(new Id<>(id)).name(name).quantity(1).build();
    }
}
