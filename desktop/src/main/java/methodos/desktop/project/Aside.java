package methodos.desktop.project;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;

/** Threads for work beside the interface: one each, which does not keep the program alive. */
public final class Aside {

    private Aside() {}

    /**
     * One task after the other. What is still asked for when its place is closed already, such as
     * by a picture that arrives late, is dropped.
     *
     * @param name what is done on it, for who looks at a list of threads
     */
    public static ExecutorService thread(String name) {
        return new ThreadPoolExecutor(
                1,
                1,
                0,
                TimeUnit.SECONDS,
                new LinkedBlockingQueue<>(),
                r -> {
                    Thread thread = new Thread(r, name);
                    thread.setDaemon(true);
                    return thread;
                },
                new ThreadPoolExecutor.DiscardPolicy());
    }
}
