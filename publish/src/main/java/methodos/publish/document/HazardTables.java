package methodos.publish.document;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import methodos.core.hazard.HazardStretches;
import methodos.core.hazard.ProtectiveEquipment;
import methodos.core.manual.Applicability;
import methodos.core.manual.Hazard;
import methodos.core.manual.StepNumbers;
import methodos.publish.document.StepView.HazardView;

/** The hazards of a whole document, and what is worn against them. */
final class HazardTables {

    private final Publication publication;
    private final StepNumbers numbers;
    private final HazardStretches stretches;

    HazardTables(Publication publication, StepNumbers numbers, HazardStretches stretches) {
        this.publication = publication;
        this.numbers = numbers;
        this.stretches = stretches;
    }

    /**
     * @param against the hazards, empty where only steps and tools name it
     */
    public record WornRow(String what, String against, String steps) {}

    /** Each statement once, whichever units it is for, gravest first. */
    List<HazardView> statements() {
        Map<Hazard, Set<Integer>> at = new LinkedHashMap<>();
        for (HazardStretches.Stretch stretch : stretches.all()) {
            at.computeIfAbsent(
                            stretch.hazard().withApplicability(Applicability.ALL),
                            h -> new TreeSet<>())
                    .addAll(numbers.of(stretch.steps()));
        }
        return at.entrySet().stream()
                .sorted(Comparator.comparing(e -> e.getKey().signal()))
                .map(
                        e ->
                                HazardView.of(
                                        e.getKey(),
                                        publication.words(),
                                        "",
                                        DocumentModel.list(List.copyOf(e.getValue())),
                                        0))
                .toList();
    }

    /** What the hazards, steps and tools say has to be worn. */
    List<WornRow> worn() {
        return ProtectiveEquipment.of(publication.manual(), publication.sight()).stream()
                .map(
                        u ->
                                new WornRow(
                                        publication.words().of(u.kind()),
                                        String.join("; ", u.against()),
                                        DocumentModel.list(numbers.of(u.steps()))))
                .toList();
    }
}
