package methodos.demo.footage;

import static methodos.demo.footage.Picture.num;
import static methodos.demo.footage.Picture.turnX;
import static methodos.demo.footage.Picture.turnY;

import java.util.EnumSet;
import java.util.List;

/** The actuator on the bench with what is fitted to it just now. */
final class Actuator {

    enum Piece {
        RIGHT_CAP,
        RIGHT_SCREWS,
        LEFT_CAP,
        LEFT_SCREWS,
        AIR_PLATE,
        AIR_SCREWS,
        STOPS,
        INDICATOR,
        INDICATOR_SCREW,
        PINION,
        WASHER,
        SNAP_RING,
        MARKS
    }

    static final double BORE_Y = 3.5;

    /** Joint face of the right cap, and the seat of a screw's head on it. */
    static final double CAP_X = 6.0;

    static final double HEAD_X = CAP_X + .95;

    /**
     * Where the four cap screws sit, as offsets from the axis: top front, top rear, low rear, low
     * front.
     */
    static final List<Vec> CAP_SCREWS =
            List.of(
                    Vec.of(0, 2.62, -2.62),
                    Vec.of(0, 2.62, 2.62),
                    Vec.of(0, -2.62, 2.62),
                    Vec.of(0, -2.62, -2.62));

    static final List<Vec> SPRINGS =
            List.of(
                    Vec.of(0, 1.38, 0),
                    Vec.of(0, .43, 1.31),
                    Vec.of(0, -1.12, .81),
                    Vec.of(0, -1.12, -.81),
                    Vec.of(0, .43, -1.31));

    /** Middle of the air plate's joint face. */
    static final Vec AIR_FACE = Vec.of(0, BORE_Y, -3.6);

    static final List<Vec> AIR_SCREWS =
            List.of(
                    Vec.of(-1.85, .85, 0),
                    Vec.of(1.85, -.85, 0),
                    Vec.of(1.85, .85, 0),
                    Vec.of(-1.85, -.85, 0));

    static final List<Vec> STOPS = List.of(Vec.of(3.5, BORE_Y, -3.6), Vec.of(4.9, BORE_Y, -3.6));

    private final EnumSet<Piece> fitted = EnumSet.allOf(Piece.class);

    /** Without what is taken off the outside before the caps are. */
    static Actuator stripped() {
        return new Actuator()
                .without(
                        Piece.INDICATOR,
                        Piece.INDICATOR_SCREW,
                        Piece.AIR_PLATE,
                        Piece.AIR_SCREWS,
                        Piece.STOPS);
    }

    Actuator without(Piece... pieces) {
        fitted.removeAll(List.of(pieces));
        return this;
    }

    Picture onto(Picture p) {
        p.put("Body");
        if (fitted.contains(Piece.RIGHT_CAP)) {
            p.put("Cap", Vec.of(CAP_X, 0, 0));
        }
        if (fitted.contains(Piece.LEFT_CAP)) {
            p.as("LeftCap").put("Cap", Vec.of(-CAP_X, 0, 0), turnY(180));
        }
        for (int i = 0; i < 4; i++) {
            Vec at = CAP_SCREWS.get(i);
            if (fitted.contains(Piece.RIGHT_SCREWS)) {
                p.put("Bolt", Vec.of(HEAD_X, BORE_Y + at.y(), at.z()), turnX(17 * i));
            }
            if (fitted.contains(Piece.LEFT_SCREWS)) {
                p.as("LeftBolt").put("Bolt", Vec.of(-HEAD_X, BORE_Y + at.y(), at.z()), turnY(180));
            }
            if (fitted.contains(Piece.AIR_SCREWS)) {
                airScrew(p, i, 0);
            }
        }
        if (fitted.contains(Piece.AIR_PLATE)) {
            p.put("AirPlate", AIR_FACE);
        } else {
            p.put("AirPortRings");
        }
        if (fitted.contains(Piece.STOPS)) {
            STOPS.forEach(at -> p.put("StopScrew", at, turnY(90)));
        }
        if (fitted.contains(Piece.PINION)) {
            p.put("PinionEnd", Vec.of(0, 0, 0), turnY(20));
        }
        p.put("TopBearing");
        if (fitted.contains(Piece.WASHER)) {
            p.put("ThrustWasher", Vec.of(0, 7.1, 0));
        }
        if (fitted.contains(Piece.SNAP_RING)) {
            p.put("SnapRing", Vec.of(0, 7.24, 0));
        }
        if (fitted.contains(Piece.INDICATOR)) {
            p.put("Indicator", Vec.of(0, 8.6, 0), turnY(20));
        }
        if (fitted.contains(Piece.INDICATOR_SCREW)) {
            p.put("SmallBolt", Vec.of(0, 9.35, 0), "rotate z*90");
        }
        if (fitted.contains(Piece.MARKS)) {
            p.put("PaintMarks");
        }
        return p;
    }

    /** One of the air plate's screws, so far backed out. */
    static void airScrew(Picture p, int i, double out) {
        Vec at = AIR_SCREWS.get(i);
        p.put("SmallBolt", AIR_FACE.plus(at.x(), at.y(), -.8 - out), turnX(out * 400), turnY(90));
    }

    /** Five springs in their pockets, at a piston whose head face stands at {@code headX}. */
    static void springs(Picture p, double headX, double length, int from) {
        for (int i = from; i < 5; i++) {
            Vec at = SPRINGS.get(i);
            p.put(spring(length), Vec.of(headX - 1, BORE_Y + at.y(), at.z()));
        }
    }

    static String spring(double length) {
        return num("SpringOf(%.2f,8,.52,.10)", length);
    }
}
