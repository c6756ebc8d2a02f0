package methodos.cli.defects;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import methodos.core.check.Checks;
import methodos.core.description.Id;
import methodos.core.finding.Finding;
import methodos.core.finding.Rule;
import methodos.core.finding.Severity;
import methodos.core.hazard.HazardRules;
import methodos.core.ledger.ClaimedUnits;
import methodos.core.ledger.LedgerThread;
import methodos.core.manual.Action;
import methodos.core.manual.Energy;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.PartUse;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.narration.Workspace;
import methodos.demo.DemoProject;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;

/** One fault in the demo manual is found where it is, and the sound manual has none. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class SeededDefectsTest {

    private static final int MANUALS = 300;

    /** As it is written for people who script. */
    private static final Map<Severity, Set<String>> SEVERITIES =
            Map.of(
                    Severity.HURT,
                    Set.of(
                            "restored too early",
                            "not isolated",
                            "too heavy",
                            "hazard missing",
                            "hazard late",
                            "not checked"),
                    Severity.BREAK,
                    Set.of(
                            "aid left",
                            "not refitted",
                            "too many fitted",
                            "not removed first",
                            "reused",
                            "not tightened",
                            "other size",
                            "not filled",
                            "not matched",
                            "never marked",
                            "marked too late",
                            "covered",
                            "way round untold",
                            "other place",
                            "other amount",
                            "values disagree",
                            "implausible torque",
                            "still tight"),
                    Severity.STOP,
                    Set.of(
                            "not restored",
                            "not reset",
                            "senseless",
                            "in no kit",
                            "no value",
                            "no variant",
                            "too many removed",
                            "cycle",
                            "no wrench",
                            "table with a hole",
                            "no way out",
                            "unanswerable",
                            "not found before",
                            "not loosened",
                            "never put there",
                            "no tool",
                            "too coarse",
                            "cannot be read",
                            "not listed",
                            "not chosen",
                            "thrown away"),
                    Severity.CONFUSE,
                    Set.of(
                            "language",
                            "names",
                            "coverage",
                            "order untold",
                            "counts differ",
                            "other units",
                            "figure"));

    private final Checks checks = new Checks(HazardRules.shipped());
    private Workspace workspace;
    private Manual sound;

    @BeforeAll
    void copy(@TempDir Path temp) throws Exception {
        Path folder = temp.resolve("demo.methodos");
        DemoProject.QA_80.copyTo(folder);
        workspace = ProjectFolder.read(folder);
        sound = workspace.manual();
    }

    private Checks.Result check(Manual manual) {
        return checks.of(workspace.with(manual));
    }

    @Test
    void everyRuleHasTheSeverityThatIsWrittenDown() {
        for (Rule rule : EnumSet.allOf(Rule.class)) {
            assertThat(SEVERITIES.get(rule.severity())).contains(rule.id());
        }
    }

    @Test
    void theSoundManualCouldOnlyConfuse() {
        assertThat(check(sound).grave()).isEmpty();
    }

    @Test
    void oneDefectIsFoundAtItsStep() {
        List<Defect> seeded = seeded();
        List<String> missed = new ArrayList<>();
        for (Defect defect : seeded) {
            List<Finding> grave = check(defect.manual()).grave();
            if (grave.stream().noneMatch(f -> finds(f, defect))) {
                missed.add(defect.kind() + " " + defect.subject() + " " + defect.steps() + grave);
            }
        }
        assertThat(seeded).hasSize(MANUALS);
        assertThat(missed).as("missed").hasSizeLessThanOrEqualTo(MANUALS * 3 / 100);
    }

    private static boolean finds(Finding finding, Defect defect) {
        return defect.rules().contains(finding.rule())
                && (defect.subject() == null || finding.subject().equals(defect.subject()))
                && (defect.steps().isEmpty()
                        || finding.steps().stream().anyMatch(defect.steps()::contains));
    }

    /** As many of each kind as there are, one after the other, until there are enough. */
    private List<Defect> seeded() {
        Random random = new Random(8);
        List<List<Defect>> kinds = new ArrayList<>();
        for (List<Defect> kind : Defects.of(sound).values()) {
            List<Defect> shuffled = new ArrayList<>(kind);
            Collections.shuffle(shuffled, random);
            kinds.add(shuffled);
        }
        List<Defect> all = new ArrayList<>();
        for (int round = 0; all.size() < MANUALS; round++) {
            for (List<Defect> kind : kinds) {
                if (round < kind.size() && all.size() < MANUALS) {
                    all.add(kind.get(round));
                }
            }
        }
        return all;
    }

    @Test
    void theLedgerClosesForEveryUnit() {
        Checks.Result result = check(sound);
        List<ClaimedUnits.Group> groups = result.ledger().groups();
        assertThat(groups).hasSize(4);
        for (ClaimedUnits.Group group : groups) {
            List<LedgerThread> threads = result.ledger().threads(group);
            assertThat(threads).hasSizeGreaterThan(30);
            assertThat(threads).allMatch(t -> t.closed().isPresent());
        }
    }

    @Test
    void leavingOutAnyRestoringActionIsFound() {
        int left = 0;
        for (Stage stage : sound.stages()) {
            for (Step step : stage.steps()) {
                for (Step without : withoutOneRestoring(step, stage.kind())) {
                    assertThat(check(sound.withStep(without)).grave())
                            .as("step " + step.id() + ": " + step.text())
                            .isNotEmpty();
                    left++;
                }
            }
        }
        for (Energy energy : sound.energies()) {
            for (Id<Step> step : energy.restoreSteps()) {
                List<Id<Step>> rest = new ArrayList<>(energy.restoreSteps());
                rest.remove(step);
                assertThat(check(sound.withEnergy(energy.withRestoreSteps(rest))).grave())
                        .isNotEmpty();
                left++;
            }
        }
        assertThat(left).isGreaterThan(50);
    }

    private static List<Step> withoutOneRestoring(Step step, Stage.Kind stage) {
        List<Step> all = new ArrayList<>();
        for (PartUse use : step.parts()) {
            if (use.in(stage) == PartUse.Handling.PUT_ON) {
                all.add(step.withParts(step.parts().stream().filter(u -> u != use).toList()));
            }
        }
        for (Action action : step.actions()) {
            if (action.verb() == Action.Verb.TAKE_AWAY || action.verb() == Action.Verb.MATCH) {
                all.add(
                        step.withActions(
                                step.actions().stream().filter(a -> a != action).toList()));
            }
        }
        for (Id<Joint> joint : step.joints()) {
            all.add(step.withJoints(step.joints().stream().filter(j -> !j.equals(joint)).toList()));
        }
        return all;
    }
}
