package methodos.core.manual;

/**
 * What may be used in place of a tool, and why one would.
 *
 * @param tool id of the other tool
 */
public record Substitute(String tool, String reason) {
    public Substitute {
        reason = reason == null ? "" : reason;
    }
}
