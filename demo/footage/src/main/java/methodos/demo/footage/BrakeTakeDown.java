package methodos.demo.footage;

import static methodos.demo.footage.Picture.num;
import static methodos.demo.footage.Picture.turnX;
import static methodos.demo.footage.Picture.turnY;

import java.util.List;

/** The hand brake of a hoist trolley is taken apart before a camera held in a hand. */
final class BrakeTakeDown {

    private static final Vec AXIS = Vec.of(0, 7.6, 0);

    private static final HandHeld CAMERA =
            new HandHeld(
                    Motion.from(28, 15, 19, -42).then(33, 13, 18, -39).then(62, 12, 21, -40),
                    Motion.from(28, 5.0, 6.4, -3).then(33, 4.6, 5.6, -5).then(62, 3.2, 5.0, -6),
                    46,
                    1.1);

    private static final List<Carried> THINGS =
            List.of(
                    Carried.thing(
                                    "SplitPin",
                                    3,
                                    6,
                                    Motion.from(3, 0, 7.6, -4)
                                            .then(4.2, 0, 11.4, -4.6)
                                            .then(6, 13.5, .1, -11))
                            .laid(turnX(90), turnY(30))
                            .grip(Vec.of(.4, 1.4, -.4), Glove.fromSide(.8)),
                    Carried.thing(
                                    "BrakeNut",
                                    11,
                                    15.5,
                                    Motion.from(11, 0, 7.6, 0)
                                            .then(13.6, 0, 7.6, -2.2)
                                            .then(15.5, 11, 4.2, -8))
                            .grip(Vec.of(.9, .6, -4.2), Glove.fromSide(.7))
                            .laid(turnX(-90)),
                    Carried.thing(
                                    "BrakeDrum",
                                    20,
                                    25,
                                    Motion.from(20, 0, 7.6, 0)
                                            .then(22.6, 0, 7.6, -7)
                                            .then(25, 14.6, 2.3, 1))
                            .laid(turnX(90), turnY(20))
                            .grip(Vec.of(5.2, .8, -1.2), Glove.fromSide(.45)),
                    Carried.thing(
                                    "BrakeSpring",
                                    34,
                                    37,
                                    Motion.from(34, 0, 10.2, -1)
                                            .then(35.2, .6, 10.8, -4)
                                            .then(37, 9.6, .4, -9.2))
                            .laid(turnY(12))
                            .grip(Vec.of(1.9, .1, -.3), Glove.fromSide(.82)),
                    Carried.thing(
                                    "BrakeSpring",
                                    41,
                                    44,
                                    Motion.from(41, 0, 5.15, -1)
                                            .then(42.2, .6, 5.4, -4)
                                            .then(44, 9.9, .4, -11.4))
                            .laid(turnY(-6))
                            .grip(Vec.of(1.9, .1, -.3), Glove.fromSide(.82)),
                    Carried.thing(
                                    "BrakeShoe(.14)",
                                    50,
                                    54,
                                    Motion.from(50, 0, 7.6, 0)
                                            .then(51.6, -2.6, 7.8, -3)
                                            .then(54, -4.5, 1.9, -12))
                            .laid(turnX(90), turnY(20))
                            .grip(Vec.of(-4.4, .6, -1.4), Glove.reaching(.6))
                            .away(Vec.of(-24, 10, -22)),
                    Carried.thing(
                                    "BrakeShoe(.14)",
                                    59,
                                    63,
                                    Motion.from(59, 0, 7.6, 0)
                                            .then(60.6, 2.6, 7.8, -3)
                                            .then(63, 2.2, 1.9, -12.5))
                            .fitted("scale <-1,1,1>")
                            .laid("scale <-1,1,1>", turnX(90), turnY(-8))
                            .grip(Vec.of(4.6, .6, -1.4), Glove.fromSide(.6)));

    private BrakeTakeDown() {}

    static Clip clip() {
        return new Clip("hb-3-take-down", "vtt", 6, List.of(takeDown()));
    }

    private static Shot takeDown() {
        return new Shot(
                        "brake-take-down",
                        68,
                        t -> {
                            Picture p = new Picture("brake").camera(CAMERA.at(t));
                            p.put("BrakePlate", AXIS).put("BrakeCam", AXIS);
                            p.put(
                                    "BrakeLever",
                                    AXIS,
                                    "translate -y*3.75",
                                    "rotate z*-18",
                                    "translate y*3.75");
                            THINGS.forEach(c -> c.onto(p, t));
                            if (t > 10 && t < 13.6) {
                                double turn = 40 * Math.sin(2.4 * t);
                                p.put(
                                        "Spanner",
                                        AXIS.plus(0, 0, -3.8),
                                        turnY(90),
                                        num("rotate z*%.2f", turn));
                            }
                            return p;
                        })
                .says(.4, "The split pin comes out first. Always a new one.")
                .says(8, "Then the castle nut.")
                .says(17.5, "Pull the drum straight off.")
                .says(31, "Unhook both return springs, the upper one first.")
                .says(47, "And both shoes come off the anchor pin.")
                .step(2.5, 7, "pull the split pin out")
                .step(9.5, 16.5, "undo the castle nut and lay it aside")
                .step(19, 26, "pull the drum off")
                .step(33, 45, "unhook both return springs")
                .step(49, 64, "take both shoes off")
                .handHeld(1.6);
    }
}
