package methodos.narration.draft;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import methodos.core.hazard.HazardRules;
import methodos.core.manual.Stage;
import methodos.core.narration.Captions;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Cycles;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.narration.DraftedStep.Limit;
import methodos.core.narration.DraftedStep.Pause;
import methodos.core.narration.DraftedStep.Quote;
import methodos.core.narration.DraftedStep.RepeatOf;
import methodos.core.narration.DraftedStep.Torque;
import methodos.core.scan.Scan;
import methodos.core.speech.EnglishPartsOfSpeech;
import methodos.core.speech.Hearing;
import methodos.core.speech.Measure;
import methodos.core.speech.PartsOfSpeech;
import methodos.core.speech.Token;
import methodos.core.speech.Transcript;
import methodos.core.vocabulary.Wordlist;
import methodos.narration.acts.Judge;
import methodos.narration.acts.Learned;
import methodos.narration.acts.Statements;
import methodos.narration.acts.Verdict;
import methodos.narration.acts.Verdict.Outcome;
import methodos.narration.grammar.Clause;
import methodos.narration.grammar.Clauses;
import methodos.narration.grammar.Utterance;
import methodos.narration.hearing.Mishearings;
import methodos.narration.values.Figures;
import methodos.narration.vocabulary.Vocabulary;

/**
 * Drafts steps from what somebody says while taking a unit apart and putting it together.
 *
 * <p>Every word ends up in the evidence of a step or in a stretch that is proposed to be set aside.
 */
public final class NarrationReader {

    private final Hearing hearing;
    private final Mishearings mishearings;
    private final PartsOfSpeech partsOfSpeech;
    private final Vocabulary vocabulary;
    private final Supplier<Learned> learned;
    private final HazardsSaid hazards;

    public NarrationReader(
            PartsOfSpeech partsOfSpeech,
            Vocabulary vocabulary,
            Learned learned,
            HazardRules rules) {
        this(partsOfSpeech, vocabulary, () -> learned, rules);
    }

    private NarrationReader(
            PartsOfSpeech partsOfSpeech,
            Vocabulary vocabulary,
            Supplier<Learned> learned,
            HazardRules rules) {
        this.hearing = new Hearing(vocabulary.misheard());
        this.mishearings = new Mishearings(vocabulary.things());
        this.partsOfSpeech = partsOfSpeech;
        this.vocabulary = vocabulary;
        this.learned = learned;
        this.hazards = new HazardsSaid(rules);
    }

    /**
     * The reader that comes with the program, with a company's words on top.
     *
     * @throws Wordlist.LineProblem if a line of a list is not understood
     */
    public static NarrationReader english(List<Wordlist> own, HazardRules rules)
            throws Wordlist.LineProblem {
        // what was learned is large, and read while the words are
        CompletableFuture.runAsync(Learned::shipped);
        Vocabulary vocabulary = Vocabulary.english();
        for (Wordlist list : own) {
            vocabulary = vocabulary.with(list);
        }
        return english(vocabulary, rules);
    }

    /** The reader that comes with the program. */
    public static NarrationReader english() {
        return english(Vocabulary.english(), HazardRules.shipped());
    }

    private static NarrationReader english(Vocabulary vocabulary, HazardRules rules) {
        return new NarrationReader(
                EnglishPartsOfSpeech.load(), vocabulary, Learned::shipped, rules);
    }

    /** What is said, with the ends of sentences that are marked. */
    public Utterance hear(Captions captions, List<Scan.Pause> pauses) {
        Transcript transcript = Transcript.of(captions, pauses);
        List<Token> tokens = mishearings.mended(hearing.tokens(transcript));
        List<String> tags =
                tokens.isEmpty()
                        ? List.of()
                        : partsOfSpeech.tags(tokens.stream().map(Token::text).toList());
        return new Utterance(transcript, tokens, tags, vocabulary);
    }

    /** Reads narration that begins with the work. */
    public Draft read(Captions captions) {
        return read(captions, Stage.Kind.PREPARE, List.of());
    }

    /**
     * @param from the part of the work that the narration goes on with
     * @param pauses where nobody speaks, as far as the sound is known
     */
    public Draft read(Captions captions, Stage.Kind from, List<Scan.Pause> pauses) {
        Utterance heard = hear(captions, pauses);
        if (heard.size() == 0) {
            return new Draft(List.of(), List.of());
        }
        Learned known = learned.get();
        Utterance said = Statements.ended(heard, known.gaps());
        List<Clause> clauses = Clauses.of(said);
        List<Verdict> verdicts = new Judge(known).of(said, clauses);
        List<Sketch> made =
                new Sketches(said, clauses, verdicts, hazards)
                        .made(Figures.of(said, clauses, verdicts, known));
        return new Writing(said, from, hazards).draft(made, clauses, verdicts);
    }

    /** Writes sketches down, with the words and times that they come from. */
    private static final class Writing {

        private final Utterance said;
        private final Wording wording;
        private final Stage.Kind from;

        private final HazardsSaid hazards;

        /** From here on words are kept as a note, though they are no step. */
        private static final double PERHAPS = 0.04;

        /** A note is one statement; one of fewer words goes on with the next. */
        private static final int SHORT = 4;

        /** Words that are too few for a note. */
        private static final int SCRAP = 2;

        Writing(Utterance said, Stage.Kind from, HazardsSaid hazards) {
            this.said = said;
            this.hazards = hazards;
            this.from = from;
            this.wording = new Wording(said);
        }

        Draft draft(List<Sketch> made, List<Clause> clauses, List<Verdict> verdicts) {
            scraps(made);
            List<DraftedStep> steps = new ArrayList<>();
            List<Stage.Kind> stages = Stages.of(made, from);
            IntStream.range(0, made.size())
                    .parallel()
                    .mapToObj(i -> step(made.get(i), stages.get(i)))
                    .toList()
                    .forEach(steps::add);
            List<Draft.SetAside> aside = new ArrayList<>();
            boolean[] covered = new boolean[said.size()];
            made.forEach(s -> Arrays.fill(covered, s.from, s.to, true));
            int i = 0;
            while (i < said.size()) {
                if (covered[i]) {
                    i++;
                    continue;
                }
                Outcome outcome = outcome(clauses, verdicts, i);
                int end = i + 1;
                while (end < said.size()
                        && !covered[end]
                        && !(said.ends(end - 1) && end - i >= SHORT)
                        && outcome(clauses, verdicts, end) == outcome) {
                    end++;
                }
                Quote q = quote(i, end);
                if (outcome == Outcome.NONE) {
                    aside.add(
                            new Draft.SetAside(
                                    q.start(), q.end(), q.quote(), Draft.Reason.CHATTER));
                } else {
                    steps.add(note(q));
                }
                i = end;
            }
            steps.sort(Comparator.comparingDouble(DraftedStep::start));
            return new Draft(steps, aside);
        }

        /** A word or two that no step has go with the step of their sentence. */
        private void scraps(List<Sketch> made) {
            Sketch[] at = new Sketch[said.size()];
            made.forEach(s -> Arrays.fill(at, s.from, s.to, s));
            int i = 0;
            while (i < at.length) {
                int end = i + 1;
                while (end < at.length && at[end] == at[i]) {
                    end++;
                }
                if (at[i] == null && end - i <= SCRAP) {
                    if (i > 0 && !said.ends(i - 1)) {
                        at[i - 1].to = Math.max(at[i - 1].to, end);
                    } else if (end < at.length && !said.ends(end - 1)) {
                        at[end].from = Math.min(at[end].from, i);
                    }
                }
                i = end;
            }
        }

        private static Outcome outcome(List<Clause> clauses, List<Verdict> verdicts, int word) {
            int c = Figures.clauseAt(clauses, word);
            Outcome o = c < 0 ? Outcome.NONE : verdicts.get(c).outcome();
            boolean work = c >= 0 && verdicts.get(c).work() >= PERHAPS;
            return o == Outcome.NONE && !work ? o : Outcome.NOTE;
        }

        private DraftedStep note(Quote q) {
            return new DraftedStep(
                    Kind.NOTE,
                    q.start(),
                    q.end(),
                    null,
                    q.quote(),
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of(),
                    null,
                    List.of(),
                    List.of(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    List.of(),
                    null,
                    null,
                    0.5,
                    List.of(),
                    List.of(q),
                    from);
        }

        private DraftedStep step(Sketch s, Stage.Kind stage) {
            Quote q = quote(s.from, s.to);
            String text = wording.of(s);
            if (s.kind != Kind.CAUTION) {
                s.hazards.addAll(hazards.done(s.action, s.parts));
                s.hazards.addAll(hazards.asked(text, s.parts));
            }
            return new DraftedStep(
                    s.kind,
                    q.start(),
                    q.end(),
                    s.action,
                    text,
                    s.parts,
                    s.tools,
                    List.copyOf(s.consumables),
                    s.torques.stream()
                            .map(m -> new Torque(least(m), most(m), m.unit(), s.then, words(m)))
                            .toList(),
                    s.pattern,
                    s.limits.stream()
                            .map(
                                    m ->
                                            new Limit(
                                                    s.measured(),
                                                    least(m),
                                                    most(m),
                                                    m.unit(),
                                                    words(m)))
                            .toList(),
                    s.waits.stream().map(m -> new Pause(m.seconds(), words(m))).toList(),
                    s.repeats == null || s.repeats.min() == null || s.repeats.max() == null
                            ? null
                            : new Cycles(
                                    (int) s.repeats.min().toDouble(),
                                    s.repeats.single()
                                            ? null
                                            : (Integer) (int) s.repeats.max().toDouble()),
                    s.leftHand ? "left" : null,
                    s.orientation,
                    s.until == null ? null : s.until.replaceFirst("^until ", ""),
                    s.condition,
                    s.reference,
                    List.copyOf(s.hazards),
                    s.why,
                    s.repeated == null ? null : repeated(s),
                    s.confidence,
                    unsure(s),
                    List.of(q),
                    stage);
        }

        private RepeatOf repeated(Sketch s) {
            Quote q = quote(s.repeated[0], s.repeated[1]);
            return new RepeatOf(s.place, q.start(), q.end());
        }

        /** A limit in "mil" is one in millimetres, but to some a thousandth of an inch: a doubt. */
        private List<String> unsure(Sketch s) {
            boolean mil =
                    s.limits.stream()
                            .anyMatch(
                                    m ->
                                            m.unit().equals("mm")
                                                    && said.word(m.to() - 1).matches("mils?"));
            return mil ? Stream.concat(s.unsure.stream(), Stream.of("unit")).toList() : s.unsure;
        }

        private static Double least(Measure m) {
            return m.min() == null ? null : m.min().toDouble();
        }

        private static Double most(Measure m) {
            return m.max() == null ? null : m.max().toDouble();
        }

        private String words(Measure m) {
            return quote(m.from(), m.to()).quote();
        }

        private Quote quote(int from, int to) {
            int first = said.token(from).from();
            var words = said.transcript().words();
            // what stands alone and is no word, such as a dash, goes with the words before it
            int next = to < said.size() ? said.token(to).from() : words.size();
            int last = Math.max(Math.max(first + 1, said.token(to - 1).to()), next);
            return new Quote(
                    words.get(first).start(),
                    words.get(last - 1).end(),
                    said.transcript().quote(first, last));
        }
    }
}
