package methodos.desktop.stores;

import java.io.File;
import java.nio.file.Path;
import java.util.concurrent.ExecutorService;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import methodos.core.check.OpenPoint;
import methodos.core.check.Place;
import methodos.core.edit.UnitEdits;
import methodos.core.kit.KitCoverage;
import methodos.core.manual.Kit;
import methodos.core.manual.Part;
import methodos.core.manual.ReuseRule;
import methodos.core.sheet.PartSheet;
import methodos.core.sheet.RowProblem;
import methodos.core.sheet.Sheet;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.ListTable;
import methodos.desktop.control.SidePanel;
import methodos.desktop.project.Aside;
import methodos.desktop.project.OpenProject;
import methodos.desktop.unit.UnitsChooser;
import methodos.desktop.window.OpenPointList;
import methodos.desktop.window.PlaceView;
import methodos.files.sheet.SheetFile;
import methodos.files.sheet.SheetProblem;

/** The place Stores: the parts list, changed in place, and what of it the kits hold. */
public final class StoresPlace implements PlaceView {

    /** So many of the rows that were not understood are told at once. */
    private static final int TOLD = 3;

    private final OpenProject project;
    private final Words words;
    private final BorderPane node = new BorderPane();
    private final ListTable<Part> table;
    private final VBox kits = new VBox(6);
    private final VBox units = new VBox(6);
    private final Consumer<String> message;
    private final ExecutorService reading = Aside.thread("parts list");

    public StoresPlace(OpenProject project, Consumer<String> message, Consumer<OpenPoint> go) {
        this.project = project;
        this.words = project.words();
        this.message = message;
        table = new ListTable<>(words, message);
        Controls.named(table, "parts", words.of("stores.parts"));
        table.setPlaceholder(Controls.prose(words.of("stores.empty"), "soft"));
        typed("stores.item", 56, Part::item, Part::withItem);
        typed("stores.part", 190, Part::name, Part::withName);
        typed("stores.size", 90, Part::size, Part::withSize);
        typed("stores.number", 120, Part::number, Part::withNumber);
        typed("stores.quantity", 64, p -> String.valueOf(p.quantity()), this::quantity);
        table.chosen(
                "stores.rule",
                140,
                Part::reuse,
                (p, rule) -> project.apply(UnitEdits.part(p.withReuse(rule))),
                ReuseRule.values());
        table.shown(
                "stores.units",
                150,
                p -> p.applicability().all() ? "" : words.of(p.applicability()));
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
        HBox below =
                new HBox(
                        12,
                        add,
                        Controls.link("importParts", words.of("stores.import"), this::chooseList));
        HBox.setHgrow(add, Priority.ALWAYS);
        VBox center = new VBox(10, table, below);
        VBox.setVgrow(table, Priority.ALWAYS);
        center.setPadding(new Insets(16, 16, 16, 18));
        node.setCenter(center);
        node.setRight(new SidePanel(kits, units, new OpenPointList(project, Place.STORES, go)));
        project.workspace().addListener(o -> refresh());
        project.sight().addListener(o -> refresh());
        refresh();
    }

    private void chooseList() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(words.of("stores.import"));
        File file = chooser.showOpenDialog(node.getScene().getWindow());
        if (file != null) {
            importParts(file.toPath());
        }
    }

    /** Takes a parts list in, whole or not at all; reading it happens beside the interface. */
    public void importParts(Path file) {
        reading.execute(
                () -> {
                    try {
                        Sheet sheet = SheetFile.read(file);
                        Platform.runLater(() -> take(sheet));
                    } catch (SheetProblem e) {
                        Platform.runLater(() -> message.accept(e.getMessage()));
                    }
                });
    }

    private void take(Sheet sheet) {
        PartSheet parts = PartSheet.of(sheet, project.manual());
        if (parts.problems().isEmpty()) {
            project.apply(parts.edit());
            message.accept(
                    words.of(
                            "stores.imported",
                            parts.added().size(),
                            parts.changed().size(),
                            parts.absent().size()));
        } else {
            message.accept(
                    words.of(
                            "stores.notImported",
                            parts.problems().stream()
                                    .limit(TOLD)
                                    .map(RowProblem::sentence)
                                    .collect(Collectors.joining(" ")),
                            parts.problems().size()));
        }
    }

    private void typed(
            String key,
            double width,
            Function<Part, String> read,
            BiFunction<Part, String, Part> write) {
        table.typed(
                key,
                width,
                read,
                (part, typed) -> project.apply(UnitEdits.part(write.apply(part, typed))));
    }

    private Part quantity(Part part, String typed) {
        if (!typed.matches("\\d{1,5}")) {
            throw new IllegalArgumentException(words.of("stores.badQuantity", typed));
        }
        return part.withQuantity(Integer.parseInt(typed));
    }

    private void refresh() {
        table.show(
                project.manual().parts().stream()
                        .filter(p -> p.applicability().concerns(project.sight().get()))
                        .toList(),
                Part::id);
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
        table.choose(p -> p.id().equals(point.subject()));
    }

    @Override
    public void close() {
        reading.shutdown();
    }
}
