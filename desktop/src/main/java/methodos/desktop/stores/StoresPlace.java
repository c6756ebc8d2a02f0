package methodos.desktop.stores;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.check.OpenPoint;
import methodos.core.description.Id;
import methodos.core.edit.Edit;
import methodos.core.edit.StoreEdits;
import methodos.core.edit.UnitEdits;
import methodos.core.kit.StoreList;
import methodos.core.manual.Kit;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.Sight;
import methodos.core.parts.PartsAnswer;
import methodos.core.parts.PartsReport;
import methodos.core.parts.PartsService;
import methodos.core.sheet.Sheet;
import methodos.core.sheet.SheetKind;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.FileChoice;
import methodos.desktop.control.Halves;
import methodos.desktop.control.SidePanel;
import methodos.desktop.place.OpenPointList;
import methodos.desktop.place.Place;
import methodos.desktop.place.PlaceView;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Theme;
import methodos.desktop.unit.UnitsButton;
import methodos.files.parts.FolderPartsService;
import methodos.files.sheet.SheetFile;
import methodos.files.sheet.SheetProblem;

/**
 * The place Stores: parts, tools and consumables laid along the steps, or as tables; what to order;
 * and lists brought in.
 */
public final class StoresPlace implements PlaceView {

    private static final KeyCombination PASTE =
            new KeyCodeCombination(KeyCode.V, KeyCombination.SHORTCUT_DOWN);

    /** The faces of the place. */
    private enum Face {
        LINES,
        PARTS,
        KITS,
        TOOLS,
        CONSUMABLES
    }

    private final OpenProject project;
    private final Words words;
    private final FileChoice choice;
    private final Consumer<String> message;
    private final Halves node;
    private final BorderPane center = new BorderPane();
    private final StoreLines lines;
    private final StoreTables tables;
    private final OrderPanel order;
    private final StorePanel panel;
    private final TextField seek;
    private final TextField add;
    private final Map<Face, ToggleButton> faces = new EnumMap<>(Face.class);
    private final ExecutorService reading;
    private StoreList list;
    private Manual manual;
    private Sight sight;
    private Face face = Face.LINES;
    private String chosen;

    public StoresPlace(
            OpenProject project,
            Theme theme,
            FileChoice choice,
            Consumer<String> message,
            Consumer<OpenPoint> go) {
        this.reading = project.background().thread("work.lists");
        this.project = project;
        this.choice = choice;
        this.words = project.words();
        this.node = new Halves(words, 560);
        this.message = message;
        lines = new StoreLines(theme, words, row -> choose(row.id()));
        tables = new StoreTables(project, message);
        order = new OrderPanel(theme, words);
        panel = new StorePanel(project, message, go);
        seek = Controls.named(new TextField(), "seek", words.of("stores.seek"));
        seek.setPrefColumnCount(14);
        seek.textProperty().addListener(o -> sought());
        add = Controls.named(new TextField(), "newPart", words.of("stores.add.PARTS"));
        add.setOnAction(e -> add());
        node.setMain(center);
        node.setSide(
                new SidePanel(order, panel, new OpenPointList(project, Place.STORES, go), lists()));
        center.setTop(head());
        center.setPadding(new Insets(8, 8, 8, 14));
        tables.partTable()
                .getSelectionModel()
                .selectedItemProperty()
                .addListener((o, was, is) -> choose(is == null ? null : is.id().text()));
        node.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        drops();
        theme.palette().addListener(o -> order.show(list));
        project.workspace().addListener(o -> refresh());
        project.sight().addListener(o -> refresh());
        node.sceneProperty().addListener(o -> refresh());
        show(Face.LINES);
        fill();
    }

    private HBox head() {
        HBox head = new HBox(6);
        ToggleGroup group = new ToggleGroup();
        for (Face f : Face.values()) {
            ToggleButton button = new ToggleButton(words.of("stores.face." + f));
            button.setId("face-" + f);
            button.setToggleGroup(group);
            button.getStyleClass().add("tab-head");
            button.setOnAction(
                    e -> {
                        button.setSelected(true);
                        show(f);
                    });
            faces.put(f, button);
            head.getChildren().add(button);
        }
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        head.getChildren().addAll(gap, seek);
        head.setPadding(new Insets(0, 8, 4, 0));
        return head;
    }

    private VBox lists() {
        return new VBox(
                4,
                Controls.label(words.of("stores.lists"), "panel-head"),
                Controls.prose(words.of("stores.lists.how"), "soft"),
                Controls.link("importList", words.of("stores.import"), this::chooseList),
                Controls.link("pasteList", words.of("stores.paste"), this::pasteList),
                Controls.link("askService", words.of("stores.ask"), this::askService));
    }

    /** Asks the service in the project's folder; where there is none, asks the user where it is. */
    private void askService() {
        FolderPartsService own = new FolderPartsService(project.path().resolve("parts-service"));
        if (own.there()) {
            ask(own);
        } else {
            choice.folder(node, words.of("stores.ask.folder"))
                    .ifPresent(folder -> ask(new FolderPartsService(folder)));
        }
    }

    /** Asks for all parts and kits; the answer comes beside the interface. */
    void ask(PartsService service) {
        List<String> numbers =
                PartsAnswer.asked(project.manual().parts().stream().map(Part::number).toList());
        List<String> kits = project.manual().kits().stream().map(Kit::number).toList();
        reading.execute(
                () -> {
                    try {
                        PartsAnswer answer = service.ask(numbers, kits);
                        Platform.runLater(() -> answered(answer, numbers.size()));
                    } catch (PartsService.Unavailable e) {
                        Platform.runLater(() -> message.accept(e.getMessage()));
                    }
                });
    }

    private void answered(PartsAnswer answer, int asked) {
        project.keepPartsAnswer(answer);
        PartsReport report = PartsReport.of(project.manual(), answer);
        message.accept(
                words.of(
                        "stores.answered",
                        asked,
                        report.replaced().size(),
                        report.scarce().size(),
                        report.unknown().size(),
                        report.kits().size()));
    }

    private void show(Face now) {
        face = now;
        faces.get(now).setSelected(true);
        Node shown =
                switch (now) {
                    case LINES -> lines;
                    case PARTS -> tables.partTable();
                    case KITS -> kits();
                    case TOOLS -> tables.toolTable();
                    case CONSUMABLES -> tables.consumableTable();
                };
        center.setCenter(shown);
        String key = "stores.add." + (now == Face.LINES ? Face.PARTS : now);
        add.setPromptText(words.of(key));
        add.setAccessibleText(words.of(key));
        BorderPane.setMargin(add, new Insets(8, 8, 0, 0));
        center.setBottom(add);
    }

    private void add() {
        String name = add.getText().strip();
        if (name.isEmpty()) {
            return;
        }
        Edit edit =
                switch (face) {
                    case LINES, PARTS -> UnitEdits.newPart(name);
                    case KITS -> StoreEdits.newKit(name);
                    case TOOLS -> StoreEdits.newTool(name);
                    case CONSUMABLES -> StoreEdits.newConsumable(name);
                };
        project.apply(edit);
        add.clear();
    }

    // ---------------------------------------------------------------- lists from outside

    private void key(KeyEvent e) {
        boolean inTable = face != Face.LINES && center.getCenter().isFocused();
        if (PASTE.match(e) && !Controls.takesText(e.getTarget()) && !inTable) {
            pasteList();
            e.consume();
        }
    }

    private void drops() {
        node.setOnDragOver(
                e -> {
                    if (e.getDragboard().hasFiles()) {
                        e.acceptTransferModes(TransferMode.COPY);
                    }
                    e.consume();
                });
        node.setOnDragDropped(
                e -> {
                    if (e.getDragboard().hasFiles()) {
                        importList(e.getDragboard().getFiles().get(0).toPath());
                        e.setDropCompleted(true);
                    }
                    e.consume();
                });
    }

    private void chooseList() {
        choice.open(node, words.of("stores.import"), false).forEach(this::importList);
    }

    /** Shows a list from a file before it is taken in; reading it happens beside the interface. */
    public void importList(Path file) {
        reading.execute(
                () -> {
                    try {
                        Sheet sheet = SheetFile.read(file);
                        Platform.runLater(() -> offer(sheet, file.getFileName().toString()));
                    } catch (SheetProblem e) {
                        Platform.runLater(() -> message.accept(e.getMessage()));
                    }
                });
    }

    private void pasteList() {
        String text = Clipboard.getSystemClipboard().getString();
        try {
            offer(SheetFile.pasted(text == null ? "" : text), words.of("stores.pasted"));
        } catch (SheetProblem e) {
            message.accept(e.getMessage());
        }
    }

    private void offer(Sheet sheet, String name) {
        SheetKind kind =
                switch (face) {
                    case KITS -> SheetKind.KITS;
                    case TOOLS -> SheetKind.TOOLS;
                    default -> SheetKind.likeliest(sheet);
                };
        center.setCenter(new SheetPanel(project, sheet, name, kind, () -> show(face)));
        center.setBottom(null);
    }

    // ---------------------------------------------------------------- what is shown

    /** While the place is not in view nothing of it is reckoned. */
    private void refresh() {
        if (node.getScene() == null) {
            return;
        }
        if (project.manual() == manual && project.sight().get().equals(sight)) {
            panel.show(chosenRow()); // the parts service may have answered
        } else {
            fill();
        }
    }

    private void fill() {
        manual = project.manual();
        sight = project.sight().get();
        list = StoreList.of(project.practised(), sight);
        tables.refresh();
        sought();
        if (center.getCenter() instanceof SheetPanel sheet) {
            sheet.compare();
        } else if (face == Face.KITS) {
            show(face); // other kits are other columns
        }
        order.show(list);
        panel.show(chosenRow());
    }

    private void sought() {
        String sought = seek.getText().strip().toLowerCase(Locale.ROOT);
        lines.show(list, rows(sought));
        tables.seek(sought);
    }

    private List<StoreRow> rows(String sought) {
        List<StoreRow> rows = new ArrayList<>();
        List<StoreRow.Parts> parts =
                list.parts().stream()
                        .filter(
                                r ->
                                        StoreTables.has(
                                                sought,
                                                r.part().item(),
                                                r.part().label(),
                                                r.part().number()))
                        .map(StoreRow.Parts::new)
                        .toList();
        rows.add(
                new StoreRow.Heading(
                        words.of("stores.parts"),
                        list.parts().isEmpty()
                                ? words.of("stores.parts.empty")
                                : words.of(
                                        "stores.parts.note",
                                        list.parts().size(),
                                        list.touched(),
                                        parts.size())));
        rows.addAll(parts);
        List<StoreRow> tools =
                list.tools().stream()
                        .filter(r -> StoreTables.has(sought, r.tool().label()))
                        .map(r -> (StoreRow) new StoreRow.Tools(r))
                        .toList();
        if (!tools.isEmpty()) {
            rows.add(new StoreRow.Heading(words.of("stores.tools"), ""));
            rows.addAll(tools);
        }
        List<StoreRow> consumables =
                list.consumables().stream()
                        .filter(r -> StoreTables.has(sought, r.consumable().label()))
                        .map(r -> (StoreRow) new StoreRow.Consumables(r))
                        .toList();
        if (!consumables.isEmpty()) {
            rows.add(new StoreRow.Heading(words.of("stores.consumables"), ""));
            rows.addAll(consumables);
        }
        return rows;
    }

    private void choose(String id) {
        if (id != null) {
            chosen = id;
            panel.show(chosenRow());
        }
    }

    private StoreRow chosenRow() {
        return rows("").stream().filter(r -> r.id().equals(chosen)).findFirst().orElse(null);
    }

    /** The table of kits, and above it for which units each kit is. */
    private VBox kits() {
        FlowPane units = new FlowPane(6, 6);
        for (Kit kit : project.manual().kits()) {
            UnitsButton button = new UnitsButton(project, "kit-" + kit.id(), kit.number());
            button.show(kit.applicability(), a -> project.apply(StoreEdits.kitUnits(kit.id(), a)));
            units.getChildren().add(button);
        }
        Node table = tables.kitTable();
        VBox.setVgrow(table, Priority.ALWAYS);
        return new VBox(6, units, table);
    }

    @Override
    public Region node() {
        return node;
    }

    @Override
    public String subtitle() {
        return words.of("stores.subtitle");
    }

    @Override
    public void go(OpenPoint point) {
        boolean kit =
                point.subject() != null
                        && project.manual().kit(new Id<>(point.subject())).isPresent();
        show(kit ? Face.KITS : Face.LINES);
        if (point.subject() != null && !kit) {
            lines.choose(point.subject());
        }
    }

    @Override
    public void close() {
        reading.shutdown();
    }
}
