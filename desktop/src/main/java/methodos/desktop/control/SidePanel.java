package methodos.desktop.control;

import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;

/** The column at the right of a place: what goes with the table or drawing beside it. */
public final class SidePanel extends ScrollPane {

    private static final double WIDTH = 290;

    public SidePanel(Node... content) {
        VBox column = new VBox(14, content);
        column.setPadding(new Insets(16));
        setContent(column);
        setFitToWidth(true);
        setPrefWidth(WIDTH);
        setMinWidth(WIDTH);
        getStyleClass().add("side");
    }
}
