package methodos.core.fit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Function;
import methodos.core.fit.DecisionTable.Condition;
import methodos.core.fit.DecisionTable.Reading;
import methodos.core.fit.DecisionTable.Rule;
import methodos.core.quantity.Rational;

/**
 * The values of a reading at which something in a decision table can turn, given the readings taken
 * before it.
 *
 * <p>A condition on the reading itself turns at its ends. One on a derived reading turns where the
 * formula passes the end; where readings of the formula are still to be taken, that is looked for
 * at the turns of these, and where two such conditions turn together. This projects the corners of
 * the regions onto the reading, as a cylindrical decomposition does: for formulas that are linear,
 * and of two readings that are still to be taken or fewer, no region is missed. Others are looked
 * at in pieces, and a narrow region of them can be.
 */
final class Turns {

    /** A formula that bends is looked at in so many pieces. */
    private static final int PIECES = 16;

    /** No more than so many combinations of readings that are still to be taken are tried. */
    private static final int COMBINATIONS = 64;

    private static final Rational TWO = Rational.of(2);

    private record Boundary(String derived, Rational end, Set<String> readings) {}

    private final DecisionTable table;
    private final List<Boundary> boundaries = new ArrayList<>();

    Turns(DecisionTable table) {
        this.table = table;
        for (Rule rule : table.rules()) {
            for (Condition condition : rule.when()) {
                Set<String> of = new LinkedHashSet<>();
                if (table.derived().containsKey(condition.reading())) {
                    gather(condition.reading(), of, new LinkedHashSet<>());
                    condition
                            .ends()
                            .forEach(e -> boundaries.add(new Boundary(condition.reading(), e, of)));
                }
            }
        }
    }

    /** The readings that a derived one comes from, through others that are derived. */
    private void gather(String derived, Set<String> readings, Set<String> passed) {
        if (passed.add(derived)) {
            for (String name : table.derived().get(derived).names()) {
                if (table.derived().containsKey(name)) {
                    gather(name, readings, passed);
                } else {
                    readings.add(name);
                }
            }
        }
    }

    SortedSet<Rational> of(Reading reading, Map<String, Rational> taken) {
        SortedSet<Rational> points = own(reading);
        for (Boundary boundary : boundaries) {
            if (boundary.readings().contains(reading.id())) {
                turns(reading, boundary, taken, points);
            }
        }
        points.removeIf(p -> p.compareTo(reading.from()) < 0 || p.compareTo(reading.to()) > 0);
        return points;
    }

    /** The ends of its range and of the conditions on it. */
    private SortedSet<Rational> own(Reading reading) {
        SortedSet<Rational> points = new TreeSet<>(List.of(reading.from(), reading.to()));
        for (Rule rule : table.rules()) {
            for (Condition condition : rule.when()) {
                if (condition.reading().equals(reading.id())) {
                    points.addAll(condition.ends());
                }
            }
        }
        return points;
    }

    private void turns(
            Reading along,
            Boundary boundary,
            Map<String, Rational> taken,
            SortedSet<Rational> points) {
        List<Reading> later =
                boundary.readings().stream()
                        .filter(r -> !r.equals(along.id()) && !taken.containsKey(r))
                        .map(table::reading)
                        .toList();
        for (Map<String, Rational> with : combinations(later, taken)) {
            points.addAll(roots(along, x -> off(boundary, with, along, x)));
        }
        for (Boundary other : boundaries) {
            for (Reading free : later) {
                if (other != boundary && other.readings().contains(free.id())) {
                    meet(along, free, boundary, other, taken, points);
                }
            }
        }
    }

    /** Where two boundaries are passed at once, with one later reading set free. */
    private void meet(
            Reading along,
            Reading free,
            Boundary one,
            Boundary other,
            Map<String, Rational> taken,
            SortedSet<Rational> points) {
        Set<String> all = new LinkedHashSet<>(one.readings());
        all.addAll(other.readings());
        List<Reading> fixed =
                all.stream()
                        .filter(r -> !r.equals(along.id()) && !r.equals(free.id()))
                        .filter(r -> !taken.containsKey(r))
                        .map(table::reading)
                        .toList();
        for (Map<String, Rational> with : combinations(fixed, taken)) {
            points.addAll(
                    roots(
                            along,
                            x -> {
                                Map<String, Rational> at = new LinkedHashMap<>(with);
                                at.put(along.id(), x);
                                return roots(free, y -> off(one, at, free, y)).stream()
                                        .findFirst()
                                        .flatMap(y -> off(other, at, free, y));
                            }));
        }
    }

    /** What was taken, with the later readings at each of their own turns. */
    private List<Map<String, Rational>> combinations(
            List<Reading> later, Map<String, Rational> taken) {
        List<Map<String, Rational>> all = List.of(taken);
        for (Reading reading : later) {
            SortedSet<Rational> points = own(reading);
            for (Boundary b : boundaries) {
                if (b.readings().equals(Set.of(reading.id()))) {
                    points.addAll(roots(reading, x -> off(b, Map.of(), reading, x)));
                }
            }
            List<Map<String, Rational>> more = new ArrayList<>();
            for (Map<String, Rational> with : all) {
                for (Rational point : points) {
                    Map<String, Rational> next = new LinkedHashMap<>(with);
                    next.put(reading.id(), point);
                    more.add(next);
                }
            }
            all = more.size() > COMBINATIONS ? more.subList(0, COMBINATIONS) : more;
        }
        return all;
    }

    /** How far the derived reading is from the end of its condition. */
    private Optional<Rational> off(
            Boundary boundary, Map<String, Rational> taken, Reading along, Rational x) {
        Map<String, Rational> with = new LinkedHashMap<>(taken);
        with.put(along.id(), x);
        return Optional.ofNullable(table.withDerived(with).get(boundary.derived()))
                .map(v -> v.minus(boundary.end()));
    }

    /** Where a function of a reading is nought, within its range; exact where it is linear. */
    private static List<Rational> roots(
            Reading along, Function<Rational, Optional<Rational>> function) {
        Rational width = along.to().minus(along.from());
        Optional<Rational> first = function.apply(along.from());
        Optional<Rational> last = function.apply(along.to());
        Optional<Rational> middle = function.apply(along.from().plus(width.over(TWO)));
        boolean linear =
                first.isPresent()
                        && last.isPresent()
                        && middle.isPresent()
                        && first.get().plus(last.get()).equals(middle.get().times(TWO));
        int pieces = linear ? 1 : PIECES;
        List<Rational> roots = new ArrayList<>();
        Rational x0 = null;
        Rational f0 = null;
        for (int i = 0; i <= pieces; i++) {
            Rational x = along.from().plus(width.times(Rational.of(i, pieces)));
            Optional<Rational> f = function.apply(x);
            if (f.isEmpty()) {
                x0 = null;
                continue;
            }
            if (f.get().signum() == 0) {
                roots.add(x);
            } else if (x0 != null && f0.signum() * f.get().signum() < 0) {
                roots.add(x0.plus(x.minus(x0).times(f0.over(f0.minus(f.get())))));
            }
            x0 = x;
            f0 = f.get();
        }
        return roots;
    }
}
