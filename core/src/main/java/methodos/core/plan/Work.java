package methodos.core.plan;

/**
 * What hands do in a step, with how long it usually takes on a bench with the tool laid out. These
 * are assumptions for a first plan, round numbers that a planner can check; what the footage or a
 * run at the bench shows goes before them.
 */
public enum Work {
    /** Reading the step and its figure. */
    READ(10, 0),
    /** Making an energy safe or giving it back, with the tag and the trial. */
    ENERGY(60, 60),
    PART_OFF(25, 10),
    PART_ON(35, 15),
    /** Looking at a part, or holding, greasing or marking it. */
    PART_TOUCHED(15, 5),
    /** A fastener loosened. */
    LOOSENED(25, 12),
    /** A fastener tightened, once for each stage. */
    TIGHTENED(30, 15),
    /** A value measured and written down. */
    READING(45, 25),
    /** Something judged by eye. */
    LOOK(25, 25),
    /** A decision walked, besides what is measured for it. */
    DECISION(45, 45),
    /** An agent put on or used. */
    AGENT(30, 30),
    /** An aid put in place or taken away. */
    AID(40, 20),
    /** A fluid let out or filled in, besides the time it runs. */
    FLUID(120, 120),
    /** A mark made or matched. */
    MARK(20, 10),
    /** A counter read or set back. */
    COUNTER(20, 20),
    /** Something that only words tell. */
    OTHER(45, 0);

    private final double first;
    private final double further;

    Work(double first, double further) {
        this.first = first;
        this.further = further;
    }

    /** Seconds for so many. */
    public double seconds(int count) {
        return count <= 0 ? 0 : first + (count - 1) * further;
    }
}
