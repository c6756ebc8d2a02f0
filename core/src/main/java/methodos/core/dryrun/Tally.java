package methodos.core.dryrun;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How many there are of each thing somewhere, never fewer than none.
 *
 * @param <K> what is counted
 */
final class Tally<K> {

    private final Map<K, Integer> counts = new LinkedHashMap<>();

    int of(K thing) {
        return counts.getOrDefault(thing, 0);
    }

    void add(K thing, int more) {
        counts.merge(thing, more, Integer::sum);
    }

    /** As many as there are, where fewer are there. */
    void take(K thing, int fewer) {
        counts.computeIfPresent(thing, (k, n) -> n > fewer ? n - fewer : null);
    }

    /** Those of which there is one at least, in the order in which they came. */
    List<K> there() {
        return List.copyOf(counts.keySet());
    }
}
