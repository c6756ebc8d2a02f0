package methodos.core.manual;

import methodos.core.description.Id;
import methodos.core.description.Required;
import methodos.core.description.ToldApartBy;

/** Where a statement or a number comes from. */
@ToldApartBy("kind")
public sealed interface Evidence {

    /**
     * Said or shown in the footage; the quote holds the words unchanged, empty where only shown.
     */
    record Recorded(@Required Span span, String quote) implements Evidence {
        public Recorded {
            quote = quote == null ? "" : quote;
        }
    }

    /** Read in a document. */
    record Documented(@Required Id<Document> document, String place) implements Evidence {
        public Documented {
            place = place == null ? "" : place;
        }
    }

    /** Entered by a person, with the date as year-month-day. */
    record Entered(String person, String date) implements Evidence {
        public Entered {
            person = person == null ? "" : person;
            date = date == null ? "" : date;
        }
    }
}
