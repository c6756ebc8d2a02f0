package methodos.desktop.bench;

import javafx.scene.layout.Region;
import methodos.core.bench.InstrumentLine;

/**
 * A task as it is shown.
 *
 * @param body what stands at the right
 * @param main what the large button says, empty where there is none
 * @param act what it does, null where there is none
 * @param press takes a key of the number pad or the keyboard, null where nothing is typed
 * @param taken takes what an instrument sent; null where nothing is measured
 */
record AskedTask(Region body, String main, Runnable act, Press press, Taking taken) {

    /** Takes a key. */
    @FunctionalInterface
    interface Press {
        void key(String key);
    }

    /** Takes a reading with the name of its instrument, or says why it cannot. */
    @FunctionalInterface
    interface Taking {
        void take(String name, InstrumentLine.Value value);
    }

    /** Where the large button does all. */
    static AskedTask of(Region body, String main, Runnable act) {
        return new AskedTask(body, main, act, null, null);
    }

    /** Where what stands at the right has buttons of its own. */
    static AskedTask of(Region body) {
        return new AskedTask(body, "", null, null, null);
    }
}
