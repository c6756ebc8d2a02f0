package methodos.desktop.stores;

import java.util.List;
import java.util.stream.Collectors;
import javafx.collections.FXCollections;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.sheet.Columns;
import methodos.core.sheet.Field;
import methodos.core.sheet.RowProblem;
import methodos.core.sheet.Sheet;
import methodos.core.sheet.SheetKind;
import methodos.core.sheet.SheetReading;
import methodos.core.sheet.SheetReading.Fate;
import methodos.core.sheet.SheetReading.Item;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.NameConverter;
import methodos.desktop.project.OpenProject;

/**
 * A sheet before it is taken in: what each column is taken for, to be put right, what it would
 * change and touch, and what of it is not understood.
 */
final class SheetPanel extends ScrollPane {

    private static final int SAMPLES = 3;
    private static final int TOLD = 40;
    private static final double HEAD = 150;
    private static final double FIELD = 210;

    private final OpenProject project;
    private final Words words;
    private final Sheet sheet;
    private final Runnable done;
    private final VBox columnRows = new VBox(4);
    private final VBox told = new VBox(4);
    private final Button take;
    private SheetKind kind;
    private Columns columns;
    private SheetReading reading;

    /**
     * @param name of the file, or what it came from
     * @param done called when it is taken in or left
     */
    SheetPanel(OpenProject project, Sheet sheet, String name, SheetKind kind, Runnable done) {
        this.project = project;
        this.words = project.words();
        this.sheet = sheet;
        this.done = done;
        ComboBox<SheetKind> kinds =
                Controls.named(
                        new ComboBox<>(FXCollections.observableArrayList(SheetKind.values())),
                        "sheetKind",
                        words.of("sheet.kindOf"));
        kinds.setConverter(NameConverter.of(words));
        kinds.setValue(kind);
        kinds.setOnAction(e -> read(kinds.getValue()));
        take = Controls.button("takeSheet", words.of("sheet.take"), this::take);
        take.setDefaultButton(true);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head =
                Controls.row(
                        10,
                        Controls.prose(
                                words.of("sheet.head", name, sheet.rows().size()), "panel-head"),
                        kinds,
                        gap,
                        take,
                        Controls.button("leaveSheet", words.of("sheet.leave"), done));
        VBox content =
                new VBox(12, head, Controls.prose(words.of("sheet.how"), "soft"), columnRows, told);
        content.setPadding(new Insets(14, 18, 18, 18));
        setContent(content);
        setFitToWidth(true);
        setId("sheet");
        getStyleClass().add("place");
        read(kind);
    }

    private void read(SheetKind as) {
        kind = as;
        columns = as.guess(sheet);
        fill();
    }

    private void fill() {
        columnRows.getChildren().clear();
        for (int i = 0; i < sheet.header().size(); i++) {
            columnRows.getChildren().add(column(i));
        }
        compare();
    }

    /** Says what the sheet would change of the manual as it is now. */
    void compare() {
        reading = kind.read(sheet, columns, project.manual());
        told.getChildren().clear();
        if (reading.problems().isEmpty()) {
            changes();
        } else {
            problems();
        }
        take.setDisable(
                !reading.problems().isEmpty()
                        || reading.count(Fate.ADDED) + reading.count(Fate.CHANGED) == 0);
    }

    private HBox column(int index) {
        Label head = Controls.prose(sheet.header().get(index), "strong");
        Controls.width(head, HEAD);
        ComboBox<Field> box =
                Controls.named(
                        new ComboBox<>(),
                        "column-" + index,
                        words.of("sheet.column", sheet.header().get(index)));
        box.getItems().add(null);
        box.getItems().addAll(kind.fields());
        box.setConverter(new NameConverter<>(this::name));
        box.setValue(columns.field(index).orElse(null));
        Controls.width(box, FIELD);
        box.setOnAction(
                e -> {
                    columns = columns.with(index, box.getValue());
                    fill();
                });
        String samples =
                sheet.rows().stream()
                        .map(r -> r.cell(index))
                        .filter(s -> !s.isEmpty())
                        .limit(SAMPLES)
                        .collect(Collectors.joining(" · "));
        Label sample = Controls.label(samples, "soft");
        HBox.setHgrow(sample, Priority.ALWAYS);
        return Controls.row(10, head, box, sample);
    }

    private String name(Field field) {
        return field == null
                ? words.of("sheet.notRead")
                : words.of("sheet." + field.key()) + (field.required() ? " *" : "");
    }

    private void problems() {
        List<RowProblem> all = reading.problems();
        told.getChildren().add(Controls.prose(words.of("sheet.problems", all.size()), "open-head"));
        all.stream().limit(TOLD).forEach(p -> told.getChildren().add(Controls.prose(p.sentence())));
        more(all.size());
    }

    private void more(int count) {
        if (count > TOLD) {
            told.getChildren().add(Controls.label(words.of("points.more", count - TOLD), "soft"));
        }
    }

    private void changes() {
        told.getChildren()
                .add(
                        Controls.prose(
                                words.of(
                                        "sheet.changes",
                                        reading.count(Fate.ADDED),
                                        reading.count(Fate.CHANGED),
                                        reading.count(Fate.ABSENT)),
                                "section-head"));
        reading.items().stream()
                .limit(TOLD)
                .forEach(i -> told.getChildren().add(Controls.prose(told(i))));
        more(reading.items().size());
    }

    private String told(Item item) {
        String what = words.of("sheet." + item.fate(), item.what());
        String how =
                item.differences().isEmpty() ? "" : ": " + String.join("; ", item.differences());
        String touched =
                item.steps() + item.figures() == 0
                        ? ""
                        : " " + words.of("sheet.touches", item.steps(), item.figures());
        return what + how + touched;
    }

    private void take() {
        project.apply(reading.edit());
        done.run();
    }
}
