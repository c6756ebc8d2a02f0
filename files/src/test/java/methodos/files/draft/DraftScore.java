package methodos.files.draft;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Kind;

/**
 * How near a draft comes to what a careful reader finds in the same narration. A drafted step
 * counts as found if a step of the truth with the same action, a part in common (or one side naming
 * none) and a time within {@value #NEAR} s is still free; pairs are taken nearest first.
 */
final class DraftScore {

    private static final double NEAR = 8;

    private record Pair(DraftedStep drafted, JsonNode wanted, double apart) {}

    private final int drafted;
    private final int wanted;
    private final int right;
    private final int found;
    private final List<String> trapped = new ArrayList<>();

    DraftScore(Draft draft, JsonNode truth) {
        List<DraftedStep> steps =
                draft.steps().stream().filter(s -> s.kind() != Kind.NOTE).toList();
        List<JsonNode> all =
                elements(truth.get("steps")).filter(s -> !kind(s).equals("note")).toList();
        List<Pair> pairs = new ArrayList<>();
        for (DraftedStep step : steps) {
            for (JsonNode one : all) {
                if (agrees(step, one)) {
                    pairs.add(new Pair(step, one, Math.abs(middle(step) - middle(one))));
                }
            }
        }
        pairs.sort((a, b) -> Double.compare(a.apart, b.apart));
        Set<DraftedStep> used = new HashSet<>();
        Set<JsonNode> taken = new HashSet<>();
        Set<Integer> takenAt = new HashSet<>();
        for (Pair pair : pairs) {
            int at = all.indexOf(pair.wanted);
            if (!used.contains(pair.drafted) && takenAt.add(at)) {
                used.add(pair.drafted);
                taken.add(pair.wanted);
            }
        }
        this.drafted = steps.size();
        this.right = used.size();
        this.wanted = (int) all.stream().filter(s -> !s.path("optional").asBoolean()).count();
        this.found =
                (int)
                        takenAt.stream()
                                .filter(i -> !all.get(i).path("optional").asBoolean())
                                .count();
        traps(steps, used, truth);
    }

    private void traps(List<DraftedStep> steps, Set<DraftedStep> used, JsonNode truth) {
        elements(truth.get("traps"))
                .forEach(
                        trap -> {
                            Set<String> verbs =
                                    elements(trap.path("actions"))
                                            .map(JsonNode::asText)
                                            .collect(Collectors.toSet());
                            steps.stream()
                                    .filter(s -> !used.contains(s) && s.kind() != Kind.CAUTION)
                                    .filter(s -> verbs.contains(s.action()))
                                    .filter(
                                            s ->
                                                    trap.get("start").asDouble() <= middle(s)
                                                            && middle(s)
                                                                    <= trap.get("end").asDouble())
                                    .forEach(s -> trapped.add(s.text()));
                        });
    }

    /** Harmonic mean of the share of drafted steps that are right and of wanted ones found. */
    double f1() {
        double precision = drafted == 0 ? 0 : (double) right / drafted;
        double recall = wanted == 0 ? 1 : (double) found / wanted;
        return precision + recall == 0 ? 0 : 2 * precision * recall / (precision + recall);
    }

    /** Steps that were drafted from what the speaker forbids, takes back or only tells of. */
    List<String> trapped() {
        return trapped;
    }

    private static boolean agrees(DraftedStep step, JsonNode wanted) {
        double gap =
                Math.max(
                        0,
                        Math.max(
                                step.start() - wanted.get("end").asDouble(),
                                wanted.get("start").asDouble() - step.end()));
        boolean caution = step.kind() == Kind.CAUTION;
        if (gap > NEAR || caution != kind(wanted).equals("caution")) {
            return false;
        }
        Set<String> actions = words(wanted.path("alsoAccept").path("action"));
        actions.add(wanted.path("action").asText(""));
        if (!caution && !actions.contains(step.action())) {
            return false;
        }
        Set<String> parts =
                elements(wanted.path("parts"))
                        .map(p -> head(p.get("name").asText()))
                        .collect(Collectors.toSet());
        words(wanted.path("alsoAccept").path("parts")).forEach(p -> parts.add(head(p)));
        return step.parts().isEmpty()
                || elements(wanted.path("parts")).findAny().isEmpty()
                || step.parts().stream().anyMatch(p -> parts.contains(head(p.name())));
    }

    private static Set<String> words(JsonNode list) {
        return elements(list).map(JsonNode::asText).collect(Collectors.toCollection(HashSet::new));
    }

    private static String head(String name) {
        String last = name.substring(Math.max(name.lastIndexOf(' '), name.lastIndexOf('-')) + 1);
        return last.endsWith("s") && !last.endsWith("ss")
                ? last.substring(0, last.length() - 1)
                : last;
    }

    private static String kind(JsonNode step) {
        return step.get("kind").asText();
    }

    private static double middle(DraftedStep step) {
        return (step.start() + step.end()) / 2;
    }

    private static double middle(JsonNode step) {
        return (step.get("start").asDouble() + step.get("end").asDouble()) / 2;
    }

    private static Stream<JsonNode> elements(JsonNode list) {
        return StreamSupport.stream(list.spliterator(), false);
    }
}
