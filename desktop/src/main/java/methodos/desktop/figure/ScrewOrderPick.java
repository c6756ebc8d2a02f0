package methodos.desktop.figure;

import java.util.Optional;
import javafx.collections.FXCollections;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import methodos.core.edit.FigureEdits;
import methodos.core.manual.Arrangement;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** Picks the order of tightening to click screws for, and says as what they are taken. */
final class ScrewOrderPick extends VBox {

    /** What the screws look like, before those that they can be taken as. */
    private static final String AS_THEY_LIE = "figure.asTheyLie";

    ScrewOrderPick(
            OpenProject project, ToggleGroup picked, String key, String before, Figure figure) {
        super(4);
        Words words = project.words();
        ToggleButton button = new ToggleButton(words.of("figure.pickOrder"));
        button.setId("pickOrder");
        button.setUserData(key);
        button.setToggleGroup(picked);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setGraphic(Controls.label("1", "order-disc"));
        button.getStyleClass().add("pick");
        button.setSelected(key.equals(before));
        getChildren().add(button);
        Optional<Mark.ScrewOrder> order =
                figure.marks().stream()
                        .filter(m -> m instanceof Mark.ScrewOrder)
                        .map(m -> (Mark.ScrewOrder) m)
                        .findFirst();
        if (key.equals(before) && order.isEmpty()) {
            getChildren().add(Controls.prose(words.of("figure.orderHow"), "soft"));
        }
        order.ifPresent(o -> getChildren().add(arrangement(project, figure, o)));
    }

    private static ComboBox<Arrangement> arrangement(
            OpenProject project, Figure figure, Mark.ScrewOrder order) {
        Words words = project.words();
        ComboBox<Arrangement> box =
                Controls.named(
                        new ComboBox<>(
                                FXCollections.observableArrayList(
                                        null,
                                        Arrangement.CIRCLE,
                                        Arrangement.RECTANGLE,
                                        Arrangement.ROW,
                                        Arrangement.IRREGULAR)),
                        "arrangement",
                        words.of("figure.arrangement"));
        box.setConverter(
                new StringConverter<>() {
                    @Override
                    public String toString(Arrangement a) {
                        return a == null ? words.of(AS_THEY_LIE) : words.of(a);
                    }

                    @Override
                    public Arrangement fromString(String text) {
                        throw new UnsupportedOperationException("nothing is typed here");
                    }
                });
        box.setMaxWidth(Double.MAX_VALUE);
        box.setValue(order.arrangement());
        box.setOnAction(
                e ->
                        project.apply(
                                FigureEdits.arrangement(figure.id(), order.id(), box.getValue())));
        return box;
    }
}
