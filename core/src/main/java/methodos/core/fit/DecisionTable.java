package methodos.core.fit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import methodos.core.quantity.Rational;

/**
 * What to measure, and what follows from it: after a reading the first of its rules whose
 * conditions all hold decides, with a verdict or with the next reading.
 *
 * @param start the first reading
 * @param derived formulas by the name of the reading that they give, known as soon as theirs are
 */
public record DecisionTable(
        String start, List<Reading> readings, Map<String, Formula> derived, List<Rule> rules) {

    /**
     * A reading and the range in which it can lie.
     *
     * @param choices what it is chosen from, by its number from 0; empty where it is measured
     */
    public record Reading(String id, Rational from, Rational to, List<String> choices) {
        public Reading {
            choices = List.copyOf(choices);
        }

        /** A reading that is measured. */
        public Reading(String id, Rational from, Rational to) {
            this(id, from, to, List.of());
        }

        /**
         * A reading that is chosen from a list.
         *
         * @throws IllegalArgumentException if there is nothing to choose from, or one stands twice
         */
        public static Reading of(String id, List<String> choices) {
            if (choices.isEmpty() || new HashSet<>(choices).size() < choices.size()) {
                throw new IllegalArgumentException(
                        "“" + id + "” needs something to choose from, each once.");
            }
            return new Reading(id, Rational.ZERO, Rational.of(choices.size() - 1), choices);
        }

        /**
         * The number by which what is chosen is known.
         *
         * @throws IllegalArgumentException if it is none of them
         */
        public Rational choice(String chosen) {
            int at = choices.indexOf(chosen);
            if (at < 0) {
                throw new IllegalArgumentException(
                        "“" + chosen + "” is none of the values of “" + id + "”.");
            }
            return Rational.of(at);
        }
    }

    /**
     * A condition on a reading that was taken before; each side may be open.
     *
     * @param min inclusive
     * @param max inclusive
     * @param above exclusive
     * @param below exclusive
     */
    public record Condition(
            String reading, Rational min, Rational max, Rational above, Rational below) {

        boolean holds(Rational value) {
            return value != null
                    && (min == null || value.compareTo(min) >= 0)
                    && (max == null || value.compareTo(max) <= 0)
                    && (above == null || value.compareTo(above) > 0)
                    && (below == null || value.compareTo(below) < 0);
        }

        /** Where it begins and ceases to hold. */
        List<Rational> ends() {
            List<Rational> ends = new ArrayList<>();
            for (Rational end : new Rational[] {min, max, above, below}) {
                if (end != null) {
                    ends.add(end);
                }
            }
            return ends;
        }
    }

    /**
     * Back to a reading that something makes anew.
     *
     * @param reading that is taken again
     * @param changes what is changed before, in words; if it is a reading, that one is taken again
     *     as well
     * @param most how often at most, null where nothing is said: then it goes round without an end
     */
    public record Again(String reading, String changes, Integer most) {}

    /**
     * One of a verdict, a reading to measure and a going-back.
     *
     * @param verdict null where there is none
     * @param measure null where there is none
     * @param again null where there is none
     * @param steps the first and the last step of what is done by the verdict, empty where nothing
     *     is said
     */
    public record Rule(
            String after,
            List<Condition> when,
            String verdict,
            String measure,
            Again again,
            List<String> steps) {
        public Rule {
            when = List.copyOf(when);
            steps = List.copyOf(steps);
        }

        /** A rule that gives a verdict, or asks for a reading that was not taken yet. */
        public Rule(String after, List<Condition> when, String verdict, String measure) {
            this(after, when, verdict, measure, null, List.of());
        }
    }

    /**
     * The way through the table for given readings.
     *
     * @param verdict empty where the way ends in a hole or goes round
     * @param steps of the verdict
     * @param exhausted whether it ends because what may be done again was done as often as it may
     */
    public record Walk(
            List<String> path, Optional<String> verdict, List<String> steps, boolean exhausted) {}

    /**
     * @throws IllegalArgumentException if a rule names a reading that the table lacks
     */
    public DecisionTable {
        readings = List.copyOf(readings);
        derived = Map.copyOf(derived);
        rules = List.copyOf(rules);
        Set<String> known = new HashSet<>();
        readings.forEach(r -> known.add(r.id()));
        named(start, known);
        for (Rule rule : rules) {
            named(rule.after(), known);
            if (rule.measure() != null) {
                named(rule.measure(), known);
            }
            if (rule.again() != null) {
                named(rule.again().reading(), known);
            }
            for (Condition condition : rule.when()) {
                if (!derived.containsKey(condition.reading())) {
                    named(condition.reading(), known);
                }
            }
        }
        for (Formula formula : derived.values()) {
            for (String name : formula.names()) {
                if (!derived.containsKey(name)) {
                    named(name, known);
                }
            }
        }
    }

    private static void named(String reading, Set<String> known) {
        if (!known.contains(reading)) {
            throw new IllegalArgumentException("There is no reading “" + reading + "”.");
        }
    }

    /**
     * @throws java.util.NoSuchElementException if there is no such reading
     */
    public Reading reading(String id) {
        return readings.stream().filter(r -> r.id().equals(id)).findFirst().orElseThrow();
    }

    /** The readings with the derived ones that are known by them. */
    public Map<String, Rational> withDerived(Map<String, Rational> taken) {
        Map<String, Rational> all = new LinkedHashMap<>(taken);
        boolean more = true;
        while (more) {
            more = false;
            for (Map.Entry<String, Formula> d : derived.entrySet()) {
                if (!all.containsKey(d.getKey())) {
                    Optional<Rational> value = d.getValue().value(all);
                    value.ifPresent(v -> all.put(d.getKey(), v));
                    more |= value.isPresent();
                }
            }
        }
        return all;
    }

    /** Index of the rule that decides after a reading, −1 where none does. */
    int deciding(String after, Map<String, Rational> taken) {
        return deciding(after, taken, Set.of());
    }

    /**
     * @param spent indices of the rules that are passed over
     */
    int deciding(String after, Map<String, Rational> taken, Set<Integer> spent) {
        Map<String, Rational> known = withDerived(taken);
        for (int i = 0; i < rules.size(); i++) {
            Rule rule = rules.get(i);
            if (!spent.contains(i)
                    && rule.after().equals(after)
                    && rule.when().stream().allMatch(c -> c.holds(known.get(c.reading())))) {
                return i;
            }
        }
        return -1;
    }

    /** A reading on the way, and the index of the rule that decided after it, −1 for none. */
    public record Taken(String reading, int rule) {}

    /** What is forgotten by going back. */
    void forget(Again again, Map<String, Rational> taken) {
        taken.remove(again.reading());
        taken.remove(again.changes());
    }

    /**
     * How far given readings lead.
     *
     * @param verdict null where the way does not end with one
     * @param asks the reading that is asked for and not given, null where none is
     * @param exhausted whether a rule would have decided that was used as often as it may
     */
    public record Steps(List<Taken> taken, String verdict, String asks, boolean exhausted) {
        public Steps {
            taken = List.copyOf(taken);
        }
    }

    /** The values of a reading, one for each time that it is taken. */
    @FunctionalInterface
    public interface Values {

        /**
         * @param taking how often it was taken before
         * @return empty where there is none
         */
        Optional<Rational> of(String reading, int taking);
    }

    /** Follows the table as far as the values lead; each holds whenever it is asked for. */
    public Steps follow(Map<String, Rational> values) {
        return follow((reading, taking) -> Optional.ofNullable(values.get(reading)));
    }

    /** Follows the table as far as the values lead. */
    public Steps follow(Values values) {
        List<Taken> way = new ArrayList<>();
        Map<String, Rational> taken = new LinkedHashMap<>();
        Map<String, Integer> takings = new HashMap<>();
        Map<Integer, Integer> backs = new HashMap<>();
        Set<Integer> spent = new HashSet<>();
        Set<Object> states = new HashSet<>();
        String reading = start;
        while (states.add(List.of(reading, Set.copyOf(taken.keySet()), Map.copyOf(backs)))) {
            if (!taken.containsKey(reading)) {
                Optional<Rational> value =
                        values.of(reading, takings.merge(reading, 1, Integer::sum) - 1);
                if (value.isEmpty()) {
                    return new Steps(way, null, reading, false);
                }
                taken.put(reading, value.get());
            }
            int rule = deciding(reading, taken, spent);
            way.add(new Taken(reading, rule));
            if (rule < 0) {
                boolean exhausted = deciding(reading, taken) >= 0;
                return new Steps(way, null, null, exhausted);
            }
            Rule then = rules.get(rule);
            if (then.verdict() != null) {
                return new Steps(way, then.verdict(), null, false);
            }
            if (then.again() == null) {
                reading = then.measure();
                continue;
            }
            reading = then.again().reading();
            forget(then.again(), taken);
            if (then.again().most() != null
                    && backs.merge(rule, 1, Integer::sum) >= then.again().most()) {
                spent.add(rule);
            }
        }
        return new Steps(way, null, null, false);
    }

    /**
     * Walks the table.
     *
     * @throws IllegalArgumentException if a reading that is asked for is not among the values
     */
    public Walk walk(Map<String, Rational> values) {
        return walk((reading, taking) -> Optional.ofNullable(values.get(reading)));
    }

    /**
     * Walks the table with a value for each time that a reading is taken.
     *
     * @throws IllegalArgumentException if one that is asked for is not among the values
     */
    public Walk walk(Values values) {
        Steps steps = follow(values);
        if (steps.asks() != null) {
            throw new IllegalArgumentException("The value of “" + steps.asks() + "” is missing.");
        }
        int last =
                steps.taken().isEmpty() ? -1 : steps.taken().get(steps.taken().size() - 1).rule();
        return new Walk(
                steps.taken().stream().map(Taken::reading).toList(),
                Optional.ofNullable(steps.verdict()),
                steps.verdict() == null ? List.of() : rules.get(last).steps(),
                steps.exhausted());
    }
}
