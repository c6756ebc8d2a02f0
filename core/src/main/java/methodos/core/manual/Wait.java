package methodos.core.manual;

import methodos.core.description.Required;

/** A time during which the unit is left alone, with what for. */
public record Wait(String what, @Required double seconds) {
    public Wait {
        what = what == null ? "" : what;
    }
}
