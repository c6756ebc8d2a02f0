package methodos.core.drafting;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;
import methodos.core.vocabulary.WordSet;

/** Reads one clause: who does what to which part. */
final class ClauseReader {

    private static final Set<String> TELLING = WordSet.of("is are has sits lives first next");

    private static final Set<String> MOVES = WordSet.of("off out away");

    private final Speech speech;

    private final Context context;

    private final Clause clause;

    private final Said said;

    private final int start;

    private final int end;

    private final String text;

    private ClauseReader(Speech speech, Context context, Clause clause, Said said) {
        this.speech = speech;
        this.context = context;
        this.clause = clause;
        this.start = clause.body();
        this.end = clause.to();
        this.said = said;
        this.text = speech.text(start, end);
    }

    static Outcome read(Speech speech, Context context, Clause clause, Said said) {
        return new ClauseReader(speech, context, clause, said).read();
    }

    private Outcome read() {
        return Optional.ofNullable(Talk.of(speech, clause))
                .or(() -> Optional.ofNullable(Tellings.of(this)))
                .or(() -> Optional.ofNullable(Prohibitions.of(speech, clause, said)))
                .or(() -> Optional.ofNullable(Tellings.loosely(this)))
                .or(this::special)
                .or(this::equated)
                .or(this::verbs)
                .or(() -> Optional.ofNullable(Verdicts.of(this)))
                .orElseGet(
                        () ->
                                Tellings.expects(this)
                                        ? Outcome.of(Outcome.Sort.EXPECTATION)
                                        : Telegraphic.of(this));
    }

    private Optional<Outcome> special() {
        Finding f = SpecialVerbs.of(this);
        if (f == null) {
            return Optional.empty();
        }
        boolean nothing = f.action == null && f.kind == Kind.ACTION;
        return Optional.of(nothing ? Outcome.of(Outcome.Sort.NOTE) : Outcome.steps(List.of(f)));
    }

    /** "red = live": what means what, and no work unless the part is scrap or new. */
    private Optional<Outcome> equated() {
        boolean equated =
                speech.has(start, end, "=")
                                && !speech.has(start, end, "= new", "= a new", "= scrap", "= bin")
                        || text.equals("dry") && topic() != null && context.buildUp();
        return equated ? Optional.of(Outcome.of(Outcome.Sort.NOTE)) : Optional.empty();
    }

    private Optional<Outcome> verbs() {
        List<Finding> acted = PlainVerbs.of(this);
        if (acted.isEmpty()) {
            return Optional.empty();
        }
        if (said.withNo) {
            acted.add(new Finding(Kind.CAUTION, null, clause));
        }
        return Optional.of(Outcome.steps(acted));
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

    /** Gives a step what is named as its object; a pronoun as far as it is known what it means. */
    void take(Objects objects, Finding f) {
        if (objects.pronoun() != null && objects.parts().isEmpty() && !f.is("test", "wait")) {
            Optional<NounPhrase> told = toldOf();
            if (told.isPresent()) {
                f.parts.add(Finding.Part.of(told.get()));
            } else {
                Optional.ofNullable(objects.count())
                        .flatMap(n -> context.counted(n, clause.from()))
                        .or(() -> meant(objects.pronoun(), f))
                        .ifPresent(
                                p -> {
                                    f.parts.add(objects.counted(p));
                                    f.unsure.add(objects.pronoun());
                                });
            }
        }
        f.parts.addAll(objects.parts());
    }

    /** "the seal is hard, pick it out": the thing that the clause itself has named. */
    private Optional<NounPhrase> toldOf() {
        return NounPhrases.at(speech, start, end)
                .filter(NounPhrase::part)
                .filter(np -> np.to() < end)
                .filter(
                        np ->
                                TELLING.contains(speech.word(np.to()))
                                        || MOVES.contains(speech.word(np.to())));
    }

    private Optional<Finding.Part> meant(String pronoun, Finding f) {
        if (f.is("loosen") && pronoun.equals("them")
                || f.is("tighten", "hand-tighten") && !pronoun.equals("it")) {
            return context.fastener();
        }
        return f.is("remove", "lift", "pull") && !context.buildUp()
                ? context.comingOff(pronoun, clause.from())
                : context.meant(pronoun, clause.from());
    }
}
