package methodos.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import methodos.core.description.Id;
import methodos.core.description.Walk;
import methodos.core.manual.Action;
import methodos.core.manual.Clip;
import methodos.core.manual.Consumable;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Question;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.parts.HeardParts;

/**
 * Holds what was heard against the lists, when a list has come. What is meant beyond doubt is
 * linked, as if the list had been there when the narration was read; of several that can be meant
 * the step asks; what has no line stays heard.
 */
public final class HeardLinks {

    private Manual manual;

    private HeardLinks(Manual manual) {
        this.manual = manual;
    }

    /** The manual with the links that its lists allow. */
    public static Manual in(Manual manual) {
        boolean nothing =
                manual.steps().allMatch(s -> s.questions().isEmpty())
                        && manual.parts().stream().noneMatch(Part::heard)
                        && manual.tools().stream().noneMatch(Tool::heard)
                        && manual.consumables().stream().noneMatch(Consumable::heard);
        if (nothing) {
            return manual;
        }
        HeardLinks links = new HeardLinks(manual);
        links.parts();
        links.tools();
        links.consumables();
        return withoutUnused(links.manual);
    }

    // ---------------------------------------------------------------- parts

    private void parts() {
        Map<Id<Part>, Part> heard =
                manual.parts().stream()
                        .filter(Part::heard)
                        .collect(Collectors.toMap(Part::id, Function.identity()));
        // which line each heard fastener is in the steps of each joint
        Map<Id<Joint>, List<Id<Part>>> lines = new LinkedHashMap<>();
        for (Clip clip : manual.clips()) {
            HeardParts names = new HeardParts(manual.parts());
            for (Step step : toldIn(clip)) {
                Step linked = linked(step, names, heard, lines);
                if (linked != step) {
                    manual = manual.withStep(linked);
                }
            }
        }
        lines.forEach(this::follow);
    }

    /** The steps that were drafted from a clip, as they are told. */
    private List<Step> toldIn(Clip clip) {
        return manual.steps()
                .filter(s -> !s.spans().isEmpty() && s.spans().get(0).clip().equals(clip.id()))
                .sorted(Comparator.comparingDouble((Step s) -> s.spans().get(0).start()))
                .toList();
    }

    private Step linked(
            Step step,
            HeardParts names,
            Map<Id<Part>, Part> heard,
            Map<Id<Joint>, List<Id<Part>>> lines) {
        List<PartUse> uses = new ArrayList<>();
        List<Question> questions = new ArrayList<>();
        for (PartUse use : step.parts()) {
            if (use.named() == null) {
                uses.add(use);
                continue;
            }
            List<Part> meant = names.listed(use.named(), step.text());
            // an accepted step asks nothing any more: what is not sure stays as it was heard
            boolean open = meant.size() > 1 && step.accepted();
            if (!heard.containsKey(use.part()) || meant.isEmpty() || open) {
                uses.add(use);
            } else if (meant.size() > 1) {
                questions.add(
                        new Question(
                                use.named(),
                                use.handling(),
                                meant.stream().map(Part::id).toList()));
            } else {
                Id<Part> line = meant.get(0).id();
                fastened(step, use.part(), line, lines);
                if (uses.stream().noneMatch(u -> u.part().equals(line))) {
                    uses.add(use.withPart(line));
                }
            }
        }
        for (Question question : step.questions()) {
            List<Part> meant = names.listed(question.named(), step.text());
            if (meant.size() == 1) {
                Id<Part> line = meant.get(0).id();
                if (uses.stream().noneMatch(u -> u.part().equals(line))) {
                    uses.add(question.answered(line));
                }
            } else {
                questions.add(
                        meant.isEmpty() || step.accepted()
                                ? question
                                : question.withAnswers(meant.stream().map(Part::id).toList()));
            }
        }
        boolean same = uses.equals(step.parts()) && questions.equals(step.questions());
        return same ? step : step.withParts(uses).withQuestions(questions);
    }

    /** A joint that a step works on is one of the line that its fastener turns out to be. */
    private void fastened(
            Step step, Id<Part> was, Id<Part> line, Map<Id<Joint>, List<Id<Part>>> lines) {
        List<Id<?>> worked = new ArrayList<>(step.joints());
        step.actions().stream().map(Action::object).forEach(worked::add);
        for (Joint joint : manual.joints()) {
            if (worked.contains(joint.id()) && was.equals(joint.fastener())) {
                List<Id<Part>> of = lines.computeIfAbsent(joint.id(), j -> new ArrayList<>());
                if (!of.contains(line)) {
                    of.add(line);
                }
            }
        }
    }

    /** One heard fastener may be several lines: each of them gets a joint of its own. */
    private void follow(Id<Joint> id, List<Id<Part>> lines) {
        Joint joint = manual.joint(id).orElseThrow();
        for (Id<Part> line : lines) {
            Optional<Joint> other =
                    manual.joints().stream()
                            .filter(j -> !j.id().equals(id) && line.equals(j.fastener()))
                            .filter(
                                    j ->
                                            j.torque().known().isEmpty()
                                                    || joint.torque().known().isEmpty()
                                                    || j.torque().equals(joint.torque()))
                            .findFirst();
            if (line.equals(lines.get(0))) {
                if (other.isPresent()) {
                    merge(joint, other.get(), line);
                } else {
                    manual = manual.withJoint(joint.withFastener(line));
                }
            } else {
                Id<Joint> target = other.map(Joint::id).orElseGet(() -> copy(joint, line));
                move(id, target, line);
            }
        }
    }

    private void merge(Joint joint, Joint into, Id<Part> line) {
        if (into.torque().known().isEmpty()) {
            manual = manual.withJoint(told(into.withFastener(line), joint));
        }
        manual = References.renamed(manual, Joint.class, Map.of(joint.id(), into.id()));
        manual =
                manual.withJoints(
                        manual.joints().stream().filter(j -> !j.id().equals(joint.id())).toList());
    }

    /** A joint with what was told of it by another name, where nothing is known of it. */
    private static Joint told(Joint joint, Joint heard) {
        Joint told = joint;
        if (heard.torque().known().isPresent()) {
            told =
                    told.withTorque(heard.torque())
                            .withStages(heard.stages())
                            .withSecond(heard.second())
                            .withFurther(heard.further());
        }
        if (told.order().isEmpty()) {
            told = told.withOrder(heard.order());
        }
        if (told.loosenOrder().isEmpty()) {
            told = told.withLoosenOrder(heard.loosenOrder());
        }
        if (told.feel().isEmpty()) {
            told = told.withFeel(heard.feel());
        }
        if (told.turned() == null) {
            told = told.withTurned(heard.turned());
        }
        if (told.hand() == null) {
            told = told.withHand(heard.hand());
        }
        return told.withByHand(told.byHand() || heard.byHand());
    }

    private Id<Joint> copy(Joint joint, Id<Part> line) {
        Id<Joint> id = manual.nextId("j");
        manual = manual.withIdTaken().withJoint(joint.withId(id).withFastener(line));
        return id;
    }

    /** The steps that have a line work on another joint. */
    private void move(Id<Joint> from, Id<Joint> to, Id<Part> line) {
        for (Step step : manual.steps().toList()) {
            if (step.parts().stream().anyMatch(u -> u.part().equals(line))) {
                Step moved =
                        step.withJoints(
                                        step.joints().stream()
                                                .map(j -> j.equals(from) ? to : j)
                                                .distinct()
                                                .toList())
                                .withActions(
                                        step.actions().stream()
                                                .map(
                                                        a ->
                                                                a.object().equals(from)
                                                                        ? a.withObject(to)
                                                                        : a)
                                                .toList());
                manual = moved.equals(step) ? manual : manual.withStep(moved);
            }
        }
    }

    // ---------------------------------------------------------------- tools and consumables

    private void tools() {
        manual =
                References.renamed(
                        manual,
                        Tool.class,
                        lines(manual.tools(), Tool::heard, Tool::id, Tool::label));
    }

    private void consumables() {
        manual =
                References.renamed(
                        manual,
                        Consumable.class,
                        lines(
                                manual.consumables(),
                                Consumable::heard,
                                Consumable::id,
                                Consumable::label));
    }

    /** The lines that alone have all the words of what was heard. */
    private static <T> Map<Id<T>, Id<T>> lines(
            List<T> list,
            Function<T, Boolean> heard,
            Function<T, Id<T>> id,
            Function<T, String> label) {
        Map<Id<T>, Id<T>> lines = new HashMap<>();
        for (T one : list) {
            if (heard.apply(one)) {
                Set<String> said = DraftedManual.said(label.apply(one));
                List<T> fitting =
                        list.stream()
                                .filter(t -> !heard.apply(t))
                                .filter(t -> DraftedManual.said(label.apply(t)).containsAll(said))
                                .toList();
                if (fitting.size() == 1) {
                    lines.put(id.apply(one), id.apply(fitting.get(0)));
                }
            }
        }
        return lines;
    }

    // ---------------------------------------------------------------- what is left over

    /** The manual without what was heard and is used nowhere any more. */
    static Manual withoutUnused(Manual manual) {
        Manual result = manual;
        boolean again = true;
        while (again) {
            Set<Id<?>> used = used(result);
            Manual less =
                    result.withParts(
                                    result.parts().stream()
                                            .filter(p -> !p.heard() || used.contains(p.id()))
                                            .toList())
                            .withTools(
                                    result.tools().stream()
                                            .filter(t -> !t.heard() || used.contains(t.id()))
                                            .toList())
                            .withConsumables(
                                    result.consumables().stream()
                                            .filter(c -> !c.heard() || used.contains(c.id()))
                                            .toList())
                            .withDocuments(
                                    result.documents().stream()
                                            .filter(d -> !d.heard() || used.contains(d.id()))
                                            .toList());
            again = !less.equals(result);
            result = less;
        }
        return result;
    }

    private static Set<Id<?>> used(Manual manual) {
        Set<Id<?>> used = new HashSet<>();
        Walk.through(
                manual,
                (where, component, value) -> {
                    if (value != null && !component.refersTo().isEmpty()) {
                        if (value instanceof List<?> list) {
                            list.forEach(id -> used.add((Id<?>) id));
                        } else {
                            used.add((Id<?>) value);
                        }
                    }
                });
        return used;
    }
}
