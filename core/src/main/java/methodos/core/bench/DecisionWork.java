package methodos.core.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import methodos.core.fit.DecisionTable;
import methodos.core.fit.DecisionTables;
import methodos.core.manual.Decision;
import methodos.core.quantity.Rational;

/** A decision on its way: what was measured for it, and how far that leads. */
public final class DecisionWork {

    /** A value that was entered. */
    public record Value(String symbol, String typed, String instrument) {}

    private final Decision decision;
    private final DecisionTable table;
    private final Map<String, List<Rational>> values = new HashMap<>();
    private final List<Value> entered = new ArrayList<>();

    DecisionWork(WorkedManual work, Decision decision) {
        this.decision = decision;
        this.table = work.table(decision.id());
    }

    public Decision decision() {
        return decision;
    }

    /** What was entered, in order. */
    public List<Value> entered() {
        return List.copyOf(entered);
    }

    private DecisionTable.Steps steps() {
        return table.follow(
                (symbol, taking) -> {
                    List<Rational> all = values.getOrDefault(symbol, List.of());
                    return taking < all.size() ? Optional.of(all.get(taking)) : Optional.empty();
                });
    }

    /** What it asks for next, empty where it is decided or lost. */
    Optional<Task> next() {
        return asked().map(m -> new Task.Try(decision, m));
    }

    private Optional<Decision.Measure> asked() {
        String asks = steps().asks();
        return decision.measures().stream().filter(m -> m.symbol().equals(asks)).findFirst();
    }

    /** What is changed before the next value is measured; empty where nothing is. */
    public Optional<String> change() {
        return asked().isPresent() ? lastBack().map(Decision.Again::changes) : Optional.empty();
    }

    private Optional<Decision.Again> lastBack() {
        List<DecisionTable.Taken> way = steps().taken();
        if (way.isEmpty() || way.get(way.size() - 1).rule() < 0) {
            return Optional.empty();
        }
        return Optional.ofNullable(decision.rules().get(way.get(way.size() - 1).rule()).again());
    }

    /** What it came to; empty while it is open, and where no rule says how it goes on. */
    public Optional<String> verdict() {
        DecisionTable.Steps steps = steps();
        if (steps.verdict() != null) {
            return Optional.of(steps.verdict());
        }
        if (!steps.exhausted()) {
            return Optional.empty();
        }
        String last = steps.taken().get(steps.taken().size() - 1).reading();
        return decision.rules().stream()
                .filter(r -> r.after().equals(last) && r.again() != null)
                .map(r -> r.again().exhausted())
                .filter(e -> !e.isBlank())
                .findFirst();
    }

    /** Whether no rule says how it goes on. */
    boolean lost() {
        return asked().isEmpty() && verdict().isEmpty();
    }

    /**
     * Takes the value that is asked for.
     *
     * @throws IllegalArgumentException with a sentence if another is asked for, it is not
     *     understood, or it cannot be what is measured
     */
    void take(String symbol, String typed, String instrument) {
        Decision.Measure measure =
                asked().filter(m -> m.symbol().equals(symbol))
                        .orElseThrow(
                                () ->
                                        new IllegalArgumentException(
                                                "“" + symbol + "” is not asked for now."));
        Rational value = DecisionTables.readings(decision, Map.of(symbol, typed)).get(symbol);
        if (value == null) {
            throw new IllegalArgumentException("Nothing is entered.");
        }
        DecisionTable.Reading reading = table.reading(symbol);
        if (value.compareTo(reading.from()) < 0 || value.compareTo(reading.to()) > 0) {
            throw new IllegalArgumentException(
                    "“" + typed + "” is not within " + measure.range().print() + ": look again.");
        }
        values.computeIfAbsent(symbol, s -> new ArrayList<>()).add(value);
        entered.add(new Value(symbol, typed, instrument));
    }
}
