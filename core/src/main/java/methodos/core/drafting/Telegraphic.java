package methodos.core.drafting;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.vocabulary.Nouns;
import methodos.core.vocabulary.WordSet;

/** Clauses without a verb: "nut off", "rotor back in", "four bolts, eight mil socket". */
final class Telegraphic {

    private static final Set<String> WHERE_APPLIED =
            WordSet.of("on onto in for around round over between");

    private static final Set<String> WIPED = WordSet.of("off away out");

    private static final Set<String> ALL = WordSet.of("all both them everything");

    private static final Pattern STATE =
            Pattern.compile("(now )?(closed|shut|open|off|on|tight|loose)");

    private static final Pattern ORDER_IN_NUMBERS = Pattern.compile("\\d.*");

    /** Longer than this nobody leaves out the verb. */
    private static final int LONGEST = 16;

    private final ClauseReader reader;
    private final Speech speech;
    private final Fragment fragment;
    private final Said said;
    private final List<NounPhrase> things;
    private final String particle;
    private final boolean buildUp;
    private final int from;
    private final int to;

    private Telegraphic(ClauseReader reader) {
        this.reader = reader;
        this.speech = reader.speech();
        this.fragment = new Fragment(reader);
        this.said = reader.said();
        this.things = fragment.things();
        this.particle = fragment.particle();
        this.buildUp = reader.context().buildUp();
        this.from = reader.start();
        this.to = reader.end();
    }

    static Outcome of(ClauseReader reader) {
        return new Telegraphic(reader).read();
    }

    private Outcome read() {
        if (things.isEmpty()
                && fragment.has("click", "clicks")
                && fragment.has("back", "out")
                && measured(m -> m.unit().equals("count"))) {
            return step("adjust");
        }
        if (fragment.length() > LONGEST
                || fragment.statement()
                || said.reference != null && !measured(Measure::torque)) {
            return Outcome.of(Outcome.Sort.NOTE);
        }
        boolean none =
                speech.word(from).equals("no")
                        && speech.token(from).mark().isEmpty()
                        && Sizes.at(speech, from, to) == null;
        if (none) {
            return Outcome.of(
                    said.orientation != null ? Outcome.Sort.ADDITION : Outcome.Sort.EXPECTATION);
        }
        if (fragment.mark().equals("?")) {
            return question();
        }
        if (!things.isEmpty() && Things.PROTECTION.contains(things.get(0).head())) {
            return Outcome.of(Outcome.Sort.ADDITION);
        }
        return tightened()
                .or(() -> said.consumables.isEmpty() ? Optional.empty() : consumable())
                .orElseGet(
                        () ->
                                things.isEmpty()
                                        ? nothingNamed()
                                        : ThingTold.of(reader, fragment, things, particle));
    }

    private boolean measured(Predicate<Measure> kind) {
        return reader.measures().stream().anyMatch(kind);
    }

    private Outcome step(String action) {
        return Outcome.steps(List.of(new Finding(Finding.kind(action), action, reader.clause())));
    }

    private Outcome step(String action, Finding.Part part) {
        Finding f = new Finding(Finding.kind(action), action, reader.clause());
        f.parts.add(part);
        return Outcome.steps(List.of(f));
    }

    /**
     * "one three two four", "to the right a quarter turn", "two litres in", "twelve foot pounds".
     */
    private Optional<Outcome> tightened() {
        boolean nothing = things.isEmpty();
        if (nothing && said.pattern != null && ORDER_IN_NUMBERS.matcher(said.pattern).matches()) {
            return Optional.of(
                    reader.context()
                            .fastener()
                            .map(part -> step("tighten", part))
                            .orElseGet(() -> step("tighten")));
        }
        Finding.Part topic = reader.topic();
        if (topic != null && STATE.matcher(fragment.text()).matches()) {
            return Optional.of(step(byState(fragment.text()), topic));
        }
        if (nothing
                && topic == null
                && measured(m -> m.turns() && m.single())
                && fragment.has("to the right", "to the left", "clockwise", "anticlockwise")) {
            return Optional.of(step("turn"));
        }
        Optional<NounPhrase> held = fastenerOfTool();
        if (nothing && held.isPresent()) {
            return Optional.of(step(buildUp ? "tighten" : "loosen", Finding.Part.of(held.get())));
        }
        if (nothing
                && measured(Measure::turns)
                && fragment.has("past hand tight", "past finger tight", "more", "further")) {
            return Optional.of(
                    reader.context()
                            .fastener()
                            .map(part -> step("tighten", part))
                            .orElseGet(() -> step("tighten")));
        }
        boolean onEach = fragment.has("on each", "each", "all round", "every one");
        if (nothing
                && onEach
                && measured(m -> m.turns() && m.single())
                && reader.context().fastener().isPresent()) {
            String action = buildUp ? "tighten" : "loosen";
            return Optional.of(step(action, reader.context().fastener().get()));
        }
        if (nothing && measured(Measure::volume) && fragment.has("in", "into")) {
            return Optional.of(step("fill"));
        }
        if (measured(Measure::torque) || said.pattern != null && nothing) {
            Finding f = new Finding(Kind.ACTION, "tighten", reader.clause());
            f.addParts(things);
            return Optional.of(
                    f.parts.isEmpty()
                            ? Outcome.of(Outcome.Sort.ADDITION)
                            : Outcome.steps(List.of(f)));
        }
        return Optional.empty();
    }

    /** "thirteen mil on the lock nut": the tool is told with what it is for. */
    private Optional<NounPhrase> fastenerOfTool() {
        int on = said.tools.size() == 1 ? speech.find(from, to, "on") : -1;
        return on <= from || measured(Measure::torque)
                ? Optional.empty()
                : NounPhrases.at(speech, on + 1, to)
                        .filter(np -> Things.THREADED.contains(np.head()))
                        .filter(np -> !spokenOf(np));
    }

    /** Whether something was just done to it: the tool belongs to that then. */
    private boolean spokenOf(NounPhrase np) {
        return reader.context()
                .last(reader.clause().from())
                .filter(p -> Nouns.head(p.name()).equals(np.head()))
                .isPresent();
    }

    /** "suction valve: closed". */
    private String byState(String state) {
        return switch (state.replace("now ", "")) {
            case "closed", "shut" -> buildUp ? "turn" : "isolate";
            case "open" -> buildUp ? "restore" : "vent";
            case "off" -> "isolate";
            case "on" -> "restore";
            case "tight" -> "tighten";
            default -> "loosen";
        };
    }

    /** "bent?" asks for a condition, "dry round the gland?" for a look. */
    private Outcome question() {
        List<Measure> measures = reader.measures();
        boolean nothing = things.isEmpty();
        if (nothing && !measures.isEmpty() && measures.stream().allMatch(Measure::time)) {
            return Outcome.of(Outcome.Sort.ADDITION);
        }
        if (nothing && reader.topic() != null && fragment.length() <= 2) {
            return step("inspect", reader.topic());
        }
        boolean place = fragment.placed() || fragment.has("round", "around", "at");
        if (nothing && !place && measures.stream().allMatch(Measure::bare)) {
            return Outcome.of(Outcome.Sort.CONDITION);
        }
        String action = measures.isEmpty() ? "inspect" : "measure";
        Finding f = new Finding(Finding.kind(action), action, reader.clause());
        if (nothing) {
            f.addNamed(fragment.places());
        } else {
            f.addParts(things.subList(0, 1));
        }
        return Outcome.steps(List.of(f));
    }

    /** "grease on the lip", "old gasket paste off", "a drop of threadlocker". */
    private Optional<Outcome> consumable() {
        if (particle != null && WIPED.contains(particle) && !fragment.has("with")) {
            Finding.Part wiped = Finding.Part.named(said.consumables.iterator().next());
            said.consumables.clear();
            return Optional.of(step("remove", wiped));
        }
        if (speech.word(from).equals("old") && !buildUp) {
            said.consumables.clear();
            Finding f = new Finding(Kind.ACTION, "clean", reader.clause());
            f.addNamed(fragment.places());
            return Optional.of(Outcome.steps(List.of(f)));
        }
        if (measured(Measure::temperature) && !things.isEmpty() && said.lubricant()) {
            return Optional.of(ThingTold.step(reader, "heat", things));
        }
        return Optional.of(applied());
    }

    private Outcome applied() {
        boolean cleans = said.cleaner() && !said.lubricant();
        String action = cleans ? "clean" : said.sealant() ? "apply" : "lubricate";
        Optional<String> place = whereApplied();
        if (place.isPresent()) {
            return step(action, Finding.Part.named(place.get()));
        }
        if (cleans) {
            return step(action);
        }
        Finding f = new Finding(Kind.ACTION, action, reader.clause());
        if (!things.isEmpty() && !speech.lexicon().namesConsumable(things.get(0).name())) {
            f.addParts(things.subList(0, 1));
        } else {
            reader.context().last(reader.clause().from()).ifPresent(f.parts::add);
        }
        return Outcome.steps(List.of(f));
    }

    private Optional<String> whereApplied() {
        for (int i = from; i < to; i++) {
            if (WHERE_APPLIED.contains(speech.word(i))) {
                return NounPhrases.at(speech, i + 1, to)
                        .filter(NounPhrase::part)
                        .map(NounPhrase::name)
                        .filter(name -> !speech.lexicon().namesConsumable(name));
            }
        }
        return Optional.empty();
    }

    /** "all four out", "both off": the things that were spoken of. */
    private Optional<NounPhrase> allOfThem() {
        Objects objects = Objects.behind(speech, said, from, to);
        if (objects.pronoun() == null || !ALL.contains(speech.word(from))) {
            return Optional.empty();
        }
        int at = reader.clause().from();
        return Optional.ofNullable(objects.count())
                .flatMap(n -> reader.context().counted(n, at))
                .or(() -> reader.context().meant("them", at))
                .map(objects::counted)
                .map(
                        p ->
                                new NounPhrase(
                                        from,
                                        from + 1,
                                        p.name(),
                                        p.quantity(),
                                        p.size(),
                                        true,
                                        false));
    }

    /** Neither a thing nor a consumable: "ten times", "back on", "hand tight". */
    private Outcome nothingNamed() {
        if (measured(Measure::cycles)) {
            return step("test");
        }
        Optional<NounPhrase> all = allOfThem();
        if (all.isPresent() && particle != null) {
            return ThingTold.of(reader, fragment, List.of(all.get()), particle);
        }
        if (buildUp && speech.phrase(from, "back") && fragment.has("back on", "back in")) {
            return step("install");
        }
        boolean adds =
                said.leftHand
                        || !said.tools.isEmpty()
                        || !reader.measures().isEmpty()
                        || said.orientation != null
                        || particle != null;
        return Outcome.of(adds ? Outcome.Sort.ADDITION : Outcome.Sort.NOTE);
    }
}
