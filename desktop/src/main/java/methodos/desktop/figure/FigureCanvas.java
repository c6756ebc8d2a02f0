package methodos.desktop.figure;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Group;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.Region;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
import methodos.core.description.Id;
import methodos.core.figure.FigureDrawing;
import methodos.core.figure.FigureDrawing.Handle;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.DeedMenu;
import methodos.desktop.footage.Pixels;
import methodos.desktop.project.OpenProject;
import methodos.publish.figure.FigurePainter;

/** The figure large, as it will be printed, with its marks under the mouse and the keys. */
final class FigureCanvas extends Region {

    private static final double HANDLE = 5;

    /** So many rows of the key may come into the margin and below before the picture gives way. */
    private static final int ROWS = 1;

    /** How large a drawing is shown and where its corner is. */
    private record Fit(List<Object> of, double scale, double x, double y) {}

    private final OpenProject project;
    private final FigureBench bench;
    private final MarkKeys keys;
    private final PreparedPictures pictures;
    private final MarkClipboard clipboard;
    private final ImageView view = new ImageView();
    private final Group over = new Group();
    private Image preview;

    private Fit fit;
    private BufferedImage backdrop;
    private List<Object> backdropOf = List.of();

    /**
     * @param say says a sentence at the foot of the window
     */
    FigureCanvas(
            OpenProject project,
            FigureBench bench,
            MarkKeys keys,
            PreparedPictures pictures,
            Consumer<String> say) {
        this.project = project;
        this.bench = bench;
        this.keys = keys;
        this.pictures = pictures;
        this.clipboard = new MarkClipboard(project, bench, say);
        Controls.named(this, "figure", project.words().of("figure.canvas"));
        setFocusTraversable(true);
        getStyleClass().add("figure-sheet");
        over.setManaged(false);
        over.setMouseTransparent(true);
        getChildren().addAll(view, over);
        setOnMousePressed(
                e -> {
                    requestFocus();
                    onSheet(e).ifPresent(e.isPrimaryButtonDown() ? bench::press : bench::chooseAt);
                });
        setOnMouseDragged(e -> onSheet(e).ifPresent(bench::drag));
        setOnMouseReleased(e -> onSheet(e).ifPresent(bench::release));
        setOnContextMenuRequested(e -> menu().show(this, e));
        setOnDragOver(
                e -> {
                    if (e.getDragboard().hasContent(ToolList.PART)) {
                        e.acceptTransferModes(TransferMode.COPY);
                        e.consume();
                    }
                });
        setOnDragDropped(
                e -> {
                    if (e.getDragboard().getContent(ToolList.PART) instanceof String part) {
                        onSheet(e.getX(), e.getY())
                                .ifPresent(at -> bench.putCallout(new Id<>(part), at));
                        e.setDropCompleted(true);
                        e.consume();
                        requestFocus();
                    }
                });
        setOnKeyPressed(this::key);
    }

    /** Shows a frame of a recording in the place of the figure; null shows the figure again. */
    void preview(Image frame) {
        preview = frame;
        repaint();
    }

    @Override
    protected void layoutChildren() {
        repaint();
    }

    void repaint() {
        FigureDrawing drawing = bench.drawing().orElse(null);
        over.getChildren().clear();
        if (getWidth() < 20 || getHeight() < 20 || drawing == null && preview == null) {
            view.setImage(null);
            return;
        }
        if (preview != null) {
            show(preview);
            return;
        }
        fit = fitted(drawing);
        int width = (int) Math.floor(drawing.width() * fit.scale);
        if (width < 1) {
            return;
        }
        FigurePainter painter =
                new FigurePainter(
                        drawing, id -> project.manual().figure(id).flatMap(pictures::prepared));
        view.setImage(Pixels.image(painter.over(backdrop(painter, drawing, width))));
        view.setFitWidth(0);
        view.relocate(fit.x, fit.y);
        mark(drawing, fit.scale);
    }

    /** The picture keeps its size and place while marks are put on it, as long as all fits. */
    private Fit fitted(FigureDrawing d) {
        List<Object> of = new ArrayList<>(List.of(d.width(), getWidth(), getHeight()));
        bench.figure().ifPresent(f -> of.addAll(List.of(f.id(), f.prepared())));
        if (fit != null && fit.of.equals(of) && fit.y + d.height() * fit.scale <= getHeight() - 2) {
            return fit;
        }
        double height = d.height() + ROWS * FigureDrawing.KEY_ROW * d.width();
        double scale = Math.min((getWidth() - 4) / d.width(), (getHeight() - 4) / height);
        return new Fit(
                of,
                scale,
                Math.round((getWidth() - d.width() * scale) / 2),
                Math.round((getHeight() - height * scale) / 2));
    }

    private void show(Image frame) {
        double fit =
                Math.min(
                        1,
                        Math.min(
                                (getWidth() - 4) / frame.getWidth(),
                                (getHeight() - 4) / frame.getHeight()));
        view.setImage(frame);
        view.setFitWidth(fit < 1 ? frame.getWidth() * fit : 0);
        view.setPreserveRatio(true);
        view.relocate(
                Math.round((getWidth() - frame.getWidth() * fit) / 2),
                Math.round((getHeight() - frame.getHeight() * fit) / 2));
    }

    /** The pictures under the marks, painted once for as long as they stay as they are. */
    private BufferedImage backdrop(FigurePainter painter, FigureDrawing drawing, int width) {
        List<Object> now = new ArrayList<>();
        now.add(width);
        now.add(drawing.height());
        for (var shape : drawing.shapes()) {
            if (shape instanceof methodos.core.figure.Shape.Picture p) {
                now.add(p);
                now.add(project.manual().figure(p.figure()).flatMap(pictures::prepared));
            }
        }
        if (backdrop == null || !now.equals(backdropOf)) {
            backdrop = painter.backdrop(width);
            backdropOf = now;
        }
        return backdrop;
    }

    /** Shows where what is chosen can be taken hold of, and what is being drawn. */
    private void mark(FigureDrawing drawing, double scale) {
        bench.chosen()
                .ifPresent(
                        chosen -> {
                            for (Handle h : drawing.handles()) {
                                if (h.mark().equals(chosen.mark())) {
                                    handle(h, h.index() == chosen.index(), scale);
                                }
                            }
                        });
        bench.figure().stream()
                .flatMap(f -> f.marks().stream())
                .filter(m -> m instanceof Mark.Cover)
                .filter(m -> bench.chosen().filter(c -> c.mark().equals(m.id())).isPresent())
                .forEach(
                        m ->
                                box(
                                        at(drawing, ((Mark.Cover) m).corner()),
                                        at(drawing, ((Mark.Cover) m).opposite()),
                                        scale));
        bench.drawn()
                .ifPresent(
                        ends -> {
                            if (bench.framer().orElseThrow() == FigureBench.Framer.CROP) {
                                box(ends.get(0), ends.get(1), scale);
                            } else {
                                line(ends.get(0), ends.get(1), scale);
                            }
                        });
    }

    private static Point at(FigureDrawing drawing, Point still) {
        return drawing.picture().at(drawing.framing().seen(still));
    }

    private double x(double sheet, double scale) {
        return view.getLayoutX() + sheet * scale;
    }

    private double y(double sheet, double scale) {
        return view.getLayoutY() + sheet * scale;
    }

    private void handle(Handle h, boolean chosen, double scale) {
        Circle circle = new Circle(x(h.x(), scale), y(h.y(), scale), chosen ? HANDLE + 2 : HANDLE);
        styled(circle, chosen ? "mark-handle-chosen" : "mark-handle");
    }

    private void box(Point a, Point b, double scale) {
        styled(
                new Rectangle(
                        x(Math.min(a.x(), b.x()), scale),
                        y(Math.min(a.y(), b.y()), scale),
                        Math.abs(a.x() - b.x()) * scale,
                        Math.abs(a.y() - b.y()) * scale),
                "mark-frame");
    }

    private void line(Point a, Point b, double scale) {
        styled(
                new Line(x(a.x(), scale), y(a.y(), scale), x(b.x(), scale), y(b.y(), scale)),
                "mark-frame");
    }

    private void styled(Shape shape, String style) {
        shape.getStyleClass().add(style);
        over.getChildren().add(shape);
    }

    /** A place of the window in the units of the drawing. */
    private Optional<Point> onSheet(MouseEvent e) {
        return onSheet(e.getX(), e.getY());
    }

    private Optional<Point> onSheet(double x, double y) {
        if (preview != null || view.getImage() == null) {
            return Optional.empty();
        }
        return bench.drawing()
                .map(
                        d -> {
                            double scale = view.getImage().getWidth() / d.width();
                            return new Point(
                                    (x - view.getLayoutX()) / scale,
                                    (y - view.getLayoutY()) / scale);
                        });
    }

    private DeedMenu menu() {
        Words words = project.words();
        boolean mark = bench.chosenMark().isPresent();
        return new DeedMenu("markMenu")
                .item(mark, "duplicate", words.of("mark.duplicate"), keys::duplicate)
                .item(mark, "delete", words.of("mark.delete"), keys::delete)
                .item("copy", words.of(mark ? "mark.copy" : "mark.copyAll"), clipboard::copy)
                .item("paste", words.of("mark.paste"), clipboard::paste)
                .line()
                .item("next", words.of("mark.next"), () -> keys.next(1, false));
    }

    private void key(KeyEvent e) {
        if (e.isShortcutDown() && e.getCode() == KeyCode.D) {
            keys.duplicate();
        } else if (e.isShortcutDown() && e.getCode() == KeyCode.C) {
            clipboard.copy();
        } else if (e.isShortcutDown() && e.getCode() == KeyCode.V) {
            clipboard.paste();
        } else if (e.isShortcutDown() || !moves(e) && !acts(e) && !picks(e)) {
            return;
        }
        e.consume();
    }

    private boolean moves(KeyEvent e) {
        boolean whole = e.isShiftDown();
        boolean fine = e.isAltDown();
        switch (e.getCode()) {
            case LEFT -> keys.nudge(-1, 0, whole, fine);
            case RIGHT -> keys.nudge(1, 0, whole, fine);
            case UP -> keys.nudge(0, -1, whole, fine);
            case DOWN -> keys.nudge(0, 1, whole, fine);
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean acts(KeyEvent e) {
        switch (e.getCode()) {
            case N -> keys.next(e.isShiftDown() ? -1 : 1, false);
            case P -> keys.next(e.isShiftDown() ? -1 : 1, true);
            case DELETE, BACK_SPACE -> keys.delete();
            case ENTER -> keys.put();
            case INSERT -> keys.addPoint();
            case ESCAPE -> bench.take((MarkTool) null);
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean picks(KeyEvent e) {
        for (MarkTool tool : MarkTool.values()) {
            if (tool.key().equals(e.getCode().getName())) {
                bench.take(tool);
                return true;
            }
        }
        return false;
    }
}
