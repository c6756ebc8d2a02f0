package methodos.footage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;

/**
 * Writes a span of a recording as a small WebM film (VP9 and Opus, which need no licence and which
 * every browser plays): upright, square pixels, ordinary range.
 */
public final class ClipExport {

    /** Twenty minutes are no step any more. */
    private static final double LONGEST_SECONDS = 1200;

    private final Path recording;
    private final int turned;
    private final double from;
    private final double to;
    private final int height;

    /**
     * @param from seconds
     * @param to seconds
     * @param height of the pictures at most, in pixels
     * @throws FootageProblem if the span is empty or too long
     */
    public ClipExport(Path recording, double from, double to, int height) throws FootageProblem {
        this(recording, 0, from, to, height);
    }

    /**
     * @param turned quarter turns clockwise that set the pictures upright
     */
    public ClipExport(Path recording, int turned, double from, double to, int height)
            throws FootageProblem {
        if (!(to > from)) {
            throw new FootageProblem("The span is empty; there is nothing to write.");
        }
        if (to - from > LONGEST_SECONDS) {
            throw new FootageProblem("The span is longer than 20 minutes; choose a shorter one.");
        }
        this.recording = recording;
        this.turned = turned;
        this.from = from;
        this.to = to;
        this.height = height;
    }

    /**
     * Writes the film; what was there before stays until the new one is whole.
     *
     * @param progress told the share that is done, from 0 to 1
     * @param cancelled asked at each picture whether to stop
     * @throws FootageProblem if it cannot be read or written
     * @throws CancellationException if it was stopped
     */
    public void write(Path film, DoubleConsumer progress, BooleanSupplier cancelled)
            throws FootageProblem {
        if (Files.exists(film)) {
            try {
                if (!Files.isRegularFile(film)) {
                    throw new FootageProblem(film + " is no file that can be replaced.");
                }
                if (Files.exists(recording) && Files.isSameFile(film, recording)) {
                    throw new FootageProblem(
                            film + " is the recording itself; give another file to write.");
                }
            } catch (IOException e) {
                throw new FootageProblem(film + " cannot be written: " + e.getMessage() + ".");
            }
        }
        Path half = film.resolveSibling(film.getFileName() + ".half");
        try {
            Files.createDirectories(film.toAbsolutePath().getParent());
            encode(half, progress, cancelled);
            Files.move(half, film, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new FootageProblem(film + " cannot be written: " + e.getMessage() + ".");
        } finally {
            half.toFile().delete(); // there is none where all went well
        }
    }

    private void encode(Path half, DoubleConsumer progress, BooleanSupplier cancelled)
            throws FootageProblem {
        try (Recording pictures = Recording.open(recording).turned(turned);
                SpanSound sound = new SpanSound(recording, from, to)) {
            int box = Integer.MAX_VALUE / 4;
            Still still = pictures.still(from, box, height);
            int width = still.picture().getWidth() & ~1;
            int rows = still.picture().getHeight() & ~1;
            try (FilmWriter film = new FilmWriter(half, width, rows, sound.present())) {
                while (still != null && still.time() < to) {
                    if (cancelled.getAsBoolean()) {
                        throw new CancellationException("stopped");
                    }
                    double time = Math.max(0, still.time() - from);
                    film.picture(still.picture(), time);
                    film.sound(sound.until(time));
                    progress.accept(time / (to - from));
                    still = pictures.after(still.time(), box, height).orElse(null);
                }
                film.sound(sound.until(to - from));
                film.finish();
            }
        }
        progress.accept(1);
    }
}
