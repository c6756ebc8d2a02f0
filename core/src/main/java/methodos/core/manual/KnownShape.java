package methodos.core.manual;

/** What on a picture has a known size and so gives its scale. */
public enum KnownShape {
    /** Two ends of one length; the tilt is left as it is. */
    LENGTH(2, 1),
    /** Four corners one after the other, with the first two sides; undoes the tilt. */
    RECTANGLE(4, 2),
    /** Five points on it and more, with the diameter; undoes the tilt near it. */
    CIRCLE(5, 1);

    private final int fewestPoints;
    private final int sizes;

    KnownShape(int fewestPoints, int sizes) {
        this.fewestPoints = fewestPoints;
        this.sizes = sizes;
    }

    /** How many points have to be clicked before it measures. */
    public int fewestPoints() {
        return fewestPoints;
    }

    /** How many lengths tell its size. */
    public int sizes() {
        return sizes;
    }
}
