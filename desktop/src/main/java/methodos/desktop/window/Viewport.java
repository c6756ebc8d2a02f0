package methodos.desktop.window;

import javafx.scene.Node;
import javafx.scene.layout.Region;
import methodos.desktop.control.Scrolled;

/**
 * Shows a place in the room there is. A place that needs more is scrolled, so that nothing of it is
 * out of reach in a small window or with large text.
 */
final class Viewport extends Scrolled {

    /**
     * @param least the least width and height at which it can be worked with
     */
    void show(Region place, double leastWidth, double leastHeight) {
        place.setMinSize(leastWidth, leastHeight);
        setContent(place);
        setHvalue(0);
        setVvalue(0);
    }

    /** Shows what finds its way in any room. */
    void show(Node node) {
        setContent(node);
    }
}
