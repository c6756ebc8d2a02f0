package methodos.core.manual;

import methodos.core.description.Id;
import methodos.core.description.Required;

/**
 * What may be used in place of a tool, and why one would.
 *
 * @param tool id of the other tool
 */
public record Substitute(@Required Id<Tool> tool, String reason) {
    public Substitute {
        reason = reason == null ? "" : reason;
    }
}
