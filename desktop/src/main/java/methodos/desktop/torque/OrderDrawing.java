package methodos.desktop.torque;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Collections;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import javafx.application.Platform;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import methodos.core.figure.ScrewNumbers;
import methodos.core.manual.Figure;
import methodos.core.manual.Joint;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.manual.Step;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/** The screws of a joint as they lie in its figure, with the way from one to the next. */
final class OrderDrawing implements AutoCloseable {

    static final double WIDTH = 250;
    static final double HEIGHT = 150;

    private static final double INSET = 22;
    private static final double DISC = 13;

    /** Width over height of a picture that is not read yet, or is gone. */
    private static final double UNREAD = 16 / 9.0;

    /** A figure that shows the order, and its mark. */
    record Shown(Figure figure, Mark.ScrewOrder order) {}

    private final Theme theme;
    private final OpenProject project;

    /** Width over height by picture; their files are looked into once, beside the interface. */
    private final Map<String, Double> shapes = new HashMap<>();

    private final ExecutorService reading;

    OrderDrawing(Theme theme, OpenProject project) {
        this.reading = project.background().thread("work.sizes");
        this.theme = theme;
        this.project = project;
    }

    /** The first figure of a step that tightens the joint, with screws in their order. */
    static Optional<Shown> of(Manual manual, Joint joint) {
        return manual.steps()
                .filter(s -> s.joints().contains(joint.id()))
                .map(Step::figures)
                .flatMap(List::stream)
                .flatMap(f -> manual.figure(f).stream())
                .flatMap(
                        f ->
                                f.marks().stream()
                                        .filter(Mark.ScrewOrder.class::isInstance)
                                        .map(Mark.ScrewOrder.class::cast)
                                        .filter(o -> o.screws().size() > 1)
                                        .map(o -> new Shown(f, o)))
                .findFirst();
    }

    @Override
    public void close() {
        reading.shutdownNow();
    }

    /** Draws now, and again when the shape of the picture is known: the order hangs on it. */
    void draw(Surface canvas, Shown shown) {
        String picture = shown.figure().picture();
        Double shape = shapes.get(picture);
        draw(canvas, shown.order(), shape == null ? UNREAD : shape);
        if (shape == null && picture != null) {
            Path file = project.stills().file(picture);
            reading.execute(
                    () -> {
                        double read = shape(file).orElse(UNREAD);
                        Platform.runLater(
                                () -> {
                                    shapes.put(picture, read);
                                    draw(canvas, shown.order(), read);
                                });
                    });
        }
    }

    /** Only the head of the file is read. */
    private static Optional<Double> shape(Path file) {
        try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
            Iterator<ImageReader> readers =
                    in == null ? Collections.emptyIterator() : ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return Optional.empty();
            }
            ImageReader reader = readers.next();
            reader.setInput(in);
            return Optional.of(reader.getWidth(0) / (double) reader.getHeight(0));
        } catch (IOException gone) {
            return Optional.empty();
        }
    }

    private void draw(Surface canvas, Mark.ScrewOrder order, double shape) {
        Palette colors = theme.palette().get();
        GraphicsContext g = canvas.clean();
        List<Point> at = laidOut(order.screws(), shape);
        List<Integer> numbers = ScrewNumbers.of(order, shape, 1);
        Point[] inOrder = new Point[at.size()];
        for (int i = 0; i < at.size(); i++) {
            inOrder[numbers.get(i) - 1] = at.get(i);
        }
        g.setStroke(colors.mark());
        g.setLineWidth(1.5);
        g.setLineDashes(5, 4);
        for (int i = 1; i < inOrder.length; i++) {
            g.strokeLine(inOrder[i - 1].x(), inOrder[i - 1].y(), inOrder[i].x(), inOrder[i].y());
        }
        g.setLineDashes();
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.setFont(Theme.heading(14));
        for (int i = 0; i < inOrder.length; i++) {
            Point p = inOrder[i];
            g.setFill(colors.card());
            g.fillOval(p.x() - DISC, p.y() - DISC, 2 * DISC, 2 * DISC);
            g.strokeOval(p.x() - DISC, p.y() - DISC, 2 * DISC, 2 * DISC);
            g.setFill(colors.accent());
            g.fillText(String.valueOf(i + 1), p.x(), p.y());
        }
    }

    /** The screws as they lie to each other, as large as there is room. */
    private static List<Point> laidOut(List<Point> screws, double shape) {
        double left = screws.stream().mapToDouble(Point::x).min().orElse(0) * shape;
        double right = screws.stream().mapToDouble(Point::x).max().orElse(1) * shape;
        double top = screws.stream().mapToDouble(Point::y).min().orElse(0);
        double bottom = screws.stream().mapToDouble(Point::y).max().orElse(1);
        double scale =
                Math.min(
                        (WIDTH - 2 * INSET) / Math.max(1e-6, right - left),
                        (HEIGHT - 2 * INSET) / Math.max(1e-6, bottom - top));
        double x0 = (WIDTH - (right - left) * scale) / 2;
        double y0 = (HEIGHT - (bottom - top) * scale) / 2;
        return screws.stream()
                .map(
                        p ->
                                new Point(
                                        x0 + (p.x() * shape - left) * scale,
                                        y0 + (p.y() - top) * scale))
                .toList();
    }
}
