package methodos.core.hazard;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import methodos.core.manual.Hazard;
import methodos.core.manual.Step;

/**
 * Which work asks for a statement, and what tells it.
 *
 * @param kind the hazard that it is of; a company's own rule may have none
 * @param work alternatives, by what words mean
 * @param says phrases that tell of the hazard themselves
 * @param drafted drafted work that it is of
 * @param when alternatives, each of groups of which one word has to occur
 * @param uses words in the names of consumables
 * @param safe words in the names of energies that are made safe
 * @param back words in the names of energies that are given back
 * @param moves words in the names of energies whose parts are handled
 * @param told words that a statement tells it by
 * @param statement what is proposed
 * @param licensed the work that only licensed people may do, if it is
 */
public record HazardRule(
        String name,
        Optional<HazardKind> kind,
        List<WorkPattern> work,
        List<List<String>> says,
        List<Drafted> drafted,
        List<List<List<WordPattern>>> when,
        List<WordPattern> uses,
        List<WordPattern> safe,
        List<WordPattern> back,
        List<WordPattern> moves,
        List<WordPattern> told,
        Hazard statement,
        Optional<LicensedWork> licensed) {

    /**
     * Drafted work.
     *
     * @param actions canonical actions, of which one is enough
     * @param things what it is done to, of which one is enough
     */
    public record Drafted(List<String> actions, List<String> things) {}

    /** The words of a text in small letters, without what stands between them. */
    static List<String> words(String text) {
        return List.of(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}'°]+"));
    }

    /**
     * Whether work, or the words of one of the alternatives, asks for it; the phrases that tell it
     * are looked up for all rules at once.
     *
     * @param energies senses of the energies that the unit has
     */
    boolean asksFor(Work done, Set<String> energies, List<String> words) {
        for (WorkPattern pattern : work) {
            if (pattern.in(done, energies)) {
                return true;
            }
        }
        return asksFor(words);
    }

    private boolean asksFor(List<String> words) {
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

    /** By its name: rules are looked up often, and their patterns are long. */
    @Override
    public int hashCode() {
        return name.hashCode();
    }
}
