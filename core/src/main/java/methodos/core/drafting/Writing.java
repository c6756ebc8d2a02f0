package methodos.core.drafting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import methodos.core.manual.Stage;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.narration.DraftedStep.Cycles;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.narration.DraftedStep.Limit;
import methodos.core.narration.DraftedStep.PartNamed;
import methodos.core.narration.DraftedStep.Pause;
import methodos.core.narration.DraftedStep.Quote;
import methodos.core.narration.DraftedStep.ToolNamed;
import methodos.core.narration.DraftedStep.Torque;
import methodos.core.speech.Measure;
import methodos.core.speech.Token;
import methodos.core.speech.Transcript;
import methodos.core.speech.Word;

/** Writes findings down as drafted steps, with the words and times that they come from. */
final class Writing {

    private static final Pattern MIL = Pattern.compile("(?i)\\bmils?\\b");

    private final Transcript transcript;
    private final List<Token> tokens;
    private final Wording wording;

    /** From and to of the words that are quoted. */
    private final List<int[]> quotes = new ArrayList<>();

    private Stage.Kind stage;

    Writing(Transcript transcript, Speech speech, Stage.Kind from) {
        this.stage = from;
        this.transcript = transcript;
        this.tokens = speech.tokens();
        this.wording = new Wording(speech);
    }

    Draft draft(Weaver weaver) {
        List<DraftedStep> steps = new ArrayList<>();
        for (Finding f : weaver.findings()) {
            steps.add(step(f));
        }
        List<Draft.SetAside> aside = new ArrayList<>();
        for (Weaver.Left left : weaver.left()) {
            Quote q = quote(left.from(), left.to());
            if (left.reason() == null) {
                steps.add(note(q));
            } else {
                aside.add(new Draft.SetAside(q.start(), q.end(), q.quote(), left.reason()));
            }
        }
        for (Quote lost : unquoted()) {
            steps.add(note(lost));
        }
        steps.sort(Comparator.comparingDouble(DraftedStep::start));
        aside.sort(Comparator.comparingDouble(Draft.SetAside::start));
        return new Draft(steps, aside);
    }

    /** Words that no clause took up; nothing that is said is lost. */
    private List<Quote> unquoted() {
        List<Word> words = transcript.words();
        boolean[] quoted = new boolean[words.size()];
        quotes.forEach(q -> Arrays.fill(quoted, q[0], q[1], true));
        List<Quote> lost = new ArrayList<>();
        int i = 0;
        while (i < words.size()) {
            int end = i;
            while (end < words.size() && !quoted[end]) {
                end++;
            }
            if (end > i) {
                lost.add(words(i, end));
            }
            i = Math.max(end, i + 1);
        }
        return lost;
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
                List.of(),
                null,
                null,
                0.5,
                List.of(),
                List.of(q),
                stage);
    }

    /**
     * Preparing ends where something comes off; what is run when it is together again is a test.
     */
    private Stage.Kind stage(Finding f) {
        if (stage == Stage.Kind.PREPARE
                && f.is("remove", "loosen", "pull", "disconnect", "unscrew")
                && !f.hazards.contains("electrical")) {
            stage = Stage.Kind.TAKE_DOWN;
        }
        if (f.buildUp) {
            stage = Stage.Kind.BUILD_UP;
            return f.kind == Kind.TEST ? Stage.Kind.TEST : stage;
        }
        boolean looks = f.kind == Kind.INSPECTION || f.kind == Kind.MEASUREMENT && !f.is("record");
        return looks && stage == Stage.Kind.TAKE_DOWN ? Stage.Kind.INSPECT : stage;
    }

    private DraftedStep step(Finding f) {
        Quote q = quote(f.from, f.to);
        return new DraftedStep(
                f.kind,
                q.start(),
                q.end(),
                f.action,
                wording.of(f),
                f.parts.stream()
                        .map(p -> new PartNamed(p.name(), p.quantity(), p.size(), p.from()))
                        .toList(),
                f.tools.stream().map(t -> new ToolNamed(t.name(), t.size())).toList(),
                List.copyOf(f.consumables),
                f.torques.stream()
                        .map(
                                m ->
                                        new Torque(
                                                number(m, true),
                                                number(m, false),
                                                m.unit(),
                                                f.then,
                                                said(m)))
                        .toList(),
                f.pattern,
                f.limits.stream()
                        .map(
                                l ->
                                        new Limit(
                                                l.of().isEmpty() ? null : l.of(),
                                                number(l.measure(), true),
                                                number(l.measure(), false),
                                                l.measure().unit(),
                                                said(l.measure())))
                        .toList(),
                f.waits.stream().map(m -> new Pause(m.seconds(), said(m))).toList(),
                f.count == null ? null : new Cycles(f.count, f.countMax),
                f.leftHand ? "left" : null,
                f.orientation,
                f.condition,
                f.reference,
                List.copyOf(f.hazards),
                f.why,
                f.repeated == null ? null : repeat(f),
                f.confidence,
                unsure(f),
                evidence(f, q),
                stage(f));
    }

    /** A limit in "mil" is one in millimetres, but to some a thousandth of an inch: a doubt. */
    private List<String> unsure(Finding f) {
        boolean mil =
                f.limits.stream()
                        .anyMatch(
                                l ->
                                        l.measure().unit().equals("mm")
                                                && MIL.matcher(said(l.measure())).find());
        return mil && !f.unsure.contains("unit")
                ? Stream.concat(f.unsure.stream(), Stream.of("unit")).toList()
                : f.unsure;
    }

    private DraftedStep.RepeatOf repeat(Finding f) {
        Quote q = quote(f.repeated[0], f.repeated[1]);
        return new DraftedStep.RepeatOf(f.place, q.start(), q.end());
    }

    private static Double number(Measure m, boolean least) {
        var bound = least ? m.min() : m.max();
        return bound == null ? null : bound.toDouble();
    }

    private String said(Measure m) {
        return words(tokens.get(m.from()).from(), tokens.get(m.to() - 1).to()).quote();
    }

    /** The words of a step, and those that say more of it later. */
    private List<Quote> evidence(Finding f, Quote own) {
        List<Quote> all = new ArrayList<>(List.of(own));
        f.also.forEach(span -> all.add(quote(span[0], span[1])));
        return all;
    }

    /** The words of tokens, as evidence. */
    private Quote quote(int from, int to) {
        int first = tokens.get(from).from();
        int last = Math.max(tokens.get(to - 1).to(), lastWord(to));
        quotes.add(new int[] {first, last});
        return words(first, last);
    }

    /** The word behind the tokens: words without one, such as a lone dash, go with those before. */
    private int lastWord(int to) {
        return to < tokens.size() ? tokens.get(to).from() : transcript.words().size();
    }

    private Quote words(int first, int last) {
        List<Word> words = transcript.words();
        return new Quote(
                words.get(first).start(), words.get(last - 1).end(), transcript.quote(first, last));
    }
}
