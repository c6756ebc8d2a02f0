package methodos.cli.calc;

import java.util.List;
import java.util.Map;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;
import methodos.core.torque.TorqueAdapter;

/** {@code calc adapter}: what a wrench is set to when an adapter lengthens it. */
final class AdapterCalculator implements Calculator {

    @Override
    public Answer answer(Request request) throws WrongRequest {
        Quantity torque = request.neededQuantity("torque");
        Quantities.exact(torque, "torque", MeasureUnit.NEWTON_METRE);
        Rational wrench = length(request, "wrenchLength");
        Rational extension = length(request, "extension");
        double angle = request.has("angle") ? request.number("angle") : 0;
        Rational share =
                Request.checked("extension", () -> TorqueAdapter.share(wrench, extension, angle));
        Map<String, Object> set =
                Request.value(
                        torque.min() == null ? null : torque.min().value().times(share).toDouble(),
                        torque.max() == null ? null : torque.max().value().times(share).toDouble(),
                        torque.unit().symbol());
        return new Answer(
                Map.of("set", set),
                List.of(
                        "Set the wrench to "
                                + set.get("min")
                                + " to "
                                + set.get("max")
                                + " "
                                + set.get("unit")
                                + ".",
                        "T L / (L + E cos θ) = T × " + share.toDouble()));
    }

    private static Rational length(Request request, String field) throws WrongRequest {
        return Quantities.single(request.neededQuantity(field), field, MeasureUnit.MILLIMETRE);
    }
}
