package methodos.core.ledger;

import java.util.Locale;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import methodos.core.finding.Rule;
import methodos.core.words.Words;

/**
 * Says what a ledger found.
 *
 * @param subject how something that is followed is called
 * @param step how a step is called
 */
public record LedgerSentences(
        Words words, UnaryOperator<String> subject, UnaryOperator<String> step) {

    /** Everything by its id. */
    public static LedgerSentences byIds() {
        return new LedgerSentences(
                new Words(null, Locale.ENGLISH),
                UnaryOperator.identity(),
                UnaryOperator.identity());
    }

    /** The key of the sentence of a finding. */
    public static String key(LedgerFinding finding) {
        // the same rule is broken by work that nothing made safe before
        return finding.rule() == Rule.NOT_ISOLATED
                ? "finding.NOT_ISOLATED.again"
                : "finding." + finding.rule().name();
    }

    /** What was found, in a sentence. */
    public String of(LedgerFinding finding) {
        int last = finding.steps().size() - 1;
        return words.of(
                key(finding),
                subject.apply(finding.subject()),
                finding.count(),
                finding.other().stream().map(subject).collect(Collectors.joining(", ")),
                last < 0 ? "" : step.apply(finding.steps().get(0)),
                last < 0 ? "" : step.apply(finding.steps().get(last)));
    }
}
