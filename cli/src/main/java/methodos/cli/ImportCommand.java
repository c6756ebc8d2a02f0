package methodos.cli;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.narration.Captions;
import methodos.core.sheet.SheetKind;
import methodos.core.sheet.SheetReading;
import methodos.core.sheet.SheetReading.Fate;
import methodos.files.captions.CaptionFile;
import methodos.files.project.ClipFiles;
import methodos.files.project.ProjectFolder;
import methodos.files.sheet.SheetFile;
import methodos.footage.Probe;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "import",
        mixinStandardHelpOptions = true,
        description = "Brings footage, captions or a list into a project.")
final class ImportCommand implements Callable<Integer> {

    private static final int NOT_UNDERSTOOD = 3;

    @Parameters(paramLabel = "PROJECT", description = "the project")
    private Path project;

    @ArgGroup(multiplicity = "1")
    private What what;

    static final class What {
        @Option(names = "--footage", description = "a recording")
        private Path footage;

        @Option(
                names = "--captions",
                description = "captions as WebVTT, SubRip (SRT) or plain text with times")
        private Path captions;

        @Option(names = "--parts", description = "a parts list as CSV or XLSX with a header row")
        private Path parts;

        @Option(
                names = "--kits",
                description = "what kits hold, as CSV or XLSX: a row for each part of a kit")
        private Path kits;

        @Option(names = "--tools", description = "tools as CSV or XLSX with a header row")
        private Path tools;

        @Option(
                names = "--torques",
                description = "tightening values as CSV or XLSX with a header row")
        private Path torques;
    }

    @Option(names = "--clip", description = "id or name of the clip that the captions belong to")
    private String clip;

    @Override
    public Integer call() throws Exception {
        try (ProjectFolder folder = ProjectFolder.open(project)) {
            if (what.parts != null) {
                return list(folder, SheetKind.PARTS, what.parts, "parts");
            }
            if (what.kits != null) {
                return list(folder, SheetKind.KITS, what.kits, "kits");
            }
            if (what.tools != null) {
                return list(folder, SheetKind.TOOLS, what.tools, "tools");
            }
            if (what.torques != null) {
                return list(folder, SheetKind.TORQUES, what.torques, "joints");
            }
            return what.footage != null ? footage(folder) : captions(folder);
        }
    }

    private int footage(ProjectFolder folder) throws Exception {
        Manual manual = folder.workspace().manual();
        Probe probe = Probe.of(what.footage);
        Clip added = ClipFiles.clip(manual, project, what.footage, probe.duration());
        folder.save(manual.withClip(added).withIdTaken());
        Output.line(added.id() + " " + added.name());
        probe.problems().forEach(System.err::println);
        return 0;
    }

    /** With a row that is not understood nothing is taken in. */
    private int list(ProjectFolder folder, SheetKind kind, Path file, String things)
            throws Exception {
        Manual manual = folder.workspace().manual();
        SheetReading sheet = kind.read(SheetFile.read(file), manual);
        if (!sheet.problems().isEmpty()) {
            sheet.problems().forEach(p -> System.err.println(p.sentence()));
            System.err.println("Nothing was taken in.");
            return NOT_UNDERSTOOD;
        }
        folder.save(sheet.edit().change().apply(manual));
        Output.line(
                sheet.count(Fate.ADDED)
                        + " "
                        + things
                        + " added, "
                        + sheet.count(Fate.CHANGED)
                        + " changed, "
                        + sheet.count(Fate.ABSENT)
                        + " not in the list");
        return 0;
    }

    private int captions(ProjectFolder folder) throws Exception {
        Manual manual = folder.workspace().manual();
        Clip owner = ClipChoice.of(manual, clip);
        Captions read = CaptionFile.read(what.captions);
        String digest = folder.keepCaptions(owner.id(), read);
        folder.save(manual.withClip(owner.withCaptions(digest)));
        Output.line(owner.id() + " " + owner.name() + ": " + read.captions().size() + " captions");
        return 0;
    }
}
