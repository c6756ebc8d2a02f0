package methodos.core.manual;

/**
 * A line of the parts list.
 *
 * @param item the number in the balloon
 * @param number the maker's part number
 * @param size thread or dimension, empty where none is said
 * @param quantity how many a unit has
 */
public record Part(
        String id,
        String item,
        String number,
        String name,
        String size,
        int quantity,
        ReuseRule reuse,
        Applicability applicability,
        String note) {
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

    public Part withItem(String v) {
        return new Part(id, v, number, name, size, quantity, reuse, applicability, note);
    }

    public Part withNumber(String v) {
        return new Part(id, item, v, name, size, quantity, reuse, applicability, note);
    }

    public Part withName(String v) {
        return new Part(id, item, number, v, size, quantity, reuse, applicability, note);
    }

    public Part withSize(String v) {
        return new Part(id, item, number, name, v, quantity, reuse, applicability, note);
    }

    public Part withQuantity(int v) {
        return new Part(id, item, number, name, size, v, reuse, applicability, note);
    }

    public Part withReuse(ReuseRule v) {
        return new Part(id, item, number, name, size, quantity, v, applicability, note);
    }

    public Part withApplicability(Applicability v) {
        return new Part(id, item, number, name, size, quantity, reuse, v, note);
    }
}
