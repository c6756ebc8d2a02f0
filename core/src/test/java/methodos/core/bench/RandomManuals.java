package methodos.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import methodos.core.description.Id;
import methodos.core.manual.Alternative;
import methodos.core.manual.Decision;
import methodos.core.manual.Energy;
import methodos.core.manual.EnergyBuilder;
import methodos.core.manual.Found;
import methodos.core.manual.Hazard;
import methodos.core.manual.Joint;
import methodos.core.manual.JointBuilder;
import methodos.core.manual.Look;
import methodos.core.manual.Manual;
import methodos.core.manual.Repeat;
import methodos.core.manual.Step;
import methodos.core.manual.Value;
import methodos.core.manual.Wait;
import methodos.core.quantity.Quantity;

/** Manuals of no sense, in which everything that leads a run occurs in any order. */
final class RandomManuals {

    private final Random random;
    private final List<Step> steps = new ArrayList<>();
    private final List<Found> findable = new ArrayList<>();
    private final List<Joint> joints = new ArrayList<>();
    private final List<Decision> decisions = new ArrayList<>();
    private final List<Alternative> alternatives = new ArrayList<>();

    RandomManuals(long seed) {
        random = new Random(seed);
    }

    private boolean often(int of) {
        return random.nextInt(of) == 0;
    }

    Manual next() {
        steps.clear();
        findable.clear();
        joints.clear();
        decisions.clear();
        alternatives.clear();
        int count = 1 + random.nextInt(15);
        for (int i = 0; i < count; i++) {
            alternative(i);
            steps.add(step("s" + i));
        }
        return Bench.manual(steps.toArray(Step[]::new))
                .withJoints(joints)
                .withDecisions(decisions)
                .withAlternatives(alternatives)
                .withEnergies(energies())
                .withRepeats(repeats());
    }

    private void alternative(int i) {
        if (often(6)) {
            List<Alternative.Way> ways = new ArrayList<>();
            for (int w = 0; w < 2 + random.nextInt(2); w++) {
                ways.add(new Alternative.Way(new Id<>("w" + i + "." + w), "way " + w, ""));
            }
            alternatives.add(new Alternative(new Id<>("a" + i), "which " + i, ways));
        }
    }

    private Step step(String id) {
        Step step = Bench.step(id);
        if (often(4)) {
            step = step.withHazards(List.of(new Hazard(Hazard.SignalWord.DANGER, "x", "", "y")));
        }
        if (often(3)) {
            String limit = List.of("≥ 62 mm", "1 to 2 bar", "≤ 0.3 mm").get(random.nextInt(3));
            step =
                    step.withReadings(
                            List.of(Bench.reading("r" + id, limit, 1 + random.nextInt(3))));
            findable.add(new Found.Outside(new Id<>("r" + id)));
        }
        if (often(4)) {
            step = step.withLooks(List.of(Look.of("rust").withId(new Id<>("l" + id))));
            findable.add(new Found.Fails(new Id<>("l" + id)));
        }
        if (often(5)) {
            decision(step);
        }
        if (often(5)) {
            Joint joint =
                    JointBuilder.builder()
                            .id(new Id<>("j" + id))
                            .name("joint " + id)
                            .count(random.nextInt(5))
                            .torque(Value.of("18 N·m"))
                            .stages(often(2) ? List.of() : List.of(Quantity.parse("6 N·m")))
                            .build();
            joints.add(joint);
            step = step.withJoints(List.of(joint.id()));
        }
        if (often(5)) {
            Wait.Bound bound = Wait.Bound.values()[random.nextInt(3)];
            step =
                    step.withWaits(
                            List.of(
                                    new Wait(
                                            "w",
                                            random.nextInt(900),
                                            bound,
                                            often(2) ? "" : "dry")));
        }
        if (often(6)) {
            step = step.withWitness("somebody");
        }
        return condition(step);
    }

    private Step condition(Step step) {
        if (!findable.isEmpty() && often(3)) {
            return step.withOnlyIfFound(findable.get(random.nextInt(findable.size())));
        }
        if (!alternatives.isEmpty() && often(2)) {
            List<Alternative.Way> ways =
                    alternatives.get(random.nextInt(alternatives.size())).ways();
            return step.withWay(ways.get(random.nextInt(ways.size())).id());
        }
        return switch (random.nextInt(10)) {
            case 0 -> step.withOptional(true);
            case 1 -> step.withOnlyIf("it is so");
            case 2 -> step.withOnlyIfFound(new Found.Cause(new Id<>("x"), "worn"));
            default -> step;
        };
    }

    private void decision(Step step) {
        Id<Decision> id = new Id<>("d" + step.id().text());
        decisions.add(
                new Decision(
                        id,
                        "decision",
                        step.id(),
                        List.of(
                                new Decision.Measure(
                                        "g", "gap", Quantity.parse("0 to 3 mm"), null)),
                        List.of(),
                        List.of(
                                new Decision.Rule(
                                        "g",
                                        List.of(new Decision.When("g", "≤ 1")),
                                        "leave it",
                                        null),
                                new Decision.Rule(
                                        "g",
                                        List.of(new Decision.When("g", "≤ 2")),
                                        null,
                                        null,
                                        List.of(),
                                        new Decision.Again("g", "turn it", 2, often(2) ? "" : "b")),
                                new Decision.Rule(
                                        "g",
                                        List.of(new Decision.When("g", "≤ 2.7")),
                                        "change it",
                                        null))));
        findable.add(new Found.Decided(id, often(2) ? "leave it" : "change it"));
    }

    private List<Energy> energies() {
        List<Energy> energies = new ArrayList<>();
        for (int i = 0; i < random.nextInt(3); i++) {
            energies.add(
                    EnergyBuilder.builder()
                            .id(new Id<>("e" + i))
                            .name("energy " + i)
                            .safeSteps(List.of(any()))
                            .restoreSteps(List.of(any()))
                            .build());
        }
        return energies;
    }

    private Id<Step> any() {
        return steps.get(random.nextInt(steps.size())).id();
    }

    private List<Repeat> repeats() {
        List<Repeat> repeats = new ArrayList<>();
        for (int i = 0; i < random.nextInt(3); i++) {
            int from = random.nextInt(steps.size());
            int to = from + random.nextInt(Math.min(4, steps.size() - from));
            repeats.add(
                    new Repeat(
                            new Id<>("z" + i),
                            steps.get(from).id(),
                            steps.get(to).id(),
                            often(2) ? List.of() : List.of("left", "right"),
                            "it is smooth",
                            random.nextInt(3),
                            3 + random.nextInt(3),
                            ""));
        }
        return repeats;
    }
}
