package methodos.narration.grammar;

import java.util.List;
import java.util.Set;
import methodos.core.vocabulary.Nouns;
import methodos.narration.vocabulary.Act;
import methodos.narration.vocabulary.WordClass;

/** Reads what leads to a verb, from the verb towards the beginning. */
final class Leads {

    private static final int FURTHEST = 9;

    /** Words of a subject that is named, at most. */
    private static final int LONGEST_SUBJECT = 6;

    private static final Set<String> INSIDE =
            Set.of("of", "in", "inside", "from", "under", "behind", "between");

    private static final Set<String> SINGULAR = Set.of("it", "he", "she", "this", "that");

    private final Utterance said;
    private int from;

    /** "no hammering": what is denied by "no". */
    private final boolean doing;

    private String subject = "";
    private NounPhrase thing;
    private String modal = "";
    private boolean be;
    private boolean have;
    private boolean does;

    /** "use the knife, do not use a chisel": "do not" goes with no single thing before it. */
    private boolean orders;

    private boolean to;
    private boolean let;
    private boolean negated;
    private String governor = "";
    private String subordinator = "";
    private String coordinator = "";
    private String interrogative = "";

    private Leads(Utterance said, int verb) {
        this.said = said;
        this.from = verb;
        this.doing = said.act(verb).filter(m -> m.form() == Act.Form.ING).isPresent();
    }

    /** What leads to the verb at a place and begins no earlier than another. */
    static Lead to(Utterance said, int verb, int first) {
        Leads leads = new Leads(said, verb);
        leads.read(verb, first);
        leads.denial(first);
        // "do not forget to": what is not to be forgotten is to be done
        leads.negated &= !WordClass.REVERSING.has(leads.governor);
        return new Lead(
                leads.from,
                leads.subject,
                leads.thing,
                leads.modal,
                leads.be,
                leads.have,
                leads.does,
                leads.to,
                leads.let,
                leads.negated,
                leads.governor,
                leads.subordinator,
                leads.coordinator,
                leads.interrogative,
                false);
    }

    private void read(int verb, int first) {
        for (int i = verb - 1; i >= Math.max(first, verb - FURTHEST); i--) {
            if (said.ends(i)) {
                return;
            }
            if (said.filler(i)) {
                continue;
            }
            boolean parted = !said.mark(i).isEmpty();
            if (!word(i, parted)) {
                if (!parted && subject.isEmpty() && (auxiliary() || finite(verb))) {
                    named(i, first);
                } else if (!parted && subject.isEmpty()) {
                    letting(i, first);
                }
                return;
            }
        }
    }

    /** "at no time should the cover", "on no account": a denial before who is not to do it. */
    private void denial(int first) {
        for (int i = from; i > Math.max(first, from - LONGEST_SUBJECT) && !said.ends(i - 1); i--) {
            int start = Denials.before(said, i);
            boolean inverted =
                    i == from
                            || WordClass.MODAL.has(said.word(i))
                            || WordClass.BE.has(said.word(i));
            if (start >= first && inverted) {
                negated = true;
                be |= i < from && WordClass.BE.has(said.word(i));
                modal = i < from && WordClass.MODAL.has(said.word(i)) ? said.word(i) : modal;
                from = start;
                return;
            }
        }
    }

    private boolean finite(int verb) {
        boolean several =
                verb > 0
                        && Nouns.plural(said.word(verb - 1))
                        && said.vocabulary().things().names(said.word(verb - 1))
                        && said.act(verb)
                                .filter(m -> m.form() == Act.Form.BASE)
                                .filter(m -> m.act().action() == null)
                                .isPresent();
        return several
                || said.act(verb).filter(m -> m.form() == Act.Form.THIRD_PERSON).isPresent()
                || WordClass.parts(said.word(verb)).stream().anyMatch(WordClass.BE::has);
    }

    /** "let the rollers stand" */
    private void letting(int i, int first) {
        int before = from;
        named(i, first);
        int let = thing == null ? -1 : said.previous(thing.from());
        if (let >= first && WordClass.LET.has(said.word(let))) {
            this.let = true;
            from = let;
        } else {
            thing = null;
            subject = "";
            from = before;
        }
    }

    private boolean auxiliary() {
        return be || have || does || !modal.isEmpty();
    }

    /** Whether the word belongs to the lead; it goes on before it then. */
    private boolean word(int i, boolean parted) {
        List<String> parts = WordClass.parts(said.word(i));
        boolean any = false;
        for (int k = parts.size() - 1; k >= 0; k--) {
            if (!part(parts.get(k), i, parted)) {
                return any;
            }
            any = true;
            from = i;
        }
        return true;
    }

    private boolean part(String w, int i, boolean parted) {
        if (WordClass.NOT.has(w) && (!w.equals("no") || doing)) {
            negated = true;
            return true;
        }
        if (parted && !WordClass.ADVERB.has(w) && !WordClass.COORDINATOR.has(w)) {
            return false;
        }
        if (w.equals("to")) {
            to = true;
            return true;
        }
        if (WordClass.MODAL.has(w)) {
            modal = w;
            return true;
        }
        if (WordClass.BE.has(w) || said.gets(i)) {
            be = true;
            return true;
        }
        if (WordClass.LET.has(w)) {
            let = true;
            return true;
        }
        if (to && governor.isEmpty() && governs(w, i)) {
            return true;
        }
        if (WordClass.HAVE.has(w)) {
            have = true;
            return true;
        }
        if (WordClass.DO.has(w)) {
            does = true;
            orders = negated && w.equals("do");
            return true;
        }
        if (!subject.isEmpty() || !WordClass.SUBJECT.has(w)) {
            return joins(w);
        }
        if (orders && SINGULAR.contains(w)) {
            return false;
        }
        subject = w;
        return true;
    }

    /** "want to", "need you to", "going to": the verb that the infinitive depends on. */
    private boolean governs(String w, int i) {
        Act.Met met = said.act(i).orElse(null);
        String base = met == null ? w : met.act().base();
        boolean verb =
                met != null && !met.act().noun()
                        || said.tag(i).equals("VERB")
                        || Set.of("have", "has", "had", "got", "going", "need", "want").contains(w);
        if (!verb || WordClass.BE.has(w)) {
            return false;
        }
        governor = base;
        return true;
    }

    private boolean joins(String w) {
        if (WordClass.SUBORDINATOR.has(w)) {
            if (subordinator.isEmpty()) {
                subordinator = w;
            }
            return true;
        }
        if (WordClass.COORDINATOR.has(w)) {
            coordinator = w;
            return subordinator.isEmpty();
        }
        if (WordClass.INTERROGATIVE.has(w)) {
            interrogative = w;
            return true;
        }
        return WordClass.ADVERB.has(w);
    }

    /** "the ring in the cap": what is named first, where a preposition joins the two. */
    private NounPhrase whole(NounPhrase part, int first) {
        int joint = part.from() - 1;
        if (joint <= first || !INSIDE.contains(said.word(joint)) || !said.mark(joint).isEmpty()) {
            return part;
        }
        for (int at = Math.max(first, joint - LONGEST_SUBJECT); at < joint; at++) {
            NounPhrase np =
                    said.ends(joint - 1) ? null : NounPhrases.at(said, at, joint).orElse(null);
            boolean begins = at == first || said.ends(at - 1) || !said.mark(at - 1).isEmpty();
            if (np != null && np.to() == joint && (begins || np.definite())) {
                return np;
            }
        }
        return part;
    }

    /** "when the bolts are": a subject that is named stands before the auxiliary. */
    private void named(int i, int first) {
        for (int at = Math.max(first, i - LONGEST_SUBJECT); at <= i; at++) {
            NounPhrase np = NounPhrases.at(said, at, i + 1).orElse(null);
            if (np == null || np.to() != i + 1) {
                continue;
            }
            if (orders && !np.plural()) {
                return;
            }
            subject = "thing";
            thing = whole(np, first);
            from = thing.from();
            int before = said.previous(from);
            if (before >= first && said.mark(before).isEmpty()) {
                String w = said.word(before);
                if (WordClass.SUBORDINATOR.has(w) || WordClass.COORDINATOR.has(w)) {
                    joins(w);
                    from = before;
                }
            }
            return;
        }
    }
}
