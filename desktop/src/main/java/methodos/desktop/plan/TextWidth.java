package methodos.desktop.plan;

import javafx.scene.text.Font;
import javafx.scene.text.Text;
import methodos.desktop.theme.Theme;

/** How wide words are as the drawings of the plan write them. */
final class TextWidth {

    private TextWidth() {}

    /** What they are written in. */
    static Font font() {
        return Theme.label(13);
    }

    /** In pixels of the usual text size. */
    static double of(String text) {
        Text measured = new Text(text);
        measured.setFont(font());
        return measured.getLayoutBounds().getWidth();
    }
}
