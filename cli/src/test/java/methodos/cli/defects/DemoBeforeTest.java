package methodos.cli.defects;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import methodos.core.check.Checks;
import methodos.core.finding.FindingSentences;
import methodos.core.hazard.HazardRules;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.StepNumbers;
import methodos.core.narration.Workspace;
import methodos.core.words.Words;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * The manual of the actuator as it was when technicians first read it: what they stumbled over is
 * found.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class DemoBeforeTest {

    private List<String> found;

    @BeforeAll
    void check(@TempDir Path temp) throws Exception {
        Path folder = Files.createDirectories(temp.resolve("before.methodos"));
        try (InputStream in = DemoBeforeTest.class.getResourceAsStream("qa-80-before.json")) {
            Files.copy(in, folder.resolve("manual.json"));
        }
        Workspace workspace = ProjectFolder.read(folder);
        Manual manual = workspace.manual();
        FindingSentences sentences =
                new FindingSentences(
                        new Words(null, Locale.ENGLISH), new StepNumbers(manual, Sight.EVERYTHING));
        found =
                new Checks(HazardRules.shipped())
                        .of(workspace).findings().stream().map(sentences::of).toList();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Step 8 loosens “Coupling clamp”, and no tool for it is listed.",
                "Step 18 speaks of spring, which some of its units do not have.",
                "Step 39: the limit of “Bore of the body, right and left”, ≤ 80.10 mm, is finer than vernier caliper 0.05 mm tells.",
                "Step 49 fits the chosen thrust washer 2.10 to 2.40, and no step before chooses it.",
                "Step 56 names “long screws”, which no list has.",
                "Step 62 has “cap guide, left” in place from here on, and its words do not say to put it there.",
                "Step 64 tightens “Left end cap to body” crosswise, and no figure shows which screw is which.",
                "Step 66 tightens “Air plate to body” with a torque wrench, and no bit, socket or insert for it is listed.",
                "Step 66 tightens “Air plate to body” crosswise, and no figure shows which screw is which.",
                "Step 68 tightens “Travel stop lock nut” with a torque wrench, and no bit, socket or insert for it is listed.",
                "Step 69 tightens “Indicator to pinion” with a torque wrench, and no bit, socket or insert for it is listed.",
                "Step 75 reads “Breakaway pressure”; by then step 73 has brought 6 bar.",
                "Step 73 reads the pressure gauge 0 to 10 bar, and no outline, lens or label in its figure points at it.",
                "Step 10 handles position indicator, and its figure does not number it.",
                "Step 12 handles air plate, and its figure does not number it.",
                "Step 14 handles travel stop screw M8 × 45, and its figure does not number it.",
                "Step 30 handles pinion, and its figure does not number it.",
                "Step 40 handles O-ring, piston 73 × 3.5, and its figure does not number it.",
                "Step 65 handles air plate, and its figure does not number it."
            })
    void whatATechnicianStumbledOverIsFound(String sentence) {
        assertThat(found).contains(sentence);
    }
}
