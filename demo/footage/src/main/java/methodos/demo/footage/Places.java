package methodos.demo.footage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Where each thing is seen in each frame of a clip, as rows of {@code thing, from, to, x, y, width,
 * height}: the box around its corners, its middle and size as shares of the picture. A row holds as
 * long as nothing of it changes. What hides a thing is not told, nor by how few pixels the picture
 * shakes.
 *
 * <p>How large things are the renderer itself says.
 */
final class Places {

    /** What is a part of a larger object and has a name of its own. */
    private static final Map<String, List<String>> PARTS_OF =
            Map.of(
                    "Piston", List.of("PistonRing", "GuideBand"),
                    "Body", List.of("TypePlate"),
                    "StopScrew", List.of("LockNut"));

    private static final Pattern EXTENT =
            Pattern.compile("EXTENT (\\d+) (\\S+) (\\S+) (\\S+) (\\S+) (\\S+) (\\S+)");

    private final Path parts;
    private final Path work;
    private final Map<String, List<Vec>> corners = new HashMap<>();

    Places(Path parts, Path work) {
        this.parts = parts;
        this.work = work;
    }

    private record Row(String box, double from) {}

    void write(Clip clip, Path out) throws IOException {
        Map<String, Row> open = new LinkedHashMap<>();
        List<String> rows = new ArrayList<>(List.of("thing,from,to,x,y,width,height"));
        for (Shot shot : clip.shots()) {
            double start = clip.startOf(shot);
            int frames = (int) Math.round(shot.seconds * Clip.FRAMES_PER_SECOND);
            for (int i = 0; i < frames; i++) {
                double time = i / (double) Clip.FRAMES_PER_SECOND;
                double pose = (double) (i * clip.poses() / Clip.FRAMES_PER_SECOND) / clip.poses();
                double at = start + time;
                Map<String, String> seen = seen(shot.scene.apply(pose));
                open.entrySet()
                        .removeIf(
                                e -> {
                                    boolean ends = !e.getValue().box().equals(seen.get(e.getKey()));
                                    if (ends) {
                                        rows.add(row(e.getKey(), e.getValue(), at));
                                    }
                                    return ends;
                                });
                seen.forEach((thing, box) -> open.putIfAbsent(thing, new Row(box, at)));
            }
        }
        open.forEach((thing, row) -> rows.add(row(thing, row, clip.seconds())));
        Files.createDirectories(out.getParent());
        Files.writeString(out, String.join("\n", rows) + "\n");
    }

    private static String row(String thing, Row row, double to) {
        return String.format(Locale.ROOT, "%s,%.3f,%.3f,%s", thing, row.from(), to, row.box());
    }

    /** The box of each thing; the second of a kind is called like the first, with {@code #2}. */
    private Map<String, String> seen(Picture picture) {
        Map<String, Integer> counted = new HashMap<>();
        Map<String, String> seen = new LinkedHashMap<>();
        learn(picture);
        for (Placed placed : picture.things()) {
            List<String> names = new ArrayList<>(List.of(placed.object()));
            names.addAll(PARTS_OF.getOrDefault(placed.object(), List.of()));
            for (int i = 0; i < names.size(); i++) {
                String name = i == 0 ? placed.name() : names.get(i);
                int number = counted.merge(name, 1, Integer::sum);
                String box = box(placed, corners.get(names.get(i)), picture.camera());
                if (box != null) {
                    seen.put(number == 1 ? name : name + "#" + number, box);
                }
            }
        }
        return seen;
    }

    private static String box(Placed placed, List<Vec> corners, Camera camera) {
        double left = 9;
        double right = -9;
        double top = 9;
        double foot = -9;
        for (Vec corner : corners) {
            double[] at = camera.seen(placed.inScene(corner));
            left = Math.min(left, at[0]);
            right = Math.max(right, at[0]);
            top = Math.min(top, at[1]);
            foot = Math.max(foot, at[1]);
        }
        if (right < 0 || left > 1 || foot < 0 || top > 1) {
            return null;
        }
        return String.format(
                Locale.ROOT,
                "%.4f,%.4f,%.4f,%.4f",
                (left + right) / 2,
                (top + foot) / 2,
                right - left,
                foot - top);
    }

    /** Asks the renderer for the extent of each object that has not been asked for. */
    private void learn(Picture picture) {
        List<String> asked = new ArrayList<>();
        for (Placed placed : picture.things()) {
            List<String> names = new ArrayList<>(List.of(placed.object()));
            names.addAll(PARTS_OF.getOrDefault(placed.object(), List.of()));
            names.stream()
                    .filter(n -> !corners.containsKey(n) && !asked.contains(n))
                    .forEach(asked::add);
        }
        if (asked.isEmpty()) {
            return;
        }
        StringBuilder text = new StringBuilder(picture.head());
        for (int i = 0; i < asked.size(); i++) {
            text.append("#local T = object { ").append(asked.get(i)).append(" }\n");
            text.append("#debug concat(\"EXTENT ").append(i).append(" \", ");
            text.append("vstr(3,min_extent(T),\" \",0,4), \" \", vstr(3,max_extent(T),\" \",0,4),");
            text.append("\"\\n\")\n");
        }
        try {
            Path source = Files.createTempFile(work, "extents", ".pov");
            Path log = Path.of(source + ".log");
            Files.writeString(source, text.toString());
            Renderer.run(
                    List.of(
                            "povray",
                            "+I" + source,
                            "-F",
                            "+W8",
                            "+H8",
                            "-D",
                            "+WT1",
                            "+L" + parts),
                    log.toFile());
            Matcher found = EXTENT.matcher(Files.readString(log));
            while (found.find()) {
                double[] v = new double[6];
                for (int i = 0; i < 6; i++) {
                    v[i] = Double.parseDouble(found.group(i + 2));
                }
                corners.put(asked.get(Integer.parseInt(found.group(1))), corners(v));
            }
            Files.delete(log);
            Files.delete(source);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<Vec> corners(double[] v) {
        List<Vec> all = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            all.add(
                    Vec.of(
                            v[(i & 1) == 0 ? 0 : 3],
                            v[(i & 2) == 0 ? 1 : 4],
                            v[(i & 4) == 0 ? 2 : 5]));
        }
        return all;
    }
}
