package methodos.core.ledger;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.Applicability;
import methodos.core.manual.Energy;
import methodos.core.manual.Hazard;
import methodos.core.manual.Joint;
import methodos.core.manual.Kit;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Reading;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.UnitOption;
import methodos.core.manual.Variant;

/**
 * The units that a manual claims, in groups for which all of it is the same: each variant, divided
 * where a serial number begins or ends something inside it, with and without each option that
 * anything depends on.
 */
public final class ClaimedUnits {

    /** Options beyond so many are not combined with each other: 2^8 groups are enough. */
    private static final int MOST_OPTIONS = 8;

    /**
     * @param name tells it from the other groups
     * @param variant id of the variant, empty where the manual has none
     */
    public record Group(String name, Id<Variant> variant, Sight sight) {}

    private ClaimedUnits() {}

    /** At least one group; of a manual without variants one for all units. */
    public static List<Group> of(Manual manual) {
        return of(manual, Sight.EVERYTHING);
    }

    /** The groups of those units alone that are looked at; none where no variant is among them. */
    static List<Group> of(Manual manual, Sight looked) {
        if (manual.variants().isEmpty()) {
            return List.of(new Group("", new Id<>(""), looked));
        }
        List<Applicability.Condition> conditions =
                applicabilities(manual).distinct().flatMap(a -> a.any().stream()).toList();
        Set<String> options = new LinkedHashSet<>();
        conditions.forEach(
                c -> {
                    options.addAll(c.with());
                    options.addAll(c.without());
                });
        List<Group> groups = new ArrayList<>();
        for (Variant variant : manual.variants()) {
            if (!Sight.of(variant).meets(looked)) {
                continue;
            }
            SerialRange own = variant.serials().narrowedTo(looked.serials());
            for (SerialRange range : divided(own, conditions, manual, options)) {
                Sight all = new Sight(variant.model(), range);
                for (Sight sight : withOptions(all, options, manual)) {
                    if (sight.meets(looked)) {
                        groups.add(
                                new Group(variant.id() + "/" + groups.size(), variant.id(), sight));
                    }
                }
            }
        }
        return List.copyOf(groups);
    }

    private static Stream<Applicability> applicabilities(Manual manual) {
        return Stream.of(
                        manual.steps().map(Step::applicability),
                        manual.steps()
                                .flatMap(s -> s.hazards().stream())
                                .map(Hazard::applicability),
                        manual.steps()
                                .flatMap(s -> s.readings().stream())
                                .map(Reading::applicability),
                        manual.parts().stream().map(Part::applicability),
                        manual.joints().stream().map(Joint::applicability),
                        manual.energies().stream().map(Energy::applicability),
                        manual.kits().stream().map(Kit::applicability),
                        manual.ledgerItems().stream().map(LedgerItem::applicability))
                .flatMap(s -> s);
    }

    private static List<SerialRange> divided(
            SerialRange whole,
            List<Applicability.Condition> conditions,
            Manual manual,
            Set<String> options) {
        List<SerialRange> all = new ArrayList<>();
        conditions.forEach(c -> all.add(c.serials()));
        manual.unit().options().stream()
                .filter(o -> options.contains(o.mark()))
                .forEach(o -> all.add(o.serials()));
        return SerialDivision.of(whole, all);
    }

    private static List<Sight> withOptions(Sight sight, Set<String> options, Manual manual) {
        List<Sight> sights = new ArrayList<>(List.of(sight));
        options.stream()
                .limit(MOST_OPTIONS)
                .forEach(
                        option -> {
                            boolean possible = possible(manual, option, sight.serials());
                            List<Sight> before = List.copyOf(sights);
                            sights.clear();
                            for (Sight s : before) {
                                sights.add(
                                        new Sight(
                                                s.model(),
                                                s.serials(),
                                                s.with(),
                                                plus(s.without(), option)));
                                if (possible) {
                                    sights.add(
                                            new Sight(
                                                    s.model(),
                                                    s.serials(),
                                                    plus(s.with(), option),
                                                    s.without()));
                                }
                            }
                        });
        return sights;
    }

    private static boolean possible(Manual manual, String option, SerialRange serials) {
        return manual.unit().options().stream()
                .filter(o -> Objects.equals(o.mark(), option))
                .map(UnitOption::serials)
                .allMatch(serials::overlaps);
    }

    private static Set<String> plus(Set<String> set, String one) {
        Set<String> all = new LinkedHashSet<>(set);
        all.add(one);
        return all;
    }
}
