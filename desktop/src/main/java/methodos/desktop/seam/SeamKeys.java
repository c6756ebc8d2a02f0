package methodos.desktop.seam;

import java.util.EnumSet;
import java.util.Set;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import methodos.desktop.control.Controls;

/** The single keys of a place, which act while no field has the focus. */
final class SeamKeys {

    /** What changes the manual does so once for each press, however long the key is held. */
    private static final Set<KeyCode> CHANGING =
            EnumSet.of(
                    KeyCode.ENTER,
                    KeyCode.X,
                    KeyCode.D,
                    KeyCode.A,
                    KeyCode.U,
                    KeyCode.S,
                    KeyCode.M,
                    KeyCode.K);

    private final Function<KeyEvent, Runnable> actions;
    private KeyCode held;

    /** Whether the key that was pressed last has acted. */
    private boolean acted;

    /**
     * @param actions what a key does, null for nothing
     */
    SeamKeys(Node node, Function<KeyEvent, Runnable> actions) {
        this.actions = actions;
        node.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        node.addEventFilter(KeyEvent.KEY_TYPED, this::typed);
        node.addEventFilter(KeyEvent.KEY_RELEASED, e -> held = null);
        node.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> held = null);
    }

    private void pressed(KeyEvent e) {
        acted = false;
        if (isTaken(e) && !e.isAltDown()) {
            return;
        }
        Runnable action = actions.apply(e);
        if (action != null) {
            boolean repeated = e.getCode() == held && CHANGING.contains(held);
            held = e.getCode();
            if (!repeated) {
                action.run();
            }
            acted = true;
            e.consume();
        }
    }

    /** Does what a key does, as if it were pressed. */
    void press(KeyCode code, boolean alt) {
        Runnable action =
                actions.apply(
                        new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, alt, false));
        if (action != null) {
            action.run();
        }
    }

    /** Whether a key is for the control that has the focus, or for the whole window. */
    private static boolean isTaken(KeyEvent e) {
        return Controls.takesText(e.getTarget())
                || e.getTarget() instanceof ComboBoxBase
                || e.isControlDown()
                || e.getTarget() instanceof ButtonBase
                        && (e.getCode() == KeyCode.SPACE || e.getCode() == KeyCode.ENTER);
    }

    /** The letter of a key that has acted is not typed into the field that it leads to. */
    private void typed(KeyEvent e) {
        if (acted) {
            e.consume();
        }
    }
}
