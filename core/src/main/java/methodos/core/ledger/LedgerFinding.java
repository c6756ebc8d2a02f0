package methodos.core.ledger;

import java.util.List;
import methodos.core.finding.Rule;

/**
 * What does not close.
 *
 * @param subject id of the part, joint, fluid, energy, aid, mark or step
 * @param steps the step that opened it, then the one that shows it where there is one
 * @param variants all that are touched, in the order in which they are claimed
 * @param count how many, 1 where nothing is counted
 * @param other what else is in it: the part that covers, the parts that are off, the two sizes
 * @param ways those in which alone it arises, such as {@code fill:a}; empty where it always does
 * @param when the conditions on which alone it arises
 */
public record LedgerFinding(
        Rule rule,
        String subject,
        List<String> steps,
        List<String> variants,
        int count,
        List<String> other,
        List<String> ways,
        List<String> when) {

    public LedgerFinding {
        steps = List.copyOf(steps);
        variants = List.copyOf(variants);
        other = List.copyOf(other);
        ways = List.copyOf(ways);
        when = List.copyOf(when);
    }

    /** One that arises whichever way is taken. */
    LedgerFinding(
            Rule rule,
            String subject,
            List<String> steps,
            List<String> variants,
            int count,
            List<String> other) {
        this(rule, subject, steps, variants, count, other, List.of(), List.of());
    }

    LedgerFinding in(List<String> all) {
        return new LedgerFinding(rule, subject, steps, all, count, other, ways, when);
    }

    LedgerFinding only(List<String> inWays, List<String> onCondition) {
        return new LedgerFinding(rule, subject, steps, variants, count, other, inWays, onCondition);
    }
}
