package methodos.core.manual;

import java.util.List;
import methodos.core.description.RefersTo;
import methodos.core.quantity.Quantity;

/** A number in the manual: known with its evidence, or openly not known. Never a guess. */
public sealed interface Value {

    /**
     * @param accepted whether a person has agreed to it
     */
    record Known(Quantity quantity, List<Evidence> evidence, boolean accepted) implements Value {
        public Known {
            evidence = evidence == null ? List.of() : List.copyOf(evidence);
        }
    }

    /**
     * @param why why it is not known, in words
     * @param document the document that would tell, null where none is known
     */
    record Open(String why, @RefersTo(Document.class) String document) implements Value {
        public Open {
            why = why == null ? "" : why;
        }
    }

    static Value of(String quantity) {
        return new Known(Quantity.parse(quantity), List.of(), true);
    }

    /** The quantity where it is known. */
    default java.util.Optional<Quantity> known() {
        return this instanceof Known known
                ? java.util.Optional.of(known.quantity())
                : java.util.Optional.empty();
    }
}
