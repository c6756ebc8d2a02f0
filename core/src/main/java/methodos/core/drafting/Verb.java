package methodos.core.drafting;

import java.util.Map;

/**
 * A verb of the workshop.
 *
 * @param base as in "take"
 * @param action the canonical action that it means by itself, null for none
 * @param particles the actions that a particle makes of it, such as "off" → remove
 * @param alsoNoun whether the word is a noun as well, as "drain" and "cover" are
 */
record Verb(String base, String action, Map<String, String> particles, boolean alsoNoun) {

    /** In which form a verb is met. */
    enum Form {
        BASE,
        THIRD_PERSON,
        PAST,
        PARTICIPLE,
        ING
    }

    /** A word that is a form of a verb. */
    record Met(Verb verb, Form form) {}

    /** The action with a particle, or the verb's own where the particle makes no difference. */
    String actionWith(String particle) {
        return particle == null ? action : particles.getOrDefault(particle, action);
    }
}
