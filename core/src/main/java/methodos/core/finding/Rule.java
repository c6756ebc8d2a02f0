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
    /** Comes off while what holds it is tight. */
    STILL_TIGHT(Severity.BREAK),
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
    /** Tightened though nobody loosened it. */
    NOT_LOOSENED(Severity.STOP),
    /** An aid is taken away that nobody put there. */
    NEVER_PUT_THERE(Severity.STOP),
    /** A tool, an instrument or a consumable that the work takes is not listed at its step. */
    NO_TOOL(Severity.STOP),
    /** An instrument does not tell the last digit of the limit, or does not reach it. */
    TOO_COARSE(Severity.STOP),
    /** The moment at which it can be read is over, or not there yet. */
    CANNOT_BE_READ(Severity.STOP),
    /** The words name a thing that no list has. */
    NOT_LISTED(Severity.STOP),
    /** Fitted as the chosen one before it is chosen. */
    NOT_CHOSEN(Severity.STOP),
    /** Looked at or used though it is thrown away by then. */
    THROWN_AWAY(Severity.STOP),
    /** A place that makes no sense: it leads to nothing, or is out of every range. */
    SENSELESS(Severity.STOP),

    LANGUAGE(Severity.CONFUSE),
    NAMES(Severity.CONFUSE),
    /** Tightened crosswise with nothing that shows which screw is which. */
    ORDER_UNTOLD(Severity.CONFUSE),
    /** The words count other than the step does. */
    COUNTS_DIFFER(Severity.CONFUSE),
    /** The words speak of a part that some of the units have not got. */
    OTHER_UNITS(Severity.CONFUSE),
    /** A figure that does not show what its step does. */
    FIGURE(Severity.CONFUSE),
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
