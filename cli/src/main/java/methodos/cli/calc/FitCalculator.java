package methodos.cli.calc;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import methodos.core.fit.SelectiveFit;
import methodos.core.manual.FitRule;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;

/** {@code calc fit}: the size to fit so that a clearance comes right. */
final class FitCalculator implements Calculator {

    @Override
    public Answer answer(Request request) throws WrongRequest {
        Quantity fitted = request.neededQuantity("fitted");
        MeasureUnit unit = fitted.unit();
        if (unit.dimension() != MeasureUnit.Dimension.LENGTH) {
            throw new WrongRequest("“fitted” has to be a length.");
        }
        Quantity limits = request.neededQuantity("limits");
        Conversion limit = Quantities.exact(limits, "limits", unit);
        List<Rational> stock = new ArrayList<>();
        for (Quantity size : request.quantitiesIn("stock", unit)) {
            stock.add(Quantities.single(size, "stock", unit));
        }
        SelectiveFit fit =
                SelectiveFit.of(
                        Quantities.single(fitted, "fitted", unit),
                        single(request, "clearance", unit),
                        new SelectiveFit.Clearance(
                                single(request, "wanted", unit),
                                limit.exact(limits.min()),
                                limit.exact(limits.max())),
                        stock,
                        rule(request));
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("needed", Quantities.value(fit.needed(), unit));
        value.put(
                "chosen", fit.chosen().map(i -> Quantities.value(stock.get(i), unit)).orElse(null));
        value.put("clearance", fit.clearance().map(c -> Quantities.value(c, unit)).orElse(null));
        value.put("verdict", fit.chosen().isPresent() ? "fits" : "none fits");
        return new Answer(
                value,
                List.of(
                        fit.chosen()
                                .map(
                                        i ->
                                                "Fit "
                                                        + stock.get(i).toDouble()
                                                        + " "
                                                        + unit.symbol()
                                                        + ".")
                                .orElse("None fits."),
                        "needed = fitted + measured clearance − wanted clearance = "
                                + fit.needed().toDouble()
                                + " "
                                + unit.symbol()));
    }

    private static Rational single(Request request, String field, MeasureUnit unit)
            throws WrongRequest {
        return Quantities.single(request.neededQuantity(field), field, unit);
    }

    private static FitRule rule(Request request) throws WrongRequest {
        if (!request.has("rule")) {
            return FitRule.NEAREST;
        }
        for (FitRule rule : FitRule.values()) {
            if (rule.name().toLowerCase(Locale.ROOT).equals(request.text("rule"))) {
                return rule;
            }
        }
        throw new WrongRequest("“rule” is nearest or thickest.");
    }
}
