package methodos.benchmarks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.function.BiFunction;
import methodos.core.check.Checks;
import methodos.core.description.Id;
import methodos.core.hazard.HazardRules;
import methodos.core.manual.Action;
import methodos.core.manual.Alternative;
import methodos.core.manual.Applicability;
import methodos.core.manual.EnergyBuilder;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Kit;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepBuilder;
import methodos.core.manual.Value;
import methodos.core.manual.Variant;
import methodos.core.manual.Wrench;
import methodos.core.narration.Workspace;
import methodos.core.quantity.Quantity;

/**
 * How long all findings take after an edit of a manual with 2,000 steps and 12 variants: ledger,
 * hazards, torques, language, names and coverage, all of them anew.
 */
public final class ChecksBenchmark {

    private static final int ASSEMBLIES = 480;
    private static final int VARIANTS = 12;
    private static final int ALTERNATIVES = 8;
    private static final int LOOKED_AT = 6;
    private static final int ROUNDS = 100;
    private static final int WARMING = 60;

    private ChecksBenchmark() {}

    public static void main(String[] arguments) {
        Manual manual = manual();
        Checks checks = new Checks(HazardRules.shipped());
        Workspace workspace = new Workspace(manual, Map.of());
        long first = System.nanoTime();
        int found = checks.of(workspace).findings().size();
        double opening = millis(first);
        System.out.println("| What | Median | 95 of 100 | Longest | Limit |");
        System.out.println("| --- | --- | --- | --- | --- |");
        String all =
                String.format(
                        Locale.ROOT,
                        "all %d findings, %d steps, %d variants, after an edit of",
                        found,
                        manual.steps().count(),
                        VARIANTS);
        print(all + " words", times(checks, workspace, ChecksBenchmark::reworded));
        print(all + " what comes off and goes on", times(checks, workspace, ChecksBenchmark::less));
        Workspace branched = new Workspace(branched(manual), Map.of());
        Checks others = new Checks(HazardRules.shipped());
        int more = others.of(branched).findings().size();
        String with =
                String.format(
                        Locale.ROOT,
                        "all %d findings with %d alternatives and %d conditions, after an edit of",
                        more,
                        ALTERNATIVES,
                        1 + ASSEMBLIES / LOOKED_AT);
        print(with + " words", times(others, branched, ChecksBenchmark::reworded));
        print(with + " what comes off and goes on", times(others, branched, ChecksBenchmark::less));
        System.out.printf(Locale.ROOT, "| the first time | %.0f ms | | | |%n", opening);
    }

    /** Each alternative puts on a cover in two ways; what some covers do hangs on findings. */
    private static Manual branched(Manual manual) {
        Manual branched = manual;
        List<Alternative> alternatives = new ArrayList<>();
        for (int i = 0; i < ALTERNATIVES; i++) {
            Id<Alternative.Way> one = new Id<>("one" + i);
            Id<Alternative.Way> other = new Id<>("other" + i);
            alternatives.add(
                    new Alternative(
                            new Id<>("alternative" + i),
                            "put cover " + i + " on",
                            List.of(
                                    new Alternative.Way(one, "by hand", ""),
                                    new Alternative.Way(other, "with the crane", ""))));
            Id<Step> id = new Id<>("d" + (i + 1) * ASSEMBLIES / (ALTERNATIVES + 1));
            Step step = branched.step(id).orElseThrow();
            branched =
                    branched.withStep(step.withWay(one))
                            .withStepBehind(id, step.withId(new Id<>("second" + i)).withWay(other));
        }
        for (int i = 1; i + 1 < ASSEMBLIES; i += LOOKED_AT) {
            for (String step : List.of("a", "b", "d", "e")) {
                branched = onlyIf(branched, step + i, "the cover leaks");
            }
            for (String step : List.of("b", "d")) {
                branched = onlyIf(branched, step + (i + 1), "cover " + i + " is worn");
            }
        }
        return branched.withAlternatives(alternatives);
    }

    private static Manual onlyIf(Manual manual, String step, String condition) {
        return manual.step(new Id<>(step))
                .filter(s -> s.way() == null)
                .map(s -> manual.withStep(s.withOnlyIf(condition)))
                .orElse(manual);
    }

    private static Step reworded(Step step, int round) {
        return step.withText(step.text() + " Look at it, " + round + ".");
    }

    private static Step less(Step step, int round) {
        return step.withParts(round % 2 == 0 ? List.of() : step.parts().stream().skip(1).toList());
    }

    private static double[] times(
            Checks checks, Workspace workspace, BiFunction<Step, Integer, Step> edit) {
        Random random = new Random(3);
        Manual manual = workspace.manual();
        List<Step> steps = manual.steps().toList();
        double[] times = new double[ROUNDS];
        for (int i = -WARMING; i < ROUNDS; i++) {
            Step step = steps.get(random.nextInt(steps.size()));
            Manual edited = manual.withStep(edit.apply(step, i));
            long start = System.nanoTime();
            checks.of(workspace.with(edited));
            if (i >= 0) {
                times[i] = millis(start);
            }
        }
        Arrays.sort(times);
        return times;
    }

    private static void print(String what, double[] times) {
        System.out.printf(
                Locale.ROOT,
                "| %s | %.0f ms | %.0f ms | %.0f ms | 150 ms |%n",
                what,
                times[ROUNDS / 2],
                times[ROUNDS * 95 / 100],
                times[ROUNDS - 1]);
    }

    private static double millis(long start) {
        return (System.nanoTime() - start) / 1e6;
    }

    private static Manual manual() {
        Random random = new Random(11);
        List<Variant> variants = new ArrayList<>();
        for (int i = 0; i < VARIANTS; i++) {
            long from = 1000L * (1 + i % 4);
            variants.add(
                    new Variant(
                            new Id<>("v" + i), "M" + i / 4, new SerialRange(from, from + 999), ""));
        }
        List<Part> parts = new ArrayList<>();
        List<Joint> joints = new ArrayList<>();
        List<LedgerItem> items = new ArrayList<>();
        List<Kit.Content> contents = new ArrayList<>();
        List<Step> off = new ArrayList<>();
        List<Step> looked = new ArrayList<>();
        List<Step> on = new ArrayList<>();
        for (int i = 0; i < ASSEMBLIES; i++) {
            Applicability units =
                    i % 5 == 0
                            ? Applicability.of(
                                    List.of("M" + i % 3), SerialRange.from(1000L * (1 + i % 4)))
                            : Applicability.ALL;
            String cover = "cover" + i;
            String screw = "screw" + i;
            String seal = "seal" + i;
            parts.add(part(new Id<>(screw), "screw", 4, ReuseRule.REUSE, List.of(), units));
            parts.add(
                    part(
                            new Id<>(cover),
                            "cover",
                            1,
                            ReuseRule.INSPECT,
                            List.of(new Id<>(screw)),
                            units));
            parts.add(
                    part(
                            new Id<>(seal),
                            "seal",
                            1,
                            ReuseRule.ALWAYS_NEW,
                            List.of(new Id<>(cover)),
                            units));
            contents.add(new Kit.Content(new Id<>(seal), 1));
            joints.add(
                    JointBuilder.builder()
                            .id(new Id<>("j" + i))
                            .name("joint " + i)
                            .fastener(new Id<>(screw))
                            .count(4)
                            .propertyClass("8.8")
                            .condition("dry")
                            .torque(Value.of((6 + i % 4) + " N·m"))
                            .applicability(units)
                            .build());
            items.add(new LedgerItem(new Id<>("m" + i), LedgerItem.Kind.MARK, "mark " + i));
            off.add(
                    step(
                                    new Id<>("a" + i),
                                    "Undo the four screws of cover " + i + " and take them out.",
                                    units)
                            .withParts(List.of(new PartUse(new Id<>(screw), 4)))
                            .withActions(
                                    List.of(
                                            new Action(Action.Verb.LOOSEN, new Id<>("j" + i)),
                                            new Action(Action.Verb.MARK, new Id<>("m" + i)))));
            off.add(
                    step(
                                    new Id<>("b" + i),
                                    "Lift cover " + i + " off and take the seal out.",
                                    units)
                            .withParts(
                                    List.of(
                                            new PartUse(new Id<>(cover), 1),
                                            new PartUse(new Id<>(seal), 1))));
            if (i % LOOKED_AT == 0) {
                looked.add(
                        step(
                                        new Id<>("c" + i),
                                        "Look for scratches where cover " + i + " lay.",
                                        units)
                                .withParts(List.of(new PartUse(new Id<>(cover), 1))));
            }
            on.add(
                    0,
                    step(
                                    new Id<>("e" + i),
                                    "Fit the four screws and tighten them, " + i + ".",
                                    units)
                            .withParts(List.of(new PartUse(new Id<>(screw), 4)))
                            .withJoints(List.of(new Id<>("j" + i))));
            on.add(
                    0,
                    step(new Id<>("d" + i), "Fit a new seal and put cover " + i + " on.", units)
                            .withParts(
                                    List.of(
                                            new PartUse(new Id<>(seal), 1),
                                            new PartUse(new Id<>(cover), 1)))
                            .withActions(
                                    List.of(new Action(Action.Verb.MATCH, new Id<>("m" + i)))));
            if (random.nextInt(40) == 0) {
                on.remove(0);
            }
        }
        Step shut =
                step(
                        new Id<>("shut"),
                        "Shut the air off, lock it and bleed it.",
                        Applicability.ALL);
        Step open = step(new Id<>("open"), "Open the air slowly.", Applicability.ALL);
        Manual manual = Manual.titled("2,000 steps");
        List<List<Step>> filled = List.of(List.of(shut), off, looked, on, List.of(open));
        List<Stage> stages = new ArrayList<>();
        for (int i = 0; i < filled.size(); i++) {
            stages.add(manual.stages().get(i).withSteps(filled.get(i)));
        }
        return manual.withStages(stages)
                .withVariants(variants)
                .withParts(parts)
                .withJoints(joints)
                .withLedgerItems(items)
                .withKits(List.of(new Kit(new Id<>("k"), "K", "kit", contents)))
                .withWrenches(
                        List.of(
                                new Wrench(new Id<>("w"), "W1", Quantity.parse("2 to 20 N·m")),
                                new Wrench(new Id<>("x"), "W2", Quantity.parse("10 to 60 N·m"))))
                .withEnergies(
                        List.of(
                                EnergyBuilder.builder()
                                        .id(new Id<>("air"))
                                        .name("Compressed air")
                                        .amount("8 bar")
                                        .madeSafe("shut")
                                        .safeSteps(List.of(new Id<>("shut")))
                                        .restoreSteps(List.of(new Id<>("open")))
                                        .applicability(Applicability.ALL)
                                        .build()));
    }

    private static Part part(
            Id<Part> id,
            String name,
            int count,
            ReuseRule reuse,
            List<Id<Part>> coveredBy,
            Applicability units) {
        return PartBuilder.builder()
                .id(id)
                .item(id.text())
                .name(name)
                .size(name.equals("screw") ? "M6 × 20" : "")
                .quantity(count)
                .reuse(reuse)
                .coveredBy(coveredBy)
                .applicability(units)
                .build();
    }

    private static Step step(Id<Step> id, String text, Applicability units) {
        return StepBuilder.builder().id(id).text(text).applicability(units).accepted(true).build();
    }
}
