package methodos.core.hazard;

import java.util.List;

/**
 * What is known of a unit beside the words of a step.
 *
 * @param energies names of the energies that it has while the step is worked
 * @param parts names of its parts: their words name things, never what is done
 * @param unit what the whole unit is, such as "Quarter-turn actuator, pneumatic"; empty where that
 *     is not known
 */
public record Circumstances(List<String> energies, List<String> parts, String unit) {

    /** Nothing is known beside the words. */
    public static final Circumstances UNKNOWN = new Circumstances(List.of(), List.of(), "");

    public Circumstances {
        energies = List.copyOf(energies);
        parts = List.copyOf(parts);
    }
}
