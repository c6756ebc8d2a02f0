package methodos.core.plan;

import java.util.List;

/**
 * How long somebody works at a step, in seconds, and how that is known.
 *
 * @param best when all goes well
 * @param likely as it usually goes
 * @param worst when it is stubborn
 * @param film seconds of it that the footage shows, without what was dismissed of it
 * @param shares what it is made of where the footage does not show all of it
 * @param times how often it is done
 */
public record StepTime(
        double best,
        double likely,
        double worst,
        double film,
        List<Share> shares,
        int times,
        Ground ground) {

    /** How it is known. */
    public enum Ground {
        /** The footage shows it. */
        FILM,
        /** Earlier runs took so long. */
        RUNS,
        /** By what is done and how often: the footage is cut, or there is none. */
        WORK
    }

    /**
     * A part of the work of a step.
     *
     * @param count how many
     * @param seconds all of them together
     */
    public record Share(Work work, int count, double seconds) {}

    public StepTime {
        shares = List.copyOf(shares);
    }

    /** The mean that project planning reckons with: (best + 4 · likely + worst) / 6. */
    public double expected() {
        return (best + 4 * likely + worst) / 6;
    }

    /** The standard deviation that goes with it: a sixth of the range. */
    public double deviation() {
        return (worst - best) / 6;
    }
}
