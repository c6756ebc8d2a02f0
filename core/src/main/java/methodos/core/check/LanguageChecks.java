package methodos.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.finding.Finding;
import methodos.core.finding.Finding.StepRef;
import methodos.core.finding.Rule;
import methodos.core.language.PartNames;
import methodos.core.language.PlainLanguage;
import methodos.core.language.Remark;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;

/** What is hard to follow in the words of the steps. */
final class LanguageChecks {

    private final Manual manual;
    private final PlainLanguage language;
    private final PartNames partNames;
    private final Map<Id<Part>, Part> parts = new HashMap<>();

    /** Short forms that the manual itself uses as names, or has explained already. */
    private final Set<String> explained = new HashSet<>();

    private final List<Finding> findings = new ArrayList<>();

    private LanguageChecks(Manual manual, PlainLanguage language, PartNames partNames) {
        this.manual = manual;
        this.language = language;
        this.partNames = partNames;
        manual.parts().forEach(p -> parts.put(p.id(), p));
        note(manual.unit().type());
        manual.unit().models().forEach(m -> note(m.name()));
        manual.unit().options().forEach(o -> note(o.mark()));
        manual.parts().forEach(p -> note(p.name() + " " + p.size() + " " + p.number()));
        manual.tools().forEach(t -> note(t.name() + " " + t.size()));
        manual.consumables().forEach(c -> note(c.name() + " " + c.grade()));
        manual.documents().forEach(d -> note(d.name()));
    }

    static List<Finding> of(Manual manual, PlainLanguage language, PartNames partNames) {
        LanguageChecks checks = new LanguageChecks(manual, language, partNames);
        for (Stage stage : manual.stages()) {
            stage.steps().forEach(s -> checks.step(s, stage.kind()));
        }
        return checks.findings;
    }

    private void note(String text) {
        explained.addAll(language.shortForms(text));
    }

    private void step(Step step, Stage.Kind stage) {
        for (Remark remark : language.remarks(step.text())) {
            List<Object> arguments = new ArrayList<>();
            arguments.add(new StepRef(step.id()));
            arguments.addAll(remark.arguments());
            add(Rule.LANGUAGE, step, step.id().text(), remark.kind().name(), arguments);
        }
        for (String form : language.shortForms(step.text())) {
            boolean told = step.text().contains(form + " (") || step.text().contains("(" + form);
            if (explained.add(form) && !told) {
                add(
                        Rule.LANGUAGE,
                        step,
                        step.id().text(),
                        Remark.Kind.SHORT_FORM.name(),
                        List.of(new StepRef(step.id()), form));
            }
        }
        for (PartUse use : step.parts()) {
            Part part = parts.get(use.part());
            if (part != null
                    && use.in(stage) != PartUse.Handling.TOUCHED
                    && !step.text().isBlank()
                    && !partNames.named(part, step.text())) {
                add(
                        Rule.NAMES,
                        step,
                        part.id().text(),
                        "",
                        List.of(new StepRef(step.id()), LedgerChecks.name(part)));
            }
        }
    }

    private void add(Rule rule, Step step, String subject, String kind, List<Object> arguments) {
        findings.add(
                new Finding(
                        rule,
                        subject,
                        List.of(step.id()),
                        "finding." + rule.name() + (kind.isEmpty() ? "" : "." + kind),
                        arguments));
    }
}
