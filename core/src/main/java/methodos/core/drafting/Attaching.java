package methodos.core.drafting;

import java.util.Optional;
import java.util.regex.Pattern;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.vocabulary.Nouns;

/**
 * Gives a step what its clause says besides: tools, consumables, hazards, order, way round,
 * figures, sizes, and the hand of its thread.
 */
final class Attaching {

    private static final Pattern THREADS =
            Pattern.compile("\\b(nut|locknut|union|gland|bolt|screw|cap)\\b");

    /** What a left-hand thread that was told of before may be meant for. */
    private static final Pattern LEFT_HANDED =
            Pattern.compile("\\b(nut|locknut|union|gland|cap|ring)\\b");

    private static final Pattern BEARING_NUMBER = Pattern.compile("6[0-9]{3}|[1-9][0-9]{4}");

    private final Weave weave;
    private final Speech speech;
    private final Context context;

    Attaching(Weave weave) {
        this.weave = weave;
        this.speech = weave.speech;
        this.context = weave.context;
    }

    void attach(Finding f, Said said, int from, int to) {
        for (Finding.ToolSaid tool : said.tools) {
            if (f.tools.stream().noneMatch(t -> t.equals(tool)) && !(f.kind == Kind.CAUTION)) {
                f.tools.add(tool);
            }
        }
        boolean uses =
                f.is("apply", "lubricate", "fill", "clean", "secure", "cover", "heat", "test")
                        || f.is("install", "tighten", "push", "press", "inspect", "hand-tighten")
                                && speech.has(from, to, "with", "in", "of", "using");
        boolean object =
                f.parts.stream().anyMatch(p -> said.consumables.contains(p.name()))
                        && !f.is("fill", "apply", "lubricate");
        if (uses && !object) {
            f.consumables.addAll(said.consumables);
        }
        f.hazards.addAll(said.hazards);
        if (f.kind == Kind.CAUTION) {
            f.hazards.remove("chemical");
        } else if (!weave.warnings.isEmpty() && from - weave.warnedAt <= 3) {
            f.hazards.addAll(weave.warnings);
        }
        weave.warnings.clear();
        if (said.pattern != null) {
            f.pattern = said.pattern;
        }
        if (said.orientation != null && f.orientation == null && f.kind != Kind.CAUTION) {
            f.orientation = said.orientation;
        }
        if (said.reference != null
                && speech.measures(from, to).stream().noneMatch(Measure::torque)
                && f.kind != Kind.CAUTION) {
            f.reference = said.reference;
        }
        f.byHand |= said.byHand;
        if (f.kind != Kind.CAUTION) {
            Values.into(f, speech, said, from, to);
            if (!f.torques.isEmpty() && f.is("pull", "lift", "turn")) {
                f.action = "tighten"; // "bring them up to forty newton metres"
            }
            size(f, from, to);
        }
    }

    /** A size that is said apart from its part: "three screws, M5", "new bearing, 6206". */
    private void size(Finding f, int from, int to) {
        if (f.parts.isEmpty()) {
            return;
        }
        int at = f.parts.size() - 1;
        Finding.Part part = f.parts.get(at);
        if (part.size() != null) {
            return;
        }
        for (int i = from; i < to; i++) {
            Sizes.Size size = Sizes.at(speech, i, to);
            if (size != null && size.thread()) {
                f.parts.set(at, part.withSize(size.print()));
                return;
            }
            Optional<Measure> m = speech.measureAt(i);
            if (m.isPresent()
                    && m.get().bare()
                    && m.get().single()
                    && BEARING_NUMBER.matcher(m.get().min().toString()).matches()
                    && f.parts.stream().anyMatch(p -> Nouns.head(p.name()).equals("bearing"))) {
                f.parts.set(at, part.withSize(m.get().min().toString()));
                return;
            }
        }
    }

    /** Marks a thread as left-hand, where it was said, or where the way of turning says so. */
    void thread(Finding f, Said said) {
        boolean undoing = f.is("loosen", "remove", "disconnect");
        boolean doing = f.is("tighten", "install", "connect", "hand-tighten");
        if (!undoing && !doing && !f.is("turn")) {
            return;
        }
        boolean against =
                undoing && said.clockwise
                        || doing && said.anticlockwise
                        || f.is("turn")
                                && said.clockwise
                                && speech.has(f.from, f.to, "to get it off", "to undo", "is off");
        if (said.leftHand || against && on(f, THREADS)) {
            f.leftHand = true;
            context.takeLeftHand();
            return;
        }
        boolean waiting = undoing || context.buildUp() && f.is("tighten", "hand-tighten");
        if (waiting && on(f, LEFT_HANDED)) {
            f.leftHand = context.takeLeftHand() || f.leftHand;
        }
    }

    private static boolean on(Finding f, Pattern names) {
        return f.parts.isEmpty() || f.parts.stream().anyMatch(p -> names.matcher(p.name()).find());
    }
}
