package methodos.core.manual;

/** What a straight arrow tells to do. */
public enum Movement {
    PUSH,
    PULL,
    LIFT,
    LOWER,
    SLIDE
}
