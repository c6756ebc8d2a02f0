package methodos.publish.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Applicability;
import methodos.core.manual.Hazard;
import methodos.core.manual.Hazard.SignalWord;
import methodos.core.manual.Manual;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Statements of a winch that no demo has. */
class HazardsOnPageTest {

    private static final Hazard ROPE =
            new Hazard(SignalWord.WARNING, "Taut rope", "It whips.", "Stand aside, wear gloves.");
    private static final Hazard DRUM =
            new Hazard(SignalWord.DANGER, "Turning drum", "It draws in.", "Lock it.")
                    .withApplicability(Applicability.model("W-2"));
    private static final Hazard PAINT =
            new Hazard(SignalWord.NOTICE, "Soft paint", "It scratches.", "Lay a cloth under it.");

    @TempDir private Path out;

    @Test
    void aStatementStandsOnceForAStretchAndIsNamedAtEachOfItsSteps() throws Exception {
        Step[] steps = {step("a", ROPE), step("b", ROPE), step("c")};
        String print = printed(steps);
        assertThat(print).contains("Steps 1 to 2").contains("Statement before step 1");
        assertThat(print.split("It whips\\.", -1)).as("in the summary and once").hasSize(3);

        String page = steps(Sight.EVERYTHING, steps);
        assertThat(page).contains("Steps 1 to 2");
        assertThat(at(page, 2))
                .contains("<details class=\"told warning\"", "Taut rope.", "It whips.");
        assertThat(at(page, 3)).doesNotContain("Taut rope");
    }

    @Test
    void theGravestStandsFirstAndSaysWhichUnitsHaveIt() throws Exception {
        String page = steps(Sight.EVERYTHING, step("a", PAINT, ROPE, DRUM));
        assertThat(page).containsSubsequence("Turning drum", "Taut rope", "Soft paint");
        assertThat(page).contains("Only W-2.");
        assertThat(steps(model("W-2"), step("a", DRUM)))
                .contains("Turning drum")
                .doesNotContain("Only W-2");
        assertThat(steps(model("W-1"), step("a", DRUM))).doesNotContain("Turning drum");
    }

    @Test
    void theSafetyAlertSymbolStandsWithInjuriesOnly() throws Exception {
        assertThat(steps(Sight.EVERYTHING, step("a", ROPE))).contains("⚠");
        assertThat(steps(Sight.EVERYTHING, step("a", PAINT))).doesNotContain("⚠");
    }

    @Test
    void whatIsWornIsSummedUpInFront() throws Exception {
        String front =
                page(Sight.EVERYTHING, step("a"), step("b", ROPE), step("c"), step("d", ROPE));
        assertThat(front.substring(0, front.indexOf("id=\"step1\"")))
                .contains("<td><b>Protective gloves</b></td><td>Taut rope</td>")
                .contains(">2, 4</td>");
    }

    private static Sight model(String name) {
        return new Sight(name, SerialRange.ALL);
    }

    private static Step step(String id, Hazard... hazards) {
        return Step.of(new Id<>(id), "Wind it up.", List.of(), List.of())
                .withHazards(List.of(hazards));
    }

    private static String at(String page, int step) {
        String from = page.substring(page.indexOf("id=\"step" + step + "\""));
        return from.substring(0, from.indexOf("Wind it up."));
    }

    private String steps(Sight sight, Step... steps) throws Exception {
        String page = page(sight, steps);
        return page.substring(page.indexOf("id=\"step1\""));
    }

    private String printed(Step... steps) throws Exception {
        try (PDDocument pdf =
                Loader.loadPDF(published(Sight.EVERYTHING, Publisher.Format.PDF, steps).toFile())) {
            return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
        }
    }

    private String page(Sight sight, Step... steps) throws Exception {
        return Files.readString(published(sight, Publisher.Format.HTML, steps));
    }

    private Path published(Sight sight, Publisher.Format format, Step... steps) throws Exception {
        Manual m = Manual.titled("winch");
        Id<Stage> stage = m.stage(Stage.Kind.TAKE_DOWN).orElseThrow().id();
        for (Step step : steps) {
            m = m.withNewStep(stage, step);
        }
        Publication publication = Publication.of(m, sight, d -> Optional.empty(), "today");
        return new Publisher().publish(publication, out, EnumSet.of(format)).get(0);
    }
}
