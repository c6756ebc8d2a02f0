package methodos.core.drafting;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.WordSet;

/**
 * What the narration has come to: the parts last spoken of, and whether things go on or come off.
 */
final class Context {

    private static final Set<String> MANY = WordSet.of("them those these they each both theyre");

    private static final int REMEMBERED = 12;

    /** Further back than so many words nobody knows any more what "it" was. */
    private static final int REACH = 10;

    /** A number of things is remembered longer. */
    private static final int COUNT_REACH = 40;

    private final List<Finding.Part> spokenOf = new ArrayList<>();
    private final List<Integer> spokenAt = new ArrayList<>();
    private final Set<String> gone = new HashSet<>();
    private boolean buildUp;
    private Finding.Part topic;
    private int topicSentence = -1;
    private boolean leftHand;

    /**
     * @param at the token at which it is spoken of
     */
    void remember(Finding.Part part, int at) {
        spokenOf.add(part);
        spokenAt.add(at);
        if (spokenOf.size() > REMEMBERED) {
            spokenOf.remove(0);
            spokenAt.remove(0);
        }
    }

    /** What "it", "them" or "that" stands for. */
    Optional<Finding.Part> meant(String pronoun, int at) {
        boolean many = MANY.contains(pronoun);
        for (int i = spokenOf.size() - 1; i >= 0 && i > spokenOf.size() - 5; i--) {
            Finding.Part part = spokenOf.get(i);
            if (at - spokenAt.get(i) > REACH) {
                return Optional.empty();
            }
            if (part.plural() == many) {
                return Optional.of(part);
            }
        }
        return spokenOf.isEmpty()
                ? Optional.empty()
                : Optional.of(spokenOf.get(spokenOf.size() - 1));
    }

    /** The things that were said to be so many, where that is not too long ago. */
    Optional<Finding.Part> counted(int quantity, int at) {
        for (int i = spokenOf.size() - 1; i >= 0 && at - spokenAt.get(i) <= COUNT_REACH; i--) {
            if (Integer.valueOf(quantity).equals(spokenOf.get(i).quantity())) {
                return Optional.of(spokenOf.get(i));
            }
        }
        return Optional.empty();
    }

    /** Remembers that fasteners are out, so that nobody takes them out once more. */
    void takenOut(Finding.Part part) {
        if (Things.FASTENERS.contains(Nouns.head(part.name()))) {
            gone.add(part.name());
        }
    }

    /**
     * What comes off when "it" does: the thing that was spoken of last, unless that is out already.
     */
    Optional<Finding.Part> comingOff(String pronoun, int at) {
        Optional<Finding.Part> meant = meant(pronoun, at);
        if (meant.isEmpty() || !gone.contains(meant.get().name())) {
            return meant;
        }
        for (int i = spokenOf.size() - 1; i >= 0 && at - spokenAt.get(i) <= REACH; i--) {
            if (!gone.contains(spokenOf.get(i).name())) {
                return Optional.of(spokenOf.get(i));
            }
        }
        return meant;
    }

    /** The fastener that was spoken of last. */
    Optional<Finding.Part> fastener() {
        for (int i = spokenOf.size() - 1; i >= 0; i--) {
            if (Things.THREADED.contains(Nouns.head(spokenOf.get(i).name()))) {
                return Optional.of(spokenOf.get(i));
            }
        }
        return Optional.empty();
    }

    /** How many there are of what was spoken of last. */
    void count(int quantity) {
        if (!spokenOf.isEmpty() && quantity > 0) {
            spokenOf.set(
                    spokenOf.size() - 1, spokenOf.get(spokenOf.size() - 1).withQuantity(quantity));
        }
    }

    /** What was spoken of last, where that is not long ago. */
    Optional<Finding.Part> last(int at) {
        int i = spokenOf.size() - 1;
        return i < 0 || at - spokenAt.get(i) > REACH
                ? Optional.empty()
                : Optional.of(spokenOf.get(i));
    }

    /** Says what a sentence is about. */
    void about(int sentence, Finding.Part part) {
        topic = part;
        topicSentence = sentence;
    }

    Optional<Finding.Part> topic(int sentence) {
        return topicSentence == sentence ? Optional.ofNullable(topic) : Optional.empty();
    }

    boolean buildUp() {
        return buildUp;
    }

    void goBack() {
        buildUp = true;
    }

    void leftHandSaid() {
        leftHand = true;
    }

    /** Whether a left-hand thread was told of and not used yet; it is used by asking. */
    boolean takeLeftHand() {
        boolean said = leftHand;
        leftHand = false;
        return said;
    }
}
