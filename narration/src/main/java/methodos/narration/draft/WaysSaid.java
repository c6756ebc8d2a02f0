package methodos.narration.draft;

import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import methodos.narration.grammar.Utterance;

/**
 * Gives each step how it is done: in which order, which way round, until when, why, by which
 * document, on which thread, and what danger its words call by name.
 */
final class WaysSaid {

    private static final List<String> LEFT_HAND =
            List.of("left hand thread", "left hand", "left thread", "reverse thread");

    private static final int THREAD_REACH = 25;
    private static final int SHORT = 7;
    private static final int MOST_WORDS = 14;

    private final Utterance said;
    private final List<Sketch> sketches;
    private final HazardsSaid hazards;
    private final BitSet beginnings = new BitSet();

    WaysSaid(Utterance said, List<Sketch> sketches, HazardsSaid hazards) {
        this.said = said;
        this.sketches = sketches;
        this.hazards = hazards;
        sketches.forEach(s -> beginnings.set(s.from));
    }

    void give() {
        sketches.forEach(this::give);
        threads();
    }

    /** A left-hand thread belongs to what is turned next to where it is said. */
    private void threads() {
        for (int i = 0; i < said.size(); i++) {
            int at = i;
            boolean said = LEFT_HAND.stream().anyMatch(p -> this.said.phrase(at, p));
            boolean side =
                    !this.said.hasAny(i, i + 3, List.of("thread", "threads", "threaded"))
                            && this.said.vocabulary().things().names(this.said.word(i + 2));
            if (!said || side) {
                continue;
            }
            sketches.stream()
                    .filter(
                            s ->
                                    s.is(
                                            "loosen",
                                            "tighten",
                                            "remove",
                                            "install",
                                            "turn",
                                            "hand-tighten"))
                    .filter(s -> distance(s, at) <= THREAD_REACH)
                    .min(Comparator.comparingInt(s -> distance(s, at)))
                    .ifPresent(s -> s.leftHand = true);
        }
    }

    private static int distance(Sketch s, int word) {
        return word < s.from ? s.from - word : word >= s.to ? word - s.to + 1 : 0;
    }

    /**
     * Behind the words that go on with a step: to the end of its sentence or the next step, and
     * over a few words behind it that only say which way round: "Circlip in. Chamfer up."
     */
    private int statementEnd(Sketch s) {
        int end = sentenceEnd(s.to);
        int next = sentenceEnd(end);
        boolean way =
                next > end
                        && next - end <= SHORT
                        && !begins(end)
                        && WayRound.of(said.text(end, next), s.action) != null;
        return way ? next : end;
    }

    private int sentenceEnd(int from) {
        int end = from;
        while (end < said.size() && (end == from || !said.ends(end - 1)) && !begins(end)) {
            end++;
        }
        return said.ends(from - 1) && from == end ? from : end;
    }

    /** Behind the words up to the next punctuation: "look which way | the bar points,". */
    private int told(Sketch s) {
        int end = s.told;
        while (!said.runsOn()
                && end - s.told < MOST_WORDS
                && said.mark(end - 1).isEmpty()
                && end < said.size()
                && !begins(end)) {
            end++;
        }
        return said.mark(end - 1).isEmpty() ? s.told : end;
    }

    /** "until it touches", up to the next step. */
    private String until(Sketch s) {
        int at = said.find(s.from, s.to, "until");
        if (at < 0 && said.word(s.to).equals("until") && !said.ends(s.to - 1)) {
            at = s.to;
        }
        int end = at + 1;
        while (at >= 0
                && end - at < MOST_WORDS
                && !said.ends(end - 1)
                && said.mark(end - 1).isEmpty()
                && !begins(end)) {
            end++;
        }
        return at >= 0 && end - at > 1 ? said.text(at, end) : null;
    }

    /** "because it is preloaded", up to the next step. */
    private String why(Sketch s) {
        int end = statementEnd(s);
        int at = said.find(s.from, end, "because");
        int to = at + 1;
        while (at >= 0 && to < end && to - at < MOST_WORDS && !said.mark(to - 1).equals(",")) {
            to++;
        }
        return at >= 0 && to - at > 2 ? said.text(at + 1, to) : null;
    }

    private boolean begins(int word) {
        return beginnings.get(word);
    }

    /** Gives a step what its words say beside its things and figures. */
    private void give(Sketch s) {
        s.pattern = FastenerOrder.of(said, s.from, s.to);
        s.orientation = WayRound.of(said.text(s.from, statementEnd(s)), s.action);
        s.until = until(s);
        s.told = told(s);
        s.why = why(s);
        s.reference = DocumentsSaid.of(said, s.from, statementEnd(s));
        s.hazards.addAll(hazards.said(said, s.from, s.to));
    }
}
