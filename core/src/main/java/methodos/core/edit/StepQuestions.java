package methodos.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Question;
import methodos.core.manual.Step;

/**
 * What has to be decided about the parts of a drafted step, each with its answers, the likeliest
 * first: which of several lines is meant, and whether a thing that is only heard is one of the
 * list.
 */
public final class StepQuestions {

    /** The sureness from which on a drafted step counts as sure. */
    public static final double SURE = 0.9;

    private static final int MOST_ANSWERS = 4;

    /**
     * What is asked.
     *
     * @param said how the part was named
     * @param among whether the list has several that can be meant; else it was only heard
     */
    public record Asked(String said, boolean among, List<Answer> answers) {}

    /**
     * One of the answers.
     *
     * @param part empty for a part of its own
     * @param edit what it does to the manual
     */
    public record Answer(Optional<Part> part, Edit edit) {}

    private StepQuestions() {}

    /** Whether nothing about a drafted step is in doubt. */
    public static boolean sure(Step step) {
        boolean likely = step.sure() == null || step.sure() >= SURE;
        return likely
                && step.questions().stream().allMatch(q -> q.answers().isEmpty())
                && step.doubts().isEmpty();
    }

    /** The questions of a step in the order in which they are answered. */
    public static List<Asked> of(Manual manual, Step step) {
        List<Asked> all = new ArrayList<>();
        for (Question question : step.questions()) {
            if (question.answers().isEmpty()) {
                continue; // nothing of the list is called so
            }
            List<Answer> answers = new ArrayList<>();
            question.answers().stream()
                    .limit(MOST_ANSWERS)
                    .flatMap(id -> manual.part(id).stream())
                    .forEach(
                            p ->
                                    answers.add(
                                            new Answer(
                                                    Optional.of(p),
                                                    DraftEdits.answer(
                                                            step.id(), question, p.id()))));
            answers.add(new Answer(Optional.empty(), DraftEdits.itsOwn(step.id(), question)));
            all.add(new Asked(question.named().label(), true, answers));
        }
        for (PartUse use : step.parts()) {
            manual.part(use.part())
                    .filter(Part::heard)
                    .map(p -> heard(manual, p))
                    .filter(a -> a.answers().size() > 1)
                    .ifPresent(all::add);
        }
        return all;
    }

    /** Which lines of the list a thing may be that was heard; those that share most words first. */
    private static Asked heard(Manual manual, Part heard) {
        List<Answer> answers = new ArrayList<>();
        manual.parts().stream()
                .filter(p -> !p.heard() && shared(p, heard) > 0)
                .sorted(Comparator.comparingInt((Part p) -> -shared(p, heard)))
                .limit(MOST_ANSWERS)
                .forEach(p -> answers.add(new Answer(Optional.of(p), sameAs(heard.id(), p.id()))));
        answers.add(new Answer(Optional.empty(), inTheList(heard.id())));
        return new Asked(heard.label(), false, answers);
    }

    private static int shared(Part part, Part heard) {
        Set<String> words = new HashSet<>(DraftedManual.said(part.label()));
        words.retainAll(DraftedManual.said(heard.label()));
        return words.size();
    }

    /** Says that what was heard is a line of the list, wherever it was heard. */
    public static Edit sameAs(Id<Part> heard, Id<Part> line) {
        return Edit.named(
                EditKind.STEP_PART,
                m ->
                        HeardLinks.withoutUnused(
                                References.renamed(m, Part.class, Map.of(heard, line))));
    }

    /** Takes what was heard into the list, as a part of its own. */
    public static Edit inTheList(Id<Part> heard) {
        UnaryOperator<Manual> change = StoreEdits.part(heard, p -> p.withHeard(false));
        return Edit.named(EditKind.PART, change);
    }

    /** What is only heard so far, in the order of the list. */
    public static List<Part> heard(Manual manual) {
        return manual.parts().stream().filter(Part::heard).toList();
    }
}
