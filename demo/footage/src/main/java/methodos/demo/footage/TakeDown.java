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

/** Second clip: end caps, springs, snap ring, pistons and pinion come off. */
final class TakeDown {

    /** The order in which the screws are undone: crosswise. */
    private static final int[] CROSS = {0, 2, 1, 3};

    private static final List<Vec> SCREWS_ASIDE =
            List.of(
                    Vec.of(13.2, .52, -6.4),
                    Vec.of(15.2, .52, -7.6),
                    Vec.of(12.4, .52, -9.2),
                    Vec.of(17.0, .52, -5.8));

    private TakeDown() {}

    static Clip clip() {
        return new Clip(
                "2-take-down",
                "vtt",
                6,
                List.of(
                        loosen(),
                        screwsOut(),
                        capOff(),
                        springsOut(),
                        otherSide(),
                        ringTry(),
                        ringOff(),
                        pistonsOut(),
                        pinionOut(),
                        laidOut()));
    }

    private static Picture right() {
        return new Picture().camera(Vec.of(33, 17, -25), Vec.of(8.2, 2.6, -2.4), 38);
    }

    private static Picture top() {
        return new Picture().camera(Vec.of(12, 22, -18), Vec.of(0.2, 8.6, -1.0), 30);
    }

    private static void keyAndHand(Picture p, Vec socket, double turn, double away) {
        Vec tip = socket.plus(.3 + away, 0, 0);
        p.put("HexKey", tip, turnX(turn));
        double a = Math.toRadians(turn);
        Vec grip = tip.plus(3.0, 8.4 * Math.sin(a), -8.4 * Math.cos(a));
        p.glove(new Glove(false, turn * .35, -70, -8, .72, .8), grip);
    }

    private static Shot loosen() {
        double each = 2.6;
        return new Shot(
                        "loosen-cap",
                        14,
                        t -> {
                            Picture p = right();
                            Actuator.stripped().without(Piece.RIGHT_SCREWS).onto(p);
                            double s = (t - 2.0) / each;
                            int at = (int) Math.floor(s);
                            for (int i = 0; i < 4; i++) {
                                Vec screw = CAP_SCREWS.get(CROSS[i]);
                                double done = Motion.share(s - i, .25, .75);
                                Vec head =
                                        Vec.of(HEAD_X + .10 * done, BORE_Y + screw.y(), screw.z());
                                double turn = 180 * done;
                                p.put("Bolt", head, turnX(turn + 17 * i));
                                if (s >= 0 && at == i) {
                                    double in = Motion.share(s - i, 0, .2);
                                    double off = Motion.share(s - i, .85, 1);
                                    keyAndHand(p, head, -55 + 85 * done, 3 * (1 - in) + 4 * off);
                                }
                            }
                            return p;
                        })
                .says(.3, "Now the right cap. Four screws, five mil hex key.")
                .says(
                        4.2,
                        "Half a turn on each, crosswise, and stay out of the line of the cap, there are five springs behind it pushing.")
                .says(11.0, "Do not take one screw right out on its own.")
                .step(
                        2.0,
                        12.4,
                        "loosen the four cap screws of the right end cap crosswise with a hex key")
                .blurred(5.0, 6.0);
    }

    private static Shot screwsOut() {
        double each = 1.6;
        return new Shot(
                        "screws-out",
                        9,
                        t -> {
                            Picture p = right();
                            Actuator.stripped()
                                    .without(Piece.RIGHT_SCREWS, Piece.RIGHT_CAP)
                                    .onto(p);
                            p.put("Cap", Vec.of(CAP_X + .5, 0, 0));
                            for (int i = 0; i < 4; i++) {
                                Vec screw = CAP_SCREWS.get(CROSS[i]);
                                double s = (t - .8) / each - i;
                                if (s >= .9) {
                                    p.put("Bolt", SCREWS_ASIDE.get(i), turnY(30 + 55 * i));
                                    continue;
                                }
                                double turn = Motion.share(s, .1, .65);
                                double lift = Motion.share(s, .65, .9);
                                Vec head =
                                        Vec.of(
                                                        HEAD_X + .6 + 1.9 * turn,
                                                        BORE_Y + screw.y(),
                                                        screw.z())
                                                .toward(SCREWS_ASIDE.get(i), lift * .8);
                                p.put("Bolt", head, turnX(700 * turn), turnY(40 * lift));
                                if (s >= 0) {
                                    p.glove(Glove.reaching(.75), head.plus(.9, -.1, -.3));
                                }
                            }
                            return p;
                        })
                .goesOn()
                .says(.2, "They are spent when the cap stops following. Then all four out.")
                .says(5.0, "M six by twenty-five. Keep them, we look at the threads later.")
                .step(.8, 7.2, "take out the four cap screws by hand");
    }

    private static Shot capOff() {
        Motion cap =
                Motion.from(2.0, .5, 0, 0)
                        .then(3.2, 2.2, 0, 0)
                        .then(4.6, 8.5, 0, 1.0)
                        .then(5.4, 9.5, 0, 4.0);
        Motion hand =
                Motion.from(.6, 22, 3, -16)
                        .then(2.0, 7.6, 7.4, -3.6)
                        .then(3.2, 9.4, 7.4, -3.6)
                        .then(4.6, 15.8, 7.4, -2.6)
                        .then(5.4, 16.8, 7.4, .6)
                        .then(6.2, 18, 9, -8)
                        .then(7.0, 27, 4, -24);
        return new Shot(
                        "cap-off",
                        11,
                        t -> {
                            Picture p = right();
                            Actuator.stripped()
                                    .without(Piece.RIGHT_SCREWS, Piece.RIGHT_CAP)
                                    .onto(p);
                            p.put("Piston", Vec.of(5.3, BORE_Y, 0));
                            Actuator.springs(p, 5.3, Math.min(5.2, 1.9 + cap.at(t).x()), 0);
                            p.put(
                                    "Cap",
                                    Vec.of(CAP_X + cap.at(t).x(), 0, cap.at(t).z()),
                                    turnY(-50 * Motion.share(t, 4.2, 5.4)));
                            for (int i = 0; i < 4; i++) {
                                p.put("Bolt", SCREWS_ASIDE.get(i), turnY(30 + 55 * i));
                            }
                            if (t > .6 && t < 7.0) {
                                p.glove(Glove.reaching(.5), hand.at(t));
                            }
                            return p;
                        })
                .goesOn()
                .says(.4, "Cap off, and there are the springs.")
                .says(4.0, "The O-ring in the cap goes in the bin, it is always new.")
                .says(8.2, "Where did I, ah, here.")
                .step(1.8, 5.6, "pull the right end cap off the body")
                .covered(1.6, 3.4)
                .dark(6.2, 7.4);
    }

    private static final List<Vec> SPRINGS_ASIDE =
            List.of(
                    Vec.of(12, .65, -4.5),
                    Vec.of(12, .65, -6.3),
                    Vec.of(12, .65, -8.1),
                    Vec.of(12, .65, -9.9),
                    Vec.of(12, .65, -11.7));

    private static Shot springsOut() {
        double each = 1.5;
        return new Shot(
                        "springs-out",
                        13,
                        t -> {
                            Picture p = right();
                            Actuator.stripped()
                                    .without(Piece.RIGHT_SCREWS, Piece.RIGHT_CAP)
                                    .onto(p);
                            p.put("Piston", Vec.of(5.3, BORE_Y, 0));
                            p.put("Cap", Vec.of(CAP_X + 9.5, 0, 4), turnY(-50));
                            for (int i = 0; i < 5; i++) {
                                double s = (t - 1.5) / each - i;
                                Vec in =
                                        Vec.of(
                                                4.3,
                                                BORE_Y + Actuator.SPRINGS.get(i).y(),
                                                Actuator.SPRINGS.get(i).z());
                                Vec out = in.plus(5.5, 0, -1);
                                Vec at =
                                        s < .55
                                                ? in.toward(out, Motion.share(s, .2, .55))
                                                : out.toward(
                                                        SPRINGS_ASIDE.get(i),
                                                        Motion.share(s, .55, .85));
                                p.put(Actuator.spring(5.2), at);
                                if (s > 0 && s < 1) {
                                    double back = Motion.share(s, .88, 1);
                                    Vec tip = at.plus(4.6, .4, -.3);
                                    p.glove(Glove.reaching(.8), tip.plus(0, 1.5 * back, -2 * back));
                                }
                            }
                            return p;
                        })
                .goesOn()
                .says(
                        .3,
                        "Five springs, lift them out one by one and lay them in a row, keep them by side.")
                .says(7.0, "Measure the free length, the data sheet says how long they have to be.")
                .step(1.5, 9.0, "take the five springs out of the piston and lay them in a row");
    }

    private static Shot otherSide() {
        return new Shot(
                        "other-side",
                        10,
                        t -> {
                            Picture p =
                                    new Picture()
                                            .camera(
                                                    Vec.of(29, 16, -25),
                                                    Vec.of(12.5, 1.0, -5.5),
                                                    36);
                            Actuator.stripped()
                                    .without(Piece.RIGHT_SCREWS, Piece.RIGHT_CAP)
                                    .onto(p);
                            p.put("Piston", Vec.of(5.3, BORE_Y, 0));
                            p.put("Cap", Vec.of(CAP_X + 9.5, 0, 4), turnY(-50));
                            SPRINGS_ASIDE.forEach(at -> p.put(Actuator.spring(5.2), at));
                            return p;
                        })
                .says(.4, "Same again on the other side, left cap, four screws, five springs.")
                .says(5.2, "My first one of these, I lost a spring under the bench for a week.");
    }

    private static Picture opened(Picture p, boolean ring, boolean washer) {
        Actuator unit =
                Actuator.stripped()
                        .without(
                                Piece.RIGHT_SCREWS,
                                Piece.RIGHT_CAP,
                                Piece.LEFT_CAP,
                                Piece.LEFT_SCREWS,
                                Piece.MARKS);
        if (!ring) {
            unit.without(Piece.SNAP_RING);
        }
        if (!washer) {
            unit.without(Piece.WASHER);
        }
        return unit.onto(p);
    }

    private static final Vec LUGS = Vec.of(.59, 7.38, -1.02);

    private static void pliers(Picture p, Vec tips, double spread) {
        p.put(num("SnapPliers(%.1f)", spread), tips, turnX(-24), turnY(-30), turnZ(-6));
        p.glove(new Glove(false, -10, -40, -34, .8, .7), tips.plus(-.4, 10.2, -5.2));
    }

    private static Shot ringTry() {
        Motion tips =
                Motion.from(.8, 5, 11, -9)
                        .then(2.0, LUGS.x(), LUGS.y(), LUGS.z())
                        .then(3.2, LUGS.x(), LUGS.y(), LUGS.z())
                        .then(3.6, LUGS.x() + 1.6, LUGS.y() + .4, LUGS.z() - 1.2)
                        .then(4.6, 6, 12, -10);
        return new Shot(
                        "ring-try",
                        6,
                        t -> {
                            Picture p = opened(top(), true, true);
                            if (t < 4.6) {
                                pliers(p, tips.at(t), 2 * Motion.share(t, 2.2, 3));
                            }
                            return p;
                        })
                .says(.2, "Snap ring, outside pliers.")
                .says(3.4, "Slipped. I do that again.")
                .handHeld(3);
    }

    private static Shot ringOff() {
        Motion tips =
                Motion.from(.6, 5, 11, -9)
                        .then(1.8, LUGS.x(), LUGS.y(), LUGS.z())
                        .then(3.0, LUGS.x(), LUGS.y(), LUGS.z())
                        .then(4.4, LUGS.x() + .1, LUGS.y() + 2.6, LUGS.z())
                        .then(5.4, 5.5, 8.6, -6);
        return new Shot(
                        "ring-off",
                        8,
                        t -> {
                            Picture p = opened(top(), false, true);
                            Vec at = tips.at(t);
                            double held = t < 3.0 ? 0 : 1;
                            if (t < 5.4) {
                                Vec ring =
                                        held == 0
                                                ? Vec.of(0, 7.24, 0)
                                                : at.plus(-LUGS.x(), -.14, -LUGS.z());
                                p.put("SnapRing", ring);
                                pliers(p, at, 3 * Motion.share(t, 2, 3));
                            } else {
                                p.put("SnapRing", Vec.of(4.2, 7.02, -2.2));
                            }
                            return p;
                        })
                .says(.3, "Snap ring out of its groove. Wear your glasses, they fly.")
                .says(4.6, "Then the thrust washer, note how thick.")
                .step(1.6, 5.4, "take the snap ring off the pinion with snap-ring pliers");
    }

    private static Shot pistonsOut() {
        Motion out = Motion.from(2.6, 0).then(5.4, 3.4).then(7.2, 7.6);
        return new Shot(
                        "pistons-out",
                        11,
                        t -> {
                            Picture p =
                                    new Picture()
                                            .camera(
                                                    Vec.of(27, 20, -27),
                                                    Vec.of(3.4, 4.4, -1.6),
                                                    41);
                            opened(p, false, false);
                            double x = 5.3 + out.value(t);
                            p.put("Piston", Vec.of(x, BORE_Y, 0));
                            p.put("Piston", Vec.of(-x, BORE_Y, 0), turnY(180));
                            double turn = 25 * out.value(Math.min(t, 5.4));
                            if (t > 1.0 && t < 6.4) {
                                double away =
                                        1 - Motion.share(t, 1.0, 2.2) + Motion.share(t, 5.6, 6.4);
                                Vec at = Vec.of(0, 8.3 + 3 * away, 0);
                                p.put("Spanner", at, "rotate z*90", turnY(110 - turn));
                                double a = Math.toRadians(110 - turn);
                                p.glove(
                                        Glove.reaching(.75),
                                        at.plus(-8.6 * Math.sin(a), .2, -8.6 * Math.cos(a)));
                            } else if (t >= 6.6 && t < 9) {
                                p.glove(Glove.fromRight(.45), Vec.of(x + .6, BORE_Y + 1.8, -1.4));
                            }
                            return p;
                        })
                .says(.3, "Turn the pinion with a spanner, and both pistons walk out together.")
                .says(
                        5.8,
                        "Mark which one is which before you pull them. O-ring and guide band come off, always new.")
                .step(
                        1.6,
                        9,
                        "turn the pinion with a spanner until the two pistons come out of the body");
    }

    private static Shot pinionOut() {
        Motion down = Motion.from(1.4, 0).then(4.0, -2.6);
        return new Shot(
                        "pinion-out",
                        8,
                        t -> {
                            Picture p = top();
                            Actuator unit =
                                    Actuator.stripped()
                                            .without(
                                                    Piece.RIGHT_SCREWS,
                                                    Piece.RIGHT_CAP,
                                                    Piece.LEFT_CAP,
                                                    Piece.LEFT_SCREWS,
                                                    Piece.MARKS,
                                                    Piece.SNAP_RING,
                                                    Piece.WASHER,
                                                    Piece.PINION);
                            unit.onto(p);
                            if (t < 4.4) {
                                p.put("PinionEnd", Vec.of(0, down.value(t), 0), turnY(110));
                            }
                            double in = Motion.share(t, .2, 1.2) - Motion.share(t, 4.6, 5.6);
                            if (in > 0) {
                                p.glove(
                                        new Glove(false, 0, -58, -30, .35, .2),
                                        Vec.of(3.0, 9.2 + down.value(t) * .8, .8)
                                                .toward(Vec.of(-12, 14, -22), 1 - in));
                            }
                            return p;
                        })
                .says(.3, "Press the pinion down and out by hand, it is a slide fit.")
                .says(4.2, "You cannot see it here, my hand is over it.")
                .step(
                        1.0,
                        4.6,
                        "press the pinion down out of the body by hand (hidden by the hand)")
                .covered(.9, 5.0);
    }

    private static Shot laidOut() {
        return new Shot(
                        "laid-out",
                        11,
                        t -> {
                            Picture p =
                                    new Picture()
                                            .camera(Vec.of(6, 21, -27), Vec.of(1.5, .8, -9.5), 36);
                            new Actuator().without(Piece.values()).onto(p);
                            p.put("Pinion", Vec.of(-3, 1.42, -10), turnZ(90));
                            p.put("PinionRings", Vec.of(-3, 1.42, -10), turnZ(90));
                            p.put("ThrustWasher", Vec.of(4.6, .02, -9));
                            p.put("SnapRing", Vec.of(8.0, .02, -9));
                            p.put("ORing(.95,.11)", Vec.of(4.6, .12, -12.5));
                            p.put("ORing(.98,.11)", Vec.of(7.6, .12, -12.5));
                            return p;
                        })
                .says(.4, "There is everything from the pinion.")
                .says(
                        3.0,
                        "On units from twenty-two hundred the lower bearing comes out too, it has its own snap ring. I did not film that one.")
                .step(.4, 8.5, "pinion, thrust washer, snap ring and O-rings laid out on the mat");
    }
}
