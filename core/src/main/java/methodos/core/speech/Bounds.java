package methodos.core.speech;

import java.util.Set;
import java.util.regex.Pattern;
import methodos.core.quantity.Rational;
import methodos.core.speech.Measure.Bound;
import methodos.core.vocabulary.WordSet;

/** Which side of a figure the words around it name: "no more than", "at least", "max". */
final class Bounds {

    private static final Pattern NUMERAL = Pattern.compile("\\d.*");

    private static final Set<String> AT_MOST =
            WordSet.ofPhrases(
                    "no more than, not more than, no longer than, no wider than, no bigger than"
                            + ", no higher than, not longer than, not over, not above, no thicker than");
    private static final Set<String> LESS =
            WordSet.ofPhrases(
                    "less than, smaller than, shorter than, thinner than, lower than, narrower than");
    private static final Set<String> MORE =
            WordSet.ofPhrases(
                    "more than, greater than, bigger than, longer than, larger than, higher than"
                            + ", thicker than, wider than, mustnt exceed, deeper than");
    private static final Set<String> DENIALS =
            WordSet.of("mustnt not never shouldnt cannot cant wont dont");
    private static final Set<String> BOUND_HEDGES =
            WordSet.of("absolute legal the is as a at it be");
    private static final Set<String> HEDGES =
            WordSet.of(
                    "about around roughly maybe like say just the a an approximately exactly"
                            + " another or so of to um uh eh");

    private final Tokens tokens;

    Bounds(Tokens tokens) {
        this.tokens = tokens;
    }

    // ---------------------------------------------------------------- bounds

    /** The quantity as the words bound it. */
    Measure bounded(Measure m) {
        if (!m.single()) {
            return m;
        }
        Bound bound = boundBehind(m.to());
        if (bound == Bound.NONE) {
            bound = boundBefore(m.from());
        }
        // "bring them up to forty newton metres", "warm it up to ninety": where to, and no limit
        if (bound == Bound.AT_MOST && upTo(m.from()) && (m.torque() || m.temperature())) {
            bound = Bound.NONE;
        }
        Rational v = m.min();
        return switch (bound) {
            case AT_LEAST, MORE -> new Measure(m.from(), m.to(), v, null, m.unit(), bound);
            case AT_MOST, LESS -> new Measure(m.from(), m.to(), null, v, m.unit(), bound);
            case NONE -> m;
        };
    }

    private boolean upTo(int at) {
        int i = at;
        while (i > 0 && at - i < 4 && HEDGES.contains(tokens.word(i - 1))) {
            i--;
        }
        for (int k = i; k < at; k++) {
            if (tokens.word(k).equals("to") && tokens.word(k - 1).equals("up")) {
                return true;
            }
        }
        return tokens.phrase(at - 2, "up to");
    }

    private Bound boundBefore(int at) {
        int i = at;
        while (i > 0 && (HEDGES.contains(tokens.word(i - 1))) && at - i < 4) {
            if (tokens.word(i - 1).equals("to") && tokens.word(i - 2).equals("up")) {
                return Bound.AT_MOST;
            }
            i--;
        }
        String one = tokens.word(i - 1);
        String two = tokens.word(i - 2) + " " + one;
        String three = tokens.word(i - 3) + " " + two;
        if (AT_MOST.contains(three)) {
            return Bound.AT_MOST;
        }
        if (Set.of(
                        "no less than",
                        "not less than",
                        "no shorter than",
                        "no smaller than",
                        "not under")
                .contains(three)) {
            return Bound.AT_LEAST;
        }
        if (three.endsWith("not over") || three.endsWith("not above")) {
            return Bound.AT_MOST;
        }
        if (Set.of("at least", "minimum of").contains(two)) {
            return Bound.AT_LEAST;
        }
        if (Set.of("at most", "maximum of", "up to", "be until").contains(two)) {
            return Bound.AT_MOST;
        }
        if (LESS.contains(two)) {
            return denied(at) ? Bound.AT_LEAST : Bound.LESS;
        }
        if (MORE.contains(two)) {
            return denied(at) ? Bound.AT_MOST : Bound.MORE;
        }
        return switch (one) {
            case "max", "maximum", "within", "exceed", "≤" -> Bound.AT_MOST;
            case "min", "minimum", "≥" -> Bound.AT_LEAST;
            case "under", "below" -> Bound.LESS;
            case "over", "above" -> Bound.MORE;
            case "until" -> tokens.word(i - 2).equals("be") ? Bound.AT_MOST : Bound.NONE;
            default -> Bound.NONE;
        };
    }

    /** "it mustnt sink more than". */
    private boolean denied(int at) {
        for (int i = at - 3; i >= Math.max(0, at - 7); i--) {
            if (DENIALS.contains(tokens.word(i))) {
                return true;
            }
        }
        return false;
    }

    /** "forty-two, minimum thirty-nine": the word bounds the number behind it. */
    private boolean numberAt(int i) {
        return NUMERAL.matcher(tokens.word(i)).matches() || SpokenNumber.begins(tokens.word(i));
    }

    private Bound boundBehind(int at) {
        if (at > 0 && at <= tokens.size() && tokens.get(at - 1).endsSentence()) {
            return Bound.NONE;
        }
        int i = at;
        while (BOUND_HEDGES.contains(tokens.word(i)) && i - at < 5) {
            i++;
        }
        if (tokens.phrase(i, "max")
                || tokens.phrase(i, "maximum")
                || tokens.phrase(i, "most")
                || tokens.phrase(i, "tops")
                || tokens.phrase(at, "or less")
                || tokens.phrase(at, "or under")) {
            return numberAt(i + 1) ? Bound.NONE : Bound.AT_MOST;
        }
        if (tokens.phrase(i, "min")
                || tokens.phrase(i, "minimum")
                || tokens.phrase(i, "least")
                || tokens.phrase(at, "or more")
                || tokens.phrase(at, "or over")) {
            return numberAt(i + 1) ? Bound.NONE : Bound.AT_LEAST;
        }
        return Bound.NONE;
    }
}
