package methodos.demo.footage;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The scene text of one instant: a camera, the room, and what lies and moves in it. */
final class Picture {

    private static final Pattern DECLARED = Pattern.compile("([A-Z][A-Za-z]+)(\\(.*\\))?");

    private final StringBuilder text = new StringBuilder("#version 3.7;\n");
    private final String head;
    private final List<Placed> things = new ArrayList<>();
    private Camera camera;
    private String next;

    Picture(String... more) {
        for (String part : new String[] {"finishes", "room", "fasteners", "actuator", "tools"}) {
            include(part);
        }
        for (String part : more) {
            include(part);
        }
        head = text.toString();
    }

    /** The beginning of the scene: what it declares. */
    String head() {
        return head;
    }

    /** What was put into it, in this order. */
    List<Placed> things() {
        return things;
    }

    Camera camera() {
        return camera;
    }

    private void include(String part) {
        text.append("#include \"").append(part).append(".inc\"\n");
    }

    Picture camera(Vec location, Vec lookAt, double angle) {
        return camera(new Camera(location, lookAt, angle));
    }

    Picture camera(Camera camera) {
        this.camera = camera;
        text.append(camera.text());
        return this;
    }

    /** Scene text as it is, for what is no declared object. */
    Picture raw(String scene) {
        text.append(scene);
        return this;
    }

    /** Calls what is put next by another name than that of its object. */
    Picture as(String name) {
        next = name;
        return this;
    }

    /** Puts a declared object or macro call, turned as said, at a place. */
    Picture put(String object, Vec at, String... turns) {
        Matcher declared = DECLARED.matcher(object);
        if (declared.matches()) {
            String name = next == null ? declared.group(1) : next;
            things.add(new Placed(name, object, at, List.of(turns)));
        }
        next = null;
        text.append("object { ").append(object);
        for (String turn : turns) {
            text.append(' ').append(turn);
        }
        text.append(" translate ").append(at.text()).append(" }\n");
        return this;
    }

    Picture put(String object) {
        return put(object, Vec.of(0, 0, 0));
    }

    Picture glove(Glove glove, Vec fingertips) {
        text.append(glove.at(fingertips));
        return this;
    }

    static String turnX(double degrees) {
        return num("rotate x*%.2f", degrees);
    }

    static String turnY(double degrees) {
        return num("rotate y*%.2f", degrees);
    }

    static String turnZ(double degrees) {
        return num("rotate z*%.2f", degrees);
    }

    static String num(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }

    @Override
    public String toString() {
        return text.toString();
    }
}
