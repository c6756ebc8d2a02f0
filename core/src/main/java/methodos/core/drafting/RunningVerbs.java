package methodos.core.drafting;

import java.util.Set;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.WordSet;

/** Verbs that set something going, or let it be: "run it", "let it cool", "leave it overnight". */
final class RunningVerbs extends VerbReading {

    private static final Set<String> TOUCH =
            WordSet.ofPhrases(
                    "thumb, finger, nail, fingernail, thumbnail, thumb nail, hand along, eye");
    private static final Set<String> RESTING =
            WordSet.ofPhrases("overnight, alone, to dry, to cool, to soak, until, for an hour, be");
    private static final Set<String> STARTED = WordSet.of("the engine up");
    private static final Set<String> MACHINES =
            WordSet.of(
                    "pump engine motor machine mixer conveyor press drill saw grinder compressor"
                            + " unit fan winch truck lift system head blower actuator gearbox mill lathe"
                            + " boiler fork carriage spindle rollers roller bandsaw mower washer-up");

    RunningVerbs(ClauseReader reader) {
        super(reader);
    }

    Finding run(int v) {
        if (speech.hasAny(v, end, TOUCH)) {
            Finding f = finding(Kind.INSPECTION, "inspect");
            f.addNamed(behind(v + 1).places());
            return f;
        }
        Objects o = behind(v + 1);
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
        if (reader.said().byHand || fastener(v)) {
            return act("hand-tighten", v + 1);
        }
        if ("up".equals(o.particle())) {
            return act("lift", v + 1);
        }
        return null;
    }

    /** "run the nut down", "start the screws": by hand, as far as it goes easily. */
    private boolean fastener(int v) {
        return !speech.has(v, end, "off", "out")
                && NounPhrases.at(speech, v + 1, end)
                        .filter(np -> Things.FASTENERS.contains(np.head()))
                        .isPresent();
    }

    Finding start(int v) {
        if (reader.said().byHand || fastener(v)) {
            return act("hand-tighten", v + 1);
        }
        boolean object = Set.of("it", "her").contains(speech.word(v + 1));
        return object || STARTED.contains(speech.word(v + 1)) && machineBehind(v)
                ? act("test", v + 1)
                : null;
    }

    private boolean machineBehind(int v) {
        return NounPhrases.at(speech, v + 1, end)
                .filter(np -> MACHINES.contains(np.head()))
                .isPresent();
    }

    private boolean cycles() {
        return reader.measures().stream().anyMatch(Measure::cycles);
    }

    Finding let(int v) {
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
                Finding f = finding(Finding.kind(action), action);
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

    Finding leave(int v) {
        boolean still = times() || speech.hasAny(v, end, RESTING);
        if (!still) {
            return note();
        }
        return act(speech.has(v, end, "cold", "cool", "cools") ? "cool" : "wait", v + 1);
    }

    Finding wait(int v) {
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
