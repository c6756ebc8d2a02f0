package methodos.publish.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.coverage.Reshoot;
import methodos.core.description.Id;
import methodos.core.description.RecordShape;
import methodos.core.manual.Applicability;
import methodos.core.manual.Document;
import methodos.core.manual.Hazard;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Manual;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.Practices;
import methodos.core.manual.Reading;
import methodos.core.manual.Repeat;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.manual.Wait;
import methodos.core.narration.Workspace;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class StepOnPageTest {

    @TempDir private Path out;

    private static Step step(
            List<PartUse> parts,
            List<Hazard> hazards,
            List<Reading> readings,
            List<Wait> waits,
            boolean accepted) {
        return Step.of(new Id<>("s1"), "Measure it.", List.of(), List.of())
                .withParts(parts)
                .withTools(List.of(new Id<>("t1")))
                .withHazards(hazards)
                .withReadings(readings)
                .withWaits(waits)
                .withWhy("it wears")
                .withExpected("It shines.")
                .withAccepted(accepted);
    }

    @Test
    void anOpenValueIsPrintedWithWhereItIsToBeFound() throws Exception {
        Value known = new Value.Open("nobody has measured it", new Id<>("d1"), "table 3");
        Value nowhere = new Value.Open("nobody has measured it", null);
        Joint joint =
                JointBuilder.builder()
                        .id(new Id<>("j1"))
                        .name("cap")
                        .count(4)
                        .torque(known)
                        .build();
        Manual m =
                Manual.titled("x")
                        .withDocuments(
                                List.of(new Document(new Id<>("d1"), "HV-114", "C", "limits")))
                        .withJoint(joint);
        Step step =
                step(
                                List.of(),
                                List.of(),
                                List.of(
                                        Reading.of("Gap", known, 1, null),
                                        Reading.of("Float", nowhere, 1, null)),
                                List.of(),
                                true)
                        .withJoints(List.of(joint.id()));
        m = m.withNewStep(m.stage(Stage.Kind.INSPECT).orElseThrow().id(), step);
        String page = html(m, Sight.EVERYTHING);
        // at the step and in the tables of torques and limits
        assertThat(page.split("see HV-114, table 3", -1)).hasSizeGreaterThanOrEqualTo(5);
        assertThat(page).contains("not specified: nobody has measured it");
    }

    @Test
    void statementsAndNotesHaveOneStopAndNoneWhereNothingIsSaid() throws Exception {
        List<Hazard> hazards =
                List.of(
                        new Hazard(Hazard.SignalWord.WARNING, "", "", "Shut it."),
                        new Hazard(Hazard.SignalWord.DANGER, "Oil at 350 bar.", "It cuts", ""));
        Manual m = Manual.titled("x");
        String page =
                html(
                        m.withNewStep(
                                m.stage(Stage.Kind.TAKE_DOWN).orElseThrow().id(),
                                step(List.of(), hazards, List.of(), List.of(), true)),
                        Sight.EVERYTHING);
        String words =
                page.replaceAll("<(style|script).*?</\\1>", " ")
                        .replaceAll("<[^>]+>", " ")
                        .replaceAll("\\s+", " ");
        assertThat(words).contains("Oil at 350 bar. It cuts.").contains("WARNING Shut it.");
        assertThat(words).doesNotContain("..").doesNotContain(" . ");
    }

    /** Whatever a step says in words of its own stands on its page, also what it says tomorrow. */
    @Test
    void eachTextOfAStepIsPrinted() throws Exception {
        RecordShape shape = RecordShape.of(Step.class);
        Step bare = Step.of(new Id<>("s1"), "", List.of(), List.of());
        List<String> names =
                shape.components().stream()
                        .filter(c -> c.type() == String.class && !c.name().equals("id"))
                        .map(RecordShape.Component::name)
                        .toList();
        Object[] values =
                shape.components().stream()
                        .map(
                                c ->
                                        names.contains(c.name())
                                                ? "the " + c.name() + " said"
                                                : c.of(bare))
                        .toArray();
        String page = page((Step) shape.make(values), Stage.Kind.INSPECT);
        assertThat(names).contains("text", "why", "expected");
        assertThat(names).allSatisfy(n -> assertThat(page).contains("the " + n + " said"));
    }

    private String page(Step step, Stage.Kind kind) throws Exception {
        Manual m = Manual.titled("x");
        m =
                m.withPart(
                        PartBuilder.builder()
                                .id(new Id<>("p1"))
                                .item("11")
                                .name("O-ring")
                                .quantity(2)
                                .reuse(ReuseRule.ALWAYS_NEW)
                                .build());
        m =
                m.withTool(
                        new Tool(
                                new Id<>("t1"),
                                "vernier caliper",
                                "0.05 mm",
                                Tool.Kind.MEASURING,
                                "zero it first"));
        m = m.withNewStep(m.stage(kind).orElseThrow().id(), step);
        return html(m, Sight.EVERYTHING);
    }

    private String html(Manual m, Sight sight) throws Exception {
        Publication publication = Publication.of(m, sight, d -> Optional.empty(), "today");
        Path html =
                new Publisher().publish(publication, out, EnumSet.of(Publisher.Format.HTML)).get(0);
        return Files.readString(html).replaceAll("\\s+", " ");
    }

    @Test
    void aDraftSaysThatItIsOne() throws Exception {
        assertThat(page(step(null, null, null, null, true), Stage.Kind.TAKE_DOWN))
                .contains("Issued today")
                .doesNotContain("Draft");
        assertThat(page(step(null, null, null, null, false), Stage.Kind.TAKE_DOWN))
                .contains("Draft of today: one step is not accepted")
                .doesNotContain("Issued today");
    }

    @Test
    void theHazardStandsBeforeTheAction() throws Exception {
        Hazard hazard =
                new Hazard(Hazard.SignalWord.DANGER, "Compressed air", "It crushes.", "Bleed it.");
        String page = page(step(null, List.of(hazard), null, null, true), Stage.Kind.TAKE_DOWN);
        String steps = page.substring(page.indexOf("id=\"step1\""));
        assertThat(steps.indexOf("Bleed it."))
                .isPositive()
                .isLessThan(steps.indexOf("Measure it."));
        assertThat(steps).contains("hazard danger", "DANGER");
    }

    @Test
    void partsThatAreAlwaysNewAreDiscardedInTheTakeDownOnly() throws Exception {
        Step step = step(List.of(new PartUse(new Id<>("p1"), 2)), null, null, null, true);
        assertThat(page(step, Stage.Kind.TAKE_DOWN))
                .contains("<th scope=\"row\">Discard</th>", "O-ring, ×2");
        assertThat(page(step, Stage.Kind.BUILD_UP))
                .doesNotContain("<th scope=\"row\">Discard</th>");
    }

    @Test
    void aReadingHasItsLimitInBothSystemsAndABlankForEachPlace() throws Exception {
        Reading reading =
                Reading.of("Free length", Value.of("≥ 62 mm"), 5, new Id<>("t1"))
                        .withOtherwise("replace all");
        String page = page(step(null, null, List.of(reading), null, true), Stage.Kind.INSPECT);
        assertThat(page)
                .contains(
                        "<b>Free length</b>, vernier caliper 0.05 mm",
                        "≥ 62 mm (≥ 2.45 in)",
                        "replace all");
        assertThat(page.split("<input class=\"value\"", -1)).hasSize(1 + 5);
    }

    @Test
    void whatIsDoneAgainElsewhereIsSaidAndHasABlankForEachPlace() throws Exception {
        Reading reading = Reading.of("Gap", Value.of("≥ 62 mm"), 2, null);
        Manual m = Manual.titled("x");
        Id<Stage> stage = m.stage(Stage.Kind.INSPECT).orElseThrow().id();
        m = m.withNewStep(stage, step(null, null, List.of(reading), null, true));
        m =
                m.withRepeats(
                        List.of(
                                new Repeat(
                                        new Id<>("r"),
                                        new Id<>("s1"),
                                        new Id<>("s1"),
                                        List.of("left cap", "rear cap"))));
        String page = html(m, Sight.EVERYTHING);
        assertThat(page).contains("Do the same at: left cap, rear cap.");
        assertThat(page.split("<input class=\"value\"", -1)).hasSize(1 + 6);
    }

    @Test
    void aReadingOfOtherUnitsIsNotPrinted() throws Exception {
        Reading late =
                Reading.of("Late gap", Value.of("≥ 62 mm"), 1, null)
                        .withApplicability(Applicability.serials(SerialRange.from(2200)));
        Manual m = Manual.titled("x");
        Id<Stage> stage = m.stage(Stage.Kind.INSPECT).orElseThrow().id();
        m = m.withNewStep(stage, step(null, null, List.of(late), null, true));
        assertThat(html(m, new Sight(null, SerialRange.only(2417)))).contains("Late gap");
        assertThat(html(m, new Sight(null, SerialRange.only(1200)))).doesNotContain("Late gap");
    }

    @Test
    void whatHasToBeFilmedAgainIsAListForPrint() throws Exception {
        Manual m = Manual.titled("x");
        Id<Stage> stage = m.stage(Stage.Kind.INSPECT).orElseThrow().id();
        m = m.withNewStep(stage, step(null, null, null, null, true));
        List<Reshoot> shots = Reshoot.of(new Workspace(m, Map.of()), Sight.EVERYTHING);
        assertThat(shots).singleElement().satisfies(s -> assertThat(s.number()).isEqualTo(1));
        Publication publication =
                Publication.of(m, Sight.EVERYTHING, d -> Optional.empty(), "today")
                        .withReshoots(shots);
        Path pdf =
                new Publisher()
                        .publish(publication, out, EnumSet.of(Publisher.Format.RESHOOT))
                        .get(0);
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Reshoot list", "Measure it.", "never");
        }
    }

    @Test
    void whatGoesBackAsItCameOffIsOnlyNamedInAManualInReverse() throws Exception {
        Step plain =
                step(List.of(new PartUse(new Id<>("p2"), 5)), null, null, null, true)
                        .withText("Put the springs in.");
        Step fresh =
                step(List.of(new PartUse(new Id<>("p1"), 1)), null, null, null, true)
                        .withId(new Id<>("s2"));
        Manual m = Manual.titled("x");
        m =
                m.withPart(
                        PartBuilder.builder()
                                .id(new Id<>("p1"))
                                .item("11")
                                .name("O-ring")
                                .quantity(1)
                                .reuse(ReuseRule.ALWAYS_NEW)
                                .build());
        m =
                m.withPart(
                        PartBuilder.builder()
                                .id(new Id<>("p2"))
                                .item("9")
                                .name("spring")
                                .quantity(5)
                                .reuse(ReuseRule.REUSE)
                                .build());
        m = m.withTool(new Tool(new Id<>("t1"), "seal pick", "", Tool.Kind.SPECIAL, ""));
        m =
                m.withNewStep(
                        m.stage(Stage.Kind.TAKE_DOWN).orElseThrow().id(),
                        step(null, null, null, null, true).withId(new Id<>("s0")));
        Id<Stage> stage = m.stage(Stage.Kind.BUILD_UP).orElseThrow().id();
        m = m.withNewStep(stage, plain).withNewStep(stage, fresh);
        String written = html(m, Sight.EVERYTHING);
        assertThat(written).doesNotContain("reverse order").contains("spring, ×5");
        String reversed =
                html(
                        m.withPractices(
                                Practices.USUAL.withReassembly(Practices.Reassembly.IN_REVERSE)),
                        Sight.EVERYTHING);
        String steps = reversed.substring(reversed.indexOf("in the reverse order of steps 1 to 1"));
        assertThat(steps).contains("Put the springs in.").doesNotContain("spring, ×5");
        assertThat(steps).contains("O-ring");
    }

    @Test
    void anOpenLimitSaysWhy() throws Exception {
        Reading reading = Reading.of("Gap", new Value.Open("see HV-114", null), 1, null);
        assertThat(page(step(null, null, List.of(reading), null, true), Stage.Kind.INSPECT))
                .contains("not specified: see HV-114");
    }

    @Test
    void waitsAreSaidInTheUnitThatFits() throws Exception {
        List<Wait> waits = List.of(new Wait("Cleaner off", 90), new Wait("Threadlocker sets", 600));
        assertThat(page(step(null, null, null, waits, true), Stage.Kind.INSPECT))
                .contains("1 min 30 s: Cleaner off", "10 min: Threadlocker sets");
    }

    @Test
    void whatIsOnlyDraftedSaysSo() throws Exception {
        assertThat(page(step(null, null, null, null, false), Stage.Kind.TEST))
                .contains("drafted, not accepted");
        assertThat(page(step(null, null, null, null, true), Stage.Kind.TEST))
                .doesNotContain("drafted, not accepted");
    }

    @Test
    void whyAndWhatToLookForArePrinted() throws Exception {
        assertThat(page(step(null, null, null, null, true), Stage.Kind.TEST))
                .contains(
                        "<th scope=\"row\">Why</th><td>it wears</td>",
                        "<th scope=\"row\">Visual check</th><td>It shines.</td>",
                        "zero it first");
    }
}
