package methodos.demo.footage;

import static methodos.demo.footage.Actuator.BORE_Y;
import static methodos.demo.footage.Actuator.CAP_SCREWS;
import static methodos.demo.footage.Actuator.CAP_X;
import static methodos.demo.footage.Actuator.HEAD_X;
import static methodos.demo.footage.Picture.num;
import static methodos.demo.footage.Picture.turnX;
import static methodos.demo.footage.Picture.turnY;
import static methodos.demo.footage.Picture.turnZ;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import methodos.demo.footage.Actuator.Piece;

/**
 * Photographs of the actuator for the steps that are in no film: the left side, the units without
 * springs, and what is done between two shots. Each knows where the parts are that its figure
 * numbers, by their items.
 */
final class Photographs {

    private static final Vec SIDE = Vec.of(33, 17, -25);
    private static final Vec SIDE_AT = Vec.of(8.2, 2.6, -2.4);
    private static final Camera RIGHT = new Camera(SIDE, SIDE_AT, 38);
    private static final Camera LEFT = new Camera(mirrored(SIDE), mirrored(SIDE_AT), 38);
    private static final Camera RIGHT_BEHIND = new Camera(behind(SIDE), behind(SIDE_AT), 38);
    private static final Camera LEFT_BEHIND =
            new Camera(behind(mirrored(SIDE)), behind(mirrored(SIDE_AT)), 38);
    private static final Camera TOP = new Camera(Vec.of(12, 22, -18), Vec.of(.2, 8.4, -1), 30);
    private static final Camera MAT = new Camera(Vec.of(8, 17, -27), Vec.of(.4, 1.4, -8), 34);
    private static final Camera STOPS = new Camera(Vec.of(13, 12, -25), Vec.of(3.6, 3.6, -4), 28);

    private Photographs() {}

    static List<View> all() {
        List<View> all = new ArrayList<>();
        takenDown(all);
        inspected(all);
        builtUp(all);
        all.add(
                new View(
                        "gauge-at-6-bar",
                        underAir(6),
                        UNDER_AIR,
                        Map.of("27", Vec.of(.6, 9.2, -1.1), "18", Vec.of(.1, 2.6, -4.4))));
        all.add(
                new View(
                        "gauge-at-2-bar",
                        underAir(1.8),
                        UNDER_AIR,
                        Map.of("27", Vec.of(.6, 9.2, -1.1))));
        return all;
    }

    private static final Camera UNDER_AIR =
            new Camera(Vec.of(20, 19, -33), Vec.of(2.6, 8.2, -1), 44);

    private static Picture underAir(double bar) {
        return BuildUp.underAir(UNDER_AIR, 0, bar);
    }

    private static void takenDown(List<View> all) {
        Vec rightScrew = Vec.of(HEAD_X + .5, BORE_Y + 2.62, 2.62);
        all.add(
                view(
                        "right-screws",
                        RIGHT_BEHIND,
                        Actuator.stripped(),
                        Map.of("7", rightScrew, "3", Vec.of(7.32, 3.5, 2.9))));
        Picture open = new Picture().camera(RIGHT_BEHIND);
        Actuator.stripped().without(Piece.RIGHT_CAP, Piece.RIGHT_SCREWS).onto(open);
        open.put("Piston", Vec.of(5.3, BORE_Y, 0));
        Vec aside = Vec.of(14, 0, -3.5);
        open.put("Cap", aside, turnY(130));
        all.add(new View("right-cap-off", open, RIGHT_BEHIND, onCap("3", 130, aside)));
        Vec leftScrew = Vec.of(-HEAD_X - .5, BORE_Y + 2.62, -2.62);
        Actuator rightOff = Actuator.stripped().without(Piece.RIGHT_CAP, Piece.RIGHT_SCREWS);
        all.add(
                view(
                        "left-screws",
                        LEFT,
                        rightOff,
                        Map.of("7", leftScrew, "4", Vec.of(-7.32, 3.5, -2.9))));
        all.add(
                view(
                        "left-screws-behind",
                        LEFT_BEHIND,
                        rightOff,
                        Map.of(
                                "7", Vec.of(-HEAD_X - .5, BORE_Y + 2.62, 2.62),
                                "4", Vec.of(-7.32, 3.5, 2.9))));
        Picture left = new Picture().camera(LEFT);
        leftOpen().without(Piece.RIGHT_CAP, Piece.RIGHT_SCREWS).onto(left);
        leftPiston(left, 5.6);
        Vec leftAside = Vec.of(-14, 0, 3.5);
        left.put("Cap", leftAside, turnY(-50));
        all.add(
                new View(
                        "left-cap-off",
                        left,
                        LEFT,
                        with(onCap("4", -50, leftAside), "9", Vec.of(-9.6, BORE_Y + 1.85, 0))));
        Picture noSprings = new Picture().camera(LEFT_BEHIND);
        leftOpen().without(Piece.RIGHT_CAP, Piece.RIGHT_SCREWS).onto(noSprings);
        noSprings.put("Piston", Vec.of(-5.3, BORE_Y, 0), turnY(180));
        Vec bareAside = Vec.of(-14, 0, -3.5);
        noSprings.put("Cap", bareAside, turnY(50));
        all.add(new View("left-cap-off-bare", noSprings, LEFT_BEHIND, onCap("4", 50, bareAside)));
        Picture washer = new Picture().camera(TOP);
        capless().without(Piece.SNAP_RING, Piece.WASHER).onto(washer);
        washer.put("ThrustWasher", Vec.of(0, 9.9, 0), turnZ(-8));
        all.add(
                new View(
                        "washer",
                        washer,
                        TOP,
                        Map.of("23", Vec.of(1.1, 9.95, -.6), "20", Vec.of(.2, 8.9, -.45))));
        Camera below = new Camera(Vec.of(12, 22, 18), Vec.of(.2, 8.2, 1), 30);
        Picture lower = new Picture().camera(below);
        lower.put("Body");
        lower.raw(
                "difference { cylinder { <0,7.6,0>,<0,8.5,0>,1.24 } cylinder { <0,7,0>,<0,9,0>,.95 }"
                        + " texture { T_Brass } }\n");
        lower.put("SnapRing", Vec.of(0, 9.6, 0), turnY(180));
        all.add(
                new View(
                        "lower-bearing",
                        lower,
                        below,
                        Map.of("24", Vec.of(.7, 8.0, 1.02), "25", Vec.of(.95, 9.7, .4))));
    }

    private static void inspected(List<View> all) {
        Picture screws = new Picture().camera(MAT);
        for (int i = 0; i < 8; i++) {
            screws.put(
                    "Bolt",
                    Vec.of(-4.2 + 2.6 * (i % 4), .52, -6.4 - 3.4 * (i / 4)),
                    turnX(20 * i),
                    turnY(80 + 5 * (i % 3)));
        }
        all.add(new View("eight-screws", screws, MAT, Map.of("7", Vec.of(1.05, .8, -10.1))));
        Camera faces = new Camera(Vec.of(24, 18, -30), Vec.of(3.2, 3, -4), 46);
        Picture joints = new Picture().camera(faces);
        joints.put("Body");
        Vec right = Vec.of(14.5, 0, -5);
        Vec left = Vec.of(2.5, 0, -12);
        joints.put("Cap", right, turnY(-120));
        joints.put("Cap", left, turnY(-130));
        all.add(
                new View(
                        "joint-faces",
                        joints,
                        faces,
                        Map.of(
                                "1", Vec.of(6.02, BORE_Y + 2.73, -.3),
                                "3", around(Vec.of(-.01, 3.5 - 2.9, 0), -120, right),
                                "4", around(Vec.of(-.01, 3.5 - 2.9, 0), -130, left))));
    }

    private static void builtUp(List<View> all) {
        Picture bearing = new Picture().camera(TOP);
        bearing.put("Body");
        bearing.put("TopBearing", Vec.of(0, 2.2, 0));
        bearing.raw(
                "difference { cylinder { <0,8.2,0>,<0,9.2,0>,1.24 } cylinder { <0,8,0>,<0,9.4,0>,.9 }"
                        + " texture { T_Brass } }\n");
        all.add(
                new View(
                        "upper-bearing",
                        bearing,
                        TOP,
                        Map.of("30", Vec.of(.6, 8.7, -1.08), "1", Vec.of(-3, 7, -1.6))));
        Picture pinion = new Picture().camera(MAT);
        Vec lying = Vec.of(.2, 1.42, -8.5);
        pinion.put("Pinion", lying, turnZ(90));
        pinion.put("PinionRings", lying, turnZ(90));
        all.add(
                new View(
                        "pinion-rings",
                        pinion,
                        MAT,
                        Map.of("21", lying.plus(-2.3, 1.0, -.3), "22", lying.plus(2.3, 1.0, -.4))));
        Picture cap = new Picture().camera(MAT);
        Vec flat = Vec.of(-3.5, 1.78, -8);
        cap.put("Cap", flat, turnZ(-90));
        all.add(
                new View(
                        "ring-in-cap",
                        cap,
                        MAT,
                        Map.of(
                                "11", flat.plus(3.5 + 2.6 * .5, .1, -2.6 * .866),
                                "3", flat.plus(3.5 + 3.2, 0, .4))));
        Picture pins = new Picture().camera(RIGHT);
        rightOpen().onto(pins);
        pins.put("Cap", Vec.of(CAP_X, 0, 0));
        bolt(pins, 0, .1);
        bolt(pins, 2, .1);
        pins.put("GuidePin", Vec.of(CAP_X + 1.4, BORE_Y + 2.62, 2.62));
        pins.put("GuidePin", Vec.of(CAP_X + 3.4, BORE_Y - 2.62, -2.62));
        all.add(
                new View(
                        "pins-out",
                        pins,
                        RIGHT,
                        Map.of("7", Vec.of(HEAD_X + .65, BORE_Y + 2.62, -2.62))));
        Picture onMarks = new Picture().camera(RIGHT_BEHIND);
        rightOpen().onto(onMarks);
        onMarks.put("Cap", Vec.of(CAP_X, 0, 0));
        for (int i = 0; i < 4; i++) {
            bolt(onMarks, i, 1.3);
        }
        all.add(
                new View(
                        "right-cap-started",
                        onMarks,
                        RIGHT_BEHIND,
                        Map.of(
                                "7", Vec.of(HEAD_X + 1.7, BORE_Y + 2.62, 2.62),
                                "3", Vec.of(7.32, 3.5, 2.9))));
        left(all);
        Picture stops = new Picture().camera(STOPS);
        noIndicator().onto(stops);
        stops.put("HexKey", Vec.of(4.9, BORE_Y, -4.9), "scale .8", turnY(90), turnZ(-150));
        all.add(
                new View(
                        "stops-in",
                        stops,
                        STOPS,
                        Map.of(
                                "15",
                                Vec.of(3.5, BORE_Y + .2, -5.1),
                                "16",
                                Vec.of(3.5, 4.1, -3.9))));
        Picture nuts = new Picture().camera(STOPS);
        noIndicator().onto(nuts);
        nuts.put("Spanner", Vec.of(4.9, BORE_Y, -3.62), turnY(90), turnZ(200));
        all.add(
                new View(
                        "stop-nuts",
                        nuts,
                        STOPS,
                        Map.of("16", Vec.of(3.5, 4.1, -3.9), "15", Vec.of(4.9, BORE_Y, -5.3))));
        Camera front = new Camera(Vec.of(9, 12, -29), Vec.of(-.6, 3.2, -5), 32);
        Picture hoses = new Picture().camera(front);
        new Actuator().onto(hoses);
        hoses.put("Hose(-1.10,3.50,-4.80)").put("Hose(1.10,3.50,-5.60)");
        all.add(new View("hoses-in", hoses, front, Map.of("18", Vec.of(.1, 4.4, -4.4))));
    }

    private static void left(List<View> all) {
        Picture springs = new Picture().camera(LEFT);
        leftOpen().onto(springs);
        leftPiston(springs, 5.6);
        all.add(
                new View(
                        "left-springs",
                        springs,
                        LEFT,
                        Map.of("9", Vec.of(-9.6, BORE_Y + 1.85, 0))));
        Picture pulled = new Picture().camera(LEFT);
        leftOpen().onto(pulled);
        leftPiston(pulled, 3.8);
        double out = 1.9;
        pulled.put("Cap", Vec.of(-CAP_X - out, 0, 0), turnY(180));
        pulled.put("GuidePin", Vec.of(-CAP_X, BORE_Y + 2.62, 2.62), turnY(180));
        pulled.put("GuidePin", Vec.of(-CAP_X, BORE_Y - 2.62, -2.62), turnY(180));
        for (int i : new int[] {0, 2}) {
            Vec at = CAP_SCREWS.get(i);
            pulled.put("Bolt", Vec.of(-HEAD_X - out - .3, BORE_Y + at.y(), at.z()), turnY(180));
        }
        all.add(
                new View(
                        "left-cap-pulled-in",
                        pulled,
                        LEFT,
                        Map.of(
                                "7", Vec.of(-HEAD_X - out - .8, BORE_Y + 2.62, -2.62),
                                "4", Vec.of(-7.32 - out, 3.5, -2.9))));
        Picture marks = new Picture().camera(LEFT_BEHIND);
        leftOpen().onto(marks);
        marks.put("Cap", Vec.of(-CAP_X, 0, 0), turnY(180));
        for (int i = 0; i < 4; i++) {
            Vec at = CAP_SCREWS.get(i);
            marks.put("Bolt", Vec.of(-HEAD_X - 1.3, BORE_Y + at.y(), at.z()), turnY(180));
        }
        all.add(
                new View(
                        "left-cap-started",
                        marks,
                        LEFT_BEHIND,
                        Map.of(
                                "7", Vec.of(-HEAD_X - 1.8, BORE_Y + 2.62, 2.62),
                                "4", Vec.of(-7.32, 3.5, 2.9))));
    }

    /** The O-ring and the joint face of a cap that stands on the mat, turned about the upright. */
    private static Map<String, Vec> onCap(String item, double degrees, Vec at) {
        return Map.of(
                "11",
                around(Vec.of(0, 6.1, 0), degrees, at),
                item,
                around(Vec.of(-.01, .6, 0), degrees, at));
    }

    private static Map<String, Vec> with(Map<String, Vec> points, String item, Vec at) {
        Map<String, Vec> all = new HashMap<>(points);
        all.put(item, at);
        return all;
    }

    private static View view(String name, Camera camera, Actuator unit, Map<String, Vec> points) {
        return new View(name, unit.onto(new Picture().camera(camera)), camera, points);
    }

    /** A screw of the right cap, so far out. */
    private static void bolt(Picture p, int i, double out) {
        Vec at = CAP_SCREWS.get(i);
        p.put("Bolt", Vec.of(HEAD_X + out, BORE_Y + at.y(), at.z()), turnX(31 * i));
    }

    /** The left piston with its five springs, so long. */
    private static void leftPiston(Picture p, double length) {
        p.put("Piston", Vec.of(-5.3, BORE_Y, 0), turnY(180));
        for (Vec at : Actuator.SPRINGS) {
            p.put(
                    num("SpringOf(%.2f,8,.52,.10)", length),
                    Vec.of(-4.3, BORE_Y + at.y(), -at.z()),
                    turnY(180));
        }
    }

    private static Actuator leftOpen() {
        return Actuator.stripped().without(Piece.LEFT_CAP, Piece.LEFT_SCREWS);
    }

    private static Actuator rightOpen() {
        return Actuator.stripped().without(Piece.RIGHT_CAP, Piece.RIGHT_SCREWS);
    }

    private static Actuator capless() {
        return rightOpen().without(Piece.LEFT_CAP, Piece.LEFT_SCREWS, Piece.MARKS);
    }

    private static Actuator noIndicator() {
        return new Actuator().without(Piece.INDICATOR, Piece.INDICATOR_SCREW);
    }

    private static Vec mirrored(Vec v) {
        return Vec.of(-v.x(), v.y(), v.z());
    }

    private static Vec behind(Vec v) {
        return Vec.of(v.x(), v.y(), -v.z());
    }

    /** Where a point of a thing is that is turned about the upright and then put at a place. */
    private static Vec around(Vec own, double degrees, Vec at) {
        double a = Math.toRadians(degrees);
        return at.plus(
                own.x() * Math.cos(a) + own.z() * Math.sin(a),
                own.y(),
                -own.x() * Math.sin(a) + own.z() * Math.cos(a));
    }
}
