package methodos.core.dryrun;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import methodos.core.description.Id;
import methodos.core.finding.Finding;
import methodos.core.manual.Action;
import methodos.core.manual.Consumable;
import methodos.core.manual.ConsumableUse;
import methodos.core.manual.Figure;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.Point;
import methodos.core.manual.Preparation;
import methodos.core.manual.Reading;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.practice.PractisedManual;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The dry run of a hand pump, a machine that its rules were not made with. */
class DryRunTest {

    private final Words words = new Words(null, Locale.ENGLISH);

    private static Part part(String id, String name, int count, ReuseRule reuse) {
        return PartBuilder.builder()
                .id(new Id<>(id))
                .item(id)
                .name(name)
                .quantity(count)
                .reuse(reuse)
                .build();
    }

    private static Tool tool(String id, String name, String size, Tool.Kind kind) {
        return new Tool(new Id<>(id), name, size, kind, "");
    }

    private static Joint joint(String id, String name, String fastener, int count, String value) {
        return JointBuilder.builder()
                .id(new Id<>(id))
                .name(name)
                .fastener(new Id<>(fastener))
                .count(count)
                .torque(Value.of(value))
                .build();
    }

    private static PartUse use(String part, int count) {
        return new PartUse(new Id<>(part), count);
    }

    private static Step step(String id, String text, String tools, PartUse... uses) {
        List<Id<Tool>> own = new ArrayList<>();
        Arrays.stream(tools.split(" "))
                .filter(t -> !t.isEmpty())
                .forEach(t -> own.add(new Id<>(t)));
        return Step.of(new Id<>(id), text, List.of(), List.of())
                .withTools(own)
                .withParts(List.of(uses));
    }

    private static Step doing(Step step, Action.Verb verb, String object) {
        return step.withActions(List.of(new Action(verb, new Id<LedgerItem>(object))));
    }

    private static Step loosening(Step step, String joint) {
        return step.withActions(List.of(new Action(Action.Verb.LOOSEN, new Id<Joint>(joint))));
    }

    /** A pump with a head on four nuts, a leather cup that is renewed, and a rod with a gland. */
    private static Manual pump() {
        Manual manual =
                Manual.titled("Hand pump")
                        .withPart(part("head", "pump head", 1, ReuseRule.INSPECT))
                        .withPart(part("nut", "head nut", 4, ReuseRule.REUSE))
                        .withPart(part("cup", "leather cup", 2, ReuseRule.ALWAYS_NEW))
                        .withPart(part("rod", "piston rod", 1, ReuseRule.INSPECT))
                        .withTool(tool("t1", "ring spanner", "24 mm", Tool.Kind.STANDARD))
                        .withTool(tool("t2", "torque wrench", "20 to 100 N·m", Tool.Kind.STANDARD))
                        .withTool(tool("t3", "socket", "24 mm", Tool.Kind.STANDARD))
                        .withTool(tool("t4", "micrometer", "0.01 mm", Tool.Kind.MEASURING))
                        .withTool(tool("t5", "lifting strap", "", Tool.Kind.LIFTING))
                        .withLedgerItem(
                                new LedgerItem(new Id<>("wedge"), LedgerItem.Kind.AID, "wedge"))
                        .withJoint(joint("j", "Head to barrel", "nut", 4, "60 N·m"));
        manual =
                manual.withConsumables(
                        List.of(new Consumable(new Id<>("c"), "tallow", "", "", "", false)));
        List<Stage> stages = new ArrayList<>();
        for (Stage stage : manual.stages()) {
            stages.add(
                    switch (stage.kind()) {
                        case TAKE_DOWN -> stage.withSteps(takeDown());
                        case INSPECT ->
                                stage.withSteps(
                                        List.of(
                                                step("m", "Measure the rod.", "t4", looked("rod"))
                                                        .withReadings(List.of(diameter()))));
                        case BUILD_UP -> stage.withSteps(buildUp());
                        default -> stage;
                    });
        }
        return manual.withStages(stages);
    }

    private static PartUse looked(String part) {
        return new PartUse(new Id<>(part), 1, Handling.LOOKED_AT, null);
    }

    private static Reading diameter() {
        return Reading.of("Diameter of the rod", Value.of("≥ 24.95 mm"), 1, new Id<>("t4"));
    }

    private static List<Step> takeDown() {
        return List.of(
                doing(
                        step("a", "Drive a wedge under the lever.", ""),
                        Action.Verb.PUT_IN_PLACE,
                        "wedge"),
                loosening(step("b", "Undo the four head nuts.", "t1", use("nut", 4)), "j"),
                step("d", "Lift the head off with the lifting strap.", "t5", use("head", 1)),
                step(
                        "e",
                        "Pull the rod out and throw both cups away.",
                        "",
                        use("rod", 1),
                        use("cup", 2)));
    }

    private static List<Step> buildUp() {
        return List.of(
                step(
                                "f",
                                "Put two new cups on the rod with tallow.",
                                "",
                                use("cup", 2),
                                use("rod", 1))
                        .withConsumables(List.of(new ConsumableUse(new Id<>("c")))),
                step("g", "Set the head on.", "", use("head", 1)),
                step("h", "Tighten the four head nuts.", "t2 t3", use("nut", 4))
                        .withJoints(List.of(new Id<>("j"))),
                doing(step("i", "Take the wedge out.", ""), Action.Verb.TAKE_AWAY, "wedge"));
    }

    private List<String> stumbles(Manual manual) {
        return new DryRun()
                .of(PractisedManual.of(manual)).stream()
                        .map(
                                f ->
                                        words.of(
                                                f.key(),
                                                f.arguments().stream()
                                                        .map(DryRunTest::plain)
                                                        .toArray()))
                        .toList();
    }

    private static Object plain(Object argument) {
        return argument instanceof Finding.StepRef ref ? ref.id().text() : argument;
    }

    private List<String> with(String id, UnaryOperator<Step> spoilt) {
        Manual manual = pump();
        return stumbles(manual.withStep(spoilt.apply(manual.step(new Id<>(id)).orElseThrow())));
    }

    @Test
    void nobodyStumblesInASoundOne() {
        assertThat(stumbles(pump())).isEmpty();
    }

    @Test
    void toolsAreListed() {
        assertThat(with("b", s -> s.withTools(List.of())))
                .containsExactly("Step b loosens “Head to barrel”, and no tool for it is listed.");
        assertThat(with("h", s -> s.withTools(List.of(new Id<>("t2")))))
                .containsExactly(
                        "Step h tightens “Head to barrel” with a torque wrench, and no bit, socket"
                                + " or insert for it is listed.");
        assertThat(with("h", s -> s.withTools(List.of(new Id<>("t3")))))
                .containsExactly(
                        "Step h tightens “Head to barrel” to a torque, and no torque wrench is"
                                + " listed.");
        assertThat(with("d", s -> s.withTools(List.of())))
                .containsExactly("Step d names lifting strap and does not list it.");
        assertThat(with("f", s -> s.withConsumables(List.of())))
                .containsExactly("Step f names tallow and lists none.");
    }

    @Test
    void instrumentsAreFineEnough() {
        Manual manual = pump();
        Tool rule = tool("t4", "steel rule", "0.5 mm", Tool.Kind.MEASURING);
        assertThat(stumbles(manual.withTool(rule)))
                .containsExactly(
                        "Step m: the limit of “Diameter of the rod”, ≥ 24.95 mm, is finer than"
                                + " steel rule 0.5 mm tells.");
        assertThat(
                        stumbles(
                                manual.withTool(
                                        tool(
                                                "t4",
                                                "micrometer",
                                                "0 to 20 mm",
                                                Tool.Kind.MEASURING))))
                .singleElement()
                .asString()
                .contains("is beyond micrometer");
        Reading inches = Reading.of("Diameter", Value.of("\u2265 0.982 in"), 1, new Id<>("t4"));
        assertThat(
                        stumbles(
                                manual.withTool(rule)
                                        .withStep(
                                                manual.step(new Id<>("m"))
                                                        .orElseThrow()
                                                        .withReadings(List.of(inches)))))
                .singleElement()
                .asString()
                .contains("is finer than steel rule");
        assertThat(
                        with(
                                "m",
                                s ->
                                        s.withTools(List.of())
                                                .withReadings(List.of(diameter().withTool(null)))))
                .containsExactly(
                        "Step m measures “Diameter of the rod”, and no instrument is listed.");
    }

    @Test
    void thingsThatAreNamedAreListed() {
        assertThat(with("e", s -> s.withText("Knock the rod out with a mallet.")))
                .containsExactly("Step e names “mallet”, which no list has.");
        assertThat(with("g", s -> s.withText("Start two longer nuts and pull the head down.")))
                .containsExactly("Step g names “longer nuts”, which no list has.");
        assertThat(with("g", s -> s.withText("Clamp the head and set it on."))).isEmpty();
        assertThat(with("b", s -> s.withText("Undo the six head nuts.")))
                .containsExactly("Step b says 6 nuts, and handles 4.");
        assertThat(with("f", s -> s.withText("Put the selected cups on the rod with tallow.")))
                .containsExactly(
                        "Step f fits the chosen leather cup, and no step before chooses it.");
        assertThat(
                        with(
                                "f",
                                s ->
                                        s.withText(
                                                "Select two cups and put the selected cups on with tallow.")))
                .isEmpty();
    }

    @Test
    void whatIsTightOrGoneIsKnown() {
        assertThat(with("b", s -> s.withActions(List.of()).withParts(List.of())))
                .containsExactlyInAnyOrder(
                        "Step d takes off pump head while “Head to barrel” is still tight.",
                        "Step h tightens “Head to barrel”, which no step has loosened.");
        assertThat(with("b", s -> s.withActions(List.of()))).isEmpty();
        assertThat(with("m", s -> s.withParts(List.of(looked("cup")))))
                .containsExactly("Step m needs leather cup, which is thrown away by then.");
        assertThat(with("a", s -> s.withActions(List.of())))
                .containsExactly("Step i takes 1 of “wedge” away; none was put there before.");
    }

    @Test
    void anAidThatNoWordsPutThereIsMissed() {
        Step a = pump().step(new Id<>("a")).orElseThrow();
        assertThat(stumbles(pump().withStep(a.withText("Work the lever over the wedge."))))
                .containsExactly(
                        "Step a has “wedge” in place from here on, and its words do not say to put"
                                + " it there.");
    }

    @Test
    void whatIsTightenedCrosswiseIsDrawn() {
        UnaryOperator<Step> crosswise = s -> s.withText("Tighten the four head nuts crosswise.");
        assertThat(with("h", crosswise))
                .containsExactly(
                        "Step h tightens “Head to barrel” crosswise, and no figure shows which"
                                + " screw is which.");
        List<Point> four =
                List.of(new Point(.2, .2), new Point(.8, .2), new Point(.8, .8), new Point(.2, .8));
        Figure drawn =
                Figure.of(
                        new Id<>("fig"),
                        "Nuts",
                        null,
                        "d".repeat(64),
                        new Mark.Callout(new Id<>("m1"), new Id<>("nut"), four.get(0), null),
                        new Mark.ScrewOrder(new Id<>("m2"), four, null, List.of()));
        Manual manual = pump().withFigure(drawn);
        Step step = crosswise.apply(manual.step(new Id<>("h")).orElseThrow());
        assertThat(stumbles(manual.withStep(step.withFigures(List.of(drawn.id()))))).isEmpty();
    }

    @Test
    void pressureIsReadInItsMoment() {
        Reading opening =
                Reading.of(
                        "Pressure at which the valve begins to open", Value.of("≤ 3 bar"), 1, null);
        Tool gauge = tool("t6", "pressure gauge", "0 to 10 bar", Tool.Kind.MEASURING);
        Manual manual = pump().withTool(gauge);
        Step up = step("g", "Pump up to 8 bar.", "t6");
        Step read = step("i", "Read the gauge.", "t6").withReadings(List.of(opening));
        assertThat(stumbles(manual.withStep(up).withStep(read)))
                .contains(
                        "Step i reads “Pressure at which the valve begins to open”; by then step g"
                                + " has brought 8 bar.");
        assertThat(
                        stumbles(
                                manual.withStep(up)
                                        .withStep(read.withText("Bleed it and read it again."))))
                .noneMatch(s -> s.contains("by then"));
    }

    @Test
    void theBenchIsKnownAtEachStep() {
        Manual pump = pump();
        List<Bench> benches =
                pump.steps().map(s -> Bench.at(pump, Sight.EVERYTHING, s.id())).toList();
        assertThat(benches)
                .extracting(b -> b.step().text())
                .containsExactly("a", "b", "d", "e", "m", "f", "g", "h", "i");
        Bench first = benches.get(0);
        assertThat(first.unit())
                .extracting(l -> l.part().text())
                .containsExactly("head", "nut", "cup", "rod");
        assertThat(first.bench()).isEmpty();
        Bench measuring = benches.get(4);
        assertThat(measuring.unit()).isEmpty();
        assertThat(measuring.bench())
                .containsExactly(
                        new Bench.Lot(new Id<>("head"), 1, new Id<>("d")),
                        new Bench.Lot(new Id<>("nut"), 4, new Id<>("b")),
                        new Bench.Lot(new Id<>("rod"), 1, new Id<>("e")));
        assertThat(measuring.thrown())
                .containsExactly(new Bench.Lot(new Id<>("cup"), 2, new Id<>("e")));
        assertThat(measuring.inPlace()).extracting(Id::text).containsExactly("wedge");
        assertThat(measuring.hand()).extracting(l -> l.part().text()).containsExactly("rod");
        Bench last = benches.get(8);
        assertThat(last.unit()).hasSize(4);
        assertThat(last.bench()).isEmpty();
        assertThat(last.thrown()).isEmpty();
        assertThatThrownBy(() -> Bench.at(pump, Sight.EVERYTHING, new Id<>("none")))
                .hasMessage("These units have no step none.");
    }

    /** What goes on without having come off is not on the unit twice. */
    @Test
    void nothingIsOnTheUnitMoreOftenThanItHasIt() {
        Manual manual = pump();
        Step off = manual.step(new Id<>("d")).orElseThrow();
        Manual spoilt = manual.withStep(off.withParts(List.of()));
        assertThat(Bench.at(spoilt, Sight.EVERYTHING, new Id<>("i")).unit())
                .contains(new Bench.Lot(new Id<>("head"), 1, new Id<>("g")));
    }

    @ParameterizedTest
    @CsvSource({"manometer,''", "test gauge,0 to 4 bar"})
    void aDialThatIsReadIsPointedAt(String name, String size) {
        Manual manual = pump().withTool(tool("t6", name, size, Tool.Kind.MEASURING));
        Figure bare =
                Figure.of(
                        new Id<>("fig"),
                        "Rod",
                        null,
                        "d".repeat(64),
                        new Mark.Callout(new Id<>("m1"), new Id<>("rod"), new Point(.3, .5), null));
        Step measured = manual.step(new Id<>("m")).orElseThrow();
        manual =
                manual.withFigure(bare)
                        .withStep(
                                measured.withFigures(List.of(bare.id()))
                                        .withTools(List.of(new Id<>("t4"), new Id<>("t6"))));
        assertThat(stumbles(manual))
                .containsExactly(
                        "Step m reads the %s, and no outline, lens or label in its figure points at it."
                                .formatted((name + " " + size).strip()));
        Mark ring =
                new Mark.Outline(
                        new Id<>("m2"),
                        List.of(new Point(.7, .2), new Point(.8, .2), new Point(.75, .3)));
        assertThat(stumbles(manual.withFigure(bare.withMarks(List.of(ring))))).isEmpty();
    }

    @Test
    void figuresShowTheirStep() {
        Figure.Still still = new Figure.Still(new Id<>("clip"), 12);
        Figure figure =
                Figure.of(
                        new Id<>("fig"),
                        "Head",
                        still,
                        "d".repeat(64),
                        new Mark.Callout(new Id<>("m1"), new Id<>("nut"), new Point(.3, .5), null));
        Manual manual = pump().withFigure(figure);
        manual = shown(manual, "d", 10, 20, "fig");
        assertThat(stumbles(manual))
                .containsExactly("Step d handles pump head, and its figure does not number it.");
        Mark.Callout head =
                new Mark.Callout(new Id<>("m2"), new Id<>("head"), new Point(.6, .5), null);
        Manual numbered = manual.withFigure(figure.withMarks(List.of(head)));
        assertThat(stumbles(numbered)).isEmpty();
        Preparation half = Preparation.NONE.withCrop(new Preparation.Crop(-.5, -.3, 0, .3));
        assertThat(
                        stumbles(
                                numbered.withFigure(
                                        figure.withMarks(List.of(head)).withPreparation(half))))
                .containsExactly("A figure of step d numbers pump head outside of what it shows.");
        Manual late = shown(numbered, "e", 40, 50, "");
        Figure.Still other = new Figure.Still(new Id<>("clip"), 45);
        assertThat(stumbles(late.withFigure(figure.withMarks(List.of(head)).withStill(other))))
                .containsExactly("A figure of step d is taken from the footage of step e.");
        Manual before = shown(shown(numbered, "d", 10, 20, ""), "b", 30, 40, "fig");
        Mark.Callout nut =
                new Mark.Callout(new Id<>("m3"), new Id<>("nut"), new Point(.6, .5), null);
        assertThat(
                        stumbles(
                                before.withFigure(
                                        figure.withMarks(List.of(head, nut))
                                                .withStill(
                                                        new Figure.Still(new Id<>("clip"), 35)))))
                .containsExactly(
                        "A figure of step b numbers pump head, which is on by then, in a picture in"
                                + " which it is off.");
    }

    private static Manual shown(Manual manual, String step, double from, double to, String figure) {
        Step of = manual.step(new Id<>(step)).orElseThrow();
        return manual.withStep(
                of.withSpans(List.of(new Span(new Id<>("clip"), from, to)))
                        .withFigures(figure.isEmpty() ? List.of() : List.of(new Id<>(figure))));
    }
}
