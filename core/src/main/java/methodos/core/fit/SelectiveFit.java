package methodos.core.fit;

import java.util.List;
import java.util.Optional;
import methodos.core.manual.FitRule;
import methodos.core.quantity.Rational;

/**
 * The size to fit so that a clearance comes right: needed = fitted + measured clearance − wanted
 * clearance. All in one unit of length.
 *
 * @param needed thickness that would leave the wanted clearance
 * @param chosen index in the stock, empty where none fits
 * @param clearance that the chosen one leaves
 */
public record SelectiveFit(
        Rational needed, Optional<Integer> chosen, Optional<Rational> clearance) {

    /**
     * The clearance that is asked for.
     *
     * @param wanted the best
     * @param least lower limit, null where open
     * @param most upper limit, null where open
     */
    public record Clearance(Rational wanted, Rational least, Rational most) {}

    /**
     * @param fitted thickness that was in when the clearance was measured
     * @param clearance that was measured
     */
    public static SelectiveFit of(
            Rational fitted,
            Rational clearance,
            Clearance asked,
            List<Rational> stock,
            FitRule rule) {
        Rational wanted = asked.wanted();
        Rational least = asked.least();
        Rational most = asked.most();
        Rational sum = fitted.plus(clearance);
        Integer best = null;
        for (int i = 0; i < stock.size(); i++) {
            Rational left = sum.minus(stock.get(i));
            boolean wide = least == null || left.compareTo(least) >= 0;
            boolean narrow = most == null || left.compareTo(most) <= 0;
            if (wide
                    && (narrow || rule == FitRule.THICKEST)
                    && (best == null || better(left, sum.minus(stock.get(best)), wanted, rule))) {
                best = i;
            }
        }
        if (best != null && most != null && sum.minus(stock.get(best)).compareTo(most) > 0) {
            best = null;
        }
        return new SelectiveFit(
                sum.minus(wanted),
                Optional.ofNullable(best),
                best == null ? Optional.empty() : Optional.of(sum.minus(stock.get(best))));
    }

    private static boolean better(Rational left, Rational than, Rational wanted, FitRule rule) {
        if (rule == FitRule.THICKEST) {
            return left.compareTo(than) < 0;
        }
        int nearer = left.minus(wanted).abs().compareTo(than.minus(wanted).abs());
        return nearer < 0 || nearer == 0 && left.compareTo(than) > 0;
    }
}
