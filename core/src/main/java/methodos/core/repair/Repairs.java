package methodos.core.repair;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import methodos.core.description.Id;
import methodos.core.edit.Edit;
import methodos.core.edit.EditKind;
import methodos.core.edit.StepEdits;
import methodos.core.finding.Finding;
import methodos.core.finding.Finding.StepRef;
import methodos.core.hazard.HazardRules;
import methodos.core.language.PlainLanguage;
import methodos.core.ledger.MarkedParts;
import methodos.core.manual.Action;
import methodos.core.manual.Applicability;
import methodos.core.manual.Energy;
import methodos.core.manual.Joint;
import methodos.core.manual.LedgerItem;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.PartUse.Handling;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepBuilder;
import methodos.core.words.DraftedText;
import methodos.core.words.PartWords;
import methodos.core.words.Words;

/** The repairs that there are for findings. */
public final class Repairs {

    private final StatementRepairs statements;
    private final PlainLanguage language;
    private final Words words;
    private final DraftedText text;

    /**
     * @param words for the texts of what a repair adds
     */
    public Repairs(HazardRules rules, PlainLanguage language, Words words) {
        this.statements = new StatementRepairs(rules);
        this.language = language;
        this.words = words;
        this.text = new DraftedText(words);
    }

    /** Nothing where only a person can tell what is meant. */
    public Optional<Repair> of(Manual manual, Finding finding) {
        return switch (finding.rule()) {
            case NOT_REFITTED -> refit(manual, finding);
            case NOT_TIGHTENED -> tighten(manual, finding);
            case NOT_RESTORED -> restore(manual, finding);
            case AID_LEFT -> takeAway(manual, finding);
            case NOT_FILLED -> fill(manual, finding);
            case NOT_MATCHED -> match(manual, finding);
            case NEVER_MARKED -> mark(manual, finding);
            case HAZARD_MISSING -> statements.add(finding);
            case HAZARD_LATE -> statements.move(manual, finding);
            case NO_VARIANT ->
                    Optional.of(
                            Repair.of(
                                    "repair.allUnits",
                                    StepEdits.applicability(
                                            new Id<>(finding.subject()), Applicability.ALL)));
            case REUSED ->
                    Optional.of(
                            Repair.of(
                                    "repair.new",
                                    StepEdits.supply(
                                            finding.steps().get(0),
                                            new Id<>(finding.subject()),
                                            PartUse.Supply.NEW)));
            case LANGUAGE -> wording(manual, finding);
            case NO_TOOL -> ToolRepairs.of(manual, finding);
            default -> Optional.empty();
        };
    }

    private static Edit edit(EditKind kind, UnaryOperator<Manual> change) {
        return Edit.named(kind, change);
    }

    private static Step step(Manual manual, String text, Applicability applicability) {
        return StepBuilder.builder()
                .id(StepEdits.nextStepId(manual))
                .text(text)
                .applicability(applicability)
                .build();
    }

    private static int missing(Finding finding) {
        return finding.arguments().get(1) instanceof Integer n ? n : 1;
    }

    /** Raises the number of a step that fits too few; else a step where it should go on. */
    private Optional<Repair> refit(Manual manual, Finding finding) {
        Optional<Part> part = manual.part(new Id<>(finding.subject()));
        if (part.isEmpty() || finding.steps().isEmpty()) {
            return Optional.empty();
        }
        Id<Part> id = part.get().id();
        Refitting refitting = Refitting.of(manual, part.get(), finding, missing(finding));
        if (refitting.tooFew().isPresent()) {
            Step step = refitting.tooFew().get();
            return Optional.of(
                    Repair.of(
                            "repair.setCount",
                            StepEdits.use(
                                    step.id(), id, u -> u.withCount(u.count() + refitting.count())),
                            new StepRef(step.id())));
        }
        return new ExpectedPlaces(manual)
                .of(refitting.takenOffIn())
                .map(place -> adding(place, m -> fitting(m, part.get(), refitting)));
    }

    /** A step more at a place. */
    private static Repair adding(ExpectedPlace place, Function<Manual, Step> made) {
        return Repair.of(
                "repair.addStep",
                edit(EditKind.REPAIR, m -> place.put(m.withIdTaken(), made.apply(m))));
    }

    private Step fitting(Manual manual, Part part, Refitting refitting) {
        boolean fresh = part.reuse() == ReuseRule.ALWAYS_NEW;
        int count = refitting.count();
        return step(
                        manual,
                        text.fit(List.of(PartWords.counted(part, count, fresh, words))),
                        refitting.units())
                .withParts(List.of(new PartUse(part.id(), count)));
    }

    /** The step that puts the fastener on tightens it. */
    private Optional<Repair> tighten(Manual manual, Finding finding) {
        Optional<Joint> joint = manual.joint(new Id<>(finding.subject()));
        if (joint.isEmpty()) {
            return Optional.empty();
        }
        Id<Joint> id = joint.get().id();
        Optional<Step> fitting =
                manual.stage(Stage.Kind.BUILD_UP).stream()
                        .flatMap(s -> s.steps().stream())
                        .filter(s -> puts(s, joint.get().fastener()))
                        .reduce((a, b) -> b);
        if (fitting.isPresent()
                && joint.get().fastener() != null
                && onlyJoint(manual, joint.get())) {
            Step step = fitting.get();
            List<Id<Joint>> joints = new ArrayList<>(step.joints());
            joints.add(id);
            return Optional.of(
                    Repair.of(
                            "repair.addToStep",
                            edit(EditKind.REPAIR, m -> m.withStep(step.withJoints(joints))),
                            new StepRef(step.id())));
        }
        return atEnd(
                manual,
                Stage.Kind.BUILD_UP,
                m ->
                        step(m, text.tighten(joint.get()), joint.get().applicability())
                                .withJoints(List.of(id)));
    }

    private static boolean puts(Step step, Id<Part> part) {
        return step.parts().stream()
                .anyMatch(
                        u -> u.part().equals(part) && u.in(Stage.Kind.BUILD_UP) == Handling.PUT_ON);
    }

    private static boolean onlyJoint(Manual manual, Joint joint) {
        return manual.joints().stream()
                        .filter(j -> Objects.equals(j.fastener(), joint.fastener()))
                        .count()
                == 1;
    }

    private static Optional<Repair> atEnd(
            Manual manual, Stage.Kind kind, Function<Manual, Step> made) {
        return manual.stage(kind)
                .map(stage -> adding(new ExpectedPlace(stage.id(), Integer.MAX_VALUE), made));
    }

    private Optional<Repair> restore(Manual manual, Finding finding) {
        Optional<Energy> energy = manual.energy(new Id<>(finding.subject()));
        Optional<Stage> test = manual.stage(Stage.Kind.TEST);
        if (energy.isEmpty() || test.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                Repair.of(
                        "repair.addStep",
                        edit(
                                EditKind.REPAIR,
                                m -> {
                                    Step step =
                                            step(
                                                    m,
                                                    text.giveBack(energy.get().name()),
                                                    energy.get().applicability());
                                    List<Id<Step>> back =
                                            new ArrayList<>(energy.get().restoreSteps());
                                    back.add(step.id());
                                    return new ExpectedPlace(test.get().id(), Integer.MAX_VALUE)
                                            .put(m.withIdTaken(), step)
                                            .withEnergy(energy.get().withRestoreSteps(back));
                                })));
    }

    private Optional<Repair> takeAway(Manual manual, Finding finding) {
        return manual.ledgerItem(new Id<>(finding.subject()))
                .flatMap(
                        aid ->
                                atEnd(
                                        manual,
                                        Stage.Kind.BUILD_UP,
                                        m ->
                                                acting(
                                                        m,
                                                        text.takeAway(aid.name()),
                                                        aid,
                                                        new Action(
                                                                Action.Verb.TAKE_AWAY,
                                                                aid.id(),
                                                                missing(finding),
                                                                ""))));
    }

    private static Step acting(Manual manual, String text, LedgerItem item, Action action) {
        return step(manual, text, item.applicability()).withActions(List.of(action));
    }

    private Optional<Repair> fill(Manual manual, Finding finding) {
        return manual.ledgerItem(new Id<>(finding.subject()))
                .flatMap(
                        fluid ->
                                atEnd(
                                        manual,
                                        Stage.Kind.BUILD_UP,
                                        m ->
                                                acting(
                                                        m,
                                                        text.fill(fluid.name()),
                                                        fluid,
                                                        new Action(Action.Verb.FILL, fluid.id()))));
    }

    /**
     * Matched where the parts go on that were marked; a step of its own where that is not known.
     */
    private Optional<Repair> match(Manual manual, Finding finding) {
        Optional<LedgerItem> mark = manual.ledgerItem(new Id<>(finding.subject()));
        if (mark.isEmpty()) {
            return Optional.empty();
        }
        List<Step> fitting = MarkedParts.fittingSteps(manual, mark.get());
        Action match = new Action(Action.Verb.MATCH, mark.get().id());
        if (!fitting.isEmpty()) {
            return Optional.of(
                    Repair.of(
                            "repair.addToStep",
                            edit(
                                    EditKind.REPAIR,
                                    m -> {
                                        Manual changed = m;
                                        for (Step step : fitting) {
                                            List<Action> actions = new ArrayList<>(step.actions());
                                            actions.add(match);
                                            changed = changed.withStep(step.withActions(actions));
                                        }
                                        return changed;
                                    }),
                            new StepRef(fitting.get(0).id())));
        }
        return atEnd(
                manual,
                Stage.Kind.BUILD_UP,
                m -> acting(m, text.match(mark.get().name()), mark.get(), match));
    }

    /** Before anything comes off. */
    private Optional<Repair> mark(Manual manual, Finding finding) {
        Optional<LedgerItem> mark = manual.ledgerItem(new Id<>(finding.subject()));
        Optional<Stage> first = manual.stage(Stage.Kind.TAKE_DOWN);
        if (mark.isEmpty() || first.isEmpty()) {
            return Optional.empty();
        }
        Action made = new Action(Action.Verb.MARK, mark.get().id());
        return Optional.of(
                adding(
                        new ExpectedPlace(first.get().id(), 0),
                        m -> acting(m, text.mark(mark.get().name()), mark.get(), made)));
    }

    private Optional<Repair> wording(Manual manual, Finding finding) {
        Id<Step> id = finding.steps().get(0);
        return manual.step(id)
                .flatMap(
                        s ->
                                language.remarks(s.text()).stream()
                                        .filter(r -> finding.key().endsWith("." + r.kind().name()))
                                        .flatMap(r -> r.wording().stream())
                                        .findFirst())
                .map(t -> Repair.of("repair.wording", StepEdits.text(id, t)));
    }
}
