package methodos.footage.views;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import methodos.core.manual.Point;

/** Rendered pictures, each with the true places of points on it, by the scene's projection. */
public final class Views {

    private static final Pattern VIEW = Pattern.compile("\"view\": \"([^\"]+)\"");
    private static final Pattern POINT =
            Pattern.compile(
                    "\"name\": \"([^\"]+)\", \"at\": \\[([-0-9.]+), ([-0-9.]+), ([-0-9.]+)\\],"
                            + " \"seen\": \\[([-0-9.]+), ([-0-9.]+)\\]");

    /**
     * A point of the scene.
     *
     * @param x in centimetres, along the bench
     * @param z in centimetres, across it
     * @param seen where it is on the picture, 0 to 1
     */
    public record Spot(double x, double z, Point seen) {}

    /** One picture and its spots by name. */
    public record View(String name, Map<String, Spot> spots) {
        public BufferedImage picture() throws IOException {
            try (InputStream in = Views.class.getResourceAsStream(name + ".jpg")) {
                return ImageIO.read(in);
            }
        }
    }

    private Views() {}

    public static List<View> of(String file) throws IOException {
        List<View> views = new ArrayList<>();
        try (InputStream in = Views.class.getResourceAsStream(file)) {
            for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
                Matcher view = VIEW.matcher(line);
                if (view.find()) {
                    views.add(new View(view.group(1), new LinkedHashMap<>()));
                }
                Matcher point = POINT.matcher(line);
                if (point.find()) {
                    views.get(views.size() - 1).spots.put(point.group(1), spot(point));
                }
            }
        }
        return views;
    }

    private static Spot spot(Matcher m) {
        return new Spot(
                Double.parseDouble(m.group(2)),
                Double.parseDouble(m.group(4)),
                new Point(Double.parseDouble(m.group(5)), Double.parseDouble(m.group(6))));
    }
}
