package methodos.core.kit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import methodos.core.description.Id;
import methodos.core.manual.Kit;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Sight;
import methodos.core.practice.PractisedManual;

/**
 * What is ordered for the work on one unit: the fewest kits, and what no kit holds.
 *
 * @param kits in the manual's order, those that are ordered
 * @param extras parts that no kit holds
 * @param spares what is left over of the kits
 */
public record OrderList(List<KitCount> kits, List<PartCount> extras, List<PartCount> spares) {

    /** So many of a kit. */
    public record KitCount(Kit kit, int count) {}

    /** So many of a part. */
    public record PartCount(Part part, int count) {}

    /** What to order for one overhaul of the units that are looked at. */
    public static OrderList of(PractisedManual practised, Sight sight) {
        return of(practised.manual(), KitCoverage.of(practised.seenBy(sight)));
    }

    static OrderList of(Manual manual, List<KitCoverage.Row> rows) {
        Map<String, Integer> demand = new LinkedHashMap<>();
        Map<String, Part> parts = new LinkedHashMap<>();
        for (KitCoverage.Row row : rows) {
            parts.put(row.part().id().text(), row.part());
            if (row.certain()) {
                demand.put(row.part().id().text(), row.needed());
            }
        }
        FewestKits fewest =
                FewestKits.of(demand, manual.kits().stream().map(OrderList::contents).toList());
        List<KitCount> kits = new ArrayList<>();
        Map<String, Integer> supplied = new LinkedHashMap<>();
        for (int i = 0; i < manual.kits().size(); i++) {
            int count = fewest.counts().get(i);
            if (count > 0) {
                Kit kit = manual.kits().get(i);
                kits.add(new KitCount(kit, count));
                kit.contents()
                        .forEach(
                                c ->
                                        supplied.merge(
                                                c.part().text(), count * c.count(), Integer::sum));
            }
        }
        List<PartCount> extras = new ArrayList<>();
        fewest.coverage().stream()
                .filter(r -> r.shortBy() > 0)
                .forEach(r -> extras.add(new PartCount(parts.get(r.part()), r.shortBy())));
        List<PartCount> spares = new ArrayList<>();
        supplied.forEach(
                (part, count) -> {
                    int left = count - demand.getOrDefault(part, 0);
                    if (left > 0 && parts.containsKey(part)) {
                        spares.add(new PartCount(parts.get(part), left));
                    }
                });
        return new OrderList(List.copyOf(kits), List.copyOf(extras), List.copyOf(spares));
    }

    private static FewestKits.Contents contents(Kit kit) {
        Map<String, Integer> held = new LinkedHashMap<>();
        kit.contents().forEach(c -> held.merge(c.part().text(), c.count(), Integer::sum));
        return new FewestKits.Contents(held);
    }

    /** How many of each part have to be ordered beside the kits; those of which none are not in. */
    public Map<Id<Part>, Integer> extrasByPart() {
        return extras.stream().collect(Collectors.toMap(e -> e.part().id(), PartCount::count));
    }
}
