package methodos.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.text.TextAlignment;
import methodos.core.quantity.Quantity;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/** A reading over the units that were worked on: a line for each, along a rule of what it is. */
final class RunsDrawing {

    /**
     * A unit.
     *
     * @param name its serial number
     * @param values as found, in the unit of the limit
     * @param outside which of them are near the limit or outside, one for each
     */
    record Line(String name, List<Double> values, List<Boolean> outside) {}

    private static final double NAMES = 76;
    private static final double EDGE = 12;
    private static final double TOP = 4;
    private static final double RULE = 28;
    private static final double ROW = 24;
    private static final double DOT = 5;
    private static final double LEAST = 60;
    private static final double BESIDE = 0.25;

    private final Surface surface = new Surface();
    private final Theme theme;
    private List<Line> lines = List.of();
    private Quantity limit;
    private double low;
    private double high = 1;

    RunsDrawing(Theme theme) {
        this.theme = theme;
        surface.setId("runsDrawing");
        surface.setMinWidth(240);
        surface.widthProperty().addListener(o -> paint());
        surface.heightProperty().addListener(o -> paint());
        theme.palette().addListener(o -> paint());
    }

    Region node() {
        return surface;
    }

    /**
     * @param told the same in words
     */
    void show(Quantity within, List<Line> all, String told) {
        limit = within;
        lines = List.copyOf(all);
        double height = TOP + RULE + ROW * lines.size() + 8;
        surface.setMinHeight(height);
        surface.setPrefHeight(height);
        surface.setMaxHeight(height);
        surface.setAccessibleText(told);
        List<Double> values = new ArrayList<>();
        lines.forEach(l -> values.addAll(l.values()));
        if (limit.min() != null) {
            values.add(limit.min().value().toDouble());
        }
        if (limit.max() != null) {
            values.add(limit.max().value().toDouble());
        }
        low = values.stream().mapToDouble(v -> v).min().orElse(0);
        high = values.stream().mapToDouble(v -> v).max().orElse(1);
        double beside = Math.max((high - low) * BESIDE, Math.max(Math.abs(high) * 0.01, 1e-3));
        low -= beside;
        high += beside;
        paint();
    }

    private double x(double value) {
        return NAMES + (surface.getWidth() - NAMES - EDGE) * (value - low) / (high - low);
    }

    private void paint() {
        GraphicsContext g = surface.clean();
        double width = surface.getWidth() - NAMES - EDGE;
        if (limit == null || lines.isEmpty() || width < LEAST) {
            return;
        }
        Palette p = theme.palette().get();
        double foot = TOP + RULE + ROW * lines.size();
        double from = limit.min() == null ? NAMES : x(limit.min().value().toDouble());
        double to = limit.max() == null ? NAMES + width : x(limit.max().value().toDouble());
        g.setFill(p.tint());
        g.fillRect(from, TOP + RULE, Math.max(2, to - from), foot - TOP - RULE);
        g.setFill(p.rule());
        g.fillRect(NAMES, TOP, width, RULE);
        g.setStroke(p.ruleEdge());
        g.strokeRect(NAMES + .5, TOP + .5, width - 1, RULE - 1);
        marks(g, p, width);
        g.setFont(Theme.label(13));
        for (int i = 0; i < lines.size(); i++) {
            line(g, p, lines.get(i), TOP + RULE + ROW * (i + .5));
        }
    }

    private void line(GraphicsContext g, Palette p, Line line, double y) {
        g.setFill(p.ink());
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(line.name(), 0, y, NAMES - 8);
        g.setStroke(p.line());
        g.strokeLine(NAMES, y, surface.getWidth() - EDGE, y);
        for (int i = 0; i < line.values().size(); i++) {
            double at = x(line.values().get(i));
            // what is near or outside is told by its shape too
            if (line.outside().get(i)) {
                g.setStroke(p.open());
                g.setLineWidth(2.5);
                g.strokeLine(at - DOT, y - DOT, at + DOT, y + DOT);
                g.strokeLine(at - DOT, y + DOT, at + DOT, y - DOT);
                g.setLineWidth(1);
            } else {
                g.setFill(p.mark());
                g.fillOval(at - DOT, y - DOT, 2 * DOT, 2 * DOT);
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
        g.setStroke(p.ruleEdge());
        for (double v = Math.ceil(low / step) * step; v <= high; v += step) {
            double at = Math.rint(x(v)) + .5;
            g.strokeLine(at, TOP + RULE - 11, at, TOP + RULE - 1);
            if (at + LEAST / 2 < NAMES + width) {
                g.setFill(p.ink());
                g.fillText(String.format(Locale.ROOT, "%." + digits + "f", v), at + 4, TOP + 3);
            }
        }
    }
}
