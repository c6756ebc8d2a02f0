package methodos.desktop.bench;

import java.util.ArrayList;
import java.util.List;
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
     * @param readings as found, in the unit of the limit
     */
    record Line(String name, List<ReadingRule.Dot> readings) {}

    private static final double NAMES = 76;
    private static final double EDGE = 12;
    private static final double TOP = 4;
    private static final double RULE = 30;
    private static final double ROW = 24;

    private final Surface surface = new Surface();
    private final Theme theme;
    private List<Line> lines = List.of();
    private Quantity limit;

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
        paint();
    }

    private void paint() {
        GraphicsContext g = surface.clean();
        List<Double> values = new ArrayList<>();
        lines.forEach(l -> l.readings().forEach(r -> values.add(r.value())));
        MeasureRule rule = new MeasureRule(limit, values, NAMES, surface.getWidth() - NAMES - EDGE);
        if (lines.isEmpty() || !rule.fits()) {
            return;
        }
        Palette p = theme.palette().get();
        rule.draw(g, p, TOP, ROW * lines.size());
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        for (int i = 0; i < lines.size(); i++) {
            double y = TOP + RULE + ROW * (i + .5);
            g.setFill(p.ink());
            g.fillText(lines.get(i).name(), 0, y, NAMES - 8);
            g.setStroke(p.line());
            g.strokeLine(NAMES, y, surface.getWidth() - EDGE, y);
            lines.get(i).readings().forEach(r -> rule.reading(g, p, r.value(), r.standing(), y));
        }
    }
}
