package methodos.desktop.figure;

import java.awt.image.BufferedImage;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import methodos.core.edit.FigureEdits;
import methodos.core.figure.FigureDrawing;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.desktop.control.Controls;
import methodos.desktop.footage.Pixels;
import methodos.desktop.project.OpenProject;
import methodos.publish.figure.FigurePainter;

/** The figure large, as it will be printed, with its marks under the mouse and the keys. */
final class FigureCanvas extends Region {

    private static final double REACH = 1.3;
    private static final double NUDGE = 0.004;

    private final OpenProject project;
    private final ImageView view = new ImageView();
    private Consumer<Point> onPicture = p -> {};
    private Figure figure;
    private BufferedImage still;
    private FigureDrawing drawing;
    private String chosen;
    private boolean onBalloon;

    /** The screw of the chosen order that keys and mouse move. */
    private int screw;

    FigureCanvas(OpenProject project) {
        this.project = project;
        Controls.named(this, "figure", project.words().of("figure.canvas"));
        setFocusTraversable(true);
        getStyleClass().add("figure-sheet");
        getChildren().add(view);
        setOnMousePressed(this::press);
        setOnMouseDragged(this::drag);
        setOnKeyPressed(this::key);
    }

    /** Called with a place on the picture that was clicked where no mark is. */
    void onPicture(Consumer<Point> listener) {
        onPicture = listener;
    }

    void show(Figure shown, BufferedImage picture) {
        figure = shown;
        still = picture;
        repaint();
    }

    String chosen() {
        return chosen;
    }

    void choose(String mark) {
        chosen = mark;
    }

    @Override
    protected void layoutChildren() {
        repaint();
    }

    private void repaint() {
        if (figure == null || still == null || getWidth() < 20 || getHeight() < 20) {
            view.setImage(null);
            return;
        }
        drawing = FigureDrawing.of(figure, project.manual(), still.getWidth(), still.getHeight());
        double scale =
                Math.min((getWidth() - 4) / drawing.width(), (getHeight() - 4) / drawing.height());
        int width = (int) Math.floor(drawing.width() * scale);
        view.setImage(Pixels.image(FigurePainter.paint(drawing, still, width)));
        view.relocate(
                Math.round((getWidth() - width) / 2),
                Math.round((getHeight() - drawing.height() * scale) / 2));
    }

    /** A place of the window in the units of the drawing. */
    private Point onSheet(MouseEvent e) {
        double scale = view.getImage().getWidth() / drawing.width();
        return new Point(
                (e.getX() - view.getLayoutX()) / scale, (e.getY() - view.getLayoutY()) / scale);
    }

    private Point onStill(Point sheet) {
        var p = drawing.picture();
        return new Point((sheet.x() - p.x()) / p.width(), (sheet.y() - p.y()) / p.height());
    }

    private void press(MouseEvent e) {
        requestFocus();
        if (drawing == null || view.getImage() == null) {
            return;
        }
        Point at = onSheet(e);
        Optional<String> hit = hit(at);
        chosen = hit.orElse(null);
        if (hit.isEmpty()) {
            Point p = onStill(at);
            if (p.x() >= 0 && p.x() <= 1 && p.y() >= 0 && p.y() <= 1) {
                onPicture.accept(p);
            }
        }
    }

    private Optional<String> hit(Point at) {
        double radius = FigureDrawing.radius(still.getWidth()) * REACH;
        int i = 0;
        for (Mark mark : figure.marks()) {
            if (mark instanceof Mark.Callout c) {
                if (drawing.balloons().get(i++).distance(at) <= radius) {
                    onBalloon = true;
                    return Optional.of(c.id());
                }
                var p = drawing.picture();
                Point target =
                        new Point(
                                p.x() + c.target().x() * p.width(),
                                p.y() + c.target().y() * p.height());
                if (target.distance(at) <= radius * .7) {
                    onBalloon = false;
                    return Optional.of(c.id());
                }
            } else if (mark instanceof Mark.ScrewOrder order) {
                int hit = hit(order, at, radius);
                if (hit >= 0) {
                    screw = hit;
                    onBalloon = false;
                    return Optional.of(order.id());
                }
            }
        }
        return Optional.empty();
    }

    private int hit(Mark.ScrewOrder order, Point at, double radius) {
        var p = drawing.picture();
        for (int i = 0; i < order.screws().size(); i++) {
            Point s = order.screws().get(i);
            Point middle = new Point(p.x() + s.x() * p.width(), p.y() + s.y() * p.height());
            if (middle.distance(at) <= radius) {
                return i;
            }
        }
        return -1;
    }

    private Optional<Mark.ScrewOrder> chosenOrder() {
        return figure.marks().stream()
                .filter(m -> m.id().equals(chosen) && m instanceof Mark.ScrewOrder)
                .map(m -> (Mark.ScrewOrder) m)
                .filter(o -> screw < o.screws().size())
                .findFirst();
    }

    private static Point onPicture(Point p) {
        return new Point(Math.max(0, Math.min(1, p.x())), Math.max(0, Math.min(1, p.y())));
    }

    private void drag(MouseEvent e) {
        if (chosen == null || drawing == null || figure == null) {
            return;
        }
        Point sheet = onSheet(e);
        double edge = FigureDrawing.radius(still.getWidth()) + 2;
        Point held =
                new Point(
                        Math.max(edge, Math.min(drawing.width() - edge, sheet.x())),
                        Math.max(edge, Math.min(drawing.height() - edge, sheet.y())));
        if (chosenOrder().isPresent()) {
            Point to = onPicture(onStill(held));
            project.apply(FigureEdits.moveScrew(figure.id(), chosen, screw, to));
        } else if (onBalloon) {
            project.apply(FigureEdits.moveBalloon(figure.id(), chosen, onStill(held)));
        } else {
            Point to = onPicture(onStill(held));
            project.apply(FigureEdits.moveTarget(figure.id(), chosen, to));
        }
    }

    private void key(KeyEvent e) {
        if (figure == null || figure.marks().isEmpty()) {
            return;
        }
        switch (e.getCode()) {
            case N -> next(e.isShiftDown() ? -1 : 1);
            case DELETE, BACK_SPACE -> delete();
            case LEFT -> nudge(-NUDGE, 0);
            case RIGHT -> nudge(NUDGE, 0);
            case UP -> nudge(0, -NUDGE);
            case DOWN -> nudge(0, NUDGE);
            default -> {
                return;
            }
        }
        e.consume();
    }

    private void next(int by) {
        Optional<Mark.ScrewOrder> order = chosenOrder();
        int other = screw + by;
        if (order.isPresent() && other >= 0 && other < order.get().screws().size()) {
            screw = other;
            return;
        }
        screw = 0;
        var ids = figure.marks().stream().map(Mark::id).toList();
        chosen = ids.get(Math.floorMod(ids.indexOf(chosen) + by, ids.size()));
        onBalloon = false;
    }

    void delete() {
        if (chosen != null && figure != null) {
            project.apply(
                    chosenOrder().isPresent()
                            ? FigureEdits.deleteScrew(figure.id(), chosen, screw)
                            : FigureEdits.deleteMark(figure.id(), chosen));
            chosen = null;
        }
    }

    private void nudge(double dx, double dy) {
        Optional<Mark.ScrewOrder> order = chosenOrder();
        if (order.isPresent()) {
            Point to = onPicture(order.get().screws().get(screw).plus(dx, dy));
            project.apply(FigureEdits.moveScrew(figure.id(), chosen, screw, to));
            return;
        }
        figure.marks().stream()
                .filter(m -> m.id().equals(chosen) && m instanceof Mark.Callout)
                .map(m -> (Mark.Callout) m)
                .findFirst()
                .ifPresent(
                        c ->
                                project.apply(
                                        FigureEdits.moveTarget(
                                                figure.id(), c.id(), c.target().plus(dx, dy))));
    }
}
