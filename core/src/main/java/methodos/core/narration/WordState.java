package methodos.core.narration;

/** What became of words of the narration. */
public enum WordState {
    /** A step is drawn from them. */
    USED,
    /** Somebody has set them aside. */
    DISMISSED,
    /** Neither: they still have to be settled. */
    OPEN
}
