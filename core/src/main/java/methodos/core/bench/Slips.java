package methodos.core.bench;

/**
 * How often somebody who works through a manual slips, each from 0, never, to 1, always.
 *
 * @param skip tries to go on before a step is done
 * @param mistype types something that is no value, or another than he sees
 * @param outside finds a value outside its limit, or something bad by eye
 * @param wrongBranch answers a question the other way
 * @param early ends a wait before its time
 * @param stop stops in the middle and goes on another day
 */
public record Slips(
        double skip,
        double mistype,
        double outside,
        double wrongBranch,
        double early,
        double stop) {

    /** Nobody: what a unit in good order would take. */
    public static final Slips NONE = new Slips(0, 0, 0, 0, 0, 0);

    /** Assumed of people and used units: one in fifty, one in twenty that is worn. */
    public static final Slips USUAL = new Slips(0.02, 0.02, 0.05, 0.02, 0.02, 0.002);

    /**
     * @throws IllegalArgumentException if one is outside 0 to 1
     */
    public Slips {
        for (double one : new double[] {skip, mistype, outside, wrongBranch, early, stop}) {
            if (!(one >= 0 && one <= 1)) {
                throw new IllegalArgumentException("A slip happens from 0 to 1 of the times.");
            }
        }
    }
}
