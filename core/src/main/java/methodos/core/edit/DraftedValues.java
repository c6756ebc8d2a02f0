package methodos.core.edit;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import methodos.core.manual.Evidence;
import methodos.core.manual.Value;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;

/** Figures of a narration as values that nobody has agreed to yet. */
final class DraftedValues {

    /** Nobody says more digits behind the point. */
    private static final int MOST_DIGITS = 5;

    /** Into how many parts people divide what is no round decimal: thirds, sixths of a turn. */
    private static final int[] PARTS = {3, 6, 7, 9, 12, 32, 64};

    private static final double SAME = 1e-9;

    private DraftedValues() {}

    /** Empty where the figure makes no sense: it stands in the step's text and evidence. */
    static Optional<Value.Known> value(
            Double min, Double max, String unit, List<Evidence> evidence) {
        return quantity(min, max, unit).map(q -> new Value.Known(q, evidence, false));
    }

    /** The figure alone, as it would be typed: what is a third is no row of digits. */
    static Optional<Quantity> quantity(Double min, Double max, String unit) {
        boolean swapped = min != null && max != null && min > max;
        return MeasureUnit.named(unit)
                .filter(u -> !swapped && (min != null || max != null))
                .flatMap(u -> parsed(typed(min, max) + " " + unit));
    }

    private static Optional<Quantity> parsed(String typed) {
        try {
            return Optional.of(Quantity.parse(typed));
        } catch (IllegalArgumentException e) {
            return Optional.empty(); // no figure that anybody measures
        }
    }

    private static String typed(Double min, Double max) {
        if (min == null) {
            return "≤ " + number(max);
        }
        if (max == null) {
            return "≥ " + number(min);
        }
        return min.equals(max) ? number(min) : number(min) + " to " + number(max);
    }

    private static String number(double value) {
        BigDecimal plain = new BigDecimal(String.valueOf(value)).stripTrailingZeros();
        if (plain.scale() <= MOST_DIGITS) {
            return plain.toPlainString();
        }
        for (int of : PARTS) {
            long parts = Math.round(value * of);
            if (Math.abs(value - (double) parts / of) < SAME) {
                String whole = parts / of == 0 ? "" : parts / of + "-";
                return whole + parts % of + "/" + of;
            }
        }
        return plain.setScale(MOST_DIGITS, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
