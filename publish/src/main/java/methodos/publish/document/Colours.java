package methodos.publish.document;

import java.util.LinkedHashMap;
import java.util.Map;

/** What the colours of a page are for, and which they are. */
enum Colours {
    INK("#1C2B33"),
    SOFT("#47555C"),
    LINE("#CFC7B3"),
    RULE("#B9B09B"),
    EDGE("#8B7636"),
    ACCENT("#1E5B53"),
    OPEN("#B8420F");

    private final String light;

    Colours(String light) {
        this.light = light;
    }

    private String key() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }

    /** On paper. */
    static Map<String, String> printed() {
        Map<String, String> all = new LinkedHashMap<>();
        for (Colours c : values()) {
            all.put(c.key(), c.light);
        }
        return all;
    }

    /** On a screen, where they are those of the look that is chosen there. */
    static Map<String, String> onScreen() {
        Map<String, String> all = new LinkedHashMap<>();
        for (Colours c : values()) {
            all.put(c.key(), "var(--" + c.key() + ")");
        }
        return all;
    }
}
