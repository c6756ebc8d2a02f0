package methodos.desktop.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

class BackgroundTest {

    private final List<String> told = new CopyOnWriteArrayList<>();
    private final Background background =
            new Background((work, e) -> told.add(work + ": " + e.getMessage()));

    private static void end(ExecutorService thread) throws Exception {
        thread.shutdown();
        assertThat(thread.awaitTermination(30, TimeUnit.SECONDS)).isTrue();
    }

    @Test
    void oneTaskIsDoneAfterTheOther() throws Exception {
        List<Integer> done = new ArrayList<>();
        ExecutorService thread = background.thread("work.test");
        for (int i = 0; i < 100; i++) {
            int n = i;
            thread.execute(() -> done.add(n));
        }
        end(thread);
        assertThat(done).hasSize(100).isSorted();
        assertThat(told).isEmpty();
    }

    @Test
    void whatIsAskedAfterClosingIsDropped() throws Exception {
        List<Integer> done = new ArrayList<>();
        ExecutorService thread = background.thread("work.test");
        thread.shutdownNow();
        thread.execute(() -> done.add(1));
        end(thread);
        assertThat(done).isEmpty();
    }

    @Test
    void whateverFailsIsToldAndTheNextTaskIsDone() throws Exception {
        List<Integer> done = new ArrayList<>();
        ExecutorService thread = background.thread("work.test");
        thread.execute(
                () -> {
                    throw new IllegalStateException("broken");
                });
        thread.execute(
                () -> {
                    throw new StackOverflowError("deep");
                });
        thread.submit(
                () -> {
                    throw new IllegalStateException("nobody asks for the result");
                });
        thread.execute(
                () -> {
                    throw new CancellationException("somebody wanted it");
                });
        thread.execute(() -> done.add(1));
        end(thread);
        assertThat(done).containsExactly(1);
        assertThat(told)
                .containsExactly(
                        "work.test: broken",
                        "work.test: deep",
                        "work.test: nobody asks for the result");
    }

    @Test
    void whatFailsLaterIsToldToo() throws Exception {
        ScheduledExecutorService thread = background.timed("work.later");
        thread.schedule(
                        () -> {
                            throw new IllegalStateException("late");
                        },
                        1,
                        TimeUnit.MILLISECONDS)
                .isDone();
        thread.schedule(() -> told.add("next"), 2, TimeUnit.MILLISECONDS).get();
        end(thread);
        assertThat(told).containsExactly("work.later: late", "next");
    }
}
