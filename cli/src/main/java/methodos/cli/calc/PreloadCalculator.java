package methodos.cli.calc;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;
import methodos.core.torque.Preload;
import methodos.core.torque.PropertyClass;
import methodos.core.torque.ThreadCondition;
import methodos.core.torque.ThreadSize;

/** {@code calc preload}: the force that a torque leaves in a screw, and whether it makes sense. */
final class PreloadCalculator implements Calculator {

    @Override
    public Answer answer(Request request) throws WrongRequest {
        String threadText = request.text("thread");
        ThreadSize thread = Request.checked("thread", () -> ThreadSize.parse(threadText));
        String classText = request.text("class");
        PropertyClass strength = Request.checked("class", () -> PropertyClass.parse(classText));
        Quantity torque = request.neededQuantity("torque");
        Quantities.exact(torque, "torque", MeasureUnit.NEWTON_METRE);
        String condition = request.has("condition") ? request.text("condition") : "";
        double usual =
                Request.checked("condition", () -> ThreadCondition.parse(condition).nutFactor());
        double k = request.has("k") ? request.number("k") : usual;
        boolean soft = request.flag("soft");
        Preload preload =
                Request.checked(
                        request.has("k") ? "k" : "torque",
                        () -> Preload.of(thread, strength, torque, k, soft));
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("stressArea", preload.stressArea());
        value.put("proofLoad", preload.proofLoad());
        value.put("preload", preload.newtons());
        value.put("ofProof", preload.ofProof());
        value.put("verdict", preload.verdict().name().toLowerCase(Locale.ROOT));
        value.put("slip", preload.slip().map(PreloadCalculator::slip).orElse(null));
        return new Answer(
                value,
                List.of(
                        String.format(
                                Locale.ROOT,
                                "%.0f N, %.0f %% of the proof load: %s%s",
                                preload.newtons(),
                                100 * preload.ofProof(),
                                preload.verdict().name().toLowerCase(Locale.ROOT),
                                preload.slip().map(s -> " (" + s.words() + ")").orElse("")),
                        String.format(
                                Locale.ROOT,
                                "F = T / (K d), K = %.2f, d = %.2f mm; stress area %.2f mm², proof"
                                        + " load %.0f N (ISO 898-1, SAE J429, ISO 3506-1).",
                                k,
                                thread.diameter(),
                                preload.stressArea(),
                                preload.proofLoad())));
    }

    private static Map<String, Object> slip(Preload.Slip slip) {
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("factor", slip.factor());
        value.put("words", slip.words());
        return value;
    }
}
