package methodos.cli.calc;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.core.quantity.Bound;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;

/** {@code calc convert}: a quantity as it is entered, exactly in another unit, and as printed. */
final class ConvertCalculator implements Calculator {

    @Override
    public Answer answer(Request request) throws WrongRequest {
        Quantity entered = request.neededQuantity("text");
        String unit = request.text("to");
        MeasureUnit to =
                MeasureUnit.named(unit)
                        .orElseThrow(
                                () ->
                                        new WrongRequest(
                                                "“to”: “" + unit + "” is not a known unit."));
        if (entered.unit() == MeasureUnit.COUNT) {
            throw new WrongRequest("“text” has no unit.");
        }
        boolean difference = request.flag("difference");
        Conversion conversion =
                Request.checked("to", () -> new Conversion(entered, to, difference));
        Quantity shown = conversion.shown();
        String print = entered.print() + " (" + shown.print() + ")";
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("entered", Quantities.value(entered));
        value.put(
                "exact",
                Request.value(
                        number(conversion, entered.min()),
                        number(conversion, entered.max()),
                        to.symbol()));
        value.put("shown", Quantities.value(shown));
        value.put("print", print);
        if (entered.about()) {
            value.put("about", true);
        }
        return new Answer(
                value,
                List.of(
                        print,
                        "1 "
                                + entered.unit().symbol()
                                + " = "
                                + entered.unit().factor().over(to.factor()).toDouble()
                                + " "
                                + to.symbol()
                                + ", from 1 in = 25.4 mm, 1 lb = 0.45359237 kg, g = 9.80665 m/s²;"
                                + " bounds are rounded inward."));
    }

    private static Double number(Conversion conversion, Bound bound) {
        Rational exact = conversion.exact(bound);
        return exact == null ? null : exact.toDouble();
    }
}
