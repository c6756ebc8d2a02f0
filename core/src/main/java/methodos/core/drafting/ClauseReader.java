package methodos.core.drafting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.speech.WordSet;

/** Reads one clause: who does what to which part. */
final class ClauseReader {

    private static final Set<String> TIMED_LEADS = WordSet.of("before after while until when once");

    private static final Set<String> EFFECTS =
            WordSet.of(
                    "lets keeps stops takes gives makes helps prevents saves loads swells scratches"
                            + " melts cracks breaks pushes holds");

    private static final Set<String> CALLS_FOR =
            WordSet.of(
                    "want need going have like got try has ought way is ready time forget wants"
                            + " needs remember you do supposed careful clockwise anticlockwise here about");

    private static final Set<String> LOOK_AT_PLACES =
            WordSet.of("go look press tap come feel drop hit");

    private static final Set<String> PERSONS = WordSet.of("everybody people everyone me us him");

    private static final Set<String> ACTORS = WordSet.of("it he she which who that");

    private static final Set<String> LEAVE_BY_THEMSELVES =
            WordSet.of("come go fall drop slide walk slip pull lift pop screw");

    private static final Set<String> ELECTRICAL =
            WordSet.of("plug power current breaker switch pump supply mains fuse");

    private static final Set<String> HAND_TURNED =
            WordSet.of(
                    "screw bolt nut cap plug gland locknut stud fitting union glass gauge ring"
                            + " fastener");

    private static final Set<String> EXPECTATIONS =
            WordSet.ofPhrases(
                    "should, must, ought, you want, we want, has to, have to, needs to be, may be"
                            + ", can be until, we accept, mustnt, want less, want no, better");

    private static final Set<String> WITHOUT_OBJECT =
            WordSet.of(
                    "go come drop fall slide walk pull lift pop slip spin work screw push press fit"
                            + " seat sit run turn swing thread knock drive tap ease twist");

    private final Speech speech;

    private final Context context;

    private final Clause clause;

    private final Said said;

    private final int start;

    private final int end;

    private final String text;

    private ClauseReader(Speech speech, Context context, Clause clause) {
        this.speech = speech;
        this.context = context;
        this.clause = clause;
        this.start = clause.body();
        this.end = clause.to();
        this.said = Said.in(speech, clause.from(), clause.to());
        this.text = speech.text(start, end);
    }

    static Outcome read(Speech speech, Context context, Clause clause, Said[] also) {
        ClauseReader reader = new ClauseReader(speech, context, clause);
        also[0] = reader.said;
        return reader.read();
    }

    private Outcome read() {
        Outcome talk = Talk.of(speech, clause);
        if (talk != null) {
            return talk;
        }
        if (said.orientation != null
                && text.startsWith(said.orientation)
                && !text.startsWith("turn")) {
            return Outcome.of(Outcome.Sort.ADDITION);
        }
        if (explains()) {
            return Outcome.of(Outcome.Sort.REASON);
        }
        if (clause.lead().equals("because")) {
            return Outcome.of(Outcome.Sort.REASON);
        }
        if (clause.conditional()) {
            return Outcome.of(Outcome.Sort.CONDITION);
        }
        boolean condemned =
                speech.has(start, end, "shows", "reads")
                        && speech.text(clause.to(), clause.to() + 1)
                                .matches("scrap|new|bin|replace");
        if (condemned) {
            return Outcome.of(Outcome.Sort.CONDITION);
        }
        Outcome forbidden = Prohibitions.of(speech, clause, said);
        if (forbidden != null) {
            return forbidden;
        }
        if (TIMED_LEADS.contains(clause.lead()) && !text.startsWith("that") && !bareAfter()) {
            return Outcome.of(Outcome.Sort.ADDITION);
        }
        if (speech.has(start, end, "later on", "later", "in a minute", "in a moment")
                && !speech.has(start, end, "minutes later", "min later")) {
            return Outcome.of(Outcome.Sort.NOTE);
        }
        if (text.matches(
                "(you|youll|you can|you will) (just |then |can )?(feel|hear|notice) (?!for |with |the |down |along ).*")) {
            return Outcome.of(Outcome.Sort.ADDITION);
        }
        if (text.matches("its so .*")) {
            return Outcome.of(Outcome.Sort.REASON);
        }
        if (clause.lead().equals("so")
                && text.matches(
                        "(they|it) (go|goes|can|cant|dont|doesnt|fits|stays|wont|will|comes|come) .*")
                && !text.contains("bin")) {
            return Outcome.of(Outcome.Sort.REASON);
        }
        if (text.matches("here (comes|it comes|they come|she comes|we go).*")) {
            return Outcome.of(Outcome.Sort.NOTE);
        }
        if (text.matches("(youll|itll|theyll|you will|it will) (?!need|have|want).*")) {
            return Outcome.of(Outcome.Sort.NOTE);
        }
        if (hot()) {
            Finding f = new Finding(Kind.CAUTION, null, clause);
            f.hazards.add("hot surface");
            return Outcome.steps(List.of(f));
        }
        if (behaves()) {
            return Outcome.of(Outcome.Sort.EXPECTATION);
        }
        Finding special = SpecialVerbs.of(this);
        if (special != null) {
            return special.action == null && special.kind == Kind.ACTION
                    ? Outcome.of(Outcome.Sort.NOTE)
                    : Outcome.steps(List.of(special));
        }
        if (speech.has(start, end, "=")
                        && !speech.has(start, end, "= new", "= a new", "= scrap", "= bin")
                || text.equals("dry") && topic() != null && context.buildUp()) {
            return Outcome.of(Outcome.Sort.NOTE);
        }
        List<Finding> acted = verbs();
        if (!acted.isEmpty()) {
            if (said.withNo) {
                acted.add(new Finding(Kind.CAUTION, null, clause));
            }
            return Outcome.steps(acted);
        }
        Outcome verdict = Verdicts.of(this);
        if (verdict != null) {
            return verdict;
        }
        if (expects()) {
            return Outcome.of(Outcome.Sort.EXPECTATION);
        }
        return Telegraphic.of(this);
    }

    /** "the oil can be above eighty degrees": a warning and no limit. */
    private boolean hot() {
        return text.matches(".*\\b(can|may|could|will|gets?) (be|get|reach|to)?.*")
                && measures().stream()
                        .anyMatch(m -> m.temperature() && m.max() == null | m.min() == null | true)
                && measures().stream()
                        .filter(Measure::temperature)
                        .allMatch(m -> (m.max() == null ? m.min() : m.max()).toDouble() >= 45)
                && !text.matches(".*\\b(must|should|turn|angle|further|heat|warm|you)\\b.*");
    }

    /** "they must turn without noise": what a part should do by itself. */
    private boolean behaves() {
        for (int i = start; i < Math.min(end - 1, start + 6); i++) {
            if (speech.word(i).equals("must") && speech.word(i + 1).equals("go")) {
                return false;
            }
            if (Set.of("must", "should", "mustnt", "shouldnt").contains(speech.word(i))) {
                return i > start
                                && !Set.of("you", "we", "i", "one").contains(speech.word(i - 1))
                                && !speech.word(i + 1).equals("be")
                        || speech.word(i + 1).equals("be")
                                && measures().stream().anyMatch(m -> !m.torque() && !m.bare())
                                && i > start;
            }
        }
        return false;
    }

    /** "after, screws fourteen newton metres": no more than an order is meant. */
    private boolean bareAfter() {
        return clause.lead().equals("after") && measures().stream().anyMatch(Measure::torque);
    }

    /** "that lets the pressure out", "it takes the bronze off": why, not what. */
    private boolean explains() {
        String w = speech.word(start);
        int v = start + 1;
        if (!Set.of("that", "this", "it", "which").contains(w) || v >= end) {
            return false;
        }
        if (EFFECTS.contains(speech.word(v))) {
            return said.tools.stream().noneMatch(t -> t.size() != null)
                    && !measures().stream().anyMatch(m -> m.torque() || m.time() || m.turns());
        }
        return false;
    }

    // ---------------------------------------------------------------- what the others ask

    Speech speech() {
        return speech;
    }

    Context context() {
        return context;
    }

    /** What the sentence is about, where a fragment has said so: "sight glass: unscrew". */
    Finding.Part topic() {
        return context.topic(clause.sentence()).orElse(null);
    }

    Clause clause() {
        return clause;
    }

    Said said() {
        return said;
    }

    int start() {
        return start;
    }

    int end() {
        return end;
    }

    String text() {
        return text;
    }

    List<Measure> measures() {
        return speech.measures(clause.from(), end);
    }

    // ---------------------------------------------------------------- verbs

    private List<Finding> verbs() {
        List<Finding> found = new ArrayList<>();
        for (int i = start; i < end; i++) {
            int at = i;
            Optional<Verb.Met> met = speech.verbAt(i, start, end).or(() -> unknown(at));
            if (met.isEmpty() || said.taken(i) && met.get().verb().alsoNoun() && !takenAsVerb(i)) {
                continue;
            }
            int so = speech.find(start, i, "so");
            if (purpose(i)
                    || so > start
                            && java.util.Set.of("that", "you", "it", "they")
                                    .contains(speech.word(so + 1))) {
                break;
            }
            if (relative(i)) {
                continue;
            }
            Finding f = event(i, met.get());
            if (f != null) {
                found.add(f);
                byMeans(i + 1, found);
                break;
            }
        }
        return found;
    }

    /** What every verb means with "off" or "in" behind its object: "zip it off". */
    private static final Verb ANY =
            new Verb(
                    "",
                    null,
                    Map.of(
                            "off", "remove", "out", "remove", "back", "install", "in", "install",
                            "on", "install"),
                    false);

    /** A verb that no list knows, at the beginning of a clause. */
    private Optional<Verb.Met> unknown(int i) {
        boolean first =
                i == start || i == start + 1 && Grammar.SUBJECTS.contains(speech.word(start));
        boolean verb =
                first
                        && speech.tag(i).equals("VERB")
                        && speech.lexicon().verb(speech.token(i)).isEmpty()
                        && !Grammar.AUXILIARIES.contains(speech.word(i))
                        && speech.token(i).mark().isEmpty()
                        && (Set.of("it", "them", "that").contains(speech.word(i + 1))
                                || Grammar.ARTICLES.contains(speech.word(i + 1)));
        return verb ? Optional.of(new Verb.Met(ANY, Verb.Form.BASE)) : Optional.empty();
    }

    private boolean takenAsVerb(int i) {
        return i == start;
    }

    /** "to let the vacuum off", "so that it cannot turn": what for, and no step of its own. */
    private boolean purpose(int i) {
        int p = speech.previous(i, start);
        if (p < start || !speech.word(p).equals("to")) {
            return false;
        }
        int q = speech.previous(p, start);
        return q < start || !CALLS_FOR.contains(speech.word(q));
    }

    /** "the thing that lifts it": the verb belongs to the thing. */
    private boolean relative(int i) {
        int p = speech.previous(i, start);
        return p > start
                && Set.of("that", "which", "who").contains(speech.word(p))
                && NounPhrases.at(speech, start, p).isPresent();
    }

    /** "... by pushing the rod in" is a second thing that is done. */
    private void byMeans(int from, List<Finding> found) {
        int by = speech.find(from, end, "by");
        if (by < 0 || by + 1 >= end) {
            return;
        }
        Optional<Verb.Met> met = speech.verbAt(by + 1, by, end);
        if (met.isPresent() && met.get().form() == Verb.Form.ING) {
            Finding f = event(by + 1, met.get());
            if (f != null) {
                found.add(f);
            }
        }
    }

    private Finding event(int v, Verb.Met met) {
        Verb verb = met.verb();
        int holder = speech.previous(v, start);
        boolean held =
                verb.base().equals("hold")
                        && holder >= start
                        && !Grammar.SUBJECTS.contains(speech.word(holder))
                        && !Grammar.MODALS.contains(speech.word(holder))
                        && NounPhrases.at(speech, start, v).filter(NounPhrase::part).isPresent();
        if (described(v, met) || held) {
            return null;
        }
        if (met.form() == Verb.Form.THIRD_PERSON
                && Set.of("hold", "weigh", "take", "need").contains(verb.base())
                && !measures().isEmpty()) {
            return null;
        }
        boolean passive =
                (met.form() == Verb.Form.PAST || met.form() == Verb.Form.PARTICIPLE)
                        && speech.passive(v, start);
        int stop = speech.find(v + 1, end, "by");
        Objects objects =
                Objects.behind(
                        speech,
                        said,
                        v + 1,
                        stop > v + 1 && found(stop) ? stop : end,
                        LOOK_AT_PLACES.contains(verb.base()));
        if ("you".equals(objects.pronoun()) || PERSONS.contains(speech.word(v + 1))) {
            return null;
        }
        String particle = objects.particle();
        String action = verb.actionWith(particle);
        if (action == null
                && particle == null
                && (!objects.parts().isEmpty()
                        || WITHOUT_OBJECT.contains(verb.base())
                                && !verb.base().equals("run")
                                && met.form() == Verb.Form.THIRD_PERSON)
                && objects.placePreposition() != null) {
            action = verb.actionWith(objects.placePreposition());
        }
        int q = speech.previous(v, start);
        boolean can =
                q > start
                        && Set.of("can", "could", "cant").contains(speech.word(q))
                        && speech.word(q - 1).equals("you");
        if (action == null
                || can
                        && objects.parts().isEmpty()
                        && objects.pronoun() == null
                        && particle == null) {
            return null;
        }
        if (met.form() == Verb.Form.THIRD_PERSON
                && Set.of("drop", "fall", "slide").contains(verb.base())
                && !context.buildUp()
                && action.equals("install")) {
            action = "remove";
        }
        boolean pronounSubject =
                speech.previous(v, start) >= start
                        && Set.of("they", "it", "that")
                                .contains(speech.word(speech.previous(v, start)));
        if (action.equals("install")
                && !context.buildUp()
                && pronounSubject
                && WITHOUT_OBJECT.contains(verb.base())
                && !objects.binned()) {
            return null;
        }
        Finding f = new Finding(kind(action), action, clause);
        if (passive
                || objects.parts().isEmpty()
                        && objects.pronoun() == null
                        && WITHOUT_OBJECT.contains(verb.base())
                        && met.form() != Verb.Form.BASE
                || intransitive(v, objects, verb)) {
            subject(v, f);
        } else {
            take(objects, f);
        }
        if (objects.from() != null && !f.parts.isEmpty()) {
            f.parts.replaceAll(p -> p.from() == null ? p.withFrom(objects.from()) : p);
        }
        f.place = objects.place();
        refine(f, verb, objects);
        return f;
    }

    private boolean found(int by) {
        return by + 1 < end
                && speech.verbAt(by + 1, by, end)
                        .filter(m -> m.form() == Verb.Form.ING)
                        .isPresent();
    }

    /**
     * "it holds the roller", "he push it": what something does by itself, not what is to be done.
     */
    private boolean described(int v, Verb.Met met) {
        int p = speech.previous(v, start);
        if (p < start || !ACTORS.contains(speech.word(p)) || speech.passive(v, start)) {
            return false;
        }
        return !LEAVE_BY_THEMSELVES.contains(met.verb().base())
                || met.form() == Verb.Form.BASE && speech.word(p).equals("that");
    }

    /** "two washers come off", "bracket come out": a base form behind its subject. */
    private boolean intransitive(int v, Objects objects, Verb verb) {
        int p = speech.previous(v, start);
        return objects.parts().isEmpty()
                && objects.pronoun() == null
                && WITHOUT_OBJECT.contains(verb.base())
                && p >= start
                && !Grammar.SUBJECTS.contains(speech.word(p))
                && (!Grammar.MODALS.contains(speech.word(p))
                        || speech.word(p).equals("to") && speech.word(p - 1).equals("ought"))
                && NounPhrases.at(speech, start, v).isPresent();
    }

    private void subject(int v, Finding f) {
        Objects subjects = Objects.behind(speech, said, start, v);
        take(subjects, f);
    }

    private static final Set<String> STANDS = Set.of("stand", "trestle", "block", "plank");

    /** Where parts are laid while other work goes on. */
    private static final Set<String> RESTS =
            WordSet.of(
                    "bench workbench table floor stand trestle rag cloth towel cardboard mat tray"
                            + " tub box bag shelf pallet plank block");

    void take(Objects objects, Finding f) {
        Optional<NounPhrase> own = NounPhrases.at(speech, start, end).filter(NounPhrase::part);
        boolean told =
                own.isPresent()
                        && own.get().to() < end
                        && Set.of("is", "are", "has", "sits", "lives")
                                .contains(speech.word(own.get().to()));
        if (f.is("test", "wait")) {
            f.parts.addAll(objects.parts());
            return;
        }
        if (objects.pronoun() != null && objects.parts().isEmpty() && told) {
            NounPhrase np = own.get();
            f.parts.add(Finding.Part.of(np));
        } else if (objects.pronoun() != null && objects.parts().isEmpty()) {
            (f.is("tighten", "hand-tighten") && !objects.pronoun().equals("it")
                            ? context.fastener()
                            : context.meant(objects.pronoun(), clause.from()))
                    .ifPresent(
                            p -> {
                                f.parts.add(p);
                                f.unsure.add(objects.pronoun());
                            });
        }
        f.parts.addAll(objects.parts());
    }

    static Kind kind(String action) {
        return switch (action) {
            case "inspect" -> Kind.INSPECTION;
            case "measure", "record" -> Kind.MEASUREMENT;
            case "test" -> Kind.TEST;
            default -> Kind.ACTION;
        };
    }

    /** What tool, consumable, place and value make of a verb. */
    void refine(Finding f, Verb verb, Objects objects) {
        if (f.is("lubricate")
                && said.consumables.isEmpty()
                && Set.of("grease", "oil").contains(verb.base())) {
            f.consumables.add(verb.base());
        }
        if (verb.base().equals("plug") && objects.pronoun() != null && f.is("restore")) {
            f.parts.clear();
            f.unsure.clear();
            return;
        }
        if (verb.base().equals("spread") && said.consumables.isEmpty()) {
            f.action = "bend";
        }
        boolean lubricant = said.lubricant();
        boolean sealant = said.sealant();
        if (f.is("install", "apply", "lubricate") && !said.consumables.isEmpty()) {
            boolean named =
                    f.parts.isEmpty() || f.parts.stream().allMatch(p -> consumable(p.name()));
            if (f.is("install") && named || !f.is("install")) {
                if (lubricant || sealant || f.is("install")) {
                    f.action = lubricant ? "lubricate" : "apply";
                }
                if (named) {
                    f.parts.clear();
                    String on = objects.place();
                    if (on != null) {
                        f.parts.add(Finding.Part.named(on));
                    } else if (objects.pronounPlace() != null) {
                        context.meant(objects.pronounPlace(), clause.from())
                                .ifPresent(f.parts::add);
                    }
                }
            }
        }
        if (f.is("pull", "remove")
                && f.parts.stream()
                        .anyMatch(
                                p ->
                                        Set.of("cable", "lead", "wire", "connector", "hose")
                                                .contains(Nouns.head(p.name())))) {
            f.action = "disconnect";
        }
        if (f.is("tighten", "install", "turn") && said.byHand && handy(f)) {
            f.action = "hand-tighten";
        }
        if (f.is("remove", "lower", "install") && objects.binned()) {
            f.action = "discard";
        }
        if (f.is("loosen")
                && f.parts.stream()
                        .anyMatch(
                                p ->
                                        Set.of("hose", "pipe", "union", "cable", "coupling-half")
                                                .contains(Nouns.head(p.name())))) {
            f.action = "disconnect";
        }
        if (f.is("install")
                && f.parts.stream()
                        .allMatch(p -> Set.of("mark", "line").contains(Nouns.head(p.name())))
                && !f.parts.isEmpty()
                && !context.buildUp()) {
            f.action = "mark";
            if (objects.place() != null) {
                f.parts.clear();
                f.addNamed(objects.places());
            }
        }
        if (f.is("restore")
                && f.parts.stream().noneMatch(p -> ELECTRICAL.contains(Nouns.head(p.name())))
                && verb.base().equals("plug")
                && !f.parts.isEmpty()) {
            f.action = "connect";
        }
        if (f.is("install", "support", "secure")
                && !f.parts.isEmpty()
                && f.parts.stream()
                        .allMatch(p -> Set.of("tag", "label").contains(Nouns.head(p.name())))) {
            f.action = "mark";
            if (objects.place() != null || objects.pronounPlace() != null) {
                f.parts.clear();
                if (objects.place() != null) {
                    f.parts.add(Finding.Part.named(objects.place()));
                } else {
                    context.meant(objects.pronounPlace(), clause.from()).ifPresent(f.parts::add);
                }
            }
        }
        if (f.is("install")
                && verb.base().equals("put")
                && said.tools.stream().anyMatch(t -> t.name().endsWith("puller"))) {
            f.action = "pull";
            f.parts.clear();
            context.meant("it", clause.from()).ifPresent(f.parts::add);
        }
        if (f.is("connect", "restore")
                && verb.base().equals("plug")
                && objects.pronoun() != null
                && context.buildUp()) {
            f.action = "restore";
            f.parts.clear();
        }
        if (f.is("install")
                && objects.places().stream()
                        .anyMatch(p -> p.matches(".*(oven|heater|hot plate)"))) {
            f.action = "heat";
        }
        if (f.is("install")
                && objects.places().stream().anyMatch(p -> p.matches(".*(freezer|fridge|ice)"))) {
            f.action = "cool";
        }
        if (f.is("install")
                && objects.place() != null
                && consumable(objects.place())
                && !f.parts.isEmpty()) {
            f.action = measures().stream().anyMatch(m -> m.temperature()) ? "heat" : "lubricate";
        }
        if (f.is("install") && Set.of("vise", "vice").contains(String.valueOf(objects.place()))) {
            f.action = "secure";
        } else if (f.is("install")) {
            laidDown(f);
        }
    }

    /** "put it on the bench" lays a part down; it goes into nothing. */
    private void laidDown(Finding f) {
        for (int i = start + 1; i < end - 1; i++) {
            if (!Set.of("in", "into", "on", "onto").contains(speech.word(i))) {
                continue;
            }
            int to = NounPhrases.at(speech, i + 1, end).map(NounPhrase::to).orElse(i + 1);
            // "the wooden stand": tagged as a verb, it is no part of the phrase
            int last = to < end && RESTS.contains(speech.word(to)) ? to : to - 1;
            String rest = Nouns.singular(speech.word(last));
            if (RESTS.contains(rest)) {
                f.action = STANDS.contains(rest) ? "support" : "lower";
                f.restsOn = speech.text(i, last + 1);
                return;
            }
        }
    }

    private static boolean handy(Finding f) {
        return f.is("tighten")
                || f.parts.isEmpty()
                || f.parts.stream().allMatch(p -> HAND_TURNED.contains(Nouns.head(p.name())));
    }

    boolean consumable(String name) {
        return speech.lexicon().consumable(name).isPresent()
                || speech.lexicon().consumable(Nouns.head(name)).isPresent();
    }

    // ---------------------------------------------------------------- expectations

    private boolean expects() {
        if (speech.hasAny(start, end, EXPECTATIONS)) {
            return true;
        }
        return false;
    }
}
