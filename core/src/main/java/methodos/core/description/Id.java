package methodos.core.description;

import java.util.Objects;

/**
 * The id of a thing of a manual, by which others refer to it. It is never printed and never typed.
 *
 * @param <T> what it is the id of
 * @param text as it stands in the file form
 */
public record Id<T>(String text) {

    public Id {
        Objects.requireNonNull(text);
    }

    /** The text of an id that may be none; null for null. */
    public static String textOf(Id<?> id) {
        return id == null ? null : id.text();
    }

    // ids are the keys of most maps: said outright, this is faster than what a record makes itself
    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Id<?> id && text.equals(id.text);
    }

    @Override
    public int hashCode() {
        return text.hashCode();
    }

    /** The text alone, so that it can stand in a name. */
    @Override
    public String toString() {
        return text;
    }
}
