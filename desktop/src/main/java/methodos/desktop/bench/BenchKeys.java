package methodos.desktop.bench;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;

/** The keyboard at the bench: it does what the large keys do. */
final class BenchKeys {

    private static final String TYPED = "0123456789.,-/";

    /** What the keys do. */
    interface Deeds {
        /** What the large key says. */
        void enter();

        /** Goes back to the step; whether there was anywhere to go back from. */
        boolean back();

        /** Takes a digit, a point, a sign, or {@link NumberPad#BACK}. */
        void key(String key);
    }

    private final Parent bench;
    private final Deeds deeds;

    private BenchKeys(Parent bench, Deeds deeds) {
        this.bench = bench;
        this.deeds = deeds;
    }

    static void of(Parent bench, Deeds deeds) {
        BenchKeys keys = new BenchKeys(bench, deeds);
        bench.addEventFilter(KeyEvent.KEY_PRESSED, keys::pressed);
        bench.addEventFilter(KeyEvent.KEY_TYPED, keys::typed);
    }

    private boolean typing() {
        return bench.getScene() != null
                && bench.getScene().getFocusOwner() instanceof TextInputControl;
    }

    private void pressed(KeyEvent e) {
        if (e.getCode() == KeyCode.F11) {
            full();
            e.consume();
        } else if (e.getCode() == KeyCode.ESCAPE) {
            if (deeds.back()) {
                e.consume();
            }
        } else if (!typing() && e.getCode() == KeyCode.ENTER) {
            deeds.enter();
            e.consume();
        } else if (!typing() && e.getCode() == KeyCode.BACK_SPACE) {
            deeds.key(NumberPad.BACK);
            e.consume();
        }
    }

    private void typed(KeyEvent e) {
        String key = e.getCharacter();
        if (!typing() && key.length() == 1 && TYPED.contains(key)) {
            deeds.key(key);
            e.consume();
        }
    }

    private void full() {
        if (bench.getScene() != null && bench.getScene().getWindow() instanceof Stage stage) {
            stage.setFullScreen(!stage.isFullScreen());
        }
    }

    /** Where nothing is typed, a digit is the key of that number on the card. */
    static void nth(Parent card, String digit) {
        int number = TYPED.indexOf(digit);
        List<Node> keys =
                card.lookupAll(".bench-key").stream()
                        .filter(k -> k instanceof Button && !k.isDisabled())
                        .toList();
        if (number > 0 && number <= keys.size()) {
            ((Button) keys.get(number - 1)).fire();
        }
    }
}
