package methodos.narration.vocabulary;

import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;

/**
 * A verb of the workshop.
 *
 * @param base as in "take"
 * @param action the canonical action that it means by itself, null for none
 * @param particles the actions that a particle makes of it, such as "off" → remove
 * @param noun whether the word is a noun as well, as "drain" and "cover" are
 */
public record Act(String base, String action, Map<String, String> particles, boolean noun) {

    public Act {
        particles = Map.copyOf(particles);
    }

    /** The action with a particle, or the verb's own where the particle makes no difference. */
    public String actionWith(String particle) {
        return particle == null ? action : particles.getOrDefault(particle, action);
    }

    /** All that it can mean. */
    public Set<String> actions() {
        Set<String> actions = new LinkedHashSet<>();
        if (action != null) {
            actions.add(action);
        }
        actions.addAll(particles.values());
        return actions;
    }

    /** In which form a verb is met. */
    public enum Form {
        BASE,
        THIRD_PERSON,
        PAST,
        PARTICIPLE,
        ING
    }

    /**
     * A word that is a form of a verb.
     *
     * @param form the likeliest; "cut" and "set" are read as the base
     */
    public record Met(Act act, Form form) {}
}
