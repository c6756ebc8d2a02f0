package methodos.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.core.coverage.Reshoot;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.StepNumbers;
import methodos.core.narration.Workspace;
import methodos.desktop.publish.StepFilms;
import methodos.files.project.KeptPictures;
import methodos.files.project.ProjectFolder;
import methodos.publish.document.Films;
import methodos.publish.document.Publication;
import methodos.publish.document.Publisher;
import methodos.publish.document.Signs;
import picocli.CommandLine;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "publish",
        mixinStandardHelpOptions = true,
        description = "Writes the documents of a manual.")
final class PublishCommand implements Callable<Integer> {

    @Spec private CommandSpec spec;

    @Parameters(paramLabel = "PROJECT", description = "the project")
    private Path project;

    @Option(names = "--out", required = true, description = "folder for the documents")
    private Path out;

    @Option(
            names = "--format",
            required = true,
            split = ",",
            description = "pdf, html, reshoot, or several with commas")
    private List<String> formats;

    @Option(
            names = "--films",
            description = "with a short film of each step in the form for the screen")
    private boolean films;

    @ArgGroup(exclusive = false)
    private UnitsOption units;

    @Override
    public Integer call() throws Exception {
        Set<Publisher.Format> wanted = new LinkedHashSet<>();
        for (String name : formats) {
            try {
                wanted.add(Publisher.Format.named(name));
            } catch (IllegalArgumentException e) {
                throw new CommandLine.ParameterException(spec.commandLine(), e.getMessage());
            }
        }
        Workspace workspace = ProjectFolder.read(project);
        Manual manual = workspace.manual();
        Sight sight = UnitsOption.sight(units, manual);
        Publication publication =
                Publication.of(
                                manual,
                                sight,
                                new KeptPictures(project)::still,
                                LocalDate.now().toString())
                        .withReshoots(
                                wanted.contains(Publisher.Format.RESHOOT)
                                        ? Reshoot.of(scanned(workspace), sight)
                                        : List.of());
        Films made =
                films
                        ? new StepFilms(
                                workspace,
                                c -> project.resolve(c.path()).normalize(),
                                step -> {},
                                () -> false)
                        : Films.NONE;
        named(Signs.missing(publication.manual()), manual, sight);
        for (Path file :
                new Publisher().publish(publication, out, wanted, made, new TerminalProgress())) {
            Output.line(file.toString());
        }
        ProjectFolder.keepPublished(project, manual);
        return 0;
    }

    /** Signs that would be missing in print, before anything is printed. */
    private void named(List<Signs.Missing> missing, Manual manual, Sight sight) {
        StepNumbers numbers = new StepNumbers(manual, sight);
        for (Signs.Missing sign : missing) {
            List<Integer> steps = numbers.of(sign.steps());
            spec.commandLine()
                    .getErr()
                    .println(
                            "No typeface has the sign "
                                    + sign.sign()
                                    + " ("
                                    + sign.code()
                                    + ")"
                                    + (steps.isEmpty()
                                            ? ""
                                            : " of step "
                                                    + String.join(
                                                            ", ",
                                                            steps.stream()
                                                                    .map(String::valueOf)
                                                                    .toList()))
                                    + "; it is missing in print.");
        }
        spec.commandLine().getErr().flush();
    }

    /** What the footage shows is looked through first, unless it was before. */
    private Workspace scanned(Workspace workspace) throws Exception {
        Workspace result = workspace;
        for (Clip clip : workspace.manual().clips()) {
            Path file = project.resolve(clip.path()).normalize();
            if (Files.isRegularFile(file)) {
                result = result.withScan(clip.id(), ClipScan.of(file));
            }
        }
        return result;
    }
}
