package methodos.desktop.figure;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.manual.Figure;
import methodos.core.manual.KnownShape;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.PartLine;
import methodos.desktop.control.PickField;
import methodos.desktop.project.OpenProject;

/** What can be put on the picture, and the parts of the step for what is put on a part. */
final class ToolList extends VBox {

    /** Height of the longest that is told of a tool. */
    private static final double HOW = 84;

    /** A part that is dragged to the picture. */
    static final DataFormat PART = new DataFormat("application/x-methodos-part");

    private final OpenProject project;
    private final Words words;
    private final FigureBench bench;
    private final Consumer<String> other;
    private final Map<MarkTool, ToggleButton> tools = new EnumMap<>(MarkTool.class);
    private final HBox known = new HBox(4);
    private final VBox parts = new VBox(2);
    private final Label how = Controls.prose("", "soft");
    private List<Object> shown = List.of();

    /**
     * @param other called with the name of a part that the step of the figure does not have
     */
    ToolList(OpenProject project, FigureBench bench, Consumer<String> other) {
        super(8);
        this.project = project;
        this.other = other;
        this.words = project.words();
        this.bench = bench;
        GridPane grid = new GridPane();
        grid.setHgap(4);
        grid.setVgap(0);
        for (int i = 0; i < 2; i++) {
            ColumnConstraints half = new ColumnConstraints();
            half.setPercentWidth(50);
            grid.getColumnConstraints().add(half);
        }
        for (MarkTool tool : MarkTool.values()) {
            ToggleButton button = button(tool);
            tools.put(tool, button);
            grid.add(button, tool.ordinal() % 2, tool.ordinal() / 2);
        }
        for (KnownShape shape : KnownShape.values()) {
            ToggleButton button = new ToggleButton(words.of(shape));
            button.setId("known-" + shape.name());
            button.setUserData(shape);
            button.getStyleClass().addAll("pick", "tool");
            button.setOnAction(e -> bench.takeKnown(shape));
            known.getChildren().add(button);
        }
        getChildren()
                .addAll(
                        Controls.label(words.of("figure.put"), "panel-head"),
                        grid,
                        how,
                        Controls.label(words.of("figure.parts"), "panel-head"),
                        parts,
                        known);
        // the parts stay where they are, whatever is told above them
        how.setMinHeight(HOW);
    }

    private ToggleButton button(MarkTool tool) {
        Label name = Controls.prose(words.of("figure.tool." + tool.name()));
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Label key = Controls.label(tool.key(), "tool-key");
        key.setMinWidth(USE_PREF_SIZE);
        HBox row = new HBox(2, name, gap, key);
        row.setMaxWidth(Double.MAX_VALUE);
        ToggleButton button = new ToggleButton(null, row);
        row.prefWidthProperty().bind(button.widthProperty().subtract(10));
        button.setId("tool-" + tool.name());
        button.setAccessibleText(words.of("figure.tool." + tool.name()));
        button.setMaxWidth(Double.MAX_VALUE);
        button.getStyleClass().addAll("pick", "tool");
        button.setOnAction(e -> bench.take(button.isSelected() ? tool : null));
        return button;
    }

    /**
     * @param ofStep parts that the step of the figure touches
     */
    void show(Figure figure, List<Part> ofStep) {
        MarkTool held = bench.tool().orElse(null);
        tools.forEach((tool, button) -> button.setSelected(tool == held));
        Controls.seen(known, held == MarkTool.SCALE);
        known.getChildren()
                .forEach(n -> ((ToggleButton) n).setSelected(n.getUserData() == bench.known()));
        how.setText(words.of(held == null ? "figure.how" : "figure.how." + held.name()));
        List<String> labels = project.manual().parts().stream().map(PartLine::of).toList();
        List<Object> now =
                List.of(
                        labels,
                        ofStep,
                        figure.marks().stream()
                                .filter(m -> m instanceof Mark.OfPart)
                                .map(m -> ((Mark.OfPart) m).part())
                                .toList());
        if (!now.equals(shown)) {
            shown = now;
            parts.getChildren().setAll(ofStep.stream().map(p -> part(p, figure)).toList());
            if (ofStep.isEmpty()) {
                parts.getChildren().add(Controls.prose(words.of("figure.noParts"), "soft"));
            }
            parts.getChildren()
                    .add(
                            Controls.named(
                                    new PickField(labels, words, other),
                                    "addCalloutPart",
                                    words.of("figure.addPart")));
        }
        for (var node : parts.getChildren()) {
            if (node instanceof ToggleButton b) {
                boolean picked =
                        held != null
                                && held.ofPart()
                                && bench.part().filter(b.getUserData()::equals).isPresent();
                b.setSelected(picked);
            }
        }
    }

    private ToggleButton part(Part part, Figure figure) {
        boolean placed =
                figure.marks().stream()
                        .anyMatch(m -> m instanceof Mark.OfPart p && p.part().equals(part.id()));
        ToggleButton button = new ToggleButton(part.label());
        button.setId("pick-" + part.id());
        button.setUserData(part.id());
        button.setGraphic(Controls.label(part.item(), placed ? "balloon" : "balloon-open"));
        button.setMaxWidth(Double.MAX_VALUE);
        button.getStyleClass().add("pick");
        button.setAccessibleText(
                words.of(placed ? "figure.onPicture" : "figure.notOnPicture", part.label()));
        button.setOnAction(e -> bench.take(button.isSelected() ? part.id() : null));
        button.setOnDragDetected(
                e -> {
                    ClipboardContent dragged = new ClipboardContent();
                    dragged.put(PART, part.id().text());
                    button.startDragAndDrop(TransferMode.COPY).setContent(dragged);
                    e.consume();
                });
        return button;
    }
}
