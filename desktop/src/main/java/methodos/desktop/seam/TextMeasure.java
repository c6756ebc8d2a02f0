package methodos.desktop.seam;

import javafx.scene.text.Font;
import javafx.scene.text.Text;

/** Widths of text as the toolkit draws it. */
final class TextMeasure {

    private TextMeasure() {}

    static double width(String text, Font font) {
        Text node = new Text(text);
        node.setFont(font);
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
