package methodos.demo.footage;

import static methodos.demo.footage.Actuator.BORE_Y;
import static methodos.demo.footage.Actuator.CAP_SCREWS;
import static methodos.demo.footage.Actuator.CAP_X;
import static methodos.demo.footage.Actuator.HEAD_X;
import static methodos.demo.footage.Picture.turnX;
import static methodos.demo.footage.Picture.turnY;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import methodos.demo.footage.Actuator.Piece;

/**
 * The same things from a camera that stood elsewhere: for tests of what marks on one still do on
 * another. All points are seen from each of the cameras.
 */
final class MovedViews {

    private MovedViews() {}

    static List<View> all() {
        List<View> views = new ArrayList<>();
        scene(
                views,
                "outside",
                new Camera(Vec.of(24, 19, -33), Vec.of(0, 5.2, -1), 45),
                new Actuator().without(Piece.MARKS)::onto,
                merged(plate(), cap(), top(), mat(Vec.of(-5, 0, -10), Vec.of(10, 0, -10))));
        scene(
                views,
                "front",
                new Camera(Vec.of(-10, 12, -26), Vec.of(1.2, 3.4, -4), 36),
                new Actuator().without(Piece.AIR_PLATE, Piece.AIR_SCREWS)::onto,
                merged(plate(), ports(), top(), mat(Vec.of(0, 0, -10), Vec.of(5, 0, -10))));
        scene(
                views,
                "right",
                new Camera(Vec.of(33, 17, -25), Vec.of(8.2, 2.6, -2.4), 38),
                p -> {
                    Actuator.stripped().onto(p);
                    asideScrews(p);
                },
                merged(plate(), cap(), ports(), mat(Vec.of(15, 0, -5), Vec.of(10, 0, -10))));
        scene(
                views,
                "springs",
                new Camera(Vec.of(33, 17, -25), Vec.of(8.2, 2.6, -2.4), 38),
                p -> {
                    Actuator.stripped().without(Piece.RIGHT_SCREWS, Piece.RIGHT_CAP).onto(p);
                    p.put("Piston", Vec.of(5.3, BORE_Y, 0));
                    Actuator.springs(p, 5.3, 5.2, 0);
                    p.put("Cap", Vec.of(CAP_X + 9.5, 0, 4), turnY(-50));
                    asideScrews(p);
                },
                merged(plate(), ports(), springs(), mat(Vec.of(15, 0, -5), Vec.of(10, 0, -10))));
        scene(
                views,
                "top",
                new Camera(Vec.of(12, 22, -18), Vec.of(0.2, 8.6, -1.0), 30),
                Actuator.stripped()::onto,
                merged(top(), Map.of("cap corner", Vec.of(CAP_X, 7, -2.7))));
        return views;
    }

    /**
     * One camera, and four others that see everything by a twentieth of the width and more away.
     */
    private static void scene(
            List<View> views,
            String name,
            Camera camera,
            Consumer<Picture> things,
            Map<String, Vec> points) {
        double step = reach(camera) * 0.09;
        List<Camera> cameras =
                List.of(
                        camera,
                        camera.aside(step, 0, step * .4),
                        camera.around(5).aside(-step, step * .4, 0),
                        camera.around(-7).nearer(.08).aside(step * .6, 0, step),
                        camera.around(9).higher(2).aside(-step, -step * .5, 0));
        for (int i = 0; i < cameras.size(); i++) {
            Picture picture = new Picture().camera(cameras.get(i));
            things.accept(picture);
            views.add(new View(name + "-" + i, picture, cameras.get(i), points));
        }
    }

    /** How wide the picture is where it looks at, in centimetres. */
    private static double reach(Camera c) {
        Vec a = c.location();
        Vec b = c.lookAt();
        double away = Math.hypot(Math.hypot(a.x() - b.x(), a.y() - b.y()), a.z() - b.z());
        return 2 * away * Math.tan(Math.toRadians(c.angle()) / 2);
    }

    private static void asideScrews(Picture p) {
        p.put("Bolt", Vec.of(13.2, .52, -6.4), turnY(30));
        p.put("Bolt", Vec.of(15.2, .52, -7.6), turnY(85), turnX(0));
        p.put("Bolt", Vec.of(12.4, .52, -9.2), turnY(140));
    }

    @SafeVarargs
    private static Map<String, Vec> merged(Map<String, Vec>... maps) {
        Map<String, Vec> all = new LinkedHashMap<>();
        for (Map<String, Vec> map : maps) {
            all.putAll(map);
        }
        return all;
    }

    private static Map<String, Vec> plate() {
        return Map.of(
                "plate low", Vec.of(-5.7, BORE_Y - 1, -3.66),
                "plate high", Vec.of(-2.55, BORE_Y + 1, -3.66));
    }

    private static Map<String, Vec> ports() {
        return Map.of(
                "port B", Vec.of(1.1, BORE_Y, -3.62),
                "port A", Vec.of(-1.1, BORE_Y, -3.62));
    }

    private static Map<String, Vec> cap() {
        Vec near = CAP_SCREWS.get(0);
        Vec low = CAP_SCREWS.get(3);
        return Map.of(
                "screw high", Vec.of(HEAD_X, BORE_Y + near.y(), near.z()),
                "screw low", Vec.of(HEAD_X, BORE_Y + low.y(), low.z()));
    }

    private static Map<String, Vec> springs() {
        Vec first = Actuator.SPRINGS.get(0);
        Vec last = Actuator.SPRINGS.get(4);
        return Map.of(
                "spring 1", Vec.of(9.5, BORE_Y + first.y(), first.z()),
                "spring 5", Vec.of(9.5, BORE_Y + last.y(), last.z()));
    }

    private static Map<String, Vec> top() {
        return Map.of(
                "pinion front", Vec.of(0, 7.1, -1.5),
                "top edge", Vec.of(-2, 7, -2.6));
    }

    private static Map<String, Vec> mat(Vec... places) {
        Map<String, Vec> all = new LinkedHashMap<>();
        for (int i = 0; i < places.length; i++) {
            all.put("mat " + (i + 1), places[i]);
        }
        return all;
    }
}
