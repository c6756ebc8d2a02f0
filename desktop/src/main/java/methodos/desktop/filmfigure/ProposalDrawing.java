package methodos.desktop.filmfigure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import methodos.core.change.SeenChange;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.manual.Preparation;
import methodos.core.proposal.ProposedFigure;

/**
 * Draws a still with what is proposed on it, all in broken lines, and with what changed. It is
 * drawn on the picture, whose light does not follow that of the window.
 */
final class ProposalDrawing {

    private static final Color PROPOSED = Color.web("#0b6e5f");
    private static final Color HALO = Color.web("#ffffff");
    private static final Color GONE = Color.web("#b3420b");
    private static final Color NEW = Color.web("#0b6e5f");
    private static final double RADIUS = 13;

    private final Canvas canvas;
    private final double left;
    private final double top;
    private final double width;
    private final double height;

    private ProposalDrawing(Canvas canvas, Image still, double margin) {
        this.canvas = canvas;
        double room = canvas.getHeight() - margin;
        double scale = Math.min(canvas.getWidth() / still.getWidth(), room / still.getHeight());
        width = still.getWidth() * scale;
        height = still.getHeight() * scale;
        left = (canvas.getWidth() - width) / 2;
        top = margin + (room - height) / 2;
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        g.drawImage(still, left, top, width, height);
    }

    /** The large picture: crop, marks with their numbers in a row above. */
    static void proposal(Canvas canvas, Image still, ProposedFigure figure, int chosen) {
        ProposalDrawing drawing = new ProposalDrawing(canvas, still, 3 * RADIUS);
        if (figure.crop() != null) {
            drawing.crop(figure.crop(), still);
        }
        drawing.marks(figure.marks(), chosen);
    }

    /** A small picture with the outlines of what is gone, or of what is new. */
    static void changes(Canvas canvas, Image still, List<SeenChange> changes) {
        ProposalDrawing drawing = new ProposalDrawing(canvas, still, 0);
        changes.forEach(drawing::outline);
    }

    /** A picture as it is. */
    static void plain(Canvas canvas, Image still) {
        new ProposalDrawing(canvas, still, 3 * RADIUS);
    }

    private double x(Point p) {
        return left + p.x() * width;
    }

    private double y(Point p) {
        return top + p.y() * height;
    }

    private void crop(Preparation.Crop crop, Image still) {
        double shape = still.getHeight() / still.getWidth();
        GraphicsContext g = canvas.getGraphicsContext2D();
        double x = left + (crop.left() + .5) * width;
        double y = top + (crop.top() / shape + .5) * height;
        double w = crop.width() * width;
        double h = crop.height() / shape * height;
        g.setLineDashes(2, 4);
        g.setStroke(HALO);
        g.setLineWidth(3);
        g.strokeRect(x, y, w, h);
        g.setStroke(Color.BLACK);
        g.setLineWidth(1.2);
        g.strokeRect(x, y, w, h);
    }

    private record Balloon(int number, Point at) {}

    private void marks(List<ProposedFigure.ProposedMark> marks, int chosen) {
        List<Balloon> balloons = new ArrayList<>();
        for (int i = 0; i < marks.size(); i++) {
            Mark mark = marks.get(i).mark();
            balloons.add(new Balloon(i, mark.points().get(0)));
            if (mark instanceof Mark.Detail detail) {
                lens(detail);
            }
        }
        balloons.sort(Comparator.comparingDouble(b -> b.at.x()));
        double last = left - 2.4 * RADIUS;
        double after = balloons.size() * 2.4 * RADIUS;
        for (Balloon b : balloons) {
            after -= 2.4 * RADIUS;
            double x = Math.max(last + 2.4 * RADIUS, x(b.at));
            x = Math.min(x, left + width - RADIUS - after);
            last = x;
            balloon(b, x, top - 1.6 * RADIUS, b.number == chosen);
        }
    }

    private void balloon(Balloon b, double x, double y, boolean chosen) {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.setLineDashes();
        g.setStroke(HALO);
        g.setLineWidth(4);
        g.strokeLine(x, y + RADIUS, x(b.at), y(b.at));
        g.setLineDashes(5, 4);
        g.setStroke(PROPOSED);
        g.setLineWidth(chosen ? 3 : 2);
        g.strokeLine(x, y + RADIUS, x(b.at), y(b.at));
        g.setFill(HALO);
        g.fillOval(x - RADIUS, y - RADIUS, 2 * RADIUS, 2 * RADIUS);
        g.strokeOval(x - RADIUS, y - RADIUS, 2 * RADIUS, 2 * RADIUS);
        g.setLineDashes();
        g.setFill(PROPOSED);
        g.fillOval(x(b.at) - 3.5, y(b.at) - 3.5, 7, 7);
        g.setFont(Font.font(14));
        g.setTextAlign(TextAlignment.CENTER);
        g.fillText(Integer.toString(b.number + 1), x, y + 5);
    }

    private void lens(Mark.Detail detail) {
        GraphicsContext g = canvas.getGraphicsContext2D();
        double r =
                Math.hypot(x(detail.rim()) - x(detail.spot()), y(detail.rim()) - y(detail.spot()));
        g.setLineDashes(5, 4);
        g.setStroke(HALO);
        g.setLineWidth(2);
        g.strokeOval(x(detail.spot()) - r, y(detail.spot()) - r, 2 * r, 2 * r);
    }

    private void outline(SeenChange change) {
        GraphicsContext g = canvas.getGraphicsContext2D();
        List<Point> all = change.outline();
        double[] xs = all.stream().mapToDouble(this::x).toArray();
        double[] ys = all.stream().mapToDouble(this::y).toArray();
        g.setLineDashes();
        g.setStroke(HALO);
        g.setLineWidth(4);
        g.strokePolygon(xs, ys, xs.length);
        boolean gone = change.kind() == SeenChange.Kind.GONE;
        g.setLineDashes(gone ? new double[] {3, 3} : new double[0]);
        g.setStroke(gone ? GONE : NEW);
        g.setLineWidth(2);
        g.strokePolygon(xs, ys, xs.length);
    }
}
