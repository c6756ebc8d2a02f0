package methodos.narration.draft;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.speech.SpokenNumber;
import methodos.narration.grammar.Utterance;

/** In which order fasteners are tightened or loosened: "1-4-2-3", "in a star", "crosswise". */
final class FastenerOrder {

    private static final Pattern NUMBERS = Pattern.compile("\\b(\\d+(?:-\\d+){2,})\\b");

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
        if (text.matches(".*\\b(star|star pattern)\\b.*")
                && !text.contains("rubber star")
                && !text.contains("star out")
                && text.matches(
                        ".*\\b(in|a|same|the) (same )?star\\b.*|.*star pattern.*|.*star-wise.*")) {
            return "star";
        }
        if (text.matches(
                ".*\\b(criss cross|criss-cross|crisscross|crosswise|cross pattern(?!-)|corner to corner|diagonally|diagonal|crossways|cross ways|over cross|in a cross|a cross|cross first|cross wise)\\b(?!-).*")) {
            return "cross";
        }
        if (text.matches(".*\\b(alternately|alternating|alternate sides)\\b.*")) {
            return "alternating";
        }
        if (text.matches(".*\\b(opposite pairs|opposing|opposites|opposite sides)\\b.*")) {
            return "opposing";
        }
        if (text.matches(
                        ".*\\b(middle first|inside out|centre out|center out|from the (middle|centre|center)( outwards?| out)?|middle outwards?|middle out)\\b.*")
                && !text.contains("outside in")
                && !text.contains("turn")) {
            return "inside-out";
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
