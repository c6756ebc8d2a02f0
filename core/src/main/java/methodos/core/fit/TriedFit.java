package methodos.core.fit;

import java.util.List;
import java.util.Optional;
import methodos.core.manual.Fit;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.QuantityList;
import methodos.core.quantity.Rational;

/**
 * The size that is chosen for a size that is in and a clearance that was measured, all in the unit
 * of the limit.
 *
 * @param left the clearance that each size in stock would leave
 * @param choice which one is taken
 */
public record TriedFit(List<Rational> left, SelectiveFit choice) {

    /**
     * Chooses the size.
     *
     * @param limit of the clearance
     * @param typed "2.10, 0.25": the size that is in, and the clearance that was measured
     * @return empty where it is not two single readings
     * @throws IllegalArgumentException with a sentence if one is not understood, or is no length
     */
    public static Optional<TriedFit> of(Quantity limit, Fit fit, String typed) {
        List<Quantity> two = QuantityList.parse(typed, limit.unit());
        if (two.size() != 2 || !two.get(0).single() || !two.get(1).single()) {
            return Optional.empty();
        }
        MeasureUnit unit = limit.unit();
        Rational in = exact(two.get(0), unit);
        Rational gap = exact(two.get(1), unit);
        List<Rational> stock = fit.stock().stream().map(s -> exact(s, unit)).toList();
        SelectiveFit choice =
                SelectiveFit.of(
                        in,
                        gap,
                        new SelectiveFit.Clearance(
                                exact(fit.wanted(), unit),
                                limit.min() == null ? null : limit.min().value(),
                                limit.max() == null ? null : limit.max().value()),
                        stock,
                        fit.rule());
        return Optional.of(
                new TriedFit(stock.stream().map(s -> in.plus(gap).minus(s)).toList(), choice));
    }

    private static Rational exact(Quantity quantity, MeasureUnit unit) {
        return new Conversion(quantity, unit).exact(quantity.min());
    }
}
