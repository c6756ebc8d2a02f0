package methodos.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/** What is other than before, field by field. */
final class Differences {

    private final List<String> all = new ArrayList<>();

    Differences add(String field, Object before, Object after) {
        if (!Objects.equals(before, after)) {
            all.add(field + ": " + text(before) + " → " + text(after));
        }
        return this;
    }

    private static String text(Object value) {
        String text = value == null ? "" : String.valueOf(value);
        return text.isEmpty() ? "–" : text;
    }

    List<String> all() {
        return all;
    }
}
