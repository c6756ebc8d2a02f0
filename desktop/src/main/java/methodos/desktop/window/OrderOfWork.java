package methodos.desktop.window;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import methodos.core.finding.FindingScope;
import methodos.desktop.control.Controls;
import methodos.desktop.place.Place;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.TextSize;

/** The folding rule on the left: a leaf for each place, with what is open there. */
final class OrderOfWork extends VBox {

    private static final double LEAF = 130;
    private static final double TALLEST = 62;
    private static final double LOWEST = 38;

    /** Below that the name and what is open leave no room for the rule at the edge. */
    private static final double WITH_RULE = 58;

    /** Between two leaves, and what stands above and below all of them. */
    private static final double BETWEEN = 8;

    private static final double AROUND = 92;

    private static final String RULE = "leaf-rule";

    private final OpenProject project;
    private final Label program;
    private final Map<Place, ToggleButton> leaves = new EnumMap<>(Place.class);
    private final Map<Place, Label> open = new EnumMap<>(Place.class);
    private final ToggleGroup group = new ToggleGroup();

    OrderOfWork(OpenProject project, Consumer<Place> go, Runnable otherShade) {
        this.project = project;
        getStyleClass().add("order-of-work");
        setAlignment(Pos.TOP_LEFT);
        program = Controls.label(project.words().of("program"), "program");
        program.setId("program");
        getChildren().add(program);
        for (Place place : Place.values()) {
            ToggleButton leaf = leaf(place);
            leaf.setOnAction(
                    e -> {
                        leaf.setSelected(true);
                        go.accept(place);
                    });
            leaves.put(place, leaf);
            VBox.setMargin(leaf, new Insets(0, 0, 0, place.ordinal() % 2 == 0 ? 8 : 16));
            getChildren().add(leaf);
        }
        Region gap = new Region();
        VBox.setVgrow(gap, Priority.ALWAYS);
        Button shade = Controls.link("shade", project.words().of("shade.other"), otherShade);
        Button smaller = size("smallerText", "A\u2212", "text.smaller", TextSize::smaller);
        Button larger = size("largerText", "A+", "text.larger", TextSize::larger);
        HBox looks = Controls.row(4, shade, smaller, larger);
        VBox.setMargin(looks, new Insets(0, 0, 2, 10));
        getChildren().addAll(gap, looks);
        setMinHeight(0);
        heightProperty().addListener(o -> fit());
        project.checked().addListener(o -> refresh());
        project.stale().addListener(o -> refresh());
        refresh();
    }

    private Button size(String id, String text, String name, Runnable change) {
        Button button = Controls.link(id, text, change);
        button.setAccessibleText(project.words().of(name));
        button.setTooltip(new Tooltip(project.words().of(name)));
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    /** All leaves are in view, however low the window is. */
    private void fit() {
        double room = (getHeight() - AROUND) / leaves.size() - BETWEEN;
        double tall = Math.rint(Math.max(LOWEST, Math.min(TALLEST, room)));
        for (ToggleButton leaf : leaves.values()) {
            leaf.setMinHeight(tall);
            leaf.setPrefHeight(tall);
            Pane face = (Pane) leaf.getGraphic();
            face.setMinHeight(tall - 16);
            face.setPrefHeight(tall - 16);
            face.lookup("." + RULE).setVisible(tall >= WITH_RULE);
        }
    }

    private ToggleButton leaf(Place place) {
        Label name = Controls.label(project.words().of("place." + place.name()), "leaf-name");
        Label count = Controls.label("", "leaf-open");
        open.put(place, count);
        Pane face = new Pane(new VBox(1, name, count), pivot(), ticks());
        face.setMouseTransparent(true);
        face.setMinSize(LEAF - 24, 46);
        face.setPrefSize(LEAF - 24, 46);
        ToggleButton leaf = new ToggleButton();
        leaf.setId("place-" + place.name());
        leaf.setGraphic(face);
        leaf.setToggleGroup(group);
        leaf.getStyleClass().add("leaf");
        leaf.setMinSize(LEAF, 62);
        leaf.setMaxSize(LEAF, Region.USE_PREF_SIZE);
        return leaf;
    }

    private static Circle pivot() {
        Circle pivot = new Circle(LEAF - 24, 3, 4);
        pivot.getStyleClass().add("pivot");
        return pivot;
    }

    /** One line for all ticks: a start is quicker with a hundred nodes less to be dressed. */
    private static Path ticks() {
        Path ticks = new Path();
        ticks.getStyleClass().addAll("tick", RULE);
        ticks.setManaged(false);
        for (int i = 0; i < 11; i++) {
            ticks.getElements().add(new MoveTo(i * 10.2, 48));
            ticks.getElements().add(new LineTo(i * 10.2, i % 4 == 0 ? 38 : 43));
        }
        return ticks;
    }

    private void refresh() {
        Map<Place, Integer> counts = Place.counts(project.openPoints().get());
        for (Place place : Place.values()) {
            int n = place == Place.CHECKS ? findings() : counts.getOrDefault(place, 0);
            String text =
                    project.stale().get()
                            ? project.words().of("leaf.stale")
                            : n == 0
                                    ? project.words().of("leaf.none")
                                    : project.words().of("leaf.open", n);
            open.get(place).setText(text);
            open.get(place).getStyleClass().removeAll("leaf-quiet");
            if (n == 0) {
                open.get(place).getStyleClass().add("leaf-quiet");
            }
            leaves.get(place)
                    .setAccessibleText(project.words().of("place." + place.name()) + ", " + text);
        }
    }

    /** What could hurt, break or stop for the units that are looked at. */
    private int findings() {
        FindingScope scope = new FindingScope(project.manual(), project.sight().get());
        return (int)
                project.checked().get().stream()
                        .flatMap(r -> r.grave().stream())
                        .filter(scope::holds)
                        .count();
    }

    /** A click on the name of the program leads to other projects. */
    void onOthers(Runnable others) {
        program.setTooltip(new Tooltip(project.words().of("window.others")));
        program.setCursor(Cursor.HAND);
        program.setOnMouseClicked(e -> others.run());
    }

    /** What is open in a place, as its leaf says it. */
    String open(Place place) {
        return open.get(place).getText();
    }

    /** Whether this version has a place. */
    boolean has(Place place) {
        return !leaves.get(place).isDisabled();
    }

    void select(Place place) {
        group.selectToggle(leaves.get(place));
    }
}
