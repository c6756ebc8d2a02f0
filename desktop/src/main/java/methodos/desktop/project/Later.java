package methodos.desktop.project;

import javafx.application.Platform;

/** Brings what was worked out beside the interface to it, as long as somebody is there for it. */
public final class Later implements AutoCloseable {

    private volatile boolean closed;

    /** Runs it on the interface thread, unless this has been closed by then. */
    public void run(Runnable change) {
        Platform.runLater(
                () -> {
                    if (!closed) {
                        change.run();
                    }
                });
    }

    public boolean closed() {
        return closed;
    }

    @Override
    public void close() {
        closed = true;
    }
}
