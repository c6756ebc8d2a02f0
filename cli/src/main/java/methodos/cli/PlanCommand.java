package methodos.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.cli.output.PlanOutput;
import methodos.core.manual.Manual;
import methodos.core.plan.ManualPlan;
import methodos.core.plan.StepTime;
import methodos.core.plan.WorkPlan;
import methodos.core.practice.PractisedManual;
import methodos.files.bench.KeptRun;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.ProjectFolder;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "plan",
        mixinStandardHelpOptions = true,
        description = "Prints how long the work takes, and who does what when.")
final class PlanCommand implements Callable<Integer> {

    private static final int MOST_PEOPLE = 20;
    private static final double MINUTE = 60;

    @Parameters(paramLabel = "PROJECT", description = "the project")
    private Path project;

    @Option(names = "--people", description = "how many work; 1 where nothing is said")
    private int people = 1;

    @Option(names = "--kit-after", description = "minutes after the beginning when kits come")
    private double kitAfter;

    @Option(names = "--json", description = "prints one JSON value")
    private boolean json;

    @ArgGroup(exclusive = false)
    private UnitsOption units;

    @Override
    public Integer call() throws Exception {
        if (people < 1 || people > MOST_PEOPLE) {
            throw new ProjectProblem("--people is a number from 1 to " + MOST_PEOPLE + ".");
        }
        if (!(kitAfter >= 0 && kitAfter < Double.POSITIVE_INFINITY)) {
            throw new ProjectProblem("--kit-after is a number of minutes from 0 up.");
        }
        PractisedManual practised = PractisedManual.of(ProjectFolder.read(project).manual());
        Manual manual = practised.manual();
        ManualPlan plan =
                ManualPlan.of(
                        manual,
                        UnitsOption.sight(units, manual),
                        new ManualPlan.Asked(
                                people, kitAfter * MINUTE, KeptRun.times(project, practised)));
        if (json) {
            Output.json(value(plan));
        } else {
            print(plan);
        }
        return 0;
    }

    private static Map<String, Object> value(ManualPlan plan) {
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("people", plan.people());
        value.putAll(PlanOutput.of(plan.plan()));
        value.put("hands", PlanOutput.number(plan.plan().hands()));
        value.put("idle", PlanOutput.number(plan.plan().idle()));
        double[] range = plan.range();
        value.put("range", List.of(PlanOutput.number(range[0]), PlanOutput.number(range[1])));
        value.put("steps", plan.steps().stream().map(PlanCommand::row).toList());
        value.put("leftOut", plan.leftOut().stream().map(PlanCommand::row).toList());
        return value;
    }

    private static Map<String, Object> row(ManualPlan.PlannedStep step) {
        StepTime time = step.time();
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("id", step.step().id());
        row.put("step", step.number());
        row.put("best", PlanOutput.number(time.best()));
        row.put("likely", PlanOutput.number(time.likely()));
        row.put("worst", PlanOutput.number(time.worst()));
        row.put("expected", PlanOutput.number(time.expected()));
        row.put("wait", PlanOutput.number(step.alone()));
        row.put("ground", time.ground().name().toLowerCase(Locale.ROOT));
        row.put("film", PlanOutput.number(time.film()));
        row.put("times", time.times());
        row.put("after", step.after());
        return row;
    }

    private static void print(ManualPlan plan) {
        WorkPlan work = plan.plan();
        double[] range = plan.range();
        Output.line(
                PlanOutput.clock(work.elapsed())
                        + " from the first step to the last, "
                        + (plan.people() == 1 ? "one person" : plan.people() + " people")
                        + "; "
                        + PlanOutput.clock(work.hands())
                        + " of work ("
                        + PlanOutput.clock(range[0])
                        + " to "
                        + PlanOutput.clock(range[1])
                        + "), "
                        + PlanOutput.clock(work.idle())
                        + " in which all wait");
        Map<String, ManualPlan.PlannedStep> steps = new LinkedHashMap<>();
        plan.steps().forEach(s -> steps.put(s.step().id().text(), s));
        for (WorkPlan.Slot slot : work.slots()) {
            ManualPlan.PlannedStep step = steps.get(slot.id());
            Output.line(
                    PlanOutput.clock(slot.start())
                            + "  "
                            + slot.person()
                            + "  step "
                            + step.number()
                            + (work.critical().contains(slot.id()) ? " *" : "")
                            + "  "
                            + PlanOutput.clock(slot.free() - slot.start())
                            + (slot.end() > slot.free()
                                    ? ", then waits " + PlanOutput.clock(slot.end() - slot.free())
                                    : ""));
        }
        List<String> left = new ArrayList<>();
        plan.leftOut().forEach(s -> left.add(String.valueOf(s.number())));
        if (!left.isEmpty()) {
            Output.line(
                    "Not planned, since they hang on a finding or may be left out: steps "
                            + String.join(", ", left));
        }
        Output.line("* on the longest chain: a minute saved there is a minute saved.");
    }
}
