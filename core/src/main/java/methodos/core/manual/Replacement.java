package methodos.core.manual;

/**
 * A newer part number that takes the place of one of the list.
 *
 * @param number the newer one
 * @param serials the units that it is for; all where nothing is said
 * @param from the day from which it is delivered, as ISO 8601; empty where none is said
 */
public record Replacement(String number, SerialRange serials, String from) {
    public Replacement {
        if (number == null || number.isBlank()) {
            throw new IllegalArgumentException("A replacement has a part number.");
        }
        serials = serials == null ? SerialRange.ALL : serials;
        from = from == null ? "" : from;
    }
}
