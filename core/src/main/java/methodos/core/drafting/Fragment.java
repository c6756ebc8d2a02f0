package methodos.core.drafting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.vocabulary.WordSet;

/** The words of a clause that has no verb. */
final class Fragment {

    private static final Set<String> STATEMENTS =
            WordSet.of(
                    "is are was were has have had its thats theres theyre means does will youll can"
                            + " i want say know ive got comes even ones how what where why knows says would"
                            + " could been looks takes holds keeps needs weve youve do");

    private static final Set<String> WAYS =
            WordSet.of(
                    "off out away on in back up down tight loose open closed shut through together"
                            + " home");

    private static final Set<String> PLACES = WordSet.of("in into on onto under underneath");

    private static final Set<String> ITSELF = WordSet.of("it he she");

    private final Speech speech;
    private final Said said;
    private final boolean buildUp;
    private final int from;
    private final int to;

    Fragment(ClauseReader reader) {
        this.speech = reader.speech();
        this.said = reader.said();
        this.buildUp = reader.context().buildUp();
        this.from = reader.start();
        this.to = reader.end();
    }

    /** Whether one of these words or phrases is there. */
    boolean has(String... words) {
        return speech.has(from, to, words);
    }

    int length() {
        return to - from;
    }

    String text() {
        return speech.text(from, to);
    }

    /** The mark behind its last word. */
    String mark() {
        return speech.token(to - 1).mark();
    }

    /** The places that are named: "round the gland". */
    List<String> places() {
        return Objects.behind(speech, said, from, to).places();
    }

    /** Whether something is told of a thing, with a verb that means no work. */
    boolean statement() {
        boolean moves =
                ITSELF.contains(speech.word(from))
                        && from + 1 < speech.size()
                        && speech.lexicon()
                                .verb(speech.token(from + 1))
                                .filter(met -> met.form() == Verb.Form.THIRD_PERSON)
                                .filter(met -> !met.verb().base().equals("weigh"))
                                .isPresent();
        if (moves) { // "it rolls off every time"
            return true;
        }
        for (int i = from; i < to; i++) {
            // "out of its groove": the word is not "it is" behind a preposition
            boolean possessive =
                    speech.word(i).equals("its")
                            && i > from
                            && Grammar.PREPOSITIONS.contains(speech.word(i - 1));
            if (STATEMENTS.contains(speech.word(i)) && !possessive) {
                return true;
            }
        }
        return false;
    }

    /** The things in front of the first preposition or particle. */
    List<NounPhrase> things() {
        List<NounPhrase> found = new ArrayList<>();
        int i = from;
        while (i < to) {
            String w = speech.word(i);
            if (Grammar.PREPOSITIONS.contains(w)
                    || Grammar.PARTICLES.contains(w) && !found.isEmpty()) {
                break;
            }
            Optional<NounPhrase> np = NounPhrases.at(speech, i, to);
            if (np.isEmpty()) {
                i++;
                continue;
            }
            boolean tool = said.taken(np.get().to() - 1);
            if (np.get().part() && !tool) {
                found.add(facing(np.get()));
            }
            i = Math.max(i + 1, np.get().to());
        }
        return found;
    }

    /** "top seal lip up" names the seal; the lip says which way round. */
    private NounPhrase facing(NounPhrase np) {
        String o = said.orientation;
        int space = np.name().lastIndexOf(' ');
        if (o == null || space < 0 || !o.startsWith(np.head())) {
            return np;
        }
        return new NounPhrase(
                np.from(),
                np.to(),
                np.name().substring(0, space),
                np.quantity(),
                np.size(),
                false,
                np.fresh());
    }

    /** "off", "back", "tight": where a thing goes, or how it is; null where nothing says so. */
    String particle() {
        String found = null;
        for (int i = from + 1; i < to; i++) {
            String w = speech.word(i);
            if (w.equals("again") && found == null && buildUp
                    || w.equals("inside") && i == to - 1) {
                found = "back";
            }
            if (WAYS.contains(w)) {
                boolean preposition =
                        i + 1 < to
                                && NounPhrases.at(speech, i + 1, to).isPresent()
                                && speech.token(i).mark().isEmpty();
                if (!preposition || Set.of("off", "out", "away", "back").contains(w)) {
                    if (found == null || found.equals("back") || found.equals("straight")) {
                        found = w;
                    }
                } else if (found == null && Set.of("in", "on").contains(w)) {
                    found = w;
                }
            }
        }
        return found;
    }

    /** "a u-cup on the piston": where it sits, not where it goes. */
    boolean placedThing() {
        for (int i = from + 1; i < to; i++) {
            if (Set.of("in", "on").contains(speech.word(i))
                    && i + 1 < to
                    && NounPhrases.at(speech, i + 1, to).isPresent()) {
                return true;
            }
        }
        return false;
    }

    /** Whether a place is named. */
    boolean placed() {
        for (int i = from + 1; i < to; i++) {
            if (PLACES.contains(speech.word(i))) {
                return true;
            }
        }
        return false;
    }

    boolean vise() {
        return speech.has(from, to, "vice", "vise");
    }

    /** The things of a list without commas, each for itself. */
    List<NounPhrase> apart(NounPhrase all) {
        List<NounPhrase> each = new ArrayList<>();
        for (int i = all.from(); i < all.to(); i++) {
            NounPhrases.at(speech, i, i + 1).filter(NounPhrase::part).ifPresent(each::add);
        }
        return each;
    }

    /** Whether nothing but things is said. */
    boolean bare(List<NounPhrase> things) {
        int words = 0;
        for (NounPhrase np : things) {
            words += np.to() - np.from();
        }
        return words >= to - from - 1 && to - from <= 6;
    }
}
