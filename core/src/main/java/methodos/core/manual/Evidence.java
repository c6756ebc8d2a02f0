package methodos.core.manual;

import methodos.core.description.RefersTo;

/** Where a statement or a number comes from. */
public sealed interface Evidence {

    /**
     * Said or shown in the footage; the quote holds the words unchanged, empty where only shown.
     */
    record Recorded(Span span, String quote) implements Evidence {
        public Recorded {
            quote = quote == null ? "" : quote;
        }
    }

    /** Read in a document. */
    record Documented(@RefersTo(Document.class) String document, String place) implements Evidence {
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
