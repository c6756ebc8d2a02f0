package methodos.narration.acts;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.speech.Measure;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Complements;
import methodos.narration.grammar.Lead;
import methodos.narration.grammar.NounPhrase;
import methodos.narration.grammar.Utterance;
import methodos.narration.vocabulary.Act;
import methodos.narration.vocabulary.WordClass;

/** What the judge sees of a clause: its structure first, then its words. */
public final class Features {

    private static final int AROUND = 3;
    private static final int SENTENCE = 40;

    private final Utterance said;
    private final List<Clause> clauses;

    /** How it is spoken as a whole: with articles or in notes, with verbs or without. */
    private final String style;

    public Features(Utterance said, List<Clause> clauses) {
        this.said = said;
        this.clauses = clauses;
        long articles = said.tokens().stream().filter(t -> t.is("the", "a", "an")).count();
        long bare = clauses.stream().filter(c -> c.type() == Clause.Type.BARE).count();
        this.style =
                Math.min(3, 33 * articles / Math.max(1, said.size()))
                        + ""
                        + Math.min(3, 5 * bare / Math.max(1, clauses.size()));
    }

    /** The features of one of the clauses, each at most once. */
    public List<String> of(int index) {
        Clause clause = clauses.get(index);
        Set<String> f = new LinkedHashSet<>();
        String type = clause.type().name();
        f.add("type=" + type);
        f.add("type=" + type + "&style=" + style);
        f.add("type=" + type + "&particle=" + clause.complements().particle() + "&style=" + style);
        verb(clause, f);
        lead(clause, f);
        complements(clause, f);
        figures(clause, f);
        neighbours(index, f);
        sentence(clause, f);
        around(clause, f);
        shape(index, f);
        Set<String> all = new LinkedHashSet<>(f);
        for (String one : f) {
            if (one.startsWith("lead") || one.startsWith("obj") || one.startsWith("neg")) {
                all.add(type + "&" + one);
            }
        }
        return new ArrayList<>(all);
    }

    /** How a clause is built as a whole, and how it hangs together with those next to it. */
    private void shape(int index, Set<String> f) {
        Clause clause = clauses.get(index);
        String build = build(clause);
        String object = object(clause);
        f.add("shape=" + build);
        f.add("shape=" + build + "/" + object);
        f.add("shape=" + build + "/" + object + "/" + clause.complements().particle());
        int before = said.previous(clause.from());
        boolean start = before < 0 || said.ends(before);
        f.add("shape=" + build + "/" + object + "/" + start);
        boolean means =
                said.act(clause.head())
                        .filter(m -> clause.type() == Clause.Type.VERB)
                        .map(m -> m.act().actionWith(clause.complements().particle()) != null)
                        .orElse(false);
        f.add("shape=" + build + "/" + object + "/means " + means);
        for (int d : new int[] {-1, 1}) {
            int at = index + d;
            if (at < 0 || at >= clauses.size()) {
                continue;
            }
            Clause other = clauses.get(at);
            String side = d < 0 ? "before " : "behind ";
            f.add(side + build(other) + "/" + object(other) + "&" + build);
            boolean joined = d < 0 ? joined(other, clause) : joined(clause, other);
            f.add(side + other.type() + "/" + joined + "&" + build + "/" + object);
            if (shares(clause, other)) {
                f.add(side + "same thing " + other.type() + "&" + clause.type());
            }
        }
    }

    private boolean joined(Clause first, Clause second) {
        for (int i = first.to() - 1; i < second.from(); i++) {
            if (said.ends(i)) {
                return false;
            }
        }
        return true;
    }

    private static boolean shares(Clause one, Clause other) {
        return one.complements().objects().stream()
                .anyMatch(
                        a ->
                                other.complements().objects().stream()
                                        .anyMatch(b -> a.head().equals(b.head())));
    }

    private String build(Clause clause) {
        Lead lead = clause.lead();
        String form =
                clause.type() == Clause.Type.VERB
                        ? said.act(clause.head()).map(m -> m.form().name()).orElse("unknown")
                        : clause.type().name();
        String who =
                lead.subject().isEmpty()
                        ? lead.plain() ? "plain" : ""
                        : lead.subject().matches("you|we|i") ? lead.subject() : "third";
        return form
                + " "
                + who
                + (lead.modal().isEmpty() ? "" : " modal")
                + (lead.be() ? " be" : "")
                + (lead.have() ? " have" : "")
                + (lead.does() ? " do" : "")
                + (lead.to() ? lead.governor().isEmpty() ? " to" : " governed" : "")
                + (lead.let() ? " let" : "")
                + (lead.negated() ? " not" : "")
                + (lead.subordinator().isEmpty() ? "" : " sub")
                + (lead.interrogative().isEmpty() ? "" : " wh");
    }

    private String object(Clause clause) {
        Complements c = clause.complements();
        if (c.objects().isEmpty()) {
            return c.pronoun() == null ? "none" : "pronoun";
        }
        NounPhrase first = c.objects().get(0);
        String head = first.head();
        return said.vocabulary().things().names(head)
                ? first.definite() ? "the part" : "a part"
                : WordClass.ABSTRACT.has(head) || WordClass.PERSON.has(head)
                        ? "no part"
                        : first.definite() ? "the thing" : "a thing";
    }

    private void verb(Clause clause, Set<String> f) {
        int v = clause.head();
        f.add("head=" + base(v));
        f.add("tag=" + said.tag(v));
        String particle = clause.complements().particle();
        if (particle != null) {
            f.add("particle=" + particle);
        }
        Optional<Act.Met> met = said.act(v);
        if (clause.type() != Clause.Type.VERB) {
            return;
        }
        if (met.isEmpty()) {
            f.add("unknown verb");
            f.add("ending=" + ending(said.word(v)));
            return;
        }
        Act act = met.get().act();
        f.add("form=" + met.get().form());
        f.add("form=" + met.get().form() + "&head=" + act.base());
        String meant = act.actionWith(particle);
        f.add("means=" + meant);
        f.add("means=" + meant + "&form=" + met.get().form());
        f.add("particle=" + particle + "&head=" + act.base());
    }

    private String base(int i) {
        return said.act(i).map(m -> m.act().base()).orElse(said.word(i));
    }

    private static String ending(String word) {
        return word.endsWith("ing")
                ? "ing"
                : word.endsWith("ed") ? "ed" : word.endsWith("s") ? "s" : "";
    }

    private void lead(Clause clause, Set<String> f) {
        Lead lead = clause.lead();
        String form =
                clause.type() == Clause.Type.VERB
                        ? said.act(clause.head())
                                .map(m -> m.form().name())
                                .orElse(said.tag(clause.head()))
                        : "";
        f.add("lead subject=" + lead.subject());
        String mood =
                (lead.modal().isEmpty() ? "" : " " + lead.modal())
                        + (lead.be() ? " be" : "")
                        + (lead.have() ? " have" : "")
                        + (lead.does() ? " do" : "")
                        + (lead.to() ? " to" : "")
                        + (lead.let() ? " let" : "")
                        + (lead.negated() ? " not" : "");
        f.add("lead mood=" + mood);
        f.add("lead=" + lead.subject() + mood + " " + form);
        f.add("lead plain=" + lead.plain() + form);
        if (!lead.governor().isEmpty()) {
            f.add("lead governor=" + lead.governor());
            f.add("lead governor=" + lead.subject() + " " + lead.governor());
        }
        if (!lead.subordinator().isEmpty()) {
            f.add("lead sub=" + lead.subordinator());
            f.add("lead sub");
        }
        f.add("lead and=" + lead.coordinator());
        if (!lead.interrogative().isEmpty()) {
            f.add("lead wh=" + lead.interrogative());
        }
        if (lead.negated()) {
            f.add("negated");
        }
        if (lead.thing() != null) {
            f.add("lead thing=" + lead.thing().head());
            kinds(lead.thing(), "lead kind=", f);
        }
        if (lead.shared()) {
            f.add("lead shared");
        }
        int before = said.previous(clause.from());
        boolean start = before < 0 || said.ends(before);
        f.add("starts=" + (start ? "sentence" : said.mark(before)));
        f.add("starts=" + (start ? "sentence" : said.mark(before)) + "&plain=" + lead.plain());
        if (before >= 0 && !start) {
            f.add("before=" + said.word(before));
            f.add("before tag=" + said.tag(before));
        }
    }

    private void complements(Clause clause, Set<String> f) {
        Complements c = clause.complements();
        if (c.objects().isEmpty()) {
            f.add("obj=" + (c.pronoun() == null ? "none" : "pronoun"));
            if (c.pronoun() != null) {
                f.add("obj=" + c.pronoun());
            }
        }
        for (NounPhrase object : c.objects()) {
            f.add("obj=" + (object.definite() ? "the" : object.plural() ? "bare plural" : "bare"));
            f.add("obj head=" + object.head());
            kinds(object, "obj kind=", f);
            if (object.quantity() != null) {
                f.add("obj counted");
            }
            if (object.size() != null) {
                f.add("obj sized");
            }
            if (object.fresh()) {
                f.add("obj new");
            }
        }
        if (c.objects().size() > 1) {
            f.add("obj several");
        }
        for (Complements.Prepositional p : c.phrases()) {
            f.add("prep=" + p.preposition());
            if (p.thing() != null) {
                f.add("prep thing=" + p.preposition() + " " + p.thing().head());
                kinds(p.thing(), "prep kind=" + p.preposition() + " ", f);
            }
        }
    }

    private void kinds(NounPhrase thing, String as, Set<String> f) {
        String head = thing.head();
        boolean any = false;
        for (String kind : said.vocabulary().things().part(head)) {
            f.add(as + kind);
            any = true;
        }
        if (said.vocabulary().things().tool(head).isPresent()) {
            f.add(as + "tool");
            any = true;
        }
        if (said.vocabulary().things().consumable(head).isPresent()) {
            f.add(as + "consumable");
            any = true;
        }
        for (WordClass kind : List.of(WordClass.PERSON, WordClass.ABSTRACT, WordClass.WASTE)) {
            if (kind.has(head)) {
                f.add(as + kind);
                any = true;
            }
        }
        if (!any) {
            f.add(as + "unknown");
        }
    }

    private void figures(Clause clause, Set<String> f) {
        for (Measure m : said.measures(clause.from(), clause.to())) {
            String what =
                    m.torque()
                            ? "torque"
                            : m.time()
                                    ? "time"
                                    : m.length()
                                            ? "length"
                                            : m.bare() ? "number" : m.cycles() ? "times" : "other";
            f.add("figure=" + what);
        }
    }

    private void neighbours(int index, Set<String> f) {
        for (int d : new int[] {-1, 1}) {
            int at = index + d;
            if (at < 0 || at >= clauses.size()) {
                continue;
            }
            Clause other = clauses.get(at);
            Clause mine = clauses.get(index);
            int between = d < 0 ? other.to() - 1 : mine.to() - 1;
            boolean same = true;
            for (int i = Math.max(0, between); i < Math.max(other.from(), mine.from()); i++) {
                same &= !said.ends(i);
            }
            String side = d < 0 ? "left " : "right ";
            if (!same) {
                f.add(side + "none");
                continue;
            }
            f.add(side + other.type());
            f.add(side + "head=" + base(other.head()));
            f.add(side + "sub=" + other.lead().subordinator());
            f.add(side + "subject=" + other.lead().subject());
            if (other.lead().negated()) {
                f.add(side + "negated");
            }
            said.act(other.head()).ifPresent(m -> f.add(side + "form=" + m.form()));
        }
    }

    private void sentence(Clause clause, Set<String> f) {
        int from = clause.from();
        while (from > 0 && clause.from() - from < SENTENCE && !said.ends(from - 1)) {
            from--;
        }
        int to = clause.to();
        while (to < said.size() && to - clause.to() < SENTENCE && !said.ends(to - 1)) {
            to++;
        }
        f.add("runs on=" + said.runsOn());
        if (to > 0 && to <= said.size() && said.mark(to - 1).equals("?")) {
            f.add("question");
        }
        int past = 0;
        for (int i = said.runsOn() ? Math.max(from, clause.from() - 12) : from;
                i < (said.runsOn() ? Math.min(to, clause.to() + 12) : to);
                i++) {
            String w = said.word(i);
            if (w.equals("was") || w.equals("were") || w.equals("had") || w.equals("did")) {
                past++;
            }
            if (w.equals("i") || w.equals("he") || w.equals("they") || w.equals("would")) {
                f.add("sentence has " + w);
            }
            if (said.act(i).filter(m -> m.form() == Act.Form.PAST).isPresent()
                    && i > 0
                    && WordClass.SUBJECT.has(said.word(i - 1))) {
                past++;
            }
        }
        f.add("past=" + Math.min(2, past));
        f.add("place=" + (int) (5.0 * clause.head() / Math.max(1, said.size())));
        f.add("length=" + Math.min(4, (to - from) / 6));
    }

    private void around(Clause clause, Set<String> f) {
        for (int d = 1; d <= AROUND; d++) {
            int left = clause.from() - d;
            if (left >= 0 && !said.ends(left)) {
                f.add("word-" + d + "=" + said.word(left));
            } else {
                break;
            }
        }
        for (int i = clause.from(); i < clause.to(); i++) {
            f.add("word=" + said.word(i));
        }
        for (int d = 0; d < AROUND; d++) {
            int right = clause.to() + d;
            if (right < said.size() && !said.ends(right - 1)) {
                f.add("word+" + d + "=" + said.word(right));
            } else {
                break;
            }
        }
        int v = clause.head();
        f.add("pair-=" + said.word(v - 1) + " " + base(v));
        f.add("pair+=" + base(v) + " " + said.word(v + 1));
        f.add("tags=" + said.tag(v - 1) + " " + said.tag(v) + " " + said.tag(v + 1));
    }
}
