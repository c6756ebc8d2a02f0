package methodos.desktop.stores;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.Labeled;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.description.Id;
import methodos.core.kit.StoreList;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Tool;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Tables that are typed into, pasted into, filled and sorted, in the real window. */
@SuppressWarnings("unchecked") // nodes are looked up by id, without the type of their rows
class StoreTablesTest extends StoresWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Test
    void aFieldThatIsClickedOnKeepsTheFocusWhenACellIsLeft(FxRobot robot) {
        TableView<Part> table = table(robot, "PARTS", "parts");
        focus(robot, table, 2, 9);
        robot.write("kept");
        robot.clickOn("#seek").write("cap");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().parts()).anyMatch(p -> p.note().equals("kept"));
        assertThat(node(robot, "#seek", TextField.class).getText()).isEqualTo("cap");
    }

    @Test
    void aCellIsTypedIntoAndWhatIsNotUnderstoodStaysThere(FxRobot robot) {
        TableView<Part> table = table(robot, "PARTS", "parts");
        Id<Part> id = table.getItems().get(2).id();
        focus(robot, table, 2, 4);
        robot.write("few").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(node(robot, "#message", Labeled.class).getText()).contains("“few”");
        assertThat(robot.lookup(".cell-field").queryTextInputControl().getText()).isEqualTo("few");
        assertThat(manual().part(id).orElseThrow().quantity()).isEqualTo(1);
        robot.type(KeyCode.BACK_SPACE, 3).write("3").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().part(id).orElseThrow().quantity()).isEqualTo(3);
        focus(robot, table, 2, 1);
        robot.type(KeyCode.F2).write("never kept").type(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().part(id).orElseThrow().name()).isEqualTo("right end cap");
    }

    @Test
    void rowsOfASpreadsheetArePastedAsOneChangeOrNotAtAll(FxRobot robot) {
        TableView<Part> table = table(robot, "PARTS", "parts");
        Manual before = manual();
        focus(robot, table, 0, 3);
        clipboard(robot, "A-1\t2\tinspect, then reuse\nA-2\t3\tnever\n");
        shortcut(robot, KeyCode.V);
        assertThat(node(robot, "#message", Labeled.class).getText())
                .startsWith("Nothing was pasted.");
        assertThat(manual()).isEqualTo(before);
        clipboard(robot, "A-1\t2\tinspect, then reuse\nA-2\t3\treplace\n");
        shortcut(robot, KeyCode.V);
        assertThat(manual().parts().get(1).number()).isEqualTo("A-2");
        assertThat(manual().parts().get(1).quantity()).isEqualTo(3);
        assertThat(manual().parts().get(1).reuse()).isEqualTo(ReuseRule.ALWAYS_NEW);
        shortcut(robot, KeyCode.Z);
        assertThat(manual()).isEqualTo(before);
    }

    @Test
    void aValueIsFilledDown(FxRobot robot) {
        TableView<Part> table = table(robot, "PARTS", "parts");
        focus(robot, table, 0, 9);
        robot.write("from the new maker").type(KeyCode.ENTER);
        robot.interact(
                () ->
                        table.getSelectionModel()
                                .selectRange(
                                        0,
                                        table.getColumns().get(9),
                                        3,
                                        table.getColumns().get(9)));
        shortcut(robot, KeyCode.D);
        assertThat(manual().parts().subList(0, 4))
                .allMatch(p -> p.note().equals("from the new maker"));
        shortcut(robot, KeyCode.C);
        String[] copied = new String[1];
        robot.interact(() -> copied[0] = Clipboard.getSystemClipboard().getString());
        assertThat(copied[0].lines().toList()).hasSize(4);
    }

    @Test
    void rowsAreSortedAsPeopleCount(FxRobot robot) {
        TableView<Part> table = table(robot, "PARTS", "parts");
        robot.interact(() -> table.getSortOrder().add(table.getColumns().get(0)));
        List<String> items = table.getItems().stream().map(Part::item).toList();
        assertThat(items).startsWith("1", "2", "3", "4", "7", "9", "11");
    }

    @Test
    void whatAKitHoldsIsTypedAndDecidesWhatIsOrdered(FxRobot robot) {
        TableView<Part> table = table(robot, "KITS", "kits");
        int ring = table.getItems().indexOf(part("25"));
        focus(robot, table, ring, 5);
        robot.type(KeyCode.DELETE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(row("25").extra()).isEqualTo(StoreList.Extra.ORDER);
        assertThat(
                        robot.lookup("#order .label").queryAllAs(Labeled.class).stream()
                                .map(Labeled::getText))
                .contains("in no kit");
        fill(robot, "#newPart", "QA80-K3");
        laidOut(robot);
        TableView<Part> wider = node(robot, "#kits", TableView.class);
        assertThat(wider.getColumns()).hasSize(7);
        focus(robot, wider, ring, 6);
        robot.write("1").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(row("25").extra()).isEqualTo(StoreList.Extra.NO);
    }

    @Test
    void aToolHasAnotherInItsPlaceAndAReason(FxRobot robot) {
        TableView<Tool> table = table(robot, "TOOLS", "tools");
        focus(robot, table, 0, 4);
        robot.write("paint marker").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        focus(robot, table, 0, 5);
        robot.write("it is at hand").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        Tool key = manual().tools().get(0);
        assertThat(manual().tool(key.instead().tool()).orElseThrow().name())
                .isEqualTo("paint marker");
        assertThat(key.instead().reason()).isEqualTo("it is at hand");
        fill(robot, "#newPart", "depth gauge");
        assertThat(manual().tools()).anyMatch(t -> t.name().equals("depth gauge"));
        TableView<?> consumables = table(robot, "CONSUMABLES", "consumables");
        focus(robot, consumables, 0, 2);
        robot.write("5 g").type(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(manual().consumables().get(0).amount()).isEqualTo("5 g");
    }
}
