package methodos.core.bench;

import java.util.Optional;
import methodos.core.quantity.Quantity;

/**
 * A line of the plain protocol that instruments speak: text in UTF-8, a line each. {@code name
 * caliper VC-07} says who it is, {@code 62.85 mm} is a reading, sent when its key is pressed or
 * when it is asked with {@link #ASK}, {@code trouble battery low} says why there is none.
 */
public sealed interface InstrumentLine {

    /** Asks an instrument for a reading. */
    String ASK = "read";

    /** Who it is. */
    record Name(String text) implements InstrumentLine {}

    /**
     * A reading.
     *
     * @param text as it was sent
     */
    record Value(String text, Quantity quantity) implements InstrumentLine {}

    /** Why there is no reading. */
    record Trouble(String text) implements InstrumentLine {}

    /** Reads a line; empty where it is blank or nothing that the protocol knows. */
    static Optional<InstrumentLine> of(String line) {
        String text = line.strip();
        if (text.startsWith("name ")) {
            return Optional.of(new Name(text.substring(5).strip()));
        }
        if (text.startsWith("trouble ")) {
            return Optional.of(new Trouble(text.substring(8).strip()));
        }
        try {
            Quantity quantity = Quantity.parse(text);
            return quantity.single() ? Optional.of(new Value(text, quantity)) : Optional.empty();
        } catch (IllegalArgumentException noReading) {
            return Optional.empty();
        }
    }
}
