package methodos.demo.footage;

import static methodos.demo.footage.Picture.num;
import static methodos.demo.footage.Picture.turnX;
import static methodos.demo.footage.Picture.turnY;
import static methodos.demo.footage.Picture.turnZ;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.Map;

/** Photographs of the second demo: the hand brake of a hoist trolley, taken apart. */
final class HandBrake {

    /** Where the brake stands: the middle of its drum. */
    private static final Vec AXIS = Vec.of(0, 7.6, 0);

    private static final double NEW_LINING = .36;
    private static final double WORN_LINING = .14;

    private enum Piece {
        DRUM,
        NUT,
        SPLIT_PIN,
        UPPER_SPRING,
        LOWER_SPRING,
        SHOES
    }

    private HandBrake() {}

    /** Each photograph under its name. */
    static Map<String, Picture> photographs() {
        Map<String, Picture> all = new LinkedHashMap<>();
        all.put("brake-whole", fitted(view(), EnumSet.allOf(Piece.class), WORN_LINING));
        all.put("brake-nut", nut());
        all.put("brake-drum-off", drumOff());
        all.put("brake-spring", spring());
        all.put("brake-shoes-off", shoesOff());
        all.put("brake-plate", inside(EnumSet.noneOf(Piece.class)));
        all.put("brake-lining", lining());
        all.put("brake-shoes-on", inside(EnumSet.of(Piece.SHOES)));
        all.put("brake-new-shoes", newShoes());
        return all;
    }

    private static Picture view() {
        return new Picture("brake").camera(Vec.of(15, 17, -42), Vec.of(2.8, 9.6, 0), 40);
    }

    private static Picture fitted(Picture p, EnumSet<Piece> pieces, double lining) {
        p.put("BrakePlate", AXIS);
        p.put("BrakeCam", AXIS);
        p.put("BrakeLever", AXIS, "translate -y*3.75", turnZ(-18), "translate y*3.75");
        if (pieces.contains(Piece.SHOES)) {
            p.put(shoe(lining), AXIS);
            p.put(shoe(lining), AXIS, "scale <-1,1,1>");
        }
        if (pieces.contains(Piece.UPPER_SPRING)) {
            p.put("BrakeSpring", AXIS.plus(0, 3.35 - .75, -1.0));
        }
        if (pieces.contains(Piece.LOWER_SPRING)) {
            p.put("BrakeSpring", AXIS.plus(0, -2.9 + .45, -1.0));
        }
        if (pieces.contains(Piece.DRUM)) {
            p.put("BrakeDrum", AXIS);
        }
        if (pieces.contains(Piece.NUT)) {
            p.put("BrakeNut", AXIS);
        }
        if (pieces.contains(Piece.SPLIT_PIN)) {
            p.put("SplitPin", AXIS.plus(0, 0, -4.0));
        }
        return p;
    }

    private static String shoe(double lining) {
        return num("BrakeShoe(%.2f)", lining);
    }

    private static Picture nut() {
        Picture p = new Picture("brake").camera(Vec.of(10, 13, -20), AXIS.plus(.3, .2, -2), 30);
        fitted(p, EnumSet.allOf(Piece.class), WORN_LINING);
        Vec tip = AXIS.plus(.2, 1.5, -4.0);
        p.put("SnapPliers(.5)", tip, turnZ(-30), turnX(-20));
        return p.glove(Glove.fromSide(.75), tip.plus(4.2, 4.6, -1.2));
    }

    private static Picture drumOff() {
        Picture p = view();
        fitted(p, EnumSet.complementOf(EnumSet.of(Piece.DRUM, Piece.NUT, Piece.SPLIT_PIN)), .14);
        p.put("BrakeDrum", Vec.of(12.6, 2.3, -2), turnX(90), turnY(20));
        p.put("BrakeNut", Vec.of(9.5, 1, -11.5), turnX(8));
        return p.put("SplitPin", Vec.of(11.6, .1, -11), turnX(90), turnY(30));
    }

    private static Picture spring() {
        Picture p = new Picture("brake").camera(Vec.of(9, 15, -24), AXIS.plus(.6, 1.4, -1), 30);
        fitted(p, EnumSet.of(Piece.SHOES, Piece.UPPER_SPRING, Piece.LOWER_SPRING), WORN_LINING);
        Vec hook = AXIS.plus(1.9, 2.6, -1.1);
        p.put("SpringHook", hook);
        return p.glove(Glove.fromSide(.8), hook.plus(6.4, 2.2, -1.8));
    }

    private static Picture shoesOff() {
        Picture p = new Picture("brake").camera(Vec.of(9, 24, -40), Vec.of(2.2, 4.6, -6), 44);
        fitted(p, EnumSet.noneOf(Piece.class), WORN_LINING);
        p.put(shoe(WORN_LINING), Vec.of(-3.5, 1.9, -11), turnX(90), turnY(20));
        p.put(shoe(WORN_LINING), Vec.of(1.2, 1.9, -11), "scale <-1,1,1>", turnX(90), turnY(-8));
        p.put("BrakeSpring", Vec.of(9.6, .4, -9.2), turnY(12));
        return p.put("BrakeSpring", Vec.of(9.9, .4, -11), turnY(-6));
    }

    private static Picture lining() {
        Picture p = new Picture("brake").camera(Vec.of(-3, 15, -24), Vec.of(-1.4, .6, -8), 30);
        p.put(shoe(WORN_LINING), Vec.of(2.6, 1.9, -8), turnX(90));
        Vec jaws = Vec.of(-2.2, 1.9, -8.3);
        p.put(num("Caliper(%.2f)", .42), jaws, turnX(40));
        return p.glove(Glove.fromSide(.7), jaws.plus(3.4, 1.2, .6));
    }

    private static Picture inside(EnumSet<Piece> pieces) {
        Picture p = new Picture("brake").camera(Vec.of(9, 13, -28), AXIS.plus(.6, .2, -1), 32);
        return fitted(p, pieces, NEW_LINING);
    }

    private static Picture newShoes() {
        EnumSet<Piece> inside = EnumSet.of(Piece.SHOES, Piece.UPPER_SPRING, Piece.LOWER_SPRING);
        return fitted(view(), inside, NEW_LINING);
    }
}
