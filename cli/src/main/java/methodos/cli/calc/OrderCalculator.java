package methodos.cli.calc;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import methodos.core.manual.Arrangement;
import methodos.core.manual.Point;
import methodos.core.quantity.Quantity;
import methodos.core.quantity.Rational;
import methodos.core.tightening.TighteningOrder;
import methodos.core.tightening.TighteningStages;

/** {@code calc order}: in which order screws are tightened, and in which stages. */
final class OrderCalculator implements Calculator {

    private static final String AUTO = "auto";

    @Override
    public Answer answer(Request request) throws WrongRequest {
        request.atMost("screws", 300);
        List<Rational> shares =
                request.has("stages") ? request.decimals("stages") : TighteningStages.USUAL;
        Optional<Quantity> torque = request.quantity("torque");
        boolean given = request.has("given") || givenAsked(request);
        TighteningOrder order =
                Request.checked(given ? "given" : "screws", () -> order(request, given));
        List<Map<String, Object>> stages = Request.checked("stages", () -> stages(torque, shares));
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("arrangement", order.arrangement().name().toLowerCase(Locale.ROOT));
        value.put("order", order.order());
        value.put("stages", stages);
        value.put("checkRound", true);
        return new Answer(value, words(order, torque, shares));
    }

    private static boolean givenAsked(Request request) throws WrongRequest {
        return request.has("arrangement") && request.text("arrangement").equals("given");
    }

    private static TighteningOrder order(Request request, boolean given) throws WrongRequest {
        List<Point> screws = request.points("screws");
        String arrangement = request.has("arrangement") ? request.text("arrangement") : AUTO;
        if (given) {
            return TighteningOrder.given(screws.size(), request.integers("given"));
        }
        if (arrangement.equals(AUTO)) {
            return TighteningOrder.of(screws);
        }
        for (Arrangement known : Arrangement.values()) {
            if (known.name().toLowerCase(Locale.ROOT).equals(arrangement)) {
                return TighteningOrder.as(known, screws);
            }
        }
        throw new WrongRequest(
                "“arrangement” is auto, circle, rectangle, irregular, row or given.");
    }

    private static List<Map<String, Object>> stages(
            Optional<Quantity> torque, List<Rational> shares) {
        List<Map<String, Object>> stages = new ArrayList<>();
        if (torque.isEmpty()) {
            for (Rational share : shares) {
                stages.add(stage(share, null));
            }
            return stages;
        }
        String unit = torque.get().unit().symbol();
        for (TighteningStages.Stage stage : TighteningStages.of(torque.get(), shares)) {
            Double min = stage.min() == null ? null : stage.min().toDouble();
            Double max = stage.max() == null ? null : stage.max().toDouble();
            stages.add(stage(stage.share(), Request.value(min, max, unit)));
        }
        return stages;
    }

    private static Map<String, Object> stage(Rational share, Object torque) {
        Map<String, Object> stage = new LinkedHashMap<>();
        stage.put("share", share.toDouble());
        stage.put("torque", torque);
        return stage;
    }

    private static List<String> words(
            TighteningOrder order, Optional<Quantity> torque, List<Rational> shares) {
        List<String> words = new ArrayList<>();
        words.add(
                order.arrangement().name().toLowerCase(Locale.ROOT)
                        + ": "
                        + order.order().stream()
                                .map(String::valueOf)
                                .collect(Collectors.joining(" – ")));
        torque.ifPresent(
                t ->
                        words.add(
                                "Stages: "
                                        + TighteningStages.of(t, shares).stream()
                                                .map(s -> percent(s) + " " + torque(s, t))
                                                .collect(Collectors.joining(", "))
                                        + "; then once round at the full torque."));
        words.add(
                "Circle: opposite pairs, each as far from those done as can be; an odd one (n − 1)/2"
                        + " screws on. Others: from the inside out, each followed by the one opposite.");
        return words;
    }

    private static String percent(TighteningStages.Stage stage) {
        return Math.round(100 * stage.share().toDouble()) + " %";
    }

    private static String torque(TighteningStages.Stage stage, Quantity torque) {
        String digits =
                stage.min() == null
                        ? "≤ " + stage.max().toDecimal()
                        : stage.max() == null
                                ? "≥ " + stage.min().toDecimal()
                                : stage.min().equals(stage.max())
                                        ? stage.min().toDecimal()
                                        : stage.min().toDecimal()
                                                + " to "
                                                + stage.max().toDecimal();
        return digits + " " + torque.unit().symbol();
    }
}
