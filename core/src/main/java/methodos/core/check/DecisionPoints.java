package methodos.core.check;

import java.util.ArrayList;
import java.util.List;
import methodos.core.description.Id;
import methodos.core.fault.FaultFinding;
import methodos.core.fit.TableCheck;
import methodos.core.fit.TableChecks;
import methodos.core.manual.Decision;
import methodos.core.manual.Look;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Symptom;

/** What is open in decision tables, in fault finding and in what is judged by eye. */
final class DecisionPoints {

    private final Manual manual;
    private final StepNumbers numbers;
    private final TableChecks tables;
    private final List<OpenPoint> points = new ArrayList<>();

    private DecisionPoints(Manual manual, StepNumbers numbers, TableChecks tables) {
        this.tables = tables;
        this.manual = manual;
        this.numbers = numbers;
    }

    static List<OpenPoint> of(Manual manual, StepNumbers numbers, TableChecks tables) {
        DecisionPoints all = new DecisionPoints(manual, numbers, tables);
        manual.decisions().forEach(all::decision);
        manual.symptoms().forEach(all::symptom);
        manual.steps().filter(s -> numbers.of(s.id()).isPresent()).forEach(all::looks);
        return all.points;
    }

    private void add(String key, Id<Step> step, String subject, Object... arguments) {
        points.add(new OpenPoint(Matter.VALUES, key, List.of(arguments), step, subject));
    }

    private void decision(Decision decision) {
        Id<Decision> id = decision.id();
        TableChecks.Judged judged = tables.of(decision);
        if (!judged.understood()) {
            add("open.decision.wrong", decision.step(), id.text(), decision.name(), judged.wrong());
            return;
        }
        TableCheck check = judged.check();
        for (TableCheck.Missing hole : check.missing()) {
            add("open.decision.hole", decision.step(), id.text(), decision.name(), hole.readings());
        }
        for (int rule : check.unreachable()) {
            add("open.decision.unreached", decision.step(), id.text(), decision.name(), rule + 1);
        }
        for (List<String> round : check.endless()) {
            add(
                    "open.decision.endless",
                    decision.step(),
                    id.text(),
                    decision.name(),
                    String.join(", ", round));
        }
    }

    private void symptom(Symptom symptom) {
        FaultFinding finding;
        try {
            finding = FaultFinding.of(symptom);
        } catch (IllegalArgumentException noSuchCheck) {
            add(
                    "open.fault.wrong",
                    null,
                    symptom.id().text(),
                    symptom.what(),
                    noSuchCheck.getMessage());
            return;
        }
        if (symptom.checks().isEmpty()) {
            add("open.fault.none", null, symptom.id().text(), symptom.what());
        }
        for (FaultFinding.Unanswered open : finding.open()) {
            add(
                    open.answer() ? "open.fault.yes" : "open.fault.no",
                    null,
                    symptom.id().text(),
                    symptom.what(),
                    ask(symptom, open.check()));
        }
        for (Id<Symptom.Check> check : finding.unreachable()) {
            add(
                    "open.fault.unreached",
                    null,
                    symptom.id().text(),
                    symptom.what(),
                    ask(symptom, check));
        }
        if (!finding.endless().isEmpty()) {
            add("open.fault.endless", null, symptom.id().text(), symptom.what());
        }
        for (Symptom.Check check : symptom.checks()) {
            uncured(symptom, check.yes());
            uncured(symptom, check.no());
        }
    }

    private void uncured(Symptom symptom, Symptom.Outcome outcome) {
        if (outcome != null
                && outcome.cause() != null
                && outcome.steps().stream().noneMatch(s -> manual.step(s).isPresent())) {
            add("open.fault.uncured", null, symptom.id().text(), symptom.what(), outcome.cause());
        }
    }

    private static String ask(Symptom symptom, Id<Symptom.Check> check) {
        return symptom.check(check).map(Symptom.Check::ask).orElse("");
    }

    private void looks(Step step) {
        for (Look look : step.looks()) {
            if (look.figure() == null || manual.figure(look.figure()).isEmpty()) {
                add(
                        "open.look.figure",
                        step.id(),
                        null,
                        look.what(),
                        numbers.of(step.id()).orElseThrow());
            }
        }
    }
}
