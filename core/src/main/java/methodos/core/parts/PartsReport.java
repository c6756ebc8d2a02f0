package methodos.core.parts;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import methodos.core.description.Id;
import methodos.core.manual.Kit;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;

/**
 * A parts service's answer held against the manual.
 *
 * @param unknown parts whose number the service does not know
 * @param replaced parts with a newer number that the list does not have yet
 * @param scarce parts of which fewer can be delivered than a unit has
 * @param kits kits that hold other things than the manual says
 */
public record PartsReport(
        List<Part> unknown, List<Newer> replaced, List<Scarce> scarce, List<KitChange> kits) {

    public record Newer(Part part, methodos.core.manual.Replacement replacement) {}

    public record Scarce(Part part, int stock) {}

    /**
     * @param differences such as "HV-80-3014: 2 → 3"
     */
    public record KitChange(Kit kit, List<String> differences) {}

    /** Holds the parts of a manual against an answer. */
    public static PartsReport of(Manual manual, PartsAnswer answer) {
        List<Part> unknown = new ArrayList<>();
        List<Newer> replaced = new ArrayList<>();
        List<Scarce> scarce = new ArrayList<>();
        if (!answer.offers().isEmpty()) {
            for (Part part : manual.parts()) {
                PartsAnswer.Offer offer = answer.offer(part.number()).orElse(null);
                if (part.number().isBlank()) {
                    continue;
                }
                if (offer == null) {
                    unknown.add(part);
                } else if (offer.replacement() != null) {
                    if (!offer.replacement().equals(part.replacement())) {
                        replaced.add(new Newer(part, offer.replacement()));
                    }
                } else if (offer.stock() < part.quantity()) {
                    scarce.add(new Scarce(part, offer.stock()));
                }
            }
        }
        return new PartsReport(unknown, replaced, scarce, kits(manual, answer));
    }

    private static List<KitChange> kits(Manual manual, PartsAnswer answer) {
        Map<Id<Part>, String> numbers = new HashMap<>();
        manual.parts().forEach(p -> numbers.put(p.id(), p.number()));
        List<KitChange> changes = new ArrayList<>();
        for (Kit kit : manual.kits()) {
            Map<String, Integer> held = answer.kits().get(kit.number());
            if (held != null) {
                List<String> differences = differences(kit, held, numbers);
                if (!differences.isEmpty()) {
                    changes.add(new KitChange(kit, differences));
                }
            }
        }
        return changes;
    }

    private static List<String> differences(
            Kit kit, Map<String, Integer> held, Map<Id<Part>, String> numbers) {
        Map<String, Integer> own = new HashMap<>();
        kit.contents()
                .forEach(
                        c ->
                                own.merge(
                                        numbers.getOrDefault(c.part(), ""),
                                        c.count(),
                                        Integer::sum));
        TreeSet<String> all = new TreeSet<>(own.keySet());
        all.addAll(held.keySet());
        List<String> differences = new ArrayList<>();
        for (String number : all) {
            int before = own.getOrDefault(number, 0);
            int after = held.getOrDefault(number, 0);
            if (before != after) {
                differences.add(number + ": " + before + " → " + after);
            }
        }
        return differences;
    }
}
