package methodos.desktop.checks;

import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import methodos.core.check.OpenPoint;
import methodos.core.check.Place;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;
import methodos.desktop.window.PlaceView;

/** The place Checks: everything that is open, by the place where it is settled. */
public final class ChecksPlace implements PlaceView {

    private final OpenProject project;
    private final Words words;
    private final Consumer<OpenPoint> go;
    private final VBox list = new VBox(8);
    private final ScrollPane scroll = new ScrollPane(list);

    public ChecksPlace(OpenProject project, Consumer<OpenPoint> go) {
        this.project = project;
        this.words = project.words();
        this.go = go;
        list.setPadding(new Insets(18, 24, 24, 20));
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("place");
        project.openPoints().addListener(o -> refresh());
        refresh();
    }

    private void refresh() {
        List<OpenPoint> all = project.openPoints().get();
        list.getChildren().clear();
        if (all.isEmpty()) {
            list.getChildren().add(Controls.prose(words.of("checks.none"), "soft"));
        }
        for (Place place : Place.values()) {
            List<OpenPoint> here = all.stream().filter(p -> p.place() == place).toList();
            if (!here.isEmpty()) {
                list.getChildren()
                        .add(
                                Controls.label(
                                        words.of("place." + place.name()) + "  " + here.size(),
                                        "section-head"));
                here.forEach(
                        p ->
                                list.getChildren()
                                        .add(
                                                Controls.link(
                                                        "finding",
                                                        words.of(p.key(), p.arguments().toArray()),
                                                        () -> go.accept(p))));
            }
        }
    }

    @Override
    public Parent node() {
        return scroll;
    }

    @Override
    public String subtitle() {
        return words.of("checks.subtitle");
    }
}
