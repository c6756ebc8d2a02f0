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
        return rebuilt().text(v).build();
    }

    public Step withApplicability(Applicability v) {
        return rebuilt().applicability(v).build();
    }

    public Step withSpans(List<Span> v) {
        return rebuilt().spans(v).build();
    }

    public Step withParts(List<PartUse> v) {
        return rebuilt().parts(v).build();
    }

    public Step withTools(List<String> v) {
        return rebuilt().tools(v).build();
    }

    public Step withJoints(List<String> v) {
        return rebuilt().joints(v).build();
    }

    public Step withHazards(List<Hazard> v) {
        return rebuilt().hazards(v).build();
    }

    public Step withFigures(List<String> v) {
        return rebuilt().figures(v).build();
    }

    public Step withEvidence(List<Evidence> v) {
        return rebuilt().evidence(v).build();
    }

    public Step withFigure(String figure) {
        List<String> all = new ArrayList<>(figures);
        all.add(figure);
        return withFigures(all);
    }

    private Rebuilt rebuilt() {
        return new Rebuilt(this);
    }

    /** A copy in the making; keeps the with-methods above to one line each. */
    private static final class Rebuilt {
        private final Step from;
        private String text;
        private Applicability applicability;
        private List<Span> spans;
        private List<PartUse> parts;
        private List<String> tools;
        private List<String> joints;
        private List<Hazard> hazards;
        private List<String> figures;
        private List<Evidence> evidence;

        Rebuilt(Step from) {
            this.from = from;
            text = from.text;
            applicability = from.applicability;
            spans = from.spans;
            parts = from.parts;
            tools = from.tools;
            joints = from.joints;
            hazards = from.hazards;
            figures = from.figures;
            evidence = from.evidence;
        }

        Rebuilt text(String v) {
            text = v;
            return this;
        }

        Rebuilt applicability(Applicability v) {
            applicability = v;
            return this;
        }

        Rebuilt spans(List<Span> v) {
            spans = v;
            return this;
        }

        Rebuilt parts(List<PartUse> v) {
            parts = v;
            return this;
        }

        Rebuilt tools(List<String> v) {
            tools = v;
            return this;
        }

        Rebuilt joints(List<String> v) {
            joints = v;
            return this;
        }

        Rebuilt hazards(List<Hazard> v) {
            hazards = v;
            return this;
        }

        Rebuilt figures(List<String> v) {
            figures = v;
            return this;
        }

        Rebuilt evidence(List<Evidence> v) {
            evidence = v;
            return this;
        }

        Step build() {
            return new Step(
                    from.id,
                    text,
                    applicability,
                    spans,
                    parts,
                    tools,
                    from.consumables,
                    joints,
                    hazards,
                    from.readings,
                    from.waits,
                    figures,
                    evidence,
                    from.why,
                    from.expected,
                    from.accepted);
        }
    }
}
