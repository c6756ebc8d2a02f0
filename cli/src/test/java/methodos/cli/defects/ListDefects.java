package methodos.cli.defects;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import methodos.core.description.Id;
import methodos.core.finding.Rule;
import methodos.core.manual.Action;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.Reading;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.TighteningWay;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.quantity.MeasureUnit.Dimension;
import methodos.core.vocabulary.Nouns;

/** What is not at hand, not listed, or cannot be read. */
final class ListDefects extends Spoiling {

    private static final List<String> UNLISTED =
            List.of("mallet", "puller", "dowel", "circlip", "chisel", "shim");

    ListDefects(Manual sound, Map<String, List<Defect>> kinds) {
        super(sound, kinds);
    }

    void collect() {
        for (Stage stage : sound.stages()) {
            for (Step step : stage.steps()) {
                tools(step);
                words(step, stage.kind());
                readings(step);
            }
        }
        moments();
    }

    private Step without(Step step, Predicate<Tool> which) {
        return step.withTools(
                step.tools().stream().filter(t -> !which.test(tools.get(t))).toList());
    }

    private static boolean named(Tool tool, String... words) {
        return List.of(words).stream().anyMatch(w -> tool.name().matches(".*\\b" + w + "\\b.*"));
    }

    private void tools(Step step) {
        for (Action action : step.actions()) {
            Joint joint =
                    action.verb() == Action.Verb.LOOSEN
                            ? sound.joint(new Id<>(action.object().text())).orElse(null)
                            : null;
            if (joint != null && !joint.ways().equals(List.of(TighteningWay.HAND))) {
                step("no tool to loosen with", step, Rule.NO_TOOL, s -> s.withTools(List.of()));
                step(
                        "no tool of the size",
                        step,
                        Rule.NO_TOOL,
                        s ->
                                s.withActions(
                                        s.actions().stream()
                                                .map(
                                                        a ->
                                                                a.equals(action)
                                                                        ? a.withSize("27 mm")
                                                                        : a)
                                                .toList()));
            }
        }
        for (Id<Joint> id : step.joints()) {
            Joint joint = sound.joint(id).orElseThrow();
            if (joint.told().contains(TighteningWay.WRENCH)
                    && joint.torque() instanceof Value.Known) {
                step(
                        "no torque wrench",
                        step,
                        Rule.NO_TOOL,
                        s -> without(s, t -> named(t, "torque")));
                step(
                        "no bit",
                        step,
                        Rule.NO_TOOL,
                        s -> without(s, t -> named(t, "bit", "socket", "insert")));
                Value open = new Value.Open("asked for", null);
                add(
                        "a value that is not known",
                        sound.withJoint(joint.withTorque(open)),
                        Rule.NO_VALUE,
                        step);
                step.tools().stream()
                        .map(tools::get)
                        .filter(t -> named(t, "torque"))
                        .findFirst()
                        .ifPresent(
                                t ->
                                        add(
                                                "a wrench that does not reach",
                                                sound.withTool(t.withSize("300 to 600 N·m")),
                                                Rule.NO_WRENCH,
                                                step));
            }
            if (!step.consumables().isEmpty() && !List.of("", "dry").contains(joint.condition())) {
                step(
                        "nothing for the thread",
                        step,
                        Rule.NO_TOOL,
                        s -> s.withConsumables(List.of()));
            }
        }
        for (Tool tool : tools.values()) {
            boolean same =
                    step.tools().stream()
                            .anyMatch(t -> head(tools.get(t).name()).equals(head(tool.name())));
            boolean aid =
                    step.actions().stream()
                            .flatMap(
                                    a ->
                                            sound.ledgerItems().stream()
                                                    .filter(i -> i.id().equals(a.object())))
                            .anyMatch(i -> tool.id().equals(i.tool()));
            if (tool.name().split("[ ,]+").length == 2
                    && !tool.name().contains(",")
                    && !same
                    && !aid) {
                step(
                        "a tool that is named and not listed",
                        step,
                        Rule.NO_TOOL,
                        s -> s.withText(s.text() + " Use the " + tool.name() + "."));
            }
        }
    }

    private void words(Step step, Stage.Kind stage) {
        boolean fluid =
                step.actions().stream()
                        .anyMatch(
                                a -> a.verb() == Action.Verb.DRAIN || a.verb() == Action.Verb.FILL);
        sound.consumables().stream()
                .filter(c -> step.consumables().isEmpty() && !fluid)
                .forEach(
                        c ->
                                step(
                                        "a consumable that is named and not listed",
                                        step,
                                        Rule.NO_TOOL,
                                        s ->
                                                s.withText(
                                                        s.text()
                                                                + " Take "
                                                                + head(c.name())
                                                                + ".")));
        for (String thing : UNLISTED) {
            step(
                    "a thing that no list has",
                    step,
                    Rule.NOT_LISTED,
                    s -> s.withText(s.text() + " Fetch a " + thing + "."));
        }
        step(
                "another kind of a thing",
                step,
                Rule.NOT_LISTED,
                s -> s.withText(s.text() + " Start the extra screws."));
        for (PartUse use : step.parts()) {
            Part part = parts.get(use.part());
            if (use.in(stage) == Handling.PUT_ON) {
                step(
                        "fitted before it is chosen",
                        step,
                        Rule.NOT_CHOSEN,
                        s -> s.withText("Fit the chosen " + head(part.name()) + "."));
            }
            long same =
                    step.parts().stream()
                            .filter(u -> head(parts.get(u.part()).name()).equals(head(part.name())))
                            .count();
            if (same == 1) {
                String others = Nouns.plural(head(part.name()), 2);
                step(
                        "another number in the words",
                        step,
                        Rule.COUNTS_DIFFER,
                        s -> s.withText("Handle all eleven " + others + "."));
            }
        }
        for (Part part : parts.values()) {
            boolean none =
                    sound.variants().stream()
                            .map(Sight::of)
                            .filter(step.applicability()::concerns)
                            .anyMatch(v -> !part.applicability().concerns(v));
            boolean alone =
                    parts.values().stream()
                                    .filter(p -> head(p.name()).equals(head(part.name())))
                                    .count()
                            == 1;
            if (none && alone) {
                step(
                        "a part that some units have not got",
                        step,
                        Rule.OTHER_UNITS,
                        s -> s.withText(s.text() + " Mind the " + part.name() + "."));
            }
        }
    }

    private static boolean length(Reading r) {
        return r.known().filter(q -> q.unit().dimension() == Dimension.LENGTH).isPresent();
    }

    private void readings(Step step) {
        for (Reading reading : step.readings()) {
            if (!length(reading) || reading.tool() == null) {
                continue;
            }
            Tool tool = tools.get(reading.tool());
            step(
                    "a limit that is not known",
                    step,
                    Rule.NO_VALUE,
                    s ->
                            s.withReadings(
                                    s.readings().stream()
                                            .map(r -> r.withLimit(new Value.Open("", null, "")))
                                            .toList()));
            step(
                    "no instrument",
                    step,
                    Rule.NO_TOOL,
                    s ->
                            without(s, t -> t.kind() == Tool.Kind.MEASURING)
                                    .withReadings(
                                            s.readings().stream()
                                                    .map(r -> r.withTool(null))
                                                    .toList()));
            add(
                    "an instrument too coarse",
                    sound.withTool(tool.withSize("5 mm")),
                    Rule.TOO_COARSE,
                    step);
            add(
                    "an instrument too short",
                    sound.withTool(tool.withSize("0 to 0.05 mm")),
                    Rule.TOO_COARSE,
                    step);
        }
    }

    /** Pressures that are asked while there is none, and after there is more. */
    private void moments() {
        Reading begin =
                Reading.of("Pressure at which it begins to move", Value.of("≤ 2 bar"), 1, null);
        sound.energies().stream()
                .filter(e -> e.name().matches("(?i).*\\b(air|pressure)\\b.*"))
                .forEach(
                        energy -> {
                            int off = last(energy.safeSteps());
                            int on = last(energy.restoreSteps());
                            for (int i = off + 1; i < on; i++) {
                                step(
                                        "read without pressure",
                                        steps.get(i),
                                        Rule.CANNOT_BE_READ,
                                        s -> reading(s, begin));
                            }
                            for (int i = on + 1; i < steps.size(); i++) {
                                boolean bled =
                                        steps.subList(on, i + 1).stream()
                                                .anyMatch(s -> s.text().contains("bleed"));
                                if (!bled) {
                                    step(
                                            "read when the moment is over",
                                            steps.get(i),
                                            Rule.CANNOT_BE_READ,
                                            s -> reading(s, begin));
                                }
                            }
                        });
    }

    private int last(List<Id<Step>> some) {
        List<Id<Step>> ids = steps.stream().map(Step::id).toList();
        return some.stream().mapToInt(ids::indexOf).max().orElse(-1);
    }

    private static Step reading(Step step, Reading reading) {
        List<Reading> all = new ArrayList<>(step.readings());
        all.add(reading);
        return step.withReadings(all);
    }
}
