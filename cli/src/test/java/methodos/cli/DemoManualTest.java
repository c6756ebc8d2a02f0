package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import methodos.core.check.OpenPoint;
import methodos.core.check.OpenPoints;
import methodos.core.manual.Clip;
import methodos.core.manual.Evidence;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Variant;
import methodos.core.narration.Workspace;
import methodos.demo.DemoProject;
import methodos.files.project.Digest;
import methodos.files.project.KeptPictures;
import methodos.files.project.ProjectFolder;
import methodos.footage.Recording;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The demo is somebody's real job: whole, and every reference in it leads somewhere. */
class DemoManualTest {

    @TempDir private static Path temp;
    private static Path folder;
    private static Workspace workspace;
    private static Manual manual;

    @BeforeAll
    static void copy() throws Exception {
        folder = temp.resolve("demo.methodos");
        DemoProject.QA_80.copyTo(folder);
        workspace = ProjectFolder.read(folder);
        manual = workspace.manual();
    }

    @Test
    void itIsAWholeInstruction() {
        assertThat(manual.steps().count()).isBetween(60L, 90L);
        assertThat(manual.stages()).extracting(Stage::kind).containsExactly(Stage.Kind.values());
        assertThat(manual.stages()).allSatisfy(s -> assertThat(s.steps()).isNotEmpty());
        assertThat(manual.figures()).hasSizeGreaterThanOrEqualTo(25);
        assertThat(manual.variants()).hasSize(4);
        assertThat(manual.kits()).hasSize(2);
    }

    @Test
    void idsAreUnique() {
        List<String> ids = new ArrayList<>();
        manual.stages().forEach(s -> ids.add(s.id()));
        manual.steps().forEach(s -> ids.add(s.id()));
        manual.parts().forEach(p -> ids.add(p.id()));
        manual.tools().forEach(t -> ids.add(t.id()));
        manual.kits().forEach(k -> ids.add(k.id()));
        manual.clips().forEach(c -> ids.add(c.id()));
        manual.variants().forEach(v -> ids.add(v.id()));
        manual.joints().forEach(j -> ids.add(j.id()));
        manual.figures().forEach(f -> ids.add(f.id()));
        manual.figures().forEach(f -> f.marks().forEach(m -> ids.add(m.id())));
        assertThat(new HashSet<>(ids)).hasSameSizeAs(ids);
        assertThat(ids)
                .allSatisfy(
                        id ->
                                assertThat(Long.parseLong(id.replaceAll("\\D", "")))
                                        .isLessThanOrEqualTo(manual.lastId()));
    }

    @Test
    void everythingThatAStepNamesIsThere() {
        manual.steps()
                .forEach(
                        step -> {
                            step.parts()
                                    .forEach(
                                            p ->
                                                    assertThat(manual.part(p.part()))
                                                            .as(step.text())
                                                            .isPresent());
                            step.tools()
                                    .forEach(
                                            t ->
                                                    assertThat(manual.tool(t))
                                                            .as(step.text())
                                                            .isPresent());
                            step.consumables()
                                    .forEach(
                                            c ->
                                                    assertThat(manual.consumable(c))
                                                            .as(step.text())
                                                            .isPresent());
                            step.joints()
                                    .forEach(
                                            j ->
                                                    assertThat(manual.joint(j))
                                                            .as(step.text())
                                                            .isPresent());
                            step.figures()
                                    .forEach(
                                            f ->
                                                    assertThat(manual.figure(f))
                                                            .as(step.text())
                                                            .isPresent());
                            step.spans()
                                    .forEach(
                                            s ->
                                                    assertThat(manual.clip(s.clip()))
                                                            .as(step.text())
                                                            .isPresent());
                            step.readings()
                                    .forEach(
                                            r ->
                                                    assertThat(
                                                                    r.tool() == null
                                                                            || manual.tool(r.tool())
                                                                                    .isPresent())
                                                            .as(step.text())
                                                            .isTrue());
                        });
        manual.energies()
                .forEach(
                        e -> {
                            e.safeSteps()
                                    .forEach(
                                            s ->
                                                    assertThat(manual.step(s))
                                                            .as(e.name())
                                                            .isPresent());
                            e.restoreSteps()
                                    .forEach(
                                            s ->
                                                    assertThat(manual.step(s))
                                                            .as(e.name())
                                                            .isPresent());
                        });
        manual.kits()
                .forEach(
                        k ->
                                k.contents()
                                        .forEach(
                                                c ->
                                                        assertThat(manual.part(c.part()))
                                                                .isPresent()));
    }

    @Test
    void everyStepLeadsBackToSomething() {
        assertThat(manual.steps())
                .allSatisfy(s -> assertThat(s.evidence()).as(s.text()).isNotEmpty());
        manual.steps()
                .flatMap(s -> s.evidence().stream())
                .filter(e -> e instanceof Evidence.Recorded)
                .map(e -> ((Evidence.Recorded) e).span())
                .forEach(
                        span -> {
                            Clip clip = manual.clip(span.clip()).orElseThrow();
                            assertThat(span.end()).isLessThanOrEqualTo(clip.duration() + 0.01);
                        });
    }

    @Test
    void everyPartOfTheListIsUsed() {
        Set<String> used = new HashSet<>();
        manual.steps().forEach(s -> s.parts().forEach(p -> used.add(p.part())));
        assertThat(manual.parts()).allSatisfy(p -> assertThat(used).as(p.name()).contains(p.id()));
    }

    @Test
    void everyVariantHasItsSteps() {
        for (Variant variant : manual.variants()) {
            long shown =
                    manual.steps()
                            .filter(s -> s.applicability().concerns(Sight.of(variant)))
                            .count();
            assertThat(shown).as(variant.build()).isBetween(50L, manual.steps().count() - 1);
        }
    }

    @Test
    void theFootageIsTheOneThatIsNamed() throws Exception {
        for (Clip clip : manual.clips()) {
            Path file = folder.resolve(clip.path());
            assertThat(Files.size(file)).isEqualTo(clip.size());
            assertThat(Digest.of(file)).isEqualTo(clip.digest());
            assertThat(workspace.captions(clip.id()).captions()).isNotEmpty();
        }
    }

    @Test
    void everyFigureIsTheStillThatItSays() throws Exception {
        KeptPictures kept = new KeptPictures(folder);
        for (Clip clip : manual.clips()) {
            try (Recording recording = Recording.open(folder.resolve(clip.path()))) {
                for (Figure figure : manual.figures()) {
                    if (figure.still().clip().equals(clip.id())) {
                        BufferedImage taken = recording.still(figure.still().time()).picture();
                        assertThat(same(kept.still(figure.picture()).orElseThrow(), taken))
                                .as(figure.title())
                                .isTrue();
                    }
                }
            }
        }
    }

    private static boolean same(BufferedImage a, BufferedImage b) {
        for (int y = 0; y < a.getHeight(); y += 9) {
            for (int x = 0; x < a.getWidth(); x += 9) {
                for (int shift = 0; shift <= 16; shift += 8) {
                    int apart = (a.getRGB(x, y) >> shift & 255) - (b.getRGB(x, y) >> shift & 255);
                    if (Math.abs(apart) > 3) {
                        return false;
                    }
                }
            }
        }
        return a.getWidth() == b.getWidth() && a.getHeight() == b.getHeight();
    }

    @Test
    void calloutsLieOnTheirPictures() {
        for (Figure figure : manual.figures()) {
            for (Mark mark : figure.marks()) {
                Mark.Callout c = (Mark.Callout) mark;
                assertThat(c.target().x()).as(figure.title()).isBetween(0.0, 1.0);
                assertThat(c.target().y()).as(figure.title()).isBetween(0.0, 1.0);
                assertThat(manual.part(c.part())).as(figure.title()).isPresent();
            }
        }
    }

    @Test
    void whatIsOpenIsOnlyWhatTheDataSheetHolds() {
        List<OpenPoint> open = OpenPoints.of(workspace, Sight.EVERYTHING);
        assertThat(open)
                .extracting(OpenPoint::key)
                .allMatch(k -> k.equals("open.limit") || k.equals("open.torque"));
        assertThat(open).hasSize(3);
    }

    @Test
    void hazardsStandWhereEnergyIsMet() {
        List<Step> springs =
                manual.steps()
                        .filter(
                                s ->
                                        s.text().contains("Loosen the four cap screws")
                                                && !s.applicability()
                                                        .concerns(new Sight("QA-80 D", null)))
                        .toList();
        assertThat(springs).isNotEmpty().allSatisfy(s -> assertThat(s.hazards()).isNotEmpty());
    }
}
