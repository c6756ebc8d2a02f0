package methodos.core.edit;

import java.util.ArrayList;
import java.util.List;

/** Lists with one thing other than before. */
final class Lists {

    private Lists() {}

    static <T> List<T> with(List<T> list, T more) {
        List<T> all = new ArrayList<>(list);
        all.add(more);
        return all;
    }

    /**
     * @param thing null takes out what is there
     */
    static <T> List<T> put(List<T> list, int at, T thing) {
        List<T> all = new ArrayList<>(list);
        if (thing == null) {
            all.remove(at);
        } else {
            all.set(at, thing);
        }
        return all;
    }
}
