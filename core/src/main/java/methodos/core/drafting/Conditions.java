package methodos.core.drafting;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.vocabulary.WordSet;

/** Keeps the condition that a clause tells for the step that it is meant for. */
final class Conditions {

    private static final Set<String> COMPARED =
            WordSet.ofPhrases("more, less, over, under, above, below");

    static final int NEAR = 30;

    /** So many words after a model is named, another is meant or all. */
    private static final int MODEL_REACH = 12;

    private static final Set<String> PRONOUNS = WordSet.of("it its theyre they shes she");

    private static final Set<String> OPENERS = WordSet.of("and so but now then well");

    private static final Pattern CUT_SHORT =
            Pattern.compile("(.+) (dont|doesnt|does not|wont|will not)");

    /** Words at which the verdict on a thing begins. */
    private static final Set<String> VERDICTS =
            WordSet.of("is are its gets get goes go = scrap new means");

    /** "if you want", "if you forget": none that a step can have. */
    private static final Pattern WISH =
            Pattern.compile("(you|youre|youd) (want|like|need|have to|forget|ask|wonder).*");

    /** "should the plate be cracked" */
    private static final Pattern INVERTED = Pattern.compile("^should (.+?) be\\b");

    private static final Pattern BOUND_WORDS = Pattern.compile("^at (most|least) ");

    private final Weave weave;

    private final Speech speech;

    private final Context context;

    private final List<Finding> findings;

    /** The condition that was told and waits for its step; null where none does. */
    private String told;

    private int from = -1;
    private int sentence = -1;

    /** Whether it was asked: "is it scored?" */
    private boolean asked;

    /** Whether it waits for another step than the one that was taken back. */
    private boolean open;

    /** The model or option that is spoken of. */
    private String model;

    private int modelSentence = -1;
    private int modelAt;

    Conditions(Weave weave) {
        this.weave = weave;
        this.speech = weave.speech;
        this.context = weave.context;
        this.findings = weave.findings;
    }

    void condition(Clause clause, Said said) {
        weave.dropPending();
        weave.remarks.remember(clause);
        String condition = resolved(clause.body(), clause.to());
        told = WISH.matcher(condition).matches() ? null : condition;
        from = clause.from();
        sentence = clause.sentence();
        Finding before = weave.last();
        boolean ofBefore =
                before != null
                        && (before.kind == Kind.MEASUREMENT || before.kind == Kind.INSPECTION)
                        && clause.from() - before.to < NEAR;
        List<Measure> measures = speech.measures(clause.from(), clause.to());
        ownMeasurement(clause, measures, ofBefore);
        boolean figures =
                measures.stream().anyMatch(m -> m.length() && m.bound() != Measure.Bound.NONE);
        if (figures && ofBefore) {
            measures.stream()
                    .filter(Measure::length)
                    .forEach(m -> before.limits.add(new Finding.LimitSaid("", m.turnedRound())));
        }
        asked = speech.token(clause.to() - 1).mark().equals("?");
        after(clause, before);
    }

    /** "if there's more than five thou": it must be measured, where nothing before does. */
    private void ownMeasurement(Clause clause, List<Measure> measures, boolean ofBefore) {
        List<Measure> bounds = measures.stream().filter(Conditions::bounds).toList();
        if (bounds.isEmpty() || ofBefore && bounds.stream().noneMatch(Measure::bare)) {
            return;
        }
        Finding own = new Finding(Kind.MEASUREMENT, "measure", clause);
        NounPhrases.at(speech, clause.body(), clause.to())
                .filter(NounPhrase::part)
                .map(Finding.Part::bare)
                .or(() -> context.last(clause.from()))
                .ifPresent(own.parts::add);
        for (Measure m : bounds) {
            Values.limit(own, "", (m.bare() ? m.in(speech.lengthUnit()) : m).turnedRound());
        }
        own.confidence = 0.6;
        findings.add(own);
    }

    private static boolean bounds(Measure m) {
        boolean length = m.length() || m.bare() && !m.turnedRound().equals(m) && !m.whole();
        return length && m.bound() != Measure.Bound.NONE;
    }

    /** The model or the option that a clause is about, where it asks for no work itself. */
    void model(String name, Clause clause) {
        model = name;
        modelSentence = clause.sentence();
        modelAt = clause.to();
    }

    /** Nothing waits any more. */
    void forget() {
        told = null;
    }

    /** Whether one waits for what a clause says; it holds for what follows, too. */
    boolean holdsFor(Clause clause) {
        return told != null && sentence >= clause.sentence() - 1;
    }

    void goesOnWith(Clause clause) {
        sentence = clause.sentence();
    }

    /** Gives a step the condition that it is told for. */
    void into(Finding f, Clause clause, Said said) {
        boolean caution = f.kind == Kind.CAUTION;
        if (said.condition != null && !caution) {
            f.condition = said.condition;
        } else if (model != null
                && modelSentence == clause.sentence()
                && f.from - modelAt <= MODEL_REACH) {
            f.condition = model;
        }
        if (open && caution) {
            return;
        }
        boolean askedBefore = asked && from >= 0 && sentence == clause.sentence() - 1;
        if (told != null
                && (sentence == clause.sentence() || askedBefore || speech.runsOn())
                && f.from - from < NEAR) {
            f.condition = told;
            if (f.telegraphic && f.is("install") && speech.has(f.from, f.to, "new")) {
                f.action = "replace";
            }
            f.from = Math.min(f.from, from);
        }
        told = null;
        open = false;
    }

    /** What was to be done is taken back, and something else follows for the same condition. */
    void open(Finding taken, Clause clause) {
        if (taken.condition != null && told == null) {
            told = taken.condition;
            from = clause.to();
            sentence = clause.sentence();
            open = true;
        }
    }

    /** "replace the wheel if it is below five millimetres": a condition behind what it is for. */
    private void after(Clause clause, Finding f) {
        boolean behind =
                f != null
                        && f.sentence == clause.sentence()
                        && f.to == clause.from()
                        && f.kind != Kind.CAUTION
                        && clause.from() > 0
                        && speech.token(clause.from() - 1).mark().isEmpty()
                        && !speech.runsOn()
                        && clause.lead().equals("if")
                        && speech.word(clause.from()).equals("if");
        if (behind && told != null && f.condition == null) {
            f.condition = told;
            f.extend(clause);
            told = null;
        }
    }

    /** What a clause says of the thing that it condemns: "anything less than 4 is scrap iron". */
    String judged(int from, int to) {
        int start = from;
        while (start < to - 1 && (speech.filler(start) || OPENERS.contains(speech.word(start)))) {
            start++;
        }
        int end = start + 1;
        while (end < to && !VERDICTS.contains(speech.word(end))) {
            end++;
        }
        return resolved(start, end);
    }

    /** A condition with the name of what "it" stands for, and with figures as they are printed. */
    private String resolved(int from, int to) {
        StringBuilder text = new StringBuilder();
        int i = from;
        while (i < to) {
            Optional<Measure> figure = printed(i, to);
            String w = speech.word(i);
            if (figure.isPresent()) {
                text.append(bare(figure.get()));
                i = figure.get().to() - 1;
            } else if (i == from && PRONOUNS.contains(w)) {
                text.append(named(w, from, to));
            } else if (!speech.filler(i)) {
                text.append(w);
            }
            text.append(' ');
            i++;
        }
        String condition = text.toString().strip().replaceAll(" +", " ");
        return completed(INVERTED.matcher(condition).replaceFirst("$1 is"), from)
                .replaceAll("\\binside of\\b", "within")
                .replaceFirst("^(youve|you|weve|we) (got|have|had) ", "");
    }

    /** A figure as it is printed, without "at most": the condition has said that. */
    static String bare(Measure m) {
        return BOUND_WORDS.matcher(Wording.figure(m)).replaceFirst("");
    }

    /** "it ought to walk off by hand, and if it dont": with what it does not do. */
    private String completed(String condition, int from) {
        Matcher cut = CUT_SHORT.matcher(condition);
        if (!cut.matches()) {
            return condition;
        }
        for (int i = from - 2; i > from - 15 && i > 0; i--) {
            boolean modal = Set.of("should", "must").contains(speech.word(i));
            if (modal || speech.phrase(i - 1, "ought to") || speech.phrase(i - 1, "has to")) {
                String done =
                        speech.text(i + 1, from).replaceFirst("( (and|um|uh|so|but|if))+$", "");
                return cut.group(1) + " does not " + done;
            }
        }
        return condition;
    }

    /**
     * The figure that begins at a word, in the unit in which lengths are told where it has none.
     */
    private Optional<Measure> printed(int at, int to) {
        return speech.measureAt(at)
                .filter(m -> m.from() == at && m.to() <= to)
                .filter(m -> m.to() == to || !partOfAName(m, to))
                .map(
                        m ->
                                m.bare()
                                                && m.bound() != Measure.Bound.NONE
                                                && !m.turnedRound().equals(m)
                                        ? m.in(speech.lengthUnit())
                                        : m)
                .filter(m -> !m.bare());
    }

    /** "the sixty litre machine": the figure is part of a name. */
    private boolean partOfAName(Measure m, int to) {
        return NounPhrases.at(speech, m.to(), to).isPresent();
    }

    /** "the end float" of "measure the end float of the shaft". */
    private String measured(Finding f) {
        for (int i = f.from + 1; i < f.to; i++) {
            if (speech.word(i).equals("of")) {
                for (int k = i - 1; k > f.from; k--) {
                    if (speech.determiner(k)) {
                        return speech.text(k + 1, i);
                    }
                }
            }
        }
        return f.parts.get(0).name();
    }

    private String named(String pronoun, int at, int to) {
        Finding before = weave.last();
        boolean figure =
                before != null
                        && before.kind == Kind.MEASUREMENT
                        && !before.parts.isEmpty()
                        && at - before.to < NEAR
                        && speech.hasAny(at, to, COMPARED);
        String name =
                figure
                        ? measured(before)
                        : context.last(at).map(Finding.Part::name).orElse(pronoun);
        if (name.equals("its")) {
            return "it is"; // nobody knows what
        }
        return name
                + switch (pronoun) {
                    case "its", "shes" -> " is";
                    case "theyre" -> " are";
                    default -> "";
                };
    }
}
