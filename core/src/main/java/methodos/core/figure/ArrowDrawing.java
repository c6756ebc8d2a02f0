package methodos.core.figure;

import java.util.ArrayList;
import java.util.List;
import methodos.core.figure.Shape.Dash;
import methodos.core.figure.Shape.Ink;
import methodos.core.manual.Mark;
import methodos.core.manual.Movement;
import methodos.core.manual.Point;
import methodos.core.manual.Rotation;

/** Broad arrows for what is turned, pushed, pulled, lifted or lowered. */
final class ArrowDrawing {

    /** Half the width of the shaft. */
    private static final double HALF = 0.0062;

    private static final double HEAD = 0.026;

    /** Half the width of the head. */
    private static final double BARB = 0.0155;

    /** A turning arrow goes so far round, in radians. */
    private static final double SWEEP = Math.toRadians(290);

    private static final int PIECES = 72;

    private ArrowDrawing() {}

    static void shift(FigureSheet sheet, Mark.Shift shift) {
        Point from = sheet.at(shift.from());
        Point to = sheet.at(shift.to());
        body(sheet, List.of(from, between(from, to, 0.5), to));
        if (shift.movement() == Movement.SLIDE) {
            body(sheet, List.of(to, between(from, to, 0.5), from));
        }
        sheet.handles(shift);
    }

    static void turn(FigureSheet sheet, Mark.Turn turn) {
        Point c = sheet.at(turn.centre());
        Point rim = sheet.at(turn.rim());
        Point side = sheet.at(turn.side());
        double ux = rim.x() - c.x();
        double uy = rim.y() - c.y();
        double vx = side.x() - c.x();
        double vy = side.y() - c.y();
        // from the rim toward the side is clockwise on the picture where u × v points into it
        boolean sideIsClockwise = ux * vy - uy * vx > 0;
        double sign = sideIsClockwise == (turn.rotation() == Rotation.CLOCKWISE) ? 1 : -1;
        List<Point> arc = new ArrayList<>();
        for (int i = 0; i <= PIECES; i++) {
            double a = sign * SWEEP * i / PIECES;
            double cos = Math.cos(a);
            double sin = Math.sin(a);
            arc.add(c.plus(cos * ux + sin * vx, cos * uy + sin * vy));
        }
        body(sheet, arc);
        sheet.handles(turn);
    }

    private static Point between(Point a, Point b, double share) {
        return a.plus((b.x() - a.x()) * share, (b.y() - a.y()) * share);
    }

    /** An arrow whose shaft follows a way and whose head ends at its end. */
    private static void body(FigureSheet sheet, List<Point> way) {
        double unit = sheet.unit();
        double length = length(way);
        double head = Math.min(unit * HEAD, length * 0.6);
        double scale = head / (unit * HEAD);
        List<Point> shaft = upTo(way, length - head);
        Point neck = shaft.get(shaft.size() - 1);
        Point tip = way.get(way.size() - 1);
        List<Point> left = new ArrayList<>();
        List<Point> right = new ArrayList<>();
        for (int i = 0; i < shaft.size(); i++) {
            Point before = shaft.get(Math.max(0, i - 1));
            Point after = i + 1 < shaft.size() ? shaft.get(i + 1) : tip;
            Point off = across(before, after, unit * HALF * scale);
            left.add(shaft.get(i).plus(off.x(), off.y()));
            right.add(0, shaft.get(i).plus(-off.x(), -off.y()));
        }
        Point barb = across(neck, tip, unit * BARB * scale);
        List<Point> outline = new ArrayList<>(left);
        outline.add(neck.plus(barb.x(), barb.y()));
        outline.add(tip);
        outline.add(neck.plus(-barb.x(), -barb.y()));
        outline.addAll(right);
        double line = sheet.line();
        sheet.add(new Shape.Path(outline, true, line * 3.4, Ink.PAPER, Ink.PAPER, Dash.NONE));
        sheet.add(new Shape.Path(outline, true, line, Ink.DARK, Ink.FORCE, Dash.NONE));
    }

    private static Point across(Point from, Point to, double by) {
        double length = Math.max(1e-9, from.distance(to));
        return new Point((from.y() - to.y()) / length * by, (to.x() - from.x()) / length * by);
    }

    private static double length(List<Point> way) {
        double length = 0;
        for (int i = 1; i < way.size(); i++) {
            length += way.get(i - 1).distance(way.get(i));
        }
        return length;
    }

    private static List<Point> upTo(List<Point> way, double length) {
        List<Point> part = new ArrayList<>(List.of(way.get(0)));
        double left = length;
        for (int i = 1; i < way.size(); i++) {
            double piece = way.get(i - 1).distance(way.get(i));
            if (piece >= left) {
                part.add(between(way.get(i - 1), way.get(i), piece == 0 ? 0 : left / piece));
                return part;
            }
            part.add(way.get(i));
            left -= piece;
        }
        return part;
    }
}
