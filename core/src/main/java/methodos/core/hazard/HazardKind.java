package methodos.core.hazard;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What work can do to whoever does it. */
public enum HazardKind {
    STORED_SPRING_ENERGY,
    PRESSURE,
    ELECTRICAL,
    HOT_SURFACE,
    HEAVY_LOAD,
    SUSPENDED_LOAD,
    SHARP_EDGE,
    CHEMICAL,
    FLAMMABLE_GAS,
    REFRIGERANT,
    OXYGEN,
    ROTATING_PARTS,
    EYE_INJURY,
    CRUSH,
    UNSUPPORTED_VEHICLE_OR_MACHINE,
    FIRE,
    DUST,
    FALL;

    /** Its name in drafts, lists and calculators, such as "hot surface". */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** The kind of a name, empty where none has it. */
    public static Optional<HazardKind> of(String code) {
        return Arrays.stream(values()).filter(k -> k.code().equals(code)).findFirst();
    }
}
