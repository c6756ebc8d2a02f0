package methodos.desktop.place;

import javafx.scene.layout.Region;
import methodos.core.check.OpenPoint;

/** One place in the order of work, as the window shows it. */
public interface PlaceView {

    Region node();

    /** The least width at which it can be worked with, in pixels of the usual text size. */
    default double leastWidth() {
        return 620;
    }

    /** The least height at which it can be worked with, in pixels of the usual text size. */
    default double leastHeight() {
        return 250;
    }

    /** What stands behind the name of the place in the head, such as the chosen figure. */
    String subtitle();

    /**
     * @param retitled called when the subtitle is another for a reason that is no edit
     */
    default void onSubtitle(Runnable retitled) {}

    /** Shows what an open point is about. */
    default void go(OpenPoint point) {}

    /** Whether everything in view is drawn. */
    default boolean ready() {
        return true;
    }

    default void close() {}
}
