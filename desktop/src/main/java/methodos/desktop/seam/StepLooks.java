package methodos.desktop.seam;

import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Figure;
import methodos.core.manual.Look;
import methodos.core.manual.Step;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.NameConverter;
import methodos.desktop.project.OpenProject;

/** What is judged by eye in a step. */
final class StepLooks {

    private final OpenProject project;
    private final Words words;

    StepLooks(OpenProject project) {
        this.project = project;
        this.words = project.words();
    }

    Node looks(Step step) {
        VBox list = new VBox(4);
        for (int i = 0; i < step.looks().size(); i++) {
            list.getChildren().add(look(step, i));
        }
        list.getChildren().add(adder(step));
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
                                l.withFigure(
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
                                t -> putLook(step, at, l.withWhat(t))),
                        out("deleteLook-" + at, () -> putLook(step, at, null))),
                field(
                        "lookPass-" + at,
                        "step.lookPass",
                        l.pass(),
                        problem,
                        t -> putLook(step, at, l.withPass(t))),
                field(
                        "lookFail-" + at,
                        "step.lookFail",
                        l.fail(),
                        problem,
                        t -> putLook(step, at, l.withFail(t))),
                figure);
    }

    private void putLook(Step step, int at, Look look) {
        project.apply(StepEdits.look(step.id(), at, look));
    }

    private TextField adder(Step step) {
        TextField field = Controls.named(new TextField(), "addLook", words.of("step.addLook"));
        field.setPromptText(words.of("step.addLook"));
        field.setOnAction(
                e -> {
                    String what = field.getText().strip();
                    if (!what.isEmpty()) {
                        project.apply(StepEdits.addLook(step.id(), Look.of(what)));
                    }
                });
        return field;
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
}
