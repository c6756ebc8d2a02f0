package methodos.desktop.sound;

import java.util.Optional;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;
import org.slf4j.LoggerFactory;

/** The sound card of this machine. */
final class SoundCard implements SoundOut {

    private static final double MICRO = 1e-6;

    /** So much sound is ready ahead: enough against gaps, little enough to stop at once. */
    private static final double BUFFER_SECONDS = 0.15;

    private final SourceDataLine line;

    private SoundCard(SourceDataLine line) {
        this.line = line;
    }

    /** Nothing where there is no card, or another program holds it. */
    static Optional<SoundOut> open() {
        AudioFormat format = new AudioFormat(RATE, 16, 1, true, false);
        try {
            SourceDataLine line = AudioSystem.getSourceDataLine(format);
            line.open(format, (int) (2 * RATE * BUFFER_SECONDS));
            line.start();
            return Optional.of(new SoundCard(line));
        } catch (LineUnavailableException
                | IllegalArgumentException
                | SecurityException
                | LinkageError e) { // the last where the system's sound library is not there
            LoggerFactory.getLogger(SoundCard.class).info("no sound: {}", e.getMessage());
            return Optional.empty();
        }
    }

    @Override
    public void write(byte[] bytes, int length) {
        line.write(bytes, 0, length);
    }

    @Override
    public void drain() {
        line.drain();
    }

    @Override
    public double heard() {
        return line.getMicrosecondPosition() * MICRO;
    }

    @Override
    public void close() {
        line.stop();
        line.flush();
        line.close();
    }
}
