package methodos.cli.calc;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.core.quantity.Agreement;
import methodos.core.quantity.Quantity;

/** {@code calc agree}: whether two values for the same thing agree, and the likely slip. */
final class AgreeCalculator implements Calculator {

    @Override
    public Answer answer(Request request) throws WrongRequest {
        Quantity first = request.neededQuantity("first");
        Quantity second = request.neededQuantity("second");
        Agreement agreement = Request.checked("second", () -> Agreement.of(first, second));
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("agree", agreement.agree());
        value.put("likely", agreement.likely().orElse(null));
        return new Answer(
                value,
                List.of(
                        first.print()
                                + " and "
                                + second.print()
                                + (agreement.agree() ? " agree." : " disagree.")
                                + agreement.likely().map(l -> " Likely: " + l + ".").orElse(""),
                        "Each bound within half a unit of the coarser last digit plus 1.5 % of the"
                                + " larger."));
    }
}
