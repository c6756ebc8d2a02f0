package methodos.footage;

import java.nio.file.Path;
import java.util.Optional;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/**
 * An opened recording, for exact pictures at any time. Time 0 is the first picture shown. May be
 * used by one thread after the other; calls wait for each other.
 */
public final class Recording implements AutoCloseable {

    /** The last digit of a printed time: one that was rounded finds its own frame again. */
    private static final double PRINTED = 0.000_001;

    private final Stream stream;
    private final FrameReader frames;
    private final FramePicture pictures;
    private final PassedFrames passed;
    private long firstFrame;
    private boolean closed;
    private int turned;

    /**
     * @throws FootageProblem if the file is no recording with pictures
     */
    public static Recording open(Path file) throws FootageProblem {
        return open(file, new Stream(file));
    }

    /**
     * The same for work in the background, which leaves the other processors to what somebody waits
     * for.
     */
    public static Recording openInBackground(Path file) throws FootageProblem {
        return open(file, new Stream(file, 1));
    }

    private static Recording open(Path file, Stream stream) throws FootageProblem {
        Recording recording = new Recording(stream);
        try {
            recording.firstFrame = recording.frames.at(stream.start()).pts();
            return recording;
        } catch (FootageProblem e) {
            recording.close();
            throw new FootageProblem(file + " is damaged: " + e.getMessage());
        }
    }

    private Recording(Stream stream) {
        this.stream = stream;
        this.frames = new FrameReader(stream);
        this.pictures = new FramePicture(stream.pixelAspect(), stream.rotation());
        this.passed = new PassedFrames(stream.frameDistance());
    }

    /** Turns its pictures by so many quarters clockwise, beyond what the recording tells itself. */
    public synchronized Recording turned(int quarters) {
        if (turned != quarters) {
            turned = quarters;
            pictures.turn(quarters);
            passed.forget();
        }
        return this;
    }

    /** Seconds, as the file says. */
    public double duration() {
        return stream.duration();
    }

    /** Usual time from one frame to the next, in seconds. */
    public double frameSeconds() {
        return stream.frameDistance() * stream.timeBase();
    }

    /** The whole picture that is on the screen at a time. */
    public synchronized Still still(double seconds) throws FootageProblem {
        AVFrame frame = frames.at(stamp(seconds));
        return new Still(secondsOf(frame), pictures.full(frame));
    }

    /** The same, made small enough for a box. */
    public synchronized Still still(double seconds, int width, int height) throws FootageProblem {
        AVFrame frame = frames.at(stamp(seconds));
        return new Still(secondsOf(frame), pictures.within(frame, width, height));
    }

    /** A picture from near a time, the key frame before it: for a first look. */
    public synchronized Still nearby(double seconds, int width, int height) throws FootageProblem {
        AVFrame frame = frames.nearby(stamp(seconds));
        return new Still(secondsOf(frame), pictures.within(frame, width, height));
    }

    /** Whether the exact picture at a time takes no longer than the one from near it. */
    public synchronized boolean isNext(double seconds) {
        return frames.isNext(stamp(seconds));
    }

    /** The frame after the one on the screen at a time, within a box; empty at the end. */
    public synchronized Optional<Still> after(double seconds, int width, int height)
            throws FootageProblem {
        long time = stamp(seconds);
        Optional<Still> known = passed.after(time, width, height);
        if (known.isPresent()) {
            return known;
        }
        frames.at(time);
        AVFrame frame = frames.next();
        return frame == null
                ? Optional.empty()
                : Optional.of(new Still(secondsOf(frame), pictures.within(frame, width, height)));
    }

    /** The frame before the one on the screen at a time; the first one has none before it. */
    public synchronized Still before(double seconds, int width, int height) throws FootageProblem {
        long time = stamp(seconds);
        Optional<Still> known = passed.before(time, width, height);
        if (known.isEmpty()) {
            passAgain(time, time, width, height);
            known = passed.before(time, width, height);
        }
        if (known.isEmpty()) {
            // the frame at this time is the first after a key frame, or of the recording
            long current = frames.at(time).pts();
            passAgain(current - 1, time, width, height);
            known = passed.before(time, width, height);
        }
        return known.isPresent() ? known.get() : still(seconds, width, height);
    }

    /** Keeps the frames before a time, since another step back is likely. */
    private void passAgain(long seekTo, long time, int width, int height) throws FootageProblem {
        passed.begin(time, width, height);
        long from = time - passed.capacity() * stream.frameDistance();
        frames.walk(
                seekTo,
                from,
                time,
                f ->
                        passed.add(
                                f.pts(),
                                new Still(secondsOf(f), pictures.within(f, width, height))));
    }

    private long stamp(double seconds) {
        double time = Math.max(0, seconds) + PRINTED;
        return firstFrame + (long) Math.floor(time / stream.timeBase());
    }

    private double secondsOf(AVFrame frame) {
        return (frame.pts() - firstFrame) * stream.timeBase();
    }

    @Override
    public synchronized void close() {
        if (!closed) {
            closed = true;
            pictures.close();
            frames.close();
            stream.close();
        }
    }
}
