package methodos.core.repair;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.description.Id;
import methodos.core.edit.Edit;
import methodos.core.edit.EditKind;
import methodos.core.finding.Finding;
import methodos.core.hazard.HazardRule;
import methodos.core.hazard.HazardRules;
import methodos.core.manual.Hazard;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;

/** Puts hazard statements where they are missed. */
final class StatementRepairs {

    private final HazardRules rules;

    StatementRepairs(HazardRules rules) {
        this.rules = rules;
    }

    Optional<Repair> add(Finding finding) {
        return rules.list().stream()
                .filter(r -> r.name().equals(finding.subject()))
                .findFirst()
                .map(
                        rule ->
                                Repair.of(
                                        "repair.addStatement",
                                        Edit.named(
                                                EditKind.REPAIR,
                                                m ->
                                                        withStatement(
                                                                m,
                                                                finding.steps().get(0),
                                                                rule.statement()))));
    }

    private static Manual withStatement(Manual manual, Id<Step> step, Hazard statement) {
        return manual.step(step)
                .map(
                        s -> {
                            List<Hazard> all = new ArrayList<>(s.hazards());
                            all.add(statement);
                            return manual.withStep(s.withHazards(all));
                        })
                .orElse(manual);
    }

    Optional<Repair> move(Manual manual, Finding finding) {
        Optional<HazardRule> rule =
                rules.list().stream().filter(r -> r.name().equals(finding.subject())).findFirst();
        Optional<Step> late = manual.step(finding.steps().get(1));
        if (rule.isEmpty() || late.isEmpty()) {
            return Optional.empty();
        }
        return late.get().hazards().stream()
                .filter(rule.get()::toldBy)
                .findFirst()
                .map(
                        statement ->
                                Repair.of(
                                        "repair.moveStatement",
                                        Edit.named(
                                                EditKind.REPAIR,
                                                m -> {
                                                    List<Hazard> rest =
                                                            new ArrayList<>(late.get().hazards());
                                                    rest.remove(statement);
                                                    return withStatement(
                                                            m.withStep(
                                                                    late.get().withHazards(rest)),
                                                            finding.steps().get(0),
                                                            statement);
                                                })));
    }
}
