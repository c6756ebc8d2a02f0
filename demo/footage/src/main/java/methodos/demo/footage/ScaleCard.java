package methodos.demo.footage;

import static methodos.demo.footage.Picture.num;
import static methodos.demo.footage.Picture.turnY;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * A card with printed dots beside small parts, from many sides: for tests of lengths that are taken
 * from a picture. The dots are the corners of a rectangle of 120 × 80 mm, a circle of 70 mm, and
 * places between which lengths are measured.
 */
final class ScaleCard {

    private static final int VIEWS = 24;
    private static final int ON_CIRCLE = 12;
    private static final double LARGEST_TILT = 40;

    /** How high above the bench the printed face lies, in centimetres. */
    private static final double TOP = .05;

    private ScaleCard() {}

    private static Map<String, Vec> dots() {
        Map<String, Vec> dots = new LinkedHashMap<>();
        dots.put("corner 1", Vec.of(-6, TOP, -4));
        dots.put("corner 2", Vec.of(6, TOP, -4));
        dots.put("corner 3", Vec.of(6, TOP, 4));
        dots.put("corner 4", Vec.of(-6, TOP, 4));
        for (int i = 0; i < ON_CIRCLE; i++) {
            double a = 2 * Math.PI * i / ON_CIRCLE;
            dots.put("circle " + (i + 1), Vec.of(3.5 * Math.cos(a), TOP, 3.5 * Math.sin(a)));
        }
        double[][] ends = {
            {-5.1, -2.2}, {-4.4, 1.6}, {-2.3, -1.1}, {-1.0, 1.9}, {.4, -2.4},
            {1.5, .6}, {2.2, -1.3}, {4.3, 2.4}, {4.9, -1.8}, {-.4, -.2}
        };
        for (int i = 0; i < ends.length; i++) {
            dots.put("end " + (i + 1), Vec.of(ends[i][0], TOP, ends[i][1]));
        }
        return dots;
    }

    static List<View> all() {
        Random random = new Random(80);
        List<View> views = new ArrayList<>();
        for (int i = 0; i < VIEWS; i++) {
            double tilt = Math.toRadians(2 + (LARGEST_TILT - 2) * (i + .5) / VIEWS);
            double side = 2 * Math.PI * random.nextDouble();
            double away = 32 + 5 * random.nextDouble();
            Vec middle = Vec.of(random.nextDouble() - .5, TOP, random.nextDouble() - .5);
            Camera camera =
                    new Camera(
                            middle.plus(
                                    away * Math.sin(tilt) * Math.cos(side),
                                    away * Math.cos(tilt),
                                    away * Math.sin(tilt) * Math.sin(side)),
                            middle,
                            40);
            views.add(new View("card-" + i, scene(camera), camera, dots()));
        }
        return views;
    }

    private static Picture scene(Camera camera) {
        Picture p = new Picture().camera(camera);
        p.raw(
                "box { <-7,0,-5>,<7,.048,5>"
                        + " texture { pigment { rgb .86 } finish { diffuse .8 } } }\n");
        for (Vec dot : dots().values()) {
            p.raw(
                    num(
                            "cylinder { <%.3f,0,%.3f>,<%.3f,.05,%.3f>,.13 texture { T_Ink } }\n",
                            dot.x(), dot.z(), dot.x(), dot.z()));
        }
        p.put("Bolt", Vec.of(-7.9, .52, 2), turnY(60));
        p.put("Bolt", Vec.of(8.1, .52, -2.6), turnY(200));
        p.put("SnapRing", Vec.of(8.6, .1, 2.2));
        return p;
    }
}
