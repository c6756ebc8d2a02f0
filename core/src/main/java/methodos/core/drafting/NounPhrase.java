package methodos.core.drafting;

import java.util.regex.Pattern;
import methodos.core.vocabulary.Nouns;

/**
 * A thing that is named.
 *
 * @param name in the singular, without what only judges it ("the little snap rings" → "snap ring")
 * @param quantity how many, null where it is not said
 * @param size as said for print, null where it is not said
 * @param plural whether several are meant
 * @param fresh whether it is called new
 */
record NounPhrase(
        int from,
        int to,
        String name,
        Integer quantity,
        String size,
        boolean plural,
        boolean fresh) {

    private static final Pattern THREAD_HAND =
            Pattern.compile(".*\\bhand thread|(left|right|normal|ordinary) thread");

    private static final Pattern BARE_SIZE = Pattern.compile("[\\d./-]+|m\\d+(x\\d+)?");

    String head() {
        return Nouns.head(name);
    }

    /** Whether it names something that can be a part. */
    boolean part() {
        return !name.isEmpty()
                && !name.equals("side")
                && (!Grammar.NO_PARTS.contains(head())
                        || Grammar.ENDS.contains(head()) && name.contains(" "))
                && !THREAD_HAND.matcher(name).matches()
                && !Grammar.NO_PARTS.contains(name)
                && !BARE_SIZE.matcher(name).matches();
    }
}
