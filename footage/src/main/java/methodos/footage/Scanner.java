package methodos.footage;

import java.nio.file.Path;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import methodos.core.scan.Pauses;
import methodos.core.scan.Scan;
import methodos.core.scan.Scanning;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/** Looks at every frame of a clip and listens to its sound, once. */
public final class Scanner {

    /** AV_FRAME_FLAG_CORRUPT of the library, which its Java names leave out. */
    private static final int FLAG_CORRUPT = 1;

    private static final int BETWEEN_REPORTS = 32;

    private Scanner() {}

    /**
     * @param progress told the share that is done, from 0 to 1
     * @param cancelled asked now and then whether to stop
     * @throws FootageProblem if the file is no recording or no frame can be decoded
     * @throws CancellationException if it was stopped
     */
    public static Scan scan(Path file, DoubleConsumer progress, BooleanSupplier cancelled)
            throws FootageProblem {
        CompletableFuture<float[]> sound =
                CompletableFuture.supplyAsync(
                        () -> {
                            try {
                                return SoundReader.loudness(file, Pauses.SLICE, cancelled);
                            } catch (FootageProblem e) {
                                throw new CompletionException(e);
                            }
                        });
        Scan seen = look(file, progress, cancelled);
        try {
            return seen.withSound(sound.join());
        } catch (CompletionException e) {
            if (e.getCause() instanceof FootageProblem) {
                return seen; // sound that cannot be read is no sound
            }
            throw e;
        }
    }

    private static Scan look(Path file, DoubleConsumer progress, BooleanSupplier cancelled)
            throws FootageProblem {
        Scanning scanning = new Scanning();
        try (Stream stream = new Stream(file);
                FrameReader frames = new FrameReader(stream);
                GreyPicture grey = new GreyPicture(Scanning.WIDTH)) {
            double duration = stream.duration();
            AVFrame frame = frames.next();
            long first = frame == null ? 0 : frame.pts();
            while (frame != null) {
                double time = (frame.pts() - first) * stream.timeBase();
                boolean damaged =
                        (frame.flags() & FLAG_CORRUPT) != 0 || frame.decode_error_flags() != 0;
                scanning.add(
                        time,
                        grey.of(frame),
                        Scanning.WIDTH,
                        grey.height(),
                        grey.colour(frame, Scanning.COLOUR_COLUMNS, Scanning.COLOUR_ROWS),
                        damaged);
                if (scanning.count() % BETWEEN_REPORTS == 0) {
                    if (cancelled.getAsBoolean()) {
                        throw new CancellationException("the scan was stopped");
                    }
                    progress.accept(duration > 0 ? Math.min(1, time / duration) : 0);
                }
                frame = frames.next();
            }
        }
        if (scanning.count() == 0) {
            throw new FootageProblem("No picture of " + file + " could be decoded.");
        }
        progress.accept(1);
        return scanning.finish();
    }
}
