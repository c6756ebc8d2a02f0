package methodos.cli;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.cli.output.PlanOutput;
import methodos.core.bench.Slips;
import methodos.core.bench.WhatItTakes;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.StepNumbers;
import methodos.core.practice.PractisedManual;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.ProjectFolder;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "simulate",
        mixinStandardHelpOptions = true,
        description =
                "Works through the manual for many simulated units: how many pass, which parts"
                        + " they take, how long.")
final class SimulateCommand implements Callable<Integer> {

    private static final int MOST_UNITS = 100_000;
    private static final double PERCENT = 100;

    @Parameters(paramLabel = "PROJECT", description = "the project")
    private Path project;

    @Option(names = "--units", description = "how many; 1000 where nothing is said")
    private int units = 1000;

    @Option(names = "--seed", description = "the same seed gives the same units")
    private long seed = 1;

    @Option(
            names = "--worn",
            description = "share of the readings outside their limits, 0 to 1; 0.05 where not said")
    private double worn = Slips.USUAL.outside();

    @Option(
            names = "--slips",
            description =
                    "share of the entries at which somebody slips, 0 to 1; 0.02 where not said")
    private double slips = Slips.USUAL.skip();

    @Option(names = "--json", description = "prints one JSON value")
    private boolean json;

    @ArgGroup(exclusive = false)
    private UnitsOption of;

    @Override
    public Integer call() throws Exception {
        if (units < 1 || units > MOST_UNITS) {
            throw new ProjectProblem("--units is a number from 1 to " + MOST_UNITS + ".");
        }
        Manual manual = ProjectFolder.read(project).manual();
        List<Sight> sights =
                of == null && !manual.variants().isEmpty()
                        ? manual.variants().stream().map(Sight::of).toList()
                        : List.of(UnitsOption.sight(of, manual));
        WhatItTakes takes;
        try {
            takes =
                    WhatItTakes.of(
                            PractisedManual.of(manual),
                            sights,
                            units,
                            new Slips(slips, slips, worn, slips, slips, Slips.USUAL.stop()),
                            seed);
        } catch (IllegalArgumentException e) {
            throw new ProjectProblem(e.getMessage(), e);
        }
        if (json) {
            Output.json(value(takes, manual));
        } else {
            print(takes, manual);
        }
        return 0;
    }

    private static Map<String, Object> value(WhatItTakes takes, Manual manual) {
        StepNumbers numbers = new StepNumbers(manual, Sight.EVERYTHING);
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("units", takes.units());
        value.put("passed", takes.passed());
        value.put("deviating", takes.deviating());
        value.put("refused", takes.refused());
        value.put("hands", spread(takes.hands()));
        value.put("elapsed", spread(takes.elapsed()));
        value.put(
                "parts",
                takes.parts().stream()
                        .map(
                                p ->
                                        Map.of(
                                                "item",
                                                p.part().item(),
                                                "name",
                                                p.part().name(),
                                                "mean",
                                                PlanOutput.number(p.mean()),
                                                "most",
                                                p.most()))
                        .toList());
        value.put(
                "perhaps",
                takes.perhaps().stream()
                        .map(
                                p ->
                                        Map.of(
                                                "id",
                                                p.step().id(),
                                                "step",
                                                numbers.of(p.step().id()).orElse(0),
                                                "share",
                                                PlanOutput.number(p.share())))
                        .toList());
        return value;
    }

    private static Map<String, Object> spread(WhatItTakes.Spread spread) {
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("tenth", PlanOutput.number(spread.tenth()));
        value.put("median", PlanOutput.number(spread.median()));
        value.put("ninetieth", PlanOutput.number(spread.ninetieth()));
        return value;
    }

    private static void print(WhatItTakes takes, Manual manual) {
        StepNumbers numbers = new StepNumbers(manual, Sight.EVERYTHING);
        Output.line(
                takes.units()
                        + " simulated units: "
                        + takes.passed()
                        + " pass ("
                        + percent((double) takes.passed() / takes.units())
                        + "), "
                        + takes.deviating()
                        + " with something that departs from the manual; the bench refused "
                        + takes.refused()
                        + " entries.");
        Output.line("work     " + clock(takes.hands()));
        Output.line("elapsed  " + clock(takes.elapsed()));
        for (WhatItTakes.Used used : takes.parts()) {
            Output.line(
                    String.format(
                            Locale.ROOT,
                            "part %s %s: %.2f a unit, at most %d",
                            used.part().item(),
                            used.part().name(),
                            used.mean(),
                            used.most()));
        }
        for (WhatItTakes.Perhaps perhaps : takes.perhaps()) {
            Output.line(
                    "step "
                            + numbers.of(perhaps.step().id()).orElse(0)
                            + " on "
                            + percent(perhaps.share())
                            + " of the units");
        }
        Output.line(
                "It assumes how often units are worn and people slip (--worn, --slips), and times"
                        + " by estimate.");
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.1f %%", PERCENT * share);
    }

    private static String clock(WhatItTakes.Spread spread) {
        return PlanOutput.clock(spread.median())
                + " in the middle, eight of ten from "
                + PlanOutput.clock(spread.tenth())
                + " to "
                + PlanOutput.clock(spread.ninetieth());
    }
}
