package methodos.desktop.checks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import methodos.core.ledger.LedgerThread;
import methodos.core.words.Words;
import methodos.desktop.theme.Lettering;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/**
 * Draws a ledger: steps run down an edge, each line leaves it where a thing comes off and returns
 * where it goes on again; what does not come back ends in the open.
 */
final class LedgerDrawing {

    private static final double EDGE = 84;
    private static final double MARGIN = 14;
    private static final double BAND = 9;
    private static final double LABEL = 20;
    private static final double NEAR = 6;

    /** Room for the labels of the widest lines. */
    private static final double RIGHT = 86;

    private static final double MOST_STRETCHED = 1.9;

    /** A label is tried on its line at these angles from its middle, in degrees. */
    private static final int[] ANGLES = {0, 12, -12, 24, -24, 36, -36, 48, -48, 60, -60};

    private final Theme theme;
    private final Words words;
    private final Lettering lettering = new Lettering();

    /** Where the ends of what does not come back were drawn. */
    private final List<End> ends = new ArrayList<>();

    /** Where the drawing ends. */
    private double right;

    private double bottom;

    private record End(LedgerPicture.Loose loose, Bounds bounds) {}

    LedgerDrawing(Theme theme, Words words) {
        this.theme = theme;
        this.words = words;
    }

    private Palette colors() {
        return theme.palette().get();
    }

    /** What stands under a point: an end that does not come back, or a line. */
    Optional<String> told(Surface canvas, LedgerPicture picture, double x, double y) {
        Optional<String> end = looseAt(x, y).map(LedgerPicture.Loose::label);
        if (end.isPresent()) {
            return end;
        }
        Scale scale = Scale.of(canvas, picture);
        return picture.arcs().stream()
                .filter(
                        a ->
                                Math.abs(
                                                Math.hypot(
                                                                (x - EDGE) / scale.stretch(),
                                                                y - scale.middle(a))
                                                        - scale.radius(a))
                                        < NEAR)
                .reduce((a, b) -> b)
                .map(a -> words.of("ledger.line", a.label(), a.from(), a.to()));
    }

    Optional<LedgerPicture.Loose> looseAt(double x, double y) {
        return ends.stream().filter(e -> e.bounds().contains(x, y)).map(End::loose).findFirst();
    }

    /**
     * Steps along the height.
     *
     * @param stretch how much wider than high lines are, so that they lie apart
     */
    private record Scale(double top, double perStep, double stretch) {

        static Scale of(Surface canvas, LedgerPicture picture) {
            double perStep = (canvas.getHeight() - 2 * MARGIN) / Math.max(1, picture.steps() + 1);
            double longest =
                    picture.arcs().stream()
                            .mapToDouble(a -> (a.to() - a.from()) * perStep / 2)
                            .max()
                            .orElse(1);
            double room = (canvas.getWidth() - EDGE - RIGHT) / Math.max(1, longest);
            return new Scale(MARGIN, perStep, Math.max(.4, Math.min(MOST_STRETCHED, room)));
        }

        double wide(LedgerPicture.Arc arc) {
            return radius(arc) * stretch;
        }

        double y(double step) {
            return Math.round(top + step * perStep) + .5;
        }

        double middle(LedgerPicture.Arc arc) {
            return (y(arc.from()) + y(arc.to())) / 2;
        }

        double radius(LedgerPicture.Arc arc) {
            return Math.max(4, (y(arc.to()) - y(arc.from())) / 2);
        }
    }

    /**
     * @param chosen id of what the chosen finding is about, null where none is chosen
     * @param steps numbers of the steps of the chosen finding
     */
    void draw(Surface canvas, LedgerPicture picture, String chosen, List<Integer> steps) {
        GraphicsContext g = Lettering.clean(canvas);
        ends.clear();
        right = canvas.getWidth();
        bottom = canvas.getHeight();
        if (picture.steps() == 0) {
            return;
        }
        Scale scale = Scale.of(canvas, picture);
        bands(g, scale, picture);
        edge(g, scale, picture.steps());
        picture.arcs().forEach(a -> arc(g, scale, a));
        List<Bounds> taken = new ArrayList<>();
        looseEnds(g, scale, picture, chosen, taken);
        picture.arcs().forEach(a -> label(g, scale, a, taken));
        key(g);
        g.setFill(colors().open());
        steps.forEach(s -> here(g, scale.y(s)));
    }

    /** Points at a step from the side of its number. */
    private static void here(GraphicsContext g, double y) {
        double[] xs = {EDGE - 16, EDGE - 5, EDGE - 16};
        double[] ys = {y - 6, y, y + 6};
        g.fillPolygon(xs, ys, 3);
    }

    /** What the lines are, in the corner that they leave free. */
    private void key(GraphicsContext g) {
        Font font = Theme.text(13);
        double y = bottom - MARGIN - LABEL * LedgerThread.Kind.values().length;
        for (LedgerThread.Kind kind : LedgerThread.Kind.values()) {
            String text = words.of("ledger.key." + kind.name());
            double x = right - 74;
            style(g, kind);
            g.strokeLine(x - 30, y, x - 6, y);
            g.setLineDashes();
            g.setLineWidth(1);
            lettering.text(g, text, font, colors().soft(), x, y);
            y += LABEL;
        }
    }

    private void bands(GraphicsContext g, Scale scale, LedgerPicture picture) {
        for (LedgerPicture.Band band : picture.bands()) {
            double y1 = scale.y(band.first() - .5) + 1;
            double y2 = scale.y(band.last() + .5) - 1;
            g.setFill(colors().tint());
            g.fillRect(2, y1, BAND, y2 - y1);
            Font font = Theme.label(13);
            if (lettering.width(band.name(), font) < y2 - y1) {
                g.save();
                g.translate(24, y1 + 2);
                g.rotate(90);
                lettering.text(g, band.name(), font, colors().accent(), 0, 0);
                g.restore();
            }
        }
    }

    private void edge(GraphicsContext g, Scale scale, int steps) {
        g.setStroke(colors().ruleEdge());
        double x = EDGE + .5;
        g.strokeLine(x, scale.y(.5), x, scale.y(steps + .5));
        int every = scale.perStep() * 5 >= 16 ? 5 : 10;
        g.setTextAlign(TextAlignment.RIGHT);
        for (int step = 1; step <= steps; step++) {
            boolean numbered = step % every == 0 || step == 1;
            double y = scale.y(step);
            if (numbered || scale.perStep() >= 4) {
                g.strokeLine(x - (numbered ? 10 : 5), y, x, y);
            }
            if (numbered) {
                lettering.text(g, String.valueOf(step), Theme.label(13), colors().ink(), x - 16, y);
            }
        }
        g.setTextAlign(TextAlignment.LEFT);
    }

    private Color color(LedgerThread.Kind kind) {
        return switch (kind) {
            case PART, JOINT -> colors().mark();
            case ENERGY, FLUID -> colors().ruleEdge();
            case AID, MARK, COUNTER -> colors().soft();
        };
    }

    private void style(GraphicsContext g, LedgerThread.Kind kind) {
        g.setStroke(color(kind));
        switch (kind) {
            case PART -> g.setLineWidth(1.8);
            case ENERGY, FLUID -> g.setLineWidth(2.4);
            case JOINT, AID, COUNTER -> g.setLineWidth(1);
            case MARK -> {
                g.setLineWidth(1.4);
                g.setLineDashes(2, 4);
            }
        }
    }

    private void arc(GraphicsContext g, Scale scale, LedgerPicture.Arc arc) {
        double r = scale.radius(arc);
        double wide = scale.wide(arc);
        style(g, arc.kind());
        g.strokeArc(EDGE - wide, scale.middle(arc) - r, 2 * wide, 2 * r, -90, 180, ArcType.OPEN);
        g.setLineDashes();
        g.setLineWidth(1);
        g.setFill(color(arc.kind()));
        dot(g, scale.y(arc.from()));
        dot(g, scale.y(arc.to()));
    }

    private static void dot(GraphicsContext g, double y) {
        g.fillOval(EDGE - 3, y - 3.5, 7, 7);
    }

    private void label(GraphicsContext g, Scale scale, LedgerPicture.Arc arc, List<Bounds> taken) {
        Font font = Theme.text(13);
        double r = scale.radius(arc);
        double wide = scale.wide(arc);
        String text = shortened(arc.label(), 44);
        double width = lettering.width(text, font) + 6;
        for (int angle : ANGLES) {
            double radians = Math.toRadians(angle);
            double x = EDGE + wide * Math.cos(radians) - width / 2;
            double y = scale.middle(arc) + r * Math.sin(radians) - LABEL / 2;
            Bounds place = new BoundingBox(x, y, width, LABEL);
            boolean fits =
                    x > EDGE + 8
                            && x + width < right - 4
                            && taken.stream().noneMatch(place::intersects);
            if (fits) {
                taken.add(place);
                g.setFill(colors().sheet());
                g.fillRect(x, y + 2, width, LABEL - 4);
                Color ink =
                        arc.kind() == LedgerThread.Kind.ENERGY ? colors().soft() : colors().ink();
                lettering.text(g, text, font, ink, x + 3, y + LABEL / 2);
                return;
            }
        }
    }

    private static String shortened(String label, int most) {
        return label.length() <= most ? label : label.substring(0, most - 1).stripTrailing() + "…";
    }

    private void looseEnds(
            GraphicsContext g,
            Scale scale,
            LedgerPicture picture,
            String chosen,
            List<Bounds> taken) {
        Font font = Theme.heading(13);
        double lowest = 0;
        for (LedgerPicture.Loose loose : picture.looseEnds()) {
            double y1 = scale.y(loose.from());
            double y2 = Math.max(y1 + 26, lowest + LABEL + 8);
            String text = shortened(loose.label(), 60);
            double width = lettering.width(text, font) + 16;
            double x2 = Math.max(EDGE + 60, Math.min(EDGE + 260, right - width - 24));
            lowest = y2;
            g.setStroke(colors().open());
            g.setLineWidth(loose.subject().equals(chosen) ? 3.4 : 2.2);
            g.beginPath();
            g.moveTo(EDGE, y1);
            g.bezierCurveTo(EDGE + (x2 - EDGE) * .6, y1, x2 - 14, y1, x2, y2 - 5);
            g.stroke();
            along(y1, x2, y2, taken);
            g.setFill(colors().open());
            dot(g, y1);
            g.setFill(colors().sheet());
            g.setLineWidth(2);
            g.fillOval(x2 - 5, y2 - 5, 10, 10);
            g.strokeOval(x2 - 5, y2 - 5, 10, 10);
            g.setLineWidth(1);
            double left = x2 + 10;
            g.fillRoundRect(left + .5, y2 - 11.5, width, 23, 5, 5);
            g.strokeRoundRect(left + .5, y2 - 11.5, width, 23, 5, 5);
            lettering.text(g, text, font, colors().open(), left + 8, y2);
            Bounds place = new BoundingBox(x2 - 8, y2 - 13, width + 22, 26);
            taken.add(place);
            ends.add(new End(loose, place));
            loose.expected().ifPresent(step -> expected(g, scale, step, taken));
        }
    }

    /** No label stands on a line that ends in the open. */
    private static void along(double y1, double x2, double y2, List<Bounds> taken) {
        for (double t = .15; t < 1; t += .05) {
            double u = 1 - t;
            double x =
                    u * u * u * EDGE
                            + 3 * u * u * t * (EDGE + (x2 - EDGE) * .6)
                            + 3 * u * t * t * (x2 - 14)
                            + t * t * t * x2;
            double y = y1 + t * t * t * (y2 - 5 - y1);
            taken.add(new BoundingBox(x - 2, y - 2, 4, 4));
        }
    }

    private void expected(GraphicsContext g, Scale scale, int behind, List<Bounds> taken) {
        double y = scale.y(behind + .5);
        g.setStroke(colors().open());
        g.setLineWidth(2);
        g.setLineDashes(3, 4);
        g.strokeLine(EDGE, y, EDGE + 34, y);
        g.setLineDashes();
        g.setLineWidth(1);
        String text = words.of("ledger.here");
        Font font = Theme.text(13);
        double width = lettering.width(text, font);
        Bounds place = new BoundingBox(EDGE + 38, y - LABEL / 2, width + 4, LABEL);
        g.setFill(colors().sheet());
        g.fillRect(place.getMinX(), place.getMinY() + 2, place.getWidth(), LABEL - 4);
        lettering.text(g, text, font, colors().open(), EDGE + 40, y);
        taken.add(place);
    }
}
