package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import methodos.core.description.EndOfWork;
import methodos.core.description.Id;

/**
 * One thing that the technician does.
 *
 * @param text the instruction
 * @param joints the joints that are tightened in it
 * @param actions what else it does to joints, aids, fluids and marks
 * @param why the reason, empty where none is given
 * @param expected what is to be seen when it is done, empty where nothing is said
 * @param looks what is judged by eye in it
 * @param optional whether it may be left out
 * @param accepted false while it is only drafted
 * @param doubts what somebody has to decide about it, a sentence each: where two steps that were
 *     joined did not agree
 * @param way the way of an alternative that it is a step of, null where it is always done
 * @param onlyIf what has to be found for it to be done, in words; empty where it is always done
 * @param optionalWhy why it may be left out, or for whom it is; empty where nothing is said
 * @param onlyIfFound what has to have been found before for it to be done, null where it is not
 *     asked
 * @param notes what is worth knowing at it, a remark each
 * @param sure how sure the reading of the narration is of it, 0 to 1; null where nobody says
 * @param questions which part is meant, where the narration leaves it open
 * @param witness who else has to see it done and sign for it, in words; empty where nobody has
 */
@RecordBuilder
public record Step(
        Id<Step> id,
        String text,
        Applicability applicability,
        List<Span> spans,
        List<PartUse> parts,
        List<Id<Tool>> tools,
        List<ConsumableUse> consumables,
        List<Id<Joint>> joints,
        List<Hazard> hazards,
        List<Reading> readings,
        @EndOfWork List<Wait> waits,
        List<Id<Figure>> figures,
        List<Evidence> evidence,
        String why,
        @EndOfWork String expected,
        List<Look> looks,
        boolean optional,
        boolean accepted,
        List<Action> actions,
        List<String> doubts,
        Id<Alternative.Way> way,
        String onlyIf,
        String optionalWhy,
        Found onlyIfFound,
        List<String> notes,
        Double sure,
        List<Question> questions,
        String witness)
        implements StepBuilder.With {

    public Step {
        text = text == null ? "" : text;
        why = why == null ? "" : why;
        onlyIf = onlyIf == null ? "" : onlyIf;
        optionalWhy = optionalWhy == null ? "" : optionalWhy;
        witness = witness == null ? "" : witness;
        expected = expected == null ? "" : expected;
        applicability = applicability == null ? Applicability.ALL : applicability;
        spans = copy(spans);
        parts = copy(parts);
        tools = copy(tools);
        consumables = copy(consumables);
        joints = copy(joints);
        hazards = copy(hazards);
        readings = copy(readings);
        waits = copy(waits);
        figures = copy(figures);
        evidence = copy(evidence);
        looks = copy(looks);
        actions = copy(actions);
        doubts = copy(doubts);
        notes = copy(notes);
        questions = copy(questions);
    }

    private static <T> List<T> copy(List<T> list) {
        return list == null ? List.of() : List.copyOf(list);
    }

    /** A step with nothing but its words and where they come from. */
    public static Step of(Id<Step> id, String text, List<Span> spans, List<Evidence> evidence) {
        return StepBuilder.builder()
                .id(id)
                .text(text)
                .spans(spans)
                .evidence(evidence)
                .accepted(true)
                .build();
    }

    /** What it uses of consumables. */
    public List<Id<Consumable>> consumableIds() {
        return consumables.stream().map(ConsumableUse::consumable).toList();
    }

    /** The step with one more figure, behind the others. */
    public Step withFigure(Id<Figure> figure) {
        List<Id<Figure>> all = new ArrayList<>(figures);
        all.add(figure);
        return withFigures(all);
    }
}
