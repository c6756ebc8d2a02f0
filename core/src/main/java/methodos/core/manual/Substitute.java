package methodos.core.manual;

import methodos.core.description.RefersTo;

/**
 * What may be used in place of a tool, and why one would.
 *
 * @param tool id of the other tool
 */
public record Substitute(@RefersTo(Tool.class) String tool, String reason) {
    public Substitute {
        reason = reason == null ? "" : reason;
    }
}
