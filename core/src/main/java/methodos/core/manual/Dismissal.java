package methodos.core.manual;

import methodos.core.description.Required;

/** Words of the narration that somebody has set aside, with the reason. */
public record Dismissal(@Required Span span, String quote, String reason) {
    public Dismissal {
        quote = quote == null ? "" : quote;
        reason = reason == null ? "" : reason;
    }
}
