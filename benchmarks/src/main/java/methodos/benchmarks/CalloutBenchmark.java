package methodos.benchmarks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import methodos.core.figure.CalloutLayout;
import methodos.core.manual.Point;

/** How long balloons take to find their places: fifteen targets, none to three of them held. */
public final class CalloutBenchmark {

    private static final int ROUNDS = 500;
    private static final int TARGETS = 15;
    private static final double WIDTH = 960;
    private static final double HEIGHT = 540;
    private static final double MARGIN = 67;
    private static final double RADIUS = 20;

    private CalloutBenchmark() {}

    public static void main(String[] arguments) {
        CalloutLayout layout = new CalloutLayout(WIDTH, HEIGHT, MARGIN, RADIUS);
        Random random = new Random(1);
        double[] millis = new double[ROUNDS];
        for (int round = 0; round < 2 * ROUNDS; round++) { // the first half warms up
            List<Point> targets = new ArrayList<>();
            List<Point> held = new ArrayList<>();
            for (int i = 0; i < TARGETS; i++) {
                targets.add(new Point(WIDTH * random.nextDouble(), HEIGHT * random.nextDouble()));
                boolean hold = i < round % 4;
                held.add(
                        hold
                                ? new Point(WIDTH * random.nextDouble(), -MARGIN / 2 + i * 0.01)
                                : null);
            }
            long begin = System.nanoTime();
            layout.place(targets, held);
            millis[round % ROUNDS] = (System.nanoTime() - begin) / 1e6;
        }
        Arrays.sort(millis);
        System.out.printf(
                Locale.ROOT,
                "callouts, %d targets: median %.2f ms, 95th percentile %.2f ms, longest %.2f ms%n",
                TARGETS,
                millis[ROUNDS / 2],
                millis[ROUNDS * 95 / 100],
                millis[ROUNDS - 1]);
    }
}
