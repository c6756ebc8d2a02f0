package methodos.footage.change;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import methodos.footage.TestEncoder;

/** A scene on film: before, a hand that does something, after; the camera stands or is held. */
final class FilmedScene {

    static final double FROM = 3;
    static final double TO = 5;
    private static final double SECONDS = 8;
    private static final int RATE = 15;
    private static final int WIDTH = 640;
    private static final int HEIGHT = 360;

    private FilmedScene() {}

    /**
     * @param held whether the camera is held by hand
     * @param quality of the codec, 2 the best, 12 poor
     */
    static Path make(Path file, Scene scene, long seed, boolean held, int quality)
            throws IOException, InterruptedException {
        Random random = new Random(seed * 17 + 3);
        BufferedImage before = half(scene.before());
        BufferedImage after = half(scene.after());
        Process encoder =
                TestEncoder.start(
                        List.of(
                                "-f",
                                "rawvideo",
                                "-pix_fmt",
                                "bgr24",
                                "-s",
                                WIDTH + "x" + HEIGHT,
                                "-r",
                                "" + RATE,
                                "-i",
                                "-",
                                "-c:v",
                                "mpeg4",
                                "-q:v",
                                "" + quality,
                                "-g",
                                "30",
                                file.toString()));
        double x = 0;
        double y = 0;
        try (OutputStream raw = encoder.getOutputStream()) {
            for (int i = 0; i < SECONDS * RATE; i++) {
                double time = i / (double) RATE;
                if (held) {
                    x = .9 * x + random.nextGaussian() * 1.1;
                    y = .9 * y + random.nextGaussian() * 1.1;
                }
                BufferedImage frame = frame(time < (FROM + TO) / 2 ? before : after, x, y);
                hands(frame, time, random.nextLong(), seed);
                raw.write(bytes(frame, random));
            }
        }
        if (encoder.waitFor() != 0) {
            throw new IOException("no clip made");
        }
        return file;
    }

    private static BufferedImage half(BufferedImage large) {
        BufferedImage small = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D g = small.createGraphics();
        g.setRenderingHint(
                RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(large, 0, 0, WIDTH, HEIGHT, null);
        g.dispose();
        return small;
    }

    private static BufferedImage frame(BufferedImage scene, double x, double y) {
        BufferedImage frame = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D g = frame.createGraphics();
        g.drawImage(scene, 0, 0, null); // what would be beyond the edge
        g.setRenderingHint(
                RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.translate(x, y);
        g.drawImage(scene, 0, 0, null);
        g.dispose();
        return frame;
    }

    /** A glove that comes in before, works, goes away, and passes by once more after. */
    private static void hands(BufferedImage frame, double time, long jitter, long seed) {
        Random way = new Random(seed * 5 + 1);
        double x = 120 + way.nextInt(400);
        double y = 100 + way.nextInt(180);
        boolean works = time > FROM - .5 && time < TO + .5;
        double passing = (time - 6.2) * 500;
        if (!works && (passing < 0 || passing > 640)) {
            return;
        }
        Random shake = new Random(jitter);
        double hx = works ? x + 60 * Math.sin(time * 4) + shake.nextInt(6) : passing;
        double hy = works ? y + 50 * Math.cos(time * 3) : 60 + way.nextInt(240);
        Graphics2D g = frame.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(new Color(60, 110, 190));
        g.fill(new Ellipse2D.Double(hx - 45, hy - 32, 90, 64));
        g.rotate(.5, hx, hy);
        g.fillRoundRect((int) hx - 20, (int) hy, 44, 420, 30, 30);
        g.dispose();
    }

    private static byte[] bytes(BufferedImage frame, Random random) {
        byte[] all = new byte[WIDTH * HEIGHT * 3];
        int i = 0;
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                int rgb = frame.getRGB(x, y);
                double n = random.nextGaussian() * 2.5;
                for (int shift = 0; shift <= 16; shift += 8) {
                    all[i++] = (byte) Math.max(0, Math.min(255, (rgb >> shift & 255) + n));
                }
            }
        }
        return all;
    }
}
