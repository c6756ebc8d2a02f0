package methodos.desktop.bench;

import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import methodos.core.quantity.Quantity;
import methodos.desktop.theme.Palette;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/** Readings along a rule of what is measured, with the band in which they have to lie. */
final class ReadingRule {

    /** A reading in the unit of the limit. */
    record Dot(double value, MeasureRule.Standing standing) {}

    private static final double HEIGHT = 74;
    private static final double EDGE = 10;
    private static final double TOP = 4;
    private static final double BAND = 12;
    private static final double DOTS = 60;

    private final Surface surface = Surface.high(HEIGHT);
    private final Theme theme;
    private List<Dot> dots = List.of();
    private Quantity limit;

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
     * @param within null where there is no limit
     * @param told the same in words
     */
    void show(Quantity within, List<Dot> readings, String told) {
        limit = within;
        dots = List.copyOf(readings);
        surface.setAccessibleText(told);
        paint();
    }

    private void paint() {
        GraphicsContext g = surface.clean();
        MeasureRule rule =
                new MeasureRule(
                        limit,
                        dots.stream().map(Dot::value).toList(),
                        EDGE,
                        surface.getWidth() - 2 * EDGE);
        if (!rule.fits()) {
            return;
        }
        Palette p = theme.palette().get();
        rule.draw(g, p, TOP, BAND);
        dots.forEach(d -> rule.reading(g, p, d.value(), d.standing(), DOTS));
    }
}
