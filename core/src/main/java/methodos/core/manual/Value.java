package methodos.core.manual;

import java.util.List;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.description.Required;
import methodos.core.description.ToldApartBy;
import methodos.core.quantity.Quantity;

/** A number in the manual: known with its evidence, or openly not known. Never a guess. */
@ToldApartBy("state")
public sealed interface Value {

    /**
     * @param accepted whether a person has agreed to it
     */
    record Known(@Required Quantity quantity, List<Evidence> evidence, @Required boolean accepted)
            implements Value {
        public Known {
            evidence = evidence == null ? List.of() : List.copyOf(evidence);
        }

        /** The document that it was read in, with the place; empty where in none. */
        public Optional<String> where(Manual manual) {
            return evidence.stream()
                    .filter(e -> e instanceof Evidence.Documented)
                    .map(e -> (Evidence.Documented) e)
                    .flatMap(
                            d ->
                                    manual.document(d.document()).stream()
                                            .map(
                                                    x ->
                                                            d.place().isEmpty()
                                                                    ? x.name()
                                                                    : x.name() + ", " + d.place()))
                    .findFirst();
        }
    }

    /**
     * Not known here.
     *
     * @param why why it is not known, in words
     * @param document the document that would tell, null where none is known
     * @param place where in the document, such as "table 3"; may be empty
     */
    record Open(String why, Id<Document> document, String place) implements Value {
        public Open {
            why = why == null ? "" : why;
            place = place == null ? "" : place;
        }

        /** Without a place in its document. */
        public Open(String why, Id<Document> document) {
            this(why, document, "");
        }

        /** Where it is to be found: "HV-114, table 3"; empty where no document is known. */
        public Optional<String> where(Manual manual) {
            return manual.document(document)
                    .map(d -> place.isEmpty() ? d.name() : d.name() + ", " + place);
        }
    }

    static Value of(String quantity) {
        return new Known(Quantity.parse(quantity), List.of(), true);
    }

    /** The quantity where it is known. */
    default Optional<Quantity> known() {
        return this instanceof Known known ? Optional.of(known.quantity()) : Optional.empty();
    }
}
