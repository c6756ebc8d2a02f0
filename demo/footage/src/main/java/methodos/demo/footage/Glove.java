package methodos.demo.footage;

/**
 * A gloved hand with its sleeve, built of blobs.
 *
 * <p>In its own frame the fingers point to +x, the back of the hand to +y and the thumb to +z; the
 * point between the fingertips is what is moved to a place.
 *
 * @param left a left hand instead of a right one
 * @param pitch degrees around x, then
 * @param yaw degrees around y, then
 * @param roll degrees around z
 * @param curl 0 = flat hand, 1 = fist
 * @param thumb 0 = thumb away, 1 = thumb at the fingers
 */
record Glove(boolean left, double pitch, double yaw, double roll, double curl, double thumb) {

    private static final double SCALE = 0.7;
    private static final Vec GRIP = Vec.of(8.5, -2.6, 0);
    private static final double[] KNUCKLE_X = {8.2, 8.7, 8.3, 7.5};
    private static final double[] KNUCKLE_Z = {2.85, .95, -.95, -2.7};
    private static final double[][] PHALANX = {
        {3.7, 2.4, 2.0}, {4.2, 2.7, 2.1}, {3.9, 2.5, 2.0}, {3.1, 1.9, 1.8}
    };
    private static final double[] THICKNESS = {.98, 1.0, .97, .88};
    private static final double[] BEND = {62, 78, 50};

    /** A right hand that reaches in from the left of the camera, fingers away from it. */
    static Glove reaching(double curl) {
        return new Glove(false, 0, -62, -14, curl, .55);
    }

    /** A left hand that reaches in from the right of the camera. */
    static Glove fromRight(double curl) {
        return new Glove(true, 0, -118, -14, curl, .55);
    }

    /** A left hand that comes in from the side, so that it leaves the work in view. */
    static Glove fromSide(double curl) {
        return new Glove(true, 0, -162, -12, curl, .6);
    }

    String at(Vec fingertips) {
        StringBuilder out = new StringBuilder("object { union { union {\n");
        for (int finger = 0; finger < 4; finger++) {
            out.append(finger(finger));
        }
        out.append(thumbShape()).append(palm());
        out.append(
                """
                cone { <-1.5,0,0>,2.75,<-4.2,.1,0>,3.15 }
                torus { 3.05,.32 rotate z*90 translate <-4.2,.1,0> }
                texture { T_Glove } }
                cone { <-3.4,0,0>,3.35,<-26,1.5,0>,5.2 texture { T_Sleeve } }
                """);
        out.append("translate ")
                .append(Vec.of(-GRIP.x(), -GRIP.y(), -GRIP.z()).text())
                .append(left ? " scale <1,1,-1>" : "")
                .append(Picture.num(" scale %.2f ", SCALE))
                .append(Picture.turnX(pitch))
                .append(' ')
                .append(Picture.turnY(yaw))
                .append(' ')
                .append(Picture.turnZ(roll));
        return out.append("} translate ").append(fingertips.text()).append(" }\n").toString();
    }

    private String finger(int i) {
        Vec from = Vec.of(KNUCKLE_X[i] - 1.6, -.1, KNUCKLE_Z[i] * .92);
        Vec to = Vec.of(KNUCKLE_X[i], .05, KNUCKLE_Z[i]);
        StringBuilder blob = new StringBuilder("blob { threshold .5 ");
        blob.append(segment(from, to, THICKNESS[i] * 1.55));
        double angle = 0;
        for (int j = 0; j < 3; j++) {
            from = to;
            angle -= Math.toRadians(BEND[j] * curl);
            to =
                    Vec.of(
                            from.x() + PHALANX[i][j] * Math.cos(angle),
                            from.y() + PHALANX[i][j] * Math.sin(angle),
                            from.z() * (1 - .035 * curl));
            blob.append(segment(from, to, THICKNESS[i] * 1.5));
        }
        return blob.append("}\n").toString();
    }

    private String thumbShape() {
        Vec root = Vec.of(1.8, -.4, 2.6);
        Vec ball = Vec.of(4.4, -1.2 - thumb, 4.6 - .6 * thumb);
        Vec joint = Vec.of(7.0, -1.7 - 2.0 * thumb, 5.2 - 1.6 * thumb);
        Vec tip = Vec.of(9.0, -2.0 - 2.4 * thumb, 5.0 - 2.9 * thumb);
        return "blob { threshold .5 "
                + segment(root, ball, 1.9)
                + segment(ball, joint, 1.62)
                + segment(joint, tip, 1.48)
                + "}\n";
    }

    private static String palm() {
        return "blob { threshold .5 "
                + segment(Vec.of(.3, 0, -.9), Vec.of(7.2, .1, -2.5), 2.3)
                + segment(Vec.of(.3, 0, .3), Vec.of(8.0, .2, 0), 2.4)
                + segment(Vec.of(.3, 0, 1), Vec.of(7.4, .05, 2.3), 2.3)
                + segment(Vec.of(2, -.5, 1.6), Vec.of(4.5, -.9, 3.2), 2.2)
                + segment(Vec.of(-2, 0, 0), Vec.of(1, 0, 0), 3.3)
                + segment(Vec.of(4, .1, 0), Vec.of(7, .1, .9), 2.5)
                + "}\n";
    }

    private static String segment(Vec from, Vec to, double radius) {
        return "cylinder { " + from.text() + "," + to.text() + Picture.num(",%.3f,1 } ", radius);
    }
}
