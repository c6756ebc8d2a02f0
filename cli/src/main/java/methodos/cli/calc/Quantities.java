package methodos.cli.calc;

import java.util.Map;
import methodos.core.quantity.Bound;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;

/** Quantities as they are taken from a request and given back. */
final class Quantities {

    private Quantities() {}

    static Map<String, Object> value(Quantity q) {
        return Request.value(number(q.min()), number(q.max()), q.unit().symbol());
    }

    static Map<String, Object> value(Rational single, MeasureUnit unit) {
        return Request.value(single.toDouble(), single.toDouble(), unit.symbol());
    }

    private static Double number(Bound bound) {
        return bound == null ? null : bound.value().toDouble();
    }

    /**
     * @throws WrongRequest if it is no single value of the dimension
     */
    static Rational single(Quantity q, String field, MeasureUnit in) throws WrongRequest {
        if (!q.single()) {
            throw new WrongRequest("“" + field + "” has to be a single value.");
        }
        return exact(q, field, in).exact(q.min());
    }

    static Conversion exact(Quantity q, String field, MeasureUnit in) throws WrongRequest {
        if (q.unit().dimension() != in.dimension()) {
            throw new WrongRequest(
                    "“" + field + "” has to be in a unit such as " + in.symbol() + ".");
        }
        return new Conversion(q, in);
    }
}
