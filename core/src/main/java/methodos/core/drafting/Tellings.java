package methodos.core.drafting;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.vocabulary.WordSet;

/** Clauses that tell of something instead of asking for work: reasons, effects, expectations. */
final class Tellings {

    private static final Set<String> TIMED_LEADS = WordSet.of("before after while until when once");

    private static final Set<String> EFFECTS =
            WordSet.of(
                    "lets keeps stops takes gives makes helps prevents saves loads swells scratches"
                            + " melts cracks breaks pushes holds");

    private static final Set<String> EXPECTATIONS =
            WordSet.ofPhrases(
                    "should, must, ought, you want, we want, has to, have to, needs to be, may be"
                            + ", can be until, we accept, mustnt, want less, want no, better");

    private static final Set<String> BOTH_WAYS =
            WordSet.ofPhrases("open and close, opened and closed, full travel, full stroke");

    private static final Set<String> STANDS = WordSet.of("is are stands");

    private static final Set<String> GAUGED = WordSet.of("bar psi ohm V");

    private static final Set<String> DUTIES = WordSet.of("must should mustnt shouldnt");

    private static final Set<String> WORKERS = WordSet.of("you we i one");

    private static final Pattern SENSED =
            Pattern.compile(
                    "(you|youll|you can|you will) (just |then |can )?(feel|hear|notice)"
                            + " (?!for |with |the |down |along ).*");

    /** What is told while things come off, for when they go back. */
    private static final Pattern GOES_BACK =
            Pattern.compile(
                    "(it|they|that|this) (must|has to|have to|needs to|should|will|got to)"
                            + " (go|come) back.*");

    /** What the speaker does himself, and others may do otherwise. */
    private static final Pattern HABIT =
            Pattern.compile("i (always|usually|normally|generally|like to|tend to|prefer to) .*");

    private static final Pattern THEY_GO =
            Pattern.compile(
                    "(they|it) (go|goes|can|cant|dont|doesnt|fits|stays|wont|will|comes|come) .*");

    private static final Pattern HERE_COMES =
            Pattern.compile("here (comes|it comes|they come|she comes|we go).*");

    private static final Pattern WILL_HAPPEN =
            Pattern.compile("(youll|itll|theyll|you will|it will) (?!need|have|want).*");

    private static final Pattern BECOMES =
            Pattern.compile(".*\\b(can|may|could|will|gets?) (be|get|reach|to)?.*");

    private static final Pattern WORK_WITH_HEAT =
            Pattern.compile(".*\\b(must|should|turn|angle|further|heat|warm|you)\\b.*");

    private final ClauseReader reader;
    private final Speech speech;
    private final Clause clause;
    private final int start;
    private final int end;
    private final String text;

    private Tellings(ClauseReader reader) {
        this.reader = reader;
        this.speech = reader.speech();
        this.clause = reader.clause();
        this.start = reader.start();
        this.end = reader.end();
        this.text = reader.text();
    }

    /** What is told before any verb is looked for; null where work may be asked for. */
    static Outcome of(ClauseReader reader) {
        Tellings tellings = new Tellings(reader);
        Outcome.Sort sort = tellings.framed();
        return sort == null ? null : Outcome.of(sort);
    }

    /** What is told by the way of speaking; null where work may be asked for. */
    static Outcome loosely(ClauseReader reader) {
        return new Tellings(reader).loosely();
    }

    /** Whether a clause without work says how something should be. */
    static boolean expects(ClauseReader reader) {
        return reader.speech().hasAny(reader.start(), reader.end(), EXPECTATIONS)
                || dimension(reader);
    }

    /** "the free length is forty-two millimetres": how long it is when it is as it should be. */
    private static boolean dimension(ClauseReader reader) {
        Speech speech = reader.speech();
        return NounPhrases.at(speech, reader.start(), reader.end())
                        .filter(np -> Things.DIMENSIONS.contains(np.head()))
                        .filter(np -> STANDS.contains(speech.word(np.to())))
                        .isPresent()
                && reader.measures().stream()
                        .anyMatch(m -> m.length() || GAUGED.contains(m.unit()));
    }

    private Outcome.Sort framed() {
        String orientation = reader.said().orientation;
        if (orientation != null && text.startsWith(orientation) && !text.startsWith("turn")) {
            return Outcome.Sort.ADDITION;
        }
        if (explains() || clause.lead().equals("because")) {
            return Outcome.Sort.REASON;
        }
        return clause.conditional() || condemned() || wornOut() ? Outcome.Sort.CONDITION : null;
    }

    /** "when the pads are below three millimetres", "should it be cracked": like "if". */
    private boolean wornOut() {
        boolean bounded =
                clause.lead().equals("when")
                        && reader.measures().stream().anyMatch(m -> !m.turnedRound().equals(m));
        boolean inverted =
                speech.word(start).equals("should")
                        && (speech.determiner(start + 1) || speech.word(start + 1).equals("it"))
                        && speech.has(start, end, "be");
        return bounded || inverted;
    }

    /** "reads under forty, bin it": the reading is the condition. */
    private boolean condemned() {
        return speech.has(start, end, "shows", "reads")
                && speech.text(clause.to(), clause.to() + 1).matches("scrap|new|bin|replace");
    }

    private Outcome loosely() {
        Outcome.Sort sort = asideOfWork();
        if (sort != null) {
            return Outcome.of(sort);
        }
        boolean cycles =
                reader.measures().stream().anyMatch(Measure::cycles)
                        && speech.hasAny(start, end, BOTH_WAYS);
        if (cycles) {
            return Outcome.steps(List.of(new Finding(Kind.TEST, "test", clause)));
        }
        if (hot()) {
            Finding f = new Finding(Kind.CAUTION, null, clause);
            f.hazards.add("hot surface");
            return Outcome.steps(List.of(f));
        }
        return behaves() ? Outcome.of(Outcome.Sort.EXPECTATION) : null;
    }

    private Outcome.Sort asideOfWork() {
        if (TIMED_LEADS.contains(clause.lead()) && !text.startsWith("that") && !bareAfter()) {
            return Outcome.Sort.ADDITION;
        }
        if (speech.has(start, end, "later on", "later", "in a minute", "in a moment")
                && !speech.has(start, end, "minutes later", "min later")) {
            return Outcome.Sort.NOTE;
        }
        if (!reader.context().buildUp() && GOES_BACK.matcher(text).matches()) {
            return Outcome.Sort.NOTE;
        }
        if (HABIT.matcher(text).matches()) {
            return Outcome.Sort.NOTE;
        }
        if (SENSED.matcher(text).matches()) {
            return Outcome.Sort.ADDITION;
        }
        if (text.startsWith("its so ")
                || clause.lead().equals("so")
                        && THEY_GO.matcher(text).matches()
                        && !text.contains("bin")) {
            return Outcome.Sort.REASON;
        }
        return HERE_COMES.matcher(text).matches() || WILL_HAPPEN.matcher(text).matches()
                ? Outcome.Sort.NOTE
                : null;
    }

    /** "the oil can be above eighty degrees": a warning and no limit. */
    private boolean hot() {
        return BECOMES.matcher(text).matches()
                && reader.measures().stream().anyMatch(Measure::temperature)
                && reader.measures().stream()
                        .filter(Measure::temperature)
                        .allMatch(m -> (m.max() == null ? m.min() : m.max()).toDouble() >= 45)
                && !WORK_WITH_HEAT.matcher(text).matches();
    }

    /** "they must turn without noise": what a part should do by itself. */
    private boolean behaves() {
        for (int i = start; i < Math.min(end - 1, start + 6); i++) {
            if (speech.word(i).equals("must") && speech.word(i + 1).equals("go")) {
                return false;
            }
            if (DUTIES.contains(speech.word(i))) {
                return i > start
                                && !WORKERS.contains(speech.word(i - 1))
                                && !speech.word(i + 1).equals("be")
                        || speech.word(i + 1).equals("be")
                                && reader.measures().stream()
                                        .anyMatch(m -> !m.torque() && !m.bare())
                                && i > start;
            }
        }
        return false;
    }

    /** "after, screws fourteen newton metres": no more than an order is meant. */
    private boolean bareAfter() {
        return clause.lead().equals("after")
                && reader.measures().stream().anyMatch(Measure::torque);
    }

    /** "that lets the pressure out", "it takes the bronze off": why, not what. */
    private boolean explains() {
        String w = speech.word(start);
        int v = start + 1;
        if (!Set.of("that", "this", "it", "which").contains(w) || v >= end) {
            return false;
        }
        if (EFFECTS.contains(speech.word(v))) {
            return reader.said().tools.stream().noneMatch(t -> t.size() != null)
                    && !reader.measures().stream()
                            .anyMatch(m -> m.torque() || m.time() || m.turns());
        }
        return false;
    }
}
