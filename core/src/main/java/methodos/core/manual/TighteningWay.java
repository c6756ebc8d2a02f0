package methodos.core.manual;

/** How a joint is brought to its tightness. */
public enum TighteningWay {
    /** To a torque, and further by an angle where one is given. */
    WRENCH,
    /** Hand-tight, then by an angle or by turns; no wrench is set. */
    ANGLE,
    /** By feel, until it is as its words say. */
    FEEL,
    /** By hand alone. */
    HAND,
    /** Whichever of its ways the technician likes; all of them are told, each whole. */
    EITHER
}
