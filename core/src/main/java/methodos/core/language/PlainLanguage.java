package methodos.core.language;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.memory.Remembered;

/**
 * Holds the words of a step against the rules of plain instructions: one instruction a sentence, at
 * most twenty words, the verb first or the condition before it, no value without its unit, units
 * spelt the same everywhere.
 */
public final class PlainLanguage {

    /** More words than this in one sentence are too many. */
    static final int MOST_WORDS = 20;

    private static final Pattern SENTENCE_END = Pattern.compile("(?<=[.!?])\\s+(?=\\p{Lu})");
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}][\\p{L}\\p{N}'.,·/-]*");
    private static final Pattern LATE_CONDITION =
            Pattern.compile(
                    "^(?<do>\\p{Lu}[^,;:]+?),? (?<if>(if|when|unless) [^,;]+?)(?<end>[.!])$");
    private static final Pattern ABOUT_IT = Pattern.compile("^(if|when|unless) it ");

    /** "the seal", up to a word that says where or how. */
    private static final Pattern THING =
            Pattern.compile(
                    "\\bthe (?:[\\p{L}-]+ ){0,2}?[\\p{L}-]+"
                            + "(?=$| (?:off|on|out|in|down|up|from|into|with|to|again|back|by)\\b)");

    private static final Pattern PRONOUN = Pattern.compile("\\b(it|them|they)\\b");
    private static final Pattern BARE_VALUE =
            Pattern.compile(
                    "\\b(?:torque|tighten|gap|clearance|pressure|float|travel|depth|length|width"
                            + "|thickness|angle)\\b[^.;]*?\\b(?:to|of|at|is|than|least|most)"
                            + " (\\d+(?:\\.\\d+)?)(?=[.,;]?(?:\\s*$|\\. ))",
                    Pattern.CASE_INSENSITIVE);
    private static final Pattern SHORT_FORM =
            Pattern.compile("(?<![\\p{L}\\p{N}-])\\p{Lu}{2,5}(?![\\p{L}\\p{N}-])");

    private final PlainRules rules = PlainRules.shipped();
    private final Remembered<String, List<Remark>> remarks = new Remembered<>(this::read);
    private final Remembered<String, List<String>> forms = new Remembered<>(this::unknownForms);

    /**
     * What is hard to follow in a text; short forms aside, which hang on the rest of the manual.
     */
    public List<Remark> remarks(String text) {
        return remarks.of(text);
    }

    /** Short forms in a text that people outside the trade would have to be told. */
    public List<String> shortForms(String text) {
        return forms.of(text);
    }

    private List<String> unknownForms(String text) {
        List<String> forms = new ArrayList<>();
        Matcher matcher = SHORT_FORM.matcher(text);
        while (matcher.find()) {
            if (!rules.known().contains(matcher.group())) {
                forms.add(matcher.group());
            }
        }
        return forms;
    }

    private List<Remark> read(String text) {
        List<Remark> remarks = new ArrayList<>();
        String[] sentences = SENTENCE_END.split(text.strip());
        for (int i = 0; i < sentences.length; i++) {
            String sentence = sentences[i];
            int words = count(sentence);
            if (words > MOST_WORDS) {
                remarks.add(Remark.of(Remark.Kind.LONG, words));
            }
            opener(sentence, remarks);
            lateCondition(text, sentence, remarks);
            if (i == 0) {
                pronoun(sentence, remarks);
            }
        }
        Matcher bare = BARE_VALUE.matcher(text);
        while (bare.find()) {
            remarks.add(Remark.of(Remark.Kind.NO_UNIT, bare.group(1)));
        }
        units(text, remarks);
        return List.copyOf(remarks);
    }

    private static int count(String sentence) {
        Matcher matcher = WORD.matcher(sentence);
        int count = 0;
        while (matcher.find()) {
            count++;
        }
        return count;
    }

    private void opener(String sentence, List<Remark> remarks) {
        Matcher word = WORD.matcher(sentence);
        if (word.find()) {
            String first = word.group().toLowerCase(Locale.ROOT);
            if (rules.openers().contains(first)) {
                remarks.add(Remark.of(Remark.Kind.OPENER, word.group()));
            }
        }
    }

    /** "Replace the seal if it is worn." becomes "If the seal is worn, replace it." */
    private static void lateCondition(String text, String sentence, List<Remark> remarks) {
        Matcher late = LATE_CONDITION.matcher(sentence);
        if (!late.matches() || late.group("do").toLowerCase(Locale.ROOT).startsWith("if ")) {
            return;
        }
        String condition = late.group("if");
        String instruction = late.group("do");
        Matcher thing = THING.matcher(instruction);
        if (ABOUT_IT.matcher(condition).find() && thing.find()) {
            // what comes first has to name the thing
            condition = ABOUT_IT.matcher(condition).replaceFirst("$1 " + thing.group() + " ");
            instruction = thing.replaceFirst("it");
        }
        String turned =
                Character.toUpperCase(condition.charAt(0))
                        + condition.substring(1)
                        + ", "
                        + Character.toLowerCase(instruction.charAt(0))
                        + instruction.substring(1)
                        + late.group("end");
        remarks.add(
                Remark.of(Remark.Kind.CONDITION_LAST, condition)
                        .proposing(text.replace(sentence, turned)));
    }

    /** The first sentence has nothing in front of it that a pronoun could stand for. */
    private static void pronoun(String sentence, List<Remark> remarks) {
        Matcher pronoun = PRONOUN.matcher(sentence);
        if (pronoun.find() && count(sentence.substring(0, pronoun.start())) <= 1) {
            remarks.add(Remark.of(Remark.Kind.PRONOUN, pronoun.group()));
        }
    }

    private void units(String text, List<Remark> remarks) {
        rules.units()
                .forEach(
                        (spelt, printed) -> {
                            Matcher matcher = UnitSpelling.of(spelt).matcher(text);
                            if (matcher.find()) {
                                String space = printed.equals("°") ? "" : " ";
                                remarks.add(
                                        Remark.of(Remark.Kind.UNIT, spelt, printed)
                                                .proposing(
                                                        matcher.replaceAll(
                                                                "$1"
                                                                        + Matcher.quoteReplacement(
                                                                                space + printed))));
                            }
                        });
    }

    /** A unit behind a number; compiled once for each spelling. */
    private static final class UnitSpelling {
        private static final Map<String, Pattern> COMPILED = new ConcurrentHashMap<>();

        static Pattern of(String spelt) {
            return COMPILED.computeIfAbsent(
                    spelt,
                    s -> Pattern.compile("(\\d)\\s*" + Pattern.quote(s) + "(?![\\p{L}\\p{N}-])"));
        }
    }
}
