package methodos.core.narration;

/**
 * How captions lie beside the film they belong to: at which time of the film words are said that
 * the captions have at another. A straight line, since a clock that runs too fast does so all the
 * time.
 *
 * @param shift seconds by which the captions are late at their own time 0
 * @param rate seconds of the film for a second of the captions
 */
public record Drift(double shift, double rate) {

    /** Clocks of recorders differ by less; more is a slip of the hand. */
    private static final double MOST = 1.25;

    /** Two points nearer to each other than this tell nothing of a rate. */
    public static final double APART = 5;

    /**
     * @param caption when the words are said by the captions, in seconds
     * @param film when they are said in the film, in seconds
     */
    public record Point(double caption, double film) {}

    /** All of the captions earlier or later by as much. */
    public static Drift through(Point point) {
        return new Drift(point.film() - point.caption(), 1);
    }

    /**
     * Right at two points, straight between and beyond.
     *
     * @throws IllegalArgumentException if the points lie nearer than {@link #APART}, or if the
     *     captions would run by more than a quarter faster or slower
     */
    public static Drift through(Point one, Point other) {
        double captions = other.caption() - one.caption();
        if (Math.abs(captions) < APART) {
            throw new IllegalArgumentException(
                    "Two points tell how captions drift when they are "
                            + Math.round(APART)
                            + " s apart or more.");
        }
        double rate = (other.film() - one.film()) / captions;
        if (!(rate <= MOST && rate >= 1 / MOST)) {
            throw new IllegalArgumentException(
                    "Captions do not drift that much: line the same words up again.");
        }
        return new Drift(one.film() - rate * one.caption(), rate);
    }

    /** When words are said in the film that the captions have at a time, in seconds. */
    public double film(double caption) {
        return shift + rate * caption;
    }

    /** The same, no earlier and no later than the clip. */
    public double within(double caption, double duration) {
        return Math.max(0, Math.min(duration, film(caption)));
    }
}
