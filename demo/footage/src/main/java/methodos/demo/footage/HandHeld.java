package methodos.demo.footage;

/**
 * A camera held in a hand: it walks from place to place and never stands still, so that near things
 * move against far ones.
 *
 * @param place where it is
 * @param target what it looks at
 * @param sway how far it wanders to each side, in centimetres
 */
record HandHeld(Motion place, Motion target, double angle, double sway) {

    /** How often in a second it takes a new place; what is between is told by the shake. */
    private static final int POSES = 3;

    Camera at(double time) {
        double t = Math.floor(time * POSES) / POSES;
        Vec at = place.at(t);
        Vec to = target.at(t);
        return new Camera(
                at.plus(
                        sway * (Math.sin(.83 * t) + .4 * Math.sin(2.1 * t + 1)),
                        .6 * sway * Math.sin(1.13 * t + 2),
                        .7 * sway * Math.sin(.61 * t + .5)),
                to.plus(.25 * sway * Math.sin(1.31 * t + 1), .2 * sway * Math.sin(.97 * t), 0),
                angle);
    }
}
