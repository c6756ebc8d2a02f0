package methodos.demo.footage;

import java.util.Locale;

/** A point or direction of a scene, in centimetres; y is up and z leads away from the camera. */
record Vec(double x, double y, double z) {

    static Vec of(double x, double y, double z) {
        return new Vec(x, y, z);
    }

    Vec plus(double dx, double dy, double dz) {
        return new Vec(x + dx, y + dy, z + dz);
    }

    Vec toward(Vec other, double share) {
        return new Vec(
                x + (other.x - x) * share, y + (other.y - y) * share, z + (other.z - z) * share);
    }

    /** The vector as scene text, rounded so that a thing at rest always reads the same. */
    String text() {
        return String.format(Locale.ROOT, "<%.3f,%.3f,%.3f>", x + 0.0, y + 0.0, z + 0.0);
    }
}
