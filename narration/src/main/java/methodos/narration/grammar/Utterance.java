package methodos.narration.grammar;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntPredicate;
import methodos.core.speech.Measure;
import methodos.core.speech.Measures;
import methodos.core.speech.SpokenNumber;
import methodos.core.speech.Token;
import methodos.core.speech.Tokens;
import methodos.core.speech.Transcript;
import methodos.core.speech.Word;
import methodos.narration.vocabulary.Act;
import methodos.narration.vocabulary.Vocabulary;
import methodos.narration.vocabulary.WordClass;

/** What is said in a clip, word by word, with what is known of each: tag, verb, quantity, time. */
public final class Utterance {

    private static final int LET_REACH = 4;
    private static final Set<String> GETS = Set.of("get", "gets", "got", "getting");

    private final Transcript transcript;
    private final Tokens tokens;
    private final List<String> tags;
    private final Vocabulary vocabulary;
    private final List<Measure> measures;
    private final int[] measureAt;
    private final boolean runsOn;
    private final List<Optional<Act.Met>> acts;
    private final boolean[] ends;

    /**
     * @param tags one of the universal tags for each token
     */
    public Utterance(
            Transcript transcript, List<Token> tokens, List<String> tags, Vocabulary vocabulary) {
        this.ends = new boolean[tokens.size()];
        for (int i = 0; i < ends.length; i++) {
            ends[i] = tokens.get(i).endsSentence();
        }
        this.transcript = transcript;
        this.tokens = new Tokens(tokens);
        this.tags = tags;
        this.vocabulary = vocabulary;
        this.measures = Measures.in(tokens).stream().filter(m -> !oneInside(m)).toList();
        this.measureAt = new int[tokens.size()];
        Arrays.fill(measureAt, -1);
        for (int m = 0; m < measures.size(); m++) {
            Arrays.fill(measureAt, measures.get(m).from(), measures.get(m).to(), m);
        }
        long marked = tokens.stream().filter(t -> !t.mark().isEmpty()).count();
        this.runsOn = marked * 40 < tokens.size();
        this.acts = new ArrayList<>(tokens.size());
        for (Token token : tokens) {
            acts.add(vocabulary.acts().met(token.text()));
        }
    }

    /** "put one in": no inch. */
    private boolean oneInside(Measure m) {
        return m.unit().equals("in")
                && tokens.word(m.to() - 1).equals("in")
                && Character.isLetter(tokens.word(m.from()).charAt(0));
    }

    /** The unit of length that is spoken in, for figures that are said without one. */
    public String lengthUnit() {
        long inches = measures.stream().filter(m -> m.unit().equals("in")).count();
        long metric = measures.stream().filter(m -> m.unit().equals("mm")).count();
        return inches > metric ? "in" : "mm";
    }

    public Transcript transcript() {
        return transcript;
    }

    public Vocabulary vocabulary() {
        return vocabulary;
    }

    public int size() {
        return tokens.size();
    }

    public Token token(int i) {
        return tokens.get(i);
    }

    public List<Token> tokens() {
        return tokens.list();
    }

    /** The word at a place, empty outside. */
    public String word(int i) {
        return tokens.word(i);
    }

    /** The universal tag at a place, empty outside. */
    public String tag(int i) {
        return i < 0 || i >= tags.size() ? "" : tags.get(i);
    }

    /** The punctuation behind a word, empty for none. */
    public String mark(int i) {
        if (i < 0 || i >= tokens.size()) {
            return ".";
        }
        String mark = tokens.get(i).mark();
        return mark.isEmpty() && ends[i] ? "." : mark;
    }

    /** Whether a sentence ends behind a word. */
    public boolean ends(int i) {
        return i < 0 || i >= tokens.size() - 1 || ends[i];
    }

    /** The same words with more places where a sentence ends. */
    public Utterance ending(IntPredicate behind) {
        Utterance parted = new Utterance(transcript, tokens.list(), tags, vocabulary);
        for (int i = 0; i < ends.length; i++) {
            parted.ends[i] |= behind.test(i);
        }
        return parted;
    }

    /** Whether sentences are not marked, as in what recognition of speech hands over. */
    public boolean runsOn() {
        return runsOn;
    }

    public boolean phrase(int i, String phrase) {
        return tokens.phrase(i, phrase);
    }

    /** The verb of the workshop that a word may be a form of. */
    public Optional<Act.Met> act(int i) {
        return i < 0 || i >= acts.size() ? Optional.empty() : acts.get(i);
    }

    /** The quantities, in the order in which they are said. */
    public List<Measure> measures() {
        return measures;
    }

    /** The quantities that begin within a stretch. */
    public List<Measure> measures(int from, int to) {
        int first = firstMeasure(from);
        int behind = firstMeasure(to);
        return measures.subList(first, Math.max(first, behind));
    }

    /** The first quantity that begins at a word or behind it. */
    private int firstMeasure(int word) {
        int low = 0;
        int high = measures.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (measures.get(middle).from() < word) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    public Optional<Measure> measureAt(int i) {
        return i < 0 || i >= measureAt.length || measureAt[i] < 0
                ? Optional.empty()
                : Optional.of(measures.get(measureAt[i]));
    }

    public boolean number(int i) {
        return SpokenNumber.begins(word(i));
    }

    /** Whether a word only holds speech together; "mm" is a hum, but not behind a figure. */
    public boolean filler(int i) {
        return WordClass.FILLER.has(word(i))
                && !(word(i).equals("right") && rightIsSide(i))
                && !(word(i).equals("well") && !ends(i - 1) && mark(i - 1).isEmpty() && ends(i))
                && measureAt(i).isEmpty();
    }

    private boolean rightIsSide(int i) {
        String after = word(i + 1);
        return WordClass.DETERMINER.has(word(i - 1))
                || WordClass.PREPOSITION.has(word(i - 1))
                || !vocabulary.things().part(after).isEmpty()
                || after.equals("hand");
    }

    /** The next word that says something. */
    public int next(int i) {
        int n = i + 1;
        while (n < size() && filler(n)) {
            n++;
        }
        return n;
    }

    /** The word before that says something; -1 for none. */
    public int previous(int i) {
        int p = i - 1;
        while (p >= 0 && filler(p)) {
            p--;
        }
        return p;
    }

    /** When a word begins, in seconds. */
    public double start(int i) {
        return wordOf(i, false).start();
    }

    /** When a word ends, in seconds. */
    public double end(int i) {
        return wordOf(i, true).end();
    }

    private Word wordOf(int i, boolean last) {
        Token token = tokens.get(i);
        return transcript.words().get(last ? token.to() - 1 : token.from());
    }

    /** The silence behind a word, in seconds; 0 where words run on. */
    public double pauseBehind(int i) {
        return i < 0 || i + 1 >= size() ? 0 : Math.max(0, start(i + 1) - end(i));
    }

    /** The words of a stretch, as they are meant. */
    public String text(int from, int to) {
        StringBuilder out = new StringBuilder();
        for (int i = Math.max(0, from); i < Math.min(to, size()); i++) {
            out.append(out.isEmpty() ? "" : " ").append(word(i));
        }
        return out.toString();
    }

    /** Where a phrase begins within a stretch, -1 where it is not said. */
    public int find(int from, int to, String phrase) {
        for (int i = from; i < to; i++) {
            int behind = tokens.behind(i, phrase);
            if (behind >= 0 && behind <= to) {
                return i;
            }
        }
        return -1;
    }

    /** Whether any of some phrases is said within a stretch. */
    public boolean hasAny(int from, int to, Collection<String> phrases) {
        return phrases.stream().anyMatch(phrase -> find(from, to, phrase) >= 0);
    }

    /** Whether an object can begin here: "the nut", "it", "four screws". */
    public boolean beginsObject(int i) {
        String w = word(i);
        return (WordClass.DETERMINER.has(w) || WordClass.POSSESSIVE.has(w)) && !w.equals("no")
                || WordClass.OBJECT.has(w)
                || number(i);
    }

    /**
     * Whether a word is a verb where it stands, as far as its neighbours tell: "the lift" is none,
     * "lift the" is one.
     */
    public boolean verb(int i) {
        if (measureAt(i).isPresent()) {
            return false;
        }
        if (gets(i)) {
            return false;
        }
        Optional<Act.Met> met = act(i);
        if (met.isEmpty()) {
            return unknownVerb(i);
        }
        int p = previous(i);
        boolean parted = p < 0 || !mark(p).isEmpty();
        String before = parted ? "" : word(p);
        if (denied(p, before) || let(i)) {
            return true;
        }
        // "no hammering": what is not to be done
        if (before.equals("no") && met.get().form() == Act.Form.ING) {
            return true;
        }
        if (before.equals("to") || WordClass.MODAL.has(before) || WordClass.DO.has(before)) {
            return true;
        }
        if (determines(before)) {
            return false;
        }
        return switch (met.get().form()) {
            case BASE -> base(i, before, met.get().act());
            case THIRD_PERSON ->
                    !met.get().act().noun()
                            || WordClass.SUBJECT.has(before)
                            || WordClass.INTERROGATIVE.has(before)
                            || moves(i);
            case PAST, PARTICIPLE, ING -> !adjective(i, before);
        };
    }

    /** "it gets cut": a form of "to get" that stands for one of "to be". */
    public boolean gets(int i) {
        return GETS.contains(word(i))
                && mark(i).isEmpty()
                && act(i + 1).filter(m -> undergoes(i, m)).isPresent()
                && !beginsObject(i + 1);
    }

    /** Whether a form can say what is done to a thing: "cut", "worn", "caught". */
    private boolean undergoes(int get, Act.Met met) {
        String before = word(previous(get));
        boolean helped =
                WordClass.parts(before).stream()
                        .anyMatch(
                                w ->
                                        WordClass.DO.has(w)
                                                || WordClass.MODAL.has(w)
                                                || WordClass.NOT.has(w));
        boolean bare = met.form() == Act.Form.BASE && tag(get + 1).equals("VERB") && helped;
        return met.form() == Act.Form.PAST || met.form() == Act.Form.PARTICIPLE || bare;
    }

    /** A word that no list knows, or only as a thing: "fish out the bulb", "chuck them". */
    private boolean unknownVerb(int i) {
        String w = word(i);
        if (WordClass.closed(w) || w.length() <= 2) {
            return false;
        }
        int p = previous(i);
        String before = p < 0 || !mark(p).isEmpty() ? "" : word(p);
        boolean starts = before.isEmpty() || WordClass.COORDINATOR.has(before);
        String after = mark(i).isEmpty() ? word(i + 1) : "";
        boolean pronoun = after.equals("it") || after.equals("them");
        boolean particle =
                WordClass.PARTICLE.has(after) && mark(i + 1).isEmpty() && beginsObject(i + 2);
        boolean thing = vocabulary.things().names(w);
        boolean undergone = WordClass.BE.has(before) && w.endsWith("ed");
        return starts && (pronoun || particle && !thing)
                || undergone
                || tag(i).equals("VERB") && !thing;
    }

    /** "do not lift", "don't lift", "must not lift", "never lift" */
    private boolean denied(int p, String before) {
        List<String> words = WordClass.parts(before);
        String last = words.get(words.size() - 1);
        String helps = words.size() > 1 ? words.get(0) : word(previous(p));
        return WordClass.NOT.has(last)
                && (last.equals("never") || WordClass.DO.has(helps) || WordClass.MODAL.has(helps));
    }

    /** "let the oil drain": a verb behind what is let do something. */
    private boolean let(int i) {
        if (determines(word(i - 1))) {
            return false;
        }
        int k = i - 1;
        while (k >= 0 && i - k <= LET_REACH && mark(k).isEmpty()) {
            String w = word(k);
            if (WordClass.LET.has(w)) {
                return i - k > 1;
            }
            if (WordClass.closed(w) && !determines(w) && !WordClass.OBJECT.has(w)) {
                return false;
            }
            k--;
        }
        return false;
    }

    /** "the rod drops out": a thing that moves of itself, not "screws out". */
    private boolean moves(int i) {
        boolean part =
                vocabulary.things().part(word(i)).stream().anyMatch(kind -> !kind.equals("whole"));
        boolean noun = i > 0 && tag(i - 1).matches("NOUN|PROPN") && mark(i - 1).isEmpty();
        return !part
                && (noun || tag(i).equals("VERB"))
                && mark(i).isEmpty()
                && WordClass.PARTICLE.has(word(i + 1));
    }

    /** Whether what stands behind a word is named: "the", "each", "your"; not "that" or "it". */
    private static boolean determines(String word) {
        return (WordClass.POSSESSIVE.has(word) || WordClass.DETERMINER.has(word))
                && !WordClass.OBJECT.has(word)
                && !WordClass.INTERROGATIVE.has(word);
    }

    private boolean base(int i, String before, Act act) {
        int n = next(i);
        boolean object = mark(i).isEmpty() && beginsObject(n);
        if (!act.noun()) {
            return !before.equals("of") && !before.equals("with");
        }
        boolean preposition = WordClass.PREPOSITION.has(before) && !WordClass.PARTICLE.has(before);
        if (number(previous(i)) && !before.isEmpty() || preposition) {
            return false;
        }
        boolean particle =
                WordClass.PARTICLE.has(word(n)) && mark(i).isEmpty() && mark(n).isEmpty();
        if (object || particle && beginsObject(n + 1)) {
            return true;
        }
        boolean starts =
                before.isEmpty()
                        || WordClass.COORDINATOR.has(before)
                        || WordClass.ADVERB.has(before)
                        || WordClass.SUBJECT.has(before);
        boolean joined =
                before.isEmpty()
                        && mark(i).isEmpty()
                        && WordClass.COORDINATOR.has(word(i + 1))
                        && act(i + 2).filter(m -> m.form() == Act.Form.BASE).isPresent()
                        && beginsObject(i + 3);
        if (joined) {
            return true;
        }
        boolean shares = act(previous(i)).isPresent() && verb(previous(i));
        boolean thing =
                mark(i).isEmpty()
                        && WordClass.PARTICLE.has(word(n))
                        && !mark(n).isEmpty()
                        && vocabulary.things().names(word(i));
        return starts && !thing && (tag(i).equals("VERB") || particle)
                || shares && tag(i).equals("VERB");
    }

    /** "worn seal", "the tapped hole": a form of a verb that describes what stands behind it. */
    private boolean adjective(int i, String before) {
        String after = mark(i).isEmpty() ? word(i + 1) : "";
        boolean noun = !after.isEmpty() && !WordClass.closed(after) && tag(i + 1).equals("NOUN");
        return noun
                && (WordClass.DETERMINER.has(before)
                        || WordClass.EVALUATIVE.has(before)
                        || tag(i).equals("ADJ"));
    }
}
