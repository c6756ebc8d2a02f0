package methodos.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import methodos.core.fit.DecisionTable.Condition;
import methodos.core.fit.DecisionTable.Reading;
import methodos.core.fit.DecisionTable.Rule;
import methodos.core.quantity.Rational;
import org.junit.jupiter.api.Test;

class DecisionTableTest {

    private static Rational r(double v) {
        return Rational.of(String.valueOf(v));
    }

    private static Reading reading(String id, double from, double to) {
        return new Reading(id, r(from), r(to));
    }

    private static Condition max(String reading, double max) {
        return new Condition(reading, null, r(max), null, null);
    }

    private static Condition above(String reading, double above) {
        return new Condition(reading, null, null, r(above), null);
    }

    private static Condition below(String reading, double below) {
        return new Condition(reading, null, null, null, r(below));
    }

    private static Rule verdict(String after, String verdict, Condition... when) {
        return new Rule(after, List.of(when), verdict, null);
    }

    private static Rule measure(String after, String next, Condition... when) {
        return new Rule(after, List.of(when), null, next);
    }

    private static DecisionTable table(List<Reading> readings, Rule... rules) {
        return new DecisionTable(readings.get(0).id(), readings, Map.of(), List.of(rules));
    }

    private static final List<Reading> G_W = List.of(reading("g", 0, 3), reading("w", 0, 2));

    @Test
    void theFirstRuleWhoseConditionsHoldDecides() {
        DecisionTable table =
                table(
                        G_W,
                        verdict("g", "look elsewhere", max("g", 0.13)),
                        measure("g", "w"),
                        verdict("w", "new washer", below("w", 1)),
                        verdict("w", "fit", above("g", 0.1)));
        DecisionTable.Walk walk = table.walk(Map.of("g", r(0.2), "w", r(1.07)));
        assertThat(walk.path()).containsExactly("g", "w");
        assertThat(walk.verdict()).contains("fit");
        assertThat(table.walk(Map.of("g", r(0.13))).verdict()).contains("look elsewhere");
        assertThatThrownBy(() -> table.walk(Map.of("g", r(0.2)))).hasMessageContaining("“w”");
        TableCheck check = TableCheck.of(table);
        assertThat(check.missing()).isEmpty();
        assertThat(check.unreachable()).isEmpty();
        assertThat(check.endless()).isEmpty();
    }

    private static Rule again(String after, String reading, Integer most, Condition... when) {
        return new Rule(
                after,
                List.of(when),
                null,
                null,
                new DecisionTable.Again(reading, "another shim", most),
                List.of());
    }

    private static DecisionTable.Values gaps(double... gaps) {
        return (reading, taking) ->
                taking < gaps.length ? Optional.of(r(gaps[taking])) : Optional.empty();
    }

    /** A shim is changed and the gap is measured again, three times at most. */
    @Test
    void aLoopWithAnExitEnds() {
        DecisionTable table =
                table(
                        List.of(reading("g", 0, 3)),
                        verdict("g", "fits", max("g", 0.1)),
                        again("g", "g", 3, above("g", 0.1)));
        assertThat(table.walk(gaps(0.5, 0.3, 0.1)).path()).containsExactly("g", "g", "g");
        assertThat(table.walk(gaps(0.5, 0.3, 0.1)).verdict()).contains("fits");
        DecisionTable.Walk exhausted = table.walk(gaps(0.5, 0.4, 0.3, 0.2));
        assertThat(exhausted.path()).hasSize(4);
        assertThat(exhausted.verdict()).isEmpty();
        assertThat(exhausted.exhausted()).isTrue();
        assertThatThrownBy(() -> table.walk(gaps(0.5))).hasMessageContaining("“g”");
        TableCheck check = TableCheck.of(table);
        assertThat(check.endless()).isEmpty();
        assertThat(check.missing()).as("exhausted is no hole").isEmpty();
        assertThat(check.unreachable()).isEmpty();
    }

    @Test
    void aLoopWithoutAGreatestNumberIsEndless() {
        DecisionTable table =
                table(
                        G_W,
                        measure("g", "w"),
                        verdict("w", "fits", max("w", 0.1)),
                        again("w", "g", null, above("w", 0.1)));
        assertThat(TableCheck.of(table).endless()).containsExactly(List.of("g", "w"));
        assertThat(table.walk(Map.of("g", r(1), "w", r(1))).verdict()).isEmpty();
    }

    @Test
    void whatIsPassedOverLeavesTheNextRule() {
        DecisionTable table =
                table(
                        List.of(reading("g", 0, 3)),
                        verdict("g", "fits", max("g", 0.1)),
                        again("g", "g", 1, above("g", 0.1)),
                        verdict("g", "replace the housing"));
        assertThat(table.walk(gaps(0.5, 0.4)).verdict()).contains("replace the housing");
        assertThat(TableCheck.of(table).unreachable()).isEmpty();
        DecisionTable hole =
                table(
                        G_W,
                        measure("g", "w"),
                        again("w", "g", 2, above("w", 1)),
                        verdict("w", "fits", below("w", 1)));
        assertThat(TableCheck.of(hole).missing())
                .as("a width of exactly 1")
                .singleElement()
                .satisfies(m -> assertThat(m.example().get("w")).isEqualTo(r(1)));
    }

    @Test
    void aReadingMayBeChosenFromAList() {
        Reading worn = Reading.of("worn", List.of("yes", "no"));
        Condition yes = new Condition("worn", worn.choice("yes"), worn.choice("yes"), null, null);
        DecisionTable table =
                new DecisionTable(
                        "worn",
                        List.of(worn),
                        Map.of(),
                        List.of(
                                new Rule(
                                        "worn",
                                        List.of(yes),
                                        "replace the set",
                                        null,
                                        null,
                                        List.of("s40", "s44"))));
        DecisionTable.Walk walk = table.walk(Map.of("worn", worn.choice("yes")));
        assertThat(walk.verdict()).contains("replace the set");
        assertThat(walk.steps()).containsExactly("s40", "s44");
        assertThat(TableCheck.of(table).missing())
                .singleElement()
                .satisfies(
                        m -> assertThat(m.example()).isEqualTo(Map.of("worn", worn.choice("no"))));
        assertThatThrownBy(() -> worn.choice("perhaps")).hasMessageContaining("none of the values");
        assertThatThrownBy(() -> Reading.of("x", List.of("a", "a")))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aHoleOfOnePointIsFound() {
        DecisionTable table =
                table(
                        G_W.subList(0, 1),
                        verdict("g", "small", below("g", 0.13)),
                        verdict("g", "large", above("g", 0.13)));
        TableCheck check = TableCheck.of(table);
        assertThat(check.missing()).hasSize(1);
        assertThat(check.missing().get(0).example()).containsEntry("g", r(0.13));
        assertThat(table.walk(Map.of("g", r(0.13))).verdict()).isEmpty();
    }

    @Test
    void aRuleBehindAWiderOneIsNeverReached() {
        TableCheck check =
                TableCheck.of(
                        table(
                                G_W,
                                measure("g", "w", above("g", 1)),
                                verdict("g", "small"),
                                verdict("w", "never", max("g", 1)),
                                verdict("w", "rest"),
                                verdict("g", "late")));
        assertThat(check.unreachable()).containsExactly(2, 4);
        assertThat(check.missing()).isEmpty();
    }

    @Test
    void whatGoesRoundIsFound() {
        DecisionTable table =
                table(
                        G_W,
                        verdict("g", "good", max("g", 1)),
                        measure("g", "w"),
                        measure("w", "g", max("w", 1)),
                        verdict("w", "worn"));
        assertThat(TableCheck.of(table).endless()).containsExactly(List.of("g", "w"));
        DecisionTable.Walk walk = table.walk(Map.of("g", r(2), "w", r(0.5)));
        assertThat(walk.verdict()).isEmpty();
        assertThat(walk.path()).startsWith("g", "w", "g");
    }

    @Test
    void aDerivedReadingDecidesAsSoonAsItsReadingsAreTaken() {
        DecisionTable table =
                new DecisionTable(
                        "g",
                        G_W,
                        Map.of("n", Formula.parse("w + g - 0.1")),
                        List.of(
                                measure("g", "w"),
                                verdict("w", "thin", below("n", 1.5)),
                                verdict("w", "thick", above("n", 1.5))));
        TableCheck check = TableCheck.of(table);
        assertThat(check.missing()).hasSize(1);
        Map<String, Rational> example = check.missing().get(0).example();
        assertThat(example.get("w").plus(example.get("g"))).isEqualTo(r(1.6));
        assertThat(table.walk(Map.of("g", r(1), "w", r(1))).verdict()).contains("thick");
    }

    @Test
    void aRuleOnASumOfTwoReadingsIsReachedInItsCorner() {
        // after g > 0.13 the sum stays under 2.4 only for a small g with a small w
        DecisionTable table =
                new DecisionTable(
                        "g",
                        List.of(reading("g", 0, 3), reading("w", 1, 3)),
                        Map.of("n", Formula.parse("w + g - 0.1")),
                        List.of(
                                verdict("g", "good", max("g", 0.13)),
                                measure("g", "w"),
                                verdict("w", "too wide", above("n", 2.4)),
                                verdict("w", "fit")));
        TableCheck check = TableCheck.of(table);
        assertThat(check.unreachable()).isEmpty();
        assertThat(check.missing()).isEmpty();
    }

    /**
     * Two thresholds on derived readings that cut the square of g and w into cells: each cell is
     * come to, or not, as a fine grid says; the check may see cells that the grid is too coarse
     * for, never fewer.
     */
    @Test
    void rulesOnDerivedReadingsAreReachedWhereAGridReachesThem() {
        Random random = new Random(24);
        int unreached = 0;
        for (int i = 0; i < 120; i++) {
            double sum = 1 + random.nextInt(18);
            double difference = random.nextInt(17) - 8;
            double cut = random.nextInt(10);
            Condition small = below("sum", sum);
            Condition less = below("difference", difference);
            DecisionTable table =
                    new DecisionTable(
                            "g",
                            List.of(reading("g", 0, 10), reading("w", 0, 10)),
                            Map.of(
                                    "sum", Formula.parse("g + w"),
                                    "difference", Formula.parse("g - w")),
                            List.of(
                                    measure("g", "w", above("g", cut)),
                                    verdict("g", "small"),
                                    verdict("w", "a", small, less),
                                    verdict("w", "b", small),
                                    verdict("w", "c", less),
                                    verdict("w", "d")));
            TableCheck check = TableCheck.of(table);
            assertThat(check.missing()).isEmpty();
            java.util.Set<String> byGrid = new java.util.HashSet<>();
            for (int g = 0; g <= 80; g++) {
                for (int w = 0; w <= 80; w++) {
                    table.walk(Map.of("g", r(g / 8.0), "w", r(w / 8.0)))
                            .verdict()
                            .ifPresent(byGrid::add);
                }
            }
            for (int rule = 2; rule < 6; rule++) {
                boolean reached = !check.unreachable().contains(rule);
                assertThat(reached)
                        .as(
                                "rule %d, sum %s, difference %s, g above %s",
                                rule, sum, difference, cut)
                        .isEqualTo(byGrid.contains(table.rules().get(rule).verdict()));
                unreached += reached ? 0 : 1;
            }
        }
        assertThat(unreached).isPositive();
    }

    @Test
    void aReadingThatTheTableLacksIsAnError() {
        assertThatThrownBy(() -> table(G_W, measure("g", "x"))).hasMessageContaining("“x”");
        assertThatThrownBy(() -> table(G_W, verdict("g", "a", max("y", 1))))
                .hasMessageContaining("“y”");
    }

    /**
     * A sound table of one to three readings: each divides its range at cuts, closed on one side by
     * chance, and goes on to the next reading or ends; each rule looks at earlier readings too.
     */
    private static List<Rule> sound(Random random, List<Reading> readings) {
        List<Rule> rules = new ArrayList<>();
        for (int i = 0; i < readings.size(); i++) {
            String id = readings.get(i).id();
            boolean last = i == readings.size() - 1;
            double cut = 1 + random.nextInt(8);
            boolean closed = random.nextBoolean();
            Condition low = closed ? max(id, cut) : below(id, cut);
            Condition high = closed ? above(id, cut) : new Condition(id, r(cut), null, null, null);
            if (i > 0 && random.nextBoolean()) {
                String earlier = readings.get(0).id();
                double at = first(rules) + 0.5;
                rules.add(verdict(id, "both " + i, low, above(earlier, at)));
                rules.add(verdict(id, "one " + i, low, max(earlier, at)));
            } else {
                rules.add(verdict(id, "low " + i, low));
            }
            rules.add(
                    last
                            ? verdict(id, "high " + i, high)
                            : measure(id, readings.get(i + 1).id(), high));
        }
        return rules;
    }

    /** Where the first reading is cut: what goes on lies above. */
    private static double first(List<Rule> rules) {
        Condition c = rules.get(0).when().get(0);
        return (c.max() != null ? c.max() : c.below()).toDouble();
    }

    private static List<Reading> readings(int count) {
        List<Reading> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            all.add(reading("r" + i, 0, 10));
        }
        return all;
    }

    @Test
    void seededFaultsAreFoundAndSoundTablesAreNotBlamed() {
        Random random = new Random(50);
        Map<String, Integer> found = new LinkedHashMap<>();
        for (int i = 0; i < 50; i++) {
            List<Reading> readings =
                    readings(i % 2 == 0 ? 1 + random.nextInt(2) : 2 + random.nextInt(2));
            List<Rule> rules = sound(random, readings);
            TableCheck sound = TableCheck.of(table(readings, rules.toArray(new Rule[0])));
            assertThat(sound.missing()).as(rules.toString()).isEmpty();
            assertThat(sound.unreachable()).as(rules.toString()).isEmpty();
            assertThat(sound.endless()).isEmpty();

            List<Rule> hole = new ArrayList<>(rules);
            Rule dropped = hole.remove(random.nextInt(hole.size()));
            if (dropped.measure() == null) {
                TableCheck check = TableCheck.of(table(readings, hole.toArray(new Rule[0])));
                assertThat(check.missing()).anyMatch(m -> m.after().equals(dropped.after()));
                TableCheck.Missing missing = check.missing().get(0);
                assertThat(
                                table(readings, hole.toArray(new Rule[0]))
                                        .walk(missing.example())
                                        .verdict())
                        .isEmpty();
            } else {
                assertThat(TableCheck.of(table(readings, hole.toArray(new Rule[0]))).unreachable())
                        .isNotEmpty();
            }
            found.merge("hole", 1, Integer::sum);

            List<Rule> never = new ArrayList<>(rules);
            int at = random.nextInt(rules.size());
            never.add(
                    at + 1,
                    verdict(
                            rules.get(at).after(),
                            "never",
                            rules.get(at).when().toArray(new Condition[0])));
            assertThat(TableCheck.of(table(readings, never.toArray(new Rule[0]))).unreachable())
                    .containsExactly(at + 1);
            found.merge("never", 1, Integer::sum);

            List<Rule> round = new ArrayList<>(rules);
            int end = rules.size() - 1;
            Rule last = rules.get(end);
            round.set(end, new Rule(last.after(), last.when(), null, readings.get(0).id()));
            assertThat(TableCheck.of(table(readings, round.toArray(new Rule[0]))).endless())
                    .as(round.toString())
                    .hasSize(1);
            found.merge("endless", 1, Integer::sum);
        }
        assertThat(found).containsEntry("hole", 50).containsEntry("never", 50);
    }
}
