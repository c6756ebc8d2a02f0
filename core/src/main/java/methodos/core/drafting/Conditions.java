package methodos.core.drafting;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;

/** Keeps the condition that a clause tells for the step that it is meant for. */
final class Conditions {

    private final Weave weave;
    private final Speech speech;
    private final Context context;
    private final List<Finding> findings;

    Conditions(Weave weave) {
        this.weave = weave;
        this.speech = weave.speech;
        this.context = weave.context;
        this.findings = weave.findings;
    }

    static final int NEAR = 30;

    // ---------------------------------------------------------------- what adds to steps

    void condition(Clause clause, Said said) {
        weave.dropPending();
        weave.remarks.remember(clause);
        weave.condition = resolved(clause.body(), clause.to());
        if (weave.condition.matches(
                "(you|youre|youd) (want|like|need|have to|forget|ask|wonder).*")) {
            weave.condition = null;
        }
        weave.conditionFrom = clause.from();
        weave.conditionSentence = clause.sentence();
        weave.conditionMeasures = speech.measures(clause.from(), clause.to());
        Finding before = weave.last();
        List<Measure> bounds =
                weave.conditionMeasures.stream()
                        .filter(
                                m ->
                                        m.bound() != Measure.Bound.NONE
                                                && (m.length()
                                                        || m.unit().isEmpty()
                                                                && !m.turnedRound().equals(m)
                                                                && !m.whole()))
                        .toList();
        boolean bare = bounds.stream().anyMatch(m -> m.unit().isEmpty());
        if (!bounds.isEmpty()
                && !(!bare
                        && before != null
                        && (before.kind == Kind.MEASUREMENT || before.kind == Kind.INSPECTION)
                        && clause.from() - before.to < NEAR)) {
            Finding own = new Finding(Kind.MEASUREMENT, "measure", clause);
            Optional<NounPhrase> np =
                    NounPhrases.at(speech, clause.body(), clause.to()).filter(NounPhrase::part);
            if (np.isPresent()) {
                own.parts.add(
                        new Finding.Part(np.get().name(), null, null, null, np.get().plural()));
            } else {
                context.last(clause.from()).ifPresent(own.parts::add);
            }
            for (Measure m : bounds) {
                Values.limit(
                        own,
                        "",
                        (m.unit().isEmpty() ? m.in(speech.lengthUnit()) : m).turnedRound());
            }
            own.confidence = 0.6;
            findings.add(own);
        }
        boolean figures =
                weave.conditionMeasures.stream()
                        .anyMatch(m -> m.length() && m.bound() != Measure.Bound.NONE);
        if (figures
                && before != null
                && (before.kind == Kind.MEASUREMENT || before.kind == Kind.INSPECTION)
                && clause.from() - before.to < NEAR) {
            for (Measure m : weave.conditionMeasures) {
                if (!m.length()) {
                    continue;
                }
                before.limits.add(new Finding.LimitSaid("", m.turnedRound()));
            }
        }
        weave.conditionAsked = speech.token(clause.to() - 1).mark().equals("?");
        after(clause);
    }

    /** "replace the wheel if it is below five millimetres": a condition behind what it is for. */
    private void after(Clause clause) {
        Finding f = weave.last();
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
        if (behind && weave.condition != null && f.condition == null) {
            f.condition = weave.condition;
            f.extend(clause);
            weave.condition = null;
        }
    }

    /** A condition with the name of what "it" stands for, and with figures as they are printed. */
    private String resolved(int from, int to) {
        StringBuilder text = new StringBuilder();
        for (int i = from; i < to; i++) {
            String w = speech.word(i);
            Optional<Measure> m = speech.measureAt(i);
            if (m.isPresent()
                    && m.get().from() == i
                    && !m.get().unit().isEmpty()
                    && m.get().to() <= to) {
                text.append(Wording.figure(m.get()).replaceFirst("^at (most|least) ", ""))
                        .append(' ');
                i = m.get().to() - 1;
            } else if (Set.of("it", "its", "theyre", "they", "shes", "she").contains(w)
                    && i == from) {
                String named = context.last(from).map(Finding.Part::name).orElse(w);
                text.append(named)
                        .append(
                                w.equals("its") || w.equals("shes")
                                        ? " is "
                                        : w.equals("theyre") ? " are " : " ");
            } else if (!speech.filler(i)) {
                text.append(w).append(' ');
            }
        }
        return text.toString().strip();
    }
}
