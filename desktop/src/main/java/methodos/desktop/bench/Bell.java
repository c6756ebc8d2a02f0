package methodos.desktop.bench;

import java.util.concurrent.Executor;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;
import org.slf4j.LoggerFactory;

/** Rings, where there is something to ring with: three strokes of a bell. */
final class Bell {

    private static final float RATE = 16_000;
    private static final double PITCH = 880;
    private static final int STROKES = 3;
    private static final double STROKE = 0.5;
    private static final double FADING = 6;
    private static final int LOUD = 90;

    private Bell() {}

    static void ring(Executor beside) {
        beside.execute(
                () -> {
                    AudioFormat format = new AudioFormat(RATE, 8, 1, true, false);
                    try (SourceDataLine line = AudioSystem.getSourceDataLine(format)) {
                        line.open(format);
                        line.start();
                        byte[] sound = sound();
                        line.write(sound, 0, sound.length);
                        line.drain();
                    } catch (LineUnavailableException | IllegalArgumentException silent) {
                        LoggerFactory.getLogger(Bell.class).debug("nothing rings here", silent);
                    }
                });
    }

    private static byte[] sound() {
        int stroke = (int) (STROKE * RATE);
        byte[] sound = new byte[STROKES * stroke];
        for (int i = 0; i < sound.length; i++) {
            double t = i % stroke / RATE;
            sound[i] = (byte) (LOUD * Math.exp(-FADING * t) * Math.sin(2 * Math.PI * PITCH * t));
        }
        return sound;
    }
}
