package methodos.desktop.stores;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import methodos.core.check.OpenPoint;
import methodos.core.manual.Manual;
import methodos.core.sheet.Field;
import methodos.desktop.control.FileChoice;
import methodos.desktop.theme.Theme;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Lists that are brought in, in the real window. */
@SuppressWarnings("unchecked") // nodes are looked up by id, without the type of their rows
class StoreListsTest extends StoresWindow {

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Test
    void theColumnsOfAListArePutRightBeforeAnythingIsTakenIn(FxRobot robot) {
        Manual before = manual();
        clipboard(robot, "Pos.\tBenennung\tpieces\n98\tdrain plug\t2\n7\tcap screw\t8\n");
        robot.clickOn("#pasteList");
        laidOut(robot);
        assertThat(node(robot, "#takeSheet", Node.class).isDisabled()).isTrue();
        assertThat(texts(robot)).anyMatch(t -> t.contains("No column is called"));
        ComboBox<Field> column = node(robot, "#column-1", ComboBox.class);
        robot.interact(
                () ->
                        column.setValue(
                                column.getItems().stream()
                                        .filter(f -> f != null && f.key().equals("name"))
                                        .findFirst()
                                        .orElseThrow()));
        laidOut(robot);
        assertThat(texts(robot)).anyMatch(t -> t.startsWith("1 new, 0 changed"));
        assertThat(manual()).isEqualTo(before);
        robot.clickOn("#takeSheet");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(part("98").quantity()).isEqualTo(2);
        assertThat(robot.lookup("#sheet").tryQuery()).isEmpty();
        shortcut(robot, KeyCode.Z);
        assertThat(manual()).isEqualTo(before);
    }

    @Test
    void anOpenListIsComparedWithTheManualAsItIsNow(FxRobot robot) {
        clipboard(robot, "item\tname\tqty\n98\tdrain plug\t2\n");
        robot.clickOn("#pasteList");
        laidOut(robot);
        assertThat(texts(robot)).anyMatch(t -> t.startsWith("1 new, 0 changed"));
        robot.clickOn("#takeSheet");
        robot.clickOn("#pasteList");
        laidOut(robot);
        assertThat(texts(robot)).anyMatch(t -> t.startsWith("0 new, 0 changed"));
        robot.interact(() -> project.edits().undo());
        laidOut(robot);
        assertThat(texts(robot)).anyMatch(t -> t.startsWith("1 new, 0 changed"));
    }

    /** The button of a place that is in no window. */
    private static Button take(FxRobot robot, StoresPlace place) {
        Node[] found = new Node[1];
        robot.interact(
                () -> {
                    place.node().applyCss();
                    place.node().layout();
                    found[0] = place.node().lookup("#takeSheet");
                });
        return (Button) found[0];
    }

    @Test
    void aListFromAFileIsShownAndABadOneIsASentence(FxRobot robot) throws Exception {
        StoresPlace[] place = new StoresPlace[1];
        String[] said = {""};
        robot.interact(
                () ->
                        place[0] =
                                new StoresPlace(
                                        project,
                                        new Theme(false),
                                        FileChoice.ofTheDesktop(),
                                        s -> said[0] = s,
                                        (OpenPoint p) -> {}));
        robot.interact(() -> new Scene(place[0].node()));
        Path list = folder.resolveSibling("list.csv");
        Files.writeString(list, "kit;item;qty\nK9;11;2\nK9;99;1\n");
        int before = manual().kits().size();
        robot.interact(() -> place[0].importList(list));
        until(() -> take(robot, place[0]) != null);
        assertThat(take(robot, place[0]).isDisabled()).isTrue();
        Files.writeString(list, "kit;item;qty\nK9;11;2\nK9;13;1\n");
        robot.interact(() -> place[0].importList(list));
        until(() -> !take(robot, place[0]).isDisabled());
        robot.interact(take(robot, place[0])::fire);
        assertThat(manual().kits()).hasSize(before + 1);
        assertThat(manual().kits().get(before).contents()).hasSize(2);
        robot.interact(() -> place[0].importList(folder.resolveSibling("none.csv")));
        until(() -> said[0].contains("none.csv does not exist"));
        robot.interact(place[0]::close);
    }
}
