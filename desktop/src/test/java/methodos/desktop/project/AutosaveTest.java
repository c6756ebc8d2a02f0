package methodos.desktop.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import methodos.core.manual.Manual;
import methodos.files.problem.ProjectProblem;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class AutosaveTest {

    private final ScheduledExecutorService thread = Executors.newSingleThreadScheduledExecutor();
    private final List<String> saved = new CopyOnWriteArrayList<>();
    private final AtomicBoolean full = new AtomicBoolean();

    @AfterEach
    void end() {
        thread.shutdownNow();
    }

    private void save(Manual manual, String what) throws ProjectProblem {
        if (full.get()) {
            throw new ProjectProblem("the disk is full");
        }
        saved.add(manual.title() + " (" + what + ")");
    }

    @Test
    void itIsSavedWhileOneGoesOnTyping() throws Exception {
        CountDownLatch once = new CountDownLatch(1);
        Autosave autosave =
                new Autosave(
                        thread,
                        (m, w) -> {
                            save(m, w);
                            once.countDown();
                        },
                        Clock.systemUTC(),
                        s -> {});
        ScheduledExecutorService typing = Executors.newSingleThreadScheduledExecutor();
        typing.scheduleWithFixedDelay(
                () -> autosave.changed(Manual.titled("t"), "type text"),
                0,
                20,
                TimeUnit.MILLISECONDS);
        assertThat(once.await(20, TimeUnit.SECONDS)).as("saved though typing goes on").isTrue();
        typing.shutdownNow();
        assertThat(typing.awaitTermination(10, TimeUnit.SECONDS)).isTrue();
        assertThat(autosave.saveNow()).isEmpty();
        assertThat(autosave.state().saved()).isTrue();
    }

    @Test
    void whatFailsStaysUnsavedAndIsTriedAgain() throws Exception {
        CountDownLatch again = new CountDownLatch(1);
        List<String> problems = new ArrayList<>();
        Autosave autosave =
                new Autosave(
                        thread,
                        this::save,
                        Clock.systemUTC(),
                        s -> {
                            problems.add(s.problem());
                            if (s.saved()) {
                                again.countDown();
                            }
                        });
        full.set(true);
        autosave.changed(Manual.titled("a"), "make step");
        assertThat(autosave.saveNow()).contains("the disk is full");
        autosave.changed(Manual.titled("b"), "type text");
        assertThat(autosave.state().failed()).isTrue();
        assertThat(autosave.state().unsaved()).isEqualTo(2);
        full.set(false);
        assertThat(again.await(20, TimeUnit.SECONDS)).isTrue();
        assertThat(saved).containsExactly("b (make step, type text)");
        assertThat(autosave.state().failed()).isFalse();
        assertThat(problems).contains("the disk is full");
    }

    @Test
    void aChangeWhileItIsBeingSavedIsSavedAfterwards() {
        Autosave[] autosave = new Autosave[1];
        AtomicBoolean during = new AtomicBoolean(true);
        autosave[0] =
                new Autosave(
                        thread,
                        (m, w) -> {
                            if (during.getAndSet(false)) {
                                autosave[0].changed(Manual.titled("second"), "type");
                            }
                            save(m, w);
                        },
                        Clock.systemUTC(),
                        s -> {});
        autosave[0].changed(Manual.titled("first"), "type");
        assertThat(autosave[0].saveNow()).isEmpty();
        assertThat(autosave[0].state().unsaved()).isEqualTo(1);
        assertThat(autosave[0].saveNow()).isEmpty();
        assertThat(autosave[0].state().saved()).isTrue();
        assertThat(saved).containsExactly("first (type)", "second (type)");
        assertThat(autosave[0].saveNow()).isEmpty();
        assertThat(saved).hasSize(2);
    }

    @Test
    void anErrorOfTheProgramIsAProblemToo() {
        Autosave autosave =
                new Autosave(
                        thread,
                        (m, w) -> {
                            throw new IllegalStateException("odd");
                        },
                        Clock.systemUTC(),
                        s -> {});
        autosave.changed(Manual.titled("a"), "make step");
        assertThat(autosave.saveNow()).contains("odd");
        assertThat(autosave.state().unsaved()).isEqualTo(1);
    }
}
