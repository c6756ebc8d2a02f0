package methodos.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.manual.Action;
import methodos.core.manual.Answer;
import methodos.core.manual.Applicability;
import methodos.core.manual.Clip;
import methodos.core.manual.Dismissal;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.LedgerItemBuilder;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUseBuilder;
import methodos.core.manual.ReadingBuilder;
import methodos.core.manual.Repeat;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepBuilder;
import methodos.core.manual.Wait;
import org.junit.jupiter.api.Test;

/** A gearbox of a crane: cover over two gears, a brake beside it. */
class ManualPlanTest {

    private static final Id<Clip> CLIP = new Id<>("film");

    private Manual manual =
            Manual.titled("Crane gearbox")
                    .withParts(
                            List.of(
                                    part("cover"),
                                    part("gear", "cover"),
                                    part("pinion", "cover"),
                                    part("brake")));

    private static Part part(String id, String... covers) {
        return PartBuilder.builder()
                .id(new Id<>(id))
                .item(id)
                .name(id)
                .quantity(1)
                .reuse(ReuseRule.INSPECT)
                .applicability(Applicability.ALL)
                .coveredBy(List.of(covers).stream().map(c -> new Id<Part>(c)).toList())
                .build();
    }

    private static PartUse use(String part, PartUse.Handling handling) {
        return PartUseBuilder.builder().part(new Id<>(part)).count(1).handling(handling).build();
    }

    private Step step(Stage.Kind kind, String id, PartUse... uses) {
        return step(kind, StepBuilder.builder().id(new Id<>(id)).text(id).parts(List.of(uses)));
    }

    private Step step(Stage.Kind kind, StepBuilder builder) {
        Step step = builder.accepted(true).build();
        manual = manual.withNewStep(manual.stage(kind).orElseThrow().id(), step);
        return step;
    }

    private ManualPlan plan(int people) {
        return ManualPlan.of(manual, Sight.EVERYTHING, new ManualPlan.Asked(people, 0));
    }

    private List<String> after(ManualPlan plan, String step) {
        return plan.step(new Id<>(step)).orElseThrow().after().stream().map(Id::text).toList();
    }

    @Test
    void whatCoversComesOffFirstAndWhatItCoversMayComeOffSideBySide() {
        step(Stage.Kind.TAKE_DOWN, "cover off", use("cover", null));
        step(Stage.Kind.TAKE_DOWN, "gear off", use("gear", null));
        step(Stage.Kind.TAKE_DOWN, "pinion off", use("pinion", null));
        ManualPlan plan = plan(2);
        assertThat(after(plan, "gear off")).containsExactly("cover off");
        assertThat(after(plan, "pinion off")).containsExactly("cover off");
        double off = plan.step(new Id<>("gear off")).orElseThrow().time().expected();
        assertThat(off)
                .as("half to two and a half of 10 + 25")
                .isCloseTo(35 * 7 / 6.0, within(1e-9));
        assertThat(plan.plan().elapsed()).isCloseTo(2 * off, within(1e-9));
        assertThat(plan(1).plan().elapsed()).isCloseTo(3 * off, within(1e-9));
    }

    @Test
    void whereNobodySaysWhatCoversAPartStepsStayInTheirOrder() {
        step(Stage.Kind.TAKE_DOWN, "cover off", use("cover", null));
        step(Stage.Kind.TAKE_DOWN, "brake off", use("brake", null));
        step(Stage.Kind.TAKE_DOWN, "gear off", use("gear", null));
        step(Stage.Kind.TAKE_DOWN, "wipe the brake", use("brake", PartUse.Handling.TOUCHED));
        ManualPlan plan = plan(2);
        assertThat(after(plan, "brake off")).containsExactly("cover off");
        assertThat(after(plan, "gear off")).containsExactly("brake off");
        assertThat(after(plan, "wipe the brake")).containsExactly("gear off");
    }

    @Test
    void whatIsOnlyLookedAtWaitsForNobodyWhoLooks() {
        step(Stage.Kind.INSPECT, "look at the gear", use("gear", PartUse.Handling.LOOKED_AT));
        step(Stage.Kind.INSPECT, "look again", use("gear", PartUse.Handling.LOOKED_AT));
        step(Stage.Kind.INSPECT, "grease it", use("gear", PartUse.Handling.TOUCHED));
        ManualPlan plan = plan(2);
        assertThat(after(plan, "look again")).isEmpty();
        assertThat(after(plan, "grease it")).containsExactly("look at the gear", "look again");
    }

    @Test
    void aValueIsMeasuredBeforeItIsReckonedWith() {
        step(Stage.Kind.INSPECT, measuring("gear height", "gear", "h", null));
        step(Stage.Kind.INSPECT, measuring("pinion height", "pinion", "k", null));
        step(Stage.Kind.INSPECT, measuring("both", "cover", "", new Answer.Reckoned("h", "mm")));
        ManualPlan plan = plan(2);
        assertThat(after(plan, "both")).containsExactly("gear height");
        assertThat(after(plan, "pinion height")).isEmpty();
    }

    private StepBuilder measuring(String name, String part, String symbol, Answer answer) {
        return StepBuilder.builder()
                .id(new Id<>(name))
                .text(name)
                .parts(List.of(use(part, PartUse.Handling.LOOKED_AT)))
                .readings(
                        List.of(
                                ReadingBuilder.builder()
                                        .what(name)
                                        .symbol(symbol)
                                        .answer(answer)
                                        .count(1)
                                        .applicability(Applicability.ALL)
                                        .build()));
    }

    @Test
    void whatMovesAPartStaysBesideAFluidOrAMeasureThatNamesNone() {
        Id<LedgerItem> oil = new Id<>("oil");
        manual =
                manual.withLedgerItems(
                        List.of(
                                LedgerItemBuilder.builder()
                                        .id(oil)
                                        .kind(LedgerItem.Kind.FLUID)
                                        .name("oil")
                                        .applicability(Applicability.ALL)
                                        .build()));
        step(Stage.Kind.TAKE_DOWN, "cover off", use("cover", null));
        step(
                Stage.Kind.TAKE_DOWN,
                StepBuilder.builder()
                        .id(new Id<>("drain"))
                        .text("drain")
                        .actions(List.of(new Action(Action.Verb.DRAIN, oil, 1, "", null))));
        step(Stage.Kind.TAKE_DOWN, "gear off", use("gear", null));
        ManualPlan plan = plan(2);
        assertThat(after(plan, "drain")).containsExactly("cover off");
        assertThat(after(plan, "gear off")).containsExactly("drain");
    }

    @Test
    void preparingAndTestingConcernAllAndSoDoesWhatNamesNothing() {
        step(Stage.Kind.PREPARE, "block the hook");
        step(Stage.Kind.TAKE_DOWN, "cover off", use("cover", null));
        step(Stage.Kind.INSPECT, "clean everything");
        step(Stage.Kind.INSPECT, "look", use("gear", PartUse.Handling.LOOKED_AT));
        step(Stage.Kind.TEST, "try it");
        ManualPlan plan = plan(3);
        assertThat(after(plan, "cover off")).containsExactly("block the hook");
        assertThat(after(plan, "clean everything")).containsExactly("cover off");
        assertThat(after(plan, "look")).containsExactly("clean everything");
        assertThat(after(plan, "try it")).containsExactly("look");
        assertThat(plan.plan().critical()).hasSize(5);
    }

    @Test
    void filmGoesBeforeAssumptionsUnlessItIsCut() {
        StepBuilder shown =
                StepBuilder.builder()
                        .id(new Id<>("shown"))
                        .text("shown")
                        .parts(List.of(use("gear", null)))
                        .spans(List.of(new Span(CLIP, 100, 160)));
        step(Stage.Kind.TAKE_DOWN, shown);
        StepBuilder cut =
                StepBuilder.builder()
                        .id(new Id<>("cut"))
                        .text("cut")
                        .parts(List.of(use("pinion", null)))
                        .spans(List.of(new Span(CLIP, 200, 210)));
        step(Stage.Kind.TAKE_DOWN, cut);
        manual =
                manual.withDismissals(
                        List.of(new Dismissal(new Span(CLIP, 150, 170), "so", "talk")));
        ManualPlan plan = plan(1);
        StepTime film = plan.step(new Id<>("shown")).orElseThrow().time();
        assertThat(film.ground()).isEqualTo(StepTime.Ground.FILM);
        assertThat(film.likely()).as("without ten seconds of talk").isCloseTo(50, within(1e-9));
        StepTime work = plan.step(new Id<>("cut")).orElseThrow().time();
        assertThat(work.ground()).isEqualTo(StepTime.Ground.WORK);
        assertThat(work.likely()).as("read 10, off 25").isEqualTo(35);
        assertThat(work.best()).isLessThan(work.likely());
        assertThat(work.worst()).isGreaterThan(work.likely());
        double[] range = plan.range();
        assertThat(range[0]).isLessThan(range[1]);
        assertThat(range[1]).isGreaterThan(85);
    }

    @Test
    void repeatsCountAndWaitsNeedNobody() {
        Step first =
                step(
                        Stage.Kind.TAKE_DOWN,
                        StepBuilder.builder()
                                .id(new Id<>("soak"))
                                .text("soak")
                                .parts(List.of(use("pinion", PartUse.Handling.TOUCHED)))
                                .waits(List.of(new Wait("oil creeps", 600))));
        step(Stage.Kind.TAKE_DOWN, "gear off", use("gear", null));
        manual =
                manual.withRepeats(
                        List.of(
                                new Repeat(
                                        new Id<>("again"),
                                        first.id(),
                                        first.id(),
                                        List.of("the other side"))));
        ManualPlan plan = plan(1);
        assertThat(plan.step(new Id<>("soak")).orElseThrow().time().likely()).isEqualTo(50);
        assertThat(plan.step(new Id<>("soak")).orElseThrow().alone())
                .as("at both places")
                .isEqualTo(1200);
        assertThat(plan.waits()).extracting(WorkPlan.Slot::id).containsExactly("soak");
        WorkPlan.Slot gear = plan.plan().slot("gear off").orElseThrow();
        assertThat(gear.start()).as("beside the wait").isCloseTo(50 * 7 / 6.0, within(1e-9));
    }

    @Test
    void whatHangsOnAFindingIsToldApart() {
        step(Stage.Kind.INSPECT, "look", use("gear", PartUse.Handling.LOOKED_AT));
        step(
                Stage.Kind.INSPECT,
                StepBuilder.builder().id(new Id<>("mend")).text("mend").onlyIf("it is worn"));
        ManualPlan plan = plan(1);
        assertThat(plan.steps()).hasSize(1);
        assertThat(plan.leftOut()).extracting(s -> s.step().text()).containsExactly("mend");
        assertThat(new ArrayList<>(plan.byStage().keySet())).containsExactly(Stage.Kind.INSPECT);
    }
}
