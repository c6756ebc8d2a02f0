package methodos.core.drafting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.drafting.DraftedStep.Kind;
import methodos.core.speech.Measure;

/** Clauses without a verb: "nut off", "rotor back in", "four bolts, eight mil socket". */
final class Telegraphic {

    static final Set<String> POWER =
            Set.of("power", "pump", "breaker", "switch", "key", "isolator", "ignition", "mains", "plug", "motor", "engine",
                    "current", "supply", "electricity", "gas", "water", "air");
    static final Set<String> FASTENERS =
            Set.of("screw", "bolt", "nut", "locknut", "stud", "fastener", "rivet", "clip", "circlip", "pin", "set-screw");
    private static final Set<String> PROTECTION =
            Set.of("glasses", "goggles", "gloves", "glove", "glass", "mask", "apron", "goggle", "protection");

    private final ClauseReader reader;
    private final Speech speech;
    private final int from;
    private final int to;

    private Telegraphic(ClauseReader reader) {
        this.reader = reader;
        this.speech = reader.speech();
        this.from = reader.start();
        this.to = reader.end();
    }

    static Outcome of(ClauseReader reader) {
        return new Telegraphic(reader).read();
    }

    private Outcome read() {
        if (to - from > 16 || statement()) {
            return Outcome.of(Outcome.Sort.NOTE);
        }
        Said said = reader.said();
        List<NounPhrase> things = things();
        String particle = particle();
        NounPhrase first = things.isEmpty() ? null : things.get(0);
        if (first != null && PROTECTION.contains(first.head())) {
            return Outcome.of(Outcome.Sort.ADDITION);
        }
        boolean torque = reader.measures().stream().anyMatch(Measure::torque);
        if (torque || said.pattern != null && first == null) {
            Finding f = new Finding(Kind.ACTION, "tighten", reader.clause());
            parts(f, things);
            if (f.parts.isEmpty()) {
                return Outcome.of(Outcome.Sort.ADDITION);
            }
            return Outcome.steps(List.of(f));
        }
        if (!said.consumables.isEmpty()) {
            return consumable(things);
        }
        if (first == null) {
            return said.tools.isEmpty() && reader.measures().isEmpty() && said.orientation == null && particle == null
                    ? Outcome.of(Outcome.Sort.NOTE)
                    : Outcome.of(Outcome.Sort.ADDITION);
        }
        return thing(first, things, particle);
    }

    private Outcome thing(NounPhrase first, List<NounPhrase> things, String particle) {
        Said said = reader.said();
        if (particle != null) {
            return moved(first, things, particle);
        }
        if (said.byHand && reader.context().buildUp()) {
            return step("hand-tighten", things);
        }
        boolean measured = reader.measures().stream().anyMatch(m -> m.length() || m.unit().equals("bar") || m.unit().equals("kg") || m.unit().equals("ohm") || m.unit().equals("psi"));
        if (!measured && first.fresh()) {
            return step("install", things);
        }
        if (measured && said.tools.isEmpty() && first.size() == null && things.size() == 1 && !FASTENERS.contains(first.head())) {
            Finding f = new Finding(Kind.MEASUREMENT, "measure", reader.clause());
            parts(f, things);
            f.confidence = 0.6;
            return Outcome.steps(List.of(f));
        }
        boolean counted = first.quantity() != null;
        if (FASTENERS.contains(first.head()) && counted) {
            return step(reader.context().buildUp() ? "install" : "remove", things);
        }
        if (reader.context().buildUp() && said.orientation != null) {
            return step("install", things);
        }
        if (placed()) {
            return step("install", things);
        }
        return Outcome.of(Outcome.Sort.ADDITION);
    }

    /** A part with "off", "on", "tight" ... behind it. */
    private Outcome moved(NounPhrase first, List<NounPhrase> things, String particle) {
        boolean power = POWER.contains(first.head());
        String action =
                switch (particle) {
                    case "off", "out", "away" -> power && (particle.equals("off") || first.head().equals("plug")) ? "isolate" : "remove";
                    case "on", "in", "back", "through", "together", "home" -> power && !first.head().equals("motor") && !first.head().equals("engine") ? "restore" : "install";
                    case "up" -> "lift";
                    case "down" -> "lower";
                    case "tight" -> "tighten";
                    case "loose" -> "loosen";
                    case "open" -> reader.context().buildUp() ? "restore" : "vent";
                    case "closed", "shut" -> "isolate";
                    default -> null;
                };
        if (action == null) {
            return Outcome.of(Outcome.Sort.ADDITION);
        }
        if (action.equals("install") && reader.said().byHand) {
            action = "hand-tighten";
        }
        if (first.head().equals("lock") && action.equals("install")) {
            action = "secure";
        }
        return step(action, things);
    }

    private Outcome step(String action, List<NounPhrase> things) {
        Finding f = new Finding(ClauseReader.kind(action), action, reader.clause());
        parts(f, things);
        f.confidence = 0.7;
        return Outcome.steps(List.of(f));
    }

    private void parts(Finding f, List<NounPhrase> things) {
        for (NounPhrase np : things) {
            if (np.part()) {
                f.parts.add(new Finding.Part(np.name(), np.quantity(), np.size(), null, np.plural()));
            }
        }
    }

    private Outcome consumable(List<NounPhrase> things) {
        String on = null;
        for (int i = from; i < to; i++) {
            if (Set.of("on", "onto", "in", "for", "around", "round", "over", "between").contains(speech.word(i))) {
                Optional<NounPhrase> np = NounPhrases.at(speech, i + 1, to);
                if (np.isPresent() && np.get().part()) {
                    on = np.get().name();
                }
                break;
            }
        }
        if (reader.cleaner() && !reader.lubricant()) {
            Finding f = new Finding(Kind.ACTION, "clean", reader.clause());
            if (on != null) {
                f.parts.add(new Finding.Part(on, null, null, null, Nouns.plural(on)));
            }
            return Outcome.steps(List.of(f));
        }
        Finding f = new Finding(Kind.ACTION, reader.sealant() ? "apply" : "lubricate", reader.clause());
        if (on != null) {
            f.parts.add(new Finding.Part(on, null, null, null, Nouns.plural(on)));
        } else if (!things.isEmpty() && !reader.consumable(things.get(0).name())) {
            parts(f, List.of(things.get(0)));
        } else {
            reader.context().last().ifPresent(f.parts::add);
        }
        return Outcome.steps(List.of(f));
    }

    /** Something is told of a thing, with a verb that means no work. */
    private boolean statement() {
        for (int i = from; i < to; i++) {
            String w = speech.word(i);
            if (Set.of("is", "are", "was", "were", "has", "have", "had", "its", "thats", "theres", "theyre", "means", "does",
                            "will", "youll", "can", "would", "could", "been", "looks", "takes", "holds", "keeps", "needs", "weve", "youve", "do")
                    .contains(w)) {
                return true;
            }
        }
        return false;
    }

    /** The things in front of the first preposition or particle. */
    private List<NounPhrase> things() {
        List<NounPhrase> found = new ArrayList<>();
        int i = from;
        while (i < to) {
            String w = speech.word(i);
            if (Grammar.PREPOSITIONS.contains(w) || Grammar.PARTICLES.contains(w) && !found.isEmpty()) {
                break;
            }
            Optional<NounPhrase> np = NounPhrases.at(speech, i, to);
            if (np.isEmpty()) {
                i++;
                continue;
            }
            boolean tool = reader.said().taken(np.get().to() - 1);
            if (np.get().part() && !tool) {
                found.add(np.get());
            }
            i = Math.max(i + 1, np.get().to());
        }
        return found;
    }

    private String particle() {
        String found = null;
        for (int i = from + 1; i < to; i++) {
            String w = speech.word(i);
            if (Set.of("off", "out", "away", "on", "in", "back", "up", "down", "tight", "loose", "open", "closed", "shut", "through", "together", "home")
                    .contains(w)) {
                boolean preposition = i + 1 < to && NounPhrases.at(speech, i + 1, to).isPresent() && speech.token(i).mark().isEmpty();
                if (!preposition || Set.of("off", "out", "away", "back").contains(w)) {
                    if (found == null || found.equals("back") || found.equals("straight")) {
                        found = w;
                    }
                } else if (found == null && Set.of("in", "on").contains(w) && (reader.context().buildUp() || true)) {
                    found = w;
                }
            }
        }
        return found;
    }

    private boolean placed() {
        for (int i = from + 1; i < to; i++) {
            if (Set.of("in", "into", "on", "onto", "under", "underneath").contains(speech.word(i))) {
                return true;
            }
        }
        return false;
    }
}
