package methodos.desktop.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import methodos.core.check.OpenPoint;
import methodos.core.description.Id;
import methodos.core.manual.Step;
import methodos.core.plan.ManualPlan;
import methodos.core.plan.PlanTime;
import methodos.core.plan.StepTime;
import methodos.core.plan.WorkPlan;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;

/** What the plan knows of the chosen step, and the longest chain. */
final class StepInPlan extends VBox {

    private final Words words;
    private final Consumer<OpenPoint> go;

    StepInPlan(Words words, Consumer<OpenPoint> go) {
        super(12);
        this.words = words;
        this.go = go;
        setId("stepInPlan");
    }

    void show(ManualPlan plan, Id<Step> chosen) {
        List<Node> all = new ArrayList<>();
        plan.step(chosen).ifPresent(step -> all.addAll(step(plan, step)));
        List<Integer> chain = new ArrayList<>();
        plan.plan()
                .critical()
                .forEach(id -> plan.step(new Id<>(id)).ifPresent(s -> chain.add(s.number())));
        if (!chain.isEmpty()) {
            all.add(
                    part(
                            words.of("plan.longest"),
                            TimeRule.stretches(chain),
                            words.of("plan.saved")));
        }
        if (!plan.leftOut().isEmpty()) {
            all.add(
                    part(
                            words.of("plan.leftOut"),
                            TimeRule.stretches(
                                    plan.leftOut().stream()
                                            .map(ManualPlan.PlannedStep::number)
                                            .toList()),
                            words.of("plan.leftOutWhy")));
        }
        getChildren().setAll(all);
    }

    private List<Node> step(ManualPlan plan, ManualPlan.PlannedStep step) {
        StepTime time = step.time();
        List<Node> all = new ArrayList<>();
        all.add(
                new VBox(
                        2,
                        Controls.label(words.of("plan.step", step.number()), "panel-head"),
                        Controls.prose(step.step().text())));
        VBox times =
                new VBox(
                        2,
                        fact("plan.expected", time.expected()),
                        fact("plan.likely", time.likely()),
                        fact("plan.best", time.best()),
                        fact("plan.worst", time.worst()));
        if (step.alone() > 0) {
            times.getChildren().add(fact("plan.then", step.alone()));
        }
        times.getChildren().add(Controls.prose(ground(time), "soft"));
        all.add(times);
        all.add(
                part(
                        words.of("plan.before"),
                        step.after().isEmpty()
                                ? words.of("plan.nothing")
                                : TimeRule.stretches(numbers(plan, step.after())),
                        ""));
        List<Id<Step>> later =
                plan.steps().stream()
                        .filter(s -> s.after().contains(step.step().id()))
                        .map(s -> s.step().id())
                        .toList();
        all.add(
                part(
                        words.of("plan.behind"),
                        later.isEmpty()
                                ? words.of("plan.nothing")
                                : TimeRule.stretches(numbers(plan, later)),
                        ""));
        plan.plan().slot(step.step().id().text()).ifPresent(slot -> all.add(when(plan, slot)));
        all.add(
                Controls.link(
                        "planStep",
                        words.of("plan.show", step.number()),
                        () -> go.accept(OpenPoint.toStep(step.step().id()))));
        return all;
    }

    private Node when(ManualPlan plan, WorkPlan.Slot slot) {
        return part(
                words.of("plan.when"),
                words.of(
                        "plan.fromTo",
                        PlanTime.clock(slot.start()),
                        PlanTime.clock(slot.free()),
                        slot.person()),
                plan.plan().critical().contains(slot.id()) ? words.of("plan.onLongest") : "");
    }

    private Node fact(String key, double seconds) {
        return Controls.prose(words.of(key, words.duration(Math.rint(seconds))));
    }

    private String ground(StepTime time) {
        if (time.ground() == StepTime.Ground.RUNS) {
            return words.of("plan.runs");
        }
        if (time.ground() == StepTime.Ground.FILM) {
            return words.of("plan.film", words.duration(Math.rint(time.film())));
        }
        String shares =
                time.shares().stream()
                        .map(
                                s ->
                                        words.of(
                                                "plan.share",
                                                words.of("plan.work." + s.work()),
                                                s.count(),
                                                words.duration(s.seconds())))
                        .collect(Collectors.joining("; "));
        return words.of(
                "plan.assumed",
                shares,
                time.times(),
                time.film() > 0 ? 1 : 0,
                words.duration(Math.rint(time.film())));
    }

    private static List<Integer> numbers(ManualPlan plan, List<Id<Step>> steps) {
        return steps.stream()
                .flatMap(id -> plan.step(id).stream())
                .map(ManualPlan.PlannedStep::number)
                .sorted()
                .toList();
    }

    private static Node part(String head, String text, String more) {
        VBox part = new VBox(2, Controls.label(head, "strong"), Controls.prose(text));
        if (!more.isEmpty()) {
            part.getChildren().add(Controls.prose(more, "soft"));
        }
        return part;
    }
}
