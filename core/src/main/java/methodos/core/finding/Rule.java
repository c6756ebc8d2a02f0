package methodos.core.finding;

import java.util.Locale;

/** What is checked; the severity of a finding is that of its rule. */
public enum Rule {
    /** An energy is given back while a part is off or a joint is not tight. */
    RESTORED_TOO_EARLY(Severity.HURT),
    /** Work on what an energy moves before it is made safe. */
    NOT_ISOLATED(Severity.HURT),
    /** Lifted by hand, or with an aid that may not carry it. */
    TOO_HEAVY(Severity.HURT),
    HAZARD_MISSING(Severity.HURT),
    /** Its statement stands behind the action that it warns of. */
    HAZARD_LATE(Severity.HURT),
    /** A check failed itself: whatever it would have found is not known. */
    NOT_CHECKED(Severity.HURT),

    AID_LEFT(Severity.BREAK),
    NOT_REFITTED(Severity.BREAK),
    /** More go on than came off. */
    TOO_MANY_FITTED(Severity.BREAK),
    /** Goes on though none came off. */
    NOT_REMOVED_FIRST(Severity.BREAK),
    /** Goes on again though the rule says new. */
    REUSED(Severity.BREAK),
    NOT_TIGHTENED(Severity.BREAK),
    /** Undone with one size and done up with another. */
    OTHER_SIZE(Severity.BREAK),
    NOT_FILLED(Severity.BREAK),
    /** Marked and never brought together again. */
    NOT_MATCHED(Severity.BREAK),
    NEVER_MARKED(Severity.BREAK),
    /** Made on a part that is off already. */
    MARKED_TOO_LATE(Severity.BREAK),
    /** Touched under what covers it, or covered while it is off. */
    COVERED(Severity.BREAK),
    /** Goes on with nothing said or shown of its way round. */
    WAY_ROUND_UNTOLD(Severity.BREAK),
    /** Came off at one place and goes on at another. */
    OTHER_PLACE(Severity.BREAK),
    /** Another amount of a fluid is filled than the unit holds, or than was drained. */
    OTHER_AMOUNT(Severity.BREAK),
    VALUES_DISAGREE(Severity.BREAK),
    IMPLAUSIBLE_TORQUE(Severity.BREAK),

    NOT_RESTORED(Severity.STOP),
    IN_NO_KIT(Severity.STOP),
    NO_VALUE(Severity.STOP),
    NO_VARIANT(Severity.STOP),
    TOO_MANY_REMOVED(Severity.STOP),
    CYCLE(Severity.STOP),
    /** A counter is read and not set back after it. */
    NOT_RESET(Severity.STOP),
    NO_WRENCH(Severity.STOP),
    TABLE_WITH_A_HOLE(Severity.STOP),
    /** Work that goes round, and nothing ends it. */
    NO_WAY_OUT(Severity.STOP),
    /** A reading that nobody can answer or reckon. */
    UNANSWERABLE(Severity.STOP),
    /** A condition on what is found later, or never. */
    NOT_FOUND_BEFORE(Severity.STOP),
    /** A place that makes no sense: it leads to nothing, or is out of every range. */
    SENSELESS(Severity.STOP),

    LANGUAGE(Severity.CONFUSE),
    NAMES(Severity.CONFUSE),
    COVERAGE(Severity.CONFUSE);

    private final Severity severity;

    Rule(Severity severity) {
        this.severity = severity;
    }

    /** How grave its findings are. */
    public Severity severity() {
        return severity;
    }

    /** As it is written in data: {@code not refitted}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
