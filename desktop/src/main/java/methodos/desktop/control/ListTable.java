package methodos.desktop.control;

import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.collections.FXCollections;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.control.cell.ComboBoxTableCell;
import javafx.scene.control.cell.TextFieldTableCell;
import methodos.core.words.Words;

/**
 * A table of things of the manual, some columns of which are changed in place. What is typed and
 * not understood is said, and the cell shows again what is kept.
 */
public final class ListTable<T> extends TableView<T> {

    private final Words words;
    private final Consumer<String> message;

    /**
     * @param message says the sentence of an entry that is refused
     */
    public ListTable(Words words, Consumer<String> message) {
        this.words = words;
        this.message = message;
        setEditable(true);
    }

    /** A column that is only read. */
    public void shown(String key, double width, Function<T, String> read) {
        column(key, width, read).setEditable(false);
    }

    /**
     * A column that is typed into.
     *
     * @param write keeps the text; an {@link IllegalArgumentException} says why it does not
     */
    public void typed(
            String key, double width, Function<T, String> read, BiConsumer<T, String> write) {
        TableColumn<T, String> column = column(key, width, read);
        column.setCellFactory(TextFieldTableCell.forTableColumn());
        column.setOnEditCommit(
                e -> {
                    try {
                        write.accept(e.getRowValue(), e.getNewValue().strip());
                    } catch (IllegalArgumentException bad) {
                        message.accept(bad.getMessage());
                        refresh();
                    }
                });
    }

    /** A column with one of a few values. */
    public <E extends Enum<E>> void chosen(
            String key, double width, Function<T, E> read, BiConsumer<T, E> write, E[] values) {
        TableColumn<T, E> column = new TableColumn<>(words.of(key));
        column.setPrefWidth(width);
        column.setCellValueFactory(f -> new ReadOnlyObjectWrapper<>(read.apply(f.getValue())));
        column.setCellFactory(ComboBoxTableCell.forTableColumn(NameConverter.of(words), values));
        column.setOnEditCommit(e -> write.accept(e.getRowValue(), e.getNewValue()));
        getColumns().add(column);
    }

    private TableColumn<T, String> column(String key, double width, Function<T, String> read) {
        TableColumn<T, String> column = new TableColumn<>(words.of(key));
        column.setPrefWidth(width);
        column.setCellValueFactory(f -> new ReadOnlyStringWrapper(read.apply(f.getValue())));
        getColumns().add(column);
        return column;
    }

    /** Shows these rows; the chosen one stays chosen where it is still there. */
    public void show(List<T> rows, Function<T, String> id) {
        T selected = getSelectionModel().getSelectedItem();
        setItems(FXCollections.observableList(rows));
        if (selected != null) {
            choose(r -> id.apply(r).equals(id.apply(selected)));
        }
    }

    /** Chooses the first row of a kind and brings it into view. */
    public void choose(Predicate<T> which) {
        getItems().stream()
                .filter(which)
                .findFirst()
                .ifPresent(
                        r -> {
                            getSelectionModel().select(r);
                            scrollTo(r);
                        });
    }
}
