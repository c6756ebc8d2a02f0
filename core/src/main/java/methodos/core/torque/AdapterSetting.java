package methodos.core.torque;

import java.util.List;
import java.util.Optional;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;
import methodos.core.quantity.Rational;

/**
 * What a wrench with an adapter is set to for a torque.
 *
 * @param low for the lower end of the torque, in its unit
 * @param high for the upper end
 */
public record AdapterSetting(Rational low, Rational high) {

    /**
     * Works it out from what is typed.
     *
     * @param typed "400 mm, 60 mm, 90°": the wrench, the adapter, and the angle between them, 0
     *     where none is said
     * @return empty where it is not two lengths and at most an angle
     * @throws IllegalArgumentException with a sentence if one of them is not understood
     */
    public static Optional<AdapterSetting> of(Quantity torque, String typed) {
        List<Quantity> said = QuantityList.parse(typed);
        if (said.size() < 2 || said.size() > 3) {
            return Optional.empty();
        }
        double degrees = said.size() < 3 ? 0 : exact(said.get(2), MeasureUnit.DEGREE).toDouble();
        Rational share =
                TorqueAdapter.share(
                        exact(said.get(0), MeasureUnit.MILLIMETRE),
                        exact(said.get(1), MeasureUnit.MILLIMETRE),
                        degrees);
        Rational low = (torque.min() == null ? torque.max() : torque.min()).value();
        Rational high = (torque.max() == null ? torque.min() : torque.max()).value();
        return Optional.of(new AdapterSetting(low.times(share), high.times(share)));
    }

    private static Rational exact(Quantity quantity, MeasureUnit unit) {
        return new Conversion(quantity, unit)
                .exact(quantity.min() == null ? quantity.max() : quantity.min());
    }
}
