package methodos.demo.footage;

import static methodos.demo.footage.Picture.turnY;
import static methodos.demo.footage.Picture.turnZ;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The head of a sluice gate lift is opened before a camera held in a hand. */
final class GateTakeDown {

    private static final double PIN_EACH = 3.2;
    private static final double SCREW_EACH = 2.6;
    private static final double PINS = 22;
    private static final double SCREWS = 46;

    private static final HandHeld CAMERA =
            new HandHeld(
                    Motion.from(18, 22, 25, -46)
                            .then(21, 17, 22, -42)
                            .then(42, 17, 22, -42)
                            .then(45, 19, 32, -42),
                    Motion.from(18, 3, 8.4, -4)
                            .then(21, 4, 7.6, -6)
                            .then(42, 4, 7.6, -6)
                            .then(45, 3, 8.2, -4),
                    48,
                    1.2);

    private static final Camera PLUG_SIDE =
            new Camera(Vec.of(34, 15, -15), Vec.of(3.2, 11.2, -2.2), 30);
    private static final Camera CRANK_SIDE =
            new Camera(Vec.of(15, 21, -36), Vec.of(2.2, 15.2, -7), 27);
    private static final Vec LEVEL_PLUG = Vec.of(4.42, 11.2, 0);
    private static final Vec DRAIN_PLUG = Vec.of(3.65, 10.5, -2.45);

    private GateTakeDown() {}

    /** The housing from the side of its plugs, and what holds the crank and the turn counter. */
    static Map<String, Picture> photographs() {
        Picture crank = whole(CRANK_SIDE);
        crank.put("GateCrankNut", Vec.of(0, 12.6, -9.7));
        crank.put("GateCounterScrew", Vec.of(2.78, 13.8, -6.2));
        crank.put("GateCounterScrew", Vec.of(5.42, 15, -6.2));
        return Map.of("gate-plugs", whole(PLUG_SIDE), "gate-crank", crank);
    }

    private static Picture whole(Camera camera) {
        Picture p = new Picture("gate").camera(camera);
        p.put("GatePedestal").put("GateHead").put("GateSpindle").put("GateHub");
        p.put("GateCover").put("GateCrank").put("GateCounter");
        p.put("GateFlange", Vec.of(0, 12.6, 0));
        p.put("GatePlug", LEVEL_PLUG);
        p.put("GatePlug", DRAIN_PLUG, turnY(34));
        for (int i = 0; i < 3; i++) {
            p.put("GateShearPin", pin(i));
        }
        for (int i = 0; i < 6; i++) {
            p.put("GateScrew", screw(i));
        }
        return p;
    }

    /** Where a shear pin is while it holds the clutch. */
    private static Vec pin(int i) {
        double a = Math.toRadians(120 * i + 90);
        return Vec.of(1.7 * Math.cos(a), 12.6 + 1.7 * Math.sin(a), 0);
    }

    /** Where a screw is while it holds the cover. */
    private static Vec screw(int i) {
        double a = Math.toRadians(60 * i);
        return Vec.of(4.4 * Math.cos(a), 15.6, 4.4 * Math.sin(a));
    }

    static Clip clip() {
        return new Clip("sg-5-take-down", "vtt", 6, List.of(takeDown()));
    }

    private static List<Carried> things() {
        List<Carried> all = new ArrayList<>();
        all.add(
                Carried.thing(
                                "GateCrank",
                                3,
                                7.5,
                                Motion.from(3, 0, 0, 0).then(5, 0, 0, -6).then(7.5, 9, -10.6, 3))
                        .laid("translate -y*12.6", turnZ(-80), "translate y*12.6")
                        .grip(Vec.of(.6, 19, -12), Glove.fromSide(.6)));
        all.add(
                Carried.thing(
                                "GateCounter",
                                12,
                                15.5,
                                Motion.from(12, 0, 0, 0)
                                        .then(13.4, 1.6, .6, -5)
                                        .then(15.5, 6, -13.6, -4))
                        .grip(Vec.of(5.4, 14.2, -6), Glove.fromSide(.7)));
        for (int i = 0; i < 3; i++) {
            double at = PINS + PIN_EACH * i;
            Vec in = pin(i);
            all.add(
                    Carried.thing(
                                    "GateShearPin",
                                    at,
                                    at + 2,
                                    Motion.from(at, in.x(), in.y(), 0)
                                            .then(at + 1, in.x(), in.y(), -4.5)
                                            .then(at + 2, 10 + 1.3 * i, .25, -3.5 - .6 * i))
                            .grip(Vec.of(.6, .3, -9), Glove.fromSide(.85)));
        }
        all.add(
                Carried.thing(
                                "GateFlange",
                                36,
                                40,
                                Motion.from(36, 0, 12.6, 0)
                                        .then(37.6, 0, 12.6, -4)
                                        .then(40, 13, 2.6, 3))
                        .grip(Vec.of(2.5, .3, -7.8), Glove.fromSide(.6)));
        for (int i = 0; i < 6; i++) {
            double at = SCREWS + SCREW_EACH * i;
            Vec in = screw(i);
            all.add(
                    Carried.thing(
                                    "GateScrew",
                                    at,
                                    at + 1.6,
                                    Motion.from(at, in.x(), in.y(), in.z())
                                            .then(at + .8, in.x(), in.y() + 3, in.z())
                                            .then(at + 1.6, 10 + 1.5 * i, .5, -8 + .4 * (i % 2)))
                            .laid(turnZ(90), turnY(40 * i))
                            .grip(Vec.of(.4, .5, -.2), Glove.fromSide(.85)));
        }
        all.add(
                Carried.thing(
                                "GateCover",
                                66,
                                71,
                                Motion.from(66, 0, 0, 0)
                                        .then(68.4, 0, 12, 0)
                                        .then(71, -15, -14.6, -3))
                        .grip(Vec.of(4.8, 15.4, -.6), Glove.fromSide(.5)));
        return all;
    }

    private static Shot takeDown() {
        List<Carried> things = things();
        return new Shot(
                        "gate-take-down",
                        76,
                        t -> {
                            Picture p = new Picture("gate").camera(CAMERA.at(t));
                            p.put("GatePedestal").put("GateHead").put("GateSpindle");
                            p.put("GateHub");
                            things.forEach(c -> c.onto(p, t));
                            return p;
                        })
                .says(.4, "The crank comes off.")
                .says(9, "Then the turn counter.")
                .says(19, "Drive out the three shear pins.")
                .says(33, "Pull the clutch flange off.")
                .says(43, "Six cover screws.")
                .says(63.5, "Lift the cover off.")
                .step(2, 8.5, "take the crank off")
                .step(11, 16.5, "take the turn counter off")
                .step(21, 32, "take the three shear pins out")
                .step(35, 41, "pull the clutch flange off")
                .step(45, 62.5, "take the six cover screws out")
                .step(65, 72, "lift the cover off")
                .handHeld(1.6);
    }
}
