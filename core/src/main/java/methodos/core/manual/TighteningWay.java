package methodos.core.manual;

/** How a joint is brought to its tightness. */
public enum TighteningWay {
    /** To a torque, and further by an angle where one is given. */
    WRENCH,
    /** Hand-tight, then by an angle; no wrench is set. */
    ANGLE
}
