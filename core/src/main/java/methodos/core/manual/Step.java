package methodos.core.manual;

import java.util.ArrayList;
import java.util.List;

/**
 * One thing that the technician does.
 *
 * @param text the instruction
 * @param joints the joints that are tightened in it
 * @param why the reason, empty where none is given
 * @param expected what is to be seen when it is done, empty where nothing is said
 * @param accepted false while it is only drafted
 */
public record Step(
        String id,
        String text,
        Applicability applicability,
        List<Span> spans,
        List<PartUse> parts,
        List<String> tools,
        List<String> consumables,
        List<String> joints,
        List<Hazard> hazards,
        List<Reading> readings,
        List<Wait> waits,
        List<String> figures,
        List<Evidence> evidence,
        String why,
        String expected,
        boolean accepted) {

    public Step {
        text = text == null ? "" : text;
        why = why == null ? "" : why;
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
    }

    private static <T> List<T> copy(List<T> list) {
        return list == null ? List.of() : List.copyOf(list);
    }

    /** A step with nothing but its words and where they come from. */
    public static Step of(String id, String text, List<Span> spans, List<Evidence> evidence) {
        return new Step(
                id, text, null, spans, null, null, null, null, null, null, null, null, evidence,
                null, null, true);
    }

    public Step withText(String v) {
        return copied(v, applicability, spans, parts, tools, joints, hazards, figures, evidence);
    }

    public Step withApplicability(Applicability v) {
        return copied(text, v, spans, parts, tools, joints, hazards, figures, evidence);
    }

    public Step withSpans(List<Span> v) {
        return copied(text, applicability, v, parts, tools, joints, hazards, figures, evidence);
    }

    public Step withParts(List<PartUse> v) {
        return copied(text, applicability, spans, v, tools, joints, hazards, figures, evidence);
    }

    public Step withTools(List<String> v) {
        return copied(text, applicability, spans, parts, v, joints, hazards, figures, evidence);
    }

    public Step withJoints(List<String> v) {
        return copied(text, applicability, spans, parts, tools, v, hazards, figures, evidence);
    }

    public Step withHazards(List<Hazard> v) {
        return copied(text, applicability, spans, parts, tools, joints, v, figures, evidence);
    }

    public Step withFigures(List<String> v) {
        return copied(text, applicability, spans, parts, tools, joints, hazards, v, evidence);
    }

    public Step withEvidence(List<Evidence> v) {
        return copied(text, applicability, spans, parts, tools, joints, hazards, figures, v);
    }

    public Step withFigure(String figure) {
        List<String> all = new ArrayList<>(figures);
        all.add(figure);
        return withFigures(all);
    }

    private Step copied(
            String newText,
            Applicability newApplicability,
            List<Span> newSpans,
            List<PartUse> newParts,
            List<String> newTools,
            List<String> newJoints,
            List<Hazard> newHazards,
            List<String> newFigures,
            List<Evidence> newEvidence) {
        return new Step(
                id,
                newText,
                newApplicability,
                newSpans,
                newParts,
                newTools,
                consumables,
                newJoints,
                newHazards,
                readings,
                waits,
                newFigures,
                newEvidence,
                why,
                expected,
                accepted);
    }
}
