package methodos.desktop.figure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;
import javafx.collections.FXCollections;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextArea;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.description.Id;
import methodos.core.edit.FigureEdits;
import methodos.core.figure.StackWords;
import methodos.core.manual.Figure;
import methodos.core.manual.FigureLayout;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.NameConverter;
import methodos.desktop.project.OpenProject;

/** What stands beside the picture: further pictures of the same figure, and a stack of parts. */
final class BesidePanel extends VBox {

    private final OpenProject project;
    private final Words words;
    private final Consumer<Id<Figure>> show;
    private final ComboBox<FigureLayout> layout;
    private final ComboBox<Figure> other;
    private final VBox beside = new VBox(4);
    private final TextArea stack;
    private Figure shown;
    private boolean filling;

    /**
     * @param show called with a figure that is to be worked on
     */
    BesidePanel(OpenProject project, Consumer<Id<Figure>> show) {
        super(7);
        this.project = project;
        this.words = project.words();
        this.show = show;
        layout = layouts();
        other = others();
        stack = Controls.named(new TextArea(), "stack", words.of("figure.stack"));
        stack.setPrefRowCount(7);
        stack.setWrapText(true);
        stack.textProperty()
                .addListener(
                        (o, was, is) -> {
                            if (!filling && shown != null) {
                                project.apply(
                                        FigureEdits.stack(
                                                shown.id(), StackWords.read(is, project.manual())));
                            }
                        });
        getChildren()
                .addAll(
                        Controls.label(words.of("figure.together"), "panel-head"),
                        layout,
                        other,
                        beside,
                        Controls.label(words.of("figure.stack"), "panel-head"),
                        Controls.prose(words.of("figure.stack.how"), "soft"),
                        stack);
    }

    private ComboBox<FigureLayout> layouts() {
        List<FigureLayout> all = new ArrayList<>();
        all.add(null);
        all.addAll(Arrays.asList(FigureLayout.values()));
        ComboBox<FigureLayout> box =
                Controls.named(
                        new ComboBox<>(FXCollections.observableArrayList(all)),
                        "layout",
                        words.of("figure.together"));
        box.setConverter(
                new NameConverter<>(l -> l == null ? words.of("figure.alone") : words.of(l)));
        box.setMaxWidth(Double.MAX_VALUE);
        box.setOnAction(
                e -> {
                    if (!filling && shown != null) {
                        other.setDisable(box.getValue() == null);
                        if (box.getValue() == null || !shown.beside().isEmpty()) {
                            project.apply(FigureEdits.layout(shown.id(), box.getValue()));
                        }
                    }
                });
        return box;
    }

    private ComboBox<Figure> others() {
        ComboBox<Figure> box =
                Controls.named(new ComboBox<>(), "besideOther", words.of("figure.besideOther"));
        box.setPromptText(words.of("figure.besideOther"));
        box.setConverter(new NameConverter<>(f -> f == null ? "" : name(f)));
        box.setMaxWidth(Double.MAX_VALUE);
        box.setOnAction(
                e -> {
                    if (!filling && shown != null && box.getValue() != null) {
                        project.apply(
                                FigureEdits.beside(
                                        shown.id(), box.getValue().id(), layout.getValue()));
                    }
                });
        return box;
    }

    private String name(Figure figure) {
        return figure.title().isBlank() ? words.of("figure.untitled") : figure.title();
    }

    /**
     * @param ofStep figures that could stand beside it: those of the same step first
     */
    void show(Figure figure, List<Figure> ofStep) {
        boolean same = shown != null && shown.id().equals(figure.id());
        shown = figure;
        filling = true;
        if (figure.layout() != null || !same) {
            layout.setValue(figure.layout());
        }
        other.setDisable(layout.getValue() == null);
        other.setValue(null);
        other.getItems()
                .setAll(
                        ofStep.stream()
                                .filter(f -> !f.id().equals(figure.id()))
                                .filter(f -> !figure.beside().contains(f.id()))
                                .toList());
        beside.getChildren().clear();
        for (Id<Figure> id : figure.beside()) {
            project.manual().figure(id).ifPresent(f -> beside.getChildren().add(row(figure, f)));
        }
        String text = StackWords.of(figure.stack(), project.manual());
        if (!same || !stack.isFocused() && !text.equals(stack.getText())) {
            stack.setText(text);
        }
        filling = false;
    }

    private HBox row(Figure figure, Figure f) {
        Button apart =
                Controls.link(
                        "apart-" + f.id(),
                        words.of("figure.apart"),
                        () -> project.apply(FigureEdits.apart(figure.id(), f.id())));
        apart.setMinWidth(Region.USE_PREF_SIZE);
        return new HBox(
                8, Controls.link("beside-" + f.id(), name(f), () -> show.accept(f.id())), apart);
    }
}
