package methodos.demo.footage;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;

/**
 * Renders the demo's footage: {@code render [--still SHOT SECONDS] [CLIP …]}, its photographs, or
 * the views that tests of matching and measuring look at.
 *
 * <p>Needs POV-Ray, ffmpeg and flite. Frames are kept in {@code target/frames}, so a run that was
 * stopped goes on where it was.
 */
public final class Render {

    private final Path home;
    private final Path work;

    private Render(Path home) throws IOException {
        this.home = home;
        this.work = Files.createDirectories(home.resolve("target/frames"));
    }

    public static void main(String[] args) throws Exception {
        Render render = new Render(Path.of(args[0]));
        List<String> rest = Arrays.asList(args).subList(1, args.length);
        if (!rest.isEmpty() && rest.get(0).equals("--still")) {
            render.stills(rest.subList(1, rest.size()));
        } else if (!rest.isEmpty() && rest.get(0).equals("--photographs")) {
            render.photographs(rest.subList(1, rest.size()));
        } else if (!rest.isEmpty() && rest.get(0).equals("--places")) {
            render.places(
                    Stream.concat(Footage.clips().stream(), Footage.handHeld().stream()).toList());
        } else if (!rest.isEmpty() && rest.get(0).equals("--views")) {
            render.views(rest.subList(1, rest.size()));
        } else {
            render.clips(rest);
        }
        System.exit(0);
    }

    private Path parts() {
        return home.resolve("src/main/pov");
    }

    private void stills(List<String> shotsAndTimes) throws IOException {
        Renderer renderer = new Renderer(parts(), work.resolve("drafts"), true);
        for (int i = 0; i + 1 < shotsAndTimes.size(); i += 2) {
            String name = shotsAndTimes.get(i);
            Shot shot =
                    Stream.concat(Footage.clips().stream(), Footage.handHeld().stream())
                            .flatMap(c -> c.shots().stream())
                            .filter(s -> s.name.equals(name))
                            .findFirst()
                            .orElseThrow(() -> new IllegalArgumentException("no shot " + name));
            for (String time : shotsAndTimes.get(i + 1).split(",")) {
                Path out = home.resolve("target/" + name + "-" + time + ".png");
                System.out.println(renderer.still(shot, Double.parseDouble(time), out));
            }
        }
    }

    private void photographs(List<String> names) throws IOException {
        Renderer renderer = new Renderer(parts(), work, false);
        Path folder = Files.createDirectories(home.resolve("photographs"));
        Map<String, Picture> all = new LinkedHashMap<>(HandBrake.photographs());
        all.putAll(GateTakeDown.photographs());
        Photographs.all().forEach(v -> all.put(v.name(), v.picture()));
        for (var photograph : all.entrySet()) {
            if (names.isEmpty() || names.contains(photograph.getKey())) {
                Path out = folder.resolve(photograph.getKey() + ".png");
                System.out.println(renderer.photograph(photograph.getValue(), out));
            }
        }
        for (View view : Photographs.all()) {
            if (names.isEmpty() || names.contains(view.name())) {
                Files.writeString(folder.resolve(view.name() + ".json"), view.truth());
            }
        }
    }

    /** What the tests of matching and measuring look at, as a camera gives it: JPEG with grain. */
    private void views(List<String> names) throws Exception {
        ExecutorService threads =
                Executors.newFixedThreadPool(Runtime.getRuntime().availableProcessors());
        Renderer renderer = new Renderer(parts(), work, false);
        Path folder =
                Files.createDirectories(
                        home.resolve("../../footage/src/test/resources/methodos/footage/views"));
        for (List<View> set : List.of(MovedViews.all(), ScaleCard.all())) {
            List<Future<?>> rendering = new ArrayList<>();
            for (View view : set) {
                if (names.stream().noneMatch(view.name()::startsWith) && !names.isEmpty()) {
                    continue;
                }
                rendering.add(
                        threads.submit(
                                () -> {
                                    Path png = work.resolve(view.name() + ".png");
                                    renderer.photograph(view.picture(), png);
                                    photograph(png, folder.resolve(view.name() + ".jpg"));
                                    return null;
                                }));
            }
            for (Future<?> one : rendering) {
                one.get();
            }
            String name = set.get(0).name().startsWith("card") ? "card.json" : "moved.json";
            Files.writeString(
                    folder.resolve(name),
                    set.stream()
                            .map(View::truth)
                            .collect(Collectors.joining(",\n", "[\n", "\n]\n")));
        }
        threads.shutdown();
    }

    private static void photograph(Path png, Path jpeg) throws IOException {
        byte[] filmed =
                new Lens().film(ImageIO.read(png.toFile()), new Shot("view", 1, null), 0.5, 1);
        BufferedImage picture =
                new BufferedImage(Renderer.WIDTH, Renderer.HEIGHT, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < filmed.length; i += 3) {
            int rgb = (filmed[i] & 255) << 16 | (filmed[i + 1] & 255) << 8 | filmed[i + 2] & 255;
            picture.setRGB(i / 3 % Renderer.WIDTH, i / 3 / Renderer.WIDTH, rgb);
        }
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ImageWriteParam how = writer.getDefaultWriteParam();
        how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        how.setCompressionQuality(0.86f);
        try (var out = ImageIO.createImageOutputStream(jpeg.toFile())) {
            writer.setOutput(out);
            writer.write(null, new IIOImage(picture, null, null), how);
        } finally {
            writer.dispose();
        }
    }

    private void clips(List<String> names) throws Exception {
        ExecutorService threads =
                Executors.newFixedThreadPool(Runtime.getRuntime().availableProcessors());
        Renderer renderer = new Renderer(parts(), work, false);
        List<Clip> clips =
                Stream.concat(Footage.clips().stream(), Footage.handHeld().stream())
                        .filter(c -> names.isEmpty() || names.contains(c.name()))
                        .toList();
        places(clips);
        for (Clip clip : clips) {
            Speech speech = new Speech(clip, work);
            List<Future<List<Path>>> shots = new ArrayList<>();
            for (Shot shot : clip.shots()) {
                shots.add(threads.submit(() -> renderer.frames(shot, clip.poses())));
            }
            encode(clip, shots, speech);
            speech.captions(clip, folder(clip));
        }
        new Truth(Footage.clips()).write(home.resolve("truth.json"));
        threads.shutdown();
    }

    private void places(List<Clip> clips) throws IOException {
        Places places = new Places(parts(), work);
        for (Clip clip : clips) {
            places.write(clip, home.resolve("places/" + clip.name() + ".csv"));
        }
    }

    /** The demo is packed with its own clips only. */
    private Path folder(Clip clip) throws IOException {
        boolean demo = Footage.clips().stream().anyMatch(c -> c.name().equals(clip.name()));
        return Files.createDirectories(home.resolve(demo ? "clips" : "hand-held"));
    }

    private void encode(Clip clip, List<Future<List<Path>>> shots, Speech speech)
            throws IOException, InterruptedException, ExecutionException {
        List<List<Path>> rendered = new ArrayList<>();
        for (Future<List<Path>> shot : shots) {
            rendered.add(shot.get());
            System.out.printf(
                    Locale.ROOT,
                    "%s: %s, %d pictures of %d frames%n",
                    clip.name(),
                    clip.shots().get(rendered.size() - 1).name,
                    shot.get().stream().distinct().count(),
                    shot.get().size());
        }
        Path wave = speech.wave(work.resolve(clip.name() + ".wav"));
        Path out = folder(clip).resolve(clip.name() + ".mp4");
        Path half = work.resolve(clip.name() + ".half.mp4");
        Process ffmpeg =
                new ProcessBuilder(
                                "ffmpeg",
                                "-v",
                                "error",
                                "-y",
                                "-f",
                                "rawvideo",
                                "-pix_fmt",
                                "rgb24",
                                "-s",
                                Renderer.WIDTH + "x" + Renderer.HEIGHT,
                                "-r",
                                "" + Clip.FRAMES_PER_SECOND,
                                "-i",
                                "-",
                                "-i",
                                wave.toString(),
                                "-vf",
                                "scale=out_color_matrix=bt709:out_range=tv,format=yuv420p",
                                "-colorspace",
                                "bt709",
                                "-color_primaries",
                                "bt709",
                                "-color_trc",
                                "bt709",
                                "-color_range",
                                "tv",
                                "-c:v",
                                "libx264",
                                "-preset",
                                "slow",
                                "-crf",
                                "28",
                                "-g",
                                "48",
                                "-movflags",
                                "+faststart",
                                "-c:a",
                                "aac",
                                "-b:a",
                                "32k",
                                "-ar",
                                "24000",
                                "-ac",
                                "1",
                                half.toString())
                        .redirectError(work.resolve("ffmpeg.log").toFile())
                        .start();
        try (OutputStream raw = ffmpeg.getOutputStream()) {
            Lens lens = new Lens();
            long frame = 0;
            for (int s = 0; s < rendered.size(); s++) {
                Path last = null;
                BufferedImage clean = null;
                for (int i = 0; i < rendered.get(s).size(); i++) {
                    Path path = rendered.get(s).get(i);
                    if (!path.equals(last)) {
                        clean = ImageIO.read(path.toFile());
                        last = path;
                    }
                    double time = i / (double) Clip.FRAMES_PER_SECOND;
                    raw.write(lens.film(clean, clip.shots().get(s), time, frame++));
                }
            }
        }
        if (ffmpeg.waitFor() != 0) {
            throw new IOException("ffmpeg failed, see " + work.resolve("ffmpeg.log"));
        }
        Files.move(half, out, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
    }
}
