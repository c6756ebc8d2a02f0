package methodos.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import methodos.core.quantity.Quantity;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Theme;

/** A rule of what is measured, wide enough for a limit and some readings, with room beside. */
final class MeasureRule {

    /** Marks nearer to each other than this would have no room for their numbers. */
    private static final double LEAST = 60;

    private static final double HEIGHT = 30;
    private static final double[] FACTORS = {2, 2.5, 2};
    private static final double DOT = 5.5;

    private final Quantity limit;
    private final double low;
    private final double high;
    private final double left;
    private final double width;

    /**
     * @param limit null where there is none
     * @param readings in the unit of the limit
     * @param left where the rule begins
     * @param width of the rule
     */
    MeasureRule(Quantity limit, List<Double> readings, double left, double width) {
        this.limit = limit;
        this.left = left;
        this.width = width;
        List<Double> all = new ArrayList<>(readings);
        if (limit != null && limit.min() != null) {
            all.add(limit.min().value().toDouble());
        }
        if (limit != null && limit.max() != null) {
            all.add(limit.max().value().toDouble());
        }
        double least = all.stream().mapToDouble(v -> v).min().orElse(0);
        double most = all.stream().mapToDouble(v -> v).max().orElse(1);
        double beside = Math.max((most - least) * 0.5, Math.max(Math.abs(most) * 0.03, 1e-3));
        low = least - beside;
        high = most + beside;
    }

    /** Whether there is room enough to read it. */
    boolean fits() {
        return width >= LEAST;
    }

    double x(double value) {
        return left + width * (value - low) / (high - low);
    }

    /**
     * Draws the rule, and below it the band in which readings have to lie.
     *
     * @param band height of the band
     */
    void draw(GraphicsContext g, Palette p, double top, double band) {
        if (limit != null) {
            double from = limit.min() == null ? left : x(limit.min().value().toDouble());
            double to = limit.max() == null ? left + width : x(limit.max().value().toDouble());
            g.setFill(p.tint());
            g.fillRect(from, top + HEIGHT, Math.max(2, to - from), band);
            g.setStroke(p.mark());
            g.strokeRect(from, top + HEIGHT + .5, Math.max(2, to - from), band);
        }
        g.setFill(p.rule());
        g.fillRect(left, top, width, HEIGHT);
        g.setStroke(p.ruleEdge());
        g.strokeRect(left + .5, top + .5, width - 1, HEIGHT - 1);
        marks(g, p, top);
    }

    private void marks(GraphicsContext g, Palette p, double top) {
        double step = Math.pow(10, Math.floor(Math.log10(high - low)) - 1);
        int turn = 0;
        while ((high - low) / step * LEAST > width) {
            step *= FACTORS[turn++ % FACTORS.length];
        }
        int digits = (int) Math.max(0, Math.ceil(-Math.log10(step) - 1e-9));
        g.setFont(Theme.label(13));
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.TOP);
        g.setFill(p.ink());
        for (double v = Math.ceil(low / step) * step; v <= high; v += step) {
            double at = Math.rint(x(v)) + .5;
            g.strokeLine(at, top + HEIGHT - 12, at, top + HEIGHT - 1);
            if (at + LEAST / 2 < left + width) {
                g.fillText(String.format(Locale.ROOT, "%." + digits + "f", v), at + 4, top + 3);
            }
        }
    }

    /** Draws a reading: a disc, a ring where it is close, a cross where it is outside. */
    void reading(GraphicsContext g, Palette p, double value, Standing standing, double y) {
        double at = x(value);
        // what is not well is told by its shape too
        if (standing == Standing.OUTSIDE) {
            g.setStroke(p.open());
            g.setLineWidth(3);
            g.strokeLine(at - DOT, y - DOT, at + DOT, y + DOT);
            g.strokeLine(at - DOT, y + DOT, at + DOT, y - DOT);
            g.setLineWidth(1);
            return;
        }
        g.setFill(standing == Standing.CLOSE ? p.paper() : p.mark());
        g.fillOval(at - DOT, y - DOT, 2 * DOT, 2 * DOT);
        g.setStroke(p.ink());
        g.strokeOval(at - DOT, y - DOT, 2 * DOT, 2 * DOT);
    }

    /** How a reading stands to its limit. */
    enum Standing {
        WELL,
        CLOSE,
        OUTSIDE
    }
}
