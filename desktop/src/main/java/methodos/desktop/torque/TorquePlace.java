package methodos.desktop.torque;

import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.scene.Parent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.check.OpenPoint;
import methodos.core.check.Place;
import methodos.core.edit.Edit;
import methodos.core.manual.Joint;
import methodos.core.manual.Part;
import methodos.core.manual.Value;
import methodos.core.quantity.Quantity;
import methodos.core.torque.TighteningTable;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.ListTable;
import methodos.desktop.control.SidePanel;
import methodos.desktop.project.OpenProject;
import methodos.desktop.window.OpenPointList;
import methodos.desktop.window.PlaceView;

/** The place Torque and fits: each joint with its value as entered and in the other system. */
public final class TorquePlace implements PlaceView {

    private final OpenProject project;
    private final Words words;
    private final BorderPane node = new BorderPane();
    private final ListTable<TighteningTable.Row> table;

    public TorquePlace(OpenProject project, Consumer<String> message, Consumer<OpenPoint> go) {
        this.project = project;
        this.words = project.words();
        table = new ListTable<>(words, message);
        Controls.named(table, "joints", words.of("torque.joints"));
        table.setPlaceholder(Controls.prose(words.of("torque.empty"), "soft"));
        table.shown("torque.step", 70, TorquePlace::steps);
        table.shown("torque.joint", 190, r -> r.joint().name());
        table.shown("torque.screws", 210, this::screws);
        table.typed("torque.value", 140, this::entered, this::keep);
        table.shown("torque.other", 130, r -> r.other().map(Quantity::print).orElse(""));
        table.shown("torque.order", 90, r -> r.joint().order());
        VBox center = new VBox(10, table);
        VBox.setVgrow(table, Priority.ALWAYS);
        center.setPadding(new Insets(16, 16, 16, 18));
        node.setCenter(center);
        node.setRight(new SidePanel(new OpenPointList(project, Place.TORQUE, go)));
        project.workspace().addListener(o -> refresh());
        project.sight().addListener(o -> refresh());
        refresh();
    }

    private static String steps(TighteningTable.Row row) {
        return String.join(", ", row.steps().stream().map(String::valueOf).toList());
    }

    private String screws(TighteningTable.Row row) {
        String grade = row.joint().propertyClass();
        return row.fastener()
                        .map(Part::label)
                        .map(part -> row.joint().count() + " × " + part)
                        .orElse("")
                + (grade.isEmpty() ? "" : ", " + grade);
    }

    private String entered(TighteningTable.Row row) {
        return row.entered().map(Quantity::print).orElse(words.of("torque.open"));
    }

    private void keep(TighteningTable.Row row, String typed) {
        Value value = new Value.Known(Quantity.parse(typed), List.of(), true);
        Joint joint = row.joint().withTorque(value);
        project.apply(Edit.named("edit.torque", m -> m.withJoint(joint)));
    }

    private void refresh() {
        table.show(
                TighteningTable.of(project.manual(), project.sight().get()), r -> r.joint().id());
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
