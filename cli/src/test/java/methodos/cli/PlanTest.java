package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import methodos.core.description.Id;
import methodos.core.ledger.ManualLedger;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.plan.ManualPlan;
import methodos.core.practice.PractisedManual;
import methodos.demo.DemoProject;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The time plans of the demos. */
class PlanTest extends CalledCommands {

    private JsonNode planned(Object... arguments) throws Exception {
        assertThat(run(arguments)).isZero();
        return new ObjectMapper().readTree(output());
    }

    @Test
    void twoPeopleAreDoneSoonerWithTheSameWork() throws Exception {
        JsonNode one = planned("plan", demo, "--json");
        JsonNode two = planned("plan", demo, "--people", "2", "--json");
        assertThat(two.path("hands").asDouble()).isEqualTo(one.path("hands").asDouble());
        assertThat(two.path("elapsed").asDouble()).isLessThan(one.path("elapsed").asDouble());
        assertThat(one.path("schedule")).hasSameSizeAs(one.path("steps"));
        JsonNode late = planned("plan", demo, "--kit-after", "600", "--json");
        assertThat(late.path("elapsed").asDouble()).isGreaterThan(600 * 60);
        JsonNode double80 = planned("plan", demo, "--variant", "QA-80 D", "--json");
        assertThat(double80.path("steps").size()).isLessThan(one.path("steps").size());
        assertThat(double80.path("hands").asDouble()).isLessThan(one.path("hands").asDouble());
    }

    @Test
    void aPlannerTakesItAsATable() throws Exception {
        JsonNode plan = planned("plan", demo, "--people", "2", "--json");
        JsonNode table = planned("tables", demo, "--what", "plan", "--json");
        assertThat(table.path("rows")).hasSameSizeAs(plan.path("steps"));
        JsonNode row = table.at("/rows/34");
        assertThat(row.path("words").asText()).startsWith("Clean all parts");
        assertThat(row.path("then alone").asInt()).isEqualTo(300);
        assertThat(row.path("right after").get(0).asInt()).isEqualTo(34);
        assertThat(run("tables", demo, "--what", "plan")).isZero();
        assertThat(output()).contains("two people from", "Clean all parts");
    }

    @Test
    void peopleReadWhenWhoDoesWhat() {
        assertThat(run("plan", demo, "--people", "2")).isZero();
        assertThat(output())
                .contains("2 people", "step 35", "then waits 0:05:00", "on the longest chain");
        assertThat(run("plan", demo, "--people", "0")).isNotZero();
        assertThat(run("plan", demo, "--kit-after", "-3")).isNotZero();
        assertThat(run("plan", temp.resolve("nothing"))).isNotZero();
    }

    /**
     * What the plan lets be done in another order closes as it did: the ledger, which knows nothing
     * of the plan, has no other findings in whatever order the plan allows.
     */
    @ParameterizedTest
    @EnumSource(DemoProject.class)
    void noOrderThatThePlanAllowsOpensAnythingInTheLedger(DemoProject project) throws Exception {
        Path folder = temp.resolve("project");
        project.copyTo(folder);
        Manual manual = PractisedManual.of(ProjectFolder.read(folder).manual()).manual();
        ManualPlan plan = ManualPlan.of(manual, Sight.EVERYTHING, new ManualPlan.Asked(2, 0));
        Set<String> before = findings(manual);
        assertThat(findings(one(manual, steps(manual)))).isEqualTo(before);
        Random random = new Random(80);
        int moved = 0;
        for (int k = 0; k < 100; k++) {
            List<Step> order = shuffled(manual, plan, random);
            moved += order.equals(steps(manual)) ? 0 : 1;
            assertThat(findings(one(manual, order))).isEqualTo(before);
        }
        assertThat(moved).as("orders that are another one").isGreaterThan(20);
    }

    private static List<Step> steps(Manual manual) {
        return manual.steps().toList();
    }

    /** The same manual with its steps in another order, also across its stages. */
    private static Manual one(Manual manual, List<Step> order) {
        List<Stage> stages = new ArrayList<>();
        for (Step step : order) {
            Stage of =
                    manual.stages().stream()
                            .filter(s -> s.steps().contains(step))
                            .findFirst()
                            .orElseThrow();
            stages.add(new Stage(new Id<>("of " + step.id()), of.kind(), "", List.of(step)));
        }
        return manual.withStages(stages);
    }

    private static Set<String> findings(Manual manual) {
        return ManualLedger.of(PractisedManual.of(manual)).findings().stream()
                .map(f -> f.rule() + " " + f.subject() + " " + f.variants())
                .collect(Collectors.toCollection(HashSet::new));
    }

    /** What hangs on a finding stays where it is told; between such steps others change places. */
    private static List<Step> shuffled(Manual manual, ManualPlan plan, Random random) {
        Map<Id<Step>, List<Id<Step>>> after = new HashMap<>();
        plan.steps().forEach(s -> after.put(s.step().id(), s.after()));
        List<Step> order = new ArrayList<>();
        List<Step> stretch = new ArrayList<>();
        for (Step step : steps(manual)) {
            if (after.containsKey(step.id())) {
                stretch.add(step);
            } else {
                order.addAll(shuffled(stretch, after, random));
                order.add(step);
                stretch.clear();
            }
        }
        order.addAll(shuffled(stretch, after, random));
        return order;
    }

    private static List<Step> shuffled(
            List<Step> steps, Map<Id<Step>, List<Id<Step>>> after, Random random) {
        List<Step> left = new ArrayList<>(steps);
        List<Step> order = new ArrayList<>();
        Set<Id<Step>> here = left.stream().map(Step::id).collect(Collectors.toSet());
        while (!left.isEmpty()) {
            List<Step> ready =
                    left.stream()
                            .filter(s -> after.get(s.id()).stream().noneMatch(here::contains))
                            .toList();
            Step next = ready.get(random.nextInt(ready.size()));
            left.remove(next);
            here.remove(next.id());
            order.add(next);
        }
        return order;
    }
}
