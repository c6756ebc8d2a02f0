package methodos.core.hazard;

import java.util.List;
import java.util.Locale;
import methodos.core.manual.Hazard;
import methodos.core.manual.Step;

/**
 * Which work asks for a statement, and what tells it.
 *
 * @param when alternatives, each of groups of which one word has to occur
 * @param uses words in the names of consumables
 * @param safe words in the names of energies that are made safe
 * @param back words in the names of energies that are given back
 * @param moves words in the names of energies whose parts are handled
 * @param told words that a statement tells it by
 * @param statement what is proposed
 * @param licensed the work in words where only licensed people may do it, else empty
 */
public record HazardRule(
        String name,
        List<List<List<WordPattern>>> when,
        List<WordPattern> uses,
        List<WordPattern> safe,
        List<WordPattern> back,
        List<WordPattern> moves,
        List<WordPattern> told,
        Hazard statement,
        String licensed) {

    /** The words of a text in small letters, without what stands between them. */
    static List<String> words(String text) {
        return List.of(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}'°]+"));
    }

    boolean asksFor(List<String> words) {
        return when.stream()
                .anyMatch(groups -> groups.stream().allMatch(group -> any(group, words)));
    }

    static boolean any(List<WordPattern> patterns, List<String> words) {
        return patterns.stream().anyMatch(p -> p.in(words));
    }

    /** Whether a statement of the step tells it. */
    public boolean toldIn(Step step) {
        return step.hazards().stream().anyMatch(this::toldBy);
    }

    /** Whether a statement tells it. */
    public boolean toldBy(Hazard statement) {
        return any(told, words(statement.hazard() + " " + statement.consequence()));
    }
}
