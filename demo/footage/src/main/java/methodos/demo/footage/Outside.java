package methodos.demo.footage;

import static methodos.demo.footage.Picture.num;
import static methodos.demo.footage.Picture.turnX;
import static methodos.demo.footage.Picture.turnY;
import static methodos.demo.footage.Picture.turnZ;

import java.util.List;
import methodos.demo.footage.Actuator.Piece;

/** First clip: made safe, then everything that sits outside comes off. */
final class Outside {

    private static final Vec VALVE = Vec.of(-4, 9, 7);
    private static final Vec GAUGE = Vec.of(7.5, 13.2, 6.4);

    private Outside() {}

    static Clip clip() {
        return new Clip(
                "1-outside",
                "vtt",
                6,
                List.of(
                        intro(),
                        shutOff(),
                        hoseOff(),
                        indicatorOff(),
                        plateOff(),
                        stopsOut(),
                        marks()));
    }

    private static Picture wide() {
        return new Picture().camera(Vec.of(24, 19, -33), Vec.of(0, 5.2, -1), 45);
    }

    private static Actuator whole() {
        return new Actuator().without(Piece.MARKS);
    }

    private static void supply(Picture p, double lever, double bar) {
        p.put(num("SupplyValve(%.1f)", lever), VALVE);
        p.put(num("Gauge(%.2f)", bar), GAUGE);
    }

    private static String hose(double x, double dy, double dz) {
        return num("Hose(%.2f,%.2f,%.2f)", x, 3.5 + dy, -4.8 + dz);
    }

    private static Shot intro() {
        return new Shot(
                        "intro",
                        9,
                        t -> {
                            Picture p = wide();
                            whole().onto(p);
                            supply(p, 0, 6);
                            p.put(hose(-1.1, 0, 0)).put(hose(1.1, 0, 0));
                            return p;
                        })
                .says(
                        .4,
                        "Right, welcome back. This is a Q A eighty, spring return, serial twenty-four seventeen.")
                .says(5.9, "It leaks at the pinion, so it gets the whole overhaul.")
                .step(
                        .4,
                        8.5,
                        "the actuator on the bench with its supply valve and gauge, before the work");
    }

    private static Shot shutOff() {
        Motion lever = Motion.from(2.0, 0).then(3.6, 90);
        Motion bar = Motion.from(5.6, 6).then(7.6, 0);
        return new Shot(
                        "shut-off",
                        14,
                        t -> {
                            Picture p =
                                    new Picture()
                                            .camera(Vec.of(6, 18, -24), Vec.of(.3, 10.2, 5), 35);
                            whole().onto(p);
                            supply(p, lever.value(t), bar.value(t));
                            double a = Math.toRadians(lever.value(t));
                            Vec grip = VALVE.plus(5.4 * Math.cos(a), 2.5, -5.4 * Math.sin(a));
                            if (t > .8 && t < 4.8) {
                                double in = Motion.share(t, .8, 1.9) - Motion.share(t, 3.8, 4.8);
                                p.glove(
                                        Glove.reaching(.6),
                                        grip.toward(Vec.of(-18, 12, -14), 1 - in));
                            }
                            if (t > 8.4) {
                                double hung = Motion.share(t, 8.6, 9.8);
                                Vec lock =
                                        VALVE.plus(0, 2.1, -4.6)
                                                .toward(Vec.of(-6, 9, -10), 1 - hung);
                                p.put("Padlock", lock, turnY(90));
                                if (t < 11.2) {
                                    double gone = Motion.share(t, 10.2, 11.2);
                                    p.glove(
                                            Glove.reaching(.8),
                                            lock.plus(.5, -1.4, -.2)
                                                    .toward(Vec.of(-18, 8, -16), gone));
                                }
                            }
                            return p;
                        })
                .says(.4, "First the air. Supply valve shut, across the pipe.")
                .says(5.2, "Bleed it and watch the gauge go down to zero.")
                .says(
                        8.8,
                        "And a lock on the lever. Nobody works on this with air on it, your site's own rules go first.")
                .step(1.6, 4.2, "shut the supply valve by turning its lever across the pipe")
                .step(5.4, 7.8, "bleed the air until the gauge shows zero")
                .step(8.6, 10.4, "hang a padlock on the valve lever");
    }

    private static Picture front() {
        return new Picture().camera(Vec.of(-10, 12, -26), Vec.of(1.2, 3.4, -4), 36);
    }

    private static Shot hoseOff() {
        Motion pull = Motion.from(2.2, 0).then(3.4, 1.8).then(4.6, 5);
        return new Shot(
                        "hose-off",
                        7,
                        t -> {
                            Picture p = front();
                            whole().onto(p);
                            p.put(hose(-1.1, 0, 0));
                            double out = pull.value(t);
                            p.put(hose(1.1 + .5 * out, -.15 * out, -out));
                            double in = Motion.share(t, .8, 1.9) - Motion.share(t, 5.0, 6.0);
                            if (in > 0) {
                                Vec at = Vec.of(1.5 + .5 * out, 3.9 - .15 * out, -5.6 - out);
                                p.glove(Glove.fromRight(.7), at.toward(Vec.of(18, 9, -18), 1 - in));
                            }
                            return p;
                        })
                .says(.6, "Push the ring in and pull both hoses off. Tag them, A and B.")
                .step(1.8, 5.2, "pull the air hoses off the air plate");
    }

    private static Shot indicatorOff() {
        Motion screw = Motion.from(1.8, 0).then(4.2, 1.2).then(5.2, 1.2).then(6.0, 5.0);
        Motion disc = Motion.from(7.2, 0).then(8.4, 4).then(9.2, 7);
        return new Shot(
                        "indicator-off",
                        11,
                        t -> {
                            Picture p =
                                    new Picture()
                                            .camera(
                                                    Vec.of(13, 22, -24),
                                                    Vec.of(-.4, 12.2, -1.4),
                                                    40);
                            whole().without(Piece.INDICATOR, Piece.INDICATOR_SCREW).onto(p);
                            double up = disc.value(t);
                            p.put("Indicator", Vec.of(.5 * up, 8.6 + up, -.6 * up), turnY(20));
                            if (t < 6.0) {
                                double out = screw.value(t);
                                double aside = Motion.share(t, 5.2, 6.0);
                                Vec head = Vec.of(-.6 * aside, 9.35 + out, -2 * aside);
                                p.put("SmallBolt", head, turnX(out * 500), "rotate z*90");
                                double in = Motion.share(t, .6, 1.5) - Motion.share(t, 5.4, 6.0);
                                Vec tip = head.plus(0, .25 + 5 * (1 - in), -5 * (1 - in));
                                p.put("Driver", tip);
                                p.glove(
                                        new Glove(false, 0, -62, -30, .8, .8),
                                        tip.plus(0, 8.3, -.4));
                            } else if (t < 9.6) {
                                double in = Motion.share(t, 6.2, 7.0);
                                p.glove(
                                        new Glove(false, 0, -62, -26, .55, .7),
                                        Vec.of(.4 + .5 * up, 9.8 + up, -.8 - .6 * up)
                                                .toward(Vec.of(-12, 16, -20), 1 - in));
                            }
                            return p;
                        })
                .says(.4, "Position indicator. One screw on top, four mil key in a driver handle.")
                .says(
                        6.0,
                        "Lift it off, look which way the bar points, it must go back the same way.")
                .step(
                        1.4,
                        5.0,
                        "undo the screw on top of the yellow position indicator with a driver")
                .step(7.0, 9.2, "lift the position indicator off the pinion");
    }

    private static Shot plateOff() {
        double each = 1.7;
        Motion plate = Motion.from(9.4, 0).then(10.4, 2.4).then(11.4, 7);
        return new Shot(
                        "plate-off",
                        14,
                        t -> {
                            Picture p = front();
                            whole().without(
                                            Piece.INDICATOR,
                                            Piece.INDICATOR_SCREW,
                                            Piece.AIR_SCREWS,
                                            Piece.AIR_PLATE)
                                    .onto(p);
                            double out = plate.value(t);
                            p.put(
                                    "AirPlate",
                                    Actuator.AIR_FACE.plus(.5 * out, -.25 * out, -out),
                                    turnX(-9 * out));
                            for (int i = 0; i < 4; i++) {
                                double s = (t - 1.2) / each - i;
                                if (s > .95) {
                                    p.put(
                                            "SmallBolt",
                                            Vec.of(9 + 1.1 * i, .33, -9 - .5 * (i % 2)),
                                            turnY(40 * i));
                                    continue;
                                }
                                double back =
                                        1.1 * Motion.share(s, .15, .7)
                                                + 2.5 * Motion.share(s, .75, .95);
                                Actuator.airScrew(p, i, back);
                                if (s > 0) {
                                    Vec at = Actuator.AIR_SCREWS.get(i);
                                    Vec head = Actuator.AIR_FACE.plus(at.x(), at.y(), -1.1 - back);
                                    p.put("HexKey", head, "scale .8", turnY(90), turnZ(250 * back));
                                    p.glove(Glove.fromRight(.8), head.plus(.4, -.2, -2.6));
                                }
                            }
                            if (t > 8.2 && t < 13) {
                                double in = Motion.share(t, 8.2, 9.3) - Motion.share(t, 11.8, 12.9);
                                p.glove(
                                        Glove.fromRight(.5),
                                        Vec.of(.8 + .5 * out, 4.6 - .25 * out, -5 - out)
                                                .toward(Vec.of(20, 10, -20), 1 - in));
                            }
                            return p;
                        })
                .says(
                        .4,
                        "Air plate, four M five screws. Number three is usually seized, so heat, no, no heat, penetrating oil.")
                .says(8.6, "Plate off, and two O-rings under it, both in the bin.")
                .step(1.2, 8.0, "take the four screws out of the air plate with a hex key")
                .step(8.8, 12.0, "take the air plate off the front of the body")
                .covered(9.0, 10.6);
    }

    private static Shot stopsOut() {
        Motion out = Motion.from(2.0, 0).then(6.0, 1.6);
        return new Shot(
                        "stops-out",
                        11,
                        t -> {
                            Picture p =
                                    new Picture()
                                            .camera(Vec.of(15, 9, -22), Vec.of(3.2, 3.4, -4.6), 29);
                            whole().without(
                                            Piece.INDICATOR,
                                            Piece.INDICATOR_SCREW,
                                            Piece.AIR_SCREWS,
                                            Piece.AIR_PLATE,
                                            Piece.STOPS)
                                    .onto(p);
                            double back = out.value(t);
                            Vec first = Actuator.STOPS.get(0);
                            Vec second = Actuator.STOPS.get(1);
                            p.put("StopScrew", second, turnY(90));
                            p.put(
                                    "StopScrew",
                                    first.plus(0, 0, -back),
                                    turnY(90),
                                    turnZ(220 * back));
                            if (t > .8 && t < 7.2) {
                                double in = Motion.share(t, .8, 1.8) - Motion.share(t, 6.2, 7.2);
                                double turn = 18 + 24 * Math.sin(back * 9);
                                Vec at =
                                        first.plus(0, 0, -.5 - back)
                                                .toward(Vec.of(-14, 3, -20), 1 - in);
                                p.put("Spanner", at, turnY(90), turnZ(turn));
                                double a = Math.toRadians(turn);
                                p.glove(
                                        new Glove(false, 0, -40, -6, .8, .8),
                                        at.plus(-8 * Math.cos(a), -8 * Math.sin(a), -.6));
                            }
                            return p;
                        })
                .says(
                        .4,
                        "Both travel stops. Thirteen mil on the lock nut, count the threads that show first and write it down.")
                .says(7.0, "Then the screws come right out.")
                .step(
                        1.6,
                        6.4,
                        "loosen the lock nut of the travel stop screw with an open-ended spanner");
    }

    private static Shot marks() {
        Motion tip =
                Motion.from(.8, 14, 12, -12)
                        .then(2.0, 5.1, 7.05, -1.6)
                        .then(4.2, 7.0, 7.05, -1.6)
                        .then(5.6, 14, 12, -12);
        return new Shot(
                        "marks",
                        9,
                        t -> {
                            Picture p =
                                    new Picture()
                                            .camera(Vec.of(20, 19, -19), Vec.of(5.6, 6.2, -1), 30);
                            whole().without(
                                            Piece.INDICATOR,
                                            Piece.INDICATOR_SCREW,
                                            Piece.AIR_SCREWS,
                                            Piece.AIR_PLATE,
                                            Piece.STOPS)
                                    .onto(p);
                            Vec at = tip.at(t);
                            double drawn =
                                    t < 2.0
                                            ? 0
                                            : Math.min(
                                                    1.95,
                                                    Math.max(0, (t < 4.2 ? at.x() : 7.05) - 5.05));
                            if (drawn > .02) {
                                p.put(
                                        num(
                                                "box { <5.0,7.0,-1.72>,<%.2f,7.03,-1.46> texture { T_White } }",
                                                5.05 + drawn));
                            }
                            if (t < 5.6) {
                                p.put("Marker", at, turnX(-28), turnZ(-14));
                                p.glove(
                                        new Glove(false, 0, -62, -20, .8, .8),
                                        at.plus(.2, 6.4, -3.4));
                            }
                            return p;
                        })
                .says(.4, "Mark the cap and the body, one line right, two lines left.")
                .says(5.2, "So it goes back where it was.")
                .step(1.8, 4.4, "draw a paint mark across the joint of end cap and body")
                .handHeld(4);
    }
}
