package methodos.cli;

import java.nio.file.Path;
import java.util.List;
import methodos.core.speech.Recogniser;
import methodos.files.folders.AppFolders;
import methodos.footage.speech.SpeechModel;

/** The recognisers that this program has. */
final class Recognisers {

    private Recognisers() {}

    /** Where a speech model is looked for. */
    static Path modelFolder() {
        return AppFolders.ofThisMachine().settings().resolve("speech");
    }

    static Recogniser all() {
        return Recogniser.firstOf(List.of(new DemoSpeech(), new SpeechModel(modelFolder())));
    }
}
