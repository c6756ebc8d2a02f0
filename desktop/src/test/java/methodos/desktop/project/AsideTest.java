package methodos.desktop.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

class AsideTest {

    @Test
    void tasksRunOneAfterTheOther() throws Exception {
        List<Integer> done = new ArrayList<>();
        ExecutorService thread = Aside.thread("test");
        for (int i = 0; i < 100; i++) {
            int n = i;
            thread.execute(() -> done.add(n));
        }
        thread.shutdown();
        assertThat(thread.awaitTermination(30, TimeUnit.SECONDS)).isTrue();
        assertThat(done).hasSize(100).isSorted();
    }

    @Test
    void whatIsAskedAfterClosingIsDropped() throws Exception {
        List<Integer> done = new ArrayList<>();
        ExecutorService thread = Aside.thread("test");
        thread.shutdownNow();
        thread.execute(() -> done.add(1));
        assertThat(thread.awaitTermination(30, TimeUnit.SECONDS)).isTrue();
        assertThat(done).isEmpty();
    }
}
