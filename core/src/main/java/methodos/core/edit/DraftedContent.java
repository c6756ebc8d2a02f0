package methodos.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import methodos.core.description.Id;
import methodos.core.manual.Applicability;
import methodos.core.manual.Evidence;
import methodos.core.manual.Hazard;
import methodos.core.manual.Manual;
import methodos.core.manual.PartUse;
import methodos.core.manual.Reading;
import methodos.core.manual.Repeat;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepBuilder;
import methodos.core.manual.Value;
import methodos.core.manual.Wait;
import methodos.core.narration.DraftedStep;

/**
 * What a drafted step becomes in a manual: its parts, tools and consumables are those of the lists,
 * or are heard; values are drafted with the words they come from; what the words leave to a
 * document is an open value; what has no place becomes a doubt.
 */
final class DraftedContent {

    /** Doubts of the reader that have a sentence of their own; others are the words in doubt. */
    private static final Set<String> KINDS = Set.of("unit", "action");

    private final DraftedManual drafting;
    private final DraftedStep drafted;
    private final Span span;
    private final List<Evidence> evidence = new ArrayList<>();

    /** What somebody has to decide about the step, a sentence each. */
    private final Set<String> doubts = new LinkedHashSet<>();

    DraftedContent(DraftedManual drafting, DraftedStep drafted, Span span) {
        this.drafting = drafting;
        this.drafted = drafted;
        this.span = span;
        for (DraftedStep.Quote q : drafted.evidence()) {
            Span said = new Span(span.clip(), q.start(), q.end());
            evidence.add(new Evidence.Recorded(said, q.quote()));
        }
    }

    /** What the words are that the step is drawn from. */
    List<Evidence> evidence() {
        return evidence;
    }

    /** Adds the step to the stage that its words tell. */
    Id<Step> add() {
        return addTo(drafted.stage());
    }

    /** Adds the step to a stage. */
    Id<Step> addTo(Stage.Kind kind) {
        drafted.unsure().stream().map(this::doubt).forEach(doubts::add);
        DraftedManual.Parts parts = drafting.parts(drafted);
        List<PartUse> uses = parts.uses();
        if (drafted.orientation() != null) {
            uses = wayRound(uses, drafted.orientation());
        }
        DraftedJoints.Done joints = new DraftedJoints(drafting, drafted, evidence).of(uses, doubts);
        StepBuilder step =
                StepBuilder.builder()
                        .text(drafted.text())
                        .spans(List.of(span))
                        .parts(uses)
                        .questions(parts.questions())
                        .tools(drafting.tools(drafted, doubts))
                        .consumables(drafting.consumables(drafted, doubts))
                        .joints(joints.tightened())
                        .actions(joints.actions())
                        .hazards(hazards())
                        .readings(readings())
                        .waits(waits())
                        .evidence(evidence)
                        .why(drafted.why())
                        .sure(drafted.confidence())
                        .doubts(List.copyOf(doubts))
                        .accepted(false);
        if (drafted.condition() != null) {
            condition(step, drafted.condition());
        }
        Manual manual = drafting.now();
        Step made = step.id(manual.nextId("s")).build();
        Manual with =
                manual.stage(kind)
                        .map(s -> manual.withIdTaken().withNewStep(s.id(), made))
                        .orElse(manual);
        drafting.change(repeated(with, made.id()));
        return made.id();
    }

    private String doubt(String what) {
        return KINDS.contains(what)
                ? drafting.words().of("draft.unsure." + what)
                : drafting.words().of("draft.unsure.word", what);
    }

    /** Which way round the part goes on; of several the first that is not only touched. */
    private List<PartUse> wayRound(List<PartUse> uses, String said) {
        if (uses.isEmpty()) {
            doubts.add(drafting.words().of("draft.wayRoundOfWhat", said));
            return uses;
        }
        int at = 0;
        while (at + 1 < uses.size() && uses.get(at).handling() == PartUse.Handling.TOUCHED) {
            at++;
        }
        return Lists.put(uses, at, uses.get(at).withWayRound(said));
    }

    /** For which units, where they are named; else what has to be found. */
    private void condition(StepBuilder step, String condition) {
        Optional<Applicability> units = ConditionSaid.units(drafting.now(), condition);
        if (units.isPresent()) {
            step.applicability(units.get());
        } else {
            step.onlyIf(condition);
        }
        int at = drafted.text().indexOf(": ");
        boolean toldFirst =
                at > 0
                        && drafted.text()
                                .substring(0, at)
                                .toLowerCase(Locale.ROOT)
                                .endsWith(condition.toLowerCase(Locale.ROOT));
        if (toldFirst) {
            String rest = drafted.text().substring(at + 2);
            step.text(rest.substring(0, 1).toUpperCase(Locale.ROOT) + rest.substring(1));
        }
    }

    /** "Twelve times": the step is done again, so often. */
    private Manual repeated(Manual manual, Id<Step> step) {
        DraftedStep.Cycles cycles = drafted.repeats();
        if (cycles == null) {
            return manual;
        }
        int most = cycles.max() == null ? cycles.count() : cycles.max();
        Repeat repeat =
                new Repeat(
                        manual.nextId("r"),
                        step,
                        step,
                        List.of(),
                        drafted.until(),
                        cycles.count(),
                        most,
                        "");
        return manual.withIdTaken().withRepeats(Lists.with(manual.repeats(), repeat));
    }

    private List<Wait> waits() {
        return drafted.waits().stream()
                .map(
                        w ->
                                new Wait(
                                        drafted.text(),
                                        w.seconds(),
                                        Wait.Bound.AS_LONG,
                                        drafted.until()))
                .toList();
    }

    private List<Reading> readings() {
        List<Reading> readings = new ArrayList<>();
        String what = drafted.parts().isEmpty() ? drafted.text() : drafted.parts().get(0).name();
        for (DraftedStep.Limit limit : drafted.limits()) {
            if (!DraftedJoints.isAngle(drafted, limit)) {
                DraftedValues.value(limit.min(), limit.max(), limit.unit(), evidence)
                        .ifPresent(v -> readings.add(Reading.of(what, v, 1, null)));
            }
        }
        boolean open =
                readings.isEmpty()
                        && drafted.reference() != null
                        && !"tighten".equals(drafted.action());
        if (open) {
            Value lookUp =
                    new Value.Open(
                            drafting.words().of("draft.lookUp", drafted.reference()),
                            drafting.document(drafted.reference()));
            readings.add(Reading.of(what, lookUp, 1, null));
        }
        return readings;
    }

    private List<Hazard> hazards() {
        return drafted.hazards().stream()
                .map(
                        h -> {
                            String key = "draft.hazard." + h.replace(' ', '_');
                            return new Hazard(
                                    Hazard.SignalWord.valueOf(drafting.words().of(key + ".signal")),
                                    drafting.words().of(key),
                                    "",
                                    drafting.words().of(key + ".avoid"));
                        })
                .toList();
    }
}
