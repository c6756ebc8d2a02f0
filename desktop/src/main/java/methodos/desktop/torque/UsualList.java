package methodos.desktop.torque;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import methodos.core.edit.TorqueEdits;
import methodos.core.manual.TorqueDefault;
import methodos.core.torque.UsualTorque;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** The usual torques by thread and class, for joints without a value of their own. */
final class UsualList extends VBox {

    /** "M6, 8.8, dry: 9.5 N·m"; the state of the thread may be left out. */
    private final OpenProject project;

    private final Consumer<String> message;
    private final VBox rows = new VBox(2);

    UsualList(OpenProject project, Consumer<String> message) {
        super(6);
        this.project = project;
        this.message = message;
        TextField add =
                Controls.named(new TextField(), "addUsual", project.words().of("torque.usual.add"));
        add.setOnAction(
                e -> {
                    if (add(add.getText().strip())) {
                        add.clear();
                    }
                });
        getChildren()
                .addAll(
                        Controls.label(project.words().of("torque.usual"), "panel-head"),
                        rows,
                        add);
    }

    private boolean add(String typed) {
        try {
            TorqueDefault usual =
                    UsualTorque.parse(typed)
                            .orElseThrow(
                                    () ->
                                            new IllegalArgumentException(
                                                    project.words().of("torque.usual.add")));
            List<TorqueDefault> all = new ArrayList<>(project.manual().torqueDefaults());
            all.add(usual);
            project.apply(TorqueEdits.usual(all));
            return true;
        } catch (IllegalArgumentException bad) {
            message.accept(bad.getMessage());
            return false;
        }
    }

    void refresh() {
        rows.getChildren().clear();
        List<TorqueDefault> all = project.manual().torqueDefaults();
        for (int i = 0; i < all.size(); i++) {
            TorqueDefault d = all.get(i);
            List<TorqueDefault> rest = new ArrayList<>(all);
            rest.remove(i);
            String state = d.condition().isEmpty() ? "" : ", " + d.condition();
            rows.getChildren()
                    .add(
                            new HBox(
                                    8,
                                    Controls.label(
                                            d.thread()
                                                    + ", "
                                                    + d.propertyClass()
                                                    + state
                                                    + ": "
                                                    + d.torque().print()),
                                    Controls.link(
                                            "deleteUsual-" + i,
                                            project.words().of("torque.wrench.delete"),
                                            () -> project.apply(TorqueEdits.usual(rest)))));
        }
    }
}
