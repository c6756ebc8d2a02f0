package methodos.core.manual;

/**
 * Serial numbers from one to another, both included; all with the same letters before their digits.
 *
 * @param from the first, null where there is no first
 * @param to the last, null where later ones are included too
 * @param letters what stands before the digits, empty where nothing does
 * @param lastDigits how many of the last digits alone the numbers are compared by, 0 for all
 */
public record SerialRange(Long from, Long to, String letters, int lastDigits) {

    public static final SerialRange ALL = new SerialRange(null, null);

    private static final int MOST_DIGITS = 15;

    /**
     * @throws IllegalArgumentException if the first is after the last, or of last digits not both
     *     ends are said, or they have more digits
     */
    public SerialRange {
        letters = letters == null ? "" : letters;
        if (from != null && to != null && from > to) {
            throw new IllegalArgumentException(
                    "The first serial number, " + from + ", is after the last, " + to + ".");
        }
        boolean fits = from != null && to != null && from >= 0 && to < power(lastDigits);
        if (lastDigits < 0 || lastDigits > MOST_DIGITS || lastDigits > 0 && !fits) {
            throw new IllegalArgumentException(
                    "Of last digits both ends are said, with as many digits.");
        }
    }

    /** Numbers without letters. */
    public SerialRange(Long from, Long to) {
        this(from, to, "", 0);
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

    /** The range of one number with letters before it. */
    public static SerialRange only(String letters, long number) {
        return new SerialRange(number, number, letters, 0);
    }

    /** Whether some number is in both. */
    public boolean overlaps(SerialRange other) {
        if (all() || other.all()) {
            return true;
        }
        if (!letters.equals(other.letters)) {
            return false;
        }
        if (lastDigits == other.lastDigits) {
            return low() <= other.high() && other.low() <= high();
        }
        return lastDigits == 0 || other.lastDigits > 0 && lastDigits > other.lastDigits
                ? other.endsSomeOf(this)
                : endsSomeOf(other);
    }

    /**
     * The numbers that are in both, as far as a range can say it: of ranges of which one goes by
     * last digits and neither holds the other, this one.
     *
     * @throws IllegalArgumentException if no number is in both
     */
    public SerialRange narrowedTo(SerialRange other) {
        if (contains(other)) {
            return other;
        }
        if (other.contains(this) || lastDigits != other.lastDigits) {
            return this;
        }
        return new SerialRange(
                from == null || other.from != null && other.from > from ? other.from : from,
                to == null || other.to != null && other.to < to ? other.to : to,
                letters,
                lastDigits);
    }

    /** Whether each number of the other is in this one. */
    public boolean contains(SerialRange other) {
        if (all()) {
            return true;
        }
        if (other.all() || !letters.equals(other.letters)) {
            return false;
        }
        if (lastDigits == other.lastDigits) {
            return low() <= other.low() && other.high() <= high();
        }
        if (lastDigits == 0) {
            return from == null && to == null;
        }
        if (other.lastDigits > 0 && other.lastDigits < lastDigits) {
            return from <= other.from && to >= cycle() - other.cycle() + other.to;
        }
        return endsAllOf(other);
    }

    /** Whether some number of a range without, or with more last digits, ends as these do. */
    private boolean endsSomeOf(SerialRange longer) {
        if (longer.from == null || longer.to == null || longer.to - longer.from >= cycle()) {
            return true;
        }
        long first = Math.floorMod(longer.from, cycle());
        long last = first + longer.to - longer.from; // may go past the end of the cycle
        return first <= to && from <= last || first <= to + cycle() && from + cycle() <= last;
    }

    private boolean endsAllOf(SerialRange longer) {
        if (longer.from == null || longer.to == null || longer.to - longer.from >= cycle()) {
            return from == 0 && to == cycle() - 1;
        }
        long first = Math.floorMod(longer.from, cycle());
        long last = first + longer.to - longer.from;
        return from <= first && last <= to || from == 0 && to == cycle() - 1;
    }

    private long cycle() {
        return power(lastDigits);
    }

    private static long power(int digits) {
        long power = 1;
        for (int i = 0; i < Math.min(digits, MOST_DIGITS); i++) {
            power *= 10;
        }
        return power;
    }

    /** Whether it is open on both sides, with any letters. */
    public boolean all() {
        return from == null && to == null && letters.isEmpty();
    }

    private long low() {
        return from == null ? Long.MIN_VALUE : from;
    }

    private long high() {
        return to == null ? Long.MAX_VALUE : to;
    }
}
