package methodos.core.fit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import methodos.core.fit.DecisionTable.Condition;
import methodos.core.fit.DecisionTable.Reading;
import methodos.core.fit.DecisionTable.Rule;
import methodos.core.quantity.Rational;

/**
 * Whether every way through a decision table ends.
 *
 * <p>What decides changes only where a condition begins or ceases to hold. So of each reading it is
 * enough to try the ends of its range, every value at which a condition changes, and one value
 * between each two of these; for a condition on a derived reading the value at which it changes is
 * found along the reading, given those taken before, where the formula is linear exactly. All
 * combinations are walked.
 *
 * @param missing readings after which no rule holds, each with an example
 * @param unreachable indices of the rules that never decide, from 0
 * @param endless the readings that go round
 */
public record TableCheck(
        List<Missing> missing, List<Integer> unreachable, List<List<String>> endless) {

    /** A hole: readings taken, after the last of which no rule holds. */
    public record Missing(String after, Map<String, Rational> example) {}

    /** Along a reading a formula is looked at in so many pieces. */
    private static final int PIECES = 16;

    /** A reading from which others are derived is tried at so many more places. */
    private static final int ROUGH = 8;

    /** No more than so many combinations are walked. */
    private static final int MOST = 400_000;

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

    private static final class Search {
        private final DecisionTable table;
        private final Set<Integer> decided = new HashSet<>();
        private final Map<String, Map<String, Rational>> holes = new LinkedHashMap<>();
        private final Map<Set<String>, List<String>> rounds = new LinkedHashMap<>();
        private int walked;

        Search(DecisionTable table) {
            this.table = table;
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
            int rule = table.deciding(reading, taken);
            if (rule < 0) {
                holes.putIfAbsent(reading, new LinkedHashMap<>(taken));
                return;
            }
            decided.add(rule);
            Rule then = table.rules().get(rule);
            if (then.measure() != null) {
                go(then.measure(), taken, way);
            }
        }

        /** Values of a reading at which something can change, and one between each two. */
        private List<Rational> candidates(String id, Map<String, Rational> taken) {
            Reading reading = table.reading(id);
            TreeSet<Rational> points = new TreeSet<>(List.of(reading.from(), reading.to()));
            for (Rule rule : table.rules()) {
                for (Condition condition : rule.when()) {
                    for (Rational end : condition.ends()) {
                        if (condition.reading().equals(id)) {
                            points.add(end);
                        } else if (table.derived().containsKey(condition.reading())) {
                            changes(reading, condition.reading(), end, taken, points);
                        }
                    }
                }
            }
            points.removeIf(p -> p.compareTo(reading.from()) < 0 || p.compareTo(reading.to()) > 0);
            List<Rational> all = new ArrayList<>();
            Rational last = null;
            for (Rational point : points) {
                if (last != null) {
                    all.add(last.plus(point).over(Rational.of(2)));
                }
                all.add(point);
                last = point;
            }
            return all;
        }

        /** Where along the reading a derived one passes a value; exact where it is linear. */
        private void changes(
                Reading along,
                String derived,
                Rational end,
                Map<String, Rational> taken,
                Set<Rational> points) {
            Rational width = along.to().minus(along.from());
            Rational x0 = null;
            Rational f0 = null;
            for (int i = 0; i <= PIECES; i++) {
                Rational x = along.from().plus(width.times(Rational.of(i, PIECES)));
                Map<String, Rational> with = new LinkedHashMap<>(taken);
                with.put(along.id(), x);
                Optional<Rational> f = Optional.ofNullable(table.withDerived(with).get(derived));
                if (f.isEmpty()) {
                    x0 = null;
                    continue;
                }
                Rational off = f.get().minus(end);
                if (off.signum() == 0) {
                    points.add(x);
                } else if (x0 != null && f0.signum() * off.signum() < 0) {
                    points.add(x0.plus(x.minus(x0).times(f0.over(f0.minus(off)))));
                }
                x0 = x;
                f0 = off;
            }
        }
    }
}
