package methodos.cli.defects;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import methodos.core.check.Checks;
import methodos.core.dryrun.DryRun;
import methodos.core.finding.Finding;
import methodos.core.hazard.HazardRules;
import methodos.core.manual.Manual;
import methodos.core.narration.Workspace;
import methodos.core.practice.PractisedManual;
import methodos.demo.DemoProject;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;

/** What would make a newcomer stumble is put into the demos one by one, and found where it is. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class DryRunDefectsTest {

    private static final int MANUALS = 300;
    private static final int KINDS = 30;
    private static final int FOUND = 294;

    private record Seeded(Workspace of, Defect defect) {}

    private final Checks checks = new Checks(HazardRules.shipped());
    private final Map<DemoProject, Workspace> demos = new LinkedHashMap<>();

    @BeforeAll
    void copy(@TempDir Path temp) throws Exception {
        for (DemoProject demo : DemoProject.values()) {
            Path folder = temp.resolve(demo.name());
            demo.copyTo(folder);
            demos.put(demo, ProjectFolder.read(folder));
        }
    }

    @Test
    void nobodyStumblesInTheDemos() {
        for (Workspace demo : demos.values()) {
            assertThat(new DryRun().of(PractisedManual.of(demo.manual()))).isEmpty();
        }
    }

    @Test
    void eachStumbleIsFoundAtItsStep() {
        List<Seeded> seeded = seeded();
        Set<String> kinds = new HashSet<>();
        List<String> missed = new ArrayList<>();
        for (Seeded s : seeded) {
            Defect defect = s.defect();
            kinds.add(defect.kind());
            List<Finding> found = checks.of(s.of().with(defect.manual())).findings();
            if (found.stream().noneMatch(f -> finds(f, defect))) {
                missed.add(defect.kind() + " " + defect.steps());
            }
        }
        assertThat(seeded).hasSize(MANUALS);
        System.out.printf(
                "%d of %d found, %d kinds%n", MANUALS - missed.size(), MANUALS, kinds.size());
        assertThat(kinds).hasSizeGreaterThanOrEqualTo(KINDS);
        assertThat(MANUALS - missed.size()).as("%s", missed).isGreaterThanOrEqualTo(FOUND);
    }

    private static boolean finds(Finding finding, Defect defect) {
        return defect.rules().contains(finding.rule())
                && finding.steps().stream().anyMatch(defect.steps()::contains);
    }

    /** As many of each kind as there are, from all demos, one after the other. */
    private List<Seeded> seeded() {
        Map<String, List<Seeded>> kinds = new LinkedHashMap<>();
        demos.forEach(
                (demo, workspace) -> {
                    Manual sound = workspace.manual();
                    DryRunDefects.of(sound)
                            .forEach(
                                    (kind, defects) ->
                                            defects.forEach(
                                                    d ->
                                                            kinds.computeIfAbsent(
                                                                            kind,
                                                                            k -> new ArrayList<>())
                                                                    .add(
                                                                            new Seeded(
                                                                                    workspace,
                                                                                    d))));
                });
        Random random = new Random(24);
        kinds.values().forEach(k -> Collections.shuffle(k, random));
        List<Seeded> all = new ArrayList<>();
        for (int round = 0; all.size() < MANUALS; round++) {
            for (List<Seeded> kind : kinds.values()) {
                if (round < kind.size() && all.size() < MANUALS) {
                    all.add(kind.get(round));
                }
            }
        }
        return all;
    }
}
