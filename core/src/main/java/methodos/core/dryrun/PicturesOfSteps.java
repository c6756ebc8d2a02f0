package methodos.core.dryrun;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import methodos.core.description.Id;
import methodos.core.finding.Finding.StepRef;
import methodos.core.finding.Rule;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Layer;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Point;
import methodos.core.manual.Preparation;
import methodos.core.manual.Reading;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.quantity.MeasureUnit.Dimension;
import methodos.core.quantity.QuantitiesInText;

/** Whether the pictures of a step show what it does, at its own moment. */
final class PicturesOfSteps {

    /** So far beside its step a still may be taken, in seconds. */
    private static final double BESIDE = 3;

    /** What happens to a part at a place of the work, and where that is seen. */
    private record Event(int step, boolean off, Id<Clip> clip, double from, double to) {}

    private final Manual manual;
    private final Stumbles stumbles;
    private final Map<Id<Part>, Part> parts = new HashMap<>();
    private final List<Step> steps = new ArrayList<>();
    private final List<Stage.Kind> stages = new ArrayList<>();
    private final Map<Id<Part>, List<Event>> events = new HashMap<>();

    PicturesOfSteps(Manual manual, Stumbles stumbles) {
        this.manual = manual;
        this.stumbles = stumbles;
        manual.parts().forEach(p -> parts.put(p.id(), p));
        for (Stage stage : manual.stages()) {
            for (Step step : stage.steps()) {
                events(step, stage.kind());
                steps.add(step);
                stages.add(stage.kind());
            }
        }
    }

    private void events(Step step, Stage.Kind stage) {
        for (PartUse use : step.parts()) {
            PartUse.Handling handling = use.in(stage);
            boolean off = handling == PartUse.Handling.TAKEN_OFF;
            if (off || handling == PartUse.Handling.PUT_ON) {
                Span span = step.spans().isEmpty() ? null : step.spans().get(0);
                events.computeIfAbsent(use.part(), k -> new ArrayList<>())
                        .add(
                                span == null
                                        ? new Event(steps.size(), off, null, 0, 0)
                                        : new Event(
                                                steps.size(),
                                                off,
                                                span.clip(),
                                                span.start(),
                                                span.end()));
            }
        }
    }

    void look() {
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            List<Figure> figures =
                    step.figures().stream().flatMap(f -> manual.figure(f).stream()).toList();
            if (!figures.isEmpty()) {
                unnumbered(step, stages.get(i), figures);
                dials(step, figures);
            }
            for (Figure figure : figures) {
                outside(step, figure);
                if (figure.still() != null) {
                    elsewhere(step, figure);
                    state(step, i, figure);
                }
            }
        }
    }

    /** A part that comes off or goes on and has no number in the figures of its step. */
    private void unnumbered(Step step, Stage.Kind stage, List<Figure> figures) {
        Set<Id<Part>> shown = new HashSet<>();
        for (Figure figure : figures) {
            shown(figure, shown);
            figure.beside().stream()
                    .flatMap(f -> manual.figure(f).stream())
                    .forEach(f -> shown(f, shown));
        }
        for (PartUse use : step.parts()) {
            PartUse.Handling handling = use.in(stage);
            boolean moved =
                    handling == PartUse.Handling.TAKEN_OFF || handling == PartUse.Handling.PUT_ON;
            Part part = parts.get(use.part());
            if (moved && part != null && !shown.contains(use.part())) {
                stumbles.add(Rule.FIGURE, ".unnumbered", step, part.id().text(), part.label());
            }
        }
    }

    /** A dial is somewhere in the picture: what is to be read has to be pointed at. */
    private void dials(Step step, List<Figure> figures) {
        boolean pointed =
                figures.stream()
                        .flatMap(
                                f ->
                                        Stream.concat(
                                                Stream.of(f),
                                                f.beside().stream()
                                                        .flatMap(b -> manual.figure(b).stream())))
                        .flatMap(f -> f.marks().stream())
                        .anyMatch(PicturesOfSteps::points);
        if (pointed) {
            return;
        }
        Stream.concat(step.tools().stream(), step.readings().stream().map(Reading::tool))
                .filter(Objects::nonNull)
                .distinct()
                .flatMap(t -> manual.tool(t).stream())
                .filter(PicturesOfSteps::dial)
                .forEach(t -> stumbles.add(Rule.FIGURE, ".dial", step, t.id().text(), t.label()));
    }

    private static boolean points(Mark mark) {
        return mark instanceof Mark.Outline
                || mark instanceof Mark.Detail
                || mark instanceof Mark.Label;
    }

    /** Whether a tool is an instrument with a dial for a pressure, which is fixed to a line. */
    private static boolean dial(Tool tool) {
        return tool.kind() == Tool.Kind.MEASURING
                && (DryRunWords.has("dials", tool.name())
                        || !QuantitiesInText.of(tool.size(), Dimension.PRESSURE).isEmpty());
    }

    private static void shown(Figure figure, Set<Id<Part>> shown) {
        for (Mark mark : figure.marks()) {
            if (mark instanceof Mark.OfPart of) {
                shown.add(of.part());
            }
        }
        figure.stack().stream().map(Layer::part).forEach(shown::add);
    }

    private void outside(Step step, Figure figure) {
        Preparation prepared = figure.preparation();
        if (prepared == null || prepared.crop() == null || prepared.quarterTurns() != 0) {
            return;
        }
        for (Mark mark : figure.marks()) {
            if (mark instanceof Mark.OfPart of && beyond(mark.points().get(0), prepared.crop())) {
                String label =
                        Optional.ofNullable(parts.get(of.part())).map(Part::label).orElse("");
                stumbles.add(Rule.FIGURE, ".outside", step, figure.id().text(), label);
            }
        }
    }

    /** The height of a still is known only where its picture is; its width is enough here. */
    private static boolean beyond(Point point, Preparation.Crop crop) {
        double x = point.x() - .5;
        return x < crop.left() || x > crop.right();
    }

    /** Taken while another step was done. */
    private void elsewhere(Step step, Figure figure) {
        Id<Clip> clip = figure.still().clip();
        double time = figure.still().time();
        if (step.spans().isEmpty() || holds(step, clip, time, BESIDE)) {
            return;
        }
        steps.stream()
                .filter(s -> !s.id().equals(step.id()) && holds(s, clip, time, 0))
                .findFirst()
                .ifPresent(
                        s ->
                                stumbles.add(
                                        Rule.FIGURE,
                                        ".elsewhere",
                                        step,
                                        figure.id().text(),
                                        new StepRef(s.id())));
    }

    private static boolean holds(Step step, Id<Clip> clip, double time, double beside) {
        return step.spans().stream()
                .anyMatch(
                        s ->
                                s.clip().equals(clip)
                                        && time >= s.start() - beside
                                        && time <= s.end() + beside);
    }

    /** A part that is off in the picture and on by then, or the other way round. */
    private void state(Step step, int at, Figure figure) {
        for (Mark mark : figure.marks()) {
            if (!(mark instanceof Mark.Callout callout)) {
                continue;
            }
            List<Event> all = events.getOrDefault(callout.part(), List.of());
            Boolean offThere = offAt(all, figure.still());
            boolean offBefore = offBehind(all, at - 1);
            boolean offAfter = offBehind(all, at);
            if (offThere != null
                    && !offThere.equals(offBefore)
                    && !offThere.equals(offAfter)
                    && parts.containsKey(callout.part())) {
                stumbles.add(
                        Rule.FIGURE,
                        offThere ? ".off" : ".on",
                        step,
                        figure.id() + "." + callout.part(),
                        parts.get(callout.part()).label());
            }
        }
    }

    /** Whether a part is off at a moment of a clip; null where its film does not tell. */
    private static Boolean offAt(List<Event> all, Figure.Still still) {
        Boolean off = null;
        double last = Double.NEGATIVE_INFINITY;
        for (Event e : all) {
            if (!still.clip().equals(e.clip())) {
                continue;
            }
            if (still.time() >= e.from() && still.time() <= e.to()) {
                return null;
            }
            if (e.to() < still.time() && e.to() > last) {
                off = e.off();
                last = e.to();
            } else if (off == null && e.from() > still.time()) {
                return !e.off();
            }
        }
        return off;
    }

    private static boolean offBehind(List<Event> all, int step) {
        boolean off = all.isEmpty() ? false : !all.get(0).off();
        for (Event e : all) {
            if (e.step() <= step) {
                off = e.off();
            }
        }
        return off;
    }
}
