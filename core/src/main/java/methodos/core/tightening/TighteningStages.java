package methodos.core.tightening;

import java.util.List;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;

/** Tightening in stages: each screw to a share of the torque, before the first gets more. */
public final class TighteningStages {

    /** 30, 60 and 100 %. */
    public static final List<Rational> USUAL =
            List.of(Rational.of(3, 10), Rational.of(6, 10), Rational.ONE);

    private TighteningStages() {}

    /**
     * @param share of the torque, above 0, at most 1
     * @param min in the unit of the torque, null where it is open below
     * @param max in the unit of the torque, null where it is open above
     */
    public record Stage(Rational share, Rational min, Rational max) {}

    /**
     * @param shares rising, the last 1
     * @throws IllegalArgumentException if they are not
     */
    public static List<Stage> of(Quantity torque, List<Rational> shares) {
        for (int i = 0; i < shares.size(); i++) {
            Rational before = i == 0 ? Rational.ZERO : shares.get(i - 1);
            if (shares.get(i).compareTo(before) <= 0) {
                throw new IllegalArgumentException("Each stage has to be above the one before.");
            }
        }
        if (shares.isEmpty() || !shares.get(shares.size() - 1).equals(Rational.ONE)) {
            throw new IllegalArgumentException("The last stage has to be the whole torque.");
        }
        return shares.stream()
                .map(
                        share ->
                                new Stage(
                                        share,
                                        torque.min() == null
                                                ? null
                                                : torque.min().value().times(share),
                                        torque.max() == null
                                                ? null
                                                : torque.max().value().times(share)))
                .toList();
    }
}
