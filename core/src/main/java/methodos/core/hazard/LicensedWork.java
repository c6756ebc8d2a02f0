package methodos.core.hazard;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** Work that is for licensed or authorised people only. */
public enum LicensedWork {
    MAINS_ELECTRICITY,
    GAS,
    REFRIGERANT,
    PRESSURE_VESSEL,
    LIFTING_GEAR,
    BREATHING_APPARATUS,
    VEHICLE_BRAKES;

    /** Its name in lists and calculators, such as "mains electricity". */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** The work of a name, empty where none has it. */
    public static Optional<LicensedWork> of(String code) {
        return Arrays.stream(values()).filter(k -> k.code().equals(code)).findFirst();
    }
}
