package methodos.core.ledger;

import java.util.stream.Stream;
import methodos.core.manual.Answer;
import methodos.core.manual.Decision;
import methodos.core.manual.Found;
import methodos.core.manual.Look;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.quantity.Quantity;

/** What a condition is called where it is named in a few words: "end float, not ≤ 0.2 mm". */
public final class FoundNames {

    private FoundNames() {}

    /** Its name; empty where what it leads to is gone. */
    public static String of(Manual manual, Found found) {
        if (found instanceof Found.Outside outside) {
            return manual.reading(outside.reading()).map(FoundNames::outside).orElse("");
        }
        if (found instanceof Found.Fails fails) {
            return manual.look(fails.look()).map(FoundNames::bad).orElse("");
        }
        if (found instanceof Found.Cause cause) {
            return cause.cause();
        }
        Found.Decided decided = (Found.Decided) found;
        return manual.decision(decided.decision()).map(Decision::name).orElse("")
                + ": "
                + decided.verdict();
    }

    private static String outside(Reading reading) {
        if (reading.answer() instanceof Answer.Choice choice) {
            Stream<String> bad = choice.answers().stream().filter(a -> !choice.good().contains(a));
            return reading.what() + ": " + String.join(", ", bad.toList());
        }
        return reading.what()
                + reading.known().map(Quantity::print).map(q -> ", not " + q).orElse("");
    }

    private static String bad(Look look) {
        return look.fail().isBlank() ? look.what() : look.what() + ": " + look.fail();
    }
}
