package methodos.core.hazard;

import java.util.List;

/**
 * What is known of a unit beside the words of a step.
 *
 * @param energies names of the energies that it has while the step is worked
 * @param parts names of its parts: their words name things, never what is done
 */
public record Circumstances(List<String> energies, List<String> parts) {

    /** Nothing is known beside the words. */
    public static final Circumstances UNKNOWN = new Circumstances(List.of(), List.of());

    public Circumstances {
        energies = List.copyOf(energies);
        parts = List.copyOf(parts);
    }
}
