package methodos.core.manual;

/**
 * Something that is measured in a step.
 *
 * @param what what is measured
 * @param limit what it has to be
 * @param count how many are measured
 * @param tool the instrument, null where none is said
 * @param otherwise what to do when it is outside, in words
 */
public record Reading(String what, Value limit, int count, String tool, String otherwise) {
    public Reading {
        otherwise = otherwise == null ? "" : otherwise;
        count = Math.max(1, count);
    }
}
