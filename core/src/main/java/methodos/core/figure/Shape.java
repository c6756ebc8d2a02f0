package methodos.core.figure;

import java.util.List;
import methodos.core.description.Id;
import methodos.core.manual.Figure;
import methodos.core.manual.Point;

/** A drawing primitive; lengths are in the drawing's own units, y grows downward. */
public sealed interface Shape {

    /** The same, scaled about the origin and then so far to the right and down. */
    Shape placed(double scale, double dx, double dy);

    /**
     * A prepared picture, in its frame.
     *
     * @param figure id of the figure whose picture it is
     */
    record Picture(Id<Figure> figure, double x, double y, double width, double height)
            implements Shape {
        @Override
        public Picture placed(double s, double dx, double dy) {
            return new Picture(figure, s * x + dx, s * y + dy, s * width, s * height);
        }

        /**
         * @param share of the picture, 0 to 1 across and down
         */
        public Point at(Point share) {
            return new Point(x + share.x() * width, y + share.y() * height);
        }

        /** The share of the picture at which a place of the sheet lies. */
        public Point share(Point sheet) {
            return new Point((sheet.x() - x) / width, (sheet.y() - y) / height);
        }
    }

    /**
     * A round piece of a picture, larger.
     *
     * @param of the picture, as it lies on the sheet
     * @param spotX middle of the piece on the sheet
     * @param times how many times as large
     */
    record Lens(
            Picture of, double spotX, double spotY, double x, double y, double radius, double times)
            implements Shape {
        @Override
        public Lens placed(double s, double dx, double dy) {
            return new Lens(
                    of.placed(s, dx, dy),
                    s * spotX + dx,
                    s * spotY + dy,
                    s * x + dx,
                    s * y + dy,
                    s * radius,
                    times);
        }
    }

    /**
     * A line through points, straight from one to the next, with round ends and corners.
     *
     * @param line null for none
     * @param fill null for none
     */
    record Path(List<Point> points, boolean closed, double width, Ink line, Ink fill, Dash dash)
            implements Shape {
        public Path {
            points = List.copyOf(points);
        }

        static Path line(Point from, Point to, double width, Ink ink) {
            return new Path(List.of(from, to), false, width, ink, null, Dash.NONE);
        }

        @Override
        public Path placed(double s, double dx, double dy) {
            return new Path(
                    points.stream().map(p -> new Point(s * p.x() + dx, s * p.y() + dy)).toList(),
                    closed,
                    s * width,
                    line,
                    fill,
                    dash);
        }
    }

    /**
     * @param line null for none
     * @param fill null for none
     */
    record Circle(double x, double y, double radius, double width, Ink line, Ink fill, Dash dash)
            implements Shape {
        @Override
        public Circle placed(double s, double dx, double dy) {
            return new Circle(s * x + dx, s * y + dy, s * radius, s * width, line, fill, dash);
        }
    }

    /**
     * Text in the heading face; its capitals stand about the height of the place.
     *
     * @param size of the face
     * @param anchor which part of the text is at x
     */
    record Text(double x, double y, double size, String text, Ink ink, Anchor anchor)
            implements Shape {
        @Override
        public Text placed(double s, double dx, double dy) {
            return new Text(s * x + dx, s * y + dy, s * size, text, ink, anchor);
        }
    }

    /** Which part of a text stands at its place. */
    enum Anchor {
        START,
        MIDDLE
    }

    /** How a line is broken, in widths of the line: drawn, left out. */
    enum Dash {
        NONE(0, 0),
        SHORT(3, 3),
        LONG(7, 4);

        private final double drawn;
        private final double left;

        Dash(double drawn, double left) {
            this.drawn = drawn;
            this.left = left;
        }

        /** Width of a line as it is drawn, in pixels of the sheet. */
        public double drawn() {
            return drawn;
        }

        /** Left end of the text in pixels of the sheet. */
        public double left() {
            return left;
        }
    }

    /** The colours that marks have, in every medium. */
    enum Ink {
        DARK(0x1C2B33, true),
        /** Beside dark lines, for what is told by shape. */
        SOFT(0x5B6970, false),
        PAPER(0xFFFFFF, true),
        ACCENT(0x2E7F73, true),
        /** Fills shapes that have a dark line. */
        TINT(0xDDE9E1, false),
        FORCE(0xF4B400, true);

        private final int rgb;
        private final boolean tells;

        Ink(int rgb, boolean tells) {
            this.rgb = rgb;
            this.tells = tells;
        }

        /** Whether the colour itself tells something, and has to be known from the others. */
        public boolean tells() {
            return tells;
        }

        /** Red, green and blue, eight bits each. */
        public int rgb() {
            return rgb;
        }
    }
}
