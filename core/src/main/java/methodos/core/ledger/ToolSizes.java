package methodos.core.ledger;

import java.util.Locale;
import java.util.Optional;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;

/** Sizes of hexagons and the like: "1/2 in" is "12.7 mm", "T30" is only itself. */
final class ToolSizes {

    private ToolSizes() {}

    static boolean same(String a, String b) {
        Optional<Quantity> x = quantity(a);
        Optional<Quantity> y = quantity(b);
        if (x.isPresent() && y.isPresent()) {
            return same(x.get(), y.get());
        }
        return plain(a).equals(plain(b));
    }

    /** A size without a unit is one in the unit of the other. */
    private static boolean same(Quantity a, Quantity b) {
        if (a.unit() == MeasureUnit.COUNT || b.unit() == MeasureUnit.COUNT) {
            return a.min().value().equals(b.min().value());
        }
        return a.unit().dimension() == b.unit().dimension()
                && a.min()
                        .value()
                        .times(a.unit().factor())
                        .equals(b.min().value().times(b.unit().factor()));
    }

    private static Optional<Quantity> quantity(String text) {
        try {
            Quantity q = Quantity.parse(text);
            return q.single() ? Optional.of(q) : Optional.empty();
        } catch (IllegalArgumentException noQuantity) {
            return Optional.empty();
        }
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("\\s+", "");
    }
}
