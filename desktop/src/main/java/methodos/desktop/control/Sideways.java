package methodos.desktop.control;

import javafx.scene.control.ScrollPane;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Region;

/** A row that is scrolled sideways, by the wheel too: a wheel turns one way only. */
public class Sideways extends ScrollPane {

    private final Region row;

    public Sideways(Region row) {
        super(row);
        this.row = row;
        setFitToHeight(true);
        setVbarPolicy(ScrollBarPolicy.NEVER);
        getStyleClass().add("place");
        addEventFilter(ScrollEvent.SCROLL, this::wheel);
    }

    private void wheel(ScrollEvent e) {
        double hidden = row.getWidth() - getViewportBounds().getWidth();
        if (hidden > 0 && e.getDeltaY() != 0) {
            double to = getHvalue() - e.getDeltaY() * 2 / hidden;
            setHvalue(Math.max(0, Math.min(1, to)));
            e.consume();
        }
    }
}
