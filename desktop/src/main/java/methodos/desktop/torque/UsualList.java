package methodos.desktop.torque;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import methodos.core.edit.TorqueEdits;
import methodos.core.manual.TorqueDefault;
import methodos.core.quantity.MeasureUnit.Dimension;
import methodos.core.quantity.Quantity;
import methodos.core.torque.PropertyClass;
import methodos.core.torque.ThreadCondition;
import methodos.core.torque.ThreadSize;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** The usual torques by thread and class, for joints without a value of their own. */
final class UsualList extends VBox {

    /** "M6, 8.8, dry: 9.5 N·m"; the state of the thread may be left out. */
    private static final Pattern LINE = Pattern.compile("([^,:]+),([^,:]+)(?:,([^,:]+))?:(.+)");

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
            Matcher m = LINE.matcher(typed);
            if (!m.matches()) {
                throw new IllegalArgumentException(project.words().of("torque.usual.add"));
            }
            String condition = m.group(3) == null ? "" : m.group(3).strip();
            ThreadSize.parse(m.group(1).strip());
            PropertyClass.parse(m.group(2).strip());
            ThreadCondition.parse(condition);
            Quantity torque = Quantity.parse(m.group(4).strip());
            if (torque.unit().dimension() != Dimension.TORQUE) {
                throw new IllegalArgumentException(
                        project.words().of("torque.noTorque", m.group(4).strip()));
            }
            List<TorqueDefault> all = new ArrayList<>(project.manual().torqueDefaults());
            all.add(new TorqueDefault(m.group(1).strip(), m.group(2).strip(), condition, torque));
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
