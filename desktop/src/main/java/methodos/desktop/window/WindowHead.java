package methodos.desktop.window;

import java.util.List;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import methodos.core.edit.Edit;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.EditWords;
import methodos.desktop.project.OpenProject;

/**
 * The head of the window: what is shown, for which units, what can be taken back, what is saved.
 */
final class WindowHead extends HBox {

    private final OpenProject project;
    private final Words words;
    private final PlacesMenu places;
    private final Label name = Controls.label("", "place-name");
    private final Label subtitle = Controls.label("", "place-subtitle");
    private final Button back;
    private final Button undo;
    private final Button redo;

    WindowHead(MainWindow window, OpenProject project, PlacesMenu places) {
        super(12);
        this.project = project;
        this.words = project.words();
        this.places = places;
        this.back = Controls.link("backToFinding", words.of("checks.back"), window::backToFinding);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        undo = arrow("undo", "↶", window::undo);
        redo = arrow("redo", "↷", window::redo);
        Button kept = Controls.link("kept", "", window::showEarlierStates);
        kept.getStyleClass().add("kept");
        kept.textProperty()
                .bind(
                        Bindings.createStringBinding(
                                () -> project.saving().get().words(), project.saving()));
        Tooltip.install(kept, new Tooltip(words.of("states.tip")));
        Controls.seen(back, false);
        Controls.seen(places, false);
        getChildren()
                .addAll(places, name, subtitle, back, gap, new LensMenu(project), undo, redo, kept);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("head");
        HBox.setHgrow(subtitle, Priority.NEVER);
        for (Region whole : List.of(places, name, back, undo, redo, kept)) {
            whole.setMinWidth(USE_PREF_SIZE);
        }
        project.workspace().addListener(o -> names());
        names();
    }

    private static Button arrow(String id, String text, Runnable action) {
        Button button = Controls.button(id, text, action);
        button.getStyleClass().add("arrow");
        return button;
    }

    private void names() {
        name(undo, "undo.name", "undo.nothing", project.edits().undoable());
        name(redo, "redo.name", "redo.nothing", project.edits().redoable());
    }

    private void name(Button button, String key, String nothing, Optional<Edit> edit) {
        String text =
                edit.map(e -> words.of(key, EditWords.of(e, words))).orElse(words.of(nothing));
        button.setDisable(edit.isEmpty());
        button.setAccessibleText(text);
        button.setTooltip(new Tooltip(text));
    }

    /**
     * @param behind what stands behind the title; may be empty
     */
    void title(String title, String behind) {
        name.setText(title);
        subtitle.setText(behind);
        subtitle.setTooltip(behind.isEmpty() ? null : new Tooltip(behind));
    }

    /** Whether the order of work is a menu here, since there is no room for it at the left. */
    void folded(boolean folded) {
        Controls.seen(places, folded);
    }

    /** Whether a way back to the finding is offered. */
    void backToFinding(boolean offered) {
        Controls.seen(back, offered);
    }

    boolean leadsBack() {
        return back.isVisible();
    }
}
