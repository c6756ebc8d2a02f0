package methodos.core.edit;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.narration.DraftedStep;

/**
 * What a drafted step does with a part that it names: what its verb says, but for parts behind a
 * preposition, which only say where ("a new O-ring into the end cap").
 */
final class DraftedHandling {

    private static final Set<String> WHERE =
            Set.of(
                    "of", "on", "onto", "off", "from", "in", "into", "to", "over", "under",
                    "against", "behind", "between", "with", "at");

    /** A preposition stands at most so many words before its part: "into the right end cap". */
    private static final int NEAR = 3;

    private DraftedHandling() {}

    /** Null where it is what the stage of the step is for, or the step has no verb. */
    static Handling of(DraftedStep step, DraftedStep.PartNamed named) {
        if (step.action() == null) {
            return null;
        }
        Handling said = saysWhere(step.text(), named.name()) ? Handling.TOUCHED : done(step);
        return said == new PartUse(new Id<>(""), 1).in(step.stage()) ? null : said;
    }

    private static Handling done(DraftedStep step) {
        return switch (step.action()) {
            case "remove", "discard" -> Handling.TAKEN_OFF;
            case "install", "replace" -> Handling.PUT_ON;
            case "inspect", "measure", "test" -> Handling.LOOKED_AT;
            default -> Handling.TOUCHED;
        };
    }

    private static boolean saysWhere(String text, String name) {
        String lower = text.toLowerCase(Locale.ROOT);
        int at = lower.indexOf(name.toLowerCase(Locale.ROOT));
        if (at < 0) {
            return false;
        }
        List<String> before =
                Arrays.stream(lower.substring(0, at).split("[^\\p{L}]+"))
                        .filter(w -> !w.isEmpty())
                        .toList();
        // the second word belongs to the verb: "take off the cap"
        int from = Math.max(2, before.size() - NEAR);
        return from < before.size()
                && before.subList(from, before.size()).stream().anyMatch(WHERE::contains);
    }
}
