package methodos.footage;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.bytedeco.ffmpeg.ffmpeg;
import org.bytedeco.javacpp.Loader;

/**
 * Makes small clips whose frames carry their number as a strip of black and white cells, by the
 * encoder program that ships inside the native library.
 */
public final class CountedClip {

    static final int WIDTH = 288;
    static final int HEIGHT = 160;
    private static final int CELLS = 18;
    private static final int STRIP = 24;

    private CountedClip() {}

    /** A clip of some seconds in which a tone sounds from one second to another. */
    public static Path sounding(Path file, int seconds, int from, int to) throws Exception {
        return make(
                file,
                25 * seconds,
                25,
                "-f",
                "lavfi",
                "-i",
                "sine=frequency=440:duration="
                        + seconds
                        + ",volume='between(t,"
                        + from
                        + ","
                        + to
                        + ")':eval=frame",
                "-c:v",
                "mpeg4",
                "-c:a",
                "aac",
                "-shortest");
    }

    /**
     * @param frames how many
     * @param rate frames a second
     * @param encoding options of the encoder program, before the name of the file
     */
    public static Path make(Path file, int frames, int rate, String... encoding)
            throws IOException, InterruptedException {
        List<String> options =
                new ArrayList<>(
                        List.of(
                                "-f",
                                "rawvideo",
                                "-pix_fmt",
                                "gray",
                                "-s",
                                WIDTH + "x" + HEIGHT,
                                "-r",
                                "" + rate,
                                "-i",
                                "-"));
        options.addAll(List.of(encoding));
        options.add(file.toString());
        Process encoder = encoder(options);
        try (OutputStream raw = encoder.getOutputStream()) {
            for (int i = 0; i < frames; i++) {
                raw.write(frame(i));
            }
        }
        if (encoder.waitFor() != 0) {
            throw new IOException("no clip made with " + List.of(encoding));
        }
        return file;
    }

    /** Starts the encoder program; its libraries lie beside it. */
    static Process encoder(List<String> options) throws IOException {
        String program = Loader.load(ffmpeg.class);
        List<String> command = new ArrayList<>(List.of(program, "-v", "error", "-y"));
        command.addAll(options);
        ProcessBuilder builder =
                new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.INHERIT);
        builder.environment().put("LD_LIBRARY_PATH", Path.of(program).getParent().toString());
        return builder.start();
    }

    private static byte[] frame(int number) {
        byte[] gray = new byte[WIDTH * HEIGHT];
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                int value =
                        y < STRIP
                                ? (cell(number, x * CELLS / WIDTH) ? 235 : 16)
                                : 60 + (x + y + number * 7) % 120;
                gray[y * WIDTH + x] = (byte) value;
            }
        }
        return gray;
    }

    /** The first cell is white and the last black; between them the number, highest bit first. */
    private static boolean cell(int number, int i) {
        return i == 0 || i < CELLS - 1 && (number >> (CELLS - 2 - i) & 1) == 1;
    }

    /** The number in a picture, whatever its size; -1 where there is none. */
    static int read(BufferedImage picture) {
        int number = 0;
        for (int i = 0; i < CELLS; i++) {
            int x = (int) ((i + .5) * picture.getWidth() / CELLS);
            int y = STRIP * picture.getHeight() / HEIGHT / 2;
            boolean white = (picture.getRGB(x, y) >> 8 & 255) > 128;
            if (i == 0 && !white || i == CELLS - 1 && white) {
                return -1;
            }
            if (i > 0 && i < CELLS - 1) {
                number = number * 2 + (white ? 1 : 0);
            }
        }
        return number;
    }
}
