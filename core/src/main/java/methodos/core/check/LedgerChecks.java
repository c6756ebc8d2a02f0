package methodos.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.finding.Finding;
import methodos.core.finding.Rule;
import methodos.core.ledger.ClaimedUnits;
import methodos.core.ledger.LedgerFinding;
import methodos.core.ledger.LedgerSentences;
import methodos.core.ledger.ManualLedger;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Step;

/** What the ledger finds, by the names that the manual has for things. */
final class LedgerChecks {

    private LedgerChecks() {}

    static List<Finding> of(Manual manual, ManualLedger ledger) {
        Map<String, String> names = names(manual);
        Map<String, ClaimedUnits.Group> groups = new HashMap<>();
        ledger.groups().forEach(g -> groups.put(g.name(), g));
        List<Finding> findings = new ArrayList<>();
        for (LedgerFinding found : ledger.findings()) {
            List<ClaimedUnits.Group> touched = found.variants().stream().map(groups::get).toList();
            findings.add(finding(found, touched, names));
        }
        return findings;
    }

    /** How everything that the ledger follows is called. */
    static Map<String, String> names(Manual manual) {
        Map<String, String> names = new HashMap<>();
        manual.parts().forEach(p -> names.put(p.id().text(), name(p)));
        manual.joints().forEach(j -> names.put(j.id().text(), j.name()));
        manual.energies().forEach(e -> names.put(e.id().text(), e.name()));
        manual.alternatives()
                .forEach(
                        a ->
                                a.ways()
                                        .forEach(
                                                w ->
                                                        names.put(
                                                                ManualLedger.way(a, w).toString(),
                                                                a.told(w))));
        manual.ledgerItems().forEach(m -> names.put(m.id().text(), m.name()));
        return names;
    }

    static String name(Part part) {
        return part.item().isEmpty() ? part.label() : part.label() + " (" + part.item() + ")";
    }

    private static Finding finding(
            LedgerFinding found, List<ClaimedUnits.Group> touched, Map<String, String> names) {
        List<Id<Step>> steps = found.steps().stream().map(s -> new Id<Step>(s)).toList();
        int last = steps.size() - 1;
        String other =
                found.other().stream()
                        .map(o -> names.getOrDefault(o, o))
                        .collect(Collectors.joining(", "));
        Object first = last < 0 ? "" : new Finding.StepRef(steps.get(0));
        return new Finding(
                found.rule(),
                found.subject(),
                steps,
                touched.stream().map(ClaimedUnits.Group::variant).distinct().toList(),
                touched.stream().map(ClaimedUnits.Group::sight).toList(),
                LedgerSentences.key(found),
                List.of(
                        found.rule() == Rule.NO_VARIANT
                                ? first
                                : names.getOrDefault(found.subject(), found.subject()),
                        found.count(),
                        other,
                        first,
                        last < 0 ? "" : new Finding.StepRef(steps.get(last))),
                Stream.concat(found.ways().stream(), found.when().stream())
                        .map(o -> names.getOrDefault(o, o))
                        .toList());
    }
}
