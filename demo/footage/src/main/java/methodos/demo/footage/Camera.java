package methodos.demo.footage;

import static methodos.demo.footage.Picture.num;

/**
 * Where a picture is taken from. It knows where on the picture a point of the scene is seen, so
 * that what a program finds there can be held against the truth.
 *
 * @param angle width of the picture in degrees
 */
record Camera(Vec location, Vec lookAt, double angle) {

    String text() {
        return "camera { location "
                + location.text()
                + " look_at "
                + lookAt.text()
                + num(" angle %.2f right x*image_width/image_height }\n", angle);
    }

    /** The same, walked sideways around what it looks at, to the right where greater than 0. */
    Camera around(double degrees) {
        double a = Math.toRadians(degrees);
        double x = location.x() - lookAt.x();
        double z = location.z() - lookAt.z();
        return new Camera(
                Vec.of(
                        lookAt.x() + x * Math.cos(a) - z * Math.sin(a),
                        location.y(),
                        lookAt.z() + x * Math.sin(a) + z * Math.cos(a)),
                lookAt,
                angle);
    }

    /** The same, walked toward what it looks at by a share of the way. */
    Camera nearer(double share) {
        return new Camera(location.toward(lookAt, share), lookAt, angle);
    }

    /** The same, lifted. */
    Camera higher(double centimetres) {
        return new Camera(location.plus(0, centimetres, 0), lookAt, angle);
    }

    /** The same, turned to look at a place beside. */
    Camera aside(double dx, double dy, double dz) {
        return new Camera(location, lookAt.plus(dx, dy, dz), angle);
    }

    /**
     * Where a point is seen: 0 to 1 across and down. POV-Ray's axes are left-handed, so the
     * picture's right is up × ahead.
     */
    double[] seen(Vec point) {
        double[] ahead = unit(minus(lookAt, location));
        double[] right = unit(cross(new double[] {0, 1, 0}, ahead));
        double[] up = cross(ahead, right);
        double[] p = minus(point, location);
        double depth = dot(p, ahead);
        double half = Math.tan(Math.toRadians(angle) / 2);
        double shape = Renderer.WIDTH / (double) Renderer.HEIGHT;
        return new double[] {
            0.5 + dot(p, right) / depth / half / 2, 0.5 - dot(p, up) / depth / half / 2 * shape
        };
    }

    private static double[] minus(Vec a, Vec b) {
        return new double[] {a.x() - b.x(), a.y() - b.y(), a.z() - b.z()};
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }

    private static double[] cross(double[] a, double[] b) {
        return new double[] {
            a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]
        };
    }

    private static double[] unit(double[] v) {
        double length = Math.sqrt(dot(v, v));
        return new double[] {v[0] / length, v[1] / length, v[2] / length};
    }
}
