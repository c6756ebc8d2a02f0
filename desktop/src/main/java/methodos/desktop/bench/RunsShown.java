package methodos.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Consumer;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import methodos.core.bench.RunSeen;
import methodos.core.check.OpenPoint;
import methodos.core.description.Id;
import methodos.core.manual.Manual;
import methodos.core.manual.Reading;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.quantity.Quantity;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.theme.Theme;

/** What the units that were worked on show: what is open since, and readings against limits. */
final class RunsShown {

    /** A reading that units have. */
    private record Of(Id<Step> step, int number, String what, Quantity limit) {}

    private final Words words;
    private final Consumer<OpenPoint> go;
    private final VBox lessons = new VBox(4);
    private final ComboBox<Of> choice = new ComboBox<>();
    private final RunsDrawing drawing;
    private final VBox node;
    private List<RunSeen> runs = List.of();

    RunsShown(Words words, Theme theme, Consumer<OpenPoint> go) {
        this.words = words;
        this.go = go;
        drawing = new RunsDrawing(theme);
        Controls.named(choice, "runsReading", words.of("bench.readingOf"));
        choice.setConverter(
                new StringConverter<>() {
                    @Override
                    public String toString(Of of) {
                        return of == null
                                ? ""
                                : words.of("bench.readingAt", of.number(), of.what());
                    }

                    @Override
                    public Of fromString(String text) {
                        return null;
                    }
                });
        choice.setOnAction(e -> draw());
        node =
                new VBox(
                        8,
                        Controls.label(words.of("bench.shown"), "section-head"),
                        lessons,
                        Controls.prose(words.of("bench.shownHint"), "soft"),
                        new HBox(choice),
                        drawing.node());
    }

    Region node() {
        return node;
    }

    /**
     * @param open what is open since the bench showed it
     */
    void show(Manual manual, List<RunSeen> seen, List<OpenPoint> open) {
        runs = seen;
        lessons.getChildren().clear();
        open.stream()
                .filter(p -> p.key().startsWith("open.bench."))
                .forEach(
                        p ->
                                lessons.getChildren()
                                        .add(
                                                Controls.link(
                                                        "lesson-" + p.step(),
                                                        words.of(p.key(), p.arguments().toArray()),
                                                        () -> go.accept(p))));
        List<Of> readings = readings(manual);
        Of chosen = choice.getValue();
        choice.getItems().setAll(readings);
        choice.setValue(
                readings.stream()
                        .filter(r -> Objects.equals(r, chosen))
                        .findFirst()
                        .orElse(readings.isEmpty() ? null : readings.get(0)));
        Controls.seen(node, !runs.isEmpty());
        draw();
    }

    /** The readings with a limit that some unit has. */
    private List<Of> readings(Manual manual) {
        StepNumbers numbers = new StepNumbers(manual, Sight.EVERYTHING);
        List<Of> all = new ArrayList<>();
        for (Step step : manual.steps().toList()) {
            for (Reading reading : step.readings()) {
                boolean taken = !lines(step.id(), reading.what()).isEmpty();
                if (taken && reading.known().isPresent()) {
                    all.add(
                            new Of(
                                    step.id(),
                                    numbers.of(step.id()).orElse(0),
                                    reading.what(),
                                    reading.known().get()));
                }
            }
        }
        return all;
    }

    private List<RunsDrawing.Line> lines(Id<Step> step, String what) {
        List<RunsDrawing.Line> lines = new ArrayList<>();
        for (int i = runs.size() - 1; i >= 0; i--) {
            for (RunSeen.AtStep at : runs.get(i).steps()) {
                List<RunSeen.Seen> of =
                        at.step().id().equals(step)
                                ? at.readings().stream().filter(r -> r.what().equals(what)).toList()
                                : List.of();
                if (!of.isEmpty()) {
                    lines.add(
                            new RunsDrawing.Line(
                                    runs.get(i).serial(),
                                    of.stream().map(RunsShown::dot).toList()));
                }
            }
        }
        return lines;
    }

    private static ReadingRule.Dot dot(RunSeen.Seen seen) {
        return new ReadingRule.Dot(
                seen.value(),
                seen.outside()
                        ? MeasureRule.Standing.OUTSIDE
                        : seen.near() ? MeasureRule.Standing.CLOSE : MeasureRule.Standing.WELL);
    }

    private void draw() {
        Of of = choice.getValue();
        Controls.seen(drawing.node(), of != null);
        if (of != null) {
            List<RunsDrawing.Line> lines = lines(of.step(), of.what());
            drawing.show(
                    of.limit(),
                    lines,
                    words.of("bench.overRuns", of.what(), lines.size(), of.limit().print()));
        }
    }
}
