package methodos.publish.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import methodos.core.manual.Hazard;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Reading;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.manual.Wait;
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
        return new Step(
                "s1",
                "Measure it.",
                null,
                null,
                parts,
                List.of("t1"),
                null,
                null,
                hazards,
                readings,
                waits,
                null,
                null,
                "it wears",
                "It shines.",
                null,
                false,
                accepted,
                null);
    }

    private String page(Step step, Stage.Kind kind) throws Exception {
        Manual m = Manual.titled("x");
        m = m.withPart(new Part("p1", "11", "", "O-ring", "", 2, ReuseRule.ALWAYS_NEW, null, ""));
        m =
                m.withTool(
                        new Tool(
                                "t1",
                                "vernier caliper",
                                "0.05 mm",
                                Tool.Kind.MEASURING,
                                "zero it first"));
        m = m.withNewStep(m.stage(kind).orElseThrow().id(), step);
        Publication publication =
                Publication.of(m, Sight.EVERYTHING, d -> Optional.empty(), "today");
        Path html =
                new Publisher().publish(publication, out, EnumSet.of(Publisher.Format.HTML)).get(0);
        return Files.readString(html).replaceAll("\\s+", " ");
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
        Step step = step(List.of(new PartUse("p1", 2)), null, null, null, true);
        assertThat(page(step, Stage.Kind.TAKE_DOWN)).contains("<th>Discard</th>", "O-ring, 2 off");
        assertThat(page(step, Stage.Kind.BUILD_UP)).doesNotContain("<th>Discard</th>");
    }

    @Test
    void aReadingHasItsLimitInBothSystemsAndABlankForEachPlace() throws Exception {
        Reading reading = new Reading("Free length", Value.of("≥ 62 mm"), 5, "t1", "replace all");
        String page = page(step(null, null, List.of(reading), null, true), Stage.Kind.INSPECT);
        assertThat(page)
                .contains(
                        "Free length, vernier caliper 0.05 mm",
                        "≥ 62 mm (≥ 2.46 in)",
                        "replace all");
        String blanks = page.substring(page.indexOf("class=\"blanks\""));
        assertThat(blanks.substring(0, blanks.indexOf("</table>")).split("<td>")).hasSize(6);
    }

    @Test
    void anOpenLimitSaysWhy() throws Exception {
        Reading reading = new Reading("Gap", new Value.Open("see HV-114", null), 1, null, "");
        assertThat(page(step(null, null, List.of(reading), null, true), Stage.Kind.INSPECT))
                .contains("not given: see HV-114");
    }

    @Test
    void waitsAreSaidInTheUnitThatFits() throws Exception {
        List<Wait> waits = List.of(new Wait("Cleaner off", 90), new Wait("Threadlocker sets", 600));
        assertThat(page(step(null, null, null, waits, true), Stage.Kind.INSPECT))
                .contains("90 s: Cleaner off", "10 min: Threadlocker sets");
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
                        "<th>Why</th><td>it wears</td>",
                        "<th>Look</th><td>It shines.</td>",
                        "zero it first");
    }
}
