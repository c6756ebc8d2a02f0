package methodos.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.core.narration.Captions;
import methodos.files.captions.CaptionFile;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.AtomicFile;
import methodos.footage.ClipExport;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "cut",
        mixinStandardHelpOptions = true,
        description = "Writes a span of a recording as a small WebM film, with its captions.")
final class CutCommand implements Callable<Integer> {

    @Spec private CommandSpec spec;

    @Parameters(paramLabel = "CLIP", description = "the recording")
    private Path clip;

    @Option(names = "--from", required = true, description = "seconds")
    private double from;

    @Option(names = "--to", required = true, description = "seconds")
    private double to;

    @Option(names = "--out", required = true, description = "the WebM to write")
    private Path out;

    @Option(names = "--height", description = "pixels at most: ${DEFAULT-VALUE}")
    private int height = 480;

    @Option(
            names = "--captions",
            description =
                    "captions of the recording; those of the span are written beside the film")
    private Path captions;

    @Override
    public Integer call() throws Exception {
        OutputFile.require(out, clip);
        Numbers.time(spec, "--from", from);
        Numbers.time(spec, "--to", to);
        if (height < 2 || height > 4320) {
            throw new CommandLine.ParameterException(
                    spec.commandLine(), "--height is 2 to 4320 pixels, not " + height + ".");
        }
        Captions said = captions == null ? Captions.NONE : CaptionFile.read(captions);
        new ClipExport(clip, from, to, height).write(out, share -> {}, () -> false);
        Output.line(out.toString());
        if (captions != null) {
            String name = out.getFileName().toString().replaceFirst("\\.[^.]+$", "");
            Path beside = out.resolveSibling(name + ".vtt");
            OutputFile.require(beside, captions);
            try {
                AtomicFile.write(beside.toAbsolutePath(), CaptionFile.text(said.within(from, to)));
            } catch (IOException e) {
                throw ProjectProblem.writing(beside, e);
            }
            Output.line(beside.toString());
        }
        return 0;
    }
}
