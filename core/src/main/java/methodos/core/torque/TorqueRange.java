package methodos.core.torque;

import methodos.core.quantity.Bound;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;

/** A tightening torque in N·m; of a single value and of a one-sided one both ends are the same. */
public record TorqueRange(Rational min, Rational max) {

    /**
     * @throws IllegalArgumentException if it is no torque
     */
    public static TorqueRange of(Quantity torque) {
        Conversion metres = new Conversion(torque, MeasureUnit.NEWTON_METRE);
        Bound low = torque.min() == null ? torque.max() : torque.min();
        Bound high = torque.max() == null ? torque.min() : torque.max();
        return new TorqueRange(metres.exact(low), metres.exact(high));
    }

    /** A share of it, as a stage of tightening is. */
    public TorqueRange times(Rational share) {
        return new TorqueRange(min.times(share), max.times(share));
    }
}
