package methodos.core.manual;

/** How the screws of a joint lie. */
public enum Arrangement {
    /** On a circle, seen straight or tilted; three and four corners count as one. */
    CIRCLE,
    /** In rows and columns, of which corners and the inside may be missing. */
    RECTANGLE,
    /** On a line. */
    ROW,
    /** None of these. */
    IRREGULAR,
    /** As the author says. */
    GIVEN
}
