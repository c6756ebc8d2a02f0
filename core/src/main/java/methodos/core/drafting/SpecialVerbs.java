package methodos.core.drafting;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.speech.WordSet;

/** Verbs that mean what stands behind them: "give it a wipe", "run it for five minutes". */
final class SpecialVerbs {

    private static final Set<String> MARKS = WordSet.of("mark marks line lines stripe stripes dot");
    private static final Set<String> WHERE_MARKED = WordSet.of("on across over down onto at");
    private static final Set<String> BEFORE_WHAT_IS_GIVEN =
            WordSet.of("a good quick the little an gentle light");
    private static final Set<String> COLOURS =
            WordSet.ofPhrases("color, colour, paint, marker, pen, chalk");
    private static final Set<String> KEPT_APART =
            WordSet.ofPhrases(
                    "in order, in the order, in their order, apart, separate, dry, clean, away, out"
                            + ", clear, in your pocket");
    private static final Set<String> GAUGES =
            WordSet.ofPhrases("gauge, level, needle, pressure, dial");
    private static final Set<String> TOUCH =
            WordSet.ofPhrases(
                    "thumb, finger, nail, fingernail, thumbnail, thumb nail, hand along, eye");
    private static final Set<String> HELPERS =
            WordSet.ofPhrases(
                    "somebody, someone, a mate, a colleague, a friend, a helper, another person"
                            + ", your mate, a second person");
    private static final Set<String> RESTING =
            WordSet.ofPhrases("overnight, alone, to dry, to cool, to soak, until, for an hour, be");

    private static final Set<String> VALVES =
            WordSet.of("valve cock screw bleed vent tap bleeder nipple seacock drain");
    private static final Set<String> DOORS =
            WordSet.of("door cover lid hatch panel hood guard flap housing cabinet");
    private static final Set<String> MACHINES =
            WordSet.of(
                    "pump engine motor machine mixer conveyor press drill saw grinder compressor"
                            + " unit fan winch truck lift system head blower actuator gearbox mill lathe"
                            + " boiler fork carriage spindle rollers roller bandsaw mower washer-up");
    private static final Set<String> LEADING =
            WordSet.of(
                    "go ahead going to want wanna need gotta got and then just ll now please gonna"
                            + " have here first next start try by thing");

    private final ClauseReader reader;
    private final Speech speech;
    private final int end;

    private SpecialVerbs(ClauseReader reader) {
        this.reader = reader;
        this.speech = reader.speech();
        this.end = reader.end();
    }

    /** A finding without an action is a remark that is worth keeping; null is none at all. */
    static Finding of(ClauseReader reader) {
        SpecialVerbs verbs = new SpecialVerbs(reader);
        int v = verbs.main();
        return v < 0 ? null : verbs.at(v);
    }

    private int main() {
        for (int i = reader.start(); i < end; i++) {
            String w = speech.word(i);
            if (speech.filler(i)
                    || Grammar.SUBJECTS.contains(w)
                    || Grammar.MODALS.contains(w)
                    || Grammar.ADVERBS.contains(w)
                    || w.equals("go")
                            && Set.of("ahead", "and", "find", "look").contains(speech.word(i + 1))
                    || LEADING.contains(w) && !verbOfItsOwn(i)) {
                continue;
            }
            return i;
        }
        return -1;
    }

    private boolean verbOfItsOwn(int i) {
        String w = speech.word(i);
        return w.equals("have") && Set.of("a", "somebody", "someone").contains(speech.word(i + 1))
                || w.equals("go") && !Set.of("ahead", "and", "look").contains(speech.word(i + 1))
                || w.equals("start");
    }

    private Finding finding(Kind kind, String action) {
        return new Finding(kind, action, reader.clause());
    }

    private Finding with(Finding f, int from) {
        Objects objects = Objects.behind(speech, reader.said(), from, end);
        reader.take(objects, f);
        if (objects.from() != null) {
            f.parts.replaceAll(p -> p.from() == null ? p.withFrom(objects.from()) : p);
        }
        f.place = objects.place();
        return f;
    }

    private Finding act(String action, int from) {
        return with(finding(ClauseReader.kind(action), action), from);
    }

    private Finding note() {
        return finding(Kind.ACTION, null);
    }

    private Finding at(int v) {
        String w = speech.word(v);
        String after = speech.word(v + 1);
        switch (w) {
            case "run", "runs", "cycle":
                return run(v);
            case "start":
                return Set.of("the", "it", "her", "engine", "up").contains(after)
                                && !reader.said().byHand
                                && (machineBehind(v) || Set.of("it", "her").contains(after))
                        ? act("test", v + 1)
                        : reader.said().byHand ? act("hand-tighten", v + 1) : null;
            case "take":
                return takeOf(v);
            case "put", "stick", "draw", "paint", "scratch":
                return put(v);
            case "give", "gives":
                return give(v);
            case "make":
                if (after.equals("sure") || after.equals("certain")) {
                    return act("inspect", v + 2);
                }
                if (speech.has(v, end, "mark", "marks")
                        || speech.has(v, end, "point", "sign", "line", "cross")
                                && speech.hasAny(v, end, COLOURS)) {
                    return mark(v);
                }
                if (speech.has(v, end, "note")) {
                    return act("record", v + 3);
                }
                return speech.has(v, end, "fast") ? act("tighten", v + 1) : null;
            case "have":
                if (speech.has(v, end, "look", "peek", "feel")) {
                    return look(v);
                }
                return helper(v);
            case "get":
                return helper(v);
            case "let":
                return let(v);
            case "leave":
                return leave(v);
            case "keep":
                if (speech.has(v, end, "hand on", "hands on", "hand on the")) {
                    Finding held = finding(Kind.ACTION, "support");
                    int on = speech.find(v, end, "on");
                    NounPhrases.at(speech, on + 1, end)
                            .filter(NounPhrase::part)
                            .map(Finding.Part::bare)
                            .ifPresent(held.parts::add);
                    return held;
                }
                return speech.hasAny(v, end, KEPT_APART) ? finding(Kind.CAUTION, null) : note();
            case "hold":
                return hold(v);
            case "watch":
                return Set.of("for", "it").contains(after) || speech.hasAny(v, end, GAUGES)
                        ? look(v)
                        : finding(Kind.CAUTION, null);
            case "look", "looking", "search":
                return Set.of("it", "like").contains(after)
                                && speech.has(v, v + 3, "look it up", "look like")
                        ? null
                        : look(v);
            case "open":
                return open(v);
            case "close", "shut":
                return shut(v);
            case "use", "using":
                return use(v);
            case "wear":
                return speech.has(v, end, "heat-proof", "heatproof", "thick")
                        ? finding(Kind.CAUTION, null)
                        : note();
            case "count":
                return act("record", v + 1);
            case "wait":
                return wait(v);
            case "feel":
                return act("inspect", v + 1);
            case "see":
                return after.equals("that") || after.equals("if") ? act("inspect", v + 2) : null;
            case "set":
                if (speech.has(v, end, "brake", "handbrake", "parking brake")) {
                    return act("secure", v + 1);
                }
                return reader.measures().stream()
                                .anyMatch(
                                        m ->
                                                m.length()
                                                        || m.unit().equals("bar")
                                                        || m.unit().equals("psi"))
                        ? act("adjust", v + 1)
                        : null;
            case "go":
                return speech.has(v, end, "wrong way", "the other way", "backwards")
                        ? wrongWay()
                        : null;
            default:
                return null;
        }
    }

    private boolean machineBehind(int v) {
        return NounPhrases.at(speech, v + 1, end)
                .filter(np -> MACHINES.contains(np.head()))
                .isPresent();
    }

    private boolean times() {
        return reader.measures().stream().anyMatch(Measure::time);
    }

    private boolean cycles() {
        return reader.measures().stream().anyMatch(m -> m.unit().equals("times"));
    }

    private Finding run(int v) {
        if (speech.hasAny(v, end, TOUCH)) {
            Finding f = finding(Kind.INSPECTION, "inspect");
            f.addNamed(Objects.behind(speech, reader.said(), v + 1, end).places());
            return f;
        }
        Objects o = Objects.behind(speech, reader.said(), v + 1, end);
        boolean machine =
                o.parts().isEmpty()
                        || o.parts().stream()
                                .anyMatch(p -> MACHINES.contains(Nouns.head(p.name())));
        if (times()
                || cycles()
                || machine
                        && !"off".equals(o.particle())
                        && !"in".equals(o.particle())
                        && !"down".equals(o.particle())
                        && !"out".equals(o.particle())) {
            Finding f = finding(Kind.TEST, "test");
            f.parts.addAll(o.parts());
            return machine
                            && "up".equals(o.particle())
                            && !times()
                            && !cycles()
                            && !o.parts().isEmpty()
                            && reader.measures().stream().noneMatch(m -> m.unit().equals("rpm"))
                            && !speech.has(v, end, "down")
                    ? act("lift", v + 1)
                    : f;
        }
        if (reader.said().byHand) {
            return act("hand-tighten", v + 1);
        }
        if ("up".equals(o.particle())) {
            return act("lift", v + 1);
        }
        return null;
    }

    private Finding takeOf(int v) {
        if (speech.has(v, end, "photo", "picture", "photograph")) {
            return act("record", v + 1);
        }
        if (speech.has(v, end, "look", "peek")) {
            return look(v);
        }
        if (speech.has(v, end, "the weight", "the load", "the strain")) {
            Finding f = finding(Kind.ACTION, "support");
            reader.context().last(reader.clause().from()).ifPresent(f.parts::add);
            f.hazards.add("suspended load");
            return f;
        }
        if (speech.has(v, end, "care", "a seat")) {
            return null;
        }
        Objects o = Objects.behind(speech, reader.said(), v + 1, end);
        if (o.particle() != null || o.from() != null) {
            return o.from() != null && o.particle() == null ? act("remove", v + 1) : null;
        }
        if (speech.has(v, end, "a new", "new")) {
            return act("replace", v + 1);
        }
        if (!o.parts().isEmpty() && reader.said().tools.isEmpty()) {
            boolean heavy =
                    speech.has(reader.start(), end, "persons", "people", "two of you", "crane");
            return act(heavy ? "lift" : "remove", v + 1);
        }
        return null;
    }

    private static boolean markWord(String w) {
        return MARKS.contains(w);
    }

    private Finding mark(int v) {
        Finding f = finding(Kind.ACTION, "mark");
        for (int i = v; i < end; i++) {
            if (WHERE_MARKED.contains(speech.word(i))) {
                Optional<NounPhrase> np = NounPhrases.at(speech, i + 1, end);
                if (np.isPresent()
                        && np.get().part()
                        && !speech.lexicon().tool(np.get().head()).isPresent()) {
                    f.parts.add(Finding.Part.bare(np.get()));
                    int n = np.get().to();
                    if (speech.word(n).equals("and")) {
                        NounPhrases.at(speech, n + 1, end)
                                .filter(NounPhrase::part)
                                .map(Finding.Part::bare)
                                .ifPresent(f.parts::add);
                    }
                    i = n;
                }
            }
        }
        return f;
    }

    private Finding put(int v) {
        for (int i = v + 1; i < Math.min(end, v + 6); i++) {
            if (markWord(speech.word(i))
                    && !Set.of("on", "to", "with").contains(speech.word(i - 1))) {
                return mark(i);
            }
        }
        if (speech.word(v).equals("draw")
                || speech.word(v).equals("paint")
                || speech.word(v).equals("scratch")) {
            return null;
        }
        if (speech.has(v, end, "tag", "label")) {
            Finding f = finding(Kind.ACTION, "mark");
            f.addNamed(Objects.behind(speech, reader.said(), v + 1, end).places());
            return f;
        }
        if (speech.has(v, end, "your hand", "a hand", "your finger", "your thumb")) {
            return note();
        }
        if (speech.has(v, end, "heat on", "heat into", "little heat", "some heat")) {
            return act("heat", v + 3);
        }
        boolean fluid =
                speech.has(v, v + 4, "oil", "water", "fluid", "coolant")
                        && speech.has(v, end, "in");
        if (fluid && !speech.has(v, end, "on it", "on the", "drop")) {
            return act("fill", v + 1);
        }
        return null;
    }

    private Finding give(int v) {
        for (int i = v + 1; i < end; i++) {
            Optional<Verb.Met> met = speech.lexicon().verb(speech.token(i));
            if (met.isPresent()
                    && met.get().verb().action() != null
                    && (BEFORE_WHAT_IS_GIVEN.contains(speech.word(i - 1)))) {
                return act(met.get().verb().action(), v + 1);
            }
            if (speech.word(i).equals("turn")) {
                return act("turn", v + 1);
            }
        }
        return null;
    }

    /** "get a colleague to hold the ram", "have somebody lift". */
    private Finding helper(int v) {
        boolean person = speech.hasAny(v, Math.min(end, v + 4), HELPERS);
        if (!person) {
            return null;
        }
        for (int i = v + 2; i < end; i++) {
            Optional<Verb.Met> met = speech.lexicon().verb(speech.token(i));
            if (met.isPresent()
                    && met.get().verb().action() != null
                    && met.get().form() == Verb.Form.BASE) {
                return act(met.get().verb().action(), i + 1);
            }
        }
        return finding(Kind.ACTION, "support");
    }

    private Finding let(int v) {
        int to = end;
        for (int i = v + 1; i < to; i++) {
            String w = speech.word(i);
            String action =
                    switch (w) {
                        case "cool" -> "cool";
                        case "sit", "stand", "rest", "settle", "set", "cure", "soak", "dry" ->
                                "wait";
                        case "drain", "run" -> "drain";
                        case "run-up" -> "test";
                        case "unwind", "go" -> "release";
                        case "down" -> "lower";
                        case "dangle" -> "lower";
                        default -> null;
                    };
            if (w.equals("run") && (times() || speech.has(v, to, "run up"))) {
                action = "test";
            }
            if (w.equals("turn") || w.equals("spin")) {
                action = "test";
            }
            if (w.equals("air") || w.equals("pressure") || w.equals("vacuum")) {
                return act("vent", v + 1);
            }
            if (w.equals("off") && i == to - 1) {
                return act("vent", v + 1);
            }
            if (action != null) {
                Finding f = finding(ClauseReader.kind(action), action);
                Objects o = Objects.behind(speech, reader.said(), v + 1, i);
                if (action.equals("test")
                        || action.equals("wait") && !w.equals("dry") && !w.equals("soak")) {
                    f.parts.addAll(o.parts());
                } else {
                    reader.take(o, f);
                }
                return f;
            }
            if (w.equals("come") && speech.has(i, to, "down", "out")) {
                Finding f = finding(Kind.ACTION, "lower");
                reader.take(Objects.behind(speech, reader.said(), v + 1, i), f);
                return f;
            }
        }
        return null;
    }

    private Finding leave(int v) {
        boolean still = times() || speech.hasAny(v, end, RESTING);
        if (!still) {
            return note();
        }
        return act(speech.has(v, end, "cold", "cool", "cools") ? "cool" : "wait", v + 1);
    }

    private Finding hold(int v) {
        if (speech.has(v, end, "up to the light", "against the light", "to the light")) {
            return act("inspect", v + 1);
        }
        Objects o = Objects.behind(speech, reader.said(), v + 1, end);
        boolean control =
                o.parts().stream()
                        .anyMatch(
                                p ->
                                        Set.of("button", "trigger", "switch", "key", "pedal")
                                                .contains(Nouns.head(p.name())));
        if (control) {
            return act("press", v + 1);
        }
        if (speech.has(v, end, "against", "down") && times()) {
            return act("push", v + 1);
        }
        return null;
    }

    private Finding look(int v) {
        Finding f = finding(Kind.INSPECTION, "inspect");
        Objects o = Objects.behind(speech, reader.said(), v + 1, end, true);
        boolean sought = speech.word(v + 1).equals("for") && !speech.word(v + 2).equals("the");
        for (Finding.Part p : sought ? List.<Finding.Part>of() : o.parts()) {
            if (!Defects.is(Nouns.head(p.name())) && !p.name().equals("look")) {
                f.parts.add(p);
            }
        }
        if (f.parts.isEmpty()) {
            for (String place : o.places()) {
                if (!f.parts.isEmpty() && speech.word(v + 1).equals("for")) {
                    break;
                }
                if (!(sought && o.place().equals(place) && "for".equals(o.placePreposition()))
                        && !Defects.is(Nouns.head(place))
                        && speech.lexicon().tool(place).isEmpty()) {
                    f.parts.add(Finding.Part.named(place));
                }
            }
        }
        if (f.parts.isEmpty()) {
            reader.context().last(reader.clause().from()).ifPresent(f.parts::add);
        }
        return f;
    }

    private Finding open(int v) {
        Objects o = Objects.behind(speech, reader.said(), v + 1, end);
        Finding f = finding(Kind.ACTION, "uncover");
        reader.take(o, f);
        subject(v, f);
        String head = f.parts.isEmpty() ? "" : Nouns.head(f.parts.get(0).name());
        if (DOORS.contains(head)) {
            return f;
        }
        if (head.equals("window")) {
            f.action = "vent";
        } else if (VALVES.contains(head)) {
            boolean vents =
                    f.parts.stream()
                            .anyMatch(p -> p.name().matches(".*\\b(vent|bleed|drain|air)\\b.*"));
            f.action =
                    vents
                            ? (f.parts.get(0).name().contains("drain") ? "drain" : "vent")
                            : reader.context().buildUp() ? "restore" : "turn";
        } else {
            f.action = "loosen";
        }
        return f;
    }

    /** "supply valve shut": what stands in front, where nothing stands behind. */
    private void subject(int v, Finding f) {
        if (f.parts.isEmpty() && v > reader.start()) {
            f.parts.addAll(Objects.behind(speech, reader.said(), reader.start(), v).parts());
        }
    }

    private Finding shut(int v) {
        Objects o = Objects.behind(speech, reader.said(), v + 1, end);
        Finding f = finding(Kind.ACTION, "isolate");
        reader.take(o, f);
        subject(v, f);
        String head = f.parts.isEmpty() ? "" : Nouns.head(f.parts.get(0).name());
        if (DOORS.contains(head)) {
            f.action = "cover";
        } else if (f.parts.stream()
                .anyMatch(p -> p.name().matches(".*\\b(screw|bleed|vent|plug)\\b.*"))) {
            f.action = "tighten";
        } else if (reader.context().buildUp() && !"off".equals(o.particle())) {
            f.action = "turn";
        }
        return f;
    }

    private Finding use(int v) {
        Said said = reader.said();
        if (!said.consumables.isEmpty() && !reader.said().cleaner()) {
            Finding f = finding(Kind.ACTION, reader.said().sealant() ? "apply" : "lubricate");
            for (int i = reader.clause().from(); i < end; i++) {
                if (Set.of("on", "onto").contains(speech.word(i))) {
                    NounPhrases.at(speech, i + 1, end)
                            .filter(NounPhrase::part)
                            .map(Finding.Part::of)
                            .ifPresent(p -> f.parts.add(p.withSize(null)));
                    break;
                }
            }
            return f;
        }
        for (int i = v + 2; i < end; i++) {
            if (speech.word(i).equals("to")) {
                Optional<Verb.Met> met =
                        speech.lexicon().verb(speech.token(i + 1 < speech.size() ? i + 1 : i));
                if (met.isPresent() && met.get().verb().action() != null) {
                    return act(met.get().verb().action(), i + 2);
                }
            }
        }
        if (said.tools.isEmpty()
                && NounPhrases.at(speech, v + 1, end)
                        .filter(
                                p ->
                                        Set.of("knob", "lever", "adjuster", "screw", "handle")
                                                .contains(p.head()))
                        .isPresent()) {
            return act("adjust", v + 1);
        }
        return null;
    }

    private Finding wrongWay() {
        Finding f = finding(Kind.ACTION, reader.context().buildUp() ? "tighten" : "loosen");
        reader.context().fastener().ifPresent(f.parts::add);
        return f;
    }

    private Finding wait(int v) {
        if (speech.word(v + 1).matches("no|sorry")
                || v + 1 >= end && speech.word(end).equals("no")) {
            return note();
        }
        Finding f = finding(Kind.ACTION, "wait");
        int until = speech.find(v, end, "until");
        if (until > 0) {
            Objects o = Objects.behind(speech, reader.said(), until + 1, end);
            if (!o.parts().isEmpty()) {
                f.parts.add(o.parts().get(0));
            }
        }
        return f;
    }
}
