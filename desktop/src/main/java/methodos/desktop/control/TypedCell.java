package methodos.desktop.control;

import java.util.function.BiFunction;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.TableCell;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;

/**
 * A cell that is typed into. What is not understood stays in the field until it is mended or given
 * up with Escape.
 */
final class TypedCell<T> extends TableCell<T, String> {

    private static final PseudoClass REFUSED = PseudoClass.getPseudoClass("refused");

    private final BiFunction<T, String, Boolean> keep;
    private TextField field;

    /**
     * @param keep takes what was typed for a row, and says whether it was understood
     */
    TypedCell(BiFunction<T, String, Boolean> keep) {
        this.keep = keep;
    }

    /** Puts this text in the place of what is there, to go on from. */
    void type(String text) {
        field.setText(text);
        Platform.runLater(field::end);
    }

    @Override
    public void startEdit() {
        super.startEdit();
        if (!isEditing() || getTableRow() == null || getTableRow().getItem() == null) {
            return;
        }
        field = new TextField(getItem());
        field.getStyleClass().add("cell-field");
        field.setOnAction(
                e -> {
                    keep();
                    e.consume();
                });
        field.setOnKeyPressed(
                e -> {
                    if (e.getCode() == KeyCode.ESCAPE) {
                        cancelEdit();
                        e.consume();
                    }
                });
        field.focusedProperty()
                .addListener(
                        (o, was, is) -> {
                            if (!is && isEditing()) {
                                keep();
                            }
                        });
        setGraphic(field);
        setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        field.selectAll();
        field.requestFocus();
    }

    private void keep() {
        String typed = field.getText().strip();
        if (typed.equals(getItem()) || keep.apply(getTableRow().getItem(), typed)) {
            cancelEdit();
        } else {
            field.pseudoClassStateChanged(REFUSED, true);
        }
    }

    @Override
    public void cancelEdit() {
        boolean typing = field != null && field.isFocused();
        super.cancelEdit();
        setGraphic(null);
        setContentDisplay(ContentDisplay.TEXT_ONLY);
        if (typing) {
            getTableView().requestFocus(); // but not where something else was clicked on
        }
    }

    @Override
    protected void updateItem(String item, boolean empty) {
        super.updateItem(item, empty);
        setText(empty ? null : item);
        if (empty) {
            setGraphic(null);
        }
    }
}
