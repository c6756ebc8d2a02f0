package methodos.cli;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.StepNumbers;
import methodos.files.project.ManualJson;
import methodos.files.project.ProjectFolder;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(name = "show", mixinStandardHelpOptions = true, description = "Prints a manual.")
final class ShowCommand implements Callable<Integer> {

    @ArgGroup(multiplicity = "1")
    private Shown shown;

    /** A project, or the form that all have. */
    private static final class Shown {
        @Parameters(paramLabel = "PROJECT", description = "the project")
        private Path project;

        @Option(names = "--schema", description = "prints the JSON Schema of a manual")
        private boolean schema;
    }

    @Option(names = "--json", description = "prints the whole manual as JSON")
    private boolean json;

    @Override
    public Integer call() throws Exception {
        ManualJson format = new ManualJson();
        if (shown.schema) {
            Output.line(format.print(format.schema()));
            return 0;
        }
        Manual manual = ProjectFolder.read(shown.project).manual();
        if (json) {
            Output.line(format.print(format.write(manual)));
            return 0;
        }
        Output.line(manual.title());
        StepNumbers numbers = new StepNumbers(manual, Sight.EVERYTHING);
        manual.steps()
                .forEach(s -> Output.line(numbers.of(s.id()).orElseThrow() + "  " + s.text()));
        return 0;
    }
}
