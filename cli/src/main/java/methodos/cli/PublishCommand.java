package methodos.cli;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.core.manual.Manual;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.Variant;
import methodos.core.narration.Workspace;
import methodos.desktop.publish.StepFilms;
import methodos.files.project.KeptPictures;
import methodos.files.project.ProjectFolder;
import methodos.files.project.ProjectProblem;
import methodos.publish.document.Films;
import methodos.publish.document.Publication;
import methodos.publish.document.Publisher;
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
            description = "pdf, html, or both with a comma")
    private List<String> formats;

    @Option(
            names = "--films",
            description = "with a short film of each step in the form for the screen")
    private boolean films;

    @ArgGroup private Eyes eyes;

    static final class Eyes {
        @Option(names = "--variant", description = "id of a variant, or the name of a model")
        private String variant;

        @Option(names = "--serial", description = "serial number of one unit")
        private Long serial;
    }

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
        Publication publication =
                Publication.of(
                        manual,
                        sight(manual),
                        new KeptPictures(project)::still,
                        LocalDate.now().toString());
        Films made =
                films
                        ? new StepFilms(
                                workspace,
                                c -> project.resolve(c.path()).normalize(),
                                step -> {},
                                () -> false)
                        : Films.NONE;
        for (Path file : new Publisher().publish(publication, out, wanted, made)) {
            Output.line(file.toString());
        }
        return 0;
    }

    private Sight sight(Manual manual) throws ProjectProblem {
        if (eyes == null) {
            return Sight.EVERYTHING;
        }
        if (eyes.variant != null) {
            return manual.variants().stream()
                    .filter(v -> v.id().equals(eyes.variant))
                    .findFirst()
                    .map(Sight::of)
                    .or(
                            () ->
                                    manual.variants().stream()
                                            .filter(v -> v.model().equals(eyes.variant))
                                            .findFirst()
                                            .map(v -> new Sight(v.model(), SerialRange.ALL)))
                    .orElseThrow(
                            () ->
                                    new ProjectProblem(
                                            "There is no variant or model "
                                                    + eyes.variant
                                                    + " in the manual."));
        }
        SerialRange one = SerialRange.only(eyes.serial);
        List<String> models =
                manual.variants().stream()
                        .filter(v -> v.serials().overlaps(one))
                        .map(Variant::model)
                        .distinct()
                        .toList();
        if (models.isEmpty()) {
            throw new ProjectProblem(
                    "No variant of the manual covers serial number " + eyes.serial + ".");
        }
        return new Sight(models.size() == 1 ? models.get(0) : null, one);
    }
}
