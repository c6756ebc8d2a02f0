package methodos.desktop.control;

import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.ContextMenuEvent;

/** What can be done with the thing that is pointed at or chosen; each deed's name tells its key. */
public final class DeedMenu {

    private final ContextMenu menu = new ContextMenu();

    public DeedMenu(String id) {
        menu.setId(id);
        menu.setAutoHide(true);
    }

    /**
     * @param id by which it is found, that of the menu before it
     * @param name with its key, as on the button that does the same
     */
    public DeedMenu item(String id, String name, Runnable run) {
        MenuItem item = new MenuItem(name);
        item.setId(menu.getId() + "-" + id);
        item.setOnAction(e -> run.run());
        menu.getItems().add(item);
        return this;
    }

    /** The same, where it can be done. */
    public DeedMenu item(boolean can, String id, String name, Runnable run) {
        return can ? item(id, name, run) : this;
    }

    /** A line between deeds of different kinds. */
    public DeedMenu line() {
        if (!menu.getItems().isEmpty()) {
            menu.getItems().add(new SeparatorMenuItem());
        }
        return this;
    }

    public void show(Node at, ContextMenuEvent e) {
        if (!menu.getItems().isEmpty()) {
            menu.show(at, e.getScreenX(), e.getScreenY());
        }
        e.consume();
    }
}
