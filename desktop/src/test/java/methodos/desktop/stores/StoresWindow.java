package methodos.desktop.stores;

import javafx.scene.control.Button;
import javafx.scene.control.ListView;
import javafx.scene.control.TableView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import methodos.core.description.Id;
import methodos.core.kit.StoreList;
import methodos.core.manual.Part;
import methodos.core.manual.Sight;
import methodos.core.practice.PractisedManual;
import methodos.desktop.RealWindow;
import methodos.desktop.place.Place;
import org.junit.jupiter.api.BeforeEach;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** The place Stores in the real window, with what its tests do in it. */
@SuppressWarnings("unchecked") // nodes are looked up by id, without the type of their rows
abstract class StoresWindow extends RealWindow {

    @BeforeEach
    void go(FxRobot robot) {
        show(robot, Place.STORES);
        laidOut(robot);
    }

    protected Part part(String item) {
        return manual().parts().stream()
                .filter(p -> p.item().equals(item))
                .findFirst()
                .orElseThrow();
    }

    protected StoreList.PartRow row(String item) {
        return StoreList.of(PractisedManual.of(manual()), Sight.EVERYTHING).parts().stream()
                .filter(r -> r.part().item().equals(item))
                .findFirst()
                .orElseThrow();
    }

    protected void choose(FxRobot robot, Id<?> id) {
        ListView<StoreRow> lines = node(robot, "#stores", ListView.class);
        robot.interact(
                () -> {
                    for (int i = 0; i < lines.getItems().size(); i++) {
                        if (lines.getItems().get(i).id().equals(id.text())) {
                            lines.requestFocus();
                            lines.getSelectionModel().select(i - 1);
                            lines.getFocusModel().focus(i - 1);
                            lines.scrollTo(Math.max(0, i - 4));
                        }
                    }
                });
        robot.type(KeyCode.DOWN);
        WaitForAsyncUtils.waitForFxEvents();
        laidOut(robot);
    }

    protected <T> TableView<T> table(FxRobot robot, String face, String id) {
        robot.clickOn("#face-" + face);
        laidOut(robot);
        @SuppressWarnings("unchecked")
        TableView<T> table = robot.lookup("#" + id).queryAs(TableView.class);
        return table;
    }

    protected static <T> void focus(FxRobot robot, TableView<T> table, int row, int column) {
        robot.interact(
                () -> {
                    table.requestFocus();
                    table.getSelectionModel().clearAndSelect(row, table.getColumns().get(column));
                    table.getFocusModel().focus(row, table.getColumns().get(column));
                });
    }

    protected static void clipboard(FxRobot robot, String text) {
        robot.interact(
                () -> {
                    ClipboardContent content = new ClipboardContent();
                    content.putString(text);
                    Clipboard.getSystemClipboard().setContent(content);
                });
    }

    protected static void shortcut(FxRobot robot, KeyCode code) {
        robot.press(KeyCode.CONTROL).type(code).release(KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
    }

    protected void fire(FxRobot robot, String id) {
        laidOut(robot);
        robot.interact(() -> ((Button) robot.lookup(id).query()).fire());
        WaitForAsyncUtils.waitForFxEvents();
    }
}
