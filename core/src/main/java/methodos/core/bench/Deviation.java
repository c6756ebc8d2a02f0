package methodos.core.bench;

/**
 * How a run departs from the manual, or from how things should be.
 *
 * @param where the step, null where it is of none
 * @param what it is about
 * @param why the reason that was given, empty where none was
 */
public record Deviation(Kind kind, RunRecord.Where where, String what, String why) {

    /** What kind of deviation it is. */
    public enum Kind {
        WORKED_WITHOUT,
        OUTSIDE,
        BAD_LOOK,
        NO_RULE,
        LEFT_OUT,
        WAIT_CUT,
        CORRECTED,
        TROUBLE
    }
}
