package methodos.footage;

import java.nio.file.Path;
import java.util.Arrays;

/** The sound of a span, given bit by bit; silence where the recording has none. */
final class SpanSound implements AutoCloseable {

    static final int RATE = 48_000;

    private final double from;
    private final double to;
    private final SoundReader reader;
    private float[] waiting = new float[0];
    private long given;
    private boolean ended;

    SpanSound(Path recording, double from, double to) {
        this.from = from;
        this.to = to;
        SoundReader opened = null;
        try {
            opened = new SoundReader(recording, RATE);
            opened.seek(from);
        } catch (FootageProblem e) {
            ended = true; // a recording without sound is written without
        }
        reader = opened;
    }

    boolean present() {
        return reader != null;
    }

    /** The samples that come before a time, counted from the beginning of the span. */
    float[] until(double seconds) {
        long wanted = Math.round(Math.min(seconds, to - from) * RATE) - given;
        if (reader == null || wanted <= 0) {
            return new float[0];
        }
        while (waiting.length < wanted && !ended) {
            read();
        }
        float[] now = Arrays.copyOf(waiting, (int) wanted); // beyond the end there is silence
        waiting =
                waiting.length > wanted
                        ? Arrays.copyOfRange(waiting, (int) wanted, waiting.length)
                        : new float[0];
        given += wanted;
        return now;
    }

    private void read() {
        float[] samples = reader.next();
        if (samples == null) {
            ended = true;
            return;
        }
        int skip = 0;
        if (given == 0 && waiting.length == 0) {
            skip = (int) Math.round((from - reader.time()) * RATE);
            if (skip >= samples.length) {
                return;
            }
        }
        int silence = Math.max(0, -skip);
        int start = Math.max(0, skip);
        int at = waiting.length + silence;
        waiting = Arrays.copyOf(waiting, at + samples.length - start);
        System.arraycopy(samples, start, waiting, at, samples.length - start);
    }

    @Override
    public void close() {
        if (reader != null) {
            reader.close();
        }
    }
}
