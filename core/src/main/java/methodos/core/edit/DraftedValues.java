package methodos.core.edit;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import methodos.core.manual.Evidence;
import methodos.core.manual.Value;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;

/** Figures of a narration as values that nobody has agreed to yet. */
final class DraftedValues {

    private DraftedValues() {}

    /** Empty where the figure makes no sense: it stands in the step's text and evidence. */
    static Optional<Value.Known> value(
            Double min, Double max, String unit, List<Evidence> evidence) {
        return quantity(min, max, unit).map(q -> new Value.Known(q, evidence, false));
    }

    /** The figure alone. */
    static Optional<Quantity> quantity(Double min, Double max, String unit) {
        boolean swapped = min != null && max != null && min > max;
        return MeasureUnit.named(unit)
                .filter(u -> !swapped && (min != null || max != null))
                .map(u -> Quantity.of(decimal(min), decimal(max), u));
    }

    private static BigDecimal decimal(Double value) {
        return value == null ? null : new BigDecimal(String.valueOf(value)).stripTrailingZeros();
    }
}
