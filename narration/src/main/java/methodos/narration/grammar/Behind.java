package methodos.narration.grammar;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.narration.grammar.Complements.Prepositional;
import methodos.narration.vocabulary.WordClass;

/** Reads what is said behind a verb, up to the next verb or the end of the sentence. */
final class Behind {

    /** "bolts out | the cover": rather where the thing went than what it stands in. */
    private static final Set<String> AWAY = Set.of("off", "out", "up", "down", "away", "back");

    private final Utterance said;
    private final int end;
    private int at;
    private String particle;
    private String pronoun;
    private final List<NounPhrase> objects = new ArrayList<>();
    private final List<Prepositional> phrases = new ArrayList<>();

    /** Whether it is a thing and no verb that it stands behind. */
    private final boolean bare;

    /** Whether the verb has a subject of its own that moves: "the seals go in the bin". */
    private final boolean moves;

    private Behind(Utterance said, int from, int end, boolean bare, boolean moves) {
        this.moves = moves;
        this.said = said;
        this.at = from;
        this.end = end;
        this.bare = bare;
    }

    /**
     * @param from behind the verb
     * @param end where the next clause begins
     * @param moves whether the subject is what moves
     */
    static Complements of(Utterance said, int from, int end, boolean moves) {
        return of(new Behind(said, from, end, false, moves));
    }

    /** What is said behind a thing that no verb stands before. */
    static Complements thing(Utterance said, int from, int end) {
        return of(new Behind(said, from, end, true, false));
    }

    private static Complements of(Behind behind) {
        behind.read();
        return new Complements(
                behind.at, behind.particle, behind.objects, behind.pronoun, behind.phrases);
    }

    private boolean over() {
        return at >= end || said.ends(at - 1);
    }

    private void read() {
        boolean parted = !said.mark(at - 1).isEmpty();
        while (!over()) {
            int before = at;
            if (!parted && (!bare && object() || particle())
                    || parted && !bare && further()
                    || prepositional()
                    || passing()) {
                parted = !said.mark(at - 1).isEmpty();
                if (at == before) {
                    return;
                }
                continue;
            }
            return;
        }
    }

    /** Words that neither name nor join: adverbs, hums, figures. */
    private boolean passing() {
        String w = said.word(at);
        boolean measure = said.measureAt(at).isPresent();
        if (measure && NounPhrases.at(said, at, end).isPresent()) {
            return false;
        }
        if (!measure
                && !said.filler(at)
                && !WordClass.ADVERB.has(w)
                && !said.tag(at).equals("ADV")) {
            return false;
        }
        at = measure ? Math.max(at + 1, said.measureAt(at).orElseThrow().to()) : at + 1;
        return true;
    }

    private boolean object() {
        if (!objects.isEmpty() || pronoun != null) {
            return further();
        }
        if (WordClass.PARTICLE.has(said.word(at)) || WordClass.PREPOSITION.has(said.word(at))) {
            return false;
        }
        Optional<NounPhrase> np = NounPhrases.at(said, at, end);
        if (np.isPresent()) {
            objects.add(np.get());
            at = np.get().to();
            return true;
        }
        if (WordClass.OBJECT.has(said.word(at)) || WordClass.DETERMINER.has(said.word(at))) {
            pronoun = said.word(at);
            at++;
            return true;
        }
        return false;
    }

    /** "…, the washers and the cover": each item of a list. */
    private boolean further() {
        if (objects.isEmpty()) {
            return false;
        }
        int next = at;
        boolean comma = said.mark(at - 1).equals(",");
        boolean joined = false;
        while (next < end && (said.filler(next) || WordClass.COORDINATOR.has(said.word(next)))) {
            joined |= WordClass.COORDINATOR.has(said.word(next));
            if (said.word(next).equals("then") || said.word(next).equals("so")) {
                return false;
            }
            next++;
        }
        if (!joined && !comma) {
            return false;
        }
        Optional<NounPhrase> np = NounPhrases.at(said, next, end);
        if (np.isEmpty() || said.verb(next) || gapped(np.get())) {
            return false;
        }
        objects.add(np.get());
        at = np.get().to();
        return true;
    }

    private boolean particle() {
        String w = said.word(at);
        if (!WordClass.PARTICLE.has(w) || particle != null) {
            return false;
        }
        particle = w;
        if (bare && !said.beginsObject(at + 1)) {
            at++;
            return true;
        }
        boolean preposition = WordClass.PREPOSITION.has(w) && said.mark(at).isEmpty();
        boolean thing = preposition && NounPhrases.at(said, at + 1, end).isPresent();
        boolean placed = bare && !AWAY.contains(w);
        if (thing && (placed || moves || !objects.isEmpty() || pronoun != null)) {
            return prepositional();
        }
        at++;
        return true;
    }

    private boolean prepositional() {
        String w = said.word(at);
        boolean next = !bare || !WordClass.PARTICLE.has(w) || said.beginsObject(at + 1);
        if (!next
                || !WordClass.PREPOSITION.has(w)
                || WordClass.SUBORDINATOR.has(w) && said.verb(at + 1)) {
            return false;
        }
        if (!said.mark(at).isEmpty()) {
            at++;
            return true;
        }
        int from = at;
        int behind = at + 1;
        // "out of the", "up against the", "down onto the"
        while (behind < end && WordClass.PREPOSITION.has(said.word(behind))) {
            w = said.word(behind);
            behind++;
        }
        Optional<NounPhrase> np = NounPhrases.at(said, behind, end);
        if (particle == null && WordClass.PARTICLE.has(said.word(from))) {
            particle = said.word(from);
        }
        if (np.isPresent()) {
            at = np.get().to();
            phrases.add(new Prepositional(w, from, at, np.get()));
        } else {
            boolean stands = WordClass.OBJECT.has(said.word(behind)) && behind < end;
            at = stands ? behind + 1 : behind;
            phrases.add(new Prepositional(w, from, at, null));
        }
        return true;
    }

    /** "check the belt for cracks, | the pulley for play": an item with a place of its own. */
    private boolean gapped(NounPhrase item) {
        String behind = said.mark(item.to() - 1).isEmpty() ? said.word(item.to()) : "";
        return phrases.stream().anyMatch(p -> p.thing() != null)
                && WordClass.PREPOSITION.has(behind)
                && !behind.equals("of");
    }
}
