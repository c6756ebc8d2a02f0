package methodos.core.kit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import methodos.core.description.Id;
import methodos.core.manual.Kit;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Sight;
import methodos.core.practice.SeenManual;

/** What a unit needs new, and what of it the kits hold. */
public final class KitCoverage {

    /**
     * @param needed how many the unit needs new; of parts that are inspected, how many it would
     *     need at the most
     * @param certain whether they are needed whatever the inspection says
     * @param inKit how many each kit holds that holds any, by the kit's id
     */
    public record Row(Part part, int needed, boolean certain, Map<Id<Kit>, Integer> inKit) {

        /** How many of the part are missing when this kit alone is bought. */
        public int missingFrom(Id<Kit> kit) {
            return certain ? Math.max(0, needed - inKit.getOrDefault(kit, 0)) : 0;
        }

        /** Whether it is certainly needed and no kit holds any. */
        public boolean inNoKit() {
            return certain && needed > 0 && inKit.values().stream().allMatch(n -> n == 0);
        }
    }

    private KitCoverage() {}

    /**
     * One row for each part that is always new, goes on in the place of another, or is held by a
     * kit, for the units looked at.
     */
    public static List<Row> of(SeenManual seen) {
        Manual manual = seen.manual();
        Sight sight = seen.sight();
        List<Row> rows = new ArrayList<>();
        Map<Id<Part>, Map<Id<Kit>, Integer>> held = held(manual);
        Set<Id<Part>> conversions =
                manual.parts().stream()
                        .filter(p -> p.applicability().concerns(sight))
                        .map(Part::convertedTo)
                        .filter(Objects::nonNull)
                        .collect(Collectors.toSet());
        for (Part part : manual.parts()) {
            Map<Id<Kit>, Integer> inKit = held.getOrDefault(part.id(), Map.of());
            boolean always =
                    part.reuse() == ReuseRule.ALWAYS_NEW || conversions.contains(part.id());
            if (part.applicability().concerns(sight) && (always || !inKit.isEmpty())) {
                rows.add(new Row(part, part.quantity(), always, inKit));
            }
        }
        return List.copyOf(rows);
    }

    /** By part, how many each kit holds that holds any. */
    private static Map<Id<Part>, Map<Id<Kit>, Integer>> held(Manual manual) {
        Map<Id<Part>, Map<Id<Kit>, Integer>> held = new HashMap<>();
        for (Kit kit : manual.kits()) {
            for (Kit.Content c : kit.contents()) {
                if (c.count() > 0) {
                    held.computeIfAbsent(c.part(), p -> new LinkedHashMap<>())
                            .merge(kit.id(), c.count(), Integer::sum);
                }
            }
        }
        return held;
    }

    /** Kits that alone hold everything that any kit could cover, fewest parts first. */
    public static List<Kit> sufficient(SeenManual seen) {
        List<Row> coverable = of(seen).stream().filter(r -> r.certain() && !r.inNoKit()).toList();
        return seen.manual().kits().stream()
                .filter(k -> coverable.stream().allMatch(r -> r.missingFrom(k.id()) == 0))
                .sorted(
                        java.util.Comparator.comparingInt(
                                k -> k.contents().stream().mapToInt(Kit.Content::count).sum()))
                .toList();
    }
}
