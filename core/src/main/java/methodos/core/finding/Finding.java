package methodos.core.finding;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.Variant;

/**
 * What a check reports.
 *
 * @param subject id of what it is about: part, joint, energy, step ...
 * @param steps ids of the steps, the one that opened the matter first
 * @param variants ids of the variants that are touched; empty where its steps tell
 * @param units the same more closely: the groups of units that are touched
 * @param key of its sentence in the words of the program
 * @param arguments what the sentence is filled in with; steps as {@link StepRef}
 * @param only the ways and conditions of the work in which alone it arises, as they are called
 */
public record Finding(
        Rule rule,
        String subject,
        List<Id<Step>> steps,
        List<Id<Variant>> variants,
        List<Sight> units,
        String key,
        List<Object> arguments,
        List<String> only) {

    /** A step in a sentence, which is shown by its number for the units that are looked at. */
    public record StepRef(Id<Step> id) {}

    public Finding {
        steps = List.copyOf(steps);
        variants = List.copyOf(variants);
        units = List.copyOf(units);
        arguments = List.copyOf(arguments);
        only = List.copyOf(only);
    }

    /** A finding of all units that have its steps. */
    public Finding(
            Rule rule, String subject, List<Id<Step>> steps, String key, List<Object> arguments) {
        this(rule, subject, steps, List.of(), List.of(), key, arguments, List.of());
    }

    /** How grave it is: that of its rule. */
    public Severity severity() {
        return rule.severity();
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
                + steps.stream().map(Id::text).collect(Collectors.joining("+"))
                + "/"
                + Integer.toHexString(
                        Stream.concat(arguments.stream(), only.stream())
                                .map(Object::toString)
                                .collect(Collectors.joining("|"))
                                .hashCode());
    }
}
