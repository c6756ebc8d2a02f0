package methodos.core.check;

/** The ten places of the work, in the order in which it is done. */
public enum Place {
    UNIT,
    FOOTAGE,
    STEPS,
    FIGURES,
    STORES,
    TORQUE,
    CHECKS,
    TIME,
    PUBLISH,
    BENCH
}
