package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import methodos.core.check.OpenPoint;
import methodos.core.check.OpenPoints;
import methodos.core.manual.Sight;
import methodos.core.practice.PractisedManual;
import methodos.core.sheet.DerivedTable;
import methodos.demo.DemoProject;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The third demo, which says each thing that a manual can say. */
class SluiceGateManualTest extends DemoManualChecks {

    SluiceGateManualTest() {
        super(DemoProject.SG_5);
    }

    @Test
    void whatItSaysIsPublished(@TempDir Path out) throws Exception {
        String[] publish = {
            "publish", folder.toString(), "--format", "html", "--out", out.toString()
        };
        assertThat(Methodos.run(publish)).isZero();
        String page = Files.readString(out.resolve("html/index.html")).replaceAll("\\s+", " ");
        assertThat(page)
                .as("either torque or turns, each whole, then back")
                .contains("either 30 lbf·in (3.38 N·m); or hand-tight and then 1/8 turn")
                .as("a left-hand thread turns the other way")
                .contains("left-hand thread: turn clockwise")
                .as("the order and rounds of loosening")
                .contains("crosswise, in 2 rounds")
                .as("ways")
                .contains("keep the water off: either with stop logs (if the grooves are clear)")
                .as("conditions by what was found")
                .contains("“teeth of the gear pair” of step", "comes to: replace the shear pins")
                .as("rounds, waits, fluids")
                .contains("until the crank runs evenly, at least once, at most 5 times")
                .contains("until no oil drips, at least 15 min")
                .contains("fill gear oil, ISO VG 220: 0.8 L, up to the lower edge")
                .as("readings")
                .contains("= a - b (kg)", "the same as “serial number on the plate” of step 1")
                .contains("value=\"yes\"", "above the wheel", "about 1 mm")
                .as("parts")
                .contains("stays off, 9 is installed", "all of “gear pair” new if one is", "34 kg")
                .contains("lip towards the oil", "at below the wheel, above the wheel")
                .as("lists")
                .contains("SG1000 to SG1999", "ending SG…40 to SG…59", "500 lifts")
                .contains("Motor drive of the SG-5", "max 15 kN", "[HV-230, table 2]")
                .contains("Optional: only where the pedestal is painted");
    }

    @Test
    void whatItSaysIsInTheTables() {
        assertThat(cell(DerivedTable.What.CONSUMABLES, "name", "gear grease", "total"))
                .isEqualTo("30 g");
        assertThat(cell(DerivedTable.What.CONSUMABLES, "name", "gear grease", "uses"))
                .contains("5 g, lip of the seal");
        assertThat(cell(DerivedTable.What.KITS, "name", "seal sleeve 25 mm", "SG5-K1"))
                .isEqualTo("1");
        assertThat(cell(DerivedTable.What.PARTS, "item", "8", "instead")).isEqualTo("9");
        assertThat(cell(DerivedTable.What.PARTS, "item", "1", "mass")).isEqualTo("34 kg");
        assertThat(cell(DerivedTable.What.TOOLS, "name", "chain hoist", "carries"))
                .isEqualTo("50 kg");
        assertThat(cell(DerivedTable.What.TORQUES, "joint", "Spindle nut on the sleeve", "turned"))
                .isEqualTo("1/8 turn");
        assertThat(cell(DerivedTable.What.LIMITS, "what", "the nut runs freely", "answer"))
                .isEqualTo("yes*, no");
        assertThat(cell(DerivedTable.What.LIMITS, "what", "mass of the can after", "against"))
                .isEqualTo("mass of the can before");
    }

    private String cell(DerivedTable.What what, String by, String is, String column) {
        return DerivedTable.of(what, PractisedManual.of(manual), Sight.EVERYTHING).rows().stream()
                .filter(r -> is.equals(r.get(by)))
                .findFirst()
                .map(r -> DerivedTable.cell(r.get(column)))
                .orElseThrow();
    }

    @Test
    void onlyFootageIsOpen() {
        assertThat(OpenPoints.of(workspace, Sight.EVERYTHING))
                .extracting(OpenPoint::key)
                .containsExactly("open.footage.none");
    }

    @Test
    void aUnitIsChosenByItsNumber(@TempDir Path out) throws Exception {
        String[] nipple = {
            "publish",
            folder.toString(),
            "--format",
            "html",
            "--serial",
            "SG1047",
            "--out",
            out.resolve("a").toString()
        };
        String[] none = {
            "publish",
            folder.toString(),
            "--format",
            "html",
            "--serial",
            "SG1061",
            "--out",
            out.resolve("b").toString()
        };
        assertThat(Methodos.run(nipple)).isZero();
        assertThat(Methodos.run(none)).isZero();
        assertThat(Files.readString(out.resolve("a/html/index.html")))
                .contains("Grease the spindle th");
        assertThat(Files.readString(out.resolve("b/html/index.html")))
                .doesNotContain("Grease the spindle th");
    }
}
