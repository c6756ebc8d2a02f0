package methodos.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.core.check.Checks;
import methodos.core.coverage.Reshoot;
import methodos.core.finding.FindingScope;
import methodos.core.finding.Severity;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.StepNumbers;
import methodos.core.narration.Workspace;
import methodos.core.practice.PractisedManual;
import methodos.desktop.publish.PaintedBefore;
import methodos.desktop.publish.StepFilms;
import methodos.files.bench.KeptRun;
import methodos.files.hazard.HazardRuleFolder;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.KeptPictures;
import methodos.files.project.ProjectFolder;
import methodos.publish.document.Films;
import methodos.publish.document.Publication;
import methodos.publish.document.Publisher;
import methodos.publish.document.Signs;
import methodos.publish.house.HouseStyle;
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
            description =
                    "pdf, html, reshoot; sheets: fetch, torque, parts, sorting, card, record,"
                            + " training, plan; several with commas")
    private List<String> formats;

    @Option(
            names = "--films",
            description = "with a short film of each step in the form for the screen")
    private boolean films;

    @Option(
            names = "--house",
            paramLabel = "FILE",
            description = "how the company wants it: colours, logo, fonts, paper, notices, address")
    private Path house;

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
                                        : List.of())
                        .withHurting(hurting(workspace, sight))
                        .withHouse(style())
                        .withPaintings(new PaintedBefore())
                        .withTimes(
                                wanted.contains(Publisher.Format.PLAN)
                                        ? KeptRun.times(project, PractisedManual.of(manual))
                                        : Map.of());
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

    private HouseStyle style() throws IOException {
        try {
            return house == null ? HouseStyle.in(project) : HouseStyle.read(house);
        } catch (NoSuchFileException e) {
            throw new CommandLine.ParameterException(
                    spec.commandLine(), "There is no file " + house + ".", e);
        } catch (IllegalArgumentException e) {
            throw new CommandLine.ParameterException(spec.commandLine(), e.getMessage(), e);
        }
    }

    private int hurting(Workspace workspace, Sight sight) throws ProjectProblem {
        FindingScope scope = new FindingScope(workspace.manual(), sight);
        return (int)
                new Checks(HazardRuleFolder.of(project))
                        .of(workspace).open().stream()
                                .filter(f -> f.severity() == Severity.HURT && scope.holds(f))
                                .count();
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
