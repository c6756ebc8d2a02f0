package methodos.desktop.stores;

import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.collections.FXCollections;
import javafx.geometry.Insets;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.control.cell.ComboBoxTableCell;
import javafx.scene.control.cell.TextFieldTableCell;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.check.OpenPoint;
import methodos.core.check.Place;
import methodos.core.edit.UnitEdits;
import methodos.core.kit.KitCoverage;
import methodos.core.manual.Kit;
import methodos.core.manual.Part;
import methodos.core.manual.ReuseRule;
import methodos.core.words.Words;
import methodos.desktop.Controls;
import methodos.desktop.project.OpenProject;
import methodos.desktop.unit.UnitsChooser;
import methodos.desktop.window.OpenPointList;
import methodos.desktop.window.PlaceView;

/** The place Stores: the parts list, changed in place, and what of it the kits hold. */
public final class StoresPlace implements PlaceView {

    private final OpenProject project;
    private final Words words;
    private final Consumer<String> message;
    private final BorderPane node = new BorderPane();
    private final TableView<Part> table = new TableView<>();
    private final VBox kits = new VBox(6);
    private final VBox units = new VBox(6);

    public StoresPlace(OpenProject project, Consumer<String> message, Consumer<OpenPoint> go) {
        this.project = project;
        this.words = project.words();
        this.message = message;
        Controls.named(table, "parts", words.of("stores.parts"));
        table.setEditable(true);
        table.setPlaceholder(Controls.prose(words.of("stores.empty"), "soft"));
        column("stores.item", 56, Part::item, Part::withItem);
        column("stores.part", 190, Part::name, Part::withName);
        column("stores.size", 90, Part::size, Part::withSize);
        column("stores.number", 120, Part::number, Part::withNumber);
        column("stores.quantity", 64, p -> String.valueOf(p.quantity()), this::quantity);
        rule();
        column(
                "stores.units",
                150,
                p -> p.applicability().all() ? "" : words.of(p.applicability()),
                null);
        table.getSelectionModel().selectedItemProperty().addListener(o -> showUnits());
        TextField add = Controls.named(new TextField(), "newPart", words.of("stores.add"));
        add.setPromptText(words.of("stores.add"));
        add.setOnAction(
                e -> {
                    if (!add.getText().isBlank()) {
                        project.apply(UnitEdits.newPart(add.getText().strip()));
                        add.clear();
                    }
                });
        VBox center = new VBox(10, table, add);
        VBox.setVgrow(table, Priority.ALWAYS);
        center.setPadding(new Insets(16, 16, 16, 18));
        VBox side = new VBox(14, kits, units, new OpenPointList(project, Place.STORES, go));
        side.setPadding(new Insets(16));
        ScrollPane scroll = new ScrollPane(side);
        scroll.setFitToWidth(true);
        scroll.setPrefWidth(290);
        scroll.setMinWidth(290);
        scroll.getStyleClass().add("side");
        node.setCenter(center);
        node.setRight(scroll);
        project.workspace().addListener(o -> refresh());
        project.sight().addListener(o -> refresh());
        refresh();
    }

    private void column(
            String key,
            double width,
            Function<Part, String> read,
            BiFunction<Part, String, Part> write) {
        TableColumn<Part, String> column = new TableColumn<>(words.of(key));
        column.setPrefWidth(width);
        column.setCellValueFactory(f -> new ReadOnlyStringWrapper(read.apply(f.getValue())));
        column.setEditable(write != null);
        if (write != null) {
            column.setCellFactory(TextFieldTableCell.forTableColumn());
            column.setOnEditCommit(
                    e -> {
                        try {
                            project.apply(
                                    UnitEdits.part(
                                            write.apply(e.getRowValue(), e.getNewValue().strip())));
                        } catch (IllegalArgumentException bad) {
                            message.accept(bad.getMessage());
                            refresh();
                        }
                    });
        }
        table.getColumns().add(column);
    }

    private Part quantity(Part part, String typed) {
        if (!typed.matches("\\d{1,5}")) {
            throw new IllegalArgumentException(words.of("stores.badQuantity", typed));
        }
        return part.withQuantity(Integer.parseInt(typed));
    }

    private void rule() {
        TableColumn<Part, ReuseRule> column = new TableColumn<>(words.of("stores.rule"));
        column.setPrefWidth(140);
        column.setCellValueFactory(
                f -> new javafx.beans.property.ReadOnlyObjectWrapper<>(f.getValue().reuse()));
        column.setCellFactory(
                ComboBoxTableCell.forTableColumn(
                        new javafx.util.StringConverter<>() {
                            @Override
                            public String toString(ReuseRule r) {
                                return r == null ? "" : words.of(r);
                            }

                            @Override
                            public ReuseRule fromString(String text) {
                                throw new UnsupportedOperationException("chosen, not typed");
                            }
                        },
                        ReuseRule.values()));
        column.setOnEditCommit(
                e -> project.apply(UnitEdits.part(e.getRowValue().withReuse(e.getNewValue()))));
        table.getColumns().add(column);
    }

    private void refresh() {
        Part selected = table.getSelectionModel().getSelectedItem();
        table.setItems(
                FXCollections.observableList(
                        project.manual().parts().stream()
                                .filter(p -> p.applicability().concerns(project.sight().get()))
                                .toList()));
        if (selected != null) {
            table.getItems().stream()
                    .filter(p -> p.id().equals(selected.id()))
                    .findFirst()
                    .ifPresent(p -> table.getSelectionModel().select(p));
        }
        kits.getChildren().setAll(Controls.label(words.of("stores.order"), "panel-head"));
        if (project.manual().kits().isEmpty()) {
            kits.getChildren().add(Controls.prose(words.of("stores.noKits"), "soft"));
        }
        var rows = KitCoverage.of(project.manual(), project.sight().get());
        for (Kit kit : project.manual().kits()) {
            long missing =
                    rows.stream()
                            .filter(r -> !r.inNoKit())
                            .mapToInt(r -> r.missingFrom(kit.id()))
                            .sum();
            Label number = Controls.label(kit.number(), "accent-strong");
            number.setMinWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
            HBox line =
                    new HBox(
                            8,
                            number,
                            Controls.prose(
                                    missing == 0
                                            ? words.of("stores.kitCovers", kit.name())
                                            : words.of("stores.kitLacks", kit.name(), missing)));
            kits.getChildren().add(line);
        }
    }

    private void showUnits() {
        Part part = table.getSelectionModel().getSelectedItem();
        units.getChildren().clear();
        if (part != null) {
            units.getChildren()
                    .setAll(
                            Controls.prose(part.label(), "panel-head"),
                            new UnitsChooser(
                                    project,
                                    "part",
                                    part.applicability(),
                                    a -> project.apply(UnitEdits.part(part.withApplicability(a)))));
        }
    }

    @Override
    public Parent node() {
        return node;
    }

    @Override
    public String subtitle() {
        return words.of("stores.subtitle");
    }

    @Override
    public void go(OpenPoint point) {
        table.getItems().stream()
                .filter(p -> p.id().equals(point.subject()))
                .findFirst()
                .ifPresent(
                        p -> {
                            table.getSelectionModel().select(p);
                            table.scrollTo(p);
                        });
    }
}
