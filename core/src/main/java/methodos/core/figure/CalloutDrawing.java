package methodos.core.figure;

import java.util.ArrayList;
import java.util.List;
import methodos.core.figure.Shape.Ink;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.Point;

/** Balloons in the margin with the item numbers of parts, and their leaders. */
final class CalloutDrawing {

    private static final double DOT = 0.005;

    private CalloutDrawing() {}

    static void draw(FigureSheet sheet, List<Mark.Callout> callouts, Manual manual) {
        List<Point> targets = callouts.stream().map(c -> sheet.at(c.target())).toList();
        List<Point> balloons = balloons(sheet, callouts, targets);
        for (int i = 0; i < callouts.size(); i++) {
            Mark.Callout callout = callouts.get(i);
            String item = manual.part(callout.part()).map(Part::item).orElse("?");
            draw(sheet, targets.get(i), balloons.get(i), item);
            sheet.handle(callout, FigureDrawing.Handle.HELD, balloons.get(i), sheet.radius() * 1.3);
            sheet.handle(callout, 0, targets.get(i), sheet.radius() * 0.9);
        }
    }

    /** Those that are held where they are, the others where leaders are shortest and free. */
    private static List<Point> balloons(
            FigureSheet sheet, List<Mark.Callout> callouts, List<Point> targets) {
        Shape.Picture picture = sheet.picture();
        List<Point> local = new ArrayList<>();
        List<Point> held = new ArrayList<>();
        for (int i = 0; i < callouts.size(); i++) {
            local.add(targets.get(i).plus(-picture.x(), -picture.y()));
            Point at = callouts.get(i).balloon();
            held.add(
                    at == null
                            ? null
                            : new Point(at.x() * picture.width(), at.y() * picture.height()));
        }
        double margin = sheet.unit() * FigureDrawing.MARGIN;
        CalloutLayout layout =
                new CalloutLayout(picture.width(), picture.height(), margin, sheet.radius());
        int most = layout.room(local, held);
        List<Point> placed = new ArrayList<>(held);
        List<Integer> free = new ArrayList<>();
        for (int i = 0; i < held.size(); i++) {
            if (held.get(i) == null && free.size() >= most) {
                placed.set(i, local.get(i).plus(2 * sheet.radius(), -2 * sheet.radius()));
            } else {
                free.add(i);
            }
        }
        List<Point> found =
                layout.place(
                        free.stream().map(local::get).toList(),
                        free.stream().map(held::get).toList());
        for (int k = 0; k < free.size(); k++) {
            placed.set(free.get(k), found.get(k));
        }
        return placed.stream().map(p -> p.plus(picture.x(), picture.y())).toList();
    }

    private static void draw(FigureSheet sheet, Point target, Point balloon, String item) {
        double radius = sheet.radius();
        sheet.line(target, Leaders.edge(balloon, target, radius), Ink.DARK);
        sheet.disc(target, sheet.unit() * DOT, sheet.line(), Ink.PAPER, Ink.DARK);
        sheet.disc(balloon, radius, sheet.line(), Ink.DARK, Ink.PAPER);
        double size = item.length() > 3 ? radius * 0.8 : radius * 1.15;
        sheet.text(balloon, size, item, Ink.DARK);
    }
}
