package methodos.desktop.project;

import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.ThreadFactory;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.BiConsumer;
import org.slf4j.LoggerFactory;

/**
 * Where work beside the interface is done: on threads of its own, which do not keep the program
 * alive. Whatever fails there is told, whoever asked for the work: nothing fails in silence.
 */
public final class Background {

    private final BiConsumer<String, Throwable> trouble;

    /**
     * @param trouble told what was done and what went wrong, on the thread where it did
     */
    public Background(BiConsumer<String, Throwable> trouble) {
        this.trouble = trouble;
    }

    /**
     * One task after the other. What is still asked for when its place is closed already, such as
     * by a picture that arrives late, is dropped.
     *
     * @param work key of the name of what is done on it, such as {@code work.lists}
     */
    public ExecutorService thread(String work) {
        return new ThreadPoolExecutor(
                1,
                1,
                0,
                TimeUnit.SECONDS,
                new LinkedBlockingQueue<>(),
                named(work),
                new ThreadPoolExecutor.DiscardPolicy()) {
            @Override
            protected void afterExecute(Runnable task, Throwable thrown) {
                told(work, task, thrown);
            }
        };
    }

    /** The same for what is done later or again and again; a task that failed goes on. */
    public ScheduledExecutorService timed(String work) {
        ScheduledThreadPoolExecutor executor =
                new ScheduledThreadPoolExecutor(
                        1, named(work), new ThreadPoolExecutor.DiscardPolicy()) {
                    @Override
                    protected void afterExecute(Runnable task, Throwable thrown) {
                        told(work, task, thrown);
                    }
                };
        executor.setExecuteExistingDelayedTasksAfterShutdownPolicy(false);
        return executor;
    }

    private static ThreadFactory named(String work) {
        return task -> {
            Thread thread = new Thread(task, work.substring(work.indexOf('.') + 1));
            thread.setDaemon(true);
            // what escapes has been told already; the thread's own last words would repeat it
            thread.setUncaughtExceptionHandler(
                    (t, e) ->
                            LoggerFactory.getLogger(Background.class)
                                    .debug("{} ended", t.getName(), e));
            return thread;
        };
    }

    private void told(String work, Runnable task, Throwable thrown) {
        Throwable found = thrown;
        if (found == null && task instanceof Future<?> future && future.isDone()) {
            try {
                future.get();
            } catch (ExecutionException e) {
                found = e.getCause();
            } catch (CancellationException e) {
                return; // somebody wanted it to stop
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }
        while (found instanceof CompletionException && found.getCause() != null) {
            found = found.getCause();
        }
        if (found != null && !(found instanceof CancellationException)) {
            trouble.accept(work, found);
        }
    }
}
