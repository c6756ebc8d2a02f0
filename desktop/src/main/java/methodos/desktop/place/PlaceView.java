package methodos.desktop.place;

import javafx.scene.Parent;
import methodos.core.check.OpenPoint;

/** One place in the order of work, as the window shows it. */
public interface PlaceView {

    Parent node();

    /** What stands behind the name of the place in the head, such as the chosen figure. */
    String subtitle();

    /** Shows what an open point is about. */
    default void go(OpenPoint point) {}

    /** Whether everything in view is drawn. */
    default boolean ready() {
        return true;
    }

    default void close() {}
}
