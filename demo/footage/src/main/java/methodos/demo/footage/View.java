package methodos.demo.footage;

import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * A photograph with the truth about it: where on the picture its points are seen.
 *
 * @param points by name, in the scene
 */
record View(String name, Picture picture, Camera camera, Map<String, Vec> points) {

    /** As a row of JSON: for each point its place in the scene and on the picture. */
    String truth() {
        return points.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(
                        e -> {
                            Vec v = e.getValue();
                            double[] seen = camera.seen(v);
                            return String.format(
                                    Locale.ROOT,
                                    "   {\"name\": \"%s\", \"at\": [%.3f, %.3f, %.3f],"
                                            + " \"seen\": [%.5f, %.5f]}",
                                    e.getKey(),
                                    v.x(),
                                    v.y(),
                                    v.z(),
                                    seen[0],
                                    seen[1]);
                        })
                .collect(
                        Collectors.joining(
                                ",\n", " {\"view\": \"" + name + "\", \"points\": [\n", "]}"));
    }
}
