package methodos.benchmarks;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.animation.AnimationTimer;

/**
 * Things that are done in a window one after the other, each at every picture that the window
 * shows; prints how long the pictures took, a row of a table each.
 */
final class Courses {

    static final String LIMIT = "33 ms";

    /** Something that is done at each picture of the window; without a name it is not measured. */
    private record Course(String name, int pictures, String limit, IntConsumer each) {}

    private final Deque<Course> courses = new ArrayDeque<>();
    private final BooleanSupplier ready;
    private final Consumer<String> after;

    /**
     * @param ready whether all that is in view is there
     * @param after called with the name of each course that was measured
     */
    Courses(BooleanSupplier ready, Consumer<String> after) {
        this.ready = ready;
        this.after = after;
    }

    void add(String name, int pictures, String limit, IntConsumer each) {
        courses.add(new Course(name, pictures, limit, each));
    }

    /** Does all of them, and then what is given. */
    void run(Runnable then) {
        System.out.println("| What | Median | 95 of 100 | Longest | Limit |");
        System.out.println("| --- | --- | --- | --- | --- |");
        next(then);
    }

    private void next(Runnable then) {
        new Waiting(
                        () -> {
                            Course course = courses.poll();
                            if (course == null) {
                                then.run();
                            } else {
                                new Timed(course, () -> next(then)).start();
                            }
                        })
                .start();
    }

    private final class Waiting extends AnimationTimer {
        private final Runnable then;

        Waiting(Runnable then) {
            this.then = then;
        }

        @Override
        public void handle(long now) {
            if (ready.getAsBoolean()) {
                stop();
                then.run();
            }
        }
    }

    /** Does a course and measures from picture to picture. */
    private final class Timed extends AnimationTimer {
        private final Course course;
        private final Runnable then;
        private final List<Double> millis = new ArrayList<>();
        private int done;
        private long last;

        Timed(Course course, Runnable then) {
            this.course = course;
            this.then = then;
        }

        @Override
        public void handle(long ignored) {
            long now = System.nanoTime();
            if (last != 0) {
                millis.add((now - last) / 1e6);
            }
            last = now;
            if (done < course.pictures) {
                course.each.accept(done++);
                return;
            }
            stop();
            if (course.name != null) {
                print();
                after.accept(course.name);
            }
            then.run();
        }

        private void print() {
            List<Double> sorted = millis.stream().sorted().toList();
            System.out.printf(
                    Locale.ROOT,
                    "| %s | %.0f ms | %.0f ms | %.0f ms | %s |%n",
                    course.name,
                    sorted.get(sorted.size() / 2),
                    sorted.get((int) (sorted.size() * 0.95)),
                    sorted.get(sorted.size() - 1),
                    course.limit);
        }
    }
}
