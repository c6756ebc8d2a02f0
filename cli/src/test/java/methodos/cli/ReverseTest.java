package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import methodos.core.check.Checks;
import methodos.core.description.Id;
import methodos.core.hazard.HazardRules;
import methodos.core.ledger.ClaimedUnits;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.narration.Workspace;
import methodos.core.reverse.Reverse;
import methodos.core.words.Words;
import methodos.demo.DemoProject;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The build-up that is drafted from the take-down of the demo. */
class ReverseTest {

    private final Checks checks = new Checks(HazardRules.shipped());
    private final Words words = new Words(null, Locale.ENGLISH);
    private Workspace workspace;
    private Reverse reverse;

    @BeforeEach
    void draft(@TempDir Path temp) throws Exception {
        Path folder = temp.resolve("demo.methodos");
        DemoProject.QA_80.copyTo(folder);
        workspace = ProjectFolder.read(folder);
        reverse = Reverse.of(workspace, checks, words);
    }

    @Test
    void itsLedgerClosesWithoutEdits() {
        Checks.Result result = checks.of(workspace.with(reverse.manual()));
        assertThat(result.grave()).isEmpty();
        for (ClaimedUnits.Group group : result.ledger().groups()) {
            assertThat(result.ledger().threads(group)).allMatch(t -> t.closed().isPresent());
        }
    }

    @Test
    void onlyLubricantsAndOrientationsAreOpen() {
        assertThat(reverse.open())
                .hasSizeGreaterThan(20)
                .allMatch(
                        o ->
                                o.sentence().startsWith("Lubricant for ")
                                        || o.sentence().startsWith("Way round for "));
    }

    @Test
    void whatCameOffLastGoesOnFirst() {
        List<Step> steps = reverse.steps();
        assertThat(steps.get(0).text()).isEqualTo("Fit 2 new piston O-rings.");
        assertThat(steps.get(1).text())
                .isEqualTo("Fit the new lower bearing and the new lower bearing snap ring.");
        assertThat(steps.get(steps.size() - 1).text())
                .isEqualTo("Fit the indicator screw. Tighten Indicator to pinion: 2.5 to 3 N·m.");
        assertThat(steps).noneMatch(Step::accepted);
        assertThat(steps).allMatch(s -> !s.evidence().isEmpty());
    }

    @Test
    void fittingAgainstSpringsIsWarnedOf() {
        Manual manual = reverse.manual();
        List<Step> caps =
                reverse.steps().stream()
                        .filter(
                                s ->
                                        s.parts().stream()
                                                .anyMatch(u -> u.part().equals(new Id<>("p3"))))
                        .toList();
        assertThat(caps).hasSize(2);
        assertThat(caps.stream().flatMap(s -> s.hazards().stream()))
                .anyMatch(h -> h.hazard().startsWith("Stored spring energy"));
        assertThat(manual.energy(new Id<>("e280")).orElseThrow().restoreSteps()).hasSize(1);
    }

    @Test
    void precedenceGoesBeforeTheReverseOrder() {
        // the washer is said to lie over the snap ring, against the order in which they came off
        Manual manual = workspace.manual();
        Manual covered =
                manual.withPart(
                                manual.part(new Id<>("p21"))
                                        .orElseThrow()
                                        .withCoveredBy(List.of(new Id<>("p18"))))
                        .withPart(
                                manual.part(new Id<>("p18"))
                                        .orElseThrow()
                                        .withCoveredBy(List.of()));
        List<Step> steps = Reverse.of(workspace.with(covered), checks, words).steps();
        assertThat(place(steps, new Id<>("p21"))).isLessThan(place(steps, new Id<>("p18")));
    }

    private static int place(List<Step> steps, Id<Part> part) {
        for (int i = 0; i < steps.size(); i++) {
            boolean on =
                    steps.get(i).parts().stream()
                            .anyMatch(
                                    u ->
                                            u.part().equals(part)
                                                    && u.in(Stage.Kind.BUILD_UP)
                                                            == Handling.PUT_ON);
            if (on) {
                return i;
            }
        }
        return -1;
    }
}
