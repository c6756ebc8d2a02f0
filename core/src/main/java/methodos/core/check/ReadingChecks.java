package methodos.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.finding.Finding;
import methodos.core.finding.Finding.StepRef;
import methodos.core.finding.Rule;
import methodos.core.fit.JudgedAnswer;
import methodos.core.fit.ReckonedReading;
import methodos.core.manual.Answer;
import methodos.core.manual.Decision;
import methodos.core.manual.Found;
import methodos.core.manual.Look;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.manual.Repeat;
import methodos.core.manual.RepeatedSteps;
import methodos.core.manual.Step;
import methodos.core.manual.Symptom;
import methodos.core.quantity.MeasureUnit;

/**
 * Readings that nobody can answer, conditions on what is not found before, and work that goes round
 * without an end.
 */
final class ReadingChecks {

    private record At<T>(T what, Step step, int index) {}

    private final Manual manual;
    private final Map<Id<Step>, Integer> order = new HashMap<>();
    private final Map<Id<Reading>, At<Reading>> readings = new HashMap<>();
    private final Map<Id<Look>, At<Look>> looks = new HashMap<>();
    private final List<Reading> taken = new ArrayList<>();
    private final Map<String, Step> symbols = new HashMap<>();
    private final List<Finding> findings = new ArrayList<>();

    private ReadingChecks(Manual manual) {
        this.manual = manual;
        manual.steps().forEach(s -> order.put(s.id(), order.size()));
        manual.steps()
                .forEach(
                        s -> {
                            for (int i = 0; i < s.readings().size(); i++) {
                                Reading r = s.readings().get(i);
                                if (r.id() != null) {
                                    readings.put(r.id(), new At<>(r, s, i));
                                }
                            }
                            for (Look look : s.looks()) {
                                if (look.id() != null) {
                                    looks.put(look.id(), new At<>(look, s, 0));
                                }
                            }
                        });
    }

    static List<Finding> of(Manual manual) {
        ReadingChecks checks = new ReadingChecks(manual);
        manual.steps().forEach(checks::step);
        manual.repeats().forEach(checks::repeat);
        manual.decisions().forEach(checks::decision);
        return checks.findings;
    }

    private void add(Rule rule, String what, Step step, String subject, String detail) {
        findings.add(
                new Finding(
                        rule,
                        step.id() + "." + subject,
                        List.of(step.id()),
                        "finding." + rule.name() + "." + what,
                        List.of(new StepRef(step.id()), subject, detail)));
    }

    private void step(Step step) {
        if (step.onlyIfFound() != null) {
            condition(step, step.onlyIfFound());
        }
        for (int i = 0; i < step.readings().size(); i++) {
            reading(step, i);
        }
    }

    // ---------------------------------------------------------------- readings

    private void reading(Step step, int index) {
        Reading reading = step.readings().get(index);
        taken.add(reading);
        String what = reading.what();
        if (!reading.symbol().isEmpty() && symbols.put(reading.symbol(), step) != null) {
            add(Rule.UNANSWERABLE, "symbol", step, what, reading.symbol());
        }
        if (reading.answer() instanceof Answer.Choice choice) {
            if (choice.answers().size() < 2 || !choice.answers().containsAll(choice.good())) {
                add(Rule.UNANSWERABLE, "choice", step, what, String.join(", ", choice.answers()));
            }
        } else if (reading.answer() instanceof Answer.Noted noted) {
            unit(step, what, noted.unit());
        } else if (reading.answer() instanceof Answer.Reckoned reckoned) {
            unit(step, what, reckoned.unit());
            formula(step, what, reckoned.formula());
        } else if (reading.answer() == null && reading.limit() == null) {
            add(Rule.UNANSWERABLE, "limit", step, what, "");
        }
        if (reading.against() != null) {
            against(step, index, reading);
        }
    }

    private void unit(Step step, String what, String unit) {
        if (MeasureUnit.named(unit).isEmpty()) {
            add(Rule.UNANSWERABLE, "unit", step, what, unit);
        }
    }

    /** Only what was taken by then can be reckoned with. */
    private void formula(Step step, String what, String formula) {
        try {
            new ReckonedReading(formula, taken);
        } catch (IllegalArgumentException e) {
            add(Rule.UNANSWERABLE, "formula", step, what, e.getMessage());
        }
    }

    private void against(Step step, int index, Reading reading) {
        At<Reading> other = readings.get(reading.against());
        if (other == null) {
            return; // that it leads to nothing is found by the sense of the manual
        }
        boolean before =
                at(other.step()) < at(step)
                        || other.step().id().equals(step.id()) && other.index() < index;
        if (!before) {
            add(Rule.UNANSWERABLE, "later", step, reading.what(), other.what().what());
        } else if (!alike(reading, other.what())) {
            add(Rule.UNANSWERABLE, "unlike", step, reading.what(), other.what().what());
        }
    }

    private static boolean alike(Reading one, Reading other) {
        if (one.answer() instanceof Answer.Written || one.answer() instanceof Answer.Choice) {
            return other.answer() != null && one.answer().getClass() == other.answer().getClass();
        }
        Optional<MeasureUnit> unit = unit(one);
        Optional<MeasureUnit> otherUnit = unit(other);
        return unit.isEmpty()
                || otherUnit.isEmpty()
                || unit.get().dimension() == otherUnit.get().dimension();
    }

    private static Optional<MeasureUnit> unit(Reading reading) {
        try {
            return Optional.of(JudgedAnswer.unit(reading));
        } catch (IllegalArgumentException open) {
            return Optional.empty();
        }
    }

    // ---------------------------------------------------------------- conditions

    private void condition(Step step, Found found) {
        if (found instanceof Found.Outside outside) {
            At<Reading> at = readings.get(outside.reading());
            if (at != null) {
                before(step, at.step(), at.what().what());
                if (!judges(at.what())) {
                    add(Rule.NOT_FOUND_BEFORE, "never", step, at.what().what(), "");
                }
            }
        } else if (found instanceof Found.Fails fails) {
            At<Look> at = looks.get(fails.look());
            if (at != null) {
                before(step, at.step(), at.what().what());
            }
        } else if (found instanceof Found.Cause cause) {
            manual.symptoms().stream()
                    .filter(s -> s.id().equals(cause.symptom()))
                    .filter(s -> causes(s).noneMatch(cause.cause()::equals))
                    .forEach(s -> add(Rule.NOT_FOUND_BEFORE, "never", step, cause.cause(), ""));
        } else if (found instanceof Found.Decided decided) {
            manual.decision(decided.decision()).ifPresent(d -> decided(step, d, decided.verdict()));
        }
    }

    private void decided(Step step, Decision decision, String verdict) {
        if (decision.rules().stream().noneMatch(r -> verdict.equals(r.verdict()))) {
            add(Rule.NOT_FOUND_BEFORE, "never", step, verdict, "");
        } else if (decision.step() != null) {
            manual.step(decision.step()).ifPresent(s -> before(step, s, decision.name()));
        }
    }

    private static Stream<String> causes(Symptom symptom) {
        return symptom.checks().stream()
                .flatMap(c -> Stream.of(c.yes(), c.no()))
                .filter(o -> o != null && o.cause() != null)
                .map(Symptom.Outcome::cause);
    }

    private void before(Step step, Step found, String what) {
        if (at(found) >= at(step)) {
            add(Rule.NOT_FOUND_BEFORE, "later", step, what, "");
        }
    }

    /** Whether a reading can be outside at all. */
    private static boolean judges(Reading reading) {
        if (reading.answer() instanceof Answer.Choice choice) {
            return !choice.good().isEmpty();
        }
        if (reading.answer() instanceof Answer.Written written) {
            return !written.among().isEmpty() || reading.against() != null;
        }
        return reading.limit() != null && reading.known().filter(q -> q.about()).isEmpty();
    }

    private int at(Step step) {
        return order.getOrDefault(step.id(), -1);
    }

    // ---------------------------------------------------------------- rounds

    /** Rounds that end by a state need a reading or a look that tells it, or a greatest number. */
    private void repeat(Repeat repeat) {
        boolean told =
                RepeatedSteps.steps(manual, repeat).stream()
                        .flatMap(id -> manual.step(id).stream())
                        .anyMatch(s -> !s.readings().isEmpty() || !s.looks().isEmpty());
        boolean open = !repeat.until().isBlank() && repeat.most() == 0 && !told;
        if (repeat.endless() || open) {
            manual.step(repeat.to())
                    .ifPresent(s -> add(Rule.NO_WAY_OUT, "repeat", s, repeat.until(), ""));
        }
        if (repeat.most() > 0 && repeat.least() > repeat.most()) {
            manual.step(repeat.to())
                    .ifPresent(s -> add(Rule.NO_WAY_OUT, "least", s, repeat.until(), ""));
        }
    }

    /** A verdict that leads back to before its own step goes round: only "again" has an end. */
    private void decision(Decision decision) {
        Integer own = decision.step() == null ? null : order.get(decision.step());
        if (own == null) {
            return;
        }
        for (Decision.Rule rule : decision.rules()) {
            boolean back =
                    !rule.steps().isEmpty()
                            && rule.steps().stream()
                                    .allMatch(s -> order.getOrDefault(s, own + 1) <= own);
            if (back && rule.again() == null) {
                manual.step(decision.step())
                        .ifPresent(
                                s ->
                                        add(
                                                Rule.NO_WAY_OUT,
                                                "verdict",
                                                s,
                                                decision.name(),
                                                rule.verdict() == null ? "" : rule.verdict()));
            }
        }
    }
}
