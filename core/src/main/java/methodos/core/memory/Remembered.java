package methodos.core.memory;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/**
 * Works something out once for the same question, mostly what is read in a text, so that after an
 * edit only what changed is read anew. What has grown too much begins again; several threads may
 * ask.
 *
 * @param <K> what is asked of, equal where the answer is the same
 * @param <V> the answer, never null
 */
public final class Remembered<K, V> {

    private static final int MOST = 20_000;

    private final Map<K, V> answers = new ConcurrentHashMap<>();
    private final Function<K, V> working;

    /**
     * @param working gives the answer; it must not ask this again
     */
    public Remembered(Function<K, V> working) {
        this.working = working;
    }

    /** The answer, worked out now if it was not asked before. */
    public V of(K question) {
        if (answers.size() > MOST) {
            answers.clear();
        }
        return answers.computeIfAbsent(question, working);
    }
}
