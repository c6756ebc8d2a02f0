package methodos.cli.calc;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import methodos.core.figure.MeasuredLength;
import methodos.core.manual.Point;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;

/** {@code calc length}: a length on a picture, by something on it whose size is known. */
final class LengthCalculator implements Calculator {

    @Override
    public Answer answer(Request request) throws WrongRequest {
        Request known = request.object("known");
        List<Point> points = known.points("points");
        List<Point> ends = request.points("measure");
        if (ends.size() != 2) {
            throw new WrongRequest("“measure” has to be two points.");
        }
        double pointing = request.number("pointing");
        if (pointing < 0) {
            throw new WrongRequest("“pointing” cannot be less than 0.");
        }
        String shape = known.text("shape");
        List<Quantity> sizes =
                shape.equals("circle")
                        ? List.of(
                                known.quantity("diameter")
                                        .orElseThrow(
                                                () ->
                                                        new WrongRequest(
                                                                "“known.diameter” is missing.")))
                        : known.quantities("sides");
        MeasureUnit unit = sizes.isEmpty() ? MeasureUnit.MILLIMETRE : sizes.get(0).unit();
        List<Double> sides = sides(sizes, unit, shape.equals("rectangle") ? 2 : 1);
        MeasuredLength length =
                Request.checked("known", () -> measured(shape, points, sides, ends, pointing));
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("length", Request.value(length.value(), length.value(), unit.symbol()));
        value.put(
                "uncertainty",
                Request.value(length.uncertainty(), length.uncertainty(), unit.symbol()));
        value.put("tiltCorrected", length.tiltCorrected());
        return new Answer(value, words(length, unit));
    }

    private static MeasuredLength measured(
            String shape, List<Point> points, List<Double> sides, List<Point> ends, double pointing)
            throws WrongRequest {
        Point from = ends.get(0);
        Point to = ends.get(1);
        return switch (shape) {
            case "rectangle" ->
                    MeasuredLength.byRectangle(
                            points, sides.get(0), sides.get(1), from, to, pointing);
            case "circle" -> MeasuredLength.byCircle(points, sides.get(0), from, to, pointing);
            case "length" -> MeasuredLength.byLength(points, sides.get(0), from, to, pointing);
            default -> throw new WrongRequest("“known.shape” is rectangle, circle or length.");
        };
    }

    private static List<Double> sides(List<Quantity> sizes, MeasureUnit unit, int count)
            throws WrongRequest {
        if (sizes.size() != count) {
            throw new WrongRequest(
                    count == 1 ? "One size is needed." : "“known.sides” has to be two sizes.");
        }
        List<Double> sides = new ArrayList<>();
        for (Quantity size : sizes) {
            if (!size.single() || size.unit().dimension() != MeasureUnit.Dimension.LENGTH) {
                throw new WrongRequest("What is known has to be a length.");
            }
            sides.add(new Conversion(size, unit).exact(size.min()).toDouble());
        }
        return sides;
    }

    private static List<String> words(MeasuredLength length, MeasureUnit unit) {
        return List.of(
                String.format(
                        Locale.ROOT,
                        "%.2f ± %.2f %s (95 %%)%s",
                        length.value(),
                        length.uncertainty(),
                        unit.symbol(),
                        length.tiltCorrected() ? "" : "; the tilt is not corrected"),
                "u² = Σ (∂L/∂x)² σ² over all clicks, 1.96 u (JCGM 100:2008, 5.1.2).");
    }
}
