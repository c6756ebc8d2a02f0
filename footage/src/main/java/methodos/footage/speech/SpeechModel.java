package methodos.footage.speech;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.stream.Stream;
import methodos.core.manual.Clip;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.core.speech.Recogniser;

/**
 * Hears with a speech model that somebody has put into a folder: a file in the ggml format whose
 * name ends in {@value #ENDING}. The program brings none along, and hears nothing without one.
 *
 * <p>The model runs in a process of its own: its library ends the process in which it meets a model
 * that it was not made for.
 */
public final class SpeechModel implements Recogniser {

    private static final String ENDING = ".bin";

    private final Path folder;

    /**
     * @param folder where models are looked for; it need not exist
     */
    public SpeechModel(Path folder) {
        this.folder = folder;
    }

    @Override
    public Optional<Captions> hear(Clip clip, DoubleConsumer share) throws IOException {
        Optional<Path> model = file();
        return model.isEmpty()
                ? Optional.empty()
                : Optional.of(heard(model.get(), Path.of(clip.path()), share));
    }

    /** The model, by name the last where there are several: a newer one is taken. */
    private Optional<Path> file() throws IOException {
        if (!Files.isDirectory(folder)) {
            return Optional.empty();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.getFileName().toString().endsWith(ENDING))
                    .max(Path::compareTo);
        }
    }

    private static Captions heard(Path model, Path recording, DoubleConsumer share)
            throws IOException {
        Process process =
                new ProcessBuilder(
                                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                                "-Xmx2g",
                                "-XX:+UseSerialGC",
                                "-cp",
                                System.getProperty("java.class.path"),
                                ListeningWorker.class.getName(),
                                model.toString(),
                                recording.toString())
                        .redirectError(ProcessBuilder.Redirect.DISCARD)
                        .start();
        process.getOutputStream().close();
        List<Caption> captions = new ArrayList<>();
        String problem = null;
        try (BufferedReader out =
                new BufferedReader(
                        new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            String line;
            while ((line = out.readLine()) != null) {
                String[] told = line.split(" ", 4);
                switch (told[0]) {
                    case ListeningWorker.SHARE -> share.accept(Double.parseDouble(told[1]));
                    case ListeningWorker.CAPTION ->
                            captions.add(
                                    new Caption(
                                            Double.parseDouble(told[1]),
                                            Double.parseDouble(told[2]),
                                            told[3]));
                    case ListeningWorker.PROBLEM ->
                            problem = line.substring(ListeningWorker.PROBLEM.length() + 1);
                    default -> {} // the library says what it does
                }
            }
            if (problem == null && process.waitFor() != 0) {
                problem = model + " is a speech model of a kind that cannot be used here.";
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            problem = "Listening was stopped.";
        } finally {
            process.destroy();
        }
        if (problem != null) {
            throw new IOException(problem);
        }
        return new Captions(captions);
    }
}
