package methodos.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.description.RecordShape;
import methodos.core.manual.Action;
import methodos.core.manual.Applicability;
import methodos.core.manual.Manual;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.Reading;
import methodos.core.manual.Repeat;
import methodos.core.manual.RepeatedSteps;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Wait;
import methodos.core.words.Words;

/**
 * Makes one step of two. All of both is kept: texts one behind the other, and of lists what either
 * has. Where the two do not agree, that stands in the step as a doubt that somebody settles.
 */
public final class StepJoining {

    private final Manual manual;
    private final Stage stage;
    private final Step first;
    private final Step second;
    private final Words words;
    private final List<String> doubts = new ArrayList<>();

    private StepJoining(Manual manual, Stage stage, Step first, Step second, Words words) {
        this.manual = manual;
        this.stage = stage;
        this.first = first;
        this.second = second;
        this.words = words;
    }

    /**
     * Makes one step of a step and the next one of its stage; the last of a stage stays as it is.
     *
     * @param words for the sentences of what is in doubt
     */
    public static Edit join(Id<Step> step, Words words) {
        return Edit.named(EditKind.JOIN, m -> joined(m, step, words));
    }

    private static Manual joined(Manual manual, Id<Step> id, Words words) {
        Step first = manual.step(id).orElse(null);
        Stage stage = manual.stageOf(id).orElse(null);
        if (first == null || stage == null) {
            return manual;
        }
        int at = stage.steps().indexOf(first);
        if (at + 1 >= stage.steps().size()) {
            return manual;
        }
        Step second = stage.steps().get(at + 1);
        return new StepJoining(manual, stage, first, second, words).joined();
    }

    private Manual joined() {
        RecordShape shape = RecordShape.of(Step.class);
        Object[] values =
                shape.components().stream()
                        .map(c -> both(c.name(), c.of(first), c.of(second)))
                        .toArray();
        Step both = (Step) shape.make(values);
        repeats();
        List<String> open = new ArrayList<>(both.doubts());
        doubts.stream().filter(d -> !open.contains(d)).forEach(open::add);
        // what led to the second step leads to the joined one before the second is gone
        return References.renamed(manual, Step.class, Map.of(second.id(), first.id()))
                .withoutStep(second.id())
                .withStep(both.withDoubts(open));
    }

    /** What a component of the joined step is. */
    private Object both(String component, Object a, Object b) {
        if (component.equals("id")) {
            return a;
        }
        if (component.equals("way") || component.equals("onlyIfFound")) {
            if (!Objects.equals(a, b)) {
                doubts.add(words.of("join." + component));
            }
            return a == null ? b : a;
        }
        if (component.equals("onlyIf") && !a.equals(b)) {
            doubts.add(words.of("join.onlyIf", a, b));
        }
        if (a instanceof List<?> one && b instanceof List<?> other) {
            return both(one, other);
        }
        if (a instanceof String one && b instanceof String other) {
            return one.equals(other) ? one : sentences(one, other);
        }
        if (a instanceof Applicability one && b instanceof Applicability other) {
            if (!one.equals(other)) {
                doubts.add(words.of("join.units", words.of(one), words.of(other)));
            }
            return one.all() || other.all() ? Applicability.ALL : one.or(other.any());
        }
        if (component.equals("optional")) {
            if (!a.equals(b)) {
                doubts.add(words.of("join.optional"));
            }
            return (boolean) a && (boolean) b;
        }
        if (component.equals("accepted")) {
            return (boolean) a && (boolean) b;
        }
        if (component.equals("sure")) {
            return a == null || b != null && (double) b < (double) a ? b : a;
        }
        throw new IllegalStateException("nothing says how “" + component + "” is joined");
    }

    private static String sentences(String one, String other) {
        return Stream.of(one.strip(), other.strip())
                .filter(s -> !s.isEmpty())
                .collect(Collectors.joining(" "));
    }

    /** What either list has. What is done in each step is done twice; all else is there once. */
    private List<?> both(List<?> one, List<?> other) {
        List<Object> all = new ArrayList<>(one);
        for (Object b : other) {
            if (b instanceof PartUse use) {
                with(all, use);
            } else if (b instanceof Wait || b instanceof Reading || b instanceof Action) {
                all.add(b);
            } else if (!all.contains(b)) {
                all.add(b);
            }
        }
        return all;
    }

    /** Of a part that both take off or put on, as many as both together; of others the larger. */
    private void with(List<Object> uses, PartUse use) {
        for (int i = 0; i < uses.size(); i++) {
            PartUse there = (PartUse) uses.get(i);
            Handling handling = there.in(stage.kind());
            if (handling == use.in(stage.kind())
                    && alike(there, handling).equals(alike(use, handling))) {
                boolean moved = handling == Handling.TAKEN_OFF || handling == Handling.PUT_ON;
                uses.set(
                        i,
                        there.withCount(
                                moved
                                        ? there.count() + use.count()
                                        : Math.max(there.count(), use.count())));
                return;
            }
        }
        uses.add(use);
    }

    /** What is the same of two uses that are one, however often and by whatever name. */
    private static PartUse alike(PartUse use, Handling handling) {
        return use.withCount(1).withHandling(handling).withNamed(null);
    }

    private void repeats() {
        for (Repeat repeat : manual.repeats()) {
            List<Id<Step>> steps = RepeatedSteps.steps(manual, repeat);
            if (steps.contains(first.id()) != steps.contains(second.id())) {
                doubts.add(words.of("join.repeat", String.join(", ", repeat.places())));
            }
        }
    }
}
