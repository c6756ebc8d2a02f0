package methodos.desktop.bench;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.desktop.control.Controls;

/** What stands at the right: a message, what is asked, the keys to answer with, and the waits. */
final class BenchSide {

    /** Width where there is room; where the window is narrow, a share of it, down to the least. */
    private static final double WIDTH = 440;

    private static final double SHARE = 0.42;
    private static final double LEAST = 352;

    /** Lower than this, waits and messages are read by scrolling, beside what is asked. */
    private static final double LOW = 700;

    private static final double ASKED_LEAST = 130;
    private static final double BESIDE_PAD = 118;
    private static final double HIGHEST_PAD = 330;
    private static final double GAP = 12;

    private final NumberPad pad;
    private final WaitCards waits;
    private final Label message = Controls.prose("", "bench-message");
    private final VBox asked = new VBox(GAP);
    private final VBox node = new VBox(GAP);
    private boolean low;

    BenchSide(NumberPad pad, WaitCards waits) {
        this.pad = pad;
        this.waits = waits;
        message.setId("benchMessage");
        message.setMinHeight(Region.USE_PREF_SIZE);
        message.setMaxWidth(Double.MAX_VALUE);
    }

    Region node() {
        return node;
    }

    /** What is asked. */
    VBox asked() {
        return asked;
    }

    void say(String sentence) {
        message.setText(sentence);
        Controls.seen(message, !sentence.isEmpty());
    }

    /** Takes the width that is right in a window, and says which it is. */
    double wide(double window) {
        double width = Math.max(LEAST, Math.min(WIDTH, SHARE * window));
        node.setMinWidth(width);
        node.setPrefWidth(width);
        node.setMaxWidth(width);
        return width;
    }

    /** Whether it is to be laid out anew for a window that is so high. */
    boolean high(double window) {
        boolean was = low;
        low = window > 0 && window < LOW;
        return was != low;
    }

    /**
     * @param keys whether it is answered by the keys for numbers
     * @param instruments a key for each that can answer
     */
    void show(Node body, boolean keys, List<Button> instruments) {
        asked.getChildren().setAll(body);
        ScrollPane scroll = new ScrollPane(asked);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().addAll("place", "bench-asked");
        scroll.setMinHeight(ASKED_LEAST);
        VBox.setVgrow(scroll, keys ? Priority.SOMETIMES : Priority.ALWAYS);
        node.getChildren().setAll(scroll);
        if (keys) {
            node.getChildren().add(pad(instruments));
        } else {
            node.getChildren().addAll(instruments);
        }
        if (low) {
            asked.getChildren().addAll(0, List.of(message, waits.node()));
        } else {
            node.getChildren().add(0, message);
            node.getChildren().add(waits.node());
        }
    }

    private Region pad(List<Button> instruments) {
        HBox.setHgrow(pad.node(), Priority.ALWAYS);
        HBox row = new HBox(10, pad.node());
        if (!instruments.isEmpty()) {
            VBox column = new VBox(10);
            column.getChildren().addAll(instruments);
            column.setMinWidth(BESIDE_PAD);
            column.setMaxWidth(BESIDE_PAD);
            row.getChildren().add(column);
        }
        row.setMaxHeight(HIGHEST_PAD);
        VBox.setVgrow(row, Priority.ALWAYS);
        return row;
    }
}
