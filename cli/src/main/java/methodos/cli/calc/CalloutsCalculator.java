package methodos.cli.calc;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import methodos.core.figure.CalloutLayout;
import methodos.core.figure.Leaders;
import methodos.core.manual.Point;

/** {@code calc callouts}: where balloons go around a picture. */
final class CalloutsCalculator implements Calculator {

    @Override
    public Answer answer(Request request) throws WrongRequest {
        request.atMost("targets", 300);
        List<Double> picture = request.numbers("picture", 4);
        Point corner = new Point(picture.get(0), picture.get(1));
        double radius = request.positive("radius");
        CalloutLayout.Sheet sheet =
                new CalloutLayout.Sheet(
                        request.positive("width"),
                        request.positive("height"),
                        corner.x(),
                        corner.y(),
                        picture.get(2),
                        picture.get(3));
        if (picture.get(2) <= 0
                || picture.get(3) <= 0
                || corner.x() < 0
                || corner.y() < 0
                || corner.x() + picture.get(2) > sheet.width()
                || corner.y() + picture.get(3) > sheet.height()) {
            throw new WrongRequest("“picture” does not lie on the sheet.");
        }
        List<String> ids = new ArrayList<>();
        List<Point> targets = new ArrayList<>();
        for (Request target : request.objects("targets")) {
            ids.add(target.text("id"));
            targets.add(on(corner, target));
        }
        List<Point> held = held(request, corner, ids);
        List<Point> balloons =
                Request.checked(
                        "targets", () -> new CalloutLayout(sheet, radius).place(targets, held));
        List<Map<String, Object>> value = new ArrayList<>();
        List<String> words = new ArrayList<>();
        for (int i = 0; i < ids.size(); i++) {
            Point balloon = balloons.get(i).plus(corner.x(), corner.y());
            Point target = targets.get(i).plus(corner.x(), corner.y());
            Point edge = Leaders.edge(balloon, target, radius);
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("id", ids.get(i));
            one.put("x", balloon.x());
            one.put("y", balloon.y());
            one.put(
                    "leader",
                    List.of(List.of(edge.x(), edge.y()), List.of(target.x(), target.y())));
            value.add(one);
            words.add(
                    String.format(
                            Locale.ROOT,
                            "%s at %.1f, %.1f, leader %.1f pixels long",
                            ids.get(i),
                            balloon.x(),
                            balloon.y(),
                            edge.distance(target)));
        }
        words.add("Shortest leaders together: Kuhn and Munkres over places around the picture.");
        return new Answer(value, words);
    }

    private static Point on(Point corner, Request point) throws WrongRequest {
        return new Point(point.number("x") - corner.x(), point.number("y") - corner.y());
    }

    private static List<Point> held(Request request, Point corner, List<String> ids)
            throws WrongRequest {
        List<Point> held = new ArrayList<>(Collections.nCopies(ids.size(), null));
        for (Request one : request.objects("held")) {
            String id = one.text("id");
            int at = -1;
            for (int i = 0; i < ids.size() && at < 0; i++) {
                if (ids.get(i).equals(id) && held.get(i) == null) {
                    at = i;
                }
            }
            if (at < 0) {
                throw new WrongRequest("“held” names " + id + ", which is no target.");
            }
            held.set(at, on(corner, one));
        }
        return held;
    }
}
