package methodos.core.reverse;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import methodos.core.ledger.ClaimedUnits;
import methodos.core.manual.Action;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepBuilder;
import methodos.core.words.DraftedText;
import methodos.core.words.PartWords;
import methodos.core.words.Words;
import org.jgrapht.Graph;
import org.jgrapht.graph.DefaultDirectedGraph;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.traverse.NotDirectedAcyclicGraphException;
import org.jgrapht.traverse.TopologicalOrderIterator;

/**
 * The steps of a take-down the other way round: each fits what its source took off and tightens
 * what it loosened, in the reverse order as far as what covers what allows it.
 */
final class BuildUpSteps {

    private final Manual manual;
    private final Words words;
    private final DraftedText text;
    private final List<ClaimedUnits.Group> groups;
    private final Map<String, Part> parts = new HashMap<>();
    private final Map<String, Joint> joints = new HashMap<>();

    /** By the id of a drafted step, the step of the take-down that it turns round. */
    private final Map<String, Step> sources = new LinkedHashMap<>();

    private long lastId;

    /**
     * @param manual without a build-up
     */
    BuildUpSteps(Manual manual, Words words) {
        this.manual = manual;
        this.words = words;
        this.text = new DraftedText(words);
        this.groups = ClaimedUnits.of(manual);
        this.lastId = manual.lastId();
        manual.parts().forEach(p -> parts.put(p.id(), p));
        manual.joints().forEach(j -> joints.put(j.id(), j));
    }

    long lastId() {
        return lastId;
    }

    Map<String, Step> sources() {
        return sources;
    }

    List<Step> draft() {
        List<Step> sourceSteps = new ArrayList<>();
        Map<String, Stage.Kind> kinds = new HashMap<>();
        for (Stage stage : manual.stages()) {
            if (stage.kind() == Stage.Kind.TAKE_DOWN || stage.kind() == Stage.Kind.INSPECT) {
                for (Step step : stage.steps()) {
                    sourceSteps.add(step);
                    kinds.put(step.id(), stage.kind());
                }
            }
        }
        List<Step> drafted = new ArrayList<>();
        for (int i = sourceSteps.size() - 1; i >= 0; i--) {
            Step source = sourceSteps.get(i);
            List<PartUse> fitted = fitted(source, kinds.get(source.id()));
            List<String> tightened = tightened(source, sourceSteps.subList(0, i));
            if (!fitted.isEmpty() || !tightened.isEmpty()) {
                Step step = step(source, fitted, tightened);
                sources.put(step.id(), source);
                drafted.add(step);
            }
        }
        return inPrecedence(drafted);
    }

    /** What came off goes on, the last first. */
    private List<PartUse> fitted(Step source, Stage.Kind kind) {
        List<PartUse> fitted = new ArrayList<>();
        for (PartUse use : source.parts()) {
            if (parts.containsKey(use.part()) && use.in(kind) == Handling.TAKEN_OFF) {
                fitted.add(new PartUse(use.part(), use.count()));
            }
        }
        Collections.reverse(fitted);
        return fitted;
    }

    /** A joint gets tight where it was loosened first; what the test tightens is left to it. */
    private List<String> tightened(Step source, List<Step> before) {
        List<String> tightened = new ArrayList<>();
        for (Action action : source.actions()) {
            String joint = action.object();
            boolean first =
                    action.verb() == Action.Verb.LOOSEN
                            && joints.containsKey(joint)
                            && before.stream()
                                    .noneMatch(s -> loosens(s, joint) && sameUnits(s, source))
                            && manual.steps().noneMatch(s -> s.joints().contains(joint));
            if (first) {
                tightened.add(joint);
            }
        }
        return tightened;
    }

    private static boolean loosens(Step step, String joint) {
        return step.actions().stream()
                .anyMatch(a -> a.verb() == Action.Verb.LOOSEN && a.object().equals(joint));
    }

    private boolean sameUnits(Step a, Step b) {
        return groups.stream()
                .anyMatch(
                        g ->
                                a.applicability().concerns(g.sight())
                                        && b.applicability().concerns(g.sight()));
    }

    private Step step(Step source, List<PartUse> fitted, List<String> tightened) {
        List<String> sentences = new ArrayList<>();
        if (!fitted.isEmpty()) {
            sentences.add(text.fit(fitted.stream().map(this::said).toList()));
        }
        tightened.forEach(j -> sentences.add(text.tighten(joints.get(j))));
        return StepBuilder.builder()
                .id("s" + ++lastId)
                .text(String.join(" ", sentences))
                .applicability(source.applicability())
                .parts(fitted)
                .joints(tightened)
                .tools(source.tools())
                .figures(source.figures())
                .evidence(source.evidence())
                .build();
    }

    private String said(PartUse use) {
        Part part = parts.get(use.part());
        return PartWords.counted(part, use.count(), part.reuse() == ReuseRule.ALWAYS_NEW, words);
    }

    /** What is covered goes on before what covers it; otherwise the order stays. */
    private List<Step> inPrecedence(List<Step> drafted) {
        Map<String, List<Step>> fitting = new HashMap<>();
        Map<Step, Integer> place = new HashMap<>();
        Graph<Step, DefaultEdge> before = new DefaultDirectedGraph<>(DefaultEdge.class);
        for (Step step : drafted) {
            place.put(step, place.size());
            before.addVertex(step);
            Set<String> own = new HashSet<>();
            step.parts().forEach(u -> own.add(u.part()));
            own.forEach(p -> fitting.computeIfAbsent(p, x -> new ArrayList<>()).add(step));
        }
        for (Map.Entry<String, List<Step>> entry : fitting.entrySet()) {
            for (String cover : parts.get(entry.getKey()).coveredBy()) {
                for (Step later : fitting.getOrDefault(cover, List.of())) {
                    entry.getValue().stream()
                            .filter(s -> s != later && sameUnits(s, later))
                            .forEach(s -> before.addEdge(s, later));
                }
            }
        }
        List<Step> ordered = new ArrayList<>();
        try {
            new TopologicalOrderIterator<>(
                            before, (a, b) -> Integer.compare(place.get(a), place.get(b)))
                    .forEachRemaining(ordered::add);
        } catch (NotDirectedAcyclicGraphException round) {
            // a cycle is a finding of its own; here the reverse order is all that is known
            return drafted;
        }
        return ordered;
    }
}
