package methodos.desktop.figure;

import java.awt.image.BufferedImage;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicLong;
import javafx.application.Platform;
import javafx.scene.layout.VBox;
import methodos.core.description.Id;
import methodos.core.figure.FigureDrawing;
import methodos.core.figure.Legibility;
import methodos.core.figure.Shape;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;
import methodos.publish.figure.FigurePainter;

/** Tells what of a figure is hard to read; worked out beside the interface. */
final class LegibleView implements AutoCloseable {

    /** The ground is looked at in a picture of this width. */
    private static final int WIDTH = 480;

    private final OpenProject project;
    private final PreparedPictures pictures;
    private final VBox list;
    private final AtomicLong newest = new AtomicLong();
    private final ExecutorService checking;

    LegibleView(OpenProject project, PreparedPictures pictures, VBox list) {
        this.checking = project.background().thread("work.legibility");
        this.project = project;
        this.pictures = pictures;
        this.list = list;
        list.setId("legibility");
    }

    void show(Figure figure) {
        Manual manual = project.manual();
        FigureDrawing drawing = FigureDrawing.published(figure, manual, project.words(), pictures);
        if (drawing.width() == 0) {
            list.getChildren().clear();
            return;
        }
        Map<Id<Figure>, BufferedImage> shown = new HashMap<>();
        for (Shape shape : drawing.shapes()) {
            if (shape instanceof Shape.Picture p) {
                manual.figure(p.figure())
                        .flatMap(pictures::prepared)
                        .ifPresent(image -> shown.put(p.figure(), image));
            }
        }
        long ticket = newest.incrementAndGet();
        checking.execute(
                () -> {
                    if (newest.get() == ticket) {
                        BufferedImage ground =
                                new FigurePainter(drawing, id -> Optional.ofNullable(shown.get(id)))
                                        .backdrop(WIDTH);
                        List<String> findings = findings(figure, drawing, ground);
                        Platform.runLater(() -> tell(ticket, findings));
                    }
                });
    }

    private List<String> findings(Figure figure, FigureDrawing drawing, BufferedImage ground) {
        double scale = ground.getWidth() / drawing.width();
        return Legibility.of(
                figure,
                drawing,
                (x, y) ->
                        ground.getRGB(
                                        clamp(x * scale, ground.getWidth()),
                                        clamp(y * scale, ground.getHeight()))
                                & 0xFFFFFF,
                project.words());
    }

    private static int clamp(double v, int size) {
        return Math.max(0, Math.min(size - 1, (int) v));
    }

    private void tell(long ticket, List<String> findings) {
        if (newest.get() != ticket) {
            return;
        }
        list.getChildren()
                .setAll(
                        Controls.label(
                                project.words()
                                        .of(
                                                findings.isEmpty()
                                                        ? "figure.legible"
                                                        : "figure.legible.not"),
                                findings.isEmpty() ? "soft" : "panel-head"));
        findings.forEach(f -> list.getChildren().add(Controls.prose(f, "open")));
    }

    @Override
    public void close() {
        checking.shutdownNow();
    }
}
