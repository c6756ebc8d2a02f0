package methodos.desktop.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import methodos.core.bench.BenchRun;
import methodos.core.bench.Deed;
import methodos.core.bench.Entry;
import methodos.core.bench.Slips;
import methodos.core.bench.Technician;
import methodos.core.manual.Manual;
import methodos.core.plan.StepTimes;
import methodos.demo.DemoProject;
import methodos.desktop.RealWindow;
import methodos.desktop.control.FileChoice;
import methodos.desktop.place.Place;
import methodos.files.bench.RunFolder;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** What earlier runs left, as the place shows it. */
class BenchPlaceTest extends RealWindow {

    private static final int RUNS = 6;

    private Path written;

    @Start
    void start(Stage window) throws Exception {
        open(window);
    }

    @Override
    protected void prepare(Path target) throws Exception {
        DemoProject.SG_5.copyTo(target);
        Manual manual = ProjectFolder.read(target).manual();
        for (int i = 0; i < RUNS; i++) {
            Instant day = Instant.parse("2026-03-02T07:00:00Z").plusSeconds(86_400L * i);
            Entry begun =
                    new Entry(
                            day,
                            "T. Ester",
                            new Deed.Begun(
                                    "SG-5", "SG10" + (10 + i), null, null, manual.title(), "", ""));
            try (RunFolder folder =
                    RunFolder.begin(
                            RunFolder.of(target).resolve("2026-03-0" + (2 + i)), manual, begun)) {
                BenchRun run = folder.run();
                if (i == 0) {
                    fetched(folder, day);
                    folder.add(
                            new Entry(
                                    day.plusSeconds(200),
                                    "T. Ester",
                                    new Deed.Noted(
                                            run.here().orElseThrow().visit(),
                                            Deed.Remark.UNCLEAR,
                                            "Which guide?",
                                            "")));
                }
                new Technician(
                                "T. Ester",
                                new Slips(0, 0, 0.4, 0, 0, 0),
                                new StepTimes(run.work().manual(), run.work().sight()),
                                i)
                        .work(
                                run,
                                null,
                                day.plusSeconds(300),
                                e -> {
                                    try {
                                        folder.append(e);
                                    } catch (ProjectProblem problem) {
                                        throw new IllegalStateException(problem);
                                    }
                                });
            }
        }
    }

    private static void fetched(RunFolder folder, Instant day) throws ProjectProblem {
        while (folder.run().state() == BenchRun.State.FETCHING) {
            String key =
                    ((methodos.core.bench.Task.Fetch) folder.run().tasks().get(0)).thing().key();
            folder.add(new Entry(day.plusSeconds(100), "T. Ester", new Deed.Fetched(key, "")));
        }
    }

    @Override
    protected FileChoice files() {
        return new FileChoice() {
            @Override
            public List<Path> open(Node at, String title, boolean many) {
                return List.of();
            }

            @Override
            public Optional<Path> save(Node at, String title, String... endings) {
                written = folder.resolveSibling("record." + endings[0]);
                return Optional.of(written);
            }

            @Override
            public Optional<Path> folder(Node at, String title) {
                return Optional.empty();
            }
        };
    }

    private static String text(FxRobot robot, String query) {
        return robot.lookup(query).tryQueryAs(Label.class).map(Label::getText).orElse("");
    }

    @Test
    void whatUnitsShowIsSeenAndTheirRecordsAreWritten(FxRobot robot) throws Exception {
        show(robot, Place.BENCH);
        until(() -> window().ready());
        until(() -> robot.lookup(".run-card").queryAll().size() == RUNS);
        until(() -> robot.lookup("#runsDrawing").tryQuery().isPresent());
        assertThat(robot.lookup("#runsDrawing").query().getAccessibleText())
                .contains(RUNS + " units, limit");
        until(() -> text(robot, "#message").isEmpty());
        until(
                () ->
                        project.openPoints().get().stream()
                                .anyMatch(p -> p.key().equals("open.bench.UNCLEAR")));
        until(
                () ->
                        robot.lookup(n -> String.valueOf(n.getId()).startsWith("lesson-"))
                                .tryQuery()
                                .isPresent());
        for (String ending : List.of("pdf", "csv", "json")) {
            inView(robot, "#record-" + ending + "-2026-03-04");
            robot.clickOn("#record-" + ending + "-2026-03-04");
            until(() -> text(robot, "#message").contains("record." + ending));
            assertThat(Files.size(written)).isGreaterThan(500);
        }
        assertThat(Files.readString(written)).contains("\"seal\"", "SG1012");
        Path record = RunFolder.list(folder).get(0).resolve("record.log");
        Files.writeString(record, Files.readString(record).replace("T. Ester", "T. Exter"));
        show(robot, Place.TIME);
        until(() -> window().ready());
        assertThat(project.workspace().get().runs()).hasSize(RUNS);
    }

    @Test
    void whatTheBenchCallsUnclearLeadsToItsStep(FxRobot robot) throws Exception {
        show(robot, Place.BENCH);
        until(() -> window().ready());
        until(() -> robot.lookup(".run-card").queryAll().size() == RUNS);
        until(
                () ->
                        robot.lookup(n -> String.valueOf(n.getId()).startsWith("lesson-"))
                                .tryQuery()
                                .isPresent());
        Node lesson = robot.lookup(n -> String.valueOf(n.getId()).startsWith("lesson-")).query();
        String step = lesson.getId().substring("lesson-".length());
        inView(robot, "#" + lesson.getId());
        robot.clickOn("#" + lesson.getId());
        until(() -> window().view().place().equals(Place.STEPS.name()));
        assertThat(window().view().step()).isEqualTo(step);
    }
}
