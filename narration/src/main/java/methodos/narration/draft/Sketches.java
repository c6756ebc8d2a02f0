package methodos.narration.draft;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.narration.DraftedStep.PartNamed;
import methodos.core.narration.DraftedStep.ToolNamed;
import methodos.core.speech.Measure;
import methodos.narration.acts.Verdict;
import methodos.narration.acts.Verdict.Outcome;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Complements.Prepositional;
import methodos.narration.grammar.NounPhrase;
import methodos.narration.grammar.NounPhrases;
import methodos.narration.grammar.Sizes;
import methodos.narration.grammar.Utterance;
import methodos.narration.things.Referents;
import methodos.narration.things.ThingsUsed;
import methodos.narration.values.Figure;
import methodos.narration.values.LimitsSaid;
import methodos.narration.vocabulary.WordClass;

/** Makes sketches of the clauses that say steps, and gives each what belongs to it. */
final class Sketches {

    /** From here on a clause is taken for a step. */
    static final double LIKELY = 0.4;

    private static final List<String> LEFT_HAND =
            List.of(
                    "left hand thread",
                    "left-hand thread",
                    "left handed thread",
                    "left-handed thread",
                    "left hand",
                    "left-hand",
                    "left handed",
                    "left-handed",
                    "left thread",
                    "reverse thread");
    private static final int THREAD_REACH = 25;
    private static final int REACH = 14;
    private static final int SHORT = 7;
    private static final int MOST_WORDS = 14;

    /** What is held or turned with a spanner. */
    private static final Set<String> SCREWED = Set.of("fastener", "fluid");

    private static final double SMALLEST_SPANNER = 4;
    private static final double LARGEST_SPANNER = 60;

    private final Utterance said;
    private final List<Clause> clauses;
    private final List<Verdict> verdicts;
    private final Sketch[] of;
    private final List<Sketch> sketches = new ArrayList<>();

    private final HazardsSaid hazards;
    private final LimitsSaid limits;

    Sketches(Utterance said, List<Clause> clauses, List<Verdict> verdicts, HazardsSaid hazards) {
        this.hazards = hazards;
        this.limits = new LimitsSaid(said);
        this.said = said;
        this.clauses = clauses;
        this.verdicts = verdicts;
        this.of = new Sketch[clauses.size()];
    }

    /** The sketches in the order in which they are said. */
    List<Sketch> made(List<Figure> figures) {
        for (int c = 0; c < clauses.size(); c++) {
            boolean only = c > 0 && (tool(clauses.get(c)) || figureOnly(c));
            if (verdicts.get(c).work() >= LIKELY && !only) {
                of[c] = sketch(clauses.get(c), verdicts.get(c));
                sketches.add(of[c]);
            }
        }
        details();
        figures.forEach(this::figure);
        sketches.forEach(this::things);
        List<Sketch> all = new RepeatsTold(said, clauses).with(sketches);
        sketches.clear();
        sketches.addAll(all);
        sketches.forEach(this::ways);
        new ConditionsTold(said, clauses, sketches).give();
        threads();
        return sketches;
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

    /** The sketch that a clause says or belongs to; null for none. */
    Sketch of(int clause) {
        return of[clause];
    }

    private static Sketch sketch(Clause clause, Verdict verdict) {
        // what is forbidden is no step, however sure the verb is
        boolean caution =
                verdict.caution() > verdict.work() - verdict.caution()
                        || clause.type() == Clause.Type.VERB && clause.lead().negated();
        Kind kind =
                caution
                        ? Kind.CAUTION
                        : switch (verdict.action()) {
                            case "inspect" -> Kind.INSPECTION;
                            case "measure" -> Kind.MEASUREMENT;
                            case "test" -> Kind.TEST;
                            default -> Kind.ACTION;
                        };
        double sure = caution ? verdict.work() : verdict.work() * verdict.certainty();
        return new Sketch(kind, caution ? null : verdict.action(), clause, sure);
    }

    /** Details go with the step that they stand next to, the one before rather than the next. */
    private void details() {
        for (int c = 1; c < clauses.size(); c++) {
            boolean figure = figureOnly(c);
            boolean near = figure || !partedFar(c - 1) && !conditional(c);
            boolean detail =
                    figure || verdicts.get(c).outcome() == Outcome.DETAIL || tool(clauses.get(c));
            if (of[c] == null && of[c - 1] != null && near && detail) {
                of[c] = of[c - 1];
                of[c].to = clauses.get(c).to();
            }
        }
        for (int c = clauses.size() - 2; c >= 0; c--) {
            boolean adjoins = of[c + 1] != null && of[c + 1].from == clauses.get(c + 1).from();
            boolean leads = of[c] == null && adjoins && !parted(c);
            boolean detail = verdicts.get(c).outcome() == Outcome.DETAIL || tool(clauses.get(c));
            if (leads && detail) {
                of[c] = of[c + 1];
                of[c].from = clauses.get(c).from();
            }
        }
    }

    /**
     * "and you want at least three millimetres", "crosswise to five newton metres": a figure of the
     * step before.
     */
    private boolean figureOnly(int c) {
        Clause clause = clauses.get(c);
        Sketch before = of[c - 1];
        boolean named =
                clause.complements().objects().stream()
                        .anyMatch(np -> said.vocabulary().things().names(np.head()));
        if (before == null || named || said.measures(clause.from(), clause.to()).isEmpty()) {
            return false;
        }
        boolean goesOn =
                clause.type() != Clause.Type.VERB
                        && before.is(verdicts.get(c).action())
                        && clause.complements().particle() == null;
        boolean judges =
                clause.type() == Clause.Type.VERB
                        && said.act(clause.head()).isEmpty()
                        && before.is("measure", "inspect", "adjust", "test", "align");
        return goesOn || judges;
    }

    /** Whether a clause asks something of the step behind it: "if it is worn, fit a new one". */
    private boolean conditional(int c) {
        Clause clause = clauses.get(c);
        boolean asks = List.of("if", "unless", "when").contains(clause.lead().subordinator());
        boolean next = c + 1 < clauses.size() && of[c + 1] != null && !parted(c);
        return asks && next && (said.runsOn() || !said.mark(clause.to() - 1).isEmpty());
    }

    /** Whether a sentence ends behind a clause and before the next. */
    private boolean parted(int c) {
        for (int i = clauses.get(c).to() - 1; i < clauses.get(c + 1).from(); i++) {
            if (said.ends(i)) {
                return true;
            }
        }
        return false;
    }

    /** Whether the next clause is of another sentence and says no more than a thing to use. */
    private boolean partedFar(int c) {
        return parted(c) && !tool(clauses.get(c + 1));
    }

    /** "ten millimetre socket": a thing that is only worked with. */
    private boolean tool(Clause clause) {
        List<NounPhrase> things = clause.complements().objects();
        return clause.type() != Clause.Type.VERB
                && clause.complements().particle() == null
                && things.size() == 1
                && said.vocabulary()
                        .things()
                        .toolAtEnd(List.of(things.get(0).name().split(" ")))
                        .filter(e -> !e.named().doubtful() || things.get(0).size() != null)
                        .isPresent();
    }

    private Optional<Sketch> near(int word) {
        Optional<Sketch> within =
                sketches.stream().filter(s -> s.from <= word && word < s.to).findFirst();
        return within.isPresent()
                ? within
                : sketches.stream()
                        .filter(s -> s.to <= word && word - s.to <= REACH)
                        .max(Comparator.comparingInt(s -> s.to))
                        .or(
                                () ->
                                        sketches.stream()
                                                .filter(
                                                        s ->
                                                                s.from > word
                                                                        && s.from - word <= REACH)
                                                .min(Comparator.comparingInt(s -> s.from)));
    }

    private void figure(Figure figure) {
        Measure m = figure.measure();
        Optional<Sketch> near = near(m.from());
        if (near.isPresent() && !ofSize(m) && toolsSize(m, near.get())) {
            near.get().tools.add(new ToolNamed("spanner", Sizes.print(m.min(), m.unit())));
            return;
        }
        if (figure.kind() == Figure.Kind.NONE || ofSize(m)) {
            return;
        }
        near.ifPresent(
                s -> {
                    switch (figure.kind()) {
                        case TORQUE -> s.torques.add(m);
                        case WAIT -> s.waits.add(m);
                        case REPEAT -> s.repeats = m;
                        default -> limit(s, figure);
                    }
                });
    }

    /** "Two bolts, thirteen mil", "eighteen mil on the hose": the size of a spanner. */
    private boolean toolsSize(Measure m, Sketch s) {
        boolean fits =
                m.single()
                        && m.bound() == Measure.Bound.NONE
                        && (m.unit().equals("mm") && m.whole() && !m.below(SMALLEST_SPANNER)
                                || m.unit().equals("in") && !m.whole())
                        && m.below(LARGEST_SPANNER);
        boolean turned = s.is("loosen", "tighten", "remove", "disconnect", "connect", "install");
        boolean begins = m.from() == 0 || !said.mark(m.from() - 1).isEmpty();
        boolean alone = begins && !said.mark(m.to() - 1).isEmpty();
        boolean on = said.word(m.to()).equals("on") && begins;
        boolean screwed =
                s.clause.complements().objects().stream()
                        .anyMatch(
                                np ->
                                        said.vocabulary().things().part(np.head()).stream()
                                                .anyMatch(SCREWED::contains));
        return fits && turned && (on || alone && screwed);
    }

    /** Whether it is the size of something that is named. */
    private boolean ofSize(Measure m) {
        return clauses.stream()
                .filter(c -> c.from() <= m.from() && m.from() < c.to())
                .flatMap(
                        c ->
                                Stream.concat(
                                        c.complements().objects().stream(),
                                        c.complements().phrases().stream()
                                                .map(Prepositional::thing)
                                                .filter(t -> t != null)))
                .anyMatch(np -> np.size() != null && np.from() <= m.from() && m.from() < np.to());
    }

    private void limit(Sketch s, Figure figure) {
        Measure m = limits.of(figure, s.action == null ? "" : s.action);
        boolean turned = s.is("tighten", "hand-tighten") && m.unit().equals("deg");
        if (turned && !s.torques.isEmpty() && m.max() != null) {
            s.then = m.max().toDouble();
        }
        s.limits.add(m);
    }

    private void things(Sketch s) {
        List<NounPhrase> objects = actedOn(s);
        ThingsUsed used = new ThingsUsed(said, s.action == null ? "" : s.action);
        if (s.kind != Kind.CAUTION) {
            s.consumables.addAll(used.consumables(s.from, s.to));
            s.tools.addAll(used.tools(phrases(s), objects));
        }
        for (NounPhrase np : objects) {
            boolean worked =
                    s.consumables.stream().anyMatch(np.name()::endsWith)
                            || s.tools.stream().anyMatch(t -> np.name().endsWith(t.name()));
            if (!worked || s.is("remove", "connect", "disconnect") && objects.size() == 1) {
                s.parts.add(counted(s, np));
            }
        }
        if (s.parts.isEmpty() && !s.consumables.isEmpty()) {
            s.clause
                    .complements()
                    .phrase("on", "to", "onto", "in", "into", "over", "round", "around")
                    .map(Prepositional::thing)
                    .ifPresent(t -> s.parts.add(part(t)));
        }
        if (s.parts.isEmpty() && s.kind != Kind.CAUTION) {
            stoodFor(s).forEach(np -> s.parts.add(part(np)));
        }
    }

    /** A part with how many there are of it, where only one number was told of it before. */
    private PartNamed counted(Sketch s, NounPhrase np) {
        if (np.quantity() != null || !np.plural() || !s.is("install", "tighten", "hand-tighten")) {
            return part(np);
        }
        List<Integer> told =
                clauses.stream()
                        .filter(c -> c.from() < s.from)
                        .flatMap(c -> c.complements().objects().stream())
                        .filter(other -> other.quantity() != null && same(other, np))
                        .map(NounPhrase::quantity)
                        .distinct()
                        .toList();
        return told.size() == 1 ? new PartNamed(np.name(), told.get(0), np.size(), null) : part(np);
    }

    private static boolean same(NounPhrase one, NounPhrase other) {
        return one.name().equals(other.name())
                || one.name().endsWith(" " + other.name())
                || other.name().endsWith(" " + one.name());
    }

    private static PartNamed part(NounPhrase np) {
        return new PartNamed(np.name(), np.quantity(), np.size(), null);
    }

    /** What "it" or "them" stands for, where nothing is named. */
    private List<NounPhrase> stoodFor(Sketch s) {
        String pronoun = s.clause.complements().pronoun();
        if (pronoun == null) {
            String subject = s.clause.lead().subject();
            boolean moves = subject.equals("it") || subject.equals("they");
            pronoun = moves ? subject : "";
        }
        boolean acted = s.clause.type() == Clause.Type.VERB && !pronoun.isEmpty();
        return acted
                ? new Referents(said, clauses).of(clauses.indexOf(s.clause), pronoun)
                : List.of();
    }

    /**
     * What is acted on: objects, the subject of what is done to it, or what a tool is moved along.
     */
    private List<NounPhrase> actedOn(Sketch s) {
        List<NounPhrase> objects =
                s.clause.complements().objects().stream().filter(Sketches::thing).toList();
        NounPhrase subject = s.clause.lead().thing();
        boolean undergoes = s.clause.lead().be() || s.clause.complements().objects().isEmpty();
        if (subject != null && undergoes) {
            return thing(subject) ? List.of(subject) : List.of();
        }
        boolean moved =
                !objects.isEmpty()
                        && s.is("inspect", "measure", "clean", "test")
                        && objects.stream().allMatch(this::workedWith);
        if (moved) {
            return s.clause
                    .complements()
                    .phrase("along", "across", "over", "on", "round", "around", "through", "in")
                    .map(Prepositional::thing)
                    .filter(Sketches::thing)
                    .map(List::of)
                    .orElse(List.of());
        }
        return objects;
    }

    private boolean workedWith(NounPhrase np) {
        return WordClass.PERSON.has(np.head())
                || said.vocabulary()
                        .things()
                        .toolAtEnd(List.of(np.name().split(" ")))
                        .filter(e -> !e.named().doubtful())
                        .isPresent();
    }

    private static boolean thing(NounPhrase np) {
        return !WordClass.ABSTRACT.has(np.head())
                || np.name().contains(" ") && !np.name().matches("\\w+ (time|way|turn|thing)s?");
    }

    /** All things that are named within the words of a step. */
    private List<NounPhrase> phrases(Sketch s) {
        List<NounPhrase> all = new ArrayList<>();
        for (int c = 0; c < clauses.size(); c++) {
            if (of[c] == s) {
                all.addAll(clauses.get(c).complements().objects());
                if (clauses.get(c).lead().thing() != null) {
                    all.add(clauses.get(c).lead().thing());
                }
                clauses.get(c).complements().phrases().stream()
                        .map(Prepositional::thing)
                        .filter(t -> t != null)
                        .forEach(all::add);
            }
        }
        // behind a comma: "undo the bolts, ten millimetre socket"
        for (int i = s.to; i < Math.min(said.size(), s.to + 1) && !said.ends(i - 1); i++) {
            NounPhrases.at(said, i, said.size())
                    .filter(np -> np.size() != null)
                    .ifPresent(all::add);
        }
        return all;
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
        return sketches.stream().anyMatch(s -> s.from == word);
    }

    private void ways(Sketch s) {
        s.pattern = FastenerOrder.of(said, s.from, s.to);
        s.orientation = WayRound.of(said.text(s.from, statementEnd(s)), s.action);
        s.until = until(s);
        s.why = why(s);
        s.reference = DocumentsSaid.of(said, s.from, statementEnd(s));
        s.hazards.addAll(hazards.said(said, s.from, s.to));
    }
}
