package methodos.core.manual;

/** How pictures that belong together stand in one figure. */
public enum FigureLayout {
    BEFORE_AFTER(2, 2),
    LEFT_RIGHT(2, 2),
    /** Good and worn, for what is judged by eye. */
    COMPARISON(2, 2),
    /** Small pictures of one movement. */
    SEQUENCE(2, 4);

    private final int fewest;
    private final int most;

    FigureLayout(int fewest, int most) {
        this.fewest = fewest;
        this.most = most;
    }

    /** How many pictures it takes at least. */
    public int fewest() {
        return fewest;
    }

    /** How many pictures it takes at most. */
    public int most() {
        return most;
    }
}
