package methodos.core.reverse;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import methodos.core.check.Checks;
import methodos.core.description.Id;
import methodos.core.edit.Edit;
import methodos.core.edit.EditKind;
import methodos.core.edit.StepEdits;
import methodos.core.finding.Finding;
import methodos.core.finding.Rule;
import methodos.core.hazard.HazardRule;
import methodos.core.manual.Energy;
import methodos.core.manual.Hazard;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.narration.Workspace;
import methodos.core.repair.Repair;
import methodos.core.repair.Repairs;
import methodos.core.words.PartWords;
import methodos.core.words.Words;

/**
 * Drafts the build-up from the take-down: the order turned round within precedence, parts that are
 * always new taken new, tightenings from the torque table, statements where the work asks for them.
 * What a take-down does not show is left open: lubricants, and which way round things go.
 *
 * @param manual with the drafted build-up in the place of the one that it had
 * @param steps that were drafted, in their order
 * @param open what somebody has to settle
 */
public record Reverse(Manual manual, List<Step> steps, List<Open> open) {

    /** Something that a take-down does not show. */
    public record Open(Id<Step> step, String sentence) {}

    /** Those of what is mended that are mended in drafted steps only. */
    private static final Set<Rule> OF_OWN_STEPS = EnumSet.of(Rule.HAZARD_MISSING, Rule.NO_TOOL);

    /** What a drafted build-up is mended by until the ledger closes. */
    private static final Set<Rule> MENDED =
            EnumSet.of(
                    Rule.NO_TOOL,
                    Rule.NOT_REFITTED,
                    Rule.NOT_TIGHTENED,
                    Rule.NOT_RESTORED,
                    Rule.AID_LEFT,
                    Rule.NOT_FILLED,
                    Rule.NOT_MATCHED,
                    Rule.HAZARD_MISSING);

    /** Each round mends at least one thing; a sound take-down needs few. */
    private static final int MOST_ROUNDS = 200;

    /**
     * @param workspace whose manual has the take-down; what its build-up holds is replaced
     */
    public static Reverse of(Workspace workspace, Checks checks, Words words) {
        Manual bare = withoutBuildUp(workspace.manual());
        BuildUpSteps drafting = new BuildUpSteps(bare, words);
        List<Step> drafted = drafting.draft();
        Manual manual = withBuildUp(bare, drafted).withLastId(drafting.lastId());
        manual = withEnergies(manual, drafting.sources(), drafted);
        Repairs repairs = new Repairs(checks.hazardRules(), checks.language(), words);
        Set<Id<Step>> known = new HashSet<>();
        bare.steps().forEach(s -> known.add(s.id()));
        for (int round = 0; round < MOST_ROUNDS; round++) {
            Optional<Manual> mended = mended(workspace, manual, checks, repairs, drafting, known);
            if (mended.isEmpty()) {
                break;
            }
            manual = mended.get();
        }
        List<Step> steps = manual.steps().filter(s -> !known.contains(s.id())).toList();
        return new Reverse(manual, steps, open(manual, steps, words));
    }

    /** The build-up drafted in the place of the one that a manual has. */
    public static Edit edit(Workspace workspace, Checks checks, Words words) {
        return Edit.named(
                EditKind.REVERSE, m -> Reverse.of(workspace.with(m), checks, words).manual());
    }

    /** Step by step, so that nothing leads to a step that is gone. */
    private static Manual withoutBuildUp(Manual manual) {
        List<Step> steps = manual.stage(Stage.Kind.BUILD_UP).map(Stage::steps).orElse(List.of());
        Manual without = manual;
        for (Step step : steps) {
            without = StepEdits.deleted(without, step.id());
        }
        return without;
    }

    private static Manual withBuildUp(Manual manual, List<Step> steps) {
        return manual.withStages(
                manual.stages().stream()
                        .map(s -> s.kind() == Stage.Kind.BUILD_UP ? s.withSteps(steps) : s)
                        .toList());
    }

    /** What a step of the take-down made safe is given back where that step is turned round. */
    private static Manual withEnergies(
            Manual manual, Map<Id<Step>, Step> sources, List<Step> drafted) {
        Manual result = manual;
        for (Energy energy : manual.energies()) {
            if (energy.restoreSteps().isEmpty()) {
                List<Id<Step>> back =
                        drafted.stream()
                                .map(Step::id)
                                .filter(s -> energy.safeSteps().contains(sources.get(s).id()))
                                .toList();
                if (!back.isEmpty()) {
                    result =
                            result.withEnergy(
                                    energy.withRestoreSteps(List.of(back.get(back.size() - 1))));
                }
            }
        }
        return result;
    }

    private static Optional<Manual> mended(
            Workspace workspace,
            Manual manual,
            Checks checks,
            Repairs repairs,
            BuildUpSteps drafting,
            Set<Id<Step>> known) {
        for (Finding finding : checks.of(workspace.with(manual)).findings()) {
            if (!MENDED.contains(finding.rule())) {
                continue;
            }
            boolean ofSource =
                    finding.rule() == Rule.HAZARD_MISSING && finding.subject().equals("duty")
                            || !finding.steps().isEmpty()
                                    && OF_OWN_STEPS.contains(finding.rule())
                                    && known.contains(finding.steps().get(0));
            if (ofSource) {
                continue;
            }
            Optional<Manual> copied = statementOfSource(manual, finding, checks, drafting);
            if (copied.isPresent()) {
                return copied;
            }
            Optional<Repair> repair = repairs.of(manual, finding);
            if (repair.isPresent()) {
                return repair.map(r -> r.edit().change().apply(manual));
            }
        }
        return Optional.empty();
    }

    /** The words that the take-down warns with go before the ones that a rule proposes. */
    private static Optional<Manual> statementOfSource(
            Manual manual, Finding finding, Checks checks, BuildUpSteps drafting) {
        if (finding.rule() != Rule.HAZARD_MISSING) {
            return Optional.empty();
        }
        Step step = manual.step(finding.steps().get(0)).orElseThrow();
        Step source = drafting.sources().get(step.id());
        Optional<HazardRule> rule =
                checks.hazardRules().list().stream()
                        .filter(r -> r.name().equals(finding.subject()))
                        .findFirst();
        if (source == null || rule.isEmpty()) {
            return Optional.empty();
        }
        return source.hazards().stream()
                .filter(rule.get()::toldBy)
                .findFirst()
                .map(
                        statement -> {
                            List<Hazard> all = new ArrayList<>(step.hazards());
                            all.add(statement);
                            return manual.withStep(step.withHazards(all));
                        });
    }

    private static List<Open> open(Manual manual, List<Step> steps, Words words) {
        Set<Id<Part>> fasteners = new HashSet<>();
        manual.joints().stream().map(Joint::fastener).forEach(fasteners::add);
        List<Open> open = new ArrayList<>();
        for (Step step : steps) {
            for (PartUse use : step.parts()) {
                manual.part(use.part())
                        .filter(p -> !fasteners.contains(p.id()))
                        .ifPresent(
                                p -> {
                                    boolean fresh = p.reuse() == ReuseRule.ALWAYS_NEW;
                                    String said = PartWords.counted(p, use.count(), fresh, words);
                                    if (fresh) {
                                        open.add(point(step, "lubricant", said, words));
                                    }
                                    open.add(point(step, "orientation", said, words));
                                });
            }
        }
        return open;
    }

    private static Open point(Step step, String what, String part, Words words) {
        return new Open(step.id(), words.of("open.reverse." + what, part));
    }
}
