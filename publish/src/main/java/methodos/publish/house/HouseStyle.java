package methodos.publish.house;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import methodos.publish.Typeface;

/**
 * How a company wants its documents to look.
 *
 * @param colours those that it names, as {@code #RRGGBB}
 * @param logo a PNG or JPEG for the cover, null for none
 * @param fonts TrueType files that stand in the place of those of the program
 * @param notices further sentences of the company's beside the usual notice
 * @param address at which the form for the screen will stand, empty where at none
 */
public record HouseStyle(
        Map<Tint, String> colours,
        Path logo,
        Map<Typeface, Path> fonts,
        Paper paper,
        List<String> notices,
        String address) {

    /** What is printed on; the margins leave 174 mm of both. */
    public enum Paper {
        A4(210, 297),
        LETTER(215.9, 279.4);

        private static final double TEXT = 174;
        private static final double ABOVE = 24;
        private static final double BELOW = 22;

        /** Higher than any stage, and far from what the layout can no longer count. */
        private static final double ENDLESS = 1e6;

        private final double width;
        private final double height;

        Paper(double width, double height) {
            this.width = width;
            this.height = height;
        }

        /** Height of what is printed on it, in millimetres. */
        public double textHeight() {
            return height - ABOVE - BELOW;
        }

        /** As a style sheet names it. */
        public String size() {
            return millimetres(width) + " " + millimetres(height);
        }

        /** The same, lying. */
        public String landscape() {
            return millimetres(height) + " " + millimetres(width);
        }

        /** A page as wide, on which a stage has room that is measured. */
        public String endless() {
            return millimetres(width) + " " + millimetres(ENDLESS);
        }

        /** Around what is printed, as a style sheet names them. */
        public String margins() {
            String side = millimetres((width - TEXT) / 2);
            return String.join(" ", millimetres(ABOVE), side, millimetres(BELOW), side);
        }

        private static String millimetres(double length) {
            return new BigDecimal(length)
                            .setScale(2, RoundingMode.HALF_UP)
                            .stripTrailingZeros()
                            .toPlainString()
                    + "mm";
        }
    }

    /** Where a company names nothing. */
    public static final HouseStyle USUAL =
            new HouseStyle(Map.of(), null, Map.of(), Paper.A4, List.of(), "");

    /** Words on paper and on the ground of the screen, by WCAG 2.2, 1.4.3. */
    private static final double LEAST_CONTRAST = 4.5;

    private static final Color GROUND = new Color(0xFAF7EF);

    public HouseStyle {
        colours = Map.copyOf(colours);
        fonts = Map.copyOf(fonts);
        notices = List.copyOf(notices);
    }

    /** A colour as it is printed. */
    public String colour(Tint tint) {
        return colours.getOrDefault(tint, tint.usual());
    }

    /** Where the style of a project lies that has one of its own. */
    public static Path ofProject(Path project) {
        return project.resolve("house").resolve("house.json");
    }

    /**
     * The style of a project: its own, where it has one, else the usual one.
     *
     * @throws IOException if it cannot be read
     * @throws IllegalArgumentException with a sentence if it says what cannot be followed
     */
    public static HouseStyle in(Path project) throws IOException {
        Path own = ofProject(project);
        return Files.isRegularFile(own) ? read(own) : USUAL;
    }

    /**
     * Reads a style; files in it are named relative to it.
     *
     * @throws IOException if it cannot be read
     * @throws IllegalArgumentException with a sentence if it says what cannot be followed
     */
    public static HouseStyle read(Path file) throws IOException {
        JsonNode json;
        try {
            json = new ObjectMapper().readTree(file.toFile());
        } catch (JsonProcessingException e) {
            throw new IllegalArgumentException(
                    file + " is no JSON, line " + e.getLocation().getLineNr() + ".", e);
        }
        if (!json.isObject()) {
            throw new IllegalArgumentException(file + " is no house style: it is no JSON object.");
        }
        known(json, "It", List.of("colours", "logo", "fonts", "paper", "notices", "address"));
        Path folder = file.toAbsolutePath().getParent();
        return new HouseStyle(
                colours(json.path("colours")),
                json.has("logo") ? logo(folder.resolve(json.get("logo").asText())) : null,
                fonts(json.path("fonts"), folder),
                paper(json.path("paper").asText("A4")),
                notices(json.path("notices")),
                address(json.path("address").asText("")));
    }

    private static void known(JsonNode object, String what, List<String> names) {
        object.fieldNames()
                .forEachRemaining(
                        n -> {
                            if (!names.contains(n)) {
                                throw new IllegalArgumentException(
                                        what
                                                + " says “"
                                                + n
                                                + "”, which is none of: "
                                                + String.join(", ", names)
                                                + ".");
                            }
                        });
    }

    private static Map<Tint, String> colours(JsonNode json) {
        known(json, "Its colours", Arrays.stream(Tint.values()).map(Tint::key).toList());
        Map<Tint, String> all = new EnumMap<>(Tint.class);
        for (Tint tint : Tint.values()) {
            if (json.has(tint.key())) {
                String colour = json.get(tint.key()).asText();
                if (!colour.matches("#[0-9A-Fa-f]{6}")) {
                    throw new IllegalArgumentException(
                            "“" + colour + "” is no colour: six digits follow a #.");
                }
                if (tint.text() && contrast(Color.decode(colour), GROUND) < LEAST_CONTRAST) {
                    throw new IllegalArgumentException(
                            "The colour “"
                                    + tint.key()
                                    + "” is too light to be read: its contrast is under 4.5.");
                }
                all.put(tint, colour.toUpperCase(Locale.ROOT));
            }
        }
        return all;
    }

    /** The ratio of the luminances of two colours, 1 to 21, by WCAG 2.2. */
    static double contrast(Color one, Color other) {
        double a = luminance(one);
        double b = luminance(other);
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    private static double luminance(Color c) {
        return 0.2126 * linear(c.getRed())
                + 0.7152 * linear(c.getGreen())
                + 0.0722 * linear(c.getBlue());
    }

    private static double linear(int channel) {
        double c = channel / 255.0;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }

    private static Path logo(Path file) throws IOException {
        if (!Files.isRegularFile(file) || ImageIO.read(file.toFile()) == null) {
            throw new IllegalArgumentException("The logo " + file + " is no PNG or JPEG.");
        }
        return file;
    }

    private static Map<Typeface, Path> fonts(JsonNode json, Path folder) throws IOException {
        Map<String, Typeface> names = new LinkedHashMap<>();
        for (Typeface face : Typeface.values()) {
            if (face != Typeface.SIGNS) {
                names.put(face.name().toLowerCase(Locale.ROOT), face);
            }
        }
        known(json, "Its fonts", List.copyOf(names.keySet()));
        Map<Typeface, Path> all = new EnumMap<>(Typeface.class);
        for (Map.Entry<String, Typeface> named : names.entrySet()) {
            if (json.has(named.getKey())) {
                Path file = folder.resolve(json.get(named.getKey()).asText());
                try {
                    Font.createFont(Font.TRUETYPE_FONT, file.toFile());
                } catch (FontFormatException | IOException e) {
                    throw new IllegalArgumentException(
                            "The font " + file + " is no TrueType file.", e);
                }
                all.put(named.getValue(), file);
            }
        }
        return all;
    }

    private static Paper paper(String name) {
        return Arrays.stream(Paper.values())
                .filter(p -> p.name().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "“"
                                                + name
                                                + "” is none of: "
                                                + Arrays.stream(Paper.values())
                                                        .map(p -> p.name())
                                                        .collect(Collectors.joining(", "))
                                                + "."));
    }

    private static List<String> notices(JsonNode json) {
        List<String> all = new ArrayList<>();
        json.forEach(n -> all.add(n.asText()));
        return all;
    }

    private static String address(String text) {
        if (!text.isEmpty() && !text.matches("https?://\\S+")) {
            throw new IllegalArgumentException(
                    "“" + text + "” is no address: it begins with https://.");
        }
        return text;
    }
}
