package methodos.core.drafting;

import java.util.List;
import java.util.Optional;
import methodos.core.narration.DraftedStep.Kind;
import methodos.core.speech.Measure;

/** What is to be seen or read: it belongs to the look before it, or is a look of its own. */
final class Expectations {

    private final Weave weave;
    private final Speech speech;
    private final List<Finding> findings;

    Expectations(Weave weave) {
        this.weave = weave;
        this.speech = weave.speech;
        this.findings = weave.findings;
    }

    void expectation(Clause clause, Said said) {
        weave.dropPending();
        Finding f = weave.last();
        List<Measure> figures = speech.measures(clause.from(), clause.to());
        if (f != null
                && figures.isEmpty()
                && speech.word(clause.body()).equals("no")
                && clause.from() - f.to <= 2
                && f.kind != Kind.CAUTION) {
            f.extend(clause);
            return;
        }
        if (weave.additions.measuring(clause, said)) {
            Values.expected(weave.last(), figures, speech);
            return;
        }
        Optional<NounPhrase> named =
                NounPhrases.at(speech, clause.body(), clause.to()).filter(NounPhrase::part);
        Finding near = f;
        boolean other =
                f != null
                        && named.isPresent()
                        && clause.sentence() != f.sentence
                        && !f.parts.isEmpty()
                        && !near.names(named.get().head())
                        && !Grammar.PARTITIVE.contains(named.get().head())
                        && figures.stream().anyMatch(m -> !m.bare());
        boolean looks =
                f != null
                        && !other
                        && clause.from() - f.to <= 3
                        && f.kind != Kind.CAUTION
                        && f.kind != Kind.NOTE;
        if (looks && f.kind != Kind.ACTION) {
            Values.expected(f, figures, speech);
            f.extend(clause);
            return;
        }
        String text = speech.text(clause.body(), clause.to());
        if (text.matches(
                ".*\\b(switch|breaker|isolator|motor|power|plug)\\b.*\\b(off|zero|out|unplugged)\\b.*")) {
            Finding off = new Finding(Kind.ACTION, "isolate", clause);
            NounPhrases.at(speech, clause.body(), clause.to())
                    .filter(NounPhrase::part)
                    .map(Finding.Part::bare)
                    .ifPresent(off.parts::add);
            weave.steps.step(off, clause, said);
            return;
        }
        Finding own =
                new Finding(
                        figures.isEmpty() ? Kind.INSPECTION : Kind.MEASUREMENT,
                        figures.isEmpty() ? "inspect" : "measure",
                        clause);
        Objects subject = Objects.behind(speech, said, clause.body(), clause.to());
        if (!subject.parts().isEmpty()) {
            own.parts.add(subject.parts().get(0));
        }
        weave.attaching.attach(own, said, clause.from(), clause.to());
        Values.expected(own, figures, speech);
        findings.add(own);
    }
}
