package methodos.core.typed;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.quantity.Quantity;

/**
 * How much of something, and where, on one line: "5 g, on the lip".
 *
 * @param amount null where none is said
 * @param place empty where none is said
 */
public record AmountAndPlace(Quantity amount, String place) {

    /** Never fails: what is no amount is a place. */
    public static AmountAndPlace parse(String typed) {
        String[] sides = typed.strip().split("\\s*[,;]\\s+", 2);
        try {
            return new AmountAndPlace(
                    Quantity.parse(sides[0]), sides.length > 1 ? sides[1].strip() : "");
        } catch (IllegalArgumentException place) {
            return new AmountAndPlace(null, typed.strip());
        }
    }

    /** As it is typed. */
    public String text() {
        return Stream.of(amount == null ? "" : amount.print(), place)
                .filter(t -> !t.isEmpty())
                .collect(Collectors.joining(", "));
    }
}
