package methodos.narration.draft;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.speech.SpokenNumber;
import methodos.narration.grammar.Utterance;

/** In which order fasteners are tightened or loosened: "1-4-2-3", "in a star", "crosswise". */
final class FastenerOrder {

    private static final Pattern NUMBERS = Pattern.compile("\\b(\\d+(?:-\\d+){2,})\\b");

    /** How orders are called, each by the words that people have for it. */
    private static final Map<String, Pattern> WAYS = new LinkedHashMap<>();

    static {
        way("star", "(?:in a|a|same|the) (?:same )?star(?! out)|star pattern|star-wise");
        way(
                "cross",
                "(?:criss cross|criss-cross|crisscross|crosswise|cross pattern|corner to corner"
                        + "|diagonally|diagonal|crossways|cross ways|over cross|in a cross|a cross"
                        + "|cross first|cross wise)(?!-)");
        way("alternating", "alternately|alternating|alternate sides");
        way("opposing", "opposite pairs|opposing|opposites|opposite sides");
        way(
                "inside-out",
                "middle first|inside out(?! turn)|centre out|center out"
                        + "|from the (?:middle|centre|center)(?: outwards?| out)|middle outwards?|middle out");
    }

    private static void way(String order, String words) {
        WAYS.put(order, Pattern.compile("\\b(?:" + words + ")\\b"));
    }

    private FastenerOrder() {}

    // ---------------------------------------------------------------- order and way round

    /** A sequence of numbers, or the name of a pattern; null where none is said. */
    static String of(Utterance speech, int from, int to) {
        String text = speech.text(from, to);
        Matcher order = NUMBERS.matcher(text);
        if (order.find()) {
            return order.group(1);
        }
        if (text.contains("order")) {
            String spoken = spoken(speech, from, to);
            if (spoken != null) {
                return spoken;
            }
        }
        for (Map.Entry<String, Pattern> way : WAYS.entrySet()) {
            if (way.getValue().matcher(text).find()) {
                return way.getKey();
            }
        }
        return null;
    }

    private static String spoken(Utterance speech, int from, int to) {
        StringBuilder order = new StringBuilder();
        int run = 0;
        for (int i = from; i < to; i++) {
            Optional<SpokenNumber> n = SpokenNumber.at(speech.tokens(), i);
            if (n.isPresent() && n.get().used() == 1 && n.get().value().toDouble() < 20) {
                order.append(run == 0 ? "" : "-").append(n.get().value());
                run++;
            } else if (run >= 3) {
                break;
            } else if (run > 0 && !speech.word(i).equals("and")) {
                run = 0;
                order.setLength(0);
            }
        }
        return run >= 3 ? order.toString() : null;
    }
}
