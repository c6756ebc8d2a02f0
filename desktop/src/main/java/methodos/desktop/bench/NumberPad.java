package methodos.desktop.bench;

import java.util.function.Consumer;
import javafx.geometry.HPos;
import javafx.scene.control.Button;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.RowConstraints;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;

/** Keys for numbers, large enough for a finger in a glove. */
final class NumberPad {

    static final String BACK = "\u232b";

    private static final int COLUMNS = 3;
    private static final double GAP = 10;

    private final GridPane node = new GridPane();

    /**
     * @param press told what is typed: a digit, a point, a sign, or {@link #BACK}
     */
    NumberPad(Words words, Consumer<String> press) {
        node.setHgap(GAP);
        node.setVgap(GAP);
        node.setId("numberPad");
        for (int i = 0; i < COLUMNS; i++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setPercentWidth(100.0 / COLUMNS);
            column.setHalignment(HPos.CENTER);
            node.getColumnConstraints().add(column);
        }
        String[] keys = {"7", "8", "9", "4", "5", "6", "1", "2", "3", "0", ".", BACK};
        for (int i = 0; i < keys.length; i++) {
            String key = keys[i];
            Button button = Controls.button("pad" + name(key), key, () -> press.accept(key));
            button.setAccessibleText(key.equals(BACK) ? words.of("bench.deleteKey") : key);
            button.getStyleClass().addAll("bench-key", "bench-pad-key");
            button.setMaxSize(Double.MAX_VALUE, Double.MAX_VALUE);
            button.setFocusTraversable(false); // the keyboard has keys of its own
            node.add(button, i % COLUMNS, i / COLUMNS);
        }
        for (int i = 0; i < keys.length / COLUMNS; i++) {
            RowConstraints row = new RowConstraints();
            row.setVgrow(Priority.ALWAYS);
            node.getRowConstraints().add(row);
        }
    }

    private static String name(String key) {
        return key.equals(BACK) ? "Back" : key.equals(".") ? "Point" : key;
    }

    Region node() {
        return node;
    }
}
