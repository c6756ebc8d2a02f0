package methodos.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.manual.Decision;
import methodos.core.manual.Found;
import methodos.core.manual.Look;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.manual.Step;
import methodos.core.manual.Symptom;

/**
 * On what a step hangs, and what a reading is held against. A reading or a look gets its id when
 * something refers to it for the first time.
 */
public final class ConditionEdits {

    /**
     * A reading of a step that stands before another.
     *
     * @param index within its step, from 0
     */
    public record Earlier(Id<Step> step, int index, Reading reading) {}

    /** Something that can have been found before a step. */
    public sealed interface Finding {
        record OfReading(Earlier at) implements Finding {}

        /**
         * @param index within its step, from 0
         */
        record OfLook(Id<Step> step, int index, Look look) implements Finding {}

        /** What needs no id anew: a verdict or a cause. */
        record Ready(Found found) implements Finding {}
    }

    private ConditionEdits() {}

    /** The readings that are taken before a step, the first one first. */
    public static List<Earlier> earlier(Manual manual, Id<Step> step) {
        List<Earlier> all = new ArrayList<>();
        manual.steps()
                .takeWhile(s -> !s.id().equals(step))
                .forEach(
                        s -> {
                            for (int i = 0; i < s.readings().size(); i++) {
                                all.add(new Earlier(s.id(), i, s.readings().get(i)));
                            }
                        });
        return all;
    }

    /**
     * The readings that are taken before one of a step, those of the same step too.
     *
     * @param at which reading of the step, from 0
     */
    public static List<Earlier> earlier(Manual manual, Id<Step> step, int at) {
        List<Earlier> all = earlier(manual, step);
        manual.step(step)
                .ifPresent(
                        s -> {
                            for (int i = 0; i < at; i++) {
                                all.add(new Earlier(step, i, s.readings().get(i)));
                            }
                        });
        return all;
    }

    /** What can have been found before a step: readings, looks, verdicts and causes of faults. */
    public static List<Finding> findings(Manual manual, Id<Step> step) {
        List<Finding> all = new ArrayList<>();
        earlier(manual, step).forEach(e -> all.add(new Finding.OfReading(e)));
        List<Step> before = manual.steps().takeWhile(s -> !s.id().equals(step)).toList();
        for (Step s : before) {
            for (int i = 0; i < s.looks().size(); i++) {
                all.add(new Finding.OfLook(s.id(), i, s.looks().get(i)));
            }
        }
        List<Id<Step>> ids = before.stream().map(Step::id).toList();
        manual.decisions().stream()
                .filter(d -> d.step() == null || ids.contains(d.step()))
                .flatMap(ConditionEdits::verdicts)
                .forEach(f -> all.add(new Finding.Ready(f)));
        manual.symptoms().stream()
                .flatMap(ConditionEdits::causes)
                .forEach(f -> all.add(new Finding.Ready(f)));
        return all;
    }

    private static Stream<Found> verdicts(Decision decision) {
        return decision.rules().stream()
                .map(Decision.Rule::verdict)
                .filter(Objects::nonNull)
                .distinct()
                .map(v -> new Found.Decided(decision.id(), v));
    }

    private static Stream<Found> causes(Symptom symptom) {
        return symptom.checks().stream()
                .flatMap(c -> Stream.of(c.yes(), c.no()))
                .filter(o -> o != null && o.cause() != null && !o.cause().isBlank())
                .map(Symptom.Outcome::cause)
                .distinct()
                .map(c -> new Found.Cause(symptom.id(), c));
    }

    /**
     * @param finding on which the step hangs, null where it does not
     */
    public static Edit onlyIf(Id<Step> step, Finding finding) {
        return Edit.named(EditKind.CONDITION, m -> onlyIf(m, step, finding));
    }

    private static Manual onlyIf(Manual manual, Id<Step> step, Finding finding) {
        if (finding == null) {
            return with(manual, step, null);
        }
        if (finding instanceof Finding.Ready ready) {
            return with(manual, step, ready.found());
        }
        if (finding instanceof Finding.OfReading of) {
            Manual known = identified(manual, of.at());
            return with(known, step, new Found.Outside(id(known, of.at())));
        }
        Finding.OfLook of = (Finding.OfLook) finding;
        Manual known = identified(manual, of);
        Id<Look> look = known.step(of.step()).orElseThrow().looks().get(of.index()).id();
        return with(known, step, new Found.Fails(look));
    }

    private static Manual with(Manual manual, Id<Step> step, Found found) {
        return manual.step(step).map(s -> manual.withStep(s.withOnlyIfFound(found))).orElse(manual);
    }

    /**
     * @param at which reading of the step, from 0
     * @param earlier what it is held against, null for nothing
     */
    public static Edit against(Id<Step> step, int at, Earlier earlier) {
        return Edit.named(
                EditKind.READING,
                m -> {
                    Manual known = earlier == null ? m : identified(m, earlier);
                    Id<Reading> other = earlier == null ? null : id(known, earlier);
                    return known.step(step)
                            .map(
                                    s ->
                                            s.withReadings(
                                                    Lists.put(
                                                            s.readings(),
                                                            at,
                                                            s.readings()
                                                                    .get(at)
                                                                    .withAgainst(other))))
                            .map(known::withStep)
                            .orElse(m);
                });
    }

    private static Id<Reading> id(Manual manual, Earlier at) {
        return manual.step(at.step()).orElseThrow().readings().get(at.index()).id();
    }

    private static Manual identified(Manual manual, Earlier at) {
        Step step = manual.step(at.step()).orElseThrow();
        Reading reading = step.readings().get(at.index());
        return reading.id() != null
                ? manual
                : manual.withStep(
                                step.withReadings(
                                        Lists.put(
                                                step.readings(),
                                                at.index(),
                                                reading.withId(manual.nextId("m")))))
                        .withIdTaken();
    }

    private static Manual identified(Manual manual, Finding.OfLook of) {
        Step step = manual.step(of.step()).orElseThrow();
        Look look = step.looks().get(of.index());
        return look.id() != null
                ? manual
                : manual.withStep(
                                step.withLooks(
                                        Lists.put(
                                                step.looks(),
                                                of.index(),
                                                look.withId(manual.nextId("l")))))
                        .withIdTaken();
    }
}
