package methodos.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.core.check.Checks;
import methodos.core.finding.Finding;
import methodos.core.finding.FindingScope;
import methodos.core.finding.FindingSentences;
import methodos.core.finding.Severity;
import methodos.core.manual.Acceptance;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.narration.Workspace;
import methodos.core.words.Words;
import methodos.files.hazard.HazardRuleFolder;
import methodos.files.project.ManualJson;
import methodos.files.project.ProjectFolder;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "check",
        mixinStandardHelpOptions = true,
        description = "Finds what does not close, is not safe, or could confuse.",
        footer = "Exit status 1: something was found that could hurt or break.")
final class CheckCommand implements Callable<Integer> {

    @Parameters(paramLabel = "PROJECT", description = "the project")
    private Path project;

    @Option(names = "--json", description = "prints one JSON value")
    private boolean json;

    @ArgGroup(exclusive = false)
    private UnitsOption units;

    private final Words words = new Words(null, Locale.ENGLISH);

    @Override
    public Integer call() throws Exception {
        Workspace workspace = ProjectFolder.read(project);
        Manual manual = workspace.manual();
        Sight sight = UnitsOption.sight(units, manual);
        Checks.Result result = new Checks(HazardRuleFolder.of(project)).of(workspace);
        FindingSentences sentences =
                new FindingSentences(words, new StepNumbers(manual, Sight.EVERYTHING));
        FindingScope scope = new FindingScope(manual, sight);
        List<Finding> seen = result.findings().stream().filter(scope::holds).toList();
        if (json) {
            Output.json(
                    seen.stream()
                            .map(f -> value(f, manual, sentences, result.accepted().get(f)))
                            .toList());
        } else {
            print(seen, result, sentences);
        }
        return seen.stream()
                        .filter(f -> !result.accepted().containsKey(f))
                        .anyMatch(
                                f ->
                                        f.severity() == Severity.HURT
                                                || f.severity() == Severity.BREAK)
                ? 1
                : 0;
    }

    private Map<String, Object> value(
            Finding finding, Manual manual, FindingSentences sentences, Acceptance accepted) {
        Map<String, Object> value = new LinkedHashMap<>();
        value.put("id", finding.id());
        value.put("rule", finding.rule().id());
        value.put("severity", finding.severity().name().toLowerCase(Locale.ROOT));
        value.put("subject", finding.subject());
        value.put("steps", finding.steps());
        value.put("variants", finding.variants());
        value.put("sentence", sentences.of(finding));
        value.put(
                "evidence",
                new ManualJson()
                        .list(
                                finding.steps().stream()
                                        .flatMap(s -> manual.step(s).stream())
                                        .map(Step::evidence)
                                        .flatMap(List::stream)
                                        .toList()));
        value.put("accepted", accepted);
        return value;
    }

    private void print(List<Finding> seen, Checks.Result result, FindingSentences sentences) {
        result.coverage().unfollowed(words).ifPresent(Output::line);
        for (Severity severity : Severity.values()) {
            List<String> lines = new ArrayList<>();
            seen.stream()
                    .filter(f -> f.severity() == severity && !result.accepted().containsKey(f))
                    .forEach(f -> lines.add("  " + sentences.of(f)));
            if (!lines.isEmpty()) {
                Output.line(words.of(severity) + ": " + lines.size());
                lines.forEach(Output::line);
            }
        }
        if (seen.isEmpty()) {
            Output.line(words.of("check.nothing"));
        }
        long accepted = seen.stream().filter(result.accepted()::containsKey).count();
        if (accepted > 0) {
            Output.line(words.of("check.accepted", accepted));
        }
    }
}
