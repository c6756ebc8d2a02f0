package methodos.core.check;

import java.util.ArrayList;
import java.util.List;
import methodos.core.kit.KitCoverage;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Sight;

/** What is open in the parts list and the kits. */
final class StorePoints {

    private StorePoints() {}

    static List<OpenPoint> of(Manual manual, Sight sight) {
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
            for (KitCoverage.Row row : KitCoverage.of(manual, sight)) {
                if (row.inNoKit()) {
                    Part part = row.part();
                    points.add(point("open.part.noKit", part, part.label(), part.item()));
                }
            }
        }
        return points;
    }

    private static OpenPoint point(String key, Part part, Object... arguments) {
        return new OpenPoint(Place.STORES, key, List.of(arguments), null, part.id());
    }
}
