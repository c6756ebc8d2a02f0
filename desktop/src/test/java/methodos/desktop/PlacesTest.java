package methodos.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.manual.Part;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.StepNumbers;
import methodos.desktop.place.Place;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

class PlacesTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private static final Set<Place> HERE =
            Set.of(
                    Place.UNIT,
                    Place.FOOTAGE,
                    Place.STEPS,
                    Place.FIGURES,
                    Place.STORES,
                    Place.TORQUE,
                    Place.CHECKS,
                    Place.PUBLISH);

    @Test
    void everyControlIsNamedAndReachedByKeyboard(FxRobot robot) throws Exception {
        for (Place place : HERE) {
            show(robot, place);
            until(() -> window().ready());
            for (Node node :
                    robot.lookup(
                                    n ->
                                            n instanceof ButtonBase
                                                    || n instanceof TextInputControl
                                                    || n instanceof ComboBoxBase)
                            .queryAll()) {
                if (node.getStyleClass().contains("arrow-button")
                        || node.getParent() instanceof ComboBoxBase) {
                    continue;
                }
                assertThat(node.getId()).as("%s on %s", node, place).isNotBlank();
                assertThat(node.isFocusTraversable()).as("%s on %s", node.getId(), place).isTrue();
                String name = node.getAccessibleText();
                if (node instanceof ButtonBase b && b.getText() != null && !b.getText().isBlank()) {
                    name = b.getText();
                }
                assertThat(name).as("%s on %s", node.getId(), place).isNotBlank();
            }
        }
    }

    @Test
    void nothingIsCutOffAtTheSmallestWindow(FxRobot robot) throws Exception {
        for (Place place : HERE) {
            show(robot, place);
            until(() -> window().ready());
            for (Node node : robot.lookup(n -> n instanceof Label && n.isVisible()).queryAll()) {
                Label label = (Label) node;
                if (!label.getText().isEmpty()
                        && !label.isWrapText()
                        && label.getStyleClass().contains("section-head")) {
                    assertThat(label.getWidth())
                            .as("%s on %s", label.getText(), place)
                            .isGreaterThanOrEqualTo(label.prefWidth(-1) - 1);
                }
            }
        }
    }

    @Test
    void theKeyboardGoesFromPlaceToPlace(FxRobot robot) {
        robot.press(KeyCode.ALT, KeyCode.DIGIT1).release(KeyCode.DIGIT1, KeyCode.ALT);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(node(robot, "#place-UNIT", ToggleButton.class).isSelected()).isTrue();
        robot.press(KeyCode.ALT, KeyCode.DIGIT5).release(KeyCode.DIGIT5, KeyCode.ALT);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(node(robot, "#place-STORES", ToggleButton.class).isSelected()).isTrue();
    }

    @Test
    void theLensShowsOneUnit(FxRobot robot) throws Exception {
        int all = new StepNumbers(manual(), Sight.EVERYTHING).count();
        robot.clickOn("#lens");
        robot.clickOn("#lensSerial").write("2417").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(project.sight().get().serials()).isEqualTo(SerialRange.only(2417));
        assertThat(new StepNumbers(manual(), project.sight().get()).count()).isLessThan(all);
        show(robot, Place.STORES);
        robot.clickOn("#face-PARTS");
        TableView<?> parts = robot.lookup("#parts").queryTableView();
        Sight early = new Sight("QA-80 D", SerialRange.upTo(2199));
        robot.interact(() -> project.sight().set(early));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(parts.getItems()).noneMatch(p -> ((Part) p).name().equals("spring"));
    }

    @Test
    void theUnitIsChangedInPlace(FxRobot robot) {
        show(robot, Place.UNIT);
        fill(robot, "#unitName", "Actuator for valves");
        assertThat(manual().unit().name()).isEqualTo("Actuator for valves");
        robot.press(KeyCode.ALT, KeyCode.DIGIT3).release(KeyCode.DIGIT3, KeyCode.ALT);
        robot.press(KeyCode.CONTROL, KeyCode.Z).release(KeyCode.Z, KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().unit().name()).startsWith("Quarter-turn actuator");
    }

    @Test
    void aVariantIsAddedAndABadNumberIsNamed(FxRobot robot) {
        show(robot, Place.UNIT);
        int before = manual().variants().size();
        robot.clickOn("#variantModel").write("QA-80 X");
        robot.clickOn("#variantFrom").write("new");
        robot.clickOn("#addVariant");
        assertThat(manual().variants()).hasSize(before);
        robot.clickOn("#variantFrom")
                .press(KeyCode.CONTROL, KeyCode.A)
                .release(KeyCode.A, KeyCode.CONTROL)
                .write("3000");
        robot.clickOn("#addVariant");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().variants()).hasSize(before + 1);
        assertThat(manual().variants().get(before).serials()).isEqualTo(SerialRange.from(3000));
    }

    @Test
    void anOpenPointLeadsToItsPlace(FxRobot robot) throws Exception {
        show(robot, Place.CHECKS);
        until(() -> !robot.lookup("#elsewhere-TORQUE").queryAll().isEmpty());
        robot.clickOn("#elsewhere-TORQUE");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(node(robot, "#place-CHECKS", ToggleButton.class).isSelected()).isFalse();
    }

    @Test
    void changesAreKeptByThemselves(FxRobot robot) throws Exception {
        show(robot, Place.UNIT);
        fill(robot, "#unitInterval", "every two years");
        until(() -> node(robot, "#kept", Labeled.class).getText().startsWith("Saved ·"));
        assertThat(ProjectFolder.read(folder).manual().unit().interval())
                .isEqualTo("every two years");
    }
}
