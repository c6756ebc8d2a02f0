package methodos.core.drafting;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.speech.Measure;
import methodos.core.speech.SpokenNumber;
import methodos.core.speech.WordSet;

/** What a clause says besides who does what: tools, consumables, order, way round, document. */
final class Said {

    private static final Set<String> BETWEEN_SIZE_AND_TOOL =
            WordSet.of("deep long ring open box combination drive impact pin c");
    private static final Set<String> MACHINES =
            WordSet.of("pump drill saw stone blade oven heater hoist meter");
    private static final Set<String> PARTS_NAMED_BY_TOOLS =
            WordSet.of("motor pin plug bolt screw spring housing cover");
    private static final Set<String> COMPOUNDS =
            WordSet.of(
                    "seal seals case level plug pan pump filter nipple cup cap tank passage"
                            + " passages gun can hose pipe ring wheel brush measure groove line cooler vapour"
                            + " gauge duct stripe roller bath quantity drain hole holes port ports wiper");
    private static final Set<String> SENDS =
            WordSet.ofPhrases(
                    "look, look it up, in the, in your, see, inside, says, has, have, gives, is in"
                            + ", thats in, check, refer, per, from the, in");

    private static final Pattern ORIENTATION =
            Pattern.compile(
                    "\\b((?:(?:the|its|their) )?(?:(?:\\w+ )?(?:side|face)|(?:\\w+ )?edges?|lips?|"
                            + "arrow|chamfer|notch|gears|hub|teeth|ports?|cone|point|flat|slot|"
                            + "bevel|shoulder|lever|numbers|marks?|dots?|collar|tabs?|head|threads?|writing|letters)"
                            + "(?: (?:goes|must|has to|have to|should|is|are|looks?|look))?"
                            + " (?:facing|pointing|points|looking|look|to|toward|towards|up|upwards?|down|"
                            + "downwards?|in|out|inwards?|outwards?|outboard|inboard|first|against|forward)\\b.*)");
    private static final Pattern POSE =
            Pattern.compile(
                    "\\b(upside down|on its back|on its side|dead straight|right way up|the other way round"
                            + "|no twists(?: in it)?|between two positions|from the outside in|from the inside out"
                            + "|from (?:the )?behind|from below|from underneath"
                            + "|^straight(?: up| out| down| off)?$"
                            + "|flush(?! (?:it|the|out|them|that))(?: with \\w+ \\w+| with \\w+)?|towards? the \\w+(?: side)?)\\b");
    private static final Set<String> DOCUMENTS =
            WordSet.of(
                    "manual book handbook leaflet sheet chart drawing label datasheet table"
                            + " instructions documentation booklet");

    private static final Set<String> SIZED =
            WordSet.of("socket spanner wrench key driver hex drive allen punch drill");

    final List<Finding.ToolSaid> tools = new ArrayList<>();
    final Set<String> consumables = new LinkedHashSet<>();
    final Set<String> hazards = new LinkedHashSet<>();
    final boolean[] taken;
    String pattern;
    String orientation;
    String reference;
    boolean leftHand;
    boolean clockwise;
    boolean anticlockwise;
    boolean byHand;
    boolean protection;

    /** Whether a consumable is said that must not be used: "with no tape". */
    boolean withNo;

    /** Whether a weight is said that nobody should lift alone. */
    boolean weighs;

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

    private void take(int a, int b) {
        for (int i = Math.max(from, a); i < Math.min(to, b); i++) {
            taken[i - from] = true;
        }
    }

    private void read() {
        String text = speech.text(from, to);
        for (int i = from; i < to; i++) {
            int behind = consumable(i);
            if (behind < 0) {
                behind = tool(i);
            }
            if (behind > i) {
                i = behind - 1;
            }
        }
        pattern = pattern(text);
        orientation = orientation(text);
        reference = reference();
        leftHand =
                text.matches(
                                ".*\\bleft (hand )?thread.*|.*\\bleft hand(?! side)(?! one)(?! pocket)( .*)?")
                        && !text.contains("left hand end");
        clockwise = text.matches(".*\\bclockwise\\b.*");
        anticlockwise = text.matches(".*\\banticlockwise\\b.*");
        byHand =
                text.matches(
                        ".*\\b(by hand|hand tight|finger tight|hand-tight|finger-tight|with the hand|only with the hand|with your fingers)\\b.*");
        anticlockwise |=
                text.contains("to the left")
                        && text.matches(".*\\b(close|fast|tight|tighten|newton|do it up)\\b.*");
        clockwise |=
                text.contains("to the right") && text.matches(".*\\b(open|loose|undo|off)\\b.*");
        condition = condition(text);
        weighs = weighs();
        protection =
                text.matches(
                        ".*\\b(glasses|goggles|eye protection|eye-protection|turn your face|face away)\\b.*");
        if (protection) {
            hazards.add("eye injury");
        }
        hazards.addAll(speech.lexicon().hazards().said(speech, from, to));
        if (weighs) {
            hazards.add("heavy load");
        }
    }

    // ---------------------------------------------------------------- tools

    /** Reads a tool whose name begins at a place; the place behind it, or -1. */
    private int tool(int i) {
        if (taken(i)) {
            return -1;
        }
        for (int n = Math.min(4, to - i); n > 0; n--) {
            String said = phrase(i, n);
            if (said == null) {
                continue;
            }
            Optional<String> name = speech.lexicon().tool(said);
            if (name.isEmpty()) {
                continue;
            }
            int start = i;
            Measure before = sizeBefore(i);
            boolean doubtful = speech.lexicon().doubtfulTool(said);
            boolean used = usedWith(start, before);
            if (n == 1 && (doubtful && !used && before == null || notTool(i, before, used))) {
                return -1;
            }
            String size =
                    before == null ? sizeBehind(i + n) : Sizes.print(before.min(), unit(before));
            String full = name.get();
            int adjective = speech.previous(i, from);
            if (n == 1 && before == null && adjective >= from && describes(adjective)) {
                full = speech.word(adjective) + " " + full;
                start = adjective;
            }
            tools.add(new Finding.ToolSaid(full, size));
            take(before == null ? start : before.from(), i + n);
            return i + n;
        }
        return elliptic(i);
    }

    private String phrase(int i, int n) {
        for (int k = i; k < i + n - 1; k++) {
            if (!speech.token(k).mark().isEmpty()) {
                return null;
            }
        }
        return speech.text(i, i + n);
    }

    private static String unit(Measure m) {
        return m.unit().isEmpty() ? "mm" : m.unit();
    }

    private Measure sizeBefore(int i) {
        int p = i - 1;
        while (p > from && (speech.filler(p) || BETWEEN_SIZE_AND_TOOL.contains(speech.word(p)))) {
            p--;
        }
        Optional<Measure> m = speech.measureAt(p);
        if (m.isPresent()
                && m.get().to() == p + 1
                && m.get().single()
                && (m.get().length() || m.get().unit().isEmpty())) {
            Measure measure = m.get();
            if (measure.unit().isEmpty()
                    && !SIZED.contains(Nouns.singular(speech.word(i)))
                    && !SIZED.contains(Nouns.singular(speech.word(i + 1)))) {
                return null;
            }
            if (measure.unit().isEmpty() && measure.min().toDouble() > 60) {
                return null;
            }
            if (measure.unit().isEmpty()) {
                boolean inches = !measure.min().toString().matches("\\d+");
                return measure.in(inches ? "in" : "mm");
            }
            return measure;
        }
        return null;
    }

    /** "spanner nineteen", "the key eight". */
    private String sizeBehind(int i) {
        Optional<Measure> m = speech.measureAt(i);
        if (i < to
                && m.isPresent()
                && m.get().from() == i
                && m.get().single()
                && (m.get().unit().isEmpty() || m.get().unit().equals("mm"))
                && m.get().min().toString().matches("\\d{1,2}")
                && !speech.word(m.get().to()).matches("nm|newton|turns?|of")) {
            take(i, m.get().to());
            return Sizes.print(m.get().min(), "mm");
        }
        return null;
    }

    private boolean usedWith(int i, Measure size) {
        int p = (size == null ? i : size.from()) - 1;
        while (p >= from
                && (speech.filler(p)
                        || speech.determiner(p)
                        || describes(p)
                        || Grammar.EVALUATIVE.contains(speech.word(p)))) {
            p--;
        }
        return Set.of("with", "using", "use", "via").contains(speech.word(p))
                || speech.word(p).equals("and") && !tools.isEmpty();
    }

    /** Words that are the name of a tool, but here of something else: "drill" the machine. */
    private boolean notTool(int i, Measure size, boolean used) {
        String w = speech.word(i);
        String after = speech.word(i + 1);
        if (size != null || used) {
            return false;
        }
        if (speech.lexicon().verb(speech.token(i)).isPresent()) {
            return speech.verbAt(i, from, to).isPresent()
                    || speech.beginsObject(i + 1)
                    || speech.token(i).mark().isEmpty()
                            && i + 1 < to
                            && NounPhrases.at(speech, i + 1, i + 2).isPresent();
        }
        if (Set.of("heater", "oven").contains(w) && speech.has(from, i, "in")) {
            return false;
        }
        if (Set.of("side", "seat", "door").contains(after)) {
            return true;
        }
        return MACHINES.contains(w) || PARTS_NAMED_BY_TOOLS.contains(after);
    }

    private boolean describes(int i) {
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

    /** "with a nineteen", "eighteen mil on the hose": a spanner is meant. */
    private int elliptic(int i) {
        Optional<Measure> found = speech.measureAt(i);
        if (found.isEmpty() || found.get().from() != i || !found.get().single()) {
            return -1;
        }
        Measure m = found.get();
        String before = speech.word(i - 1);
        String after = speech.word(m.to());
        boolean size = m.min().toString().matches("[5-9]|[1-4]\\d");
        boolean with =
                before.equals("with") || before.equals("a") && speech.word(i - 2).equals("with");
        if (size
                && m.unit().isEmpty()
                && with
                && (m.to() >= to
                        || !NounPhrases.at(speech, m.to(), m.to() + 1).isPresent()
                        || Grammar.CONJUNCTIONS.contains(after))) {
            tools.add(new Finding.ToolSaid("spanner", Sizes.print(m.min(), "mm")));
            take(i, m.to());
            return m.to();
        }
        if (size && m.unit().equals("mm") && after.equals("on")
                || size && m.unit().isEmpty() && after.equals("on") && !tools.isEmpty() && i > from
                || size
                        && m.unit().isEmpty()
                        && after.equals("on")
                        && i == from
                        && speech.word(m.to() + 1).equals("the")) {
            tools.add(new Finding.ToolSaid("spanner", Sizes.print(m.min(), "mm")));
            take(i, m.to());
            return m.to();
        }
        return -1;
    }

    // ---------------------------------------------------------------- consumables

    private int consumable(int i) {
        for (int n = Math.min(3, to - i); n > 0; n--) {
            String said = phrase(i, n);
            Optional<Lexicon.Consumable> found =
                    said == null ? Optional.empty() : speech.lexicon().consumable(said);
            if (found.isEmpty() || n == 1 && asVerb(i) || compound(i + n)) {
                continue;
            }
            int q = speech.previous(i, from);
            if (q >= from && speech.word(q).equals("no")) {
                withNo = true;
                take(i, i + n);
                return i + n;
            }
            if (q > from && speech.determiner(q)) {
                q = speech.previous(q, from);
            }
            if (q >= from && speech.word(q).equals("without")) {
                withNo = true;
                take(i, i + n);
                return i + n;
            }
            if (q >= from
                    && Set.of("facing", "towards", "toward", "for", "under")
                            .contains(speech.word(q))) {
                return -1;
            }
            boolean goesOn =
                    i + n < to
                            && speech.token(i + n - 1).mark().isEmpty()
                            && speech.lexicon().consumable(speech.word(i + n)).isPresent();
            if (goesOn) {
                return -1;
            }
            String name = Nouns.singular(said).equals(said) ? said : found.get().name();
            int start = i;
            int p = i - 1;
            while (p >= from && describes(p) && start > i - 3 && !taken(p)) {
                name = speech.word(p) + " " + name;
                start = p;
                p--;
            }
            int behind = i + n;
            if (speech.word(behind).equals("grade") || speech.phrase(behind, "the")) {
                Optional<SpokenNumber> grade = SpokenNumber.at(speech.tokens(), behind + 1);
                if (grade.isPresent() && speech.word(behind).equals("grade")) {
                    name += " " + grade.get().value().toDecimal();
                }
            }
            consumables.add(name);
            boolean gloves = speech.has(from, to, "gloves");
            if (!found.get().hazards().isEmpty()
                    && (found.get().group().equals("cleaner") || gloves)) {
                hazards.addAll(found.get().hazards());
            }
            take(start, behind);
            return behind;
        }
        return -1;
    }

    private boolean asVerb(int i) {
        return speech.verbAt(i, from, to).isPresent();
    }

    /** "oil seal", "grease nipple", "tape measure", "wire wheel": no consumable. */
    private boolean compound(int next) {
        String w = speech.word(next);
        return next < to
                && speech.token(next - 1).mark().isEmpty()
                && COMPOUNDS.contains(w)
                && !w.equals("bath");
    }

    /** Whether the consumable is said after a word that makes it one that is used here. */
    boolean usesConsumable() {
        return speech.has(from, to, "with", "in", "of");
    }

    // ---------------------------------------------------------------- order and way round

    private String pattern(String text) {
        Matcher order = Pattern.compile("\\b(\\d+(?:-\\d+){2,})\\b").matcher(text);
        if (order.find()) {
            return order.group(1);
        }
        if (text.contains("order")) {
            String spoken = spokenOrder();
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

    private String spokenOrder() {
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

    private String orientation(String text) {
        Matcher m = ORIENTATION.matcher(text);
        if (m.find()) {
            if (m.group(1).contains("side to side")) {
                return null;
            }
            String whole =
                    m.group(1).replaceFirst(" (with|and|so|if|then|until|you|dont|because) .*", "");
            String said = whole.replaceFirst("^(the|its|their|with|and|goes|in|on|then) ", "");
            return said.length() > 60 ? said.substring(0, said.lastIndexOf(' ', 60)) : said;
        }
        Matcher pose = POSE.matcher(text);
        return pose.find() ? pose.group(1) : null;
    }

    /** 8 kg, or 20 lb: more than that is said because it matters. */
    private boolean weighs() {
        return speech.measures(from, to).stream()
                .filter(m -> m.max() != null)
                .anyMatch(
                        m ->
                                m.unit().equals("kg") && m.max().toDouble() >= 8
                                        || m.unit().equals("lb") && m.max().toDouble() >= 20);
    }

    private static final Pattern MODEL =
            Pattern.compile(
                    "^(?:um |uh |so |and |then |now )*((?:on|for|with) (?:the|your|some|all|later|older|newer|early) (?:\\w+ )*?"
                            + "(?:model|models|machine|machines|press|type|types|version|unit|units|saws|one with [a-z ]+|valve|series|job)\\b"
                            + "|(?:older|newer|later|early|old) (?:model|valve|type|version|unit|machine|one)s?(?: with .*)?|in winter|in summer"
                            + "|if (?:yours is|its|youve got|you got|you have) (?:a|an|the) .*)");

    private String condition(String text) {
        Matcher m = MODEL.matcher(text);
        return m.find()
                ? m.group(1).replaceFirst("^(on|for|with|in) (the |your )?", "").strip()
                : null;
    }

    private String reference() {
        for (int i = from; i < to; i++) {
            if (!DOCUMENTS.contains(speech.word(i)) || speech.phrase(i, "sheet metal")) {
                continue;
            }
            boolean sent = speech.hasAny(from, to, SENDS);
            if (!sent || speech.word(i).equals("sheet") && speech.has(from, to, "sign")) {
                continue;
            }
            int start = i;
            while (start > from && describes(start - 1)) {
                start--;
            }
            int behind = i + 1;
            if (Set.of("for", "of", "in").contains(speech.word(behind))) {
                behind = Math.min(to, behind + 3);
            }
            return speech.text(start, behind).replaceAll(" (the|a)$", "");
        }
        return null;
    }
}
