package methodos.narration.grammar;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.speech.Measure;
import methodos.narration.grammar.Clause.Type;
import methodos.narration.vocabulary.WordClass;

/** Cuts what is said into clauses, each around one verb, state or thing. */
public final class Clauses {

    /** Words between "let" and the verb, at most. */
    private static final int LONGEST_LET = 4;

    private static final Set<String> ALL = Set.of("both", "all", "they", "them", "those", "these");

    private final Utterance said;
    private final List<Clause> found = new ArrayList<>();

    private Clauses(Utterance said) {
        this.said = said;
    }

    /** The clauses in the order in which they are said. */
    public static List<Clause> of(Utterance said) {
        Clauses clauses = new Clauses(said);
        clauses.read();
        return List.copyOf(clauses.found);
    }

    private record Head(int at, Type type) {}

    private void read() {
        List<Head> heads = heads();
        int behind = 0;
        for (int h = 0; h < heads.size(); h++) {
            Head head = heads.get(h);
            Lead lead = Leads.to(said, head.at, behind);
            bare(behind, lead.from());
            int next = h + 1 < heads.size() ? heads.get(h + 1).at : said.size();
            int end =
                    h + 1 < heads.size()
                            ? Math.max(head.at + 1, Leads.to(said, next, head.at + 1).from())
                            : said.size();
            Complements complements =
                    Behind.of(said, head.at + 1, end, lead.thing() != null && !lead.let());
            int to = Math.max(head.at + 1, Math.min(complements.to(), end));
            Clause clause =
                    new Clause(head.type, head.at, lead.from(), to, shared(lead), complements);
            raise(clause);
            found.add(clause);
            behind = head.type == Type.VERB ? gapped(clause, end) : to;
        }
        bare(behind, said.size());
    }

    /** "clean and inspect the races": the things of the second verb are those of the first. */
    private void raise(Clause second) {
        if (found.isEmpty()
                || second.type() != Type.VERB
                || second.lead().coordinator().isEmpty()) {
            return;
        }
        Clause first = found.get(found.size() - 1);
        Complements own = first.complements();
        boolean bare =
                first.type() == Type.VERB
                        && first.to() == first.head() + 1
                        && first.to() == second.from()
                        && second.lead().subject().isEmpty();
        if (bare && own.objects().isEmpty() && own.pronoun() == null) {
            Complements all =
                    new Complements(
                            own.to(),
                            own.particle(),
                            second.complements().objects(),
                            second.complements().pronoun(),
                            second.complements().phrases());
            found.set(
                    found.size() - 1,
                    new Clause(
                            first.type(),
                            first.head(),
                            first.from(),
                            first.to(),
                            first.lead(),
                            all));
        }
    }

    /**
     * "check the belt for cracks, the pulley for play and the guard for dents": the verb is said
     * once and meant with each.
     *
     * @return behind the last of them
     */
    private int gapped(Clause verb, int end) {
        int at = verb.to();
        boolean placed = verb.complements().phrases().stream().anyMatch(p -> p.thing() != null);
        while (placed && at < end && !said.ends(at - 1)) {
            int from = at;
            boolean joined = said.mark(at - 1).equals(",");
            while (at < end
                    && (said.filler(at)
                            || said.word(at).equals("and")
                            || said.word(at).equals("or"))) {
                joined = true;
                at++;
            }
            NounPhrase thing = joined ? NounPhrases.at(said, at, end).orElse(null) : null;
            if (thing == null || said.verb(at)) {
                return from;
            }
            Complements behind = Behind.thing(said, thing.to(), end);
            if (behind.phrases().stream().noneMatch(p -> p.thing() != null)) {
                return from;
            }
            Complements all =
                    new Complements(
                            behind.to(),
                            verb.complements().particle(),
                            List.of(thing),
                            null,
                            behind.phrases());
            found.add(new Clause(Type.VERB, verb.head(), from, behind.to(), verb.lead(), all));
            at = behind.to();
        }
        return at;
    }

    /** "do not lift, turn or pull": a plain verb behind another shares what leads to it. */
    private Lead shared(Lead lead) {
        if (!lead.plain() || lead.negated() || !lead.subordinator().isEmpty() || found.isEmpty()) {
            return lead;
        }
        Clause before = found.get(found.size() - 1);
        boolean or = lead.coordinator().equals("or") || lead.coordinator().equals("nor");
        boolean comma =
                before.to() > 0
                        && said.mark(before.to() - 1).equals(",")
                        && lead.coordinator().isEmpty();
        comma |= lead.from() == before.to() && before.to() == before.head() + 1;
        boolean adjoins = lead.from() - before.to() <= 1 && !said.ends(before.to() - 1);
        boolean alternative = or || comma && before.lead().negated() && orAhead(lead.from());
        return adjoins && before.type() == Type.VERB && (alternative || joined(lead, before))
                ? lead.sharing(before.lead())
                : lead;
    }

    private static boolean joined(Lead lead, Clause before) {
        return lead.coordinator().equals("and")
                && !before.lead().negated()
                && !before.lead().plain();
    }

    private boolean orAhead(int from) {
        for (int i = from; i < said.size() && !said.ends(i); i++) {
            if (said.word(i).equals("or")) {
                return true;
            }
        }
        return false;
    }

    private List<Head> heads() {
        List<Head> heads = new ArrayList<>();
        for (int i = 0; i < said.size(); i++) {
            if (auxiliary(i)) {
                if (state(i) && Denials.before(said, i) < 0) {
                    heads.add(new Head(i, Type.STATE));
                }
            } else if (said.verb(i) && !governor(i)) {
                heads.add(new Head(i, Type.VERB));
            }
        }
        return heads;
    }

    private boolean auxiliary(int i) {
        List<String> parts = WordClass.parts(said.word(i));
        String last = parts.get(parts.size() - 1);
        int n = said.next(i);
        boolean does =
                WordClass.DO.has(last)
                        && !last.equals("done")
                        && said.mark(i).isEmpty()
                        && (WordClass.NOT.has(said.word(n)) || said.verb(n));
        return does
                || parts.stream().anyMatch(p -> WordClass.BE.has(p) || WordClass.MODAL.has(p))
                || WordClass.HAVE.has(last)
                || parts.size() > 1 && WordClass.DO.has(parts.get(0));
    }

    /** Whether an auxiliary is the verb itself: no other follows that it helps. */
    private boolean state(int i) {
        int n = said.next(i);
        while (n < said.size()
                && !said.ends(n - 1)
                && (WordClass.ADVERB.has(said.word(n))
                        || WordClass.NOT.has(said.word(n))
                        || said.filler(n)
                        || auxiliary(n)
                        || said.gets(n)
                        || WordClass.SUBJECT.has(said.word(n)) && n == i + 1)) {
            n++;
        }
        if (said.word(n).equals("to") && said.verb(said.next(n))
                || said.word(n).equals("going")
                || said.word(n).equals("gonna")) {
            return false;
        }
        boolean be = WordClass.parts(said.word(i)).stream().anyMatch(WordClass.BE::has);
        return !said.verb(n) && (n == i + 1 || !auxiliary(n - 1)) && (be || !said.filler(i));
    }

    /** "want to take", "going to take": only leads to another verb. */
    private boolean governor(int i) {
        int n = said.next(i);
        if (WordClass.LET.has(said.word(i)) && lets(i, n)) {
            return true;
        }
        if (said.word(n).equals("you") || said.word(n).equals("us")) {
            n = said.next(n);
        }
        String w = said.word(i);
        boolean leads =
                said.act(i).map(m -> m.act().action() == null).orElse(said.verb(i))
                        || w.equals("going");
        return leads
                && said.mark(i).isEmpty()
                && (said.word(n).equals("to") && said.verb(said.next(n)));
    }

    /** "let it drain", "let the oil run out": the verb behind what is named says what is done. */
    private boolean lets(int i, int n) {
        if (WordClass.OBJECT.has(said.word(n)) && said.act(n).isEmpty()) {
            return said.mark(n).isEmpty() && said.act(n + 1).isPresent();
        }
        for (int end = n + 1; end <= Math.min(said.size() - 1, n + LONGEST_LET); end++) {
            NounPhrase np = NounPhrases.at(said, n, end).orElse(null);
            if (np != null && np.to() == end && said.act(end).isPresent() && said.verb(end)) {
                return true;
            }
        }
        return false;
    }

    /** Things that are named where no verb is: "four bolts", "lid off". */
    private void bare(int from, int end) {
        int i = from;
        while (i < end) {
            Optional<NounPhrase> np =
                    WordClass.PREPOSITION.has(said.word(i)) && !WordClass.PARTICLE.has(said.word(i))
                            ? Optional.empty()
                            : NounPhrases.at(said, i, end);
            if (np.isEmpty()) {
                int behind = pronoun(i, end);
                i = behind > i ? behind : figure(i, end);
                continue;
            }
            NounPhrase thing = np.get();
            Complements behind = Behind.thing(said, thing.to(), end);
            Complements all =
                    new Complements(
                            Math.max(thing.to(), behind.to()),
                            behind.particle(),
                            List.of(thing),
                            null,
                            behind.phrases());
            Lead lead = Leads.to(said, thing.from(), from);
            found.add(
                    new Clause(
                            Type.BARE,
                            thing.to() - 1,
                            Math.max(from, Math.min(lead.from(), thing.from())),
                            all.to(),
                            lead,
                            all));
            i = Math.max(i + 1, all.to());
        }
    }

    /** "both in the bin", "all four out": what was named before; the place behind it. */
    private int pronoun(int i, int end) {
        int to = i;
        while (to < end
                && (ALL.contains(said.word(to)) || to > i && said.number(to))
                && said.mark(to).isEmpty()) {
            to++;
        }
        boolean moves =
                to > i
                        && to < end
                        && (WordClass.PARTICLE.has(said.word(to))
                                || WordClass.PREPOSITION.has(said.word(to)))
                        && !said.word(to).equals("of");
        if (!moves) {
            return i;
        }
        Complements behind = Behind.thing(said, to, end);
        boolean somewhere =
                behind.particle() != null
                        || behind.phrases().stream().anyMatch(p -> p.thing() != null);
        if (!somewhere) {
            return i;
        }
        Complements all =
                new Complements(
                        behind.to(), behind.particle(), List.of(), said.word(i), behind.phrases());
        Lead lead = Leads.to(said, i, i);
        found.add(new Clause(Type.BARE, to - 1, i, behind.to(), lead, all));
        return behind.to();
    }

    /** A quantity that neither measures nor counts what is named behind it; the place behind it. */
    private int figure(int i, int end) {
        Measure m = said.measureAt(i).orElse(null);
        if (m == null || m.from() != i || m.bare() || m.to() > end) {
            return i + 1;
        }
        Complements behind = Behind.thing(said, m.to(), end);
        Complements all =
                new Complements(
                        Math.max(m.to(), behind.to()),
                        behind.particle(),
                        List.of(),
                        null,
                        behind.phrases());
        Lead lead = Leads.to(said, i, i);
        found.add(new Clause(Type.FIGURE, m.to() - 1, i, all.to(), lead, all));
        return Math.max(i + 1, all.to());
    }
}
