package methodos.desktop.unit;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.check.OpenPoint;
import methodos.core.description.Id;
import methodos.core.edit.UnitEdits;
import methodos.core.manual.Document;
import methodos.core.manual.Energy;
import methodos.core.manual.Manual;
import methodos.core.manual.Unit;
import methodos.core.manual.Variant;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.Halves;
import methodos.desktop.control.NameConverter;
import methodos.desktop.place.OpenPointList;
import methodos.desktop.place.Place;
import methodos.desktop.place.PlaceView;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/** The place Unit: what it is, for whom, what it holds, what rules it. */
public final class UnitPlace implements PlaceView {

    private static final double NARROWEST = 300;

    private final OpenProject project;
    private final Words words;
    private final UnitDrawing drawing;
    private final Halves node;
    private final Surface ranges = new Surface(780, 100);
    private final Surface energies = new Surface(780, 100);
    private final GridPane documents = new GridPane();
    private final ComboBox<Energy> energyChoice = new ComboBox<>();
    private Energy energy;
    private final VBox energyBox = new VBox();
    private final VBox side = new VBox(16);
    private final VBox variantBox = new VBox();
    private List<UnitDrawing.Bar> bars = List.of();
    private Id<Variant> chosen;

    public UnitPlace(
            OpenProject project, Theme theme, Consumer<String> message, Consumer<OpenPoint> go) {
        this.project = project;
        this.words = project.words();
        this.node = new Halves(words, 520);
        this.drawing = new UnitDrawing(theme, words);
        theme.palette().addListener(o -> redraw());
        VBox main = new VBox(9);
        main.setPadding(new Insets(18, 24, 24, 20));
        main.getChildren()
                .addAll(
                        fact("unit.title", title()),
                        new VBox(
                                4,
                                field(
                                        "unitName",
                                        "unit.name",
                                        "headline",
                                        Unit::name,
                                        Unit::withName),
                                subline()),
                        section("unit.which"),
                        ranges,
                        section(
                                "unit.holds",
                                adder(
                                        "newEnergy",
                                        "unit.addEnergy",
                                        n -> project.apply(UnitEdits.newEnergy(n)))),
                        energies,
                        section(
                                "unit.rules",
                                adder(
                                        "newDocument",
                                        "unit.addDocument",
                                        n -> project.apply(UnitEdits.newDocument(n)))),
                        documents,
                        section(
                                "unit.tasks",
                                adder(
                                        "newTask",
                                        "unit.addTask",
                                        n -> project.apply(UnitEdits.newTask(n)))),
                        new TaskList(project, message),
                        fact(
                                "unit.doneBy",
                                field(
                                        "unitDuty",
                                        "unit.doneBy",
                                        "flat",
                                        Unit::duty,
                                        Unit::withDuty)),
                        fact(
                                "unit.good",
                                field(
                                        "unitGood",
                                        "unit.good",
                                        "flat",
                                        Unit::soundness,
                                        Unit::withSoundness)));
        ScrollPane scroll = new ScrollPane(main);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("place");
        scroll.viewportBoundsProperty().addListener((o, was, is) -> resize(is.getWidth() - 46));
        side.setPadding(new Insets(16, 16, 16, 16));
        ScrollPane sideScroll = new ScrollPane(side);
        sideScroll.setFitToWidth(true);
        sideScroll.setPrefWidth(302);
        sideScroll.setMinWidth(302);
        sideScroll.getStyleClass().add("side");
        node.setMain(scroll);
        node.setSide(sideScroll);
        choose(null);
        side.getChildren()
                .setAll(
                        new TypePlate(project),
                        variantBox,
                        energyBox,
                        new PracticesPanel(project),
                        new OpenPointList(project, Place.UNIT, go));
        Controls.named(ranges, "ranges", words.of("unit.which"));
        ranges.setFocusTraversable(true);
        ranges.setOnMousePressed(
                e -> {
                    ranges.requestFocus();
                    choose(
                            bars.stream()
                                    .filter(
                                            b ->
                                                    e.getX() >= b.x()
                                                            && e.getX() <= b.x() + b.width()
                                                            && e.getY() >= b.y()
                                                            && e.getY() <= b.y() + b.height())
                                    .map(b -> b.variant().id())
                                    .findFirst()
                                    .orElse(null));
                });
        ranges.setOnKeyPressed(
                e -> {
                    switch (e.getCode()) {
                        case RIGHT, DOWN -> chooseNext(1);
                        case LEFT, UP -> chooseNext(-1);
                        default -> {}
                    }
                });
        Controls.named(energies, "energies", words.of("unit.holds"));
        energies.setOnMousePressed(e -> chooseEnergy(drawing.energyAt(e.getY())));
        Controls.named(energyChoice, "energyChoice", words.of("energy.choose"));
        chooseEnergy(Optional.empty());
        energyChoice.setConverter(
                new NameConverter<>(e -> e == null ? words.of("energy.choose") : e.name()));
        energyChoice.setMaxWidth(Double.MAX_VALUE);
        energyChoice.setOnAction(
                e -> {
                    if (energyChoice.getValue() != null) {
                        chooseEnergy(Optional.of(energyChoice.getValue().id()));
                    }
                });
        project.workspace().addListener(o -> redraw());
        project.sight().addListener(o -> redraw());
        redraw();
    }

    private void chooseEnergy(Optional<Id<Energy>> id) {
        energy = id.flatMap(project.manual()::energy).orElse(null);
        energyBox
                .getChildren()
                .setAll(
                        Optional.ofNullable(energy)
                                .<Node>map(
                                        e ->
                                                new EnergyEditor(
                                                        project,
                                                        e,
                                                        () -> chooseEnergy(Optional.empty())))
                                .orElse(energyChoice));
    }

    private void chooseNext(int by) {
        List<Id<Variant>> ids = project.manual().variants().stream().map(Variant::id).toList();
        if (!ids.isEmpty()) {
            choose(ids.get(Math.floorMod(ids.indexOf(chosen) + by, ids.size())));
        }
    }

    private void choose(Id<Variant> variant) {
        chosen = variant;
        Variant known = variant == null ? null : project.manual().variant(variant).orElse(null);
        variantBox.getChildren().setAll(new VariantEditor(project, known, () -> choose(null)));
        redraw();
    }

    private TextField title() {
        TextField field =
                Controls.named(
                        new TextField(project.manual().title()),
                        "manualTitle",
                        words.of("unit.title"));
        field.textProperty()
                .addListener(
                        (o, was, is) -> {
                            if (!is.equals(project.manual().title())) {
                                project.apply(UnitEdits.title(is));
                            }
                        });
        project.workspace()
                .addListener(
                        o -> {
                            if (!field.getText().equals(project.manual().title())) {
                                field.setText(project.manual().title());
                            }
                        });
        return field;
    }

    /** Each as wide as its words; what has no room beside the others stands below them. */
    private FlowPane subline() {
        TextField maker =
                field("unitMaker", "unit.maker", "flat-soft", Unit::maker, Unit::withMaker);
        TextField type = field("unitType", "unit.type", "flat-soft", Unit::type, Unit::withType);
        TextField interval =
                field(
                        "unitInterval",
                        "unit.interval",
                        "flat-soft",
                        Unit::interval,
                        Unit::withInterval);
        FlowPane line = new FlowPane(4, 4, maker, type, interval);
        line.getChildren().forEach(f -> Controls.wordWide((TextField) f, 110, line));
        return line;
    }

    private TextField field(
            String id,
            String key,
            String style,
            Function<Unit, String> read,
            BiFunction<Unit, String, Unit> write) {
        TextField field =
                Controls.named(
                        new TextField(read.apply(project.manual().unit())), id, words.of(key));
        field.setPromptText(words.of(key));
        field.getStyleClass().add(style);
        field.textProperty()
                .addListener(
                        (o, was, is) -> {
                            if (!is.equals(read.apply(project.manual().unit()))) {
                                project.apply(UnitEdits.unit(id, u -> write.apply(u, is)));
                            }
                        });
        project.workspace()
                .addListener(
                        o -> {
                            String now = read.apply(project.manual().unit());
                            if (!field.getText().equals(now)) {
                                field.setText(now);
                            }
                        });
        return field;
    }

    private Label section(String key) {
        return Controls.label(words.of(key), "section-head");
    }

    private HBox section(String key, TextField adder) {
        HBox.setHgrow(adder, Priority.ALWAYS);
        adder.setAlignment(javafx.geometry.Pos.CENTER_RIGHT);
        HBox head = new HBox(12, section(key), adder);
        head.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return head;
    }

    private HBox fact(String key, Node content) {
        Label name = Controls.label(words.of(key), "section-head");
        name.setLabelFor(content);
        HBox.setHgrow(content, Priority.ALWAYS);
        HBox row = new HBox(12, name, content);
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return row;
    }

    private TextField adder(String id, String key, Consumer<String> add) {
        TextField field = Controls.named(new TextField(), id, words.of(key));
        field.setPromptText(words.of(key));
        field.getStyleClass().add("flat-soft");
        field.setOnAction(
                e -> {
                    if (!field.getText().isBlank()) {
                        add.accept(field.getText().strip());
                        field.clear();
                    }
                });
        return field;
    }

    /** Draws to the width that is seen; what is merely scrolled stays as it is. */
    private void resize(double seen) {
        double width = Math.max(NARROWEST, seen);
        if (width != ranges.getWidth()) {
            ranges.size(width, ranges.getHeight());
            energies.size(width, energies.getHeight());
            redraw();
        }
    }

    private void redraw() {
        Manual manual = project.manual();
        ranges.size(ranges.getWidth(), UnitDrawing.rangesHeight(manual));
        energies.size(energies.getWidth(), UnitDrawing.energiesHeight(manual));
        bars = drawing.ranges(ranges, manual, project.sight().get(), chosen);
        drawing.energies(energies, manual, project.sight().get());
        energyChoice.getItems().setAll(manual.energies());
        if (energy != null && !manual.energies().contains(energy)) {
            Controls.anew(energyBox, () -> chooseEnergy(Optional.of(energy.id())));
        }
        energyChoice.setValue(null);
        documents.getChildren().clear();
        documents.getColumnConstraints().setAll(column(28), column(22), column(50));
        int row = 0;
        for (Document d : manual.documents()) {
            documents.addRow(
                    row++,
                    Controls.prose(d.name(), "strong"),
                    Controls.prose(d.revision(), "soft"),
                    Controls.prose(d.rules()));
        }
        documents.setVgap(7);
        documents.setHgap(12);
    }

    private static ColumnConstraints column(double percent) {
        ColumnConstraints c = new ColumnConstraints();
        c.setPercentWidth(percent);
        return c;
    }

    @Override
    public Region node() {
        return node;
    }

    @Override
    public void go(OpenPoint point) {
        if (point.subject() != null
                && project.manual().energy(new Id<>(point.subject())).isPresent()) {
            chooseEnergy(Optional.of(new Id<>(point.subject())));
        }
    }

    @Override
    public String subtitle() {
        return words.of("unit.subtitle");
    }
}
