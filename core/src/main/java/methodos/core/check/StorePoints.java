package methodos.core.check;

import java.util.ArrayList;
import java.util.List;
import methodos.core.kit.KitCoverage;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Sight;
import methodos.core.parts.PartsAnswer;
import methodos.core.parts.PartsReport;
import methodos.core.practice.PractisedManual;

/** What is open in the parts list and the kits. */
final class StorePoints {

    private StorePoints() {}

    static List<OpenPoint> of(PractisedManual practised, Sight sight, PartsAnswer answer) {
        Manual manual = practised.manual();
        List<OpenPoint> points = new ArrayList<>();
        for (Part part : manual.parts()) {
            if (!part.applicability().concerns(sight)) {
                continue;
            }
            if (part.number().isBlank()) {
                points.add(point("open.part.number", part, part.label()));
            }
            if (part.replacement() != null) {
                points.add(
                        point(
                                "open.part.replaced",
                                part,
                                part.label(),
                                part.number(),
                                part.replacement().number()));
            }
        }
        if (!manual.kits().isEmpty()) {
            for (KitCoverage.Row row : KitCoverage.of(practised.seenBy(sight))) {
                if (row.inNoKit()) {
                    Part part = row.part();
                    points.add(point("open.part.noKit", part, part.label(), part.item()));
                }
            }
        }
        if (answer.given()) {
            reported(points, PartsReport.of(manual, answer));
        }
        return points;
    }

    private static void reported(List<OpenPoint> points, PartsReport report) {
        report.unknown()
                .forEach(p -> points.add(point("open.service.unknown", p, p.label(), p.number())));
        report.replaced()
                .forEach(
                        r ->
                                points.add(
                                        point(
                                                "open.service.replaced",
                                                r.part(),
                                                r.part().label(),
                                                r.part().number(),
                                                r.replacement().number())));
        report.scarce()
                .forEach(
                        s ->
                                points.add(
                                        point(
                                                "open.service.scarce",
                                                s.part(),
                                                s.part().label(),
                                                s.stock(),
                                                s.part().quantity())));
        report.kits()
                .forEach(
                        k ->
                                points.add(
                                        new OpenPoint(
                                                Matter.STORES,
                                                "open.service.kit",
                                                List.of(
                                                        k.kit().number(),
                                                        String.join("; ", k.differences())),
                                                null,
                                                k.kit().id().text())));
    }

    private static OpenPoint point(String key, Part part, Object... arguments) {
        return new OpenPoint(Matter.STORES, key, List.of(arguments), null, part.id().text());
    }
}
