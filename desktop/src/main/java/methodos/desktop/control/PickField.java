package methodos.desktop.control;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.collections.FXCollections;
import javafx.geometry.Bounds;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.stage.Popup;

/**
 * A field that offers what is known while one types and takes what is new. Enter takes the chosen
 * line, or the typed words where none is chosen; nothing is taken by merely moving through the
 * list.
 */
public final class PickField extends TextField {

    private static final int MOST = 8;
    private static final double LINE = 26;

    private final List<String> known;
    private final Consumer<String> taken;
    private final ListView<String> list = new ListView<>();
    private final StackPane sheet = new StackPane(list); // carries the colours of the window
    private final Popup popup = new Popup();

    /**
     * @param taken gets the words, stripped and not empty
     */
    public PickField(List<String> known, Consumer<String> taken) {
        this.known = known;
        this.taken = taken;
        setMaxWidth(Double.MAX_VALUE);
        list.setFocusTraversable(false);
        list.setFixedCellSize(LINE);
        list.getStyleClass().add("pick-list");
        list.setOnMouseClicked(e -> take());
        popup.setAutoHide(true);
        popup.getContent().add(sheet);
        textProperty().addListener(o -> offer());
        focusedProperty().addListener(o -> popup.hide());
        setOnMouseClicked(e -> offer());
        setOnAction(e -> take());
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    private void key(KeyEvent e) {
        switch (e.getCode()) {
            case DOWN -> {
                if (!popup.isShowing()) {
                    offer();
                }
                move(1);
                e.consume();
            }
            case UP -> {
                move(-1);
                e.consume();
            }
            case ESCAPE -> {
                if (popup.isShowing()) {
                    popup.hide();
                    e.consume();
                }
            }
            default -> {}
        }
    }

    private void move(int by) {
        int at = list.getSelectionModel().getSelectedIndex() + by;
        if (at < 0) {
            list.getSelectionModel().clearSelection();
        } else if (at < list.getItems().size()) {
            list.getSelectionModel().select(at);
            list.scrollTo(at);
        }
    }

    private void offer() {
        String typed = getText().strip().toLowerCase(Locale.ROOT);
        list.setItems(
                FXCollections.observableList(
                        known.stream()
                                .filter(k -> k.toLowerCase(Locale.ROOT).contains(typed))
                                .toList()));
        int lines = Math.min(MOST, list.getItems().size());
        if (lines == 0 || !isFocused() || getScene() == null) {
            popup.hide();
            return;
        }
        list.getSelectionModel().clearSelection();
        list.setPrefSize(Math.max(getWidth(), 220), lines * LINE + 2);
        sheet.getStylesheets().setAll(getScene().getStylesheets());
        sheet.getStyleClass().setAll(getScene().getRoot().getStyleClass());
        Bounds field = localToScreen(getBoundsInLocal());
        popup.show(this, field.getMinX(), field.getMaxY() + 1);
    }

    private void take() {
        String chosen = popup.isShowing() ? list.getSelectionModel().getSelectedItem() : null;
        String words = chosen == null ? getText().strip() : chosen;
        popup.hide();
        if (!words.isEmpty()) {
            clear();
            popup.hide();
            taken.accept(words);
        }
    }
}
