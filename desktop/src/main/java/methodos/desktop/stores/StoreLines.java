package methodos.desktop.stores;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.AccessibleAttribute;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.kit.StoreList;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/** The stores drawn along the rule of the steps; only the lines in view are drawn. */
final class StoreLines extends VBox {

    /** What is left of the width beside a scroll bar. */
    private static final double BAR = 16;

    private final StoreDrawing drawing;
    private final Words words;
    private final Surface head = Surface.high(StoreDrawing.HEAD);
    private final Surface key = Surface.high(StoreDrawing.KEY);
    private final ListView<StoreRow> list = new ListView<>();
    private StoreList stores;
    private boolean filling;

    /**
     * @param chosen called with the line that is chosen
     */
    StoreLines(Theme theme, Words words, Consumer<StoreRow> chosen) {
        super(0);
        this.words = words;
        this.drawing = new StoreDrawing(theme, words);
        Controls.named(list, "stores", words.of("stores.lines"));
        list.getStyleClass().add("store-lines");
        list.setCellFactory(l -> new Line());
        list.getSelectionModel()
                .selectedItemProperty()
                .addListener(
                        (o, was, is) -> {
                            if (!filling && is != null && !(is instanceof StoreRow.Heading)) {
                                chosen.accept(is);
                            }
                        });
        VBox.setVgrow(list, Priority.ALWAYS);
        getChildren().addAll(head, list, key);
        widthProperty().addListener(o -> redraw());
        theme.palette().addListener(o -> redraw());
    }

    private StoreScale scale() {
        return StoreScale.of(
                Math.max(StoreScale.KITS, getWidth() - BAR),
                stores == null ? 0 : stores.kits().size(),
                stores == null ? 1 : stores.steps());
    }

    /** Shows these lines; the one that was chosen stays so. */
    void show(StoreList now, List<StoreRow> rows) {
        stores = now;
        StoreRow before = list.getSelectionModel().getSelectedItem();
        filling = true;
        list.getItems().setAll(rows);
        if (before != null) {
            select(before.id());
        }
        filling = false;
        redraw();
    }

    private boolean select(String id) {
        for (int i = 0; i < list.getItems().size(); i++) {
            if (list.getItems().get(i).id().equals(id)) {
                list.getSelectionModel().select(i);
                return true;
            }
        }
        return false;
    }

    /** Chooses a line and brings it into view. */
    void choose(String id) {
        if (select(id)) {
            list.scrollTo(Math.max(0, list.getSelectionModel().getSelectedIndex() - 3));
        }
    }

    private void redraw() {
        if (stores == null || getWidth() <= 0) {
            return;
        }
        head.resize(getWidth(), StoreDrawing.HEAD);
        key.resize(getWidth(), StoreDrawing.KEY);
        drawing.head(head, scale(), stores);
        drawing.key(key);
        list.refresh();
    }

    /** How a line is read out. */
    private String told(StoreRow row) {
        if (row instanceof StoreRow.Parts p) {
            List<String> all = new ArrayList<>();
            all.add(p.row().part().item() + " " + p.row().part().label());
            all.add(StoreDrawing.reuse(p.row().part(), words));
            p.row()
                    .line()
                    .stops()
                    .forEach(
                            s ->
                                    all.add(
                                            words.of(
                                                    "stores.told",
                                                    words.of(s.handling()),
                                                    s.number())));
            p.row().line().loose().ifPresent(s -> all.add(words.of("stores.neverBack")));
            return String.join(", ", all);
        }
        if (row instanceof StoreRow.Tools t) {
            return t.row().tool().label();
        }
        return row instanceof StoreRow.Consumables c ? c.row().consumable().label() : row.id();
    }

    private final class Line extends ListCell<StoreRow> {
        private final Surface canvas = new Surface(10, StoreDrawing.PART);

        Line() {
            setGraphic(canvas);
            selectedProperty().addListener(o -> draw());
        }

        @Override
        protected void updateItem(StoreRow item, boolean empty) {
            super.updateItem(item, empty);
            canvas.setVisible(!empty);
            canvas.setManaged(!empty);
            if (!empty) {
                draw();
            }
        }

        /** Put into words only when a screen reader asks. */
        @Override
        public Object queryAccessibleAttribute(
                AccessibleAttribute attribute, Object... parameters) {
            return attribute == AccessibleAttribute.TEXT && getItem() != null
                    ? told(getItem())
                    : super.queryAccessibleAttribute(attribute, parameters);
        }

        private void draw() {
            StoreRow row = getItem();
            if (row == null || stores == null) {
                return;
            }
            StoreScale scale = scale();
            if (row instanceof StoreRow.Heading heading) {
                canvas.size(scale.width(), StoreDrawing.HEADING);
                drawing.heading(canvas, heading);
            } else if (row instanceof StoreRow.Parts part) {
                canvas.size(scale.width(), StoreDrawing.PART);
                drawing.part(canvas, scale, part.row(), isSelected());
            } else if (row instanceof StoreRow.Tools tool) {
                canvas.size(scale.width(), StoreDrawing.TOOL);
                drawing.tool(canvas, scale, tool.row(), isSelected());
            } else if (row instanceof StoreRow.Consumables c) {
                canvas.size(scale.width(), StoreDrawing.TOOL);
                drawing.used(
                        canvas,
                        scale,
                        c.row().consumable().label(),
                        c.row().consumable().amount(),
                        c.row().steps(),
                        isSelected());
            }
        }
    }
}
