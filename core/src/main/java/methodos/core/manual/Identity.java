package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * By what an issue of a manual is known, and who answers for it.
 *
 * @param number of the document in the company's system
 * @param revision as the company counts: a letter, a number
 * @param reason why there is this revision
 */
@RecordBuilder
public record Identity(
        String number,
        String revision,
        String reason,
        Signature author,
        Signature reviewer,
        Signature approver)
        implements IdentityBuilder.With {

    /**
     * Somebody's word for an issue.
     *
     * @param date as year-month-day, empty while it is not given
     */
    public record Signature(String name, String date) {

        /** Nobody's yet. */
        public static final Signature OPEN = new Signature("", "");

        public Signature {
            name = name == null ? "" : name;
            date = date == null ? "" : date;
        }

        /** Whether somebody gave it, and when. */
        public boolean given() {
            return !name.isBlank() && !date.isBlank();
        }
    }

    /** Of a manual that has none yet. */
    public static final Identity NONE = new Identity("", "", "", null, null, null);

    public Identity {
        number = number == null ? "" : number;
        revision = revision == null ? "" : revision;
        reason = reason == null ? "" : reason;
        author = author == null ? Signature.OPEN : author;
        reviewer = reviewer == null ? Signature.OPEN : reviewer;
        approver = approver == null ? Signature.OPEN : approver;
    }
}
