package methodos.core.manual;

/**
 * Serial numbers from one to another, both included.
 *
 * @param from the first, null where there is no first
 * @param to the last, null where later ones are included too
 */
public record SerialRange(Long from, Long to) {

    public static final SerialRange ALL = new SerialRange(null, null);

    /**
     * @throws IllegalArgumentException if the first is after the last
     */
    public SerialRange {
        if (from != null && to != null && from > to) {
            throw new IllegalArgumentException(
                    "The first serial number, " + from + ", is after the last, " + to + ".");
        }
    }

    /**
     * @param first included; later ones are open
     */
    public static SerialRange from(long first) {
        return new SerialRange(first, null);
    }

    /**
     * @param last included; earlier ones are open
     */
    public static SerialRange upTo(long last) {
        return new SerialRange(null, last);
    }

    /** The range of one number. */
    public static SerialRange only(long number) {
        return new SerialRange(number, number);
    }

    /** Whether some number is in both. */
    public boolean overlaps(SerialRange other) {
        return low() <= other.high() && other.low() <= high();
    }

    /** Whether each number of the other is in this one. */
    public boolean contains(SerialRange other) {
        return low() <= other.low() && other.high() <= high();
    }

    /** Whether it is open on both sides. */
    public boolean all() {
        return from == null && to == null;
    }

    private long low() {
        return from == null ? Long.MIN_VALUE : from;
    }

    private long high() {
        return to == null ? Long.MAX_VALUE : to;
    }
}
