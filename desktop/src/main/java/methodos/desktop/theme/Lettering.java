package methodos.desktop.theme;

import java.util.LinkedHashMap;
import java.util.Map;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;

/** Text on a canvas: measured, and cut off where it does not fit. */
public class Lettering {

    private static final int MOST_MEASURED = 4000;

    /** Measuring is what takes longest, and lines come into view again and again. */
    private final Map<Measured, Double> widths =
            new LinkedHashMap<>(16, .75f, true) {
                private static final long serialVersionUID = 1L;

                @Override
                protected boolean removeEldestEntry(Map.Entry<Measured, Double> eldest) {
                    return size() > MOST_MEASURED;
                }
            };

    private record Measured(String text, Font font) {}

    /** The canvas with nothing on it; text stands on its middle. */
    public static GraphicsContext clean(Surface canvas) {
        GraphicsContext g = canvas.clean();
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(TextAlignment.LEFT);
        g.setLineWidth(1);
        return g;
    }

    public void text(GraphicsContext g, String text, Font font, Color color, double x, double y) {
        g.setFont(font);
        g.setFill(color);
        g.fillText(text, x, y);
    }

    /** How letters look. */
    public record Style(Font font, Color color) {}

    /** Text that is cut off with dots where it does not fit. */
    public void fitted(
            GraphicsContext g, String text, Style style, double x, double y, double width) {
        text(g, cut(text, style.font(), width), style.font(), style.color(), x, y);
    }

    private String cut(String text, Font font, double width) {
        if (width(text, font) <= width) {
            return text;
        }
        int end = text.length();
        while (end > 0 && width(text.substring(0, end) + "…", font) > width) {
            end--;
        }
        return end == 0 ? "" : text.substring(0, end).stripTrailing() + "…";
    }

    public double width(String text, Font font) {
        return widths.computeIfAbsent(
                new Measured(text, font),
                m -> {
                    Text measured = new Text(m.text());
                    measured.setFont(m.font());
                    return measured.getLayoutBounds().getWidth();
                });
    }
}
