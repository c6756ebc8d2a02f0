package methodos.cli.calc;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.core.quantity.Bound;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;
import methodos.core.torque.FewestWrenches;

/** {@code calc wrenches}: the fewest torque wrenches that reach every value and stage. */
final class WrenchesCalculator implements Calculator {

    private static final Rational USUAL_FROM = Rational.of(2, 10);
    private static final MeasureUnit UNIT = MeasureUnit.NEWTON_METRE;

    /** One stage of a joint, in its own unit. */
    private record Stage(String joint, Rational min, Rational max, MeasureUnit unit) {}

    @Override
    public Answer answer(Request request) throws WrongRequest {
        List<String> names = new ArrayList<>();
        List<FewestWrenches.Scale> scales = new ArrayList<>();
        for (Request wrench : request.neededObjects("wrenches")) {
            Quantity range = wrench.neededQuantity("range");
            Conversion c = Quantities.exact(range, "wrenches.range", UNIT);
            if (range.max() == null) {
                throw new WrongRequest("“wrenches.range” has an upper end.");
            }
            names.add(wrench.text("name"));
            scales.add(
                    new FewestWrenches.Scale(
                            range.min() == null ? Rational.ZERO : c.exact(range.min()),
                            c.exact(range.max())));
        }
        List<Stage> stages = new ArrayList<>();
        for (Request value : request.neededObjects("values")) {
            stages(value, stages);
        }
        Rational from = request.has("from") ? Rational.of(request.decimal("from")) : USUAL_FROM;
        if (from.signum() < 0 || from.compareTo(Rational.ONE) > 0) {
            throw new WrongRequest("“from” is between 0 and 1.");
        }
        FewestWrenches fewest =
                FewestWrenches.of(
                        scales,
                        stages.stream()
                                .map(
                                        s ->
                                                new FewestWrenches.Range(
                                                        s.min.times(s.unit.factor()),
                                                        s.max.times(s.unit.factor())))
                                .toList(),
                        from);
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("fewest", fewest.fewest().stream().map(names::get).toList());
        value.put(
                "unreached",
                fewest.unreached().stream().map(i -> unreached(stages.get(i))).toList());
        return new Answer(
                value,
                List.of(
                        "Wrenches: "
                                + String.join(
                                        ", ", fewest.fewest().stream().map(names::get).toList()),
                        fewest.unreached().size() + " values that none reaches.",
                        "A wrench is usable from the larger of its lower end and "
                                + from.toDouble()
                                + " of its full scale; each stage needs one that holds its whole"
                                + " range."));
    }

    private static void stages(Request value, List<Stage> stages) throws WrongRequest {
        Quantity torque = value.neededQuantity("torque");
        Quantities.exact(torque, "values.torque", UNIT);
        Bound low = torque.min() == null ? torque.max() : torque.min();
        Bound high = torque.max() == null ? torque.min() : torque.max();
        List<Rational> shares =
                value.has("stages") ? value.decimals("stages") : List.of(Rational.ONE);
        for (Rational share : shares.isEmpty() ? List.of(Rational.ONE) : shares) {
            stages.add(
                    new Stage(
                            value.text("joint"),
                            low.value().times(share),
                            high.value().times(share),
                            torque.unit()));
        }
    }

    private static Map<String, Object> unreached(Stage stage) {
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("joint", stage.joint);
        value.put(
                "torque",
                Request.value(stage.min.toDouble(), stage.max.toDouble(), stage.unit.symbol()));
        return value;
    }
}
