package methodos.core.torque;

import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;

/** The scale of a torque wrench in N·m; one that begins nowhere begins at nought. */
public record WrenchScale(Rational from, Rational to) {

    /** Share of full scale from which a wrench is usable, where nothing else is said. */
    public static final Rational USABLE_FROM = Rational.of(2, 10);

    /** Whether a quantity can be a scale: a torque with an upper end. */
    public static boolean isScale(Quantity range) {
        return range.unit().dimension() == MeasureUnit.Dimension.TORQUE
                && range.max() != null
                && range.max().value().signum() > 0;
    }

    /**
     * @throws IllegalArgumentException if it is no scale
     */
    public static WrenchScale of(Quantity range) {
        if (!isScale(range)) {
            throw new IllegalArgumentException(
                    "A torque wrench has a range of torque with an upper end.");
        }
        Conversion metres = new Conversion(range, MeasureUnit.NEWTON_METRE);
        boolean open = range.min() == null || range.single();
        return new WrenchScale(
                open ? Rational.ZERO : metres.exact(range.min()), metres.exact(range.max()));
    }

    /** Where the usable part begins: the larger of its lower end and a share of full scale. */
    public Rational usableFrom(Rational share) {
        return from.max(to.times(share));
    }

    /** Whether the usable part holds the whole of a range. */
    public boolean holds(TorqueRange range, Rational share) {
        return range.min().compareTo(usableFrom(share)) >= 0 && range.max().compareTo(to) <= 0;
    }
}
