package methodos.core.drafting;

import java.util.Set;

/**
 * A stretch of tokens with one statement.
 *
 * @param lead the word that ties it to what is before: if, when, because, until, before, after,
 *     but, so, and, then; empty where none does
 * @param body the first token behind the lead
 * @param sentence the number of the sentence; where nothing is punctuated a whole narration is one
 */
record Clause(int from, int to, String lead, int body, int sentence) {

    private static final Set<String> CONDITIONS = Set.of("if", "unless");

    boolean conditional() {
        return CONDITIONS.contains(lead);
    }
}
