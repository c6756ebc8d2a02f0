package methodos.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.core.coverage.ShownNotTold;
import methodos.core.edit.DraftEdits;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Stage;
import methodos.core.narration.Captions;
import methodos.core.narration.Draft;
import methodos.core.narration.DraftedStep;
import methodos.core.scan.BestStills;
import methodos.core.scan.Scan;
import methodos.core.vocabulary.Wordlist;
import methodos.core.words.Words;
import methodos.files.captions.CaptionFile;
import methodos.files.draft.DraftJson;
import methodos.files.draft.WordlistFolder;
import methodos.files.folders.AppFolders;
import methodos.files.hazard.HazardRuleFolder;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.ProjectFolder;
import methodos.narration.draft.NarrationReader;
import methodos.narration.vocabulary.Vocabulary;
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

    @Option(
            names = "--footage",
            description =
                    "the recording: proposes a still for each step, and lists what is shown "
                            + "and not told")
    private Path footage;

    @Option(names = "--into", description = "a project to put the drafted steps into")
    private Path into;

    @Option(names = "--clip", description = "id or name of the project's clip that is spoken over")
    private String clip;

    @Option(
            names = "--words",
            description = "a folder with word lists of your own; also read: words in the project")
    private Path words;

    @Option(names = "--json", description = "prints one JSON value")
    private boolean json;

    @Override
    public Integer call() throws Exception {
        Captions read = CaptionFile.read(captions);
        Scan scan = footage == null ? null : ClipScan.of(footage);
        List<Scan.Pause> pauses = scan == null ? List.of() : scan.pauses();
        Draft draft = reader().read(read, Stage.Kind.PREPARE, pauses);
        if (into != null) {
            put(draft);
        }
        if (json) {
            Output.json(scan == null ? DraftJson.of(draft) : withFootage(draft, scan, read));
        } else {
            print(draft);
        }
        return 0;
    }

    private NarrationReader reader() throws ProjectProblem {
        List<Path> folders = new ArrayList<>();
        folders.add(AppFolders.ofThisMachine().settings().resolve("words"));
        if (into != null) {
            folders.add(into.resolve("words"));
        }
        if (words != null) {
            folders.add(words);
        }
        Path[] all = folders.toArray(Path[]::new);
        try {
            return NarrationReader.english(
                    WordlistFolder.read(Vocabulary.LISTS, all), HazardRuleFolder.with(all));
        } catch (Wordlist.LineProblem e) {
            throw new ProjectProblem(e.getMessage(), e);
        }
    }

    private void put(Draft draft) throws ProjectProblem {
        try (ProjectFolder folder = ProjectFolder.open(into)) {
            Manual manual = folder.workspace().manual();
            Clip owner = ClipChoice.of(manual, clip);
            folder.save(
                    DraftEdits.draft(owner.id(), draft, new Words(null, Locale.getDefault()))
                            .change()
                            .apply(manual));
        }
    }

    private static Map<String, Object> withFootage(Draft draft, Scan scan, Captions captions) {
        Map<String, Object> all = DraftJson.of(draft);
        Words inWords = new Words(null, Locale.getDefault());
        List<Object> stills = new ArrayList<>();
        for (DraftedStep step : draft.steps()) {
            stills.add(
                    BestStills.of(scan, step.start(), step.end(), 1, inWords).stream()
                            .findFirst()
                            .<Object>map(
                                    p -> {
                                        Map<String, Object> still = new LinkedHashMap<>();
                                        still.put("time", Output.seconds(p.time()));
                                        still.put("words", p.words());
                                        return still;
                                    })
                            .orElse(null));
        }
        all.put("stills", stills);
        all.put(
                "shownNotTold",
                ShownNotTold.of(scan, captions).stream()
                        .map(
                                s -> {
                                    Map<String, Object> stretch = new LinkedHashMap<>();
                                    stretch.put("start", Output.seconds(s.from()));
                                    stretch.put("end", Output.seconds(s.to()));
                                    return stretch;
                                })
                        .toList());
        return all;
    }

    private static void print(Draft draft) {
        for (DraftedStep step : draft.steps()) {
            line(step.start(), step.kind().name(), step.text());
        }
        for (Draft.SetAside aside : draft.dismissed()) {
            line(aside.start(), "set aside", aside.quote());
        }
    }

    private static void line(double start, String kind, String text) {
        Output.line(
                String.format(
                        Locale.ROOT,
                        "%7.1f  %-11s  %s",
                        start,
                        kind.toLowerCase(Locale.ROOT),
                        text));
    }
}
