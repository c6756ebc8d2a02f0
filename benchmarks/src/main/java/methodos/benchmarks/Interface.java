package methodos.benchmarks;

import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import javafx.application.Platform;

/** Does things in the interface and waits until what follows from them is done as well. */
final class Interface {

    /** What is put off may put something off itself. */
    private static final int PUT_OFF = 4;

    private Interface() {}

    static void run(Runnable action) throws Exception {
        get(
                () -> {
                    action.run();
                    return null;
                });
    }

    static <T> T get(Callable<T> action) throws Exception {
        T value = later(action);
        for (int i = 0; i < PUT_OFF; i++) {
            later(() -> null); // what the action put off is done before this
        }
        return value;
    }

    private static <T> T later(Callable<T> action) throws Exception {
        CompletableFuture<T> done = new CompletableFuture<>();
        Platform.runLater(
                () -> {
                    try {
                        done.complete(action.call());
                    } catch (Exception e) {
                        done.completeExceptionally(e);
                    }
                });
        try {
            return done.get();
        } catch (ExecutionException e) {
            throw new IllegalStateException(e.getCause());
        }
    }
}
