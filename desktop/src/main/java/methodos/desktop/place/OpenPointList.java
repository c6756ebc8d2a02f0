package methodos.desktop.place;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.layout.VBox;
import methodos.core.check.OpenPoint;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** The open points of one place, each leading to where it is settled. */
public final class OpenPointList extends VBox {

    private static final int SHOWN = 12;

    private final OpenProject project;
    private final Place place;
    private final Consumer<OpenPoint> go;

    public OpenPointList(OpenProject project, Place place, Consumer<OpenPoint> go) {
        super(6);
        this.project = project;
        this.place = place;
        this.go = go;
        project.openPoints().addListener(o -> refresh());
        refresh();
    }

    private void refresh() {
        List<OpenPoint> points =
                project.openPoints().get().stream()
                        .filter(p -> Place.of(p.matter()) == place)
                        .toList();
        getChildren().clear();
        if (points.isEmpty()) {
            getChildren().add(Controls.label(project.words().of("points.none"), "soft"));
            return;
        }
        getChildren()
                .add(Controls.label(project.words().of("points.head", points.size()), "open-head"));
        points.stream()
                .limit(SHOWN)
                .forEach(
                        p ->
                                getChildren()
                                        .add(
                                                Controls.link(
                                                        "point",
                                                        project.words()
                                                                .of(
                                                                        p.key(),
                                                                        p.arguments().toArray()),
                                                        () -> go.accept(p))));
        if (points.size() > SHOWN) {
            getChildren()
                    .add(
                            Controls.label(
                                    project.words().of("points.more", points.size() - SHOWN),
                                    "soft"));
        }
    }
}
