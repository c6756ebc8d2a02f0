package methodos.cli;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.narration.Captions;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.ProjectFolder;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "hear",
        mixinStandardHelpOptions = true,
        description = "Writes captions of what is spoken in a clip of a project.")
final class HearCommand implements Callable<Integer> {

    @Parameters(paramLabel = "PROJECT", description = "the project")
    private Path project;

    @Option(names = "--clip", description = "id or name of the clip")
    private String clip;

    @Override
    public Integer call() throws Exception {
        try (ProjectFolder folder = ProjectFolder.open(project)) {
            Manual manual = folder.workspace().manual();
            Clip owner = ClipChoice.of(manual, clip);
            Captions heard =
                    Recognisers.all()
                            .hear(owner.withPath(folder.clipFile(owner).toString()), share -> {})
                            .orElseThrow(
                                    () ->
                                            new ProjectProblem(
                                                    "No recogniser here can hear "
                                                            + owner.name()
                                                            + ": put a speech model (ggml, .bin)"
                                                            + " into "
                                                            + Recognisers.modelFolder()
                                                            + ", or import captions."));
            folder.save(
                    manual.withClip(owner.withCaptions(folder.keepCaptions(owner.id(), heard))));
            Output.line(
                    owner.id() + " " + owner.name() + ": " + heard.captions().size() + " captions");
            return 0;
        }
    }
}
