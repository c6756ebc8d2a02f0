package methodos.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Stream;
import methodos.core.finding.Rule;
import methodos.core.ledger.LedgerCase.Step;
import methodos.core.ledger.LedgerCase.Way;
import methodos.core.manual.ReuseRule;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A filter housing: its element is blown out or renewed; a worn seat is replaced. */
class BranchesTest {

    private static LedgerCase.Part part(String id, int count, String... coveredBy) {
        return new LedgerCase.Part(id, count, ReuseRule.INSPECT, List.of(coveredBy), Set.of());
    }

    private static Step step(String id, LedgerAction... actions) {
        return new Step(id, Set.of(), 1, List.of(actions));
    }

    private static Step way(String id, String either, String way, LedgerAction... actions) {
        return new Step(
                id,
                Set.of(),
                1,
                Optional.of(new Way(either, way)),
                Optional.empty(),
                List.of(actions));
    }

    private static Step when(String id, String when, LedgerAction... actions) {
        return new Step(id, Set.of(), 1, Optional.empty(), Optional.of(when), List.of(actions));
    }

    private static LedgerAction off(String part) {
        return new LedgerAction.Remove(part, 1);
    }

    private static LedgerAction on(String part) {
        return new LedgerAction.Install(part, 1, false);
    }

    private static LedgerAction fresh(String part) {
        return new LedgerAction.Install(part, 1, true);
    }

    private static List<LedgerFinding> walked(List<LedgerCase.Part> parts, Step... steps) {
        return Ledger.of(
                        new LedgerCase(
                                List.of(),
                                parts,
                                List.of(),
                                Optional.empty(),
                                List.of(),
                                List.of(steps)))
                .findings();
    }

    private static final List<LedgerCase.Part> FILTER =
            List.of(part("bowl", 1), part("element", 1, "bowl"), part("seat", 1, "bowl"));

    @Test
    void eachWayCloses() {
        assertThat(
                        walked(
                                FILTER,
                                step("s1", off("bowl")),
                                way("s2", "clean", "blow", off("element"), on("element")),
                                way("s3", "clean", "renew", off("element"), fresh("element")),
                                when("s4", "worn", off("seat"), fresh("seat")),
                                step("s5", on("bowl"))))
                .isEmpty();
    }

    @Test
    void aFindingNamesTheWayInWhichItArises() {
        assertThat(
                        walked(
                                FILTER,
                                step("s1", off("bowl")),
                                way("s2", "clean", "blow", off("element"), on("element")),
                                way("s3", "clean", "renew", off("element")),
                                step("s5", on("bowl"))))
                .extracting(LedgerFinding::rule, LedgerFinding::subject, LedgerFinding::ways)
                .containsExactly(tuple(Rule.NOT_REFITTED, "element", List.of("clean:renew")));
        assertThat(
                        walked(
                                FILTER,
                                step("s1", off("bowl")),
                                way("s2", "clean", "blow", off("element")),
                                way("s3", "clean", "renew", off("element"), fresh("element")),
                                step("s5", on("bowl"))))
                .as("the way that is walked with all the rest is named as well")
                .extracting(LedgerFinding::rule, LedgerFinding::ways)
                .containsExactly(tuple(Rule.NOT_REFITTED, List.of("clean:blow")));
    }

    @Test
    void aFindingOfAllWaysNamesNone() {
        assertThat(
                        walked(
                                FILTER,
                                step("s1", off("bowl")),
                                way("s2", "clean", "blow", off("element")),
                                way("s3", "clean", "renew", off("element")),
                                step("s5", on("bowl"))))
                .singleElement()
                .satisfies(
                        f -> {
                            assertThat(f.ways()).isEmpty();
                            assertThat(f.when()).isEmpty();
                        });
    }

    @Test
    void aFindingNamesTheConditionOnWhichItArises() {
        assertThat(
                        walked(
                                FILTER,
                                step("s1", off("bowl")),
                                when("s4", "worn", off("seat")),
                                step("s5", on("bowl"))))
                .extracting(LedgerFinding::rule, LedgerFinding::subject, LedgerFinding::when)
                .containsExactly(tuple(Rule.NOT_REFITTED, "seat", List.of("worn")));
    }

    @Test
    void whatIsUncoveredInOneWayOnlyIsCoveredInTheOther() {
        assertThat(
                        walked(
                                FILTER,
                                way("s1", "reach", "open", off("bowl"), off("element")),
                                way("s2", "reach", "above", off("element")),
                                step("s3", on("element")),
                                way("s4", "reach", "open", on("bowl"))))
                .extracting(LedgerFinding::rule, LedgerFinding::ways)
                .containsExactly(tuple(Rule.COVERED, List.of("reach:above")));
    }

    @Test
    void waysOnAConditionAreWalkedWhereItHolds() {
        Step blow =
                new Step(
                        "s3",
                        Set.of(),
                        1,
                        Optional.of(new Way("seat", "grind")),
                        Optional.of("worn"),
                        List.of(off("seat")));
        Step renew =
                new Step(
                        "s2",
                        Set.of(),
                        1,
                        Optional.of(new Way("seat", "renew")),
                        Optional.of("worn"),
                        List.of(off("seat"), fresh("seat")));
        assertThat(walked(FILTER, step("s1", off("bowl")), renew, blow, step("s5", on("bowl"))))
                .extracting(LedgerFinding::subject, LedgerFinding::ways, LedgerFinding::when)
                .containsExactly(tuple("seat", List.of("seat:grind"), List.of("worn")));
    }

    /** Branches that close by themselves, some broken: against the walk of every combination. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16})
    void noCombinationOfWaysHidesAFinding(long seed) {
        Random random = new Random(seed);
        List<LedgerCase.Part> parts = new ArrayList<>();
        List<Step> steps = new ArrayList<>();
        int branches = 3 + random.nextInt(3);
        for (int b = 0; b < branches; b++) {
            String cover = "cover" + b;
            String inner = "inner" + b;
            parts.add(part(cover, 1));
            parts.add(part(inner, 1, cover));
            steps.add(step("open" + b, off(cover)));
            boolean condition = random.nextInt(3) == 0;
            for (int w = 0; w < (condition ? 1 : 2 + random.nextInt(2)); w++) {
                List<LedgerAction> actions = new ArrayList<>(List.of(off(inner), on(inner)));
                if (random.nextInt(3) == 0) {
                    actions.remove(random.nextInt(2));
                }
                LedgerAction[] all = actions.toArray(LedgerAction[]::new);
                String id = "s" + b + "-" + w;
                steps.add(condition ? when(id, "c" + b, all) : way(id, "e" + b, "w" + w, all));
            }
            steps.add(step("close" + b, on(cover)));
        }
        LedgerCase all =
                new LedgerCase(List.of(), parts, List.of(), Optional.empty(), List.of(), steps);
        Set<String> linear = new TreeSet<>();
        Ledger.of(all).findings().forEach(f -> linear.add(f.rule() + " " + f.subject()));
        assertThat(linear).isEqualTo(everyCombination(all));
    }

    private static Set<String> everyCombination(LedgerCase all) {
        Set<String> found = new TreeSet<>();
        combine(
                all,
                all.steps().stream()
                        .flatMap(
                                s ->
                                        Stream.concat(
                                                s.way().map(Way::either).stream(),
                                                s.when().stream()))
                        .distinct()
                        .toList(),
                s -> true,
                found);
        return found;
    }

    private static void combine(
            LedgerCase all, List<String> open, Predicate<Step> walked, Set<String> found) {
        if (open.isEmpty()) {
            VariantLedger.of(VariantLedger.Whole.of(all), v -> true, walked)
                    .findings()
                    .forEach(f -> found.add(f.rule() + " " + f.subject()));
            return;
        }
        String one = open.get(0);
        List<String> rest = open.subList(1, open.size());
        Set<String> ways = new TreeSet<>();
        for (Step step : all.steps()) {
            step.way().filter(w -> w.either().equals(one)).ifPresent(w -> ways.add(w.way()));
        }
        if (ways.isEmpty()) {
            combine(all, rest, walked, found);
            combine(all, rest, walked.and(s -> !s.when().equals(Optional.of(one))), found);
        }
        for (String way : ways) {
            combine(
                    all,
                    rest,
                    walked.and(
                            s ->
                                    s.way()
                                            .filter(w -> w.either().equals(one))
                                            .map(w -> w.way().equals(way))
                                            .orElse(true)),
                    found);
        }
    }
}
