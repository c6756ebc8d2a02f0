package methodos.core.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import methodos.core.description.Id;
import methodos.core.figure.Shape.Ink;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.words.Words;

/**
 * Whether a figure can be read where it is used: printed, and on a 10-inch tablet at arm's length.
 */
public final class Legibility {

    /** Width of a figure beside the text of a step, in millimetres. */
    public static final double COLUMN = 88;

    /** Width of a figure of several pictures, across the page, in millimetres. */
    public static final double PAGE = 170;

    /** A 10-inch tablet is about 217 mm wide; a figure beside its step has so much of it. */
    private static final double TABLET = 130;

    private static final double TABLET_ACROSS = 205;

    /** Height of a capital that can be read in print: 5 point type. */
    private static final double CAPITAL_IN_PRINT = 1.2;

    /** A quarter of a degree of sight at 400 mm. */
    private static final double CAPITAL_ON_TABLET = 1.7;

    /** Height of a capital of the heading face, as a share of its size. */
    private static final double CAPITAL = 0.7;

    private static final double DOTS_PER_INCH = 150;
    private static final double INCH = 25.4;

    /** More callouts than this on one picture are hard to follow. */
    private static final int MANY = 12;

    /** Contrast of a mark to what is under it (WCAG 2.2, 1.4.11). */
    private static final double CONTRAST = 3;

    /** So much of a mark may be under its contrast. */
    private static final double SHARE = 0.4;

    private static final int SAMPLES = 24;

    /** The colour of the sheet under the marks, as 0xRRGGBB. */
    @FunctionalInterface
    public interface Ground {
        int rgb(double x, double y);
    }

    private final Figure figure;
    private final FigureDrawing drawing;
    private final Words words;
    private final List<String> findings = new ArrayList<>();

    private Legibility(Figure figure, FigureDrawing drawing, Words words) {
        this.figure = figure;
        this.drawing = drawing;
        this.words = words;
    }

    /** Width of the figure in print, in millimetres. */
    public static double printWidth(Figure figure) {
        return across(figure) ? PAGE : COLUMN;
    }

    /** Whether the figure takes the whole width of the page. */
    public static boolean across(Figure figure) {
        return figure.layout() != null || !figure.stack().isEmpty();
    }

    /**
     * What is hard to read, a sentence each; empty where all is well.
     *
     * @param drawing of the figure, as it is published
     */
    public static List<String> of(
            Figure figure, FigureDrawing drawing, Ground ground, Words words) {
        Legibility check = new Legibility(figure, drawing, words);
        check.resolution();
        check.size();
        check.marks();
        check.colours();
        check.contrast(ground);
        return List.copyOf(check.findings);
    }

    private void resolution() {
        if (drawing.picture() == null) {
            return;
        }
        double inches = printWidth(figure) / INCH * drawing.picture().width() / drawing.width();
        long dots = Math.round(drawing.framing().width() / inches);
        if (dots < DOTS_PER_INCH) {
            findings.add(words.of("legible.resolution", dots, Math.round(DOTS_PER_INCH)));
        }
    }

    private void size() {
        double smallest =
                drawing.shapes().stream()
                        .filter(s -> s instanceof Shape.Text)
                        .mapToDouble(s -> ((Shape.Text) s).size() * CAPITAL / drawing.width())
                        .min()
                        .orElse(1);
        small("legible.small.print", smallest * printWidth(figure), CAPITAL_IN_PRINT);
        small(
                "legible.small.tablet",
                smallest * (across(figure) ? TABLET_ACROSS : TABLET),
                CAPITAL_ON_TABLET);
    }

    private void small(String key, double millimetres, double needed) {
        if (millimetres < needed) {
            findings.add(
                    words.of(
                            key,
                            String.format(Locale.ROOT, "%.1f", millimetres),
                            String.format(Locale.ROOT, "%.1f", needed)));
        }
    }

    private void marks() {
        long outside =
                drawing.framing() == null
                        ? 0
                        : figure.marks().stream()
                                .filter(m -> !(m instanceof Mark.Cover))
                                .filter(
                                        m ->
                                                !m.points().stream()
                                                        .allMatch(drawing.framing()::shows))
                                .count();
        if (outside > 0) {
            findings.add(words.of("legible.outside", outside));
        }
        long callouts = figure.marks().stream().filter(m -> m instanceof Mark.Callout).count();
        if (callouts > MANY) {
            findings.add(words.of("legible.many", callouts, MANY));
        }
    }

    private void colours() {
        Set<Ink> used = new TreeSet<>();
        for (Shape shape : drawing.shapes()) {
            if (shape instanceof Shape.Path p) {
                used.add(p.fill() == null ? p.line() : p.fill());
            } else if (shape instanceof Shape.Circle c) {
                used.add(c.fill() == null ? c.line() : c.fill());
            }
        }
        List<Ink> inks = used.stream().filter(Ink::tells).toList();
        for (int i = 0; i < inks.size(); i++) {
            for (int k = i + 1; k < inks.size(); k++) {
                if (ColourVision.least(inks.get(i).rgb(), inks.get(k).rgb()) < ColourVision.APART) {
                    findings.add(words.of("legible.colours"));
                    return;
                }
            }
        }
    }

    /** Each line is held against what is under it: the picture, or what was drawn before. */
    private void contrast(Ground ground) {
        Set<String> pale = new TreeSet<>();
        List<Shape> under = new ArrayList<>();
        for (Shape shape : drawing.shapes()) {
            if (shape instanceof Shape.Path p && p.line() != null && p.line() != Ink.PAPER) {
                boolean outlined =
                        p.fill() != null
                                && ColourVision.contrast(p.line().rgb(), p.fill().rgb())
                                        >= CONTRAST;
                Ground below = (x, y) -> below(under, x, y, ground);
                if (!outlined && lost(p.points(), p.line(), below)) {
                    pale.add(nearest(p.points().get(0)));
                }
            }
            under.add(shape);
        }
        pale.forEach(mark -> findings.add(words.of("legible.contrast", mark)));
    }

    /** The ink of the topmost of the shapes at a place, or the ground. */
    private static int below(List<Shape> shapes, double x, double y, Ground ground) {
        Point at = new Point(x, y);
        for (int i = shapes.size() - 1; i >= 0; i--) {
            Ink ink = null;
            if (shapes.get(i) instanceof Shape.Circle c) {
                double away = at.distance(new Point(c.x(), c.y()));
                ink = Math.abs(away - c.radius()) <= c.width() / 2 ? c.line() : null;
                ink = ink == null && away < c.radius() ? c.fill() : ink;
            } else if (shapes.get(i) instanceof Shape.Path p) {
                ink = p.line() != null && onLine(p, at) ? p.line() : null;
                ink = ink == null && p.fill() != null && inside(p.points(), at) ? p.fill() : ink;
            }
            if (ink != null) {
                return ink.rgb();
            }
        }
        return ground.rgb(x, y);
    }

    private static boolean onLine(Shape.Path path, Point at) {
        List<Point> p = path.points();
        for (int i = path.closed() ? 0 : 1; i < p.size(); i++) {
            Point before = p.get((i + p.size() - 1) % p.size());
            if (Leaders.distance(at, before, p.get(i)) <= path.width() / 2) {
                return true;
            }
        }
        return false;
    }

    /** By the number of sides that a ray to the right crosses. */
    private static boolean inside(List<Point> corners, Point at) {
        boolean inside = false;
        for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
            Point a = corners.get(i);
            Point b = corners.get(j);
            if (a.y() > at.y() != b.y() > at.y()
                    && at.x() < a.x() + (at.y() - a.y()) / (b.y() - a.y()) * (b.x() - a.x())) {
                inside = !inside;
            }
        }
        return inside;
    }

    private static boolean lost(List<Point> line, Ink ink, Ground ground) {
        int lost = 0;
        int all = 0;
        int pieces = Math.max(1, SAMPLES / line.size());
        for (int i = 1; i < line.size(); i++) {
            Point a = line.get(i - 1);
            for (int k = 0; k < pieces; k++) {
                double share = (k + 0.5) / pieces;
                double x = a.x() + (line.get(i).x() - a.x()) * share;
                double y = a.y() + (line.get(i).y() - a.y()) * share;
                all++;
                lost += ColourVision.contrast(ink.rgb(), ground.rgb(x, y)) < CONTRAST ? 1 : 0;
            }
        }
        return all > 0 && lost > SHARE * all;
    }

    /** The number of the mark whose handle is nearest, counted from 1. */
    private String nearest(Point at) {
        FigureDrawing.Handle nearest = null;
        for (FigureDrawing.Handle handle : drawing.handles()) {
            if (nearest == null || handle.at().distance(at) < nearest.at().distance(at)) {
                nearest = handle;
            }
        }
        if (nearest == null) {
            return "?";
        }
        List<Id<Mark>> ids = figure.marks().stream().map(Mark::id).toList();
        return String.valueOf(ids.indexOf(nearest.mark()) + 1);
    }
}
