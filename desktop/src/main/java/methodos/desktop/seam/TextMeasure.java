package methodos.desktop.seam;

import java.util.HashMap;
import java.util.Map;
import javafx.scene.text.Font;
import javafx.scene.text.Text;

/**
 * Widths of text as the toolkit draws it. Measuring costs more than drawing, so widths are
 * remembered. Used on the interface thread.
 */
final class TextMeasure {

    private static final int MOST_KNOWN = 20_000;

    private record Measured(String text, Font font) {}

    private static final Map<Measured, Double> WIDTHS = new HashMap<>();

    private TextMeasure() {}

    static double width(String text, Font font) {
        if (WIDTHS.size() > MOST_KNOWN) {
            WIDTHS.clear();
        }
        return WIDTHS.computeIfAbsent(new Measured(text, font), TextMeasure::measured);
    }

    private static double measured(Measured what) {
        Text node = new Text(what.text);
        node.setFont(what.font);
        return node.getLayoutBounds().getWidth();
    }

    /** The text, shortened with an ellipsis where it is wider than the room. */
    static String fitted(String text, Font font, double room) {
        if (width(text, font) <= room) {
            return text;
        }
        int low = 0;
        int high = text.length();
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (width(text.substring(0, middle) + "…", font) <= room) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low == 0 ? "" : text.substring(0, low).stripTrailing() + "…";
    }
}
