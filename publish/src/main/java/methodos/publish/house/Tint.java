package methodos.publish.house;

import java.util.Locale;

/** What the colours of a page are for, and which they are where a company names none. */
public enum Tint {
    INK("#1C2B33", true),
    SOFT("#47555C", true),
    LINE("#CFC7B3", false),
    RULE("#B9B09B", false),
    EDGE("#8B7636", false),
    ACCENT("#1E5B53", true),
    OPEN("#B8420F", true);

    private final String usual;
    private final boolean text;

    Tint(String usual, boolean text) {
        this.usual = usual;
        this.text = text;
    }

    /** As {@code #RRGGBB}. */
    public String usual() {
        return usual;
    }

    /** Whether words are set in it. */
    boolean text() {
        return text;
    }

    /** What it is called in files and templates. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
