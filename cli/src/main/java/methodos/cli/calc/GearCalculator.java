package methodos.cli.calc;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.core.fit.ChainDrive;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;

/** {@code calc gear}: speed behind pairs of gears, or the length of a chain. */
final class GearCalculator implements Calculator {

    @Override
    public Answer answer(Request request) throws WrongRequest {
        return request.has("teeth") ? chain(request) : train(request);
    }

    private static Answer train(Request request) throws WrongRequest {
        Quantity speed = request.neededQuantity("speed");
        Quantities.exact(speed, "speed", MeasureUnit.REVOLUTIONS);
        Rational ratio = Rational.ONE;
        for (Request pair : request.neededObjects("pairs")) {
            ratio = ratio.times(Rational.of(pair.teeth("driven"), pair.teeth("driver")));
        }
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("ratio", ratio.toDouble());
        value.put(
                "out",
                Request.value(
                        speed.min() == null ? null : speed.min().value().over(ratio).toDouble(),
                        speed.max() == null ? null : speed.max().value().over(ratio).toDouble(),
                        speed.unit().symbol()));
        return new Answer(
                value,
                List.of(
                        "Out: " + value.get("out"),
                        "speed out = speed in × driver teeth / driven teeth, over all pairs; ratio "
                                + ratio.toDouble()));
    }

    private static Answer chain(Request request) throws WrongRequest {
        List<Integer> teeth = request.integers("teeth");
        if (teeth.size() != 2) {
            throw new WrongRequest("“teeth” has to be a list of 2 numbers.");
        }
        Quantity centre = request.neededQuantity("centre");
        MeasureUnit unit = centre.unit();
        if (unit.dimension() != MeasureUnit.Dimension.LENGTH) {
            throw new WrongRequest("“centre” has to be a length.");
        }
        double distance = Quantities.single(centre, "centre", unit).toDouble();
        double pitch = Quantities.single(request.neededQuantity("pitch"), "pitch", unit).toDouble();
        ChainDrive chain =
                Request.checked(
                        "teeth", () -> ChainDrive.of(teeth.get(0), teeth.get(1), distance, pitch));
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("pitches", chain.pitches());
        value.put("centre", Request.value(chain.centre(), chain.centre(), unit.symbol()));
        return new Answer(
                value,
                List.of(
                        chain.pitches() + " pitches at " + chain.centre() + " " + unit.symbol(),
                        "L = 2C/p + (a + b)/2 + ((a − b)/2π)² p/C, the nearest even number"));
    }
}
