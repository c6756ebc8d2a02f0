package methodos.core.manual;

/** What happens to a part that came off. */
public enum ReuseRule {
    ALWAYS_NEW,
    INSPECT,
    REUSE,
    /** As the manual does it with seals: see {@link Practices.Renewal}. */
    AS_PRACTISED
}
