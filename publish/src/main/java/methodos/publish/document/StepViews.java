package methodos.publish.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import methodos.core.manual.Figure;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Reading;
import methodos.core.manual.ReuseRule;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.quantity.Quantity;
import methodos.core.words.Words;
import methodos.publish.document.StepView.FigureView;
import methodos.publish.document.StepView.HazardView;
import methodos.publish.document.StepView.PartView;
import methodos.publish.document.StepView.ReadingView;
import methodos.publish.document.StepView.TightenView;

/** Makes the views of steps. */
final class StepViews {

    private final Manual manual;
    private final Publication publication;
    private final StepNumbers numbers;
    private final FigureFiles figures;
    private final Words words;
    private final Map<String, Films.Film> films;

    StepViews(
            Publication publication,
            StepNumbers numbers,
            FigureFiles figures,
            Map<String, Films.Film> films) {
        this.films = films;
        this.publication = publication;
        this.manual = publication.manual();
        this.numbers = numbers;
        this.figures = figures;
        this.words = publication.words();
    }

    StepView of(Step step) {
        boolean off =
                manual.stageOf(step.id()).map(s -> s.kind() == Stage.Kind.TAKE_DOWN).orElse(false);
        return new StepView(
                numbers.of(step.id()).orElseThrow(),
                step.text(),
                step.applicability().all() || !publication.sight().everything()
                        ? ""
                        : words.of(step.applicability()),
                step.why(),
                step.expected(),
                !step.accepted(),
                step.hazards().stream()
                        .map(h -> HazardView.of(h, words.of(h.signal()), ""))
                        .toList(),
                parts(step, false),
                off ? parts(step, true) : List.of(),
                step.tools().stream()
                        .flatMap(t -> manual.tool(t).stream())
                        .map(Tool::label)
                        .toList(),
                step.consumables().stream()
                        .flatMap(c -> manual.consumable(c).stream())
                        .map(c -> c.label())
                        .toList(),
                step.joints().stream()
                        .flatMap(j -> manual.joint(j).stream())
                        .filter(j -> j.applicability().concerns(publication.sight()))
                        .map(this::tighten)
                        .toList(),
                step.readings().stream().map(this::reading).toList(),
                step.waits().stream()
                        .map(w -> words.of("step.wait", duration(w.seconds()), w.what()))
                        .toList(),
                figures(step),
                films.getOrDefault(step.id(), StepView.NO_FILM));
    }

    private List<PartView> parts(Step step, boolean onlyAlwaysNew) {
        List<PartView> result = new ArrayList<>();
        for (PartUse use : step.parts()) {
            Part part = manual.part(use.part()).orElse(null);
            if (part == null
                    || !part.applicability().concerns(publication.sight())
                    || onlyAlwaysNew && part.reuse() != ReuseRule.ALWAYS_NEW) {
                continue;
            }
            result.add(
                    new PartView(
                            part.item(),
                            part.label(),
                            use.count() > 1 ? words.of("part.off", use.count()) : ""));
        }
        return result;
    }

    private TightenView tighten(Joint joint) {
        return new TightenView(
                joint.name(),
                joint.torque().known().map(Quantity::print).orElse(words.of("torque.open")),
                joint.torque()
                        .known()
                        .flatMap(Quantity::inOtherSystem)
                        .map(Quantity::print)
                        .orElse(""),
                String.join(", ", joint.stages()),
                joint.order());
    }

    ReadingView reading(Reading reading) {
        return new ReadingView(
                reading.what(),
                limit(reading.limit()),
                instrument(reading),
                reading.otherwise(),
                IntStream.rangeClosed(1, Math.min(10, reading.count())).boxed().toList());
    }

    private String limit(Value value) {
        return value.known()
                .map(q -> q.print() + q.inOtherSystem().map(o -> " (" + o.print() + ")").orElse(""))
                .orElseGet(() -> words.of("limit.open", ((Value.Open) value).why()));
    }

    private String instrument(Reading reading) {
        return reading.tool() == null
                ? ""
                : manual.tool(reading.tool()).map(Tool::label).orElse("");
    }

    private String duration(double seconds) {
        return seconds < 120
                ? words.of("time.seconds", Math.round(seconds))
                : words.of("time.minutes", Math.round(seconds / 60));
    }

    private List<FigureView> figures(Step step) {
        return step.figures().stream()
                .flatMap(f -> manual.figure(f).stream())
                .flatMap(f -> figures.of(f, alt(f)).stream())
                .toList();
    }

    private String alt(Figure figure) {
        return methodos.core.figure.FigureText.of(figure, manual, words);
    }
}
