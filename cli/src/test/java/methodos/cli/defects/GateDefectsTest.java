package methodos.cli.defects;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import methodos.core.check.Checks;
import methodos.core.finding.Finding;
import methodos.core.finding.Rule;
import methodos.core.hazard.HazardRules;
import methodos.core.narration.Workspace;
import methodos.demo.DemoProject;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The manual of the sluice gate lift says nothing wrong; each of sixty defects in it is found. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class GateDefectsTest {

    private static final int WANTED = 60;

    private final Checks checks = new Checks(HazardRules.shipped());
    private Workspace workspace;
    private Set<Finding> before;

    @BeforeAll
    void copy(@TempDir Path temp) throws Exception {
        Path folder = temp.resolve("gate.methodos");
        DemoProject.SG_5.copyTo(folder);
        workspace = ProjectFolder.read(folder);
        before = Set.copyOf(checks.of(workspace).findings());
    }

    static List<GateDefects.Seeded> defects() {
        return GateDefects.all();
    }

    @Test
    void nothingIsFoundInItAsItIs() {
        // what is done beside the lift, at the gate and in the well, is in no picture
        assertThat(before).allMatch(f -> f.rule() == Rule.COVERAGE);
        assertThat(GateDefects.all()).hasSizeGreaterThanOrEqualTo(WANTED);
        assertThat(GateDefects.all()).extracting(GateDefects.Seeded::what).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @MethodSource("defects")
    void eachDefectIsFound(GateDefects.Seeded seeded) {
        List<Finding> found =
                checks.of(workspace.with(seeded.defect().apply(workspace.manual()))).findings();
        assertThat(found)
                .as(() -> found.stream().map(Finding::toString).collect(Collectors.joining("\n")))
                .anyMatch(
                        f ->
                                f.rule() == seeded.rule()
                                        && (seeded.step().isEmpty()
                                                || f.steps().stream()
                                                        .anyMatch(
                                                                s ->
                                                                        s.text()
                                                                                .equals(
                                                                                        seeded
                                                                                                .step()))));
    }
}
