package methodos.cli;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.StepNumbers;
import methodos.files.project.ManualJson;
import methodos.files.project.ProjectFolder;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(name = "show", mixinStandardHelpOptions = true, description = "Prints a manual.")
final class ShowCommand implements Callable<Integer> {

    @Parameters(paramLabel = "PROJECT", description = "the project")
    private Path project;

    @Option(names = "--json", description = "prints the whole manual as JSON")
    private boolean json;

    @Override
    public Integer call() throws Exception {
        Manual manual = ProjectFolder.read(project).manual();
        if (json) {
            ManualJson format = new ManualJson();
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
