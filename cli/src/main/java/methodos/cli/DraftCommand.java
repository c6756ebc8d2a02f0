package methodos.cli;

import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import methodos.core.drafting.Draft;
import methodos.core.drafting.DraftedStep;
import methodos.core.drafting.Lexicon;
import methodos.core.drafting.NarrationReader;
import methodos.core.speech.EnglishPartsOfSpeech;
import methodos.files.captions.CaptionFile;
import methodos.files.draft.DraftJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

@Command(
        name = "draft",
        mixinStandardHelpOptions = true,
        description = "Reads narration into steps, each with the words it comes from.")
final class DraftCommand implements Callable<Integer> {

    @Option(
            names = "--captions",
            required = true,
            description = "WebVTT, SubRip, or plain text with times ([1:05] words)")
    private Path captions;

    @Option(names = "--footage", description = "the recording")
    private Path footage;

    @Option(names = "--json", description = "prints one JSON value")
    private boolean json;

    @Override
    public Integer call() throws Exception {
        NarrationReader reader =
                new NarrationReader(Lexicon.english(), EnglishPartsOfSpeech.load());
        Draft draft = reader.read(CaptionFile.read(captions));
        if (json) {
            Output.json(DraftJson.of(draft));
            return 0;
        }
        for (DraftedStep step : draft.steps()) {
            Output.line(
                    String.format(
                            Locale.ROOT,
                            "%7.1f  %-11s %s",
                            step.start(),
                            step.kind().name().toLowerCase(Locale.ROOT),
                            step.text()));
        }
        for (Draft.SetAside aside : draft.dismissed()) {
            Output.line(
                    String.format(
                            Locale.ROOT,
                            "%7.1f  set aside   %s",
                            aside.start(),
                            aside.quote()));
        }
        return 0;
    }
}
