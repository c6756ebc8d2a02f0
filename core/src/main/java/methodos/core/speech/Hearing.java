package methodos.core.speech;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.vocabulary.WordSet;

/**
 * Makes tokens of the words of a transcript: takes punctuation off, splits what is written in one
 * ("+1/8", "PTFE-tape" stays), and puts right what was misheard.
 */
public final class Hearing {

    private static final Pattern PIECE =
            Pattern.compile(
                    "[A-Za-z]\\.(?:[A-Za-z]\\.)+"
                            + "|\\d+(?:-\\d+){3,}"
                            + "|\\d+-\\d+/\\d+"
                            + "|\\d+/\\d+"
                            + "|\\d+(?:st|nd|rd|th)(?![\\p{L}])"
                            + "|\\d{1,3}(?:,\\d{3})+(?!\\d)"
                            + "|\\d*[.,]?\\d+(?=\\D|$)"
                            + "|[\\p{L}\\d]+(?:['’./-][\\p{L}\\d]+)*"
                            + "|->|→|[½¼¾⅛⅜⅝⅞+=%°±≤≥×]|(?<=[\\d½¼¾⅛⅜⅝⅞])\"");
    private static final Pattern NUMBER_UNIT =
            Pattern.compile("(\\d+(?:[.,]\\d+)?)-?([A-Za-z°µ][A-Za-z·.°]*)");
    private static final Pattern PLAIN = Pattern.compile("[a-z]+");
    private static final Pattern CAPITAL_WORD = Pattern.compile("\\p{Lu}\\p{Ll}+.*");
    private static final Pattern SMALL_END = Pattern.compile(".*\\p{Ll}");
    private static final Map<String, String> VULGAR =
            Map.of(
                    "½", "1/2", "¼", "1/4", "¾", "3/4", "⅛", "1/8", "⅜", "3/8", "⅝", "5/8", "⅞",
                    "7/8");
    private static final Set<String> HYPHENATED_NUMBERS =
            WordSet.of(
                    "twenty thirty forty fifty sixty seventy eighty ninety one two three five seven"
                            + " nine half");
    private static final int LONGEST_PHRASE = 4;

    /** Seconds between two captions. */
    private static final double SILENCE = 0.8;

    private static final Set<String> ABBREVIATIONS = WordSet.of("no approx max ca incl fig nr");

    private final Map<String, String> misheard;

    /**
     * @param misheard what is written, in small letters, and what is meant
     */
    public Hearing(Map<String, String> misheard) {
        this.misheard = new HashMap<>(misheard);
    }

    /** The words as they were meant, numbers put together. */
    public List<Token> tokens(Transcript transcript) {
        List<Token> tokens = new ArrayList<>();
        boolean sentences = captionsAreSentences(transcript);
        for (int i = 0; i < transcript.words().size(); i++) {
            // the fraction slash of typography, which recognisers write
            String said = transcript.words().get(i).said().replace('\u2044', '/');
            if (sentences
                    && i > 0
                    && CAPITAL_WORD.matcher(said).matches()
                    && SMALL_END.matcher(transcript.words().get(i - 1).said()).matches()) {
                mark(tokens, tokens.size() - 1, ".");
            }
            split(said, i, tokens);
            if (i + 1 < transcript.words().size() && endsBehind(transcript, i, sentences)) {
                mark(tokens, tokens.size() - 1, ".");
            }
        }
        return corrected(tokens);
    }

    /** Whether a sentence has ended, punctuated or not: by a silence, or with its caption. */
    private static boolean endsBehind(Transcript transcript, int i, boolean sentences) {
        Word word = transcript.words().get(i);
        Word next = transcript.words().get(i + 1);
        boolean nextCaption =
                !transcript.captionOf().get(i).equals(transcript.captionOf().get(i + 1));
        return nextCaption
                && (next.start() - word.end() >= SILENCE || sentences && capital(next.said()));
    }

    /** Whether each caption is written as a line of its own, beginning with a capital letter. */
    private static boolean captionsAreSentences(Transcript transcript) {
        int captions = 0;
        int capitals = 0;
        for (int i = 0; i < transcript.words().size(); i++) {
            if (i == 0
                    || !transcript.captionOf().get(i).equals(transcript.captionOf().get(i - 1))) {
                captions++;
                capitals += capital(transcript.words().get(i).said()) ? 1 : 0;
            }
        }
        return capitals * 10 >= captions * 8;
    }

    private static boolean capital(String said) {
        return !said.isEmpty() && !Character.isLowerCase(said.charAt(0));
    }

    private static void split(String said, int word, List<Token> out) {
        int before = out.size();
        Matcher m = PIECE.matcher(said);
        int end = 0;
        while (m.find()) {
            String lead = said.substring(end, m.start());
            if (lead.contains("(") || lead.contains("[")) {
                mark(out, out.size() - 1, "(");
            } else if (out.size() > before && !lead.isBlank()) {
                mark(out, out.size() - 1, markOf(lead));
            }
            piece(m.group(), word, out);
            end = m.end();
        }
        String tail = said.substring(end).strip();
        if (out.size() > before) {
            mark(out, out.size() - 1, markOf(tail));
        } else if (!out.isEmpty()) {
            mark(out, out.size() - 1, markOf(said));
        }
        // "No. 12" and "approx. 3" go on
        int abbreviated = before - 1;
        if (abbreviated >= 0 && out.size() > before && out.get(before).number()) {
            Token t = out.get(abbreviated);
            if (t.mark().equals(".") && ABBREVIATIONS.contains(t.text())) {
                out.set(abbreviated, new Token(t.text(), t.from(), t.to(), "", t.capital()));
            }
        }
    }

    private static void piece(String piece, int word, List<Token> out) {
        boolean capital = Character.isUpperCase(piece.charAt(0));
        String text = VULGAR.getOrDefault(piece, piece.toLowerCase(Locale.ROOT));
        if (PLAIN.matcher(text).matches()) {
            out.add(new Token(text, word, word + 1, "", capital));
            return;
        }
        text = text.replace('’', '\'').replace("'", "");
        if (text.matches("\\d{1,3}(,\\d{3})+")) {
            text = text.replace(",", "");
        }
        Matcher unit = NUMBER_UNIT.matcher(text);
        if (text.matches("[a-z]\\.([a-z]\\.)+")) {
            text = text.replace(".", "");
        } else if (unit.matches() && !text.matches("\\d+(st|nd|rd|th|x|s)|\\d+[a-z]\\d.*")) {
            out.add(new Token(unit.group(1).replace(',', '.'), word, word + 1, "", capital));
            text = unit.group(2);
        } else if (text.matches("\\d+,\\d+")) {
            text = text.replace(',', '.');
        } else if (text.matches("\\d+[x×]\\d+")) {
            text = text.replace('×', 'x');
        }
        String[] parts = text.split("-");
        boolean number = false;
        for (String part : parts) {
            number |= HYPHENATED_NUMBERS.contains(part) || SpokenNumber.isDenominator(part);
        }
        if (parts.length > 1 && number && !text.matches(".*\\d.*") && !text.equals("two-jaw")) {
            for (String part : parts) {
                if (!part.isEmpty()) {
                    out.add(new Token(part, word, word + 1, "", capital));
                }
            }
        } else if (!text.isEmpty()) {
            out.add(new Token(text, word, word + 1, "", capital));
        }
    }

    private static void mark(List<Token> tokens, int at, String mark) {
        if (at >= 0 && !mark.isEmpty() && !tokens.get(at).endsSentence()) {
            Token t = tokens.get(at);
            tokens.set(at, new Token(t.text(), t.from(), t.to(), mark, t.capital()));
        }
    }

    /** The strongest of the signs, as one. */
    private static String markOf(String signs) {
        for (String sign : List.of("?", "!", ".", "…", ";", ":", ",", "(", ")", "—", "–")) {
            if (signs.contains(sign)) {
                return sign.equals("—") || sign.equals("–") ? "-" : sign;
            }
        }
        return signs.strip().equals("-") ? "-" : "";
    }

    private List<Token> corrected(List<Token> tokens) {
        List<Token> out = new ArrayList<>();
        int i = 0;
        while (i < tokens.size()) {
            int used = 0;
            for (int n = Math.min(LONGEST_PHRASE, tokens.size() - i); n > 0 && used == 0; n--) {
                String meant = misheard.get(phrase(tokens, i, n));
                if (meant != null) {
                    replace(tokens.subList(i, i + n), meant, out);
                    used = n;
                }
            }
            if (used == 0) {
                out.add(tokens.get(i));
                used = 1;
            }
            i += used;
        }
        return out;
    }

    /** The words of so many tokens, or nothing where punctuation parts them. */
    private static String phrase(List<Token> tokens, int from, int count) {
        StringBuilder phrase = new StringBuilder();
        for (int i = from; i < from + count; i++) {
            if (i > from) {
                if (!tokens.get(i - 1).mark().isEmpty()) {
                    return null;
                }
                phrase.append(' ');
            }
            phrase.append(tokens.get(i).text());
        }
        return phrase.toString();
    }

    private static void replace(List<Token> heard, String meant, List<Token> out) {
        Token first = heard.get(0);
        Token last = heard.get(heard.size() - 1);
        String[] words = meant.split(" ");
        for (int i = 0; i < words.length; i++) {
            String mark = i == words.length - 1 ? last.mark() : "";
            out.add(new Token(words[i], first.from(), last.to(), mark, first.capital()));
        }
    }
}
