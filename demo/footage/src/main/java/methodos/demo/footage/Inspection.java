package methodos.demo.footage;

import static methodos.demo.footage.Picture.num;
import static methodos.demo.footage.Picture.turnX;
import static methodos.demo.footage.Picture.turnY;
import static methodos.demo.footage.Picture.turnZ;

import java.util.List;
import methodos.demo.footage.Actuator.Piece;

/** Third clip: what is looked at and measured before anything goes back. */
final class Inspection {

    private Inspection() {}

    static Clip clip() {
        return new Clip(
                "3-inspection",
                "blocks",
                6,
                List.of(springs(), springShort(), bore(), piston(), teeth(), endFloat()));
    }

    private static Picture mat() {
        return new Picture().camera(Vec.of(3, 22, -26), Vec.of(.8, .4, -8.3), 36);
    }

    private static void row(Picture p, int without) {
        for (int i = 0; i < 5; i++) {
            if (i != without) {
                p.put(Actuator.spring(6.2), Vec.of(-9, .65, -4.2 - 1.9 * i));
            }
        }
    }

    private static Shot springs() {
        Motion gap = Motion.from(1.8, 7.6).then(3.0, 6.2);
        return new Shot(
                        "springs",
                        12,
                        t -> {
                            Picture p = mat();
                            row(p, 2);
                            p.put(Actuator.spring(6.2), Vec.of(-.4, .75, -10.2));
                            double away = 1 - Motion.share(t, .6, 1.6) + Motion.share(t, 8.6, 9.6);
                            Vec at = Vec.of(-.4, .75, -8.6 - 9 * away);
                            p.put(num("Caliper(%.2f)", gap.value(t)), at, turnX(66));
                            p.glove(Glove.fromSide(.7), at.plus(gap.value(t) + 2.6, 1.2, .6));
                            return p;
                        })
                .says(
                        .3,
                        "Springs first. Clean them, then measure the free length with the vernier, all ten.")
                .says(6.2, "Sixty-two millimetres or more, that is two point four four inches.")
                .step(1.6, 8.6, "measure the free length of a spring with a vernier caliper");
    }

    private static Shot springShort() {
        return new Shot(
                        "spring-short",
                        6,
                        t -> {
                            Picture p = mat();
                            row(p, -1);
                            p.put("Caliper(6.2)", Vec.of(.5, .3, -9), turnX(90), turnY(12));
                            return p;
                        })
                .says(.3, "If one is short, change all ten, not just the bad one.");
    }

    private static Shot bore() {
        Motion in = Motion.from(.6, 16).then(2.2, 0).then(8.4, 0).then(9.6, 14);
        return new Shot(
                        "bore",
                        12,
                        t -> {
                            Picture p =
                                    new Picture()
                                            .camera(Vec.of(26, 13, -18), Vec.of(6.4, 5.6, -.8), 34);
                            bare().onto(p);
                            double x = 6.0 + in.value(t);
                            p.put(num("Caliper(%.2f)", 4.96), Vec.of(x + 1.4, 1.02, 0), turnZ(90));
                            p.glove(Glove.fromSide(.72), Vec.of(x + 1.2, 8.6, -.4));
                            return p;
                        })
                .says(
                        .3,
                        "Bore of the body, inside jaws, look for scoring along the bore and feel it with a fingernail.")
                .says(
                        6.0,
                        "Up to eighty point one it stays. Above that a wider guide band, above eighty point one eight the body is scrap.")
                .step(2.0, 8.6, "measure the bore of the body with the inside jaws of the caliper")
                .dark(9.6, 11.0);
    }

    private static Actuator bare() {
        return new Actuator().without(Piece.values());
    }

    private static Shot piston() {
        Motion tip =
                Motion.from(.8, 9, 8, -18)
                        .then(2.0, 1.5, 4.6, -9.4)
                        .then(4.0, 1.3, 5.1, -8.4)
                        .then(5.0, .4, 7.4, -11)
                        .then(6.2, 10, 9, -20);
        return new Shot(
                        "piston",
                        11,
                        t -> {
                            Picture p =
                                    new Picture()
                                            .camera(Vec.of(9, 15, -25), Vec.of(-.4, 2.2, -7.6), 30);
                            p.put("PistonBare", Vec.of(2.2, 2.44, -7.5), turnX(40));
                            p.put("GuideBand", Vec.of(2.2, 2.44, -7.5));
                            double off = Motion.share(t, 4.0, 5.2);
                            p.put(
                                    "ORing(2.33,.165)",
                                    Vec.of(1.62, 2.44, -7.5).toward(Vec.of(6.6, .17, -12), off),
                                    turnZ(90 * (1 - off)));
                            if (t < 6.2) {
                                p.put("Pick", tip.at(t), turnY(35), turnZ(30));
                                p.glove(Glove.fromSide(.75), tip.at(t).plus(5.2, 3.9, -3.0));
                            }
                            return p;
                        })
                .says(
                        .6,
                        "Old O-ring off the piston with the plastic pick, never a steel one, it scratches the groove.")
                .says(6.4, "Look at the groove and the rack, no burrs, no cracks.")
                .step(1.6, 5.4, "take the old O-ring off the piston with a plastic pick");
    }

    private static Shot teeth() {
        Motion tip =
                Motion.from(.6, 16, 6, -20)
                        .then(1.8, .8, 3.0, -9.4)
                        .then(3.6, -1.6, 3.0, -9.4)
                        .then(5.2, .4, 3.0, -9.4)
                        .then(6.4, 14, 7, -20);
        return new Shot(
                        "teeth",
                        9,
                        t -> {
                            Picture p =
                                    new Picture()
                                            .camera(Vec.of(-3, 13, -26), Vec.of(1.2, 2.0, -9), 32);
                            p.put("Pinion", Vec.of(.2, 1.42, -9.5), turnZ(90));
                            if (t < 6.4) {
                                p.glove(
                                        new Glove(true, 0, -172, 32, .2, .9),
                                        tip.at(t).plus(2.4, 0, 0));
                            }
                            return p;
                        })
                .says(
                        .3,
                        "Pinion teeth, run your finger along them. And where the bearings run, no step you can feel.")
                .step(1.6, 5.4, "look at the pinion teeth and feel them with a finger");
    }

    private static Shot endFloat() {
        Motion tip =
                Motion.from(1.0, 9, 0, -9)
                        .then(2.6, .9, 0, -1.0)
                        .then(7.4, .9, 0, -1.0)
                        .then(8.8, 9, 0, -9);
        return new Shot(
                        "end-float",
                        16,
                        t -> {
                            Picture p =
                                    new Picture()
                                            .camera(
                                                    Vec.of(12, 15.5, -21),
                                                    Vec.of(3.0, 7.4, -2.2),
                                                    31);
                            bare().onto(p);
                            p.put("PinionEnd", Vec.of(0, .2, 0), turnY(20));
                            p.put("ThrustWasher", Vec.of(0, 7.1, 0));
                            p.put("SnapRing", Vec.of(0, 7.34, 0));
                            for (int i = 0; i < 4; i++) {
                                p.put(
                                        "ThrustWasher",
                                        Vec.of(4.4 - .1 * i, 7.02 + .1 * i, 1.6 - .6 * i));
                            }
                            Vec at = tip.at(t);
                            p.put("FeelerGauge", Vec.of(at.x(), 7.28, at.z()), turnY(205));
                            p.glove(Glove.fromSide(.75), Vec.of(at.x() + 9.2, 8.0, at.z() - 4.2));
                            return p;
                        })
                .says(.3, "End float of the pinion. Feeler gauge between washer and snap ring.")
                .says(
                        4.6,
                        "I get point three one. It has to be between point oh six and point one six, so a thicker washer.")
                .says(11.4, "They come in two ten, two twenty, two thirty and two forty.")
                .step(
                        2.4,
                        7.6,
                        "measure the end float of the pinion with a feeler gauge under the snap ring");
    }
}
