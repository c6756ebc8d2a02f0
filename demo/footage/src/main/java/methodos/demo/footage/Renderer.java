package methodos.demo.footage;

import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import javax.imageio.ImageIO;

/**
 * Renders shots with POV-Ray, each distinct instant once, and only the rectangle that changed since
 * the instant before it.
 *
 * <p>What changed is seen on a small preview. Finished frames are kept in the work folder under a
 * digest of the scene, so that a stopped run goes on where it was and a changed scene renders only
 * what is new. A change in the parts that scenes include is not seen: empty the work folder then.
 */
final class Renderer {

    static final int WIDTH = 960;
    static final int HEIGHT = 540;
    private static final int PREVIEW = 4;

    private final Path parts;
    private final Path work;
    private final boolean draft;

    /**
     * @param draft small, without smoothing: to look at a scene before it is rendered for good
     */
    Renderer(Path parts, Path work, boolean draft) throws IOException {
        this.parts = parts;
        this.work = Files.createDirectories(work);
        this.draft = draft;
    }

    /** The frame of one instant; for looking at single pictures. */
    Path still(Shot shot, double time, Path out) {
        pov(shot.scene.apply(time).toString(), out, draft ? 2 : 1, null);
        return out;
    }

    /** A photograph: a scene in which nothing moves. */
    Path photograph(Picture scene, Path out) throws IOException {
        pov(scene.toString(), out, draft ? 2 : 1, null);
        return out;
    }

    /** All frames of a shot in order; frames of the same instant are the same file. */
    List<Path> frames(Shot shot, int poses) throws IOException {
        int count = (int) Math.round(shot.seconds * Clip.FRAMES_PER_SECOND);
        List<Path> frames = new ArrayList<>();
        String before = null;
        for (int i = 0; i < count; i++) {
            double pose = (double) (i * poses / Clip.FRAMES_PER_SECOND) / poses;
            String text = shot.scene.apply(pose).toString();
            if (!text.equals(before)) {
                Path last = frames.isEmpty() ? null : frames.get(frames.size() - 1);
                frames.add(frame(text, last, before));
            } else {
                frames.add(frames.get(frames.size() - 1));
            }
            before = text;
        }
        return frames;
    }

    private Path frame(String text, Path last, String lastText) throws IOException {
        Path out = work.resolve(digest(text) + ".png");
        if (Files.exists(out)) {
            return out;
        }
        BufferedImage whole = null;
        Rectangle changed = null;
        if (last != null) {
            changed = changed(preview(lastText), preview(text));
            whole = ImageIO.read(last.toFile());
        }
        if (changed == null || !changed.isEmpty()) {
            Path part = work.resolve(digest(text) + ".part.png");
            pov(text, part, 1, changed);
            BufferedImage rendered = ImageIO.read(part.toFile());
            Files.delete(part);
            whole = whole == null ? rendered : paste(rendered, changed, whole);
        }
        Path half = work.resolve(digest(text) + ".half");
        ImageIO.write(whole, "png", half.toFile());
        Files.move(half, out, StandardCopyOption.ATOMIC_MOVE);
        return out;
    }

    private static BufferedImage paste(BufferedImage part, Rectangle where, BufferedImage whole) {
        BufferedImage result = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        var g = result.createGraphics();
        g.drawImage(whole, 0, 0, null);
        g.setClip(where);
        g.drawImage(part, 0, 0, null);
        g.dispose();
        return result;
    }

    private BufferedImage preview(String text) throws IOException {
        Path out = work.resolve(digest(text) + ".preview.png");
        if (!Files.exists(out)) {
            Path half = work.resolve(digest(text) + ".small.png");
            pov(text, half, PREVIEW, null);
            Files.move(half, out, StandardCopyOption.ATOMIC_MOVE);
        }
        return ImageIO.read(out.toFile());
    }

    private static Rectangle changed(BufferedImage a, BufferedImage b) {
        Rectangle box = new Rectangle();
        for (int y = 0; y < a.getHeight(); y++) {
            for (int x = 0; x < a.getWidth(); x++) {
                if (apart(a.getRGB(x, y), b.getRGB(x, y))) {
                    Rectangle cell = new Rectangle(x - 3, y - 3, 7, 7);
                    box = box.isEmpty() ? cell : box.union(cell);
                }
            }
        }
        return new Rectangle(
                        box.x * PREVIEW, box.y * PREVIEW, box.width * PREVIEW, box.height * PREVIEW)
                .intersection(new Rectangle(WIDTH, HEIGHT));
    }

    private static boolean apart(int p, int q) {
        for (int shift = 0; shift <= 16; shift += 8) {
            if (Math.abs((p >> shift & 255) - (q >> shift & 255)) > 2) {
                return true;
            }
        }
        return false;
    }

    private void pov(String text, Path out, int reduction, Rectangle part) {
        try {
            Path source = Files.createTempFile(work, "scene", ".pov");
            Files.writeString(source, text);
            List<String> command =
                    new ArrayList<>(
                            List.of(
                                    "povray",
                                    "+I" + source,
                                    "+O" + out,
                                    "+W" + WIDTH / reduction,
                                    "+H" + HEIGHT / reduction,
                                    "-D",
                                    "-GA",
                                    "+FN",
                                    "+WT1",
                                    "-J",
                                    "+L" + parts));
            if (reduction > 1) {
                command.add("-A");
            } else {
                command.addAll(List.of("+A0.4", "+AM1", "+R2"));
            }
            if (part != null) {
                command.addAll(
                        List.of(
                                "+SC" + (part.x + 1),
                                "+SR" + (part.y + 1),
                                "+EC" + (part.x + part.width),
                                "+ER" + (part.y + part.height)));
            }
            Path log = Path.of(source + ".log");
            run(command, log.toFile());
            Files.delete(log);
            Files.delete(source);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static void run(List<String> command, File log) throws IOException {
        Process process =
                new ProcessBuilder(command)
                        .redirectErrorStream(true)
                        .redirectOutput(ProcessBuilder.Redirect.to(log))
                        .start();
        try {
            if (process.waitFor() != 0) {
                throw new IOException(command.get(0) + " failed, see " + log);
            }
        } catch (InterruptedException e) {
            process.destroy();
            Thread.currentThread().interrupt();
            throw new IOException("stopped", e);
        }
    }

    private String digest(String text) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            byte[] sum = digest.digest(text.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(sum, 0, 8);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
