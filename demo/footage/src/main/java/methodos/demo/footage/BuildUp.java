package methodos.demo.footage;

import static methodos.demo.footage.Actuator.BORE_Y;
import static methodos.demo.footage.Actuator.CAP_SCREWS;
import static methodos.demo.footage.Actuator.CAP_X;
import static methodos.demo.footage.Actuator.HEAD_X;
import static methodos.demo.footage.Picture.num;
import static methodos.demo.footage.Picture.turnX;
import static methodos.demo.footage.Picture.turnY;
import static methodos.demo.footage.Picture.turnZ;

import java.util.List;
import methodos.demo.footage.Actuator.Piece;

/** Fourth clip: new seals, everything back on, and the tests. */
final class BuildUp {

    private static final int[] CROSS = {0, 2, 1, 3};

    private static final Camera LEAK_TEST =
            new Camera(Vec.of(20, 18, -31), Vec.of(2.0, 6.2, -1), 41);

    private BuildUp() {}

    static Clip clip() {
        return new Clip(
                "4-build-up",
                "srt",
                6,
                List.of(
                        coneSeal(),
                        grease(),
                        ringOn(),
                        pistonIn(),
                        springsIn(),
                        guideAndCap(),
                        tighten(),
                        plateOn(),
                        leakTest()));
    }

    private static Picture right() {
        return new Picture().camera(Vec.of(33, 17, -25), Vec.of(8.2, 2.6, -2.4), 38);
    }

    private static Actuator open() {
        return Actuator.stripped().without(Piece.RIGHT_CAP, Piece.RIGHT_SCREWS);
    }

    private static Shot coneSeal() {
        Motion ring = Motion.from(1.6, 4.2).then(3.2, 2.6).then(5.0, -.55);
        return new Shot(
                        "cone-seal",
                        11,
                        t -> {
                            Picture p =
                                    new Picture()
                                            .camera(Vec.of(10, 15, -25), Vec.of(.8, 2.4, -7.4), 31);
                            p.put("PistonBare", Vec.of(-.5, 2.44, -7.5), turnX(40));
                            p.put("GuideBand", Vec.of(-.5, 2.44, -7.5));
                            if (t < 7.4) {
                                p.put(
                                        "SealCone",
                                        Vec.of(
                                                -.5 + 9 * Motion.share(t, 6.2, 7.4),
                                                2.44,
                                                -7.5 - 6 * Motion.share(t, 6.2, 7.4)));
                            }
                            double at = ring.value(t);
                            double radius = at < 0 ? 2.33 : Math.min(2.5, 2.52 - .33 * at);
                            p.put(
                                    num("ORing(%.2f,.165)", radius),
                                    Vec.of(-.5 + at, 2.44, -7.5),
                                    turnZ(90));
                            if (t < 6.2) {
                                double in = Motion.share(t, .4, 1.5) - Motion.share(t, 5.2, 6.2);
                                Vec tip = Vec.of(.6 + at, 5.0, -8.2);
                                p.glove(
                                        Glove.fromSide(.62),
                                        tip.toward(Vec.of(18, 9, -22), 1 - in));
                            }
                            return p;
                        })
                .says(.3, "New O-ring over the seal cone, so it doesn't get cut on the edge.")
                .says(
                        5.2,
                        "Don't roll it. Then the guide band, and the gap of the band goes on top.")
                .step(1.4, 5.4, "slide the new O-ring over a plastic cone onto the piston");
    }

    private static Shot grease() {
        Motion tip =
                Motion.from(.8, 9, 6, -18)
                        .then(2.0, 1.4, 3.8, -9.6)
                        .then(3.4, -.4, 4.4, -8.9)
                        .then(4.8, 1.6, 3.4, -9.8)
                        .then(6.0, 10, 6, -19);
        return new Shot(
                        "grease",
                        9,
                        t -> {
                            Picture p =
                                    new Picture()
                                            .camera(Vec.of(10, 15, -25), Vec.of(.8, 2.4, -7.4), 31);
                            p.put("Piston", Vec.of(-.5, 2.44, -7.5), turnX(40));
                            Vec at = tip.at(t);
                            p.put("GreaseTube", at.plus(1.2, .4, -.6), turnZ(24), turnY(38));
                            p.glove(Glove.fromSide(.75), at.plus(5.6, 3.2, -2.6));
                            return p;
                        })
                .goesOn()
                .says(
                        .3,
                        "Thin film of the silicone grease on both, and on the rack. No grease in the spring pockets.")
                .step(1.8, 5.2, "put grease on the piston seal from a tube");
    }

    private static final Vec LUGS = Vec.of(.59, 7.38, -1.02);

    private static Shot ringOn() {
        Motion tips =
                Motion.from(.6, 4.5, 14, -9)
                        .then(2.2, LUGS.x(), LUGS.y() + 2.6, LUGS.z())
                        .then(3.8, LUGS.x(), LUGS.y(), LUGS.z())
                        .then(5.0, LUGS.x(), LUGS.y(), LUGS.z())
                        .then(6.4, 5, 15, -9);
        return new Shot(
                        "ring-on",
                        11,
                        t -> {
                            Picture p =
                                    new Picture()
                                            .camera(Vec.of(12, 22, -18), Vec.of(.2, 8.6, -1.0), 30);
                            open().without(
                                            Piece.SNAP_RING,
                                            Piece.LEFT_CAP,
                                            Piece.LEFT_SCREWS,
                                            Piece.MARKS)
                                    .onto(p);
                            Vec at = tips.at(t);
                            p.put(
                                    "SnapRing",
                                    t < 5
                                            ? at.plus(-LUGS.x(), -.14, -LUGS.z())
                                            : Vec.of(0, 7.24, 0));
                            if (t < 6.4) {
                                p.put(
                                        num(
                                                "SnapPliers(%.1f)",
                                                3 * (1 - Motion.share(t, 4.0, 4.8))),
                                        at,
                                        turnX(-24),
                                        turnY(-30),
                                        turnZ(-6));
                                p.glove(
                                        new Glove(false, -10, -40, -34, .8, .7),
                                        at.plus(-.4, 10.2, -5.2));
                            }
                            return p;
                        })
                .says(
                        .3,
                        "Pinion back up from below, thrust washer two thirty, and a new snap ring, sharp edge up.")
                .says(6.4, "Turn it in the groove to see that it sits. Check the end float again.")
                .step(2.0, 5.2, "fit the snap ring over the pinion with snap-ring pliers");
    }

    private static Shot pistonIn() {
        Motion out = Motion.from(1.6, 8.6).then(4.4, 3.4).then(6.4, .0);
        return new Shot(
                        "piston-in",
                        10,
                        t -> {
                            Picture p =
                                    new Picture()
                                            .camera(
                                                    Vec.of(27, 20, -27),
                                                    Vec.of(4.4, 4.2, -1.6),
                                                    40);
                            open().without(Piece.LEFT_CAP, Piece.LEFT_SCREWS).onto(p);
                            double x = 5.3 + out.value(t);
                            p.put("Piston", Vec.of(x, BORE_Y, 0));
                            p.put("Piston", Vec.of(-x, BORE_Y, 0), turnY(180));
                            if (t < 8.2) {
                                double in = Motion.share(t, .4, 1.4) - Motion.share(t, 7.0, 8.2);
                                p.glove(
                                        Glove.fromSide(.35),
                                        Vec.of(x + .3, BORE_Y + 1.2, -.8)
                                                .toward(Vec.of(24, 9, -20), 1 - in));
                            }
                            return p;
                        })
                .says(
                        .3,
                        "Both pistons in at the same time, marks up, the pinion slot in line with the body.")
                .says(6.0, "They must be the same distance in, within one tooth it is wrong.")
                .step(1.4, 6.6, "push the pistons back into the body");
    }

    private static Shot springsIn() {
        double each = 1.5;
        return new Shot(
                        "springs-in",
                        11,
                        t -> {
                            Picture p = right();
                            open().onto(p);
                            p.put("Piston", Vec.of(5.3, BORE_Y, 0));
                            for (int i = 0; i < 5; i++) {
                                double s = (t - 1.0) / each - (4 - i);
                                Vec in =
                                        Vec.of(
                                                4.3,
                                                BORE_Y + Actuator.SPRINGS.get(i).y(),
                                                Actuator.SPRINGS.get(i).z());
                                Vec out = in.plus(5.5, 0, -1);
                                Vec aside = Vec.of(12, .65, -4.5 - 1.8 * i);
                                Vec at =
                                        s < .45
                                                ? aside.toward(out, Motion.share(s, .1, .45))
                                                : out.toward(in, Motion.share(s, .45, .85));
                                p.put(Actuator.spring(5.2), at);
                                if (s > 0 && s < 1) {
                                    p.glove(Glove.reaching(.8), at.plus(4.6, .4, -.3));
                                }
                            }
                            return p;
                        })
                .says(.3, "Springs into their pockets, five this side, all the way home.")
                .says(5.0, "Last time I forgot one, it did not close against pressure.")
                .step(1.0, 8.6, "put the five springs back into the piston");
    }

    private static void pins(Picture p, double out) {
        p.put("GuidePin", Vec.of(CAP_X + out, BORE_Y + 2.62, 2.62));
        p.put("GuidePin", Vec.of(CAP_X + out, BORE_Y - 2.62, -2.62));
    }

    private static Shot guideAndCap() {
        Motion cap = Motion.from(3.4, 12, 0, 2).then(5.2, 5.0, 0, 0).then(7.6, 1.9, 0, 0);
        return new Shot(
                        "guide-and-cap",
                        12,
                        t -> {
                            Picture p = right();
                            open().onto(p);
                            p.put("Piston", Vec.of(5.3, BORE_Y, 0));
                            Actuator.springs(p, 5.3, Math.min(5.2, 1.9 + cap.at(t).x()), 0);
                            pins(p, 5 * (1 - Motion.share(t, .8, 2.4)));
                            p.put(
                                    "Cap",
                                    Vec.of(CAP_X + cap.at(t).x(), 0, cap.at(t).z()),
                                    turnY(-30 * (1 - Motion.share(t, 3.4, 5.0))));
                            if (t > 2.8 && t < 10.4) {
                                double in = Motion.share(t, 2.8, 3.6) - Motion.share(t, 9.2, 10.4);
                                Vec grip =
                                        Vec.of(
                                                CAP_X + cap.at(t).x() + 1.6,
                                                7.4,
                                                cap.at(t).z() - 3.4);
                                p.glove(
                                        Glove.reaching(.5),
                                        grip.toward(Vec.of(24, 6, -20), 1 - in));
                            }
                            return p;
                        })
                .says(
                        .3,
                        "Cap guide, two pins in opposite holes, made from old screws with the heads off.")
                .says(
                        5.4,
                        "New O-ring in the cap, then over the pins and push it against the springs. Start two long screws and pull it in evenly.")
                .step(3.4, 8.6, "push the end cap over two guide pins against the springs")
                .covered(4.8, 6.2);
    }

    private static Shot tighten() {
        double each = 3.0;
        return new Shot(
                        "tighten-cap",
                        20,
                        t -> {
                            Picture p =
                                    new Picture()
                                            .camera(
                                                    Vec.of(36, 19, -28),
                                                    Vec.of(7.6, 3.0, -4.2),
                                                    40);
                            open().onto(p);
                            p.put("Cap", Vec.of(CAP_X, 0, 0));
                            double s = (t - 2.0) / each;
                            int now = (int) Math.floor(s);
                            for (int i = 0; i < 4; i++) {
                                Vec screw = CAP_SCREWS.get(CROSS[i]);
                                double done = Motion.share(s - i, .3, .8);
                                Vec head = Vec.of(HEAD_X, BORE_Y + screw.y(), screw.z());
                                p.put("Bolt", head, turnX(-40 * done));
                                if (s >= 0 && now == i) {
                                    double away =
                                            4
                                                    * (1
                                                            - Motion.share(s - i, 0, .25)
                                                            + Motion.share(s - i, .88, 1));
                                    Vec tip = head.plus(.4 + away, 0, 0);
                                    double turn = 20 - 40 * done;
                                    p.put("TorqueWrench", tip, turnX(turn));
                                    double a = Math.toRadians(turn);
                                    p.glove(
                                            new Glove(false, turn * .35, -70, -8, .75, .8),
                                            tip.plus(
                                                    2.75, 14.6 * Math.sin(a), -14.6 * Math.cos(a)));
                                }
                            }
                            return p;
                        })
                .says(
                        .3,
                        "Cap screws, a drop of oil on the thread. Cross pattern, two and a half newton metres first, then five.")
                .says(
                        7.6,
                        "Then seven to eight and a half newton metres, sixty-two to seventy-five inch pounds.")
                .says(
                        14.2,
                        "Once round again at the end. Guide pins out before you forget them, and the left cap just the same.")
                .step(2.0, 14.0, "tighten the cap screws crosswise with a torque wrench");
    }

    private static Shot plateOn() {
        Motion plate = Motion.from(1.6, 6).then(3.2, 0);
        return new Shot(
                        "plate-on",
                        11,
                        t -> {
                            Picture p =
                                    new Picture()
                                            .camera(Vec.of(-10, 13, -28), Vec.of(1.0, 4.2, -4), 38);
                            new Actuator().without(Piece.AIR_PLATE, Piece.AIR_SCREWS).onto(p);
                            double out = plate.value(t);
                            p.put(
                                    "AirPlate",
                                    Actuator.AIR_FACE.plus(.4 * out, -.2 * out, -out),
                                    turnX(-6 * out));
                            for (int i = 0; i < 4; i++) {
                                if (t > 4.6) {
                                    Actuator.airScrew(
                                            p,
                                            i,
                                            .9 * (1 - Motion.share(t, 5 + i * .8, 5.8 + i * .8)));
                                }
                            }
                            double in = Motion.share(t, .4, 1.4) - Motion.share(t, 3.8, 4.6);
                            if (in > 0) {
                                p.glove(
                                        Glove.fromRight(.5),
                                        Vec.of(.8 + .4 * out, 4.7 - .2 * out, -5 - out)
                                                .toward(Vec.of(20, 10, -20), 1 - in));
                            }
                            int i = (int) Math.floor((t - 5) / .8);
                            if (t >= 5 && i < 4) {
                                Vec at = Actuator.AIR_SCREWS.get(i);
                                Vec head =
                                        Actuator.AIR_FACE.plus(
                                                at.x(),
                                                at.y(),
                                                -1.1
                                                        - .9
                                                                * (1
                                                                        - Motion.share(
                                                                                t,
                                                                                5 + i * .8,
                                                                                5.8 + i * .8)));
                                p.put("HexKey", head, "scale .8", turnY(90), turnZ(-300 * (t - 5)));
                                p.glove(Glove.fromRight(.8), head.plus(.4, -.2, -2.6));
                            }
                            return p;
                        })
                .says(
                        .3,
                        "Two new O-rings under the air plate, there are three in the bag, one is a spare.")
                .says(
                        5.6,
                        "Blue threadlocker on the four screws, forty to forty-eight inch pounds.")
                .step(1.2, 4.0, "set the air plate onto the front of the body")
                .step(5.0, 8.2, "screw the air plate on with four screws and a hex key");
    }

    /**
     * The actuator at its supply.
     *
     * @param lever of the supply valve in degrees, 90 is shut
     */
    static Picture underAir(Camera camera, double lever, double bar) {
        Picture p = new Picture().camera(camera);
        new Actuator().onto(p);
        p.put(num("SupplyValve(%.1f)", lever), Vec.of(-4, 9, 7));
        p.put(num("Gauge(%.2f)", bar), Vec.of(7.5, 13.2, 6.4));
        p.put("Hose(-1.10,3.50,-4.80)").put("Hose(1.10,3.50,-4.80)");
        return p;
    }

    private static Shot leakTest() {
        Motion bar = Motion.from(2.2, 0).then(4.2, 6);
        Motion nozzle =
                Motion.from(5.0, 18, 8, -16)
                        .then(6.2, 7.4, 9.2, -4.8)
                        .then(8.6, 6.6, 9.4, -5.2)
                        .then(9.8, 18, 8, -16);
        return new Shot(
                        "leak-test",
                        17,
                        t -> {
                            Picture p =
                                    underAir(
                                            LEAK_TEST,
                                            t < 1 ? 90.0 : 90 - 90 * Motion.share(t, 1, 2),
                                            bar.value(t));
                            Vec at = nozzle.at(t);
                            if (t > 5.0 && t < 9.8) {
                                p.put("SprayBottle", at.plus(2.2, -8.1, 0), turnZ(0));
                                p.glove(Glove.fromSide(.7), at.plus(4.2, -1.6, -.6));
                            }
                            if (t > 7) {
                                p.put(
                                        "union { sphere { <6.1,7.0,-1.2>,.16 } sphere { <6.3,7.02,-.9>,.11 } sphere { <6.05,7.0,-.7>,.13 } texture { T_White } }");
                            }
                            return p;
                        })
                .says(.3, "Air on, slowly, up to six bar. Hands away from the coupling.")
                .says(
                        5.0,
                        "Leak spray around the caps and the pinion, hold it sixty seconds, no bubbles.")
                .says(
                        9.8,
                        "Then ten strokes each way. It must start to move at two bar or less. Write it on the record, and that's, er, that's it.")
                .step(
                        1.0,
                        4.4,
                        "open the supply valve and bring the pressure up to six bar on the gauge")
                .step(6.0, 9.0, "spray leak-finding fluid on the joints of the actuator");
    }
}
