package methodos.desktop.seam;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import methodos.core.edit.Edit;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** Something that a step uses or does, with a button that takes it out. */
final class UsedLine extends HBox {

    UsedLine(OpenProject project, String removeId, String text, Edit remove) {
        super(6);
        Label name = Controls.prose(text);
        HBox.setHgrow(name, Priority.ALWAYS);
        name.setMaxWidth(Double.MAX_VALUE);
        Button out = Controls.button(removeId, "×", () -> project.apply(remove));
        out.setAccessibleText(project.words().of("step.removeTool", text));
        setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(name, out);
    }
}
