package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import methodos.core.check.Checks;
import methodos.core.check.OpenPoint;
import methodos.core.check.OpenPoints;
import methodos.core.hazard.HazardRules;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.demo.DemoProject;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The second demo: a small manual without footage, its pictures brought in from elsewhere. */
class HandBrakeManualTest extends DemoManualChecks {

    HandBrakeManualTest() {
        super(DemoProject.HB_3);
    }

    @Test
    void itHasPhotographsButNoFootage() {
        assertThat(manual.clips()).isEmpty();
        assertThat(manual.figures())
                .hasSizeGreaterThan(5)
                .allSatisfy(f -> assertThat(f.still()).isNull());
        assertThat(manual.stages()).extracting(Stage::kind).containsExactly(Stage.Kind.values());
    }

    @Test
    void itIsPublishedWithItsPhotographs(@TempDir Path out) throws Exception {
        String[] publish = {
            "publish", folder.toString(), "--format", "html", "--out", out.toString()
        };
        assertThat(Methodos.run(publish)).isZero();
        String page = Files.readString(out.resolve("html/index.html"));
        assertThat(page).contains("The trolley can roll", "castle nut", "67 to 81 lbf·ft");
        manual.figures().forEach(f -> assertThat(page).contains(f.title()));
    }

    @Test
    void onlyTheFootageAndTheNotchesAreOpen() {
        assertThat(OpenPoints.of(workspace, Sight.EVERYTHING))
                .extracting(OpenPoint::key)
                .containsExactlyInAnyOrder("open.footage.none", "open.limit");
    }

    @Test
    void itsLedgerClosesAndItIsSafe() {
        Checks.Result result = new Checks(HazardRules.shipped()).of(workspace);
        assertThat(result.grave()).isEmpty();
    }
}
