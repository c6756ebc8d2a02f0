package methodos.narration.draft;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import methodos.core.manual.Stage;
import methodos.core.narration.DraftedStep.Kind;

/**
 * Cuts the work into its stages: the stretches of time, one behind the other, in which what is done
 * fits best. What is looked at while things come off stays where it is told.
 */
final class Stages {

    private static final Map<Stage.Kind, Set<String>> AT_HOME = new EnumMap<>(Stage.Kind.class);
    private static final Map<Stage.Kind, Set<String>> FOREIGN = new EnumMap<>(Stage.Kind.class);

    static {
        AT_HOME.put(Stage.Kind.PREPARE, Set.of("isolate", "vent", "secure", "wait", "cool"));
        AT_HOME.put(
                Stage.Kind.TAKE_DOWN,
                Set.of("remove", "loosen", "disconnect", "drain", "discard", "pull", "mark"));
        AT_HOME.put(Stage.Kind.INSPECT, Set.of("inspect", "measure", "clean"));
        AT_HOME.put(
                Stage.Kind.BUILD_UP,
                Set.of(
                        "install",
                        "tighten",
                        "hand-tighten",
                        "connect",
                        "fill",
                        "apply",
                        "lubricate",
                        "press",
                        "align",
                        "cover"));
        AT_HOME.put(Stage.Kind.TEST, Set.of("test", "restore", "pressurise"));
        FOREIGN.put(
                Stage.Kind.PREPARE,
                Set.of("remove", "loosen", "install", "tighten", "connect", "hand-tighten"));
        FOREIGN.put(Stage.Kind.TAKE_DOWN, Set.of("install", "tighten", "connect", "hand-tighten"));
        FOREIGN.put(
                Stage.Kind.INSPECT,
                Set.of("install", "tighten", "connect", "remove", "loosen", "disconnect"));
        FOREIGN.put(Stage.Kind.BUILD_UP, Set.of("remove", "loosen", "disconnect", "isolate"));
        FOREIGN.put(Stage.Kind.TEST, Set.of("remove", "install", "tighten", "loosen", "connect"));
    }

    private Stages() {}

    /**
     * The stage of each step.
     *
     * @param from the stage that the narration goes on with
     */
    static List<Stage.Kind> of(List<Sketch> steps, Stage.Kind from) {
        Stage.Kind[] kinds = Stage.Kind.values();
        int n = steps.size();
        double[][] best = new double[n + 1][kinds.length];
        int[][] before = new int[n + 1][kinds.length];
        for (int k = 0; k < kinds.length; k++) {
            best[0][k] = k < from.ordinal() ? Double.NEGATIVE_INFINITY : 0;
        }
        for (int i = 1; i <= n; i++) {
            for (int k = 0; k < kinds.length; k++) {
                best[i][k] = Double.NEGATIVE_INFINITY;
                for (int earlier = from.ordinal(); earlier <= k; earlier++) {
                    double sum = best[i - 1][earlier] + fit(steps.get(i - 1), kinds[k]);
                    if (sum > best[i][k]) {
                        best[i][k] = sum;
                        before[i][k] = earlier;
                    }
                }
            }
        }
        int last = from.ordinal();
        for (int k = last + 1; k < kinds.length; k++) {
            last = best[n][k] > best[n][last] ? k : last;
        }
        List<Stage.Kind> stages = new ArrayList<>();
        for (int i = n; i > 0; i--) {
            stages.add(0, kinds[last]);
            last = before[i][last];
        }
        return stages;
    }

    private static double fit(Sketch step, Stage.Kind stage) {
        if (step.kind == Kind.CAUTION || step.action == null) {
            return 0;
        }
        return AT_HOME.get(stage).contains(step.action)
                ? step.confidence
                : FOREIGN.get(stage).contains(step.action) ? -step.confidence : 0;
    }
}
