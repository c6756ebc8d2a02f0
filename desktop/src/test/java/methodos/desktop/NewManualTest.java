package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Step;
import methodos.core.manual.Value;
import methodos.demo.DemoProject;
import methodos.desktop.control.FileChoice;
import methodos.desktop.place.Place;
import methodos.files.project.ProjectFolder;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/**
 * From one clip and its captions to a printed manual, through the real window: nothing else is
 * there at the beginning, and every click and key is counted.
 */
class NewManualTest extends RealWindow {

    private static final int STEPS = 15;
    private static final int MOST_TOUCHES = 4;

    private static final String PARTS =
            """
            Item;Part no.;Description;Size;Qty;Renew
            3;HV-80-1103;end cap;;2;inspect
            7;HV-06-2508;cap screw;M6 × 25;8;inspect
            9;HV-80-1209;spring;;10;inspect
            11;HV-80-3011;O-ring;80 × 2.5;2;new
            12;HV-80-1212;piston;;2;inspect
            14;HV-80-3014;guide band;;2;new
            20;HV-80-1220;pinion;;1;inspect
            23;HV-80-3123;thrust washer;2.30;1;inspect
            25;HV-48-1472;snap ring;48;1;new
            29;HV-05-1629;air plate screw;M5 × 16;4;inspect
            """;

    private static final String KITS =
            """
            Kit;Kit name;Item;Qty
            QA80-K1;seal kit;11;2
            ;;14;2
            """;

    private Path shelf;
    private final List<Path> chosen = new ArrayList<>();
    private int touches;

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
        stage.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> touches++);
        stage.addEventFilter(
                KeyEvent.KEY_PRESSED, e -> touches += e.getCode().isModifierKey() ? 0 : 1);
    }

    /** A clip of the demo on a shelf of its own, with its captions; the manual is empty. */
    @Override
    protected void prepare(Path target) throws Exception {
        Path demo = target.resolveSibling("demo.methodos");
        DemoProject.QA_80.copyTo(demo);
        shelf = Files.createDirectories(target.resolveSibling("shelf"));
        try (ProjectFolder folder = ProjectFolder.open(demo)) {
            Clip clip =
                    folder.workspace().manual().clips().stream()
                            .filter(c -> c.path().contains("build-up"))
                            .findFirst()
                            .orElseThrow();
            Files.copy(folder.clipFile(clip), shelf.resolve("build-up.mp4"));
            Files.copy(
                    demo.resolve("captions/" + clip.captions() + ".vtt"),
                    shelf.resolve("build-up.vtt"));
        }
        Files.writeString(shelf.resolve("parts.csv"), PARTS);
        Files.writeString(shelf.resolve("kits.csv"), KITS);
        ProjectFolder.create(target, Manual.titled("Build-up of the QA-80")).close();
    }

    @Override
    protected FileChoice files() {
        return new FileChoice() {
            @Override
            public List<Path> open(Node at, String title, boolean many) {
                return List.of(chosen.remove(0));
            }

            @Override
            public Optional<Path> save(Node at, String title, String... endings) {
                return Optional.empty();
            }

            @Override
            public Optional<Path> folder(Node at, String title) {
                return Optional.of(chosen.remove(0));
            }
        };
    }

    @Test
    void fromOneClipToAPrintedManual(FxRobot robot) throws Exception {
        bringFootage(robot);
        bringLists(robot);
        draft(robot);
        List<Integer> perStep = settle(robot);
        int more = figures(robot);
        torques(robot);
        Path pdf = publish(robot);

        List<Step> settled = settled();
        assertThat(settled).hasSizeGreaterThanOrEqualTo(STEPS);
        assertThat(settled).allMatch(s -> !s.figures().isEmpty());
        assertThat(settled).allMatch(s -> !s.evidence().isEmpty());
        List<Integer> sorted = perStep.stream().sorted().toList();
        int median = sorted.get(sorted.size() / 2);
        System.out.printf(
                "%d steps settled, clicks and keys for each: median %d, most %d; %d more for figures;"
                        + " %d in all from nothing to the PDF%n",
                settled.size(), median, sorted.get(sorted.size() - 1), more, touches);
        assertThat(median).isLessThanOrEqualTo(MOST_TOUCHES);
        try (var document = Loader.loadPDF(pdf.toFile())) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text).contains("Build-up of the QA-80", "QA80-K1", "O-ring", "7 to 8.5");
        }
        Manual expected = manual();
        close(robot);
        assertThat(ProjectFolder.read(folder).manual()).isEqualTo(expected);
    }

    private List<Step> settled() {
        return manual().steps().filter(Step::accepted).toList();
    }

    private void bringFootage(FxRobot robot) throws Exception {
        show(robot, Place.FOOTAGE);
        laidOut(robot);
        chosen.add(shelf.resolve("build-up.mp4"));
        robot.clickOn("#bringFootage");
        until(() -> manual().clips().size() == 1);
        Id<Clip> clip = manual().clips().get(0).id();
        laidOut(robot);
        chosen.add(shelf.resolve("build-up.vtt"));
        robot.clickOn("#captions-" + clip);
        until(() -> !project.workspace().get().captions(clip).captions().isEmpty());
        until(() -> project.workspace().get().scan(clip).isPresent());
    }

    private void bringLists(FxRobot robot) throws Exception {
        show(robot, Place.STORES);
        for (String list : List.of("parts.csv", "kits.csv")) {
            inView(robot, "#importList");
            chosen.add(shelf.resolve(list));
            robot.clickOn("#importList");
            until(() -> robot.lookup("#takeSheet").tryQuery().isPresent());
            laidOut(robot);
            robot.clickOn("#takeSheet");
            WaitForAsyncUtils.waitForFxEvents();
        }
        assertThat(manual().parts()).extracting(Part::item).contains("3", "29");
        assertThat(manual().kits())
                .singleElement()
                .satisfies(k -> assertThat(k.contents()).hasSize(2));
    }

    private void draft(FxRobot robot) throws Exception {
        show(robot, Place.STEPS);
        laidOut(robot);
        Node seam = robot.lookup("#seam").query();
        Bounds b = seam.localToScreen(seam.getBoundsInLocal());
        robot.clickOn(b.getMinX() + 100, b.getMinY() + 200);
        robot.type(KeyCode.D);
        until(() -> manual().steps().count() > STEPS);
    }

    /** One by one: what is an instruction is agreed to, what has no words of its own set aside. */
    private List<Integer> settle(FxRobot robot) {
        List<Integer> perStep = new ArrayList<>();
        int before = touches;
        while (manual().steps().anyMatch(s -> !s.accepted())) {
            Step step = manual().step(window().seamState().step().get()).orElseThrow();
            boolean instruction = step.text().split(" ").length > 2;
            robot.type(instruction ? KeyCode.A : KeyCode.X);
            WaitForAsyncUtils.waitForFxEvents();
            if (instruction) {
                assertThat(manual().step(step.id()).orElseThrow().accepted()).isTrue();
                perStep.add(touches - before);
                before = touches;
            }
        }
        return perStep;
    }

    /** Steps for which no still was proposed get the one that is in view. */
    private int figures(FxRobot robot) throws Exception {
        int before = touches;
        until(() -> window().ready());
        for (Step step : settled()) {
            if (manual().step(step.id()).orElseThrow().figures().isEmpty()) {
                robot.interact(() -> window().chooseStep(step.id()));
                robot.type(KeyCode.K);
                until(() -> !manual().step(step.id()).orElseThrow().figures().isEmpty());
            }
        }
        return touches - before;
    }

    /** Each joint that was heard has its value; one gets its class and state. */
    private void torques(FxRobot robot) {
        show(robot, Place.TORQUE);
        laidOut(robot);
        List<Joint> joints = manual().joints();
        assertThat(joints).isNotEmpty();
        Joint cap =
                joints.stream()
                        .filter(j -> j.torque().known().isPresent() && j.second() != null)
                        .findFirst()
                        .orElseThrow();
        assertThat(((Value.Known) cap.torque()).accepted()).isTrue();
        robot.clickOn("#torque-" + cap.id());
        fill(robot, "#jointClass", "8.8");
        fill(robot, "#jointCondition", "oiled");
        assertThat(manual().joint(cap.id()).orElseThrow().propertyClass()).isEqualTo("8.8");
    }

    private Path publish(FxRobot robot) throws Exception {
        show(robot, Place.PUBLISH);
        laidOut(robot);
        Path out = folder.resolveSibling("printed");
        chosen.add(out);
        robot.clickOn("#publishChoose");
        robot.clickOn("#publish");
        until(() -> !robot.lookup("#published").queryAs(Label.class).getText().isEmpty());
        return out.resolve("manual.pdf");
    }
}
