package methodos.desktop.seam;

import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.ContextMenuEvent;
import javafx.scene.input.KeyCode;
import methodos.core.words.Words;

/** What can be done with the chosen step, each with its key. */
final class StepMenu {

    private final Words words;
    private final SeamKeys keys;
    private final ContextMenu menu = new ContextMenu();

    /**
     * @param drafted whether the step is drafted and not accepted
     */
    StepMenu(Words words, SeamKeys keys, boolean drafted) {
        this.words = words;
        this.keys = keys;
        menu.setId("stepMenu");
        if (drafted) {
            item("seam.accept", KeyCode.A, false);
            item("seam.acceptUpTo", KeyCode.U, false);
            item("seam.aside", KeyCode.X, false);
            menu.getItems().add(new SeparatorMenuItem());
        }
        item("seam.change", KeyCode.C, false);
        item("seam.addParts", KeyCode.P, false);
        item("seam.capture", KeyCode.K, false);
        menu.getItems().add(new SeparatorMenuItem());
        item("seam.split", KeyCode.S, false);
        item("seam.join", KeyCode.M, false);
        item("seam.moveUp", KeyCode.UP, true);
        item("seam.moveDown", KeyCode.DOWN, true);
    }

    private void item(String key, KeyCode code, boolean alt) {
        MenuItem item = new MenuItem(words.of(key));
        item.setOnAction(e -> keys.press(code, alt));
        menu.getItems().add(item);
    }

    void show(Node at, ContextMenuEvent e) {
        menu.setAutoHide(true);
        menu.show(at, e.getScreenX(), e.getScreenY());
        e.consume();
    }
}
