package methodos.desktop.tour;

import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Bounds;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import javafx.util.Duration;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.place.Place;
import methodos.desktop.project.OpenProject;
import methodos.desktop.seam.SeamState;

/**
 * Leads through the places: a sentence says what to do and a frame points at where; the next one
 * comes when it was done, or when somebody would rather go on.
 */
public final class TourBar extends HBox {

    private static final Duration OFTEN = Duration.millis(150);
    private static final double AROUND = 3;

    private final Parent window;
    private final Words words;
    private final Consumer<Place> go;
    private final Supplier<Place> shown;
    private final Runnable ended;
    private final List<Stop> stops;
    private final Label count = Controls.label("", "soft");
    private final Label sentence = Controls.prose("", "tour-sentence");
    private final Button there;
    private final Rectangle frame = new Rectangle();
    private final Timeline watch;
    private int at = -1;
    private BooleanSupplier done = () -> false;

    /**
     * What the tour sees of the window.
     *
     * @param root all of it
     * @param over what lies over the window and lets clicks through
     * @param shown the place that is shown
     * @param go shows a place
     */
    public record Host(Parent root, Pane over, Supplier<Place> shown, Consumer<Place> go) {}

    /**
     * @param ended called when it is over
     */
    public TourBar(OpenProject project, SeamState seam, Host host, Runnable ended) {
        super(14);
        this.window = host.root();
        this.words = project.words();
        this.go = host.go();
        this.shown = host.shown();
        this.ended = ended;
        this.stops = new Stops(window, project, seam, shown).all();
        there = Controls.link("tourThere", words.of("tour.there"), () -> go.accept(stop().place()));
        Button next = Controls.button("tourNext", words.of("tour.next"), this::next);
        Button end = Controls.link("tourEnd", words.of("tour.end"), this::end);
        for (Button whole : List.of(there, next, end)) {
            whole.setMinWidth(USE_PREF_SIZE);
        }
        sentence.setId("tourSentence");
        VBox told = new VBox(1, count, sentence);
        HBox.setHgrow(told, Priority.ALWAYS);
        getChildren().addAll(told, there, next, end);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("tour");
        frame.getStyleClass().add("tour-frame");
        frame.setMouseTransparent(true);
        host.over().getChildren().add(frame);
        watch = new Timeline(new KeyFrame(OFTEN, e -> look()));
        watch.setCycleCount(Animation.INDEFINITE);
        next();
        watch.play();
    }

    private Stop stop() {
        return stops.get(at);
    }

    private void next() {
        at++;
        if (at == stops.size()) {
            end();
            return;
        }
        go.accept(stop().place());
        done = stop().waits().get();
        count.setText(words.of("tour.count", at + 1, stops.size()));
        sentence.setText(words.of(stop().key()));
        look();
    }

    /** Goes on where the stop's deed was done, and points at where it is to be done. */
    private void look() {
        if (done.getAsBoolean()) {
            next();
            return;
        }
        Controls.seen(there, shown.get() != stop().place());
        Node target = stop().target() == null ? null : window.lookup("#" + stop().target());
        frame.setVisible(target != null && shown.get() == stop().place());
        if (frame.isVisible()) {
            Bounds bounds =
                    frame.getParent().sceneToLocal(target.localToScene(target.getLayoutBounds()));
            frame.setX(bounds.getMinX() - AROUND);
            frame.setY(bounds.getMinY() - AROUND);
            frame.setWidth(bounds.getWidth() + 2 * AROUND);
            frame.setHeight(bounds.getHeight() + 2 * AROUND);
        }
    }

    /** Ends the tour, wherever it is. */
    public void end() {
        watch.stop();
        ((Pane) frame.getParent()).getChildren().remove(frame);
        ended.run();
    }
}
