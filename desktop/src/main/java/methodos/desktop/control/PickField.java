package methodos.desktop.control;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.collections.FXCollections;
import javafx.geometry.Bounds;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.stage.Popup;
import methodos.core.vocabulary.Nouns;
import methodos.core.words.Words;
import methodos.desktop.theme.TextSize;

/**
 * A field that offers what is known while one types and takes what is new, which it says. Enter
 * takes the chosen line; where none is chosen, what is known and typed in whichever case and
 * number, or by its item number, or else the only line that is offered. Nothing is taken by merely
 * moving through the list.
 */
public final class PickField extends TextField {

    private static final int MOST = 8;
    private static final double LINE = 26;

    private final List<String> known;
    private final Consumer<String> taken;
    private final Words words;

    /** What is known and offered, and in the end what is typed where that is new. */
    private final ListView<String> list = new ListView<>();

    private final StackPane sheet = new StackPane(list); // carries the colours of the window
    private final Popup popup = new Popup();

    /**
     * @param taken gets the words, stripped and not empty
     */
    public PickField(List<String> known, Words words, Consumer<String> taken) {
        this.known = known;
        this.words = words;
        this.taken = taken;
        setMaxWidth(Double.MAX_VALUE);
        list.setFocusTraversable(false);
        list.getStyleClass().add("pick-list");
        list.setCellFactory(l -> new Line());
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
        String typed = getText().strip();
        List<String> offered = new ArrayList<>(fitting(typed));
        if (!typed.isEmpty() && offered.stream().noneMatch(k -> same(k, typed))) {
            offered.add(typed);
        }
        list.setItems(FXCollections.observableList(offered));
        int lines = Math.min(MOST, list.getItems().size());
        if (lines == 0 || !isFocused() || getScene() == null) {
            popup.hide();
            return;
        }
        list.getSelectionModel().clearSelection();
        double factor = TextSize.factor().get();
        list.setFixedCellSize(LINE * factor);
        list.setPrefSize(Math.max(getWidth(), 220) * factor, lines * LINE * factor + 2);
        sheet.getStylesheets().setAll(getScene().getStylesheets());
        sheet.getStyleClass().setAll(getScene().getRoot().getStyleClass());
        Bounds field = localToScreen(getBoundsInLocal());
        popup.show(this, field.getMinX(), field.getMaxY() + 1);
    }

    /** What is known and holds what is typed, in the singular too. */
    private List<String> fitting(String typed) {
        String lower = typed.toLowerCase(Locale.ROOT);
        String one = Nouns.singular(lower);
        return known.stream()
                .filter(
                        k -> {
                            String line = k.toLowerCase(Locale.ROOT);
                            return line.contains(lower) || line.contains(one);
                        })
                .toList();
    }

    /** Whether a line is what is typed: all of it, its name, or the number of its item. */
    private static boolean same(String line, String typed) {
        String lower = Nouns.singular(typed.toLowerCase(Locale.ROOT));
        String[] halves = line.toLowerCase(Locale.ROOT).split(PartLine.BETWEEN, 2);
        return Stream.concat(Stream.of(line.toLowerCase(Locale.ROOT)), Stream.of(halves))
                .anyMatch(l -> Nouns.singular(l).equals(lower));
    }

    private void take() {
        String chosen = popup.isShowing() ? list.getSelectionModel().getSelectedItem() : null;
        String meant = chosen == null ? meant(getText().strip()) : chosen;
        popup.hide();
        if (!meant.isEmpty()) {
            clear();
            popup.hide();
            taken.accept(meant);
        }
    }

    private String meant(String typed) {
        if (typed.isEmpty()) {
            return typed;
        }
        List<String> same = known.stream().filter(k -> same(k, typed)).toList();
        List<String> fitting = same.isEmpty() ? fitting(typed) : same;
        return fitting.size() == 1 ? fitting.get(0) : typed;
    }

    /** A line of the list; what nobody knows yet says that it is new. */
    private final class Line extends ListCell<String> {
        @Override
        protected void updateItem(String item, boolean empty) {
            super.updateItem(item, empty);
            boolean isNew = item != null && !known.contains(item);
            setText(empty ? null : isNew ? words.of("pick.new", item) : item);
        }
    }
}
