package methodos.core.drafting;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What a clause says besides who does what: tools, consumables, order, way round, document. */
final class Said {

    private static final Pattern LEFT_HAND =
            Pattern.compile(
                    ".*\\bleft (hand )?thread.*"
                            + "|.*\\bleft hand(?! (?:side|one|pocket|cover|cap|wheel|door|bracket|panel|plate|spring|pedal|piston)\\b)( .*)?");
    private static final Pattern BY_HAND =
            Pattern.compile(
                    "\\b(by hand|hand tight|finger tight|hand-tight|finger-tight|with the hand"
                            + "|with your fingers)\\b");
    private static final Pattern CLOCKWISE = Pattern.compile("\\bclockwise\\b");
    private static final Pattern ANTICLOCKWISE = Pattern.compile("\\banticlockwise\\b");
    private static final Pattern TIGHTENING =
            Pattern.compile("\\b(close|fast|tight|tighten|newton|do it up)\\b");
    private static final Pattern UNDOING = Pattern.compile("\\b(open|loose|undo|off)\\b");
    private static final Pattern PROTECTION =
            Pattern.compile(
                    "\\b(glasses|goggles|eye protection|eye-protection|turn your face"
                            + "|face away)\\b");

    final List<Finding.ToolSaid> tools = new ArrayList<>();
    final Set<String> consumables = new LinkedHashSet<>();
    final Set<String> hazards = new LinkedHashSet<>();
    private final boolean[] taken;
    String pattern;
    String orientation;
    String reference;
    boolean leftHand;
    boolean clockwise;
    boolean anticlockwise;
    boolean byHand;

    /** Whether a consumable is said that must not be used: "with no tape". */
    boolean withNo;

    /** The model, option or season for which it holds; null for all. */
    String condition;

    private final Speech speech;
    private final int from;
    private final int to;

    private Said(Speech speech, int from, int to) {
        this.speech = speech;
        this.from = from;
        this.to = to;
        this.taken = new boolean[to - from];
    }

    static Said in(Speech speech, int from, int to) {
        Said said = new Said(speech, from, to);
        said.read();
        return said;
    }

    boolean taken(int i) {
        return i >= from && i < to && taken[i - from];
    }

    /** Marks words as read, so that they name nothing else. */
    void take(int a, int b) {
        for (int i = Math.max(from, a); i < Math.min(to, b); i++) {
            taken[i - from] = true;
        }
    }

    private void read() {
        ToolsSaid toolsSaid = new ToolsSaid(speech, this, from, to);
        ConsumablesSaid consumablesSaid = new ConsumablesSaid(speech, this, from, to);
        int i = from;
        while (i < to) {
            int behind = consumablesSaid.at(i);
            if (behind < 0) {
                behind = toolsSaid.at(i);
            }
            i = Math.max(behind, i + 1);
        }
        String text = speech.text(from, to);
        pattern = FastenerOrder.of(speech, from, to);
        orientation = WayRound.of(text);
        reference = DocumentsSaid.of(speech, this, from, to);
        condition = ModelsSaid.of(text);
        turning(text);
        hazards(text);
    }

    private void turning(String text) {
        leftHand = LEFT_HAND.matcher(text).matches() && !text.contains("left hand end");
        byHand = BY_HAND.matcher(text).find();
        clockwise =
                CLOCKWISE.matcher(text).find()
                        || text.contains("to the right") && UNDOING.matcher(text).find();
        anticlockwise =
                ANTICLOCKWISE.matcher(text).find()
                        || text.contains("to the left") && TIGHTENING.matcher(text).find();
    }

    private void hazards(String text) {
        if (PROTECTION.matcher(text).find()) {
            hazards.add("eye injury");
        }
        hazards.addAll(speech.lexicon().hazards().said(speech, from, to));
        if (heavy()) {
            hazards.add("heavy load");
        }
    }

    /** The words of a stretch, null where punctuation parts them. */
    String phrase(int i, int n) {
        for (int k = i; k < i + n - 1; k++) {
            if (!speech.token(k).mark().isEmpty()) {
                return null;
            }
        }
        return speech.text(i, i + n);
    }

    /** Whether a word describes the name behind it: "blue" threadlocker. */
    boolean describes(int i) {
        String w = speech.word(i);
        return speech.token(i).mark().isEmpty()
                && !speech.filler(i)
                && !Grammar.DETERMINERS.contains(w)
                && !Grammar.PREPOSITIONS.contains(w)
                && !Grammar.EVALUATIVE.contains(w)
                && !Grammar.CONJUNCTIONS.contains(w)
                && (!Grammar.ADVERBS.contains(w)
                        || Set.of("soft", "hard", "flat", "square").contains(w))
                && !Grammar.PARTICLES.contains(w)
                && !Grammar.AUXILIARIES.contains(w)
                && !Grammar.PRONOUNS.contains(w)
                && speech.measureAt(i).isEmpty()
                && !speech.number(i)
                && speech.verbAt(i, from, to).isEmpty()
                && !w.equals("take")
                && !w.equals("use")
                && !w.equals("using")
                && !w.equals("get");
    }

    /** 8 kg, or 20 lb: more than that is said because it matters. */
    private boolean heavy() {
        return speech.measures(from, to).stream()
                .filter(m -> m.max() != null)
                .anyMatch(
                        m ->
                                m.unit().equals("kg") && m.max().toDouble() >= 8
                                        || m.unit().equals("lb") && m.max().toDouble() >= 20);
    }

    /** Whether a lubricant is among the consumables. */
    boolean lubricant() {
        return groups().anyMatch("lubricant"::equals);
    }

    boolean sealant() {
        return groups().anyMatch("sealant"::equals);
    }

    boolean cleaner() {
        return groups().anyMatch("cleaner"::equals);
    }

    /** The groups of the consumables, found by the ends of their names: "blue threadlocker". */
    private Stream<String> groups() {
        return consumables.stream()
                .map(
                        name -> {
                            String tail = name;
                            while (speech.lexicon().consumable(tail).isEmpty()
                                    && tail.indexOf(' ') >= 0) {
                                tail = tail.substring(tail.indexOf(' ') + 1);
                            }
                            return speech.lexicon().consumable(tail);
                        })
                .flatMap(Optional::stream)
                .map(Lexicon.Consumable::group);
    }
}
