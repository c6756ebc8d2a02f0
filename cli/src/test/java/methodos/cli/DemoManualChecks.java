package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Evidence;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.Point;
import methodos.core.narration.Workspace;
import methodos.demo.DemoProject;
import methodos.files.project.KeptPictures;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;

/** What holds for every demo manual: it is whole, and every reference in it leads somewhere. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class DemoManualChecks {

    private final DemoProject demo;
    protected Path folder;
    protected Workspace workspace;
    protected Manual manual;

    DemoManualChecks(DemoProject demo) {
        this.demo = demo;
    }

    @BeforeAll
    void copy(@TempDir Path temp) throws Exception {
        folder = temp.resolve("demo.methodos");
        demo.copyTo(folder);
        workspace = ProjectFolder.read(folder);
        manual = workspace.manual();
    }

    @Test
    void idsAreUnique() {
        List<String> ids = new ArrayList<>();
        manual.stages().forEach(s -> ids.add(s.id().text()));
        manual.steps().forEach(s -> ids.add(s.id().text()));
        manual.parts().forEach(p -> ids.add(p.id().text()));
        manual.tools().forEach(t -> ids.add(t.id().text()));
        manual.kits().forEach(k -> ids.add(k.id().text()));
        manual.clips().forEach(c -> ids.add(c.id().text()));
        manual.variants().forEach(v -> ids.add(v.id().text()));
        manual.joints().forEach(j -> ids.add(j.id().text()));
        manual.figures().forEach(f -> ids.add(f.id().text()));
        manual.figures().forEach(f -> f.marks().forEach(m -> ids.add(m.id().text())));
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
                            step.consumableIds()
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
        Set<Id<Part>> used = new HashSet<>();
        manual.steps().forEach(s -> s.parts().forEach(p -> used.add(p.part())));
        assertThat(manual.parts()).allSatisfy(p -> assertThat(used).as(p.name()).contains(p.id()));
    }

    @Test
    void marksLieOnTheirPictures() {
        for (Figure figure : manual.figures()) {
            for (Mark mark : figure.marks()) {
                mark.points().forEach(p -> onPicture(p, figure));
                if (mark instanceof Mark.OfPart of) {
                    assertThat(manual.part(of.part())).as(figure.title()).isPresent();
                } else if (mark instanceof Mark.ScrewOrder order) {
                    assertThat(order.screws()).hasSizeGreaterThan(1);
                }
            }
        }
    }

    private static void onPicture(Point p, Figure figure) {
        assertThat(p.x()).as(figure.title()).isBetween(0.0, 1.0);
        assertThat(p.y()).as(figure.title()).isBetween(0.0, 1.0);
    }

    @Test
    void everyFigureHasItsPictureAndMarks() throws Exception {
        KeptPictures kept = new KeptPictures(folder);
        for (Figure figure : manual.figures()) {
            assertThat(kept.still(figure.picture())).as(figure.title()).isPresent();
            assertThat(
                            manual.steps().anyMatch(s -> s.figures().contains(figure.id()))
                                    || manual.figures().stream()
                                            .anyMatch(f -> f.beside().contains(figure.id())))
                    .as(figure.title())
                    .isTrue();
        }
    }
}
