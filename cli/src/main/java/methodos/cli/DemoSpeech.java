package methodos.cli;

import java.io.IOException;
import java.io.InputStream;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import methodos.core.manual.Clip;
import methodos.core.narration.Captions;
import methodos.core.speech.Recogniser;
import methodos.demo.DemoProject;
import methodos.files.captions.CaptionFile;
import methodos.files.problem.ProjectProblem;

/**
 * A simulated recogniser: it knows by heart what is said in the recordings of the demo, by their
 * content, and hears nothing else.
 */
final class DemoSpeech implements Recogniser {

    @Override
    public Optional<Captions> hear(Clip clip, DoubleConsumer share) throws IOException {
        for (DemoProject demo : DemoProject.values()) {
            Optional<InputStream> speech = demo.speech(clip.digest());
            if (speech.isPresent()) {
                try (InputStream in = speech.get()) {
                    return Optional.of(CaptionFile.read(in.readAllBytes(), clip.name()));
                } catch (ProjectProblem e) {
                    throw new IllegalStateException("the demo's captions are sound", e);
                }
            }
        }
        return Optional.empty();
    }
}
