package methodos.core.edit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.manual.Action;
import methodos.core.manual.Evidence;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Step;
import methodos.core.manual.ThreadTurn;
import methodos.core.manual.Value;
import methodos.core.narration.DraftedStep;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.MeasureUnit.Dimension;
import methodos.core.quantity.Quantity;
import methodos.core.words.Words;

/**
 * The joints that a drafted step tightens or loosens. What is turned is the fastener, and where it
 * is turned again, loosened or tightened, it is the same joint.
 */
final class DraftedJoints {

    /**
     * What a step does to joints.
     *
     * @param tightened the joints that it tightens
     */
    record Done(List<Id<Joint>> tightened, List<Action> actions) {}

    private static final Done NOTHING = new Done(List.of(), List.of());

    private final DraftedManual drafting;
    private final DraftedStep drafted;
    private final List<Evidence> evidence;

    DraftedJoints(DraftedManual drafting, DraftedStep drafted, List<Evidence> evidence) {
        this.drafting = drafting;
        this.drafted = drafted;
        this.evidence = evidence;
    }

    /**
     * @param doubts what is said of a joint where no joint is known
     */
    Done of(List<PartUse> parts, Collection<String> doubts) {
        List<Value.Known> stages = stages();
        boolean tight = is("tighten") || !stages.isEmpty();
        boolean hand = !tight && is("hand-tighten");
        boolean left = drafted.threadDirection() != null;
        boolean loose = !tight && !hand && (is("loosen") || left || drafted.pattern() != null);
        boolean named = !parts.isEmpty() || !stages.isEmpty();
        if (!named || !tight && !hand && !loose) {
            if (left) {
                doubts.add(drafting.words().of("draft.leftHandOfWhat"));
            }
            if (drafted.pattern() != null) {
                doubts.add(drafting.words().of("draft.orderOfWhat", drafted.pattern()));
            }
            return open(parts);
        }
        Joint joint = joint(parts, stages);
        boolean settled = joint.torque() instanceof Value.Known known && known.accepted();
        if (!settled) { // what somebody has agreed to a draft leaves alone
            drafting.change(drafting.now().withJoint(told(joint, parts, stages, tight)));
        }
        if (tight) {
            return new Done(List.of(joint.id()), List.of());
        }
        Action.Verb verb = hand ? Action.Verb.TIGHTEN_BY_HAND : Action.Verb.LOOSEN;
        return new Done(List.of(), List.of(new Action(verb, joint.id())));
    }

    /** A joint with what the step tells of it. */
    private Joint told(Joint joint, List<PartUse> parts, List<Value.Known> stages, boolean tight) {
        Joint told = joint;
        if (!parts.isEmpty()) {
            told = told.withCount(Math.max(told.count(), parts.get(0).count()));
        }
        if (tight) {
            told = tightened(told, stages);
        } else if (drafted.pattern() != null) {
            told = told.withLoosenOrder(drafted.pattern());
        }
        return drafted.threadDirection() == null ? told : told.withHand(ThreadTurn.Hand.LEFT);
    }

    /** "Tighten it to what the data sheet says": a joint of which nothing else is known. */
    private Done open(List<PartUse> parts) {
        if (!is("tighten") || drafted.reference() == null) {
            return NOTHING;
        }
        Joint joint = created(parts, "");
        drafting.change(drafting.now().withJoint(joint));
        return new Done(List.of(joint.id()), List.of());
    }

    /** Whether a joint is as a draft made it, and nobody has agreed to it or filled it in. */
    static boolean isDrafted(Joint joint, Words words) {
        if (joint.torque() instanceof Value.Open open) {
            return open.why().equals(words.of("draft.noTorque"))
                    || open.why().startsWith(words.of("draft.lookUp", ""));
        }
        return joint.torque() instanceof Value.Known known && !known.accepted();
    }

    private boolean is(String action) {
        return action.equals(drafted.action());
    }

    /** The joint of the fastener that is known, unless another torque is said than it has. */
    private Joint joint(List<PartUse> parts, List<Value.Known> stages) {
        if (!parts.isEmpty()) {
            Id<Part> fastener = parts.get(0).part();
            Optional<Joint> known =
                    drafting.now().joints().stream()
                            .filter(j -> fastener.equals(j.fastener()))
                            .filter(j -> agrees(j, stages))
                            .findFirst();
            if (known.isPresent()) {
                return known.get();
            }
        }
        return created(parts, drafted.parts().isEmpty() ? "" : name(parts));
    }

    private static boolean agrees(Joint joint, List<Value.Known> stages) {
        return stages.isEmpty()
                || joint.torque()
                        .known()
                        .map(q -> q.print().equals(last(stages).quantity().print()))
                        .orElse(true);
    }

    private Joint created(List<PartUse> parts, String name) {
        Manual manual = drafting.now();
        drafting.change(manual.withIdTaken());
        return JointBuilder.builder()
                .id(manual.nextId("j"))
                .name(name.isEmpty() ? nameless() : name)
                .fastener(parts.isEmpty() ? null : parts.get(0).part())
                .count(parts.isEmpty() ? 1 : parts.get(0).count())
                .torque(
                        drafted.reference() == null
                                ? new Value.Open(drafting.words().of("draft.noTorque"), null)
                                : lookUp())
                .build();
    }

    /** What a joint is called of which the step says only how tight. */
    private String nameless() {
        Words words = drafting.words();
        List<Value.Known> stages = stages();
        String name =
                !stages.isEmpty()
                        ? words.of("draft.joint.at", last(stages).quantity().print())
                        : drafted.reference() != null
                                ? words.of("draft.joint.by", drafted.reference())
                                : words.of("draft.joint.unnamed");
        List<String> taken = drafting.now().joints().stream().map(Joint::name).toList();
        String free = name;
        for (int i = 2; taken.contains(free); i++) {
            free = words.of("draft.joint.number", name, i);
        }
        return free;
    }

    private Value lookUp() {
        return new Value.Open(
                drafting.words().of("draft.lookUp", drafted.reference()),
                drafting.document(drafted.reference()));
    }

    /**
     * What it holds; with the fastener where another joint is called so, or nothing else is said.
     */
    private String name(List<PartUse> parts) {
        DraftedStep.PartNamed fastener = drafted.parts().get(0);
        String held = fastener.from();
        if (held == null) {
            held =
                    drafted.parts().stream()
                            .skip(1)
                            .map(DraftedStep.PartNamed::name)
                            .findFirst()
                            .orElse(null);
        }
        String label =
                parts.isEmpty()
                        ? fastener.name()
                        : drafting.now().part(parts.get(0).part()).orElseThrow().label();
        String name = held == null ? label : held;
        boolean taken = drafting.now().joints().stream().anyMatch(j -> j.name().equals(name));
        return taken && held != null ? drafting.words().of("draft.joint", held, label) : name;
    }

    private Joint tightened(Joint joint, List<Value.Known> stages) {
        Joint tight = joint;
        if (!stages.isEmpty() && joint.torque().known().isEmpty()) {
            tight =
                    tight.withTorque(last(stages))
                            .withStages(
                                    stages.subList(0, stages.size() - 1).stream()
                                            .map(Value.Known::quantity)
                                            .toList())
                            .withSecond(second());
        } else if (drafted.reference() != null && joint.torque().known().isEmpty()) {
            tight = tight.withTorque(lookUp());
        }
        if (drafted.pattern() != null) {
            tight = tight.withOrder(drafted.pattern());
        }
        Optional<Quantity> angle = angle();
        if (angle.isPresent()) {
            tight =
                    stages.isEmpty()
                            ? tight.withTurned(angle.get())
                            : tight.withFurther(angle.get());
        }
        if (drafted.until() != null && stages.isEmpty()) {
            tight = tight.withFeel(drafted.until());
        }
        return tight;
    }

    /** By how much it is turned further. */
    private Optional<Quantity> angle() {
        Optional<Quantity> then =
                drafted.torques().stream()
                        .map(DraftedStep.Torque::then)
                        .filter(Objects::nonNull)
                        .findFirst()
                        .flatMap(d -> DraftedValues.quantity(d, d, "deg"));
        return then.or(
                () ->
                        drafted.limits().stream()
                                .filter(l -> isAngle(drafted, l))
                                .findFirst()
                                .flatMap(l -> DraftedValues.quantity(l.min(), l.max(), l.unit())));
    }

    /** Whether a figure is by how much something is turned that is tightened: no reading. */
    static boolean isAngle(DraftedStep drafted, DraftedStep.Limit limit) {
        return ("tighten".equals(drafted.action()) || !drafted.torques().isEmpty())
                && MeasureUnit.named(limit.unit())
                        .filter(u -> u.dimension() == Dimension.ANGLE)
                        .isPresent();
    }

    private static Value.Known last(List<Value.Known> stages) {
        return stages.get(stages.size() - 1);
    }

    /** "Ten, twenty, then thirty-five", in the system of units that was said first. */
    private List<Value.Known> stages() {
        return drafted.torques().stream()
                .filter(t -> t.unit().equals(drafted.torques().get(0).unit()))
                .flatMap(t -> DraftedValues.value(t.min(), t.max(), t.unit(), evidence).stream())
                .toList();
    }

    /** What the last stage is said to be in another unit; nothing that is said is lost. */
    private Quantity second() {
        return drafted.torques().stream()
                .filter(t -> !t.unit().equals(drafted.torques().get(0).unit()))
                .flatMap(t -> DraftedValues.quantity(t.min(), t.max(), t.unit()).stream())
                .reduce((a, b) -> b)
                .orElse(null);
    }

    /** Where a joint is left hand-tight and never tightened further, by hand is its way. */
    static Manual byHandAlone(Manual manual) {
        Manual result = manual;
        List<Id<Joint>> tightened =
                manual.steps().flatMap(s -> s.joints().stream()).distinct().toList();
        for (Step step : manual.steps().filter(s -> !s.accepted()).toList()) {
            for (Action action : step.actions()) {
                Optional<Joint> joint =
                        action.verb() == Action.Verb.TIGHTEN_BY_HAND
                                ? manual.joints().stream()
                                        .filter(j -> j.id().equals(action.object()))
                                        .filter(j -> !tightened.contains(j.id()))
                                        .filter(j -> j.torque().known().isEmpty())
                                        .findFirst()
                                : Optional.empty();
                if (joint.isPresent()) {
                    Step now = result.step(step.id()).orElseThrow();
                    List<Action> others = new ArrayList<>(now.actions());
                    others.remove(action);
                    result =
                            result.withJoint(joint.get().withByHand(true))
                                    .withStep(
                                            now.withActions(others)
                                                    .withJoints(
                                                            Lists.with(
                                                                    now.joints(),
                                                                    joint.get().id())));
                }
            }
        }
        return result;
    }
}
