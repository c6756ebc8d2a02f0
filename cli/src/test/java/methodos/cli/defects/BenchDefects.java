package methodos.cli.defects;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import methodos.core.description.Id;
import methodos.core.finding.Rule;
import methodos.core.manual.Action;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;

/** What is off, tight or thrown away when the instruction needs it otherwise. */
final class BenchDefects extends Spoiling {

    BenchDefects(Manual sound, Map<String, List<Defect>> kinds) {
        super(sound, kinds);
    }

    void collect() {
        steps.forEach(this::aids);
        counts();
        thrownAway();
        tightness();
    }

    private void aids(Step step) {
        for (Action action : step.actions()) {
            if (action.verb() != Action.Verb.PUT_IN_PLACE) {
                continue;
            }
            long placings =
                    steps.stream()
                            .flatMap(s -> s.actions().stream())
                            .filter(a -> a.verb() == Action.Verb.PUT_IN_PLACE)
                            .filter(a -> a.object().equals(action.object()))
                            .count();
            steps.stream()
                    .filter(
                            s ->
                                    s.actions().stream()
                                            .anyMatch(
                                                    a ->
                                                            a.verb() == Action.Verb.TAKE_AWAY
                                                                    && a.object()
                                                                            .equals(
                                                                                    action
                                                                                            .object())))
                    .filter(s -> placings == 1)
                    .forEach(
                            s -> {
                                add(
                                        "an aid that nobody put there",
                                        sound.withStep(acting(step, action, null)),
                                        Rule.NEVER_PUT_THERE,
                                        s);
                                if (action.count() > 1) {
                                    add(
                                            "more taken away than put there",
                                            sound.withStep(
                                                    acting(step, action, action.withCount(1))),
                                            Rule.NEVER_PUT_THERE,
                                            s);
                                }
                            });
        }
    }

    private static Step acting(Step step, Action before, Action after) {
        List<Action> all = new ArrayList<>(step.actions());
        int at = all.indexOf(before);
        all.remove(at);
        if (after != null) {
            all.add(at, after);
        }
        return step.withActions(all);
    }

    /** The sound manual in which nothing loosens a joint and none of its screws comes off. */
    private Manual without(Joint joint) {
        Manual result = neverOff(joint.fastener());
        for (Step step : result.steps().toList()) {
            result =
                    result.withStep(
                            step.withActions(
                                    step.actions().stream()
                                            .filter(a -> !a.object().equals(joint.id()))
                                            .toList()));
        }
        return result;
    }

    /** The sound manual in which a part never comes off. */
    private Manual neverOff(Id<Part> part) {
        Manual result = sound;
        for (Stage stage : sound.stages()) {
            for (Step step : stage.steps()) {
                result =
                        result.withStep(
                                step.withParts(
                                        step.parts().stream()
                                                .filter(u -> !takesOff(u, part, stage.kind()))
                                                .toList()));
            }
        }
        return result;
    }

    private static boolean takesOff(PartUse use, Id<Part> part, Stage.Kind stage) {
        return use.part().equals(part) && use.in(stage) == Handling.TAKEN_OFF;
    }

    /** Nothing loosens a joint: what it holds comes off tight, and it is tightened for nothing. */
    private void tightness() {
        for (Joint joint : sound.joints()) {
            Manual tight = without(joint);
            String held = joint.name().split(" to ")[0].toLowerCase(Locale.ROOT);
            for (Stage stage : sound.stages()) {
                for (Step step : stage.steps()) {
                    boolean off =
                            step.parts().stream()
                                    .filter(u -> u.in(stage.kind()) == Handling.TAKEN_OFF)
                                    .map(u -> parts.get(u.part()).name().toLowerCase(Locale.ROOT))
                                    .anyMatch(
                                            n -> joint.name().contains(" to ") && n.endsWith(held));
                    if (off) {
                        add("taken off while it is tight", tight, Rule.STILL_TIGHT, step);
                    }
                    if (step.joints().contains(joint.id())) {
                        add("tightened though not loosened", tight, Rule.NOT_LOOSENED, step);
                    }
                }
            }
        }
    }

    /** Looked at between the moment it is thrown away and the moment a new one goes on. */
    private void thrownAway() {
        for (Part part : parts.values()) {
            if (part.reuse() != ReuseRule.ALWAYS_NEW) {
                continue;
            }
            int off = -1;
            int taken = 0;
            int on = steps.size();
            int at = 0;
            for (Stage stage : sound.stages()) {
                for (Step step : stage.steps()) {
                    for (PartUse use : step.parts()) {
                        if (use.part().equals(part.id())
                                && use.in(stage.kind()) == Handling.TAKEN_OFF) {
                            taken += use.count();
                            off = at;
                        } else if (use.part().equals(part.id())
                                && use.in(stage.kind()) == Handling.PUT_ON) {
                            on = Math.min(on, at);
                        }
                    }
                    at++;
                }
            }
            for (int i = off + 1; off >= 0 && i < on && taken == part.quantity(); i++) {
                if (part.applicability().all()
                        && !steps.get(i).text().matches("(?i).*\\b(old|new)\\b.*")) {
                    step(
                            "looked at when it is thrown away",
                            steps.get(i),
                            Rule.THROWN_AWAY,
                            s -> looked(s, part));
                }
            }
        }
        for (Stage stage : sound.stages()) {
            for (Step step : stage.steps()) {
                for (PartUse use : step.parts()) {
                    if (use.in(stage.kind()) == Handling.PUT_ON) {
                        goesOn(use, step);
                    }
                }
            }
        }
    }

    private static Step looked(Step step, Part part) {
        List<PartUse> all = new ArrayList<>(step.parts());
        all.add(new PartUse(part.id(), 1, Handling.LOOKED_AT, null));
        return step.withParts(all);
    }

    private void goesOn(PartUse use, Step at) {
        add("goes on though none came off", neverOff(use.part()), Rule.NOT_REMOVED_FIRST, at);
    }

    /** More than there are, and the old one again. */
    private void counts() {
        for (Stage stage : sound.stages()) {
            for (Step step : stage.steps()) {
                for (PartUse use : step.parts()) {
                    Part part = parts.get(use.part());
                    int many = part.quantity() + 1;
                    if (use.in(stage.kind()) == Handling.TAKEN_OFF) {
                        step(
                                "more come off than there are",
                                step,
                                Rule.TOO_MANY_REMOVED,
                                s -> used(s, use, use.withCount(many)));
                    } else if (use.in(stage.kind()) == Handling.PUT_ON) {
                        step(
                                "more go on than came off",
                                step,
                                Rule.TOO_MANY_FITTED,
                                s -> used(s, use, use.withCount(many)));
                        if (part.reuse() == ReuseRule.ALWAYS_NEW) {
                            step(
                                    "the old one again",
                                    step,
                                    Rule.REUSED,
                                    s -> used(s, use, use.withSupply(PartUse.Supply.SAME)));
                        }
                    }
                }
            }
        }
    }

    private static Step used(Step step, PartUse before, PartUse after) {
        return step.withParts(
                step.parts().stream().map(u -> u.equals(before) ? after : u).toList());
    }
}
