package methodos.desktop.seam;

import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import methodos.core.narration.Caption;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;

/**
 * The words of a caption, corrected where they stand; below them what was recognised. Enter and
 * leaving the field keep them, Escape leaves them as they were.
 */
final class CaptionField extends VBox {

    private final Words words;
    private final TextArea field = new TextArea();
    private final Label recognised = Controls.prose("", "soft");
    private final Node back;
    private Consumer<String> keep;

    /**
     * @param back what has the focus afterwards
     */
    CaptionField(Words words, Node back) {
        this.words = words;
        this.back = back;
        Controls.named(field, "captionField", words.of("caption.field"));
        field.setWrapText(true);
        field.setPrefRowCount(3);
        recognised.setId("recognised");
        getChildren().addAll(field, recognised);
        getStyleClass().add("caption-field");
        setVisible(false);
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        field.focusedProperty()
                .addListener(
                        (o, was, is) -> {
                            if (!is) {
                                end(true);
                            }
                        });
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ENTER && !e.isShiftDown() || e.getCode() == KeyCode.ESCAPE) {
            end(e.getCode() == KeyCode.ENTER);
            back.requestFocus();
            e.consume();
        }
    }

    /**
     * @param kept called with other words than before
     */
    void open(Caption caption, Consumer<String> kept) {
        keep = kept;
        field.setText(caption.words());
        recognised.setText(words.of("caption.recognised", caption.asRecognised()));
        setVisible(true);
        field.requestFocus();
        field.selectAll();
    }

    /** Puts it away; without words it leaves them as they were. */
    private void end(boolean kept) {
        Consumer<String> told = keep;
        keep = null;
        setVisible(false);
        String typed = field.getText().strip().replaceAll("\\s+", " ");
        if (told != null && kept && !typed.isEmpty()) {
            told.accept(typed);
        }
    }
}
