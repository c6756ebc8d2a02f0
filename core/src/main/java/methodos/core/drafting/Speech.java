package methodos.core.drafting;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import methodos.core.speech.Measure;
import methodos.core.speech.Measures;
import methodos.core.speech.SpokenNumber;
import methodos.core.speech.Token;
import methodos.core.speech.Tokens;
import methodos.core.vocabulary.WordSet;

/** The tokens of a narration with what is known of each: its tag, its verb, its quantity. */
final class Speech {

    private static final Pattern METRIC_THREAD = Pattern.compile("m\\d+(x.*)?");

    private static final Pattern BREAK = Pattern.compile("[.!,:]");

    private static final Set<String> HAS_SIDES =
            WordSet.of("hand side one leg bolt way front back angle");
    private static final Set<String> BEFORE_ING =
            WordSet.of(
                    "by is are be im were youre theyre its start keep stop before after when while"
                            + " without am");
    private static final Set<String> NOUNS_WHEN_ALONE =
            WordSet.of(
                    "free mark clip cap plug screw bolt lock seat drain block chock strap tag label"
                            + " cover grease oil tape tap brush pack hammer drift shim gauge bin hose chalk"
                            + " clamp wedge wire vent");
    private static final Set<String> POINTING = WordSet.of("that this one both same all each");
    private static final Set<String> BEHIND_VERBS =
            WordSet.of("with by until for at around inside under along your which where how");
    private static final Set<String> BEHIND_PARTICLES =
            WordSet.of("with from by until to about of on");
    private static final Set<String> VERBS_WITHOUT_ARTICLE =
            WordSet.of("check hold measure grease turn look");
    private static final Set<String> COMPOUND_HEADS = WordSet.of("valve nut lever knob gun nipple");
    private static final Set<String> BEFORE_THIRD_PERSON =
            WordSet.of("it he she that this which who just each one you");
    private static final Set<String> TELLERS = WordSet.of("i he she we somebody someone");

    /** Verbs that say how a part moves, in a form that is not taken for the parts themselves. */
    private static final Set<String> MOTIONS =
            WordSet.of(
                    "drop fall come go slip spin walk work pop lift turn pull push slide run twist"
                            + " swing fit seat start draw screw");

    private static final Set<String> STARTERS =
            WordSet.of(
                    "and then so now okay ok first next or but alright um uh just please also"
                            + " always plus again finally lastly carefully gently slowly well simply eh");
    private static final Set<String> VERBAL =
            WordSet.of(
                    "to you we i they can will should must dont never lets gonna cant youll ill"
                            + " wont may could not would");

    private final Tokens tokens;
    private final List<String> tags;
    private final Lexicon lexicon;
    private final List<Measure> measures;
    private final int[] measureAt;

    /** For each token how many measures begin before it; one more for the end. */
    private final int[] measuresBefore;

    private final String lengthUnit;
    private final boolean runsOn;

    Speech(List<Token> tokens, List<String> tags, Lexicon lexicon) {
        this.tokens = new Tokens(tokens);
        this.tags = tags;
        this.lexicon = lexicon;
        this.measures = Measures.in(tokens);
        this.measureAt = new int[tokens.size()];
        this.measuresBefore = new int[tokens.size() + 1];
        Arrays.fill(measureAt, -1);
        for (int m = 0; m < measures.size(); m++) {
            Arrays.fill(measureAt, measures.get(m).from(), measures.get(m).to(), m);
            measuresBefore[measures.get(m).from() + 1] = 1;
        }
        for (int i = 1; i < measuresBefore.length; i++) {
            measuresBefore[i] += measuresBefore[i - 1];
        }
        long inches = measures.stream().filter(m -> m.unit().equals("in")).count();
        long metric = measures.stream().filter(m -> m.unit().equals("mm")).count();
        this.lengthUnit = inches > metric ? "in" : "mm";
        long marked = tokens.stream().filter(t -> !t.mark().isEmpty()).count();
        this.runsOn = marked * 40 < tokens.size();
    }

    /** The unit of length that is spoken in, for figures that are said without one. */
    String lengthUnit() {
        return lengthUnit;
    }

    /** Whether sentences are not marked, as in what recognition of speech hands over. */
    boolean runsOn() {
        return runsOn;
    }

    int size() {
        return tokens.size();
    }

    Token token(int i) {
        return tokens.get(i);
    }

    List<Token> tokens() {
        return tokens.list();
    }

    Lexicon lexicon() {
        return lexicon;
    }

    /** The word, or nothing outside the narration. */
    String word(int i) {
        return tokens.word(i);
    }

    String tag(int i) {
        return i < 0 || i >= tags.size() ? "" : tags.get(i);
    }

    /** Whether a word only holds speech together; "mm" is a hum, but not behind a figure. */
    boolean filler(int i) {
        return Grammar.FILLERS.contains(word(i))
                && !(word(i).equals("right") && rightIsSide(i))
                && measureAt(i).isEmpty();
    }

    private boolean rightIsSide(int i) {
        return HAS_SIDES.contains(word(i + 1))
                || Set.of("the", "left", "to", "on").contains(word(i - 1));
    }

    /** The next word that says something, within a clause's end. */
    int next(int i, int end) {
        int n = i + 1;
        while (n < end && filler(n)) {
            n++;
        }
        return n;
    }

    int previous(int i, int start) {
        int p = i - 1;
        while (p >= start && filler(p)) {
            p--;
        }
        return p;
    }

    Optional<Measure> measureAt(int i) {
        return i < 0 || i >= measureAt.length || measureAt[i] < 0
                ? Optional.empty()
                : Optional.of(measures.get(measureAt[i]));
    }

    /** The quantities that begin within a stretch. */
    List<Measure> measures(int from, int to) {
        int last = Math.min(to, tokens.size());
        int first = Math.max(from, 0);
        return first >= last
                ? List.of()
                : measures.subList(measuresBefore[first], measuresBefore[last]);
    }

    /** Whether the words of a phrase, with a blank between each, are said from a place on. */
    boolean phrase(int i, String phrase) {
        return tokens.phrase(i, phrase);
    }

    /** Where a phrase begins within a stretch, -1 where it is not said. */
    int find(int from, int to, String phrase) {
        for (int i = from; i < to; i++) {
            int behind = tokens.behind(i, phrase);
            if (behind >= 0 && behind <= to) {
                return i;
            }
        }
        return -1;
    }

    boolean has(int from, int to, String... phrases) {
        return hasAny(from, to, List.of(phrases));
    }

    boolean hasAny(int from, int to, Collection<String> phrases) {
        return phrases.stream().anyMatch(phrase -> find(from, to, phrase) >= 0);
    }

    String text(int from, int to) {
        StringBuilder out = new StringBuilder();
        for (int i = from; i < to; i++) {
            if (!out.isEmpty()) {
                out.append(' ');
            }
            out.append(word(i));
        }
        return out.toString();
    }

    boolean number(int i) {
        return SpokenNumber.begins(word(i));
    }

    boolean determiner(int i) {
        return Grammar.DETERMINERS.contains(word(i));
    }

    /** Whether an object can begin here: "the nut", "it", "four screws", "new seals". */
    boolean beginsObject(int i) {
        String w = word(i);
        return Grammar.DETERMINERS.contains(w) && !w.equals("no")
                || Grammar.OBJECTS.contains(w)
                || number(i)
                || w.equals("new")
                || METRIC_THREAD.matcher(w).matches();
    }

    /** The verb at a place of a clause that begins at {@code start}, if the word is one there. */
    Optional<Verb.Met> verbAt(int i, int start, int end) {
        Optional<Verb.Met> met = lexicon.verb(tokens.get(i));
        if (word(i).equals("number") && number(i + 1)) { // "number three is longer"
            return Optional.empty();
        }
        return met.isPresent() && isVerb(i, start, end, met.get()) ? met : Optional.empty();
    }

    private boolean isVerb(int i, int start, int end, Verb.Met met) {
        int p = previous(i, start);
        String before = p < start ? "" : word(p);
        boolean parted = p >= start && !tokens.get(p).mark().isEmpty();
        return switch (met.form()) {
            case BASE -> base(i, end, met.verb(), parted ? "" : before, p, start);
            case THIRD_PERSON -> thirdPerson(i, end, met.verb(), before);
            case PAST, PARTICIPLE -> passive(i, start) || pastBy(before);
            case ING -> BEFORE_ING.contains(before);
        };
    }

    private boolean base(int i, int end, Verb verb, String before, int p, int start) {
        if (Grammar.DETERMINERS.contains(before)
                && !before.equals("that")
                && !before.equals("both")
                && !before.equals("one")
                && !before.equals("all")
                && !before.equals("each")) {
            return false;
        }
        boolean starts = before.isEmpty() || STARTERS.contains(before);
        boolean verbal = VERBAL.contains(before);
        boolean preposition = Grammar.PREPOSITIONS.contains(before) && !before.equals("to");
        if (!verb.alsoNoun()) {
            return starts || verbal || !preposition && !Set.of("that", "old").contains(before);
        }
        if (verbal) {
            return true;
        }
        if (preposition) {
            return false;
        }
        if (!tokens.get(i).mark().isEmpty()) {
            return starts
                    && BREAK.matcher(tokens.get(i).mark()).matches()
                    && !hasWordsBefore(i, start)
                    && verb.action() != null
                    && !NOUNS_WHEN_ALONE.contains(verb.base());
        }
        int n = next(i, end);
        if (n < end && tokens.get(n).mark().equals(":") && !beginsObject(n)) {
            return false;
        }
        String after = n >= end ? "" : word(n);
        if (Set.of("clean", "dry", "warm", "cool").contains(verb.base())
                && lexicon.consumable(after).isPresent()) {
            return false;
        }
        boolean object = beginsObject(n) && n < end;
        if (!starts) {
            return object
                    && !number(n)
                    && (!POINTING.contains(after)
                            || Set.of("that", "this", "those").contains(after)
                                    && Grammar.PARTICLES.contains(word(n + 1)))
                    && !Grammar.EVALUATIVE.contains(before)
                    && !lexicon.verb(tokens.get(p)).isPresent();
        }
        if (object) {
            return true;
        }
        if (after.isEmpty()) {
            return !hasWordsBefore(i, start) && verb.action() != null;
        }
        if (BEHIND_VERBS.contains(after)) {
            return true;
        }
        if (verb.particles().containsKey(after) || Grammar.PARTICLES.contains(after)) {
            int beyond = next(n, end);
            if (verb.actionWith(after) == null) {
                return false;
            }
            boolean more = beyond < end && tokens.get(n).mark().isEmpty();
            return more && (beginsObject(beyond) || BEHIND_PARTICLES.contains(word(beyond)))
                    || "clean".equals(verb.action()) && !Set.of("on", "in", "up").contains(after);
        }
        if (Grammar.ADVERBS.contains(after)) {
            return true;
        }
        return tag(i).equals("VERB") && !before.isEmpty()
                || "clean".equals(verb.action()) && !after.equals("cloth")
                || VERBS_WITHOUT_ARTICLE.contains(verb.base()) && !COMPOUND_HEADS.contains(after);
    }

    private boolean hasWordsBefore(int i, int start) {
        for (int k = start; k < i; k++) {
            if (!filler(k) && !STARTERS.contains(word(k))) {
                return true;
            }
        }
        return false;
    }

    private boolean thirdPerson(int i, int end, Verb verb, String before) {
        if (Grammar.DETERMINERS.contains(before) && !Set.of("that", "this").contains(before)) {
            return false;
        }
        if (BEFORE_THIRD_PERSON.contains(before)) {
            return true;
        }
        int n = next(i, end);
        String after = n >= end || !tokens.get(i).mark().isEmpty() ? "" : word(n);
        boolean moves = MOTIONS.contains(verb.base());
        if (verb.alsoNoun() && !moves) {
            return false;
        }
        return !before.isEmpty()
                && !number(i - 1)
                && (Grammar.PARTICLES.contains(after)
                        || Grammar.ADVERBS.contains(after)
                        || Grammar.PREPOSITIONS.contains(after));
    }

    private static boolean pastBy(String before) {
        return TELLERS.contains(before);
    }

    /** Whether a form of "to be" stands before a participle, with adverbs between at most. */
    boolean passive(int i, int start) {
        int p = previous(i, start);
        while (p >= start && Grammar.ADVERBS.contains(word(p))) {
            p = previous(p, start);
        }
        return p >= start && Grammar.BE.contains(word(p));
    }

    /** Whether the verb at a place is told of the past: "I took the lid off". */
    boolean past(int i, int start) {
        Optional<Verb.Met> met = lexicon.verb(tokens.get(i));
        if (met.isEmpty()
                || met.get().form() != Verb.Form.PAST
                || word(i).equals("got")
                || passive(i, start)) {
            return false;
        }
        int p = previous(i, start);
        return p >= start && pastBy(word(p));
    }
}
