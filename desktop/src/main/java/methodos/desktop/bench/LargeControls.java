package methodos.desktop.bench;

import java.util.List;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.desktop.control.Controls;

/** Controls that a finger in a glove hits, and text that is read from an arm's length. */
final class LargeControls {

    private LargeControls() {}

    /** A key with words on it. */
    static Button key(String id, String text, Runnable action) {
        Button button = Controls.button(id, text, action);
        button.getStyleClass().add("bench-key");
        button.setMaxWidth(Double.MAX_VALUE);
        button.setWrapText(true);
        return button;
    }

    static Label head(String text) {
        return Controls.prose(text, "bench-head");
    }

    static Label prose(String text, String... styles) {
        Label label = Controls.prose(text, styles);
        label.getStyleClass().add("bench-prose");
        return label;
    }

    static TextField field(String id, String name) {
        TextField field = Controls.named(new TextField(), id, name);
        field.getStyleClass().add("bench-field");
        return field;
    }

    /** One below the other, on a card. */
    static VBox card(Node... nodes) {
        VBox card = new VBox(12, nodes);
        card.getStyleClass().add("bench-card");
        card.setPadding(new Insets(16, 18, 16, 18));
        card.setMinHeight(Region.USE_PREF_SIZE);
        return card;
    }

    /** The same of a list. */
    static VBox card(List<? extends Node> nodes) {
        return card(nodes.toArray(Node[]::new));
    }
}
