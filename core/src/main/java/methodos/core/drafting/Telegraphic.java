package methodos.core.drafting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.speech.WordSet;

/** Clauses without a verb: "nut off", "rotor back in", "four bolts, eight mil socket". */
final class Telegraphic {

    private static final Set<String> WHERE_APPLIED =
            WordSet.of("on onto in for around round over between");
    private static final Set<String> STATEMENTS =
            WordSet.of(
                    "is are was were has have had its thats theres theyre means does will youll can"
                            + " i want say know ive got comes even ones how what where why knows says would"
                            + " could been looks takes holds keeps needs weve youve do");
    private static final Set<String> WAYS =
            WordSet.of(
                    "off out away on in back up down tight loose open closed shut through together"
                            + " home");
    private static final Set<String> PLACES = WordSet.of("in into on onto under underneath");

    static final Set<String> POWER =
            WordSet.of(
                    "power pump breaker switch key isolator ignition mains plug motor engine"
                            + " current supply electricity gas water air");
    static final Set<String> FASTENERS =
            WordSet.of("screw bolt nut locknut stud fastener rivet clip circlip pin set-screw");
    private static final Set<String> HEADINGS =
            WordSet.of(
                    "assembly reassembly inspection disassembly preparation testing cleaning"
                            + " measuring test order");
    private static final Set<String> DIRT =
            WordSet.of(
                    "glue dirt grease rust sealant muck carbon scale sludge paint sand dust lint");
    private static final Set<String> AIDS =
            WordSet.of(
                    "tray pan sling rag block cloth tag lock padlock weight stand bucket chock"
                            + " drip-pan prop basin container tub");
    static final Set<String> DIMENSIONS =
            WordSet.of(
                    "diameter thickness length width depth height clearance gap runout play float"
                            + " resistance pressure temperature stroke travel backlash tension bore");
    static final Set<String> PROTECTION =
            WordSet.of("glasses goggles gloves glove glass mask apron goggle protection");

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
        if (speech.has(from, to, "click", "clicks")
                && speech.has(from, to, "back", "out")
                && reader.measures().stream().anyMatch(m -> m.unit().equals("count"))
                && things().isEmpty()) {
            return Outcome.steps(List.of(new Finding(Kind.ACTION, "adjust", reader.clause())));
        }
        if (to - from > 16 || statement()) {
            return Outcome.of(Outcome.Sort.NOTE);
        }
        Said said = reader.said();
        if (said.reference != null && reader.measures().stream().noneMatch(Measure::torque)) {
            return Outcome.of(Outcome.Sort.NOTE);
        }
        if (speech.word(from).equals("no")
                && speech.token(from).mark().isEmpty()
                && Sizes.at(speech, from, to) == null) {
            return Outcome.of(
                    said.orientation != null ? Outcome.Sort.ADDITION : Outcome.Sort.EXPECTATION);
        }
        List<NounPhrase> things = things();
        String particle = particle();
        NounPhrase first = things.isEmpty() ? null : things.get(0);
        if (speech.token(to - 1).mark().equals("?")) {
            return question(first);
        }
        if (first != null && PROTECTION.contains(first.head())) {
            return Outcome.of(Outcome.Sort.ADDITION);
        }
        boolean torque = reader.measures().stream().anyMatch(Measure::torque);
        if (said.pattern != null && said.pattern.matches("\\d.*") && first == null) {
            Finding f = new Finding(Kind.ACTION, "tighten", reader.clause());
            reader.context().fastener().ifPresent(f.parts::add);
            return Outcome.steps(List.of(f));
        }
        String alone = speech.text(from, to);
        Finding.Part topic = reader.topic();
        if (topic != null && alone.matches("(now )?(closed|shut|open|off|on|tight|loose)")) {
            return state(alone, topic);
        }
        boolean turns = reader.measures().stream().anyMatch(m -> m.turns() && m.single());
        if (turns
                && first == null
                && speech.has(from, to, "to the right", "to the left", "clockwise", "anticlockwise")
                && reader.topic() == null) {
            return Outcome.steps(List.of(new Finding(Kind.ACTION, "turn", reader.clause())));
        }
        boolean volume = reader.measures().stream().anyMatch(Measure::volume);
        if (volume && first == null && speech.has(from, to, "in", "into")) {
            return Outcome.steps(List.of(new Finding(Kind.ACTION, "fill", reader.clause())));
        }
        if (torque || said.pattern != null && first == null) {
            Finding f = new Finding(Kind.ACTION, "tighten", reader.clause());
            parts(f, things);
            if (f.parts.isEmpty()) {
                return Outcome.of(Outcome.Sort.ADDITION);
            }
            return Outcome.steps(List.of(f));
        }
        if (!said.consumables.isEmpty()
                && particle != null
                && Set.of("off", "away", "out").contains(particle)
                && !speech.has(from, to, "with")) {
            Finding f = new Finding(Kind.ACTION, "remove", reader.clause());
            f.parts.add(Finding.Part.named(said.consumables.iterator().next()));
            said.consumables.clear();
            return Outcome.steps(List.of(f));
        }
        if (!said.consumables.isEmpty()
                && speech.word(from).equals("old")
                && !reader.context().buildUp()) {
            said.consumables.clear();
            Finding f = new Finding(Kind.ACTION, "clean", reader.clause());
            f.addNamed(Objects.behind(speech, said, from, to).places());
            return Outcome.steps(List.of(f));
        }
        boolean hot = reader.measures().stream().anyMatch(Measure::temperature);
        if (hot && first != null && !said.consumables.isEmpty() && reader.said().lubricant()) {
            return step("heat", things);
        }
        if (!said.consumables.isEmpty()) {
            return consumable(things);
        }
        if (first == null && reader.measures().stream().anyMatch(Measure::cycles)) {
            return Outcome.steps(List.of(new Finding(Kind.TEST, "test", reader.clause())));
        }
        if (first == null
                && reader.context().buildUp()
                && speech.phrase(from, "back")
                && speech.has(from, to, "back on", "back in")) {
            return Outcome.steps(List.of(new Finding(Kind.ACTION, "install", reader.clause())));
        }
        if (first == null && said.leftHand) {
            return Outcome.of(Outcome.Sort.ADDITION);
        }
        if (first == null) {
            return said.tools.isEmpty()
                            && reader.measures().isEmpty()
                            && said.orientation == null
                            && particle == null
                    ? Outcome.of(Outcome.Sort.NOTE)
                    : Outcome.of(Outcome.Sort.ADDITION);
        }
        return thing(first, things, particle);
    }

    private Outcome thing(NounPhrase first, List<NounPhrase> things, String particle) {
        Said said = reader.said();
        if (speech.token(to - 1).mark().equals(":") && particle == null && !first.fresh()) {
            return Outcome.of(Outcome.Sort.ADDITION);
        }
        if (first.head().equals("thread")
                || Set.of("torque", "tightness").contains(first.head())
                || said.pattern != null
                        && Set.of("middle", "centre", "center").contains(first.head())) {
            return Outcome.of(Outcome.Sort.ADDITION);
        }
        if (HEADINGS.contains(first.name())) {
            return Outcome.of(Outcome.Sort.NOTE);
        }
        if (DIRT.contains(first.head()) && !reader.context().buildUp() && placed()) {
            Finding f = new Finding(Kind.ACTION, "clean", reader.clause());
            f.addNamed(Objects.behind(speech, said, from, to).places());
            return Outcome.steps(List.of(f));
        }
        if (Set.of("line", "mark").contains(first.head())
                && !reader.context().buildUp()
                && particle == null) {
            return step("mark", List.of());
        }
        if (said.tools.stream()
                .anyMatch(t -> t.name().matches(".*(heater|oven|hot plate|induction plate)"))) {
            return step("heat", things);
        }
        boolean gap = reader.measures().stream().anyMatch(m -> m.length() && m.single());
        if (gap
                && reader.context().buildUp()
                && said.tools.isEmpty()
                && things.size() == 1
                && first.size() == null
                && !first.fresh()
                && !FASTENERS.contains(first.head())
                && (particle == null || particle.equals("on"))) {
            return step("adjust", things);
        }
        if (particle != null) {
            return moved(first, things, particle);
        }
        if (said.byHand && reader.context().buildUp()) {
            return step("hand-tighten", things);
        }
        if (speech.has(from, to, "that order", "this order") && reader.context().buildUp()) {
            return step("install", apart(first));
        }
        if (placed()
                && reader.said().tools.stream()
                        .anyMatch(
                                t ->
                                        t.name()
                                                .matches(
                                                        ".*(vee block|stand|centers|centres|cradle)"))) {
            return step("install", things);
        }
        boolean measured =
                reader.measures().stream()
                        .anyMatch(
                                m ->
                                        m.length()
                                                || m.unit().equals("bar")
                                                || m.unit().equals("kg")
                                                || m.unit().equals("ohm")
                                                || m.unit().equals("psi"));
        if (!measured && first.fresh()) {
            return step("install", things);
        }
        if (measured
                && said.tools.isEmpty()
                && first.size() == null
                && things.size() == 1
                && !FASTENERS.contains(first.head())) {
            Finding f = new Finding(Kind.MEASUREMENT, "measure", reader.clause());
            parts(f, things);
            f.confidence = 0.6;
            return Outcome.steps(List.of(f));
        }
        if (first.head().equals("date")) {
            return step("record", things);
        }
        if (first.name().equals("power") && reader.context().buildUp()) {
            return step("restore", things);
        }
        boolean turned = reader.measures().stream().anyMatch(Measure::turns);
        if (FASTENERS.contains(first.head())
                && reader.context().buildUp()
                && (turned || said.pattern != null)) {
            return step("tighten", things);
        }
        boolean counted = first.quantity() != null;
        if (FASTENERS.contains(first.head()) && counted) {
            return step(reader.context().buildUp() ? "install" : "remove", things);
        }
        if (reader.context().buildUp() && said.orientation != null) {
            return step("install", things);
        }
        if (placed() && (reader.context().buildUp() || AIDS.contains(first.head()) || vise())) {
            return step(vise() ? "secure" : "install", things);
        }
        if (DIMENSIONS.contains(first.head()) && !reader.measures().isEmpty()) {
            Finding f = new Finding(Kind.MEASUREMENT, "measure", reader.clause());
            parts(f, things);
            return Outcome.steps(List.of(f));
        }
        if (reader.context().buildUp() && bare(things) && reader.measures().isEmpty()) {
            return step("install", things);
        }
        if (counted && bare(things) && reader.measures().stream().allMatch(Measure::bare)) {
            return step(reader.context().buildUp() ? "install" : "remove", things);
        }
        return Outcome.of(Outcome.Sort.ADDITION);
    }

    private boolean vise() {
        return speech.has(from, to, "vice", "vise");
    }

    /** The things of a list without commas, each for itself. */
    private List<NounPhrase> apart(NounPhrase all) {
        List<NounPhrase> each = new ArrayList<>();
        for (int i = all.from(); i < all.to(); i++) {
            NounPhrases.at(speech, i, i + 1).filter(NounPhrase::part).ifPresent(each::add);
        }
        return each;
    }

    /** Whether nothing but things is said. */
    private boolean bare(List<NounPhrase> things) {
        int words = 0;
        for (NounPhrase np : things) {
            words += np.to() - np.from();
        }
        return words >= to - from - 1 && to - from <= 6;
    }

    /** "suction valve: closed". */
    private Outcome state(String state, Finding.Part topic) {
        String action =
                switch (state.replace("now ", "")) {
                    case "closed", "shut" -> reader.context().buildUp() ? "turn" : "isolate";
                    case "open" -> reader.context().buildUp() ? "restore" : "vent";
                    case "off" -> "isolate";
                    case "on" -> "restore";
                    case "tight" -> "tighten";
                    default -> "loosen";
                };
        Finding f = new Finding(Kind.ACTION, action, reader.clause());
        f.parts.add(topic);
        return Outcome.steps(List.of(f));
    }

    /** "bent?" asks for a condition, "dry round the gland?" for a look. */
    private Outcome question(NounPhrase first) {
        boolean place = placed() || speech.has(from, to, "round", "around", "at");
        if (first == null
                && reader.measures().stream().allMatch(Measure::time)
                && !reader.measures().isEmpty()) {
            return Outcome.of(Outcome.Sort.ADDITION);
        }
        if (first == null && reader.topic() != null && to - from <= 2) {
            Finding f = new Finding(Kind.INSPECTION, "inspect", reader.clause());
            f.parts.add(reader.topic());
            return Outcome.steps(List.of(f));
        }
        if (reader.measures().stream().anyMatch(m -> !m.bare()) || place || first != null) {
            boolean measured = !reader.measures().isEmpty();
            Finding f =
                    new Finding(
                            measured ? Kind.MEASUREMENT : Kind.INSPECTION,
                            measured ? "measure" : "inspect",
                            reader.clause());
            if (first != null) {
                parts(f, List.of(first));
            } else {
                f.addNamed(Objects.behind(speech, reader.said(), from, to).places());
            }
            return Outcome.steps(List.of(f));
        }
        return Outcome.of(Outcome.Sort.CONDITION);
    }

    /** A part with "off", "on", "tight" ... behind it. */
    private Outcome moved(NounPhrase first, List<NounPhrase> things, String particle) {
        if (Set.of("in", "on", "back", "through").contains(particle)
                && !reader.context().buildUp()
                && !AIDS.contains(first.head())
                && !first.fresh()
                && !POWER.contains(first.head())
                && placedThing()) {
            if (vise()) {
                return step("secure", things);
            }
            return Outcome.of(Outcome.Sort.ADDITION);
        }
        boolean power =
                POWER.contains(first.head())
                        && !(first.head().equals("key") && !particle.equals("off"))
                        && !(first.head().equals("plug")
                                && (first.plural() || first.name().contains(" ")));
        if (Set.of("line", "mark").contains(first.head()) && !reader.context().buildUp()) {
            return Outcome.of(Outcome.Sort.ADDITION);
        }
        if (Set.of("line", "mark").contains(first.head())
                && Set.of("together", "up", "on", "in").contains(particle)) {
            return step("align", things);
        }
        if (particle.equals("out") && first.head().equals("air")) {
            return step("vent", things);
        }
        if (particle.equals("through")
                && speech.has(from, to, "through all", "through its", "through the")) {
            return step("turn", things);
        }
        String action =
                switch (particle) {
                    case "off", "out", "away" ->
                            power && (particle.equals("off") || first.head().equals("plug"))
                                    ? "isolate"
                                    : "remove";
                    case "on", "in", "back", "through", "together", "home" ->
                            power && !first.head().equals("motor") && !first.head().equals("engine")
                                    ? "restore"
                                    : "install";
                    case "up" ->
                            speech.has(from, to, "up against", "up to", "up tight")
                                    ? "tighten"
                                    : "lift";
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
        if (reader.said().orientation != null
                && reader.context().buildUp()
                && (action.equals("lift") || action.equals("lower"))) {
            action = "install";
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
        Finding f = new Finding(Finding.kind(action), action, reader.clause());
        parts(f, things);
        f.confidence = 0.7;
        f.telegraphic = true;
        return Outcome.steps(List.of(f));
    }

    private void parts(Finding f, List<NounPhrase> things) {
        for (NounPhrase np : things) {
            if (np.part()) {
                f.parts.add(Finding.Part.of(np));
            }
        }
    }

    private Outcome consumable(List<NounPhrase> things) {
        String on = null;
        for (int i = from; i < to; i++) {
            if (WHERE_APPLIED.contains(speech.word(i))) {
                Optional<NounPhrase> np = NounPhrases.at(speech, i + 1, to);
                if (np.isPresent()
                        && np.get().part()
                        && !speech.lexicon().namesConsumable(np.get().name())) {
                    on = np.get().name();
                }
                break;
            }
        }
        if (reader.said().cleaner() && !reader.said().lubricant()) {
            Finding f = new Finding(Kind.ACTION, "clean", reader.clause());
            if (on != null) {
                f.parts.add(Finding.Part.named(on));
            }
            return Outcome.steps(List.of(f));
        }
        Finding f =
                new Finding(
                        Kind.ACTION,
                        reader.said().sealant() ? "apply" : "lubricate",
                        reader.clause());
        if (on != null) {
            f.parts.add(Finding.Part.named(on));
        } else if (!things.isEmpty() && !speech.lexicon().namesConsumable(things.get(0).name())) {
            parts(f, List.of(things.get(0)));
        } else {
            reader.context().last(reader.clause().from()).ifPresent(f.parts::add);
        }
        return Outcome.steps(List.of(f));
    }

    /** Something is told of a thing, with a verb that means no work. */
    private boolean statement() {
        for (int i = from; i < to; i++) {
            String w = speech.word(i);
            if (STATEMENTS.contains(w)) {
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
            if (Grammar.PREPOSITIONS.contains(w)
                    || Grammar.PARTICLES.contains(w) && !found.isEmpty()) {
                break;
            }
            Optional<NounPhrase> np = NounPhrases.at(speech, i, to);
            if (np.isEmpty()) {
                i++;
                continue;
            }
            boolean tool = reader.said().taken(np.get().to() - 1);
            if (np.get().part() && !tool) {
                found.add(facing(np.get()));
            }
            i = Math.max(i + 1, np.get().to());
        }
        return found;
    }

    /** "top seal lip up" names the seal; the lip says which way round. */
    private NounPhrase facing(NounPhrase np) {
        String o = reader.said().orientation;
        int space = np.name().lastIndexOf(' ');
        if (o == null || space < 0 || !o.startsWith(np.head())) {
            return np;
        }
        return new NounPhrase(
                np.from(),
                np.to(),
                np.name().substring(0, space),
                np.quantity(),
                np.size(),
                false,
                np.fresh());
    }

    private String particle() {
        String found = null;
        for (int i = from + 1; i < to; i++) {
            String w = speech.word(i);
            if (w.equals("again") && found == null && reader.context().buildUp()
                    || w.equals("inside") && i == to - 1) {
                found = "back";
            }
            if (WAYS.contains(w)) {
                boolean preposition =
                        i + 1 < to
                                && NounPhrases.at(speech, i + 1, to).isPresent()
                                && speech.token(i).mark().isEmpty();
                if (!preposition || Set.of("off", "out", "away", "back").contains(w)) {
                    if (found == null || found.equals("back") || found.equals("straight")) {
                        found = w;
                    }
                } else if (found == null && Set.of("in", "on").contains(w)) {
                    found = w;
                }
            }
        }
        return found;
    }

    /** "a u-cup on the piston": where it sits, not where it goes. */
    private boolean placedThing() {
        for (int i = from + 1; i < to; i++) {
            if (Set.of("in", "on").contains(speech.word(i))
                    && i + 1 < to
                    && NounPhrases.at(speech, i + 1, to).isPresent()) {
                return true;
            }
        }
        return false;
    }

    private boolean placed() {
        for (int i = from + 1; i < to; i++) {
            if (PLACES.contains(speech.word(i))) {
                return true;
            }
        }
        return false;
    }
}
