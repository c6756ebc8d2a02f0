package methodos.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Dismissal;
import methodos.core.manual.Evidence;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Named;
import methodos.core.manual.Part;
import methodos.core.manual.PartBuilder;
import methodos.core.manual.PartUse;
import methodos.core.manual.Question;
import methodos.core.manual.Reading;
import methodos.core.manual.Repeat;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Value;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.words.Sentences;
import methodos.core.words.Words;

/**
 * Brings drafted steps into a manual and settles them. A drafted step stays marked as such until
 * somebody accepts it; drafting again leaves alone what is accepted or set aside.
 */
public final class DraftEdits {

    /** A clip has come to a part of the work if at least one of so many of its steps is of it. */
    private static final int SHARE = 8;

    /** Of fewer words no remark is made that would be printed. */
    private static final int LEAST_WORDS = 3;

    private DraftEdits() {}

    /**
     * Puts the steps of a draft into the manual, in place of those that were drafted from the clip
     * before and are not accepted.
     *
     * @param clip id of the clip that the draft was read from
     * @param words for the sentences of hazard statements and open values
     */
    public static Edit draft(Id<Clip> clip, Draft draft, Words words) {
        return Edit.named(EditKind.DRAFT, m -> drafted(m, clip, draft, words));
    }

    private static Manual drafted(Manual manual, Id<Clip> clip, Draft draft, Words words) {
        Manual before = withoutDraft(manual, clip, words);
        List<Span> settled = settled(before, clip);
        DraftedManual drafting = new DraftedManual(before, words);
        Told told = new Told(drafting, clip);
        for (DraftedStep drafted : draft.steps()) {
            Span span = new Span(clip, drafted.start(), drafted.end());
            if (!isSettled(span, settled)) {
                told.add(drafted, span);
            }
        }
        told.end();
        List<Dismissal> proposals =
                new ArrayList<>(
                        before.proposals().stream()
                                .filter(p -> !p.span().clip().equals(clip))
                                .toList());
        proposals.addAll(told.left);
        for (Draft.SetAside aside : draft.dismissed()) {
            Span span = new Span(clip, aside.start(), aside.end());
            if (!isSettled(span, settled)) {
                String reason = words.of(aside.reason());
                proposals.add(new Dismissal(span, aside.quote(), reason));
            }
        }
        return DraftedJoints.byHandAlone(drafting.now()).withProposals(proposals);
    }

    /**
     * Makes one step of a stretch that somebody has chosen, with all that its words say. Where they
     * say no work it has the words as they are; where they ask something it stays drafted.
     *
     * @param quote what is said in the stretch
     * @param draft what was read from it
     */
    public static Edit make(Span span, String quote, Stage.Kind stage, Draft draft, Words words) {
        List<DraftedStep> work =
                draft.steps().stream().filter(d -> d.kind() != DraftedStep.Kind.NOTE).toList();
        if (work.isEmpty()) {
            return StepEdits.make(span, quote, stage);
        }
        return Edit.named(
                EditKind.MAKE_STEP,
                m -> {
                    DraftedManual drafting = new DraftedManual(m, words);
                    List<Id<Step>> told = new ArrayList<>();
                    for (DraftedStep d : work) {
                        told.add(new DraftedContent(drafting, d, span).addTo(stage));
                    }
                    Id<Step> made = told.get(0);
                    Manual result = drafting.now();
                    for (int i = 1; i < told.size(); i++) {
                        result = StepJoining.join(made, words).change().apply(result);
                    }
                    result = DraftedJoints.byHandAlone(result);
                    Step step =
                            result.step(made)
                                    .orElseThrow()
                                    .withEvidence(List.of(new Evidence.Recorded(span, quote)));
                    result = result.withStep(step);
                    boolean asks = !StepQuestions.of(result, step).isEmpty();
                    return asks || !step.doubts().isEmpty() ? result : accepted(result, step);
                });
    }

    /** The manual without what was drafted from a clip and nobody has agreed to. */
    private static Manual withoutDraft(Manual manual, Id<Clip> clip, Words words) {
        Manual left = manual;
        Set<Id<Joint>> joints = new HashSet<>();
        for (Step step : manual.steps().filter(s -> !s.accepted() && drawnFrom(s, clip)).toList()) {
            joints.addAll(step.joints());
            step.actions().stream()
                    .flatMap(a -> manual.joint(a.object()).stream())
                    .forEach(j -> joints.add(j.id()));
            left = StepEdits.deleted(left, step.id());
        }
        for (Step step : left.steps().toList()) {
            step.joints().forEach(joints::remove);
            step.actions().forEach(a -> joints.remove(a.object()));
        }
        return HeardLinks.withoutUnused(
                left.withJoints(
                        left.joints().stream()
                                .filter(
                                        j ->
                                                !joints.contains(j.id())
                                                        || !DraftedJoints.isDrafted(j, words))
                                .toList()));
    }

    /** The steps of a clip as they are told, and what is told between them. */
    private static final class Told {
        private final DraftedManual drafting;
        private final Id<Clip> clip;

        /** What found no step to stand at. */
        private final List<Dismissal> left = new ArrayList<>();

        private final List<Remark> remarks = new ArrayList<>();
        private Id<Step> last;
        private double end;

        /** What is said beside the work, until the step is known that it belongs to. */
        private record Remark(DraftedStep told, List<Evidence> evidence) {}

        Told(DraftedManual drafting, Id<Clip> clip) {
            this.drafting = drafting;
            this.clip = clip;
        }

        void add(DraftedStep drafted, Span span) {
            DraftedContent content = new DraftedContent(drafting, drafted, span);
            if (drafted.kind() == DraftedStep.Kind.NOTE) {
                remarks.add(new Remark(drafted, content.evidence()));
                return;
            }
            if (drafted.repeatOf() != null && again(drafted, content.evidence())) {
                return;
            }
            Id<Step> next = content.add();
            place(drafted, next);
            last = next;
            end = drafted.end();
        }

        /** What is said between two steps stands at the one that it is said closer to. */
        private void place(DraftedStep before, Id<Step> next) {
            for (Remark remark : remarks) {
                boolean closer =
                        last != null
                                && remark.told.start() - end <= before.start() - remark.told.end();
                note(remark, closer ? last : next);
            }
            remarks.clear();
        }

        /** Puts what is said behind the last step there. */
        void end() {
            for (Remark remark : remarks) {
                note(remark, last);
            }
            remarks.clear();
        }

        private void note(Remark remark, Id<Step> at) {
            DraftedStep note = remark.told;
            List<Evidence> evidence = remark.evidence;
            if (at == null || note.text().isBlank()) {
                String reason = drafting.words().of("draft.asideNote");
                evidence.forEach(
                        e -> {
                            if (e instanceof Evidence.Recorded r) {
                                left.add(new Dismissal(r.span(), r.quote(), reason));
                            }
                        });
                return;
            }
            change(
                    at,
                    s ->
                            (few(note.text())
                                            ? s
                                            : s.withNotes(
                                                    Lists.with(s.notes(), sentence(note.text()))))
                                    .withEvidence(all(s.evidence(), evidence)));
        }

        /** Whether it is no sentence: it counts as said at the step, and is not printed. */
        private static boolean few(String words) {
            return words.strip().split("\\s+").length < LEAST_WORDS;
        }

        /** Words of a caption as a sentence. */
        private static String sentence(String words) {
            String plain = words.strip().replaceAll("\\s+", " ").replaceFirst("[,;:]+$", "");
            String begun = plain.substring(0, 1).toUpperCase(Locale.ROOT) + plain.substring(1);
            return Sentences.ended(begun);
        }

        /** "And the same on the other side": the steps that it repeats are done once more. */
        private boolean again(DraftedStep drafted, List<Evidence> evidence) {
            DraftedStep.RepeatOf told = drafted.repeatOf();
            Manual manual = drafting.now();
            for (Stage stage : manual.stages()) {
                List<Step> steps =
                        stage.steps().stream()
                                .filter(s -> !s.accepted() && drawnFrom(s, clip))
                                .filter(s -> middle(s) >= told.from() && middle(s) <= told.to())
                                .toList();
                if (!steps.isEmpty()) {
                    Step end = steps.get(steps.size() - 1);
                    Repeat repeat =
                            new Repeat(
                                    manual.nextId("r"),
                                    steps.get(0).id(),
                                    end.id(),
                                    List.of(told.place()));
                    drafting.change(
                            manual.withIdTaken().withRepeats(Lists.with(manual.repeats(), repeat)));
                    change(end.id(), s -> s.withEvidence(all(s.evidence(), evidence)));
                    last = end.id();
                    return true;
                }
            }
            return false;
        }

        private static double middle(Step step) {
            Span span = step.spans().get(0);
            return (span.start() + span.end()) / 2;
        }

        private static List<Evidence> all(List<Evidence> some, List<Evidence> more) {
            List<Evidence> all = new ArrayList<>(some);
            all.addAll(more);
            return all;
        }

        private void change(Id<Step> id, UnaryOperator<Step> change) {
            Step step = drafting.now().step(id).orElseThrow();
            drafting.change(drafting.now().withStep(change.apply(step)));
        }
    }

    /**
     * The part of the work that a clip goes on with: the furthest that the steps of the clips
     * before it have come to.
     */
    public static Stage.Kind startOf(Manual manual, Id<Clip> clip) {
        Stage.Kind furthest = Stage.Kind.PREPARE;
        for (Clip before : manual.clips()) {
            if (before.id().equals(clip)) {
                break;
            }
            long all = manual.steps().filter(s -> drawnFrom(s, before.id())).count();
            for (Stage stage : manual.stages()) {
                long steps = stage.steps().stream().filter(s -> drawnFrom(s, before.id())).count();
                // a step or two may be of another part of the work than those around them
                boolean reached =
                        steps > 0 && steps * SHARE >= all && stage.kind() != Stage.Kind.TEST;
                if (reached && stage.kind().compareTo(furthest) > 0) {
                    furthest = stage.kind();
                }
            }
        }
        return furthest;
    }

    private static boolean drawnFrom(Step step, Id<Clip> clip) {
        return !step.spans().isEmpty() && step.spans().get(0).clip().equals(clip);
    }

    /** The stretches that somebody has decided on. */
    private static List<Span> settled(Manual manual, Id<Clip> clip) {
        List<Span> settled = new ArrayList<>();
        manual.steps().filter(Step::accepted).forEach(s -> settled.addAll(s.spans()));
        manual.dismissals().forEach(d -> settled.add(d.span()));
        return settled.stream().filter(s -> s.clip().equals(clip)).toList();
    }

    private static boolean isSettled(Span span, List<Span> settled) {
        double middle = (span.start() + span.end()) / 2;
        return settled.stream().anyMatch(s -> s.contains(middle));
    }

    /**
     * Agrees to a drafted step with all that is in it; a part that is in question is the likeliest
     * one.
     */
    public static Edit accept(Id<Step> step) {
        return accept(List.of(step));
    }

    /** Agrees to several drafted steps at once. */
    public static Edit accept(List<Id<Step>> steps) {
        return Edit.named(
                EditKind.ACCEPT,
                m -> {
                    Manual result = m;
                    for (Id<Step> step : steps) {
                        Manual now = result;
                        result = now.step(step).map(s -> accepted(now, s)).orElse(now);
                    }
                    return result;
                });
    }

    private static Manual accepted(Manual manual, Step step) {
        Manual result = manual;
        for (Id<Joint> id : step.joints()) {
            Optional<Joint> joint = manual.joint(id);
            if (joint.isPresent() && joint.get().torque() instanceof Value.Known known) {
                result = result.withJoint(joint.get().withTorque(agreed(known)));
            }
        }
        List<Reading> readings =
                step.readings().stream()
                        .map(
                                r ->
                                        r.limit() instanceof Value.Known known
                                                ? r.withLimit(agreed(known))
                                                : r)
                        .toList();
        List<PartUse> parts = new ArrayList<>(step.parts());
        for (Question question : step.questions()) {
            question.answers().stream().limit(1).forEach(a -> use(parts, question.answered(a)));
        }
        return result.withStep(
                step.withReadings(readings)
                        .withParts(parts)
                        .withQuestions(unanswerable(step))
                        .withDoubts(List.of())
                        .withSure(null)
                        .withAccepted(true));
    }

    /** What a list that comes later may answer by itself. */
    private static List<Question> unanswerable(Step step) {
        return step.questions().stream().filter(q -> q.answers().isEmpty()).toList();
    }

    private static void use(List<PartUse> parts, PartUse use) {
        if (parts.stream().noneMatch(u -> u.part().equals(use.part()))) {
            parts.add(use);
        }
    }

    private static Value agreed(Value.Known known) {
        return new Value.Known(known.quantity(), known.evidence(), true);
    }

    /** Says which part is meant in a step, of those that can be meant. */
    public static Edit answer(Id<Step> step, Question question, Id<Part> part) {
        return Edit.named(
                EditKind.STEP_PART,
                m -> m.step(step).map(s -> m.withStep(answered(s, question, part))).orElse(m));
    }

    private static Step answered(Step step, Question question, Id<Part> part) {
        List<PartUse> parts = new ArrayList<>(step.parts());
        use(parts, question.answered(part));
        return step.withParts(parts).withQuestions(without(step, question));
    }

    private static List<Question> without(Step step, Question question) {
        return step.questions().stream().filter(q -> !q.equals(question)).toList();
    }

    /** Says that none of the list is meant: it is a part of its own, which so far is only heard. */
    public static Edit itsOwn(Id<Step> step, Question question) {
        return Edit.named(
                EditKind.STEP_PART, m -> m.step(step).map(s -> itsOwn(m, s, question)).orElse(m));
    }

    private static Manual itsOwn(Manual manual, Step step, Question question) {
        Named named = question.named();
        Part part =
                PartBuilder.builder()
                        .id(manual.nextId("p"))
                        .name(named.name())
                        .size(named.size())
                        .quantity(named.quantity() == null ? 1 : named.quantity())
                        .heard(true)
                        .build();
        return manual.withIdTaken().withPart(part).withStep(answered(step, question, part.id()));
    }

    /** Agrees to all that the reading of a clip's narration would set aside. */
    public static Edit setProposedAside(Id<Clip> clip) {
        return Edit.named(
                EditKind.DISMISS,
                m -> {
                    List<Dismissal> aside = new ArrayList<>(m.dismissals());
                    List<Dismissal> left = new ArrayList<>();
                    for (Dismissal proposed : m.proposals()) {
                        (proposed.span().clip().equals(clip) ? aside : left).add(proposed);
                    }
                    return m.withDismissals(aside).withProposals(left);
                });
    }

    /** Takes a drafted step out and sets its words aside. */
    public static Edit setAside(Id<Step> step, String reason) {
        return setAside(List.of(step), reason);
    }

    /** The same for several. */
    public static Edit setAside(List<Id<Step>> steps, String reason) {
        return Edit.named(
                EditKind.SET_DRAFT_ASIDE,
                m -> {
                    Manual result = m;
                    for (Id<Step> step : steps) {
                        result = withoutDraft(result, step, reason);
                    }
                    return result;
                });
    }

    private static Manual withoutDraft(Manual manual, Id<Step> step, String reason) {
        Optional<Step> found = manual.step(step);
        if (found.isEmpty()) {
            return manual;
        }
        List<Dismissal> all = new ArrayList<>(manual.dismissals());
        for (Evidence e : found.get().evidence()) {
            if (e instanceof Evidence.Recorded r) {
                all.add(new Dismissal(r.span(), r.quote(), reason));
            }
        }
        return StepEdits.deleted(manual, step).withDismissals(all);
    }
}
