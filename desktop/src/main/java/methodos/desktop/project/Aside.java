package methodos.desktop.project;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/** Threads for work beside the interface: one each, which does not keep the program alive. */
public final class Aside {

    private Aside() {}

    /**
     * @param name what is done on it, for who looks at a list of threads
     */
    public static ExecutorService thread(String name) {
        return Executors.newSingleThreadExecutor(
                r -> {
                    Thread thread = new Thread(r, name);
                    thread.setDaemon(true);
                    return thread;
                });
    }
}
