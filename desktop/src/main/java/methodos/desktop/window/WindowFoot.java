package methodos.desktop.window;

import javafx.animation.PauseTransition;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import methodos.desktop.control.Controls;

/** What is said at the foot of the window. */
final class WindowFoot {

    private static final Duration STAYS = Duration.seconds(8);

    private final Label message = Controls.label("", "message");
    private final PauseTransition fading = new PauseTransition(STAYS);
    private final VBox node;

    WindowFoot() {
        message.setId("message");
        message.setVisible(false);
        message.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(message, Priority.ALWAYS);
        // a place of its own: what is said moves nothing that somebody is about to click
        HBox said = new HBox(message);
        said.getStyleClass().add("foot");
        node = new VBox(said);
        fading.setOnFinished(e -> hide());
    }

    VBox node() {
        return node;
    }

    /** Says a sentence for a while. */
    void say(String sentence) {
        message.setOnMouseClicked(null);
        message.setText(sentence);
        message.setTooltip(new Tooltip(sentence));
        message.setVisible(true);
        fading.playFromStart();
    }

    /** Says a sentence that stays until somebody has seen it: a click takes it away. */
    void keep(String sentence) {
        say(sentence);
        fading.stop();
        message.setOnMouseClicked(e -> hide());
    }

    private void hide() {
        message.setVisible(false);
    }

    /** Lets what is said stand. */
    void still() {
        fading.stop();
    }
}
