package methodos.core.torque;

import java.util.Locale;

/** How a thread is when it is tightened, with the nut factor K that gathers its friction. */
public enum ThreadCondition {
    DRY(0.20),
    OILED(0.15),
    WET_THREADLOCKER(0.15),
    ANTI_SEIZE(0.12);

    private final double nutFactor;

    ThreadCondition(double nutFactor) {
        this.nutFactor = nutFactor;
    }

    /** K of F = T / (K d), which scatters by a quarter either way. */
    public double nutFactor() {
        return nutFactor;
    }

    /**
     * What people write: dry, oiled, blue threadlocker, anti-seize; nothing said is dry.
     *
     * @throws IllegalArgumentException with a sentence if it is none of them
     */
    public static ThreadCondition parse(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        if (plain.contains("anti")) {
            return ANTI_SEIZE;
        }
        if (plain.contains("lock")) {
            return WET_THREADLOCKER;
        }
        if (plain.contains("oil") || plain.contains("greas") || plain.contains("lubric")) {
            return OILED;
        }
        if (plain.isEmpty() || plain.contains("dry")) {
            return DRY;
        }
        throw new IllegalArgumentException(
                "“" + text.strip() + "” is none of dry, oiled, wet threadlocker and anti-seize.");
    }
}
