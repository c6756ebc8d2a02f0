package methodos.core.narration;

/**
 * Words of the narration with when they are said.
 *
 * @param start seconds from the start of playback
 * @param end seconds, after the start
 * @param words as they are said, corrected where they were not recognised rightly
 * @param recognised the words as they came, where they were corrected; null where they were not
 */
public record Caption(double start, double end, String words, String recognised) {

    /** Words as they came. */
    public Caption(double start, double end, String words) {
        this(start, end, words, null);
    }

    /** The words as they came. */
    public String asRecognised() {
        return recognised == null ? words : recognised;
    }

    /** The same with other words; those that came stay beside them. */
    public Caption corrected(String right) {
        return new Caption(start, end, right, right.equals(asRecognised()) ? null : asRecognised());
    }

    /** The same words at another time. */
    public Caption at(double from, double to) {
        return new Caption(from, to, words, recognised);
    }
}
