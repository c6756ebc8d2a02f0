package methodos.core.manual;

/** A time during which the unit is left alone, with what for. */
public record Wait(String what, double seconds) {
    public Wait {
        what = what == null ? "" : what;
    }
}
