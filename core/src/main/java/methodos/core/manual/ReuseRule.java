package methodos.core.manual;

/** What happens to a part that came off. */
public enum ReuseRule {
    ALWAYS_NEW,
    INSPECT,
    REUSE
}
