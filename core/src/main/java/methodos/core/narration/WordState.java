package methodos.core.narration;

/** What became of words of the narration. */
public enum WordState {
    /** A step is drawn from them. */
    USED,
    /** Somebody has set them aside. */
    DISMISSED,
    /** Setting them aside is proposed, and nobody has agreed yet. */
    PROPOSED,
    /** Neither: they still have to be settled. */
    OPEN;

    /** Whether somebody still has to settle them. */
    public boolean open() {
        return this == OPEN || this == PROPOSED;
    }
}
