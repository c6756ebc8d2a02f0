package methodos.desktop.control;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.collections.transformation.FilteredList;
import javafx.collections.transformation.SortedList;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TablePosition;
import javafx.scene.control.TableView;
import javafx.scene.control.cell.ComboBoxTableCell;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import methodos.core.manual.Manual;
import methodos.core.words.Naturally;
import methodos.core.words.Words;

/**
 * A table of things of the manual, some columns of which are changed in place: typed, chosen,
 * pasted from a spreadsheet, or filled down. However many cells it touches, a change is one change
 * of the manual; with a cell that is not understood nothing of it is done.
 */
public final class ListTable<T> extends TableView<T> {

    private static final KeyCombination PASTE =
            new KeyCodeCombination(KeyCode.V, KeyCombination.SHORTCUT_DOWN);
    private static final KeyCombination COPY =
            new KeyCodeCombination(KeyCode.C, KeyCombination.SHORTCUT_DOWN);
    private static final KeyCombination FILL =
            new KeyCodeCombination(KeyCode.D, KeyCombination.SHORTCUT_DOWN);

    /** What a column does with text: the change of the manual, or a sentence why not. */
    private record Column<T>(
            Function<T, String> read, BiFunction<T, String, UnaryOperator<Manual>> write) {}

    private final Words words;
    private final Consumer<UnaryOperator<Manual>> apply;
    private final Consumer<String> message;
    private final ObservableList<T> rows = FXCollections.observableArrayList();
    private final FilteredList<T> filtered = new FilteredList<>(rows);
    private final Map<TableColumn<T, ?>, Column<T>> columns = new HashMap<>();

    /**
     * @param apply makes a change of the manual
     * @param message says the sentence of an entry that is refused
     */
    public ListTable(Words words, Consumer<UnaryOperator<Manual>> apply, Consumer<String> message) {
        this.words = words;
        this.apply = apply;
        this.message = message;
        setEditable(true);
        getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        getSelectionModel().setCellSelectionEnabled(true);
        SortedList<T> sorted = new SortedList<>(filtered);
        sorted.comparatorProperty().bind(comparatorProperty());
        setItems(sorted);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        setOnContextMenuRequested(
                e ->
                        new DeedMenu("tableMenu")
                                .item("type", words.of("table.type"), () -> begin(null))
                                .item("copy", words.of("table.copy"), this::copy)
                                .item(
                                        "paste",
                                        words.of("table.paste"),
                                        () -> paste(Clipboard.getSystemClipboard().getString()))
                                .item("fill", words.of("table.fill"), this::fill)
                                .item(
                                        "empty",
                                        words.of("table.empty"),
                                        () -> change(cells(), c -> ""))
                                .show(this, e));
        addEventHandler(KeyEvent.KEY_TYPED, this::typed);
    }

    /** A column that is only read. */
    public void shown(String key, double width, Function<T, String> read) {
        column(words.of(key), width, read).setEditable(false);
    }

    /**
     * A column that is typed into.
     *
     * @param write what the text changes; an {@link IllegalArgumentException} says why it does not
     */
    public void typed(
            String key,
            double width,
            Function<T, String> read,
            BiFunction<T, String, UnaryOperator<Manual>> write) {
        typedUnder(words.of(key), width, read, write);
    }

    /** A column that is typed into, under a heading of its own. */
    public void typedUnder(
            String heading,
            double width,
            Function<T, String> read,
            BiFunction<T, String, UnaryOperator<Manual>> write) {
        TableColumn<T, String> column = column(heading, width, read);
        columns.put(column, new Column<>(read, write));
        column.setCellFactory(c -> new TypedCell<>((row, text) -> keep(row, text, write)));
    }

    private boolean keep(T row, String text, BiFunction<T, String, UnaryOperator<Manual>> write) {
        try {
            apply.accept(write.apply(row, text));
            return true;
        } catch (IllegalArgumentException bad) {
            message.accept(bad.getMessage());
            return false;
        }
    }

    /** A column with one of a few values. */
    public <E extends Enum<E>> void chosen(
            String key,
            double width,
            Function<T, E> read,
            BiFunction<T, E, UnaryOperator<Manual>> write,
            E[] values) {
        TableColumn<T, E> column = new TableColumn<>(words.of(key));
        column.setPrefWidth(width);
        column.setCellValueFactory(f -> new ReadOnlyObjectWrapper<>(read.apply(f.getValue())));
        column.setCellFactory(ComboBoxTableCell.forTableColumn(NameConverter.of(words), values));
        column.setOnEditCommit(e -> apply.accept(write.apply(e.getRowValue(), e.getNewValue())));
        columns.put(
                column,
                new Column<>(
                        r -> words.of(read.apply(r)),
                        (r, text) -> {
                            for (E value : values) {
                                if (words.of(value).equalsIgnoreCase(text)) {
                                    return write.apply(r, value);
                                }
                            }
                            throw new IllegalArgumentException(words.of("table.notOne", text));
                        }));
        getColumns().add(column);
    }

    private TableColumn<T, String> column(String heading, double width, Function<T, String> read) {
        TableColumn<T, String> column = new TableColumn<>(heading);
        column.setPrefWidth(width);
        column.setCellValueFactory(f -> new ReadOnlyStringWrapper(read.apply(f.getValue())));
        column.setComparator(Naturally.ORDER);
        getColumns().add(column);
        return column;
    }

    /** Shows these rows; the cells that were chosen stay so where they are still there. */
    public void show(List<T> now, Function<T, ?> id) {
        TablePosition<T, ?> focused = focusedCell();
        Object focusedId =
                focused == null || focused.getRow() < 0 || focused.getRow() >= getItems().size()
                        ? null
                        : id.apply(getItems().get(focused.getRow()));
        Map<Object, List<TableColumn<T, ?>>> chosen = new HashMap<>();
        for (TablePosition<T, ?> cell : cells()) {
            if (cell.getRow() < getItems().size()) {
                chosen.computeIfAbsent(
                                id.apply(getItems().get(cell.getRow())), k -> new ArrayList<>())
                        .add(cell.getTableColumn());
            }
        }
        rows.setAll(now);
        getSelectionModel().clearSelection();
        for (int i = 0; i < getItems().size(); i++) {
            Object row = id.apply(getItems().get(i));
            for (TableColumn<T, ?> column : chosen.getOrDefault(row, List.of())) {
                getSelectionModel().select(i, column);
            }
            if (row.equals(focusedId) && focused.getTableColumn() != null) {
                getFocusModel().focus(i, focused.getTableColumn());
            }
        }
    }

    /** Shows only rows of a kind. */
    public void filter(Predicate<T> which) {
        filtered.setPredicate(which);
    }

    /** Chooses the first row of a kind and brings it into view. */
    public void choose(Predicate<T> which) {
        for (int i = 0; i < getItems().size(); i++) {
            if (which.test(getItems().get(i))) {
                getSelectionModel().clearAndSelect(i, getColumns().get(0));
                scrollTo(i);
                return;
            }
        }
    }

    // ---------------------------------------------------------------- keys

    private boolean typing() {
        return getEditingCell() != null;
    }

    private void key(KeyEvent e) {
        if (typing()) {
            return;
        }
        if (PASTE.match(e)) {
            paste(Clipboard.getSystemClipboard().getString());
            e.consume();
        } else if (COPY.match(e)) {
            copy();
            e.consume();
        } else if (FILL.match(e)) {
            fill();
            e.consume();
        } else if (e.getCode() == KeyCode.F2 || e.getCode() == KeyCode.ENTER) {
            begin(null);
            e.consume();
        } else if (e.getCode() == KeyCode.DELETE) {
            change(cells(), c -> "");
            e.consume();
        }
    }

    /** A letter or digit begins to type into the cell that is in focus. */
    private void typed(KeyEvent e) {
        String text = e.getCharacter();
        boolean printable = !text.isEmpty() && text.charAt(0) >= ' ' && text.charAt(0) != 127;
        if (!typing() && printable && !e.isShortcutDown() && !e.isAltDown()) {
            begin(text);
            e.consume();
        }
    }

    private void begin(String text) {
        TablePosition<T, ?> at = focusedCell();
        if (at == null || at.getTableColumn() == null || at.getRow() < 0) {
            return;
        }
        scrollTo(at.getRow());
        scrollToColumn(at.getTableColumn());
        layout(); // a cell that is out of view is not there to be typed into
        edit(at.getRow(), at.getTableColumn());
        if (text != null) {
            lookupAll(".cell-field").stream()
                    .filter(n -> n.getParent() instanceof TypedCell<?> c && c.isEditing())
                    .findFirst()
                    .ifPresent(n -> ((TypedCell<?>) n.getParent()).type(text));
        }
    }

    @SuppressWarnings("unchecked")
    private TablePosition<T, ?> focusedCell() {
        return getFocusModel().getFocusedCell();
    }

    /** The chosen cells, by row and column. */
    private List<TablePosition<T, ?>> cells() {
        List<TablePosition<T, ?>> all = new ArrayList<>();
        for (TablePosition<?, ?> p : getSelectionModel().getSelectedCells()) {
            @SuppressWarnings("unchecked")
            TablePosition<T, ?> cell = (TablePosition<T, ?>) p;
            all.add(cell);
        }
        all.sort(
                (a, b) ->
                        a.getRow() != b.getRow()
                                ? Integer.compare(a.getRow(), b.getRow())
                                : Integer.compare(a.getColumn(), b.getColumn()));
        return all;
    }

    private void copy() {
        StringBuilder text = new StringBuilder();
        int row = -1;
        for (TablePosition<T, ?> cell : cells()) {
            if (row >= 0) {
                text.append(cell.getRow() == row ? '\t' : '\n');
            }
            row = cell.getRow();
            Object value = cell.getTableColumn().getCellData(row);
            text.append(value instanceof Enum<?> constant ? words.of(constant) : value);
        }
        ClipboardContent content = new ClipboardContent();
        content.putString(text.toString());
        Clipboard.getSystemClipboard().setContent(content);
    }

    /** Puts the topmost of the chosen cells of each column into those below it. */
    private void fill() {
        List<TablePosition<T, ?>> all = cells();
        Map<TableColumn<T, ?>, String> tops = new HashMap<>();
        for (TablePosition<T, ?> cell : all) {
            Column<T> column = columns.get(cell.getTableColumn());
            if (column != null) {
                tops.putIfAbsent(
                        cell.getTableColumn(), column.read().apply(getItems().get(cell.getRow())));
            }
        }
        change(all, cell -> tops.get(cell.getTableColumn()));
    }

    private void change(
            List<TablePosition<T, ?>> cells, Function<TablePosition<T, ?>, String> text) {
        List<UnaryOperator<Manual>> changes = new ArrayList<>();
        try {
            for (TablePosition<T, ?> cell : cells) {
                Column<T> column = columns.get(cell.getTableColumn());
                if (column != null) {
                    add(changes, column, getItems().get(cell.getRow()), text.apply(cell));
                }
            }
        } catch (IllegalArgumentException bad) {
            message.accept(bad.getMessage());
            return;
        }
        applyAll(changes);
    }

    private void add(List<UnaryOperator<Manual>> changes, Column<T> column, T row, String text) {
        if (!column.read().apply(row).equals(text)) {
            changes.add(column.write().apply(row, text));
        }
    }

    private void applyAll(List<UnaryOperator<Manual>> changes) {
        if (!changes.isEmpty()) {
            apply.accept(
                    m -> {
                        Manual now = m;
                        for (UnaryOperator<Manual> change : changes) {
                            now = change.apply(now);
                        }
                        return now;
                    });
        }
    }

    /** Puts rows of a spreadsheet over the cells from the one in focus on. */
    void paste(String text) {
        TablePosition<T, ?> at = focusedCell();
        if (text == null || text.isBlank() || at == null || at.getRow() < 0) {
            return;
        }
        List<String> lines = text.lines().toList();
        if (at.getRow() + lines.size() > getItems().size()) {
            message.accept(words.of("table.tooMany", lines.size()));
            return;
        }
        List<UnaryOperator<Manual>> changes = new ArrayList<>();
        try {
            for (int r = 0; r < lines.size(); r++) {
                String[] cells = lines.get(r).split("\t", -1);
                for (int c = 0; c < cells.length; c++) {
                    int column = Math.max(0, at.getColumn()) + c;
                    if (column < getColumns().size()) {
                        Column<T> of = columns.get(getVisibleLeafColumn(column));
                        if (of != null) {
                            add(changes, of, getItems().get(at.getRow() + r), cells[c].strip());
                        }
                    }
                }
            }
        } catch (IllegalArgumentException bad) {
            message.accept(words.of("table.notPasted", bad.getMessage()));
            return;
        }
        applyAll(changes);
    }
}
