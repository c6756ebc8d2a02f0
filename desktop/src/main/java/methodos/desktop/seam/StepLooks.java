package methodos.desktop.seam;

import javafx.scene.Node;
import javafx.scene.control.ComboBox;
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
        list.getChildren()
                .add(
                        new StepFields(words, why -> {})
                                .adder(
                                        "addLook",
                                        "step.addLook",
                                        what ->
                                                project.apply(
                                                        StepEdits.addLook(
                                                                step.id(), Look.of(what)))));
        return list;
    }

    private VBox look(Step step, int at) {
        Look l = step.looks().get(at);
        // whatever is typed is understood
        StepFields fields = new StepFields(words, why -> {});
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
                StepFields.row(
                        fields.field(
                                "lookWhat-" + at,
                                "step.lookWhat",
                                l.what(),
                                t -> putLook(step, at, l.withWhat(t))),
                        fields.out("deleteLook-" + at, () -> putLook(step, at, null))),
                fields.field(
                        "lookPass-" + at,
                        "step.lookPass",
                        l.pass(),
                        t -> putLook(step, at, l.withPass(t))),
                fields.field(
                        "lookFail-" + at,
                        "step.lookFail",
                        l.fail(),
                        t -> putLook(step, at, l.withFail(t))),
                figure);
    }

    private void putLook(Step step, int at, Look look) {
        project.apply(StepEdits.look(step.id(), at, look));
    }
}
