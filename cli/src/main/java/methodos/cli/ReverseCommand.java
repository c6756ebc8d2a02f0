package methodos.cli;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.core.check.Checks;
import methodos.core.manual.Sight;
import methodos.core.manual.StepNumbers;
import methodos.core.reverse.Reverse;
import methodos.core.words.Words;
import methodos.files.hazard.HazardRuleFolder;
import methodos.files.project.ManualJson;
import methodos.files.project.ProjectFolder;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "reverse",
        mixinStandardHelpOptions = true,
        description = "Drafts the build-up from the take-down; the project is not changed.")
final class ReverseCommand implements Callable<Integer> {

    @Parameters(paramLabel = "PROJECT", description = "the project")
    private Path project;

    @Option(names = "--json", description = "prints one JSON value")
    private boolean json;

    @Override
    public Integer call() throws Exception {
        Words words = new Words(null, Locale.ENGLISH);
        Reverse reverse =
                Reverse.of(
                        ProjectFolder.read(project),
                        new Checks(HazardRuleFolder.of(project)),
                        words);
        if (json) {
            Map<String, Object> value = new LinkedHashMap<>();
            value.put("steps", new ManualJson().list(reverse.steps()));
            value.put("open", reverse.open());
            Output.json(value);
            return 0;
        }
        StepNumbers numbers = new StepNumbers(reverse.manual(), Sight.EVERYTHING);
        reverse.steps()
                .forEach(
                        s ->
                                Output.line(
                                        numbers.of(s.id()).orElse(0)
                                                + "  "
                                                + s.text()
                                                + (s.applicability().all()
                                                        ? ""
                                                        : "  ["
                                                                + words.of(s.applicability())
                                                                + "]")));
        Output.line("");
        reverse.open()
                .forEach(o -> Output.line(numbers.of(o.step()).orElse(0) + "  " + o.sentence()));
        return 0;
    }
}
