package methodos.core.check;

/** What an open point is about. */
public enum Matter {
    UNIT,
    FOOTAGE,
    STEPS,
    FIGURES,
    STORES,
    VALUES
}
