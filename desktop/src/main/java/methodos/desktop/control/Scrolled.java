package methodos.desktop.control;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;

/**
 * Shows something in the room there is, and scrolls it where it needs more. Unlike any other sheet
 * that is scrolled it never takes the focus: a click into what it shows leaves the keys there.
 */
public class Scrolled extends ScrollPane {

    public Scrolled() {
        setFitToWidth(true);
        setFitToHeight(true);
        setFocusTraversable(false);
        getStyleClass().add("place");
        skinProperty().addListener(o -> drawDirectly());
    }

    /**
     * The toolkit keeps a picture of what is scrolled; for what changes at each picture of the
     * window that is work done twice.
     */
    private void drawDirectly() {
        Node viewport = lookup(".viewport");
        if (viewport != null) {
            viewport.setCache(false);
        }
    }

    public Scrolled(Node content) {
        this();
        setContent(content);
    }

    /** What is clicked has the focus already. */
    @Override
    public void requestFocus() {}
}
