package methodos.cli.calc;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import methodos.core.fit.InstrumentFit;
import methodos.core.fit.ReadingVerdict;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;

/** {@code calc reading}: what readings say of their limit, and whether the instrument is fit. */
final class ReadingCalculator implements Calculator {

    @Override
    public Answer answer(Request request) throws WrongRequest {
        Quantity limit = request.neededQuantity("limit");
        MeasureUnit unit = limit.unit();
        Quantity resolution = request.neededQuantity("resolution");
        if (Quantities.single(resolution, "resolution", unit).signum() <= 0) {
            throw new WrongRequest("“resolution” has to be more than 0.");
        }
        Optional<Quantity> tolerance = request.quantity("tolerance");
        if (tolerance.isPresent()) {
            Quantities.single(tolerance.get(), "tolerance", unit);
        }
        List<String> verdicts = new ArrayList<>();
        for (Quantity value : request.quantitiesIn("values", unit)) {
            Quantities.single(value, "values", unit);
            verdicts.add(word(ReadingVerdict.of(limit, resolution, value)));
        }
        String instrument = word(InstrumentFit.of(limit, resolution, tolerance.orElse(null)));
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("verdicts", verdicts);
        value.put("instrument", instrument);
        return new Answer(
                value,
                List.of(
                        "Readings: " + String.join(", ", verdicts) + "; instrument: " + instrument,
                        "Marginal is inside, but within one resolution of a limit; a resolution of"
                                + " 1/10 of the tolerance is good, of 1/4 usable."));
    }

    private static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
