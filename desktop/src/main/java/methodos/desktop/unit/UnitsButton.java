package methodos.desktop.unit;

import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.MenuButton;
import methodos.core.manual.Applicability;
import methodos.desktop.project.OpenProject;

/** Says in words for which units something is; opened, it is chosen. */
public final class UnitsButton extends MenuButton {

    private final OpenProject project;
    private final String prefix;

    /**
     * @param id what the ids of the controls begin with
     * @param prefix what stands before the words, such as the name of a kit; may be empty
     */
    public UnitsButton(OpenProject project, String id, String prefix) {
        this.project = project;
        this.prefix = prefix;
        setId(id + "Units");
        getStyleClass().add("units-button");
    }

    /**
     * @param chosen called with each change
     */
    public void show(Applicability now, Consumer<Applicability> chosen) {
        say(now);
        UnitsChooser chooser =
                new UnitsChooser(
                        project,
                        getId(),
                        now,
                        a -> {
                            say(a);
                            chosen.accept(a);
                        });
        chooser.setPadding(new Insets(6));
        getItems().setAll(new CustomMenuItem(chooser, false));
    }

    private void say(Applicability units) {
        setText((prefix.isEmpty() ? "" : prefix + ": ") + project.words().of(units));
        setAccessibleText(getText());
    }
}
