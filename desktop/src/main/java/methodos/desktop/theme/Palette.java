package methodos.desktop.theme;

import javafx.scene.paint.Color;

/** The colours of what is drawn; controls get the same ones from the style sheet. */
public enum Palette {
    LIGHT(
            "F3EFE4", "FAF7EF", "FCFAF4", "CFC7B3", "1C2B33", "5B6970", "1E5B53", "2E7F73",
            "DDE9E1", "F0DFA9", "8B7636", "AE3D0D"),
    DARK(
            "16211F", "1B2927", "223230", "3C4D49", "EDE8DA", "A9B5AF", "8ED0C1", "5FB3A3",
            "26443E", "4A4428", "C9B36A", "FF9A6B");

    private final Color paper;
    private final Color sheet;
    private final Color card;
    private final Color line;
    private final Color ink;
    private final Color soft;
    private final Color accent;
    private final Color mark;
    private final Color tint;
    private final Color rule;
    private final Color ruleEdge;
    private final Color open;

    Palette(String... hex) {
        paper = Color.web(hex[0]);
        sheet = Color.web(hex[1]);
        card = Color.web(hex[2]);
        line = Color.web(hex[3]);
        ink = Color.web(hex[4]);
        soft = Color.web(hex[5]);
        accent = Color.web(hex[6]);
        mark = Color.web(hex[7]);
        tint = Color.web(hex[8]);
        rule = Color.web(hex[9]);
        ruleEdge = Color.web(hex[10]);
        open = Color.web(hex[11]);
    }

    public Color paper() {
        return paper;
    }

    public Color sheet() {
        return sheet;
    }

    public Color card() {
        return card;
    }

    public Color line() {
        return line;
    }

    public Color ink() {
        return ink;
    }

    public Color soft() {
        return soft;
    }

    /** Verdigris for text. */
    public Color accent() {
        return accent;
    }

    /** Verdigris for marks. */
    public Color mark() {
        return mark;
    }

    public Color tint() {
        return tint;
    }

    public Color rule() {
        return rule;
    }

    public Color ruleEdge() {
        return ruleEdge;
    }

    /** Minium for open points, dark enough for text. */
    public Color open() {
        return open;
    }

    /** Contrast of two colours, 1 to 21, as WCAG 2 defines it. */
    public static double contrast(Color a, Color b) {
        double x = luminance(a);
        double y = luminance(b);
        return (Math.max(x, y) + 0.05) / (Math.min(x, y) + 0.05);
    }

    private static double luminance(Color c) {
        return 0.2126 * linear(c.getRed())
                + 0.7152 * linear(c.getGreen())
                + 0.0722 * linear(c.getBlue());
    }

    private static double linear(double v) {
        return v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
    }
}
