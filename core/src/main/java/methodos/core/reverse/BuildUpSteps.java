package methodos.core.reverse;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.ledger.ClaimedUnits;
import methodos.core.manual.ActedOn;
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
    private final Map<Id<Part>, Part> parts = new HashMap<>();
    private final Map<Id<Joint>, Joint> joints = new HashMap<>();

    /** By the id of a drafted step, the step of the take-down that it turns round. */
    private final Map<Id<Step>, Step> sources = new LinkedHashMap<>();

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

    Map<Id<Step>, Step> sources() {
        return sources;
    }

    List<Step> draft() {
        List<Step> sourceSteps = new ArrayList<>();
        Map<Id<Step>, Stage.Kind> kinds = new HashMap<>();
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
            List<Id<Joint>> tightened = tightened(source, sourceSteps.subList(0, i));
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
    private List<Id<Joint>> tightened(Step source, List<Step> before) {
        List<Id<Joint>> tightened = new ArrayList<>();
        for (Action action : source.actions()) {
            boolean first =
                    action.verb() == Action.Verb.LOOSEN
                            && joints.containsKey(action.object())
                            && before.stream()
                                    .noneMatch(
                                            s ->
                                                    loosens(s, action.object())
                                                            && sameUnits(s, source))
                            && manual.steps().noneMatch(s -> s.joints().contains(action.object()));
            if (first) {
                tightened.add(joints.get(action.object()).id());
            }
        }
        return tightened;
    }

    private static boolean loosens(Step step, Id<? extends ActedOn> joint) {
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

    private Step step(Step source, List<PartUse> fitted, List<Id<Joint>> tightened) {
        List<String> sentences = new ArrayList<>();
        if (!fitted.isEmpty()) {
            sentences.add(text.fit(fitted.stream().map(this::said).toList()));
        }
        tightened.forEach(j -> sentences.add(text.tighten(joints.get(j))));
        return StepBuilder.builder()
                .id(new Id<>("s" + ++lastId))
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
        Map<Id<Part>, List<Step>> fitting = new HashMap<>();
        Map<Step, Integer> place = new HashMap<>();
        Graph<Step, DefaultEdge> before = new DefaultDirectedGraph<>(DefaultEdge.class);
        for (Step step : drafted) {
            place.put(step, place.size());
            before.addVertex(step);
            Set<Id<Part>> own = new HashSet<>();
            step.parts().forEach(u -> own.add(u.part()));
            own.forEach(p -> fitting.computeIfAbsent(p, x -> new ArrayList<>()).add(step));
        }
        for (Map.Entry<Id<Part>, List<Step>> entry : fitting.entrySet()) {
            for (Id<Part> cover : parts.get(entry.getKey()).coveredBy()) {
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
