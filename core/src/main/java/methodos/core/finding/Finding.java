package methodos.core.finding;

import java.util.List;
import java.util.stream.Collectors;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.Variant;

/**
 * What a check reports.
 *
 * @param subject id of what it is about: part, joint, energy, step ...
 * @param steps ids of the steps, the one that opened the matter first
 * @param variants ids of the variants that are touched; empty where it is not a matter of variants
 * @param key of its sentence in the words of the program
 * @param arguments what the sentence is filled in with; steps as {@link StepRef}
 */
public record Finding(
        Rule rule,
        String subject,
        List<String> steps,
        List<String> variants,
        String key,
        List<Object> arguments) {

    /** A step in a sentence, which is shown by its number for the units that are looked at. */
    public record StepRef(String id) {}

    public Finding {
        steps = List.copyOf(steps);
        variants = List.copyOf(variants);
        arguments = List.copyOf(arguments);
    }

    public Severity severity() {
        return rule.severity();
    }

    /** Whether it touches any of the units that are looked at. */
    public boolean concerns(Manual manual, Sight sight) {
        if (!variants.isEmpty()) {
            return variants.stream()
                    .flatMap(v -> manual.variant(v).stream())
                    .anyMatch(
                            v ->
                                    (sight.model() == null || sight.model().equals(v.model()))
                                            && v.serials().overlaps(sight.serials()));
        }
        return steps.isEmpty()
                || steps.stream()
                        .flatMap(s -> manual.step(s).stream())
                        .anyMatch(s -> s.applicability().concerns(sight) || !reached(s, manual));
    }

    /** Whether any unit that the manual covers has the step. */
    private static boolean reached(Step step, Manual manual) {
        return manual.variants().stream()
                .anyMatch((Variant v) -> step.applicability().concerns(Sight.of(v)));
    }

    /**
     * What tells it from every other: its rule and what it says. It stays the same while other
     * things change, and becomes another one when what was found changes.
     */
    public String id() {
        return rule.id().replace(' ', '-')
                + "/"
                + subject
                + "/"
                + String.join("+", steps)
                + "/"
                + Integer.toHexString(
                        arguments.stream()
                                .map(Object::toString)
                                .collect(Collectors.joining("|"))
                                .hashCode());
    }
}
