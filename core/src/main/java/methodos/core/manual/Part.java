package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A line of the parts list.
 *
 * @param item the number in the balloon
 * @param number the maker's part number
 * @param size thread or dimension, empty where none is said
 * @param quantity how many a unit has
 */
@RecordBuilder
public record Part(
        String id,
        String item,
        String number,
        String name,
        String size,
        int quantity,
        ReuseRule reuse,
        Applicability applicability,
        String note)
        implements PartBuilder.With {
    public Part {
        if (quantity < 0) {
            throw new IllegalArgumentException("A quantity cannot be less than 0.");
        }
        item = item == null ? "" : item;
        number = number == null ? "" : number;
        size = size == null ? "" : size;
        note = note == null ? "" : note;
        reuse = reuse == null ? ReuseRule.INSPECT : reuse;
        applicability = applicability == null ? Applicability.ALL : applicability;
    }

    /** Name and size, as they are printed: "cap screw M6 × 25". */
    public String label() {
        return size.isEmpty() ? name : name + " " + size;
    }
}
