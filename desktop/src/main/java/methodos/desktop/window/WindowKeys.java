package methodos.desktop.window;

import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import methodos.desktop.control.Controls;
import methodos.desktop.place.Place;

/** The keys that act in every place. */
final class WindowKeys {

    private static final KeyCombination UNDO = shortcut(KeyCode.Z);
    private static final KeyCombination REDO =
            new KeyCodeCombination(
                    KeyCode.Z, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN);
    private static final KeyCombination FIND = shortcut(KeyCode.F);
    private static final KeyCombination SAVE = shortcut(KeyCode.S);

    private static final KeyCombination OTHERS = shortcut(KeyCode.O);

    private final MainWindow window;

    private WindowKeys(MainWindow window) {
        this.window = window;
    }

    static void of(MainWindow window) {
        WindowKeys keys = new WindowKeys(window);
        window.root().addEventFilter(KeyEvent.KEY_PRESSED, keys::pressed);
        window.root().addEventFilter(KeyEvent.KEY_TYPED, keys::typed);
    }

    private static KeyCombination shortcut(KeyCode code) {
        return new KeyCodeCombination(code, KeyCombination.SHORTCUT_DOWN);
    }

    private void pressed(KeyEvent e) {
        Runnable action = action(e);
        if (action != null) {
            action.run();
            e.consume();
        }
    }

    private Runnable action(KeyEvent e) {
        // what is typed in a field is taken back there first
        TextInputControl field = e.getTarget() instanceof TextInputControl t ? t : null;
        if (UNDO.match(e) && (field == null || !field.isUndoable())) {
            return window::undo;
        }
        if (REDO.match(e) && (field == null || !field.isRedoable())) {
            return window::redo;
        }
        if (FIND.match(e)) {
            return window::find;
        }
        if (SAVE.match(e)) {
            return window::save;
        }
        if (OTHERS.match(e)) {
            return window::others;
        }
        if (e.getCode() == KeyCode.F1) {
            return () -> window.guide(false);
        }
        if (e.getCode() == KeyCode.F4 && !e.isAltDown()) {
            return window::backToFinding;
        }
        if (e.isAltDown() && e.getCode().isDigitKey()) {
            int digit = Integer.parseInt(e.getCode().getName());
            Place place = Place.values()[digit == 0 ? 9 : digit - 1];
            return () -> window.show(place);
        }
        return null;
    }

    private void typed(KeyEvent e) {
        if (e.getCharacter().equals("?") && !Controls.takesText(e.getTarget())) {
            window.guide(true);
            e.consume();
        }
    }
}
