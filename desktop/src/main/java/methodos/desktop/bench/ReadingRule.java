package methodos.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.text.TextAlignment;
import methodos.core.fit.ReadingVerdict;
import methodos.core.quantity.Quantity;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/** Readings along a rule of what is measured, with the band in which they have to lie. */
final class ReadingRule {

    /** A reading, with what its limit says of it; null where nothing is said. */
    record Dot(double value, ReadingVerdict verdict) {}

    private static final double HEIGHT = 74;
    private static final double EDGE = 10;
    private static final double TOP = 4;
    private static final double RULE = 30;
    private static final double BAND = 10;
    private static final double DOT = 6;
    private static final double LEAST = 58;
    private static final double BESIDE = 0.6;

    private final Surface surface = Surface.high(HEIGHT);
    private final Theme theme;
    private final List<Dot> dots = new ArrayList<>();
    private Quantity limit;
    private double low;
    private double high = 1;

    ReadingRule(Theme theme) {
        this.theme = theme;
        surface.setId("readingRule");
        surface.setMinWidth(200);
        surface.widthProperty().addListener(o -> paint());
        surface.heightProperty().addListener(o -> paint());
        theme.palette().addListener(o -> paint());
    }

    Region node() {
        return surface;
    }

    /**
     * @param limit null where there is none
     * @param readings in its unit
     * @param told the same in words
     */
    void show(Quantity limit, List<Dot> readings, String told) {
        this.limit = limit;
        dots.clear();
        dots.addAll(readings);
        range();
        surface.setAccessibleText(told);
        paint();
    }

    /** Wide enough for the limits and all readings, with room beside. */
    private void range() {
        List<Double> all = new ArrayList<>();
        dots.forEach(d -> all.add(d.value()));
        if (limit != null && limit.min() != null) {
            all.add(limit.min().value().toDouble());
        }
        if (limit != null && limit.max() != null) {
            all.add(limit.max().value().toDouble());
        }
        low = all.stream().mapToDouble(d -> d).min().orElse(0);
        high = all.stream().mapToDouble(d -> d).max().orElse(1);
        double beside = Math.max((high - low) * BESIDE, Math.max(Math.abs(high) * 0.03, 1e-3));
        low -= beside;
        high += beside;
    }

    private double x(double value) {
        return EDGE + (surface.getWidth() - 2 * EDGE) * (value - low) / (high - low);
    }

    private void paint() {
        GraphicsContext g = surface.clean();
        double width = surface.getWidth() - 2 * EDGE;
        if (width < LEAST) {
            return;
        }
        Palette p = theme.palette().get();
        g.setFill(p.rule());
        g.fillRect(EDGE, TOP, width, RULE);
        g.setStroke(p.ruleEdge());
        g.strokeRect(EDGE + .5, TOP + .5, width - 1, RULE - 1);
        marks(g, p, width);
        if (limit != null) {
            double from = limit.min() == null ? EDGE : x(limit.min().value().toDouble());
            double to = limit.max() == null ? EDGE + width : x(limit.max().value().toDouble());
            g.setFill(p.tint());
            g.fillRect(from, TOP + RULE + 4, Math.max(2, to - from), BAND);
            g.setStroke(p.mark());
            g.strokeRect(from, TOP + RULE + 4.5, Math.max(2, to - from), BAND);
        }
        double y = TOP + RULE + BAND + DOT + 9;
        for (Dot dot : dots) {
            double at = x(dot.value());
            // what is outside is told by its shape too
            if (dot.verdict() == ReadingVerdict.FAIL) {
                g.setStroke(p.open());
                g.setLineWidth(3);
                g.strokeLine(at - DOT, y - DOT, at + DOT, y + DOT);
                g.strokeLine(at - DOT, y + DOT, at + DOT, y - DOT);
                g.setLineWidth(1);
            } else {
                g.setFill(dot.verdict() == ReadingVerdict.MARGINAL ? p.paper() : p.mark());
                g.fillOval(at - DOT, y - DOT, 2 * DOT, 2 * DOT);
                g.setStroke(p.ink());
                g.strokeOval(at - DOT, y - DOT, 2 * DOT, 2 * DOT);
            }
        }
    }

    private void marks(GraphicsContext g, Palette p, double width) {
        double step = Math.pow(10, Math.floor(Math.log10(high - low)) - 1);
        double[] factors = {2, 2.5, 2};
        int turn = 0;
        while ((high - low) / step * LEAST > width) {
            step *= factors[turn++ % factors.length];
        }
        int digits = (int) Math.max(0, Math.ceil(-Math.log10(step) - 1e-9));
        g.setFont(Theme.label(13));
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.TOP);
        for (double v = Math.ceil(low / step) * step; v <= high; v += step) {
            double at = Math.rint(x(v)) + .5;
            g.strokeLine(at, TOP + RULE - 12, at, TOP + RULE - 1);
            if (at + LEAST / 2 < EDGE + width) {
                g.setFill(p.ink());
                g.fillText(String.format(Locale.ROOT, "%." + digits + "f", v), at + 4, TOP + 3);
            }
        }
    }
}
