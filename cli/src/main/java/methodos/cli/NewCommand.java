package methodos.cli;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import methodos.cli.output.Output;
import methodos.core.manual.Manual;
import methodos.files.project.ProjectFolder;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(name = "new", mixinStandardHelpOptions = true, description = "Makes a project.")
final class NewCommand implements Callable<Integer> {

    @Parameters(paramLabel = "PROJECT", description = "a folder that does not exist yet")
    private Path project;

    @Option(names = "--title", required = true, description = "title of the manual")
    private String title;

    @Override
    public Integer call() throws Exception {
        ProjectFolder.create(project, Manual.titled(title)).close();
        Output.line(project.toString());
        return 0;
    }
}
