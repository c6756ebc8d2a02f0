package methodos.desktop.place;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import methodos.core.check.Matter;
import methodos.core.check.OpenPoint;

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
    BENCH;

    /** Where something is settled. */
    public static Place of(Matter matter) {
        return switch (matter) {
            case UNIT -> UNIT;
            case FOOTAGE -> FOOTAGE;
            case STEPS -> STEPS;
            case FIGURES -> FIGURES;
            case STORES -> STORES;
            case VALUES -> TORQUE;
        };
    }

    /** How many points are open in each place; places without any are not named. */
    public static Map<Place, Integer> counts(List<OpenPoint> points) {
        Map<Place, Integer> counts = new EnumMap<>(Place.class);
        points.forEach(p -> counts.merge(of(p.matter()), 1, Integer::sum));
        return counts;
    }
}
