package methodos.core.finding;

/** What a finding would do to the technician, gravest first. */
public enum Severity {
    HURT,
    BREAK,
    STOP,
    CONFUSE;

    /** Whether it is more than a matter of wording. */
    public boolean grave() {
        return this != CONFUSE;
    }
}
