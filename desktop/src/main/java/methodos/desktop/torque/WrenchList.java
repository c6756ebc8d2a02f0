package methodos.desktop.torque;

import java.util.function.Consumer;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import methodos.core.edit.TorqueEdits;
import methodos.core.manual.Wrench;
import methodos.core.quantity.Quantity;
import methodos.core.torque.WrenchScale;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** The torque wrenches of the shop: added with name and range, taken out again. */
final class WrenchList extends VBox {

    private final OpenProject project;
    private final Words words;
    private final Consumer<String> message;
    private final VBox rows = new VBox(2);
    private final TextField name;
    private final TextField range;

    WrenchList(OpenProject project, Consumer<String> message) {
        super(6);
        this.project = project;
        this.words = project.words();
        this.message = message;
        name = Controls.named(new TextField(), "wrenchName", words.of("torque.wrench.name"));
        name.setPrefWidth(80);
        range = Controls.named(new TextField(), "wrenchRange", words.of("torque.wrench.range"));
        range.setOnAction(e -> add());
        getChildren()
                .addAll(
                        Controls.label(words.of("torque.wrenches"), "panel-head"),
                        rows,
                        new HBox(6, name, range),
                        Controls.button("addWrench", words.of("torque.wrench.add"), this::add));
    }

    private void add() {
        try {
            Quantity typed = Quantity.parse(range.getText());
            if (name.getText().isBlank() || !WrenchScale.isScale(typed)) {
                message.accept(words.of("torque.wrench.wrong"));
                return;
            }
            project.apply(TorqueEdits.addWrench(name.getText().strip(), typed));
            name.clear();
            range.clear();
        } catch (IllegalArgumentException e) {
            message.accept(e.getMessage());
        }
    }

    void refresh() {
        rows.getChildren().clear();
        for (Wrench wrench : project.manual().wrenches()) {
            rows.getChildren()
                    .add(
                            new HBox(
                                    8,
                                    Controls.label(wrench.name() + "  " + wrench.range().print()),
                                    Controls.link(
                                            "deleteWrench-" + wrench.id(),
                                            words.of("torque.wrench.delete"),
                                            () ->
                                                    project.apply(
                                                            TorqueEdits.deleteWrench(
                                                                    wrench.id())))));
        }
    }
}
