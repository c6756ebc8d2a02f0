package methodos.desktop.torque;

import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.collections.FXCollections;
import javafx.geometry.Insets;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.control.cell.TextFieldTableCell;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.check.OpenPoint;
import methodos.core.check.Place;
import methodos.core.edit.Edit;
import methodos.core.manual.Part;
import methodos.core.manual.Value;
import methodos.core.quantity.Quantity;
import methodos.core.torque.TighteningTable;
import methodos.core.words.Words;
import methodos.desktop.Controls;
import methodos.desktop.project.OpenProject;
import methodos.desktop.window.OpenPointList;
import methodos.desktop.window.PlaceView;

/** The place Torque and fits: each joint with its value as entered and in the other system. */
public final class TorquePlace implements PlaceView {

    private final OpenProject project;
    private final Words words;
    private final Consumer<String> message;
    private final BorderPane node = new BorderPane();
    private final TableView<TighteningTable.Row> table = new TableView<>();

    public TorquePlace(OpenProject project, Consumer<String> message, Consumer<OpenPoint> go) {
        this.project = project;
        this.words = project.words();
        this.message = message;
        Controls.named(table, "joints", words.of("torque.joints"));
        table.setEditable(true);
        table.setPlaceholder(Controls.prose(words.of("torque.empty"), "soft"));
        column("torque.step", 70, r -> steps(r));
        column("torque.joint", 190, r -> r.joint().name());
        column("torque.screws", 210, this::screws);
        value();
        column("torque.other", 130, r -> r.other().map(Quantity::print).orElse(""));
        column("torque.order", 90, r -> r.joint().order());
        VBox center = new VBox(10, table);
        VBox.setVgrow(table, Priority.ALWAYS);
        center.setPadding(new Insets(16, 16, 16, 18));
        VBox side = new VBox(14, new OpenPointList(project, Place.TORQUE, go));
        side.setPadding(new Insets(16));
        ScrollPane scroll = new ScrollPane(side);
        scroll.setFitToWidth(true);
        scroll.setPrefWidth(290);
        scroll.setMinWidth(290);
        scroll.getStyleClass().add("side");
        node.setCenter(center);
        node.setRight(scroll);
        project.workspace().addListener(o -> refresh());
        project.sight().addListener(o -> refresh());
        refresh();
    }

    private static String steps(TighteningTable.Row row) {
        return String.join(", ", row.steps().stream().map(String::valueOf).toList());
    }

    private String screws(TighteningTable.Row row) {
        String part = row.fastener().map(Part::label).orElse("");
        String grade = row.joint().propertyClass();
        return row.joint().count() + " × " + part + (grade.isEmpty() ? "" : ", " + grade);
    }

    private void column(String key, double width, Function<TighteningTable.Row, String> read) {
        TableColumn<TighteningTable.Row, String> column = new TableColumn<>(words.of(key));
        column.setPrefWidth(width);
        column.setEditable(false);
        column.setCellValueFactory(f -> new ReadOnlyStringWrapper(read.apply(f.getValue())));
        table.getColumns().add(column);
    }

    private void value() {
        TableColumn<TighteningTable.Row, String> column =
                new TableColumn<>(words.of("torque.value"));
        column.setPrefWidth(140);
        column.setCellValueFactory(
                f ->
                        new ReadOnlyStringWrapper(
                                f.getValue()
                                        .entered()
                                        .map(Quantity::print)
                                        .orElse(words.of("torque.open"))));
        column.setCellFactory(TextFieldTableCell.forTableColumn());
        column.setOnEditCommit(
                e -> {
                    try {
                        Value value =
                                new Value.Known(
                                        Quantity.parse(e.getNewValue()), java.util.List.of(), true);
                        var joint = e.getRowValue().joint().withTorque(value);
                        project.apply(Edit.named("edit.torque", m -> m.withJoint(joint)));
                    } catch (IllegalArgumentException bad) {
                        message.accept(bad.getMessage());
                        refresh();
                    }
                });
        table.getColumns().add(column);
    }

    private void refresh() {
        table.setItems(
                FXCollections.observableList(
                        TighteningTable.of(project.manual(), project.sight().get())));
    }

    @Override
    public Parent node() {
        return node;
    }

    @Override
    public String subtitle() {
        return words.of("torque.subtitle", table.getItems().size());
    }
}
