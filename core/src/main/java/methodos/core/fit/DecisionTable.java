package methodos.core.fit;

import java.util.ArrayList;
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

    /** A reading and the range in which it can lie. */
    public record Reading(String id, Rational from, Rational to) {}

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
     * @param verdict null where another reading is asked for
     * @param measure null where there is a verdict
     */
    public record Rule(String after, List<Condition> when, String verdict, String measure) {
        public Rule {
            when = List.copyOf(when);
        }
    }

    /**
     * The way through the table for given readings.
     *
     * @param verdict empty where the way ends in a hole or goes round
     */
    public record Walk(List<String> path, Optional<String> verdict) {}

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
        Map<String, Rational> known = withDerived(taken);
        for (int i = 0; i < rules.size(); i++) {
            Rule rule = rules.get(i);
            if (rule.after().equals(after)
                    && rule.when().stream().allMatch(c -> c.holds(known.get(c.reading())))) {
                return i;
            }
        }
        return -1;
    }

    /** A reading on the way, and the index of the rule that decided after it, −1 for none. */
    public record Taken(String reading, int rule) {}

    /**
     * How far given readings lead.
     *
     * @param verdict null where the way does not end with one
     * @param asks the reading that is asked for and not given, null where none is
     */
    public record Steps(List<Taken> taken, String verdict, String asks) {
        public Steps {
            taken = List.copyOf(taken);
        }
    }

    /** Follows the table as far as the values lead. */
    public Steps follow(Map<String, Rational> values) {
        List<Taken> way = new ArrayList<>();
        Map<String, Rational> taken = new LinkedHashMap<>();
        Set<String> states = new HashSet<>();
        String reading = start;
        while (states.add(reading + taken.keySet().stream().sorted().toList())) {
            if (!values.containsKey(reading)) {
                return new Steps(way, null, reading);
            }
            taken.put(reading, values.get(reading));
            int rule = deciding(reading, taken);
            way.add(new Taken(reading, rule));
            if (rule < 0 || rules.get(rule).verdict() != null) {
                return new Steps(way, rule < 0 ? null : rules.get(rule).verdict(), null);
            }
            reading = rules.get(rule).measure();
        }
        return new Steps(way, null, null);
    }

    /**
     * Walks the table.
     *
     * @throws IllegalArgumentException if a reading that is asked for is not among the values
     */
    public Walk walk(Map<String, Rational> values) {
        Steps steps = follow(values);
        if (steps.asks() != null) {
            throw new IllegalArgumentException("The value of “" + steps.asks() + "” is missing.");
        }
        return new Walk(
                steps.taken().stream().map(Taken::reading).toList(),
                Optional.ofNullable(steps.verdict()));
    }
}
