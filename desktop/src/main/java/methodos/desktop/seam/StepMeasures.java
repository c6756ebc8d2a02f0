package methodos.desktop.seam;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.edit.StepEdits;
import methodos.core.fit.StockedSizes;
import methodos.core.manual.Figure;
import methodos.core.manual.Fit;
import methodos.core.manual.Look;
import methodos.core.manual.Reading;
import methodos.core.manual.Step;
import methodos.core.manual.Tool;
import methodos.core.manual.Value;
import methodos.core.quantity.Quantity;
import methodos.core.typed.TypedNumber;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.NameConverter;
import methodos.desktop.project.OpenProject;
import methodos.desktop.unit.DocumentRow;
import methodos.desktop.unit.UnitsButton;

/** What is measured in a step, and what is judged by eye. */
final class StepMeasures {

    private static final double COUNT = 40;

    private final OpenProject project;
    private final Words words;

    StepMeasures(OpenProject project) {
        this.project = project;
        this.words = project.words();
    }

    // ---------------------------------------------------------------- readings

    Node readings(Step step) {
        VBox list = new VBox(4);
        for (int i = 0; i < step.readings().size(); i++) {
            list.getChildren().add(reading(step, i));
        }
        list.getChildren()
                .add(
                        adder(
                                "addReading",
                                "step.addReading",
                                what ->
                                        StepEdits.addReading(
                                                step.id(),
                                                new Reading(
                                                        what,
                                                        new Value.Open(
                                                                words.of("step.limitOpen"), null),
                                                        1,
                                                        null,
                                                        ""))));
        return list;
    }

    private TextField adder(String id, String key, Function<String, methodos.core.edit.Edit> edit) {
        TextField field = Controls.named(new TextField(), id, words.of(key));
        field.setOnAction(
                e -> {
                    String what = field.getText().strip();
                    if (!what.isEmpty()) {
                        project.apply(edit.apply(what));
                    }
                });
        return field;
    }

    private VBox reading(Step step, int at) {
        Reading r = step.readings().get(at);
        Label problem = Controls.prose("", "problem");
        problem.setId("readingProblem-" + at);
        Controls.seen(problem, false);
        TextField what =
                field(
                        "readingWhat-" + at,
                        "step.readingWhat",
                        r.what(),
                        problem,
                        text -> put(step, at, r.withWhat(text)));
        TextField count =
                field(
                        "readingCount-" + at,
                        "step.readingCount",
                        "" + r.count(),
                        problem,
                        text -> put(step, at, r.withCount(count(text))));
        Controls.width(count, COUNT);
        TextField limit =
                field(
                        "readingLimit-" + at,
                        "step.readingLimit",
                        r.limit().known().map(Quantity::print).orElse(""),
                        problem,
                        text -> put(step, at, r.withLimit(limit(text))));
        TextField otherwise =
                field(
                        "readingOtherwise-" + at,
                        "step.readingOtherwise",
                        r.otherwise(),
                        problem,
                        text -> put(step, at, r.withOtherwise(text)));
        TextField sizes =
                field(
                        "readingSizes-" + at,
                        "step.readingSizes",
                        sizes(r.fit()),
                        problem,
                        text -> put(step, at, r.withFit(fit(text, r.fit()))));
        UnitsButton units =
                new UnitsButton(project, "reading-" + at, words.of("step.readingUnits"));
        units.show(r.applicability(), a -> put(step, at, r.withApplicability(a)));
        VBox all =
                new VBox(
                        3,
                        row(what, count, out("deleteReading-" + at, () -> put(step, at, null))),
                        row(limit, instrument(step, at, r)));
        if (r.limit() instanceof Value.Open open) {
            all.getChildren()
                    .add(
                            new DocumentRow(
                                    project,
                                    "reading-" + at,
                                    open,
                                    v -> put(step, at, r.withLimit(v))));
        }
        all.getChildren().addAll(otherwise, sizes, units, problem);
        return all;
    }

    private static HBox row(Node... nodes) {
        HBox row = Controls.row(4, nodes);
        HBox.setHgrow(nodes[0], Priority.ALWAYS);
        return row;
    }

    private Node out(String id, Runnable run) {
        var button = Controls.button(id, "×", run);
        button.setAccessibleText(words.of("decision.out"));
        return button;
    }

    private TextField field(
            String id, String key, String now, Label problem, Consumer<String> keep) {
        TextField field = Controls.named(new TextField(now), id, words.of(key));
        Controls.kept(
                field,
                keep,
                why -> {
                    problem.setText(why);
                    Controls.seen(problem, true);
                });
        return field;
    }

    private void put(Step step, int at, Reading reading) {
        project.apply(StepEdits.reading(step.id(), at, reading));
    }

    private int count(String typed) {
        return TypedNumber.count(typed)
                .filter(n -> n > 0)
                .orElseThrow(
                        () -> new IllegalArgumentException(words.of("stores.badQuantity", typed)));
    }

    private Value limit(String typed) {
        return typed.isEmpty()
                ? new Value.Open(words.of("step.limitOpen"), null)
                : new Value.Known(Quantity.parse(typed), List.of(), true);
    }

    private ComboBox<Tool> instrument(Step step, int at, Reading reading) {
        ComboBox<Tool> box =
                Controls.named(
                        new ComboBox<>(), "readingTool-" + at, words.of("decision.instrument"));
        box.getItems().add(null);
        box.getItems()
                .addAll(
                        project.manual().tools().stream()
                                .filter(t -> t.kind() == Tool.Kind.MEASURING)
                                .toList());
        box.setConverter(
                new NameConverter<>(
                        t -> t == null ? words.of("decision.noInstrument") : t.label()));
        box.setValue(
                reading.tool() == null ? null : project.manual().tool(reading.tool()).orElse(null));
        box.setPrefWidth(120);
        box.setOnAction(
                e ->
                        put(
                                step,
                                at,
                                reading.withTool(
                                        box.getValue() == null ? null : box.getValue().id())));
        return box;
    }

    private static String sizes(Fit fit) {
        return fit == null ? "" : StockedSizes.print(fit);
    }

    private Fit fit(String typed, Fit before) {
        return typed.isEmpty()
                ? null
                : StockedSizes.parse(typed, before == null ? null : before.part())
                        .orElseThrow(
                                () -> new IllegalArgumentException(words.of("step.readingSizes")));
    }

    // ---------------------------------------------------------------- by eye

    Node looks(Step step) {
        VBox list = new VBox(4);
        for (int i = 0; i < step.looks().size(); i++) {
            list.getChildren().add(look(step, i));
        }
        list.getChildren()
                .add(
                        adder(
                                "addLook",
                                "step.addLook",
                                what ->
                                        StepEdits.addLook(
                                                step.id(), new Look(what, "", "", null))));
        return list;
    }

    private VBox look(Step step, int at) {
        Look l = step.looks().get(at);
        Label problem = Controls.prose("", "problem");
        Controls.seen(problem, false);
        ComboBox<Figure> figure =
                Controls.named(new ComboBox<>(), "lookFigure-" + at, words.of("step.lookFigure"));
        figure.getItems().add(null);
        figure.getItems().addAll(project.manual().figures());
        figure.setConverter(
                new NameConverter<>(
                        f ->
                                f == null
                                        ? words.of("step.noLookFigure")
                                        : f.title().isBlank() ? f.id().text() : f.title()));
        figure.setValue(
                l.figure() == null ? null : project.manual().figure(l.figure()).orElse(null));
        figure.setMaxWidth(Double.MAX_VALUE);
        figure.setOnAction(
                e ->
                        putLook(
                                step,
                                at,
                                new Look(
                                        l.what(),
                                        l.pass(),
                                        l.fail(),
                                        figure.getValue() == null
                                                ? null
                                                : figure.getValue().id())));
        return new VBox(
                3,
                row(
                        field(
                                "lookWhat-" + at,
                                "step.lookWhat",
                                l.what(),
                                problem,
                                t ->
                                        putLook(
                                                step,
                                                at,
                                                new Look(t, l.pass(), l.fail(), l.figure()))),
                        out("deleteLook-" + at, () -> putLook(step, at, null))),
                field(
                        "lookPass-" + at,
                        "step.lookPass",
                        l.pass(),
                        problem,
                        t -> putLook(step, at, new Look(l.what(), t, l.fail(), l.figure()))),
                field(
                        "lookFail-" + at,
                        "step.lookFail",
                        l.fail(),
                        problem,
                        t -> putLook(step, at, new Look(l.what(), l.pass(), t, l.figure()))),
                figure);
    }

    private void putLook(Step step, int at, Look look) {
        project.apply(StepEdits.look(step.id(), at, look));
    }
}
