package methodos.cli.calc;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;
import methodos.core.torque.FewestWrenches;
import methodos.core.torque.TorqueRange;
import methodos.core.torque.WrenchScale;

/** {@code calc wrenches}: the fewest torque wrenches that reach every value and stage. */
final class WrenchesCalculator implements Calculator {

    private static final MeasureUnit UNIT = MeasureUnit.NEWTON_METRE;

    /** One stage of a joint, and the unit in which it was asked. */
    private record Stage(String joint, TorqueRange range, MeasureUnit unit) {}

    @Override
    public Answer answer(Request request) throws WrongRequest {
        request.atMost("values", 3000);
        request.atMost("wrenches", 500);
        List<String> names = new ArrayList<>();
        List<WrenchScale> scales = new ArrayList<>();
        for (Request wrench : request.neededObjects("wrenches")) {
            Quantity range = wrench.neededQuantity("range");
            names.add(wrench.text("name"));
            scales.add(Request.checked("wrenches.range", () -> WrenchScale.of(range)));
        }
        List<Stage> stages = new ArrayList<>();
        for (Request value : request.neededObjects("values")) {
            stages(value, stages);
        }
        Rational from =
                request.has("from")
                        ? Rational.of(request.decimal("from"))
                        : WrenchScale.USABLE_FROM;
        if (from.signum() < 0 || from.compareTo(Rational.ONE) > 0) {
            throw new WrongRequest("“from” is between 0 and 1.");
        }
        FewestWrenches fewest =
                FewestWrenches.of(scales, stages.stream().map(Stage::range).toList(), from);
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
        TorqueRange range = TorqueRange.of(torque);
        List<Rational> shares =
                value.has("stages") ? value.decimals("stages") : List.of(Rational.ONE);
        for (Rational share : shares.isEmpty() ? List.of(Rational.ONE) : shares) {
            stages.add(new Stage(value.text("joint"), range.times(share), torque.unit()));
        }
    }

    private static Map<String, Object> unreached(Stage stage) {
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("joint", stage.joint);
        value.put(
                "torque",
                Request.value(
                        stage.range.min().over(stage.unit.factor()).toDouble(),
                        stage.range.max().over(stage.unit.factor()).toDouble(),
                        stage.unit.symbol()));
        return value;
    }
}
