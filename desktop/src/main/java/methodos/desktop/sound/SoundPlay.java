package methodos.desktop.sound;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Supplier;
import methodos.footage.FootageProblem;
import methodos.footage.SoundReader;
import methodos.footage.Tempo;
import org.slf4j.LoggerFactory;

/**
 * Plays the sound of a recording from a time on, at any speed with its own pitch, on a thread of
 * its own. What is heard sets the time of the pictures.
 */
public final class SoundPlay implements AutoCloseable {

    private static final int FULL_SCALE = 32_767;

    private final Path clip;
    private final double from;
    private final double speed;
    private final Supplier<Optional<SoundOut>> card;
    private final Runnable ready;
    private volatile SoundOut out;
    private volatile boolean stopped;

    private SoundPlay(
            Path clip,
            double from,
            double speed,
            Supplier<Optional<SoundOut>> card,
            Runnable ready) {
        this.clip = clip;
        this.from = from;
        this.speed = speed;
        this.card = card;
        this.ready = ready;
    }

    /**
     * Begins to play.
     *
     * @param speed from 0.25 to 4
     * @param ready called on the thread of the sound when it is heard, or it is clear that there is
     *     none
     */
    public static SoundPlay begin(Path clip, double from, double speed, Runnable ready) {
        return begin(clip, from, speed, SoundCard::open, ready);
    }

    static SoundPlay begin(
            Path clip,
            double from,
            double speed,
            Supplier<Optional<SoundOut>> card,
            Runnable ready) {
        SoundPlay play = new SoundPlay(clip, from, speed, card, ready);
        Thread thread = new Thread(play::run, "sound");
        thread.setDaemon(true);
        thread.start();
        return play;
    }

    /** The time of the recording that is heard now; nothing where there is no sound. */
    public Optional<Double> time() {
        SoundOut now = out;
        return now == null || stopped ? Optional.empty() : Optional.of(from + now.heard() * speed);
    }

    private void run() {
        try (SoundReader sound = new SoundReader(clip, SoundOut.RATE);
                Tempo tempo = new Tempo(SoundOut.RATE, speed)) {
            Optional<SoundOut> opened = stopped ? Optional.empty() : card.get();
            if (opened.isEmpty()) {
                return;
            }
            try (SoundOut line = opened.get()) {
                out = line;
                ready.run();
                play(sound, tempo, line);
            } finally {
                out = null;
            }
        } catch (FootageProblem e) {
            LoggerFactory.getLogger(SoundPlay.class).info("no sound: {}", e.getMessage());
        } finally {
            ready.run();
        }
    }

    private void play(SoundReader sound, Tempo tempo, SoundOut line) {
        sound.seek(from);
        float[] samples;
        while (!stopped && (samples = sound.next()) != null) {
            int skip = (int) Math.round((from - sound.time()) * SoundOut.RATE);
            if (skip >= samples.length) {
                continue;
            }
            write(
                    line,
                    tempo.change(
                            skip > 0
                                    ? java.util.Arrays.copyOfRange(samples, skip, samples.length)
                                    : samples));
        }
        if (!stopped) {
            write(line, tempo.change(null));
            line.drain();
        }
    }

    private void write(SoundOut line, float[] samples) {
        byte[] bytes = new byte[2 * samples.length];
        for (int i = 0; i < samples.length; i++) {
            int value = Math.round(Math.max(-1, Math.min(1, samples[i])) * FULL_SCALE);
            bytes[2 * i] = (byte) value;
            bytes[2 * i + 1] = (byte) (value >> 8);
        }
        if (!stopped) {
            line.write(bytes, bytes.length);
        }
    }

    /** Stops; what is on its way to the card is not heard any more. */
    @Override
    public void close() {
        stopped = true;
    }
}
