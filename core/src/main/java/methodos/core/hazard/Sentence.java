package methodos.core.hazard;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.vocabulary.WordSet;

/**
 * The words of a text with what stands between them, as far as it tells where a clause begins and
 * which words belong to the name of one thing.
 */
record Sentence(List<String> words, List<Integer> breaks, Set<Integer> owners) {

    /** How strongly a word is parted from the one before it. */
    static final int NOT = 0;

    static final int COMMA = 1;
    static final int STOP = 2;

    private static final Pattern PIECE =
            Pattern.compile(
                    "(?<word>[\\p{L}\\p{N}°µ%]+(?:[.,]\\d+)?)(?<owner>['’]s\\b)?|(?<mark>[.,;:!?()–—])");

    /** "don't": one word. */
    private static final Pattern NOT_SHORT = Pattern.compile("n['’]t\\b");

    private static final Set<String> ARTICLES =
            WordSet.of(
                    "the a an its their his her your our my this that these those both each every"
                            + " all any some no another either neither");
    private static final Set<String> PREPOSITIONS =
            WordSet.of(
                    "of from to into onto on in at by with below beneath underneath under over above"
                            + " behind beside between against through along around across off out"
                            + " within inside outside near next after for during until till past per like"
                            + " towards toward round than as via upon");
    private static final Set<String> PARTICLES =
            WordSet.of(
                    "off out up down away back apart on in over through loose free open shut"
                            + " together under round around upright");
    private static final Set<String> LINKS = WordSet.of("and or then but plus");
    private static final Set<String> CLAUSES =
            WordSet.of(
                    "if when once after before while where as so because which who unless until"
                            + " whenever whether how that till since for by");
    private static final Set<String> PRONOUNS =
            WordSet.of("you we i they it he she one us me them him let lets who which that there");
    private static final Set<String> HELPERS =
            WordSet.of(
                    "is are was were be been being can could will would should must may might has"
                            + " have had do does did needs need gets get got go going goes stays"
                            + " comes come");
    private static final Set<String> MOVING = WordSet.of("come comes go goes");
    private static final Set<String> BEING = WordSet.of("is are was were has have must can");
    private static final Set<String> NUMBERS =
            WordSet.of(
                    "two three four five six seven eight nine ten eleven twelve thirteen fourteen"
                            + " fifteen sixteen seventeen eighteen nineteen twenty thirty forty"
                            + " fifty sixty seventy eighty ninety hundred thousand half");
    private static final Set<String> NEGATIONS =
            WordSet.of("not never dont nobody without cannot cant neither nor instead");
    private static final Set<String> ADVERBS =
            WordSet.of(
                    "now then first again twice once still just only please straight right well very"
                            + " also always already quite too both about good here there overnight"
                            + " forward forwards backward backwards sideways flush afterwards later");

    private static final Set<String> NOUNS_IN_LY =
            WordSet.of("supply assembly subassembly family anomaly reply apply multiply comply");

    /** Reads the words of a text. */
    static Sentence of(String text) {
        List<String> words = new ArrayList<>();
        List<Integer> breaks = new ArrayList<>();
        Set<Integer> owners = new HashSet<>();
        Matcher pieces =
                PIECE.matcher(
                        NOT_SHORT
                                .matcher(text.toLowerCase(Locale.ROOT))
                                .replaceAll("nt")
                                .replace('-', ' '));
        int parted = STOP;
        while (pieces.find()) {
            if (pieces.group("word") == null) {
                parted = Math.max(parted, ",()".contains(pieces.group("mark")) ? COMMA : STOP);
                continue;
            }
            if (pieces.group("owner") != null) {
                owners.add(words.size());
            }
            words.add(pieces.group("word"));
            breaks.add(parted);
            parted = NOT;
        }
        return new Sentence(List.copyOf(words), List.copyOf(breaks), Set.copyOf(owners));
    }

    /** The words of a text alone. */
    static List<String> words(String text) {
        return of(text).words;
    }

    int size() {
        return words.size();
    }

    String word(int i) {
        return i >= 0 && i < words.size() ? words.get(i) : "";
    }

    /** How strongly a word is parted from the one before it; a text ends with a stop. */
    int parted(int i) {
        return i < breaks.size() ? breaks.get(i) : STOP;
    }

    boolean owns(int i) {
        return owners.contains(i);
    }

    /** Whether a number is said in it. */
    boolean numbers() {
        for (int i = 0; i < size(); i++) {
            if (number(i)) {
                return true;
            }
        }
        return false;
    }

    boolean number(int i) {
        return NUMBERS.contains(word(i))
                || !word(i).isEmpty() && Character.isDigit(word(i).charAt(0));
    }

    boolean article(int i) {
        return ARTICLES.contains(word(i));
    }

    boolean preposition(int i) {
        return PREPOSITIONS.contains(word(i));
    }

    boolean particle(int i) {
        return PARTICLES.contains(word(i));
    }

    boolean link(int i) {
        return LINKS.contains(word(i));
    }

    boolean clause(int i) {
        return CLAUSES.contains(word(i));
    }

    boolean pronoun(int i) {
        return PRONOUNS.contains(word(i));
    }

    boolean helper(int i) {
        return HELPERS.contains(word(i));
    }

    /** Whether the word says how a thing is: "is", "are" ... */
    boolean is(int i) {
        return BEING.contains(word(i));
    }

    /** "Comes" and "goes": with "off" or "in" behind it the thing is moved. */
    boolean moves(int i) {
        return MOVING.contains(word(i));
    }

    boolean negation(int i) {
        return NEGATIONS.contains(word(i));
    }

    boolean adverb(int i) {
        return ADVERBS.contains(word(i))
                || word(i).length() > 4 && word(i).endsWith("ly") && !NOUNS_IN_LY.contains(word(i));
    }

    /** Whether a word has a place of its own in a sentence and names nothing. */
    boolean grammar(int i) {
        return article(i)
                || preposition(i)
                || particle(i)
                || link(i)
                || clause(i)
                || pronoun(i)
                || helper(i)
                || negation(i);
    }
}
