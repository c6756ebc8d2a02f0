package methodos.core.hazard;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import methodos.core.hazard.Work.Deed;
import methodos.core.hazard.Work.Mention;
import methodos.core.hazard.Work.Thing;
import methodos.core.vocabulary.Verbs;

/**
 * Reads a text word by word: where somebody is told to do something, and to what. Instructions say
 * what is done at the head of a clause; a word behind an article is a thing, whatever else it may
 * mean elsewhere.
 */
final class WorkReader {

    /** The sense of what is only written, drawn or printed. */
    private static final String PAPER = "paper";

    /** The senses of laying hands on a thing, and of undoing it. */
    static final Set<String> HANDS = Set.of("hands", "undo");

    private static final List<String> LIGHT = List.of("look", "paperwork", "light");

    /** Stands for what is done where no word says it: "circlip out", "all in the solvent". */
    private static final String UNSAID = "~";

    /** A deed while its words are read. */
    private static final class Doing {
        private final int at;
        private boolean unsaid;
        private Set<String> senses = Set.of();
        private final List<String> particles = new ArrayList<>();
        private final List<Thing> things = new ArrayList<>();
        private boolean saysIt;
        private boolean forbidden;

        Doing(int at, boolean forbidden) {
            this.at = at;
            this.forbidden = forbidden;
        }

        boolean hasObject() {
            return things.stream().anyMatch(Thing::direct);
        }
    }

    private final Sentence sentence;
    private final Senses senses;
    private final List<Mention> mentions = new ArrayList<>();
    private final List<Doing> doings = new ArrayList<>();
    private final Set<Integer> inPaper = new HashSet<>();
    private final Set<Integer> named = new HashSet<>();
    private final List<Thing> bare = new ArrayList<>();

    private final Map<Integer, Optional<Senses.Match>> matches = new HashMap<>();
    private String unit = "";
    private int bareAt;
    private Doing doing;
    private Thing last;
    private Thing subject;
    private String role = "";
    private boolean head = true;
    private boolean helped;
    private boolean letting;
    private boolean forbidden;

    WorkReader(Sentence sentence, Senses senses, List<Mention> figures) {
        this.sentence = sentence;
        this.senses = senses;
        mentions.addAll(figures);
    }

    /** What is named from a word on; looked up once. */
    private Optional<Senses.Match> found(int i) {
        return matches.computeIfAbsent(i, k -> senses.thing(sentence.words(), k));
    }

    /** Words that are the name of a part wherever they follow each other. */
    void names(List<String> part) {
        for (int i = 0; i + part.size() <= sentence.size(); i++) {
            if (part.size() > 1 && sentence.words().subList(i, i + part.size()).equals(part)) {
                for (int k = i; k < i + part.size(); k++) {
                    named.add(k);
                }
            }
        }
    }

    /** The word by which the unit itself is called, empty where none is known. */
    void whole(String word) {
        unit = word;
    }

    Work read() {
        int i = 0;
        while (i < sentence.size()) {
            parted(sentence.parted(i));
            i = at(i);
        }
        endOfClause();
        shareObjects();
        List<Deed> deeds = new ArrayList<>();
        for (Doing d : doings) {
            Set<String> acts = new HashSet<>(d.senses);
            acts.addAll(senses.acts(d.unsaid ? UNSAID : sentence.word(d.at), d.particles));
            if (!d.forbidden) {
                deeds.add(
                        new Deed(new Mention(d.at, d.at + 1, hands(acts)), List.copyOf(d.things)));
            }
        }
        return new Work(deeds, mentions.stream().filter(m -> !inPaper.contains(m.from())).toList());
    }

    /** What is neither looking nor putting away lays hands on the thing, known verb or not. */
    private static Set<String> hands(Set<String> acts) {
        Set<String> all = new HashSet<>(acts);
        if (LIGHT.stream().noneMatch(acts::contains)) {
            all.add("hands");
            if (acts.contains("open") || !acts.contains("fit") && !acts.contains("wash")) {
                all.add("undo");
            }
        }
        return all;
    }

    private void parted(int how) {
        if (how != Sentence.NOT) {
            endOfClause();
        }
        if (how == Sentence.STOP) {
            doing = null;
            forbidden = false;
            last = null;
            subject = null;
        }
        if (how != Sentence.NOT) {
            head = true;
            helped = false;
            role = "";
        }
    }

    /** What is only named with where it is goes there: "everything in the paraffin". */
    private void endOfClause() {
        if (doing == null && bare.stream().anyMatch(t -> !t.direct())) {
            unsaid(bareAt, "put");
        }
        bare.clear();
    }

    private void unsaid(int at, String particle) {
        Doing d = new Doing(at, forbidden);
        d.unsaid = true;
        d.particles.add(particle);
        d.things.addAll(bare);
        doings.add(d);
    }

    /** Reads what stands at a place. Returns the place behind it. */
    private int at(int i) {
        Set<String> compound = senses.compound(sentence.word(i), sentence.word(i + 1));
        if (head && !compound.isEmpty() && (sentence.article(i + 2) || sentence.number(i + 2))) {
            begin(i);
            doing.senses = compound;
            return i + 2;
        }
        boolean several =
                found(i).filter(m -> m.words() > 1 && !sentence.article(i + m.words())).isPresent();
        if (!several && told(i)) {
            begin(i);
            letting = sentence.word(i).equals("let");
            head = letting;
            return i + 1;
        }
        if (several || !sentence.grammar(i) && !sentence.adverb(i)) {
            return thing(i);
        }
        grammar(i);
        return i + 1;
    }

    private void begin(int i) {
        doing = new Doing(i, forbidden);
        if (helped && subject != null) {
            doing.things.add(subject);
            found(i).ifPresent(m -> mentions.add(new Mention(i, i + m.words(), m.senses())));
        }
        doings.add(doing);
        forbidden = false;
        head = false;
        helped = false;
        role = "";
    }

    /** Whether the word tells what is done. */
    private boolean told(int i) {
        String word = sentence.word(i);
        if (helped && senses.verb(word) && Verbs.participle(word)) {
            return true;
        }
        if (named.contains(i)) {
            return false;
        }
        boolean known = senses.base(word) || word.endsWith("ing") && senses.verb(word);
        return head
                && !isSubject(i)
                && !sentence.owns(i)
                && (known || stranger(i))
                && !sentence.is(i + 1);
    }

    /** A verb that nobody listed: it begins a clause and an article follows it. */
    private boolean stranger(int i) {
        return sentence.parted(i) != Sentence.NOT
                && sentence.parted(i + 1) == Sentence.NOT
                && sentence.article(i + 1)
                && !sentence.grammar(i)
                && !sentence.adverb(i);
    }

    /** "Weld seams are looked at": what begins as if it were told is what is spoken of. */
    private boolean isSubject(int i) {
        int to = i + 1;
        while (!sentence.grammar(to) && sentence.parted(to) == Sentence.NOT) {
            to++;
        }
        return to > i + 1 && sentence.parted(to) == Sentence.NOT && sentence.is(to);
    }

    private void grammar(int i) {
        String word = sentence.word(i);
        if (sentence.negation(i)) {
            forbidden = !word.equals("instead");
            head = true;
        } else if (sentence.article(i)) {
            head = false;
        } else if (sentence.link(i)) {
            head = true;
        } else if (sentence.helper(i)) {
            helper(i);
            head = true;
            helped = true;
        } else if (sentence.pronoun(i)) {
            saysIt(word);
            head = true;
        } else if (!sentence.adverb(i)) {
            placeWord(i);
        }
    }

    /** "The cover is lifted off", "the cap comes off": what is done to it follows. */
    private void helper(int i) {
        doing = null; // what follows is told of a thing, no longer with what is done
        bare.stream().filter(Thing::direct).findFirst().ifPresent(t -> subject = t);
        bare.clear();
        if (sentence.moves(i) && subject != null && sentence.particle(i + 1)) {
            bare.add(subject);
            unsaid(i, sentence.word(i + 1));
            doing = doings.get(doings.size() - 1);
            bare.clear();
        }
    }

    private void saysIt(String word) {
        if (doing != null && (word.equals("it") || word.equals("them")) && role.isEmpty()) {
            doing.saysIt = true;
        }
    }

    private void placeWord(int i) {
        String word = sentence.word(i);
        boolean behindVerb = doing != null && i == doing.at + 1 && sentence.particle(i);
        if (doing != null && sentence.particle(i) && (behindVerb || away(i))) {
            doing.particles.add(word);
        }
        if (behindVerb && !word.equals("under")) {
            return;
        }
        if (doing == null && !bare.isEmpty() && sentence.particle(i) && alone(i)) {
            unsaid(i, word);
            bare.clear();
            return;
        }
        boolean infinitive = word.equals("to") && senses.base(sentence.word(i + 1));
        boolean ing = sentence.word(i + 1).endsWith("ing") && senses.verb(sentence.word(i + 1));
        if (infinitive || sentence.clause(i) && ing) {
            head = true;
        } else if (sentence.preposition(i)) {
            role = word;
            head = false;
        }
        if (sentence.clause(i) && !sentence.preposition(i)) {
            role = "";
            head = false;
            doing = null;
        }
    }

    private boolean alone(int i) {
        return sentence.parted(i + 1) != Sentence.NOT
                || sentence.link(i + 1)
                || sentence.preposition(i + 1);
    }

    /** Whether a word like "off" goes with the verb: "in" and "on" before a thing only place it. */
    private boolean away(int i) {
        boolean placing = sentence.word(i).equals("in") || sentence.word(i).equals("on");
        return !placing
                || sentence.parted(i + 1) != Sentence.NOT
                || sentence.grammar(i + 1) && !sentence.article(i + 1);
    }

    /** Reads the name of a thing: all words up to one that has a place of its own. */
    private int thing(int from) {
        int to = from;
        if (sentence.preposition(from)) {
            role = sentence.word(from);
        }
        List<Mention> said = new ArrayList<>();
        while (to < sentence.size() && (to == from || within(to))) {
            Optional<Senses.Match> match = found(to);
            if (match.isPresent()) {
                int n = match.get().words();
                said.add(new Mention(to, to + n, match.get().senses()));
                to += n;
            } else {
                to++;
            }
        }
        int at = to;
        if (!unit.isEmpty() && sentence.word(at - 1).equals(unit)) {
            said.removeIf(m -> m.from() == at - 1);
            said.add(new Mention(at - 1, at, Set.of(Work.WHOLE)));
        }
        boolean owner = sentence.owns(to - 1);
        Mention top =
                said.isEmpty() || said.get(said.size() - 1).to() < to || owner
                        ? null
                        : said.get(said.size() - 1);
        boolean paper =
                top != null && top.senses().contains(PAPER)
                        || role.equals("of") && last != null && last.paper();
        List<Mention> more = said.stream().filter(m -> m != top).collect(Collectors.toList());
        if (paper) {
            said.forEach(m -> inPaper.add(m.from()));
        }
        mentions.addAll(said);
        if (role.equals("of") && last != null) {
            said.forEach(last.more()::add);
            head = false;
            return to;
        }
        Thing thing = new Thing(top, more, role, paper);
        if (doing != null) {
            doing.things.add(thing);
        } else {
            if (bare.isEmpty()) {
                bareAt = from;
            }
            bare.add(thing);
        }
        last = thing;
        head = letting;
        if (letting) {
            helped = true;
            subject = thing;
        }
        letting = false;
        return to;
    }

    private boolean within(int i) {
        if (sentence.parted(i) != Sentence.NOT) {
            return false;
        }
        if (!sentence.grammar(i) && found(i).filter(m -> m.words() > 1).isPresent()) {
            return true;
        }
        if (sentence.number(i) && found(i - 1).isPresent()) {
            return false;
        }
        boolean many = sentence.word(i - 1).endsWith("s") && !sentence.owns(i - 1);
        boolean finite = senses.base(sentence.word(i)) && (letting || many && found(i).isEmpty());
        return !finite && !sentence.grammar(i) && !sentence.adverb(i);
    }

    /** "Hook it on and lift it", "undo and take off the cap": two deeds with one object. */
    private void shareObjects() {
        for (int i = 0; i < doings.size(); i++) {
            Doing d = doings.get(i);
            if (d.hasObject()) {
                continue;
            }
            if (d.saysIt && i > 0) {
                d.things.addAll(0, objects(doings.get(i - 1)));
            } else if (!d.saysIt && i + 1 < doings.size() && linked(d, doings.get(i + 1))) {
                d.things.addAll(0, objects(doings.get(i + 1)));
            }
        }
    }

    private boolean linked(Doing first, Doing second) {
        for (int i = first.at + 1; i < second.at; i++) {
            if (!sentence.link(i) && !sentence.particle(i) && !sentence.adverb(i)) {
                return false;
            }
        }
        return true;
    }

    private static List<Thing> objects(Doing doing) {
        return doing.things.stream().filter(Thing::direct).toList();
    }
}
