package methodos.core.fit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import methodos.core.fit.DecisionTable.Again;
import methodos.core.fit.DecisionTable.Rule;
import methodos.core.quantity.Rational;

/**
 * Whether every way through a decision table ends.
 *
 * <p>What decides changes only where a condition begins or ceases to hold. So of each reading it is
 * enough to try the ends of its range, every value at which a condition changes, and one value
 * between each two of these. {@link Turns} finds these values where conditions are on derived
 * readings. All combinations are walked.
 *
 * @param missing readings after which no rule holds, each with an example
 * @param unreachable indices of the rules that never decide, from 0
 * @param endless the readings that go round
 */
public record TableCheck(
        List<Missing> missing, List<Integer> unreachable, List<List<String>> endless) {

    /** A hole: readings taken, after the last of which no rule holds. */
    public record Missing(String after, Map<String, Rational> example) {

        /** The example in words: "g = 0.13, w = 1". */
        public String readings() {
            return example.entrySet().stream()
                    .map(e -> e.getKey() + " = " + e.getValue().toDecimal())
                    .collect(Collectors.joining(", "));
        }
    }

    /** No more than so many combinations are walked. */
    private static final int MOST = 400_000;

    /** Looks for holes, for rules that are never reached, and for ways without an end. */
    public static TableCheck of(DecisionTable table) {
        Search search = new Search(table);
        search.go(table.start(), new LinkedHashMap<>(), new ArrayList<>());
        List<Integer> unreachable = new ArrayList<>();
        for (int i = 0; i < table.rules().size(); i++) {
            if (!search.decided.contains(i)) {
                unreachable.add(i);
            }
        }
        List<Missing> missing =
                search.holes.entrySet().stream()
                        .map(e -> new Missing(e.getKey(), e.getValue()))
                        .toList();
        return new TableCheck(missing, unreachable, List.copyOf(search.rounds.values()));
    }

    /** A reading on the way, and what was taken before it. */
    private record State(String reading, Set<String> before) {}

    /** A reading that is taken again, and what is known of the others then. */
    private record Back(String reading, Map<String, Rational> known) {}

    private static final class Search {
        private final DecisionTable table;
        private final Turns turns;
        private final Set<Integer> decided = new HashSet<>();
        private final Map<String, Map<String, Rational>> holes = new LinkedHashMap<>();
        private final Map<Set<String>, List<String>> rounds = new LinkedHashMap<>();
        private final Set<Back> backTo = new HashSet<>();
        private int walked;

        Search(DecisionTable table) {
            this.table = table;
            this.turns = new Turns(table);
        }

        void go(String reading, Map<String, Rational> taken, List<State> way) {
            if (walked++ > MOST) {
                return;
            }
            State state = new State(reading, Set.copyOf(taken.keySet()));
            int before = way.indexOf(state);
            if (before >= 0) {
                List<String> round =
                        way.subList(before, way.size()).stream().map(State::reading).toList();
                rounds.putIfAbsent(Set.copyOf(round), round);
                return;
            }
            way.add(state);
            if (taken.containsKey(reading)) {
                decide(reading, taken, way);
            } else {
                for (Rational value : candidates(reading, taken)) {
                    taken.put(reading, value);
                    decide(reading, taken, way);
                    taken.remove(reading);
                }
            }
            way.remove(way.size() - 1);
        }

        private void decide(String reading, Map<String, Rational> taken, List<State> way) {
            Set<Integer> spent = new HashSet<>();
            int rule = table.deciding(reading, taken, spent);
            if (rule < 0) {
                holes.putIfAbsent(reading, new LinkedHashMap<>(taken));
            }
            while (rule >= 0) {
                decided.add(rule);
                Rule then = table.rules().get(rule);
                if (then.measure() != null) {
                    go(then.measure(), taken, way);
                }
                if (then.again() == null) {
                    return;
                }
                again(then.again(), taken, way);
                if (then.again().most() == null) {
                    return;
                }
                // when it was done as often as it may, the next rule decides, if there is one
                spent.add(rule);
                rule = table.deciding(reading, taken, spent);
            }
        }

        /** What is known when a reading is taken again may be other than the first time. */
        private void again(Again again, Map<String, Rational> taken, List<State> way) {
            Map<String, Rational> left = new LinkedHashMap<>(taken);
            table.forget(again, left);
            if (again.most() == null) {
                List<String> round = way.stream().map(State::reading).toList();
                int from = round.lastIndexOf(again.reading());
                List<String> goesRound = round.subList(Math.max(0, from), round.size());
                rounds.putIfAbsent(Set.copyOf(goesRound), List.copyOf(goesRound));
            } else if (backTo.add(new Back(again.reading(), Map.copyOf(left)))) {
                go(again.reading(), left, new ArrayList<>());
            }
        }

        /** Values of a reading at which something can change, and one between each two. */
        private List<Rational> candidates(String id, Map<String, Rational> taken) {
            List<Rational> all = new ArrayList<>();
            int choices = table.reading(id).choices().size();
            if (choices > 0) {
                return IntStream.range(0, choices).mapToObj(Rational::of).toList();
            }
            Rational last = null;
            for (Rational point : turns.of(table.reading(id), taken)) {
                if (last != null) {
                    all.add(last.plus(point).over(Rational.of(2)));
                }
                all.add(point);
                last = point;
            }
            return all;
        }
    }
}
