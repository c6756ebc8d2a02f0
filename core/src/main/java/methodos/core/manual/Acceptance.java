package methodos.core.manual;

import methodos.core.description.Required;

/**
 * A finding that somebody lives with. It holds as long as what was found stays the same.
 *
 * @param finding what tells it from every other: its rule and what it says, by ids
 * @param reason why it may stay
 * @param person who says so
 * @param date as year-month-day
 */
public record Acceptance(@Required String finding, String reason, String person, String date) {
    public Acceptance {
        finding = finding == null ? "" : finding;
        reason = reason == null ? "" : reason;
        person = person == null ? "" : person;
        date = date == null ? "" : date;
    }
}
