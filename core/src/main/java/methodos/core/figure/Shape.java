package methodos.core.figure;

/** A drawing primitive; lengths are in the drawing's own units, y grows downward. */
public sealed interface Shape {

    /** The same, so far to the right and down. */
    Shape moved(double dx, double dy);

    /** The picture itself, in its frame. */
    record Picture(double x, double y, double width, double height) implements Shape {
        @Override
        public Picture moved(double dx, double dy) {
            return new Picture(x + dx, y + dy, width, height);
        }
    }

    record Line(double x1, double y1, double x2, double y2, double width, Ink ink)
            implements Shape {
        @Override
        public Line moved(double dx, double dy) {
            return new Line(x1 + dx, y1 + dy, x2 + dx, y2 + dy, width, ink);
        }
    }

    /**
     * @param fill null for none
     */
    record Circle(double x, double y, double radius, double width, Ink line, Ink fill)
            implements Shape {
        @Override
        public Circle moved(double dx, double dy) {
            return new Circle(x + dx, y + dy, radius, width, line, fill);
        }
    }

    /** Text in the heading face, its middle at the place. */
    record Text(double x, double y, double size, String text, Ink ink) implements Shape {
        @Override
        public Text moved(double dx, double dy) {
            return new Text(x + dx, y + dy, size, text, ink);
        }
    }

    /** The colours that marks have, in every medium. */
    enum Ink {
        DARK(0x1C2B33),
        PAPER(0xFFFFFF),
        ACCENT(0x2E7F73);

        private final int rgb;

        Ink(int rgb) {
            this.rgb = rgb;
        }

        public int rgb() {
            return rgb;
        }
    }
}
