package methodos.footage.speech;

import io.github.givimad.whisperjni.WhisperContext;
import io.github.givimad.whisperjni.WhisperFullParams;
import io.github.givimad.whisperjni.WhisperJNI;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import methodos.core.speech.Stretches;
import methodos.footage.FootageProblem;
import methodos.footage.SoundReader;

/**
 * The main class of the process in which a speech model listens. It writes a line for each thing
 * that is heard, which {@link SpeechModel} reads.
 */
public final class ListeningWorker {

    static final String SHARE = "share";
    static final String CAPTION = "caption";
    static final String PROBLEM = "problem";
    private static final int REFUSED = 3;

    /** Samples a second that the models are made for. */
    private static final int RATE = 16_000;

    /** What the models give times in. */
    private static final double HUNDREDTH = 0.01;

    private final WhisperJNI library = new WhisperJNI();
    private final WhisperContext context;
    private final float[] sound;
    private final PrintStream out;

    private ListeningWorker(WhisperContext context, float[] sound, PrintStream out) {
        this.context = context;
        this.sound = sound;
        this.out = out;
    }

    /**
     * @param arguments the model, the recording
     */
    public static void main(String[] arguments) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        try {
            listen(Path.of(arguments[0]), Path.of(arguments[1]), out);
        } catch (UnsatisfiedLinkError e) {
            out.println(PROBLEM + " Speech models cannot be used on this machine.");
            System.exit(REFUSED);
        } catch (IOException | FootageProblem e) {
            out.println(PROBLEM + " " + e.getMessage());
            System.exit(REFUSED);
        }
    }

    private static void listen(Path model, Path recording, PrintStream out)
            throws IOException, FootageProblem {
        float[] sound = SoundReader.samples(recording, RATE);
        WhisperJNI.loadLibrary();
        WhisperJNI.setLibraryLogger(null);
        try (WhisperContext context = new WhisperJNI().init(model)) {
            if (context == null) {
                throw new IOException(model + " is no speech model that can be read.");
            }
            new ListeningWorker(context, sound, out).listen();
        }
    }

    private void listen() throws IOException {
        for (Stretches.Stretch stretch : Stretches.of(sound, RATE)) {
            hear(stretch);
            out.printf(Locale.ROOT, "%s %.4f%n", SHARE, stretch.to() / (double) sound.length);
            if (out.checkError()) {
                return; // nobody listens to the listener any more
            }
        }
    }

    private void hear(Stretches.Stretch stretch) throws IOException {
        int length = stretch.to() - stretch.from();
        // a second of silence behind the last word: it is lost where the sound ends with it
        float[] samples = new float[length + RATE];
        System.arraycopy(sound, stretch.from(), samples, 0, length);
        WhisperFullParams how = new WhisperFullParams();
        how.language = "en";
        how.printProgress = false;
        how.printTimestamps = false;
        how.nThreads = Math.max(1, Runtime.getRuntime().availableProcessors() - 1);
        if (library.full(context, how, samples, samples.length) != 0) {
            throw new IOException("The speech model could not hear this recording.");
        }
        double begins = stretch.from() / (double) RATE;
        double ends = stretch.to() / (double) RATE;
        for (int i = 0; i < library.fullNSegments(context); i++) {
            String words = library.fullGetSegmentText(context, i).replaceAll("\\s+", " ").strip();
            double from = begins + HUNDREDTH * library.fullGetSegmentTimestamp0(context, i);
            double to = begins + HUNDREDTH * library.fullGetSegmentTimestamp1(context, i);
            if (!words.isEmpty() && from < ends) {
                double until = Math.max(from, Math.min(to, ends));
                out.printf(Locale.ROOT, "%s %.2f %.2f %s%n", CAPTION, from, until, words);
            }
        }
    }
}
