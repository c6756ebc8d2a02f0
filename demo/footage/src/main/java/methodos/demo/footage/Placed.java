package methodos.demo.footage;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A thing in a scene.
 *
 * @param name what it is called in the list of places
 * @param object its scene text: a declared object or a macro call
 * @param turns how it is turned, scaled and moved before it is put at its place, in this order
 */
record Placed(String name, String object, Vec at, List<String> turns) {

    private static final String NUMBER = "-?[0-9]*\\.?[0-9]+";
    private static final Pattern AXIS =
            Pattern.compile("(rotate|translate) (-?)([xyz])\\*(" + NUMBER + ")");
    private static final Pattern SCALE = Pattern.compile("scale (" + NUMBER + ")");
    private static final Pattern SCALES =
            Pattern.compile("scale <(" + NUMBER + "),(" + NUMBER + "),(" + NUMBER + ")>");

    /** Where a point of the object, in its own frame, is in the scene. */
    Vec inScene(Vec point) {
        Vec moved = point;
        for (String turn : turns) {
            moved = turned(moved, turn);
        }
        return moved.plus(at.x(), at.y(), at.z());
    }

    private static Vec turned(Vec v, String turn) {
        Matcher all = SCALE.matcher(turn);
        if (all.matches()) {
            double s = Double.parseDouble(all.group(1));
            return Vec.of(v.x() * s, v.y() * s, v.z() * s);
        }
        Matcher each = SCALES.matcher(turn);
        if (each.matches()) {
            return Vec.of(
                    v.x() * Double.parseDouble(each.group(1)),
                    v.y() * Double.parseDouble(each.group(2)),
                    v.z() * Double.parseDouble(each.group(3)));
        }
        Matcher axis = AXIS.matcher(turn);
        if (!axis.matches()) {
            throw new IllegalArgumentException("no turn: " + turn);
        }
        double by = Double.parseDouble(axis.group(2) + axis.group(4));
        return axis.group(1).equals("rotate")
                ? rotated(v, axis.group(3), Math.toRadians(by))
                : along(v, axis.group(3), by);
    }

    private static Vec along(Vec v, String axis, double by) {
        return switch (axis) {
            case "x" -> v.plus(by, 0, 0);
            case "y" -> v.plus(0, by, 0);
            default -> v.plus(0, 0, by);
        };
    }

    private static Vec rotated(Vec v, String axis, double a) {
        double c = Math.cos(a);
        double s = Math.sin(a);
        return switch (axis) {
            case "x" -> Vec.of(v.x(), v.y() * c - v.z() * s, v.y() * s + v.z() * c);
            case "y" -> Vec.of(v.x() * c + v.z() * s, v.y(), v.z() * c - v.x() * s);
            default -> Vec.of(v.x() * c - v.y() * s, v.x() * s + v.y() * c, v.z());
        };
    }
}
