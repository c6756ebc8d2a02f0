package methodos.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import methodos.files.folders.AppFolders;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Illustrated overhaul instructions from recorded teardown footage. */
@Command(
        name = "methodos",
        mixinStandardHelpOptions = true,
        version = "Methodos 0.1.0",
        description = "Opens the program, or does one thing and ends.")
public final class Methodos implements Callable<Integer> {

    @Spec private CommandSpec spec;

    @Parameters(arity = "0..1", paramLabel = "PROJECT", description = "the project to open")
    private Path project;

    @Option(
            names = "--verbose",
            scope = CommandLine.ScopeType.INHERIT,
            description = "adds the details of an error")
    private boolean verbose;

    public static void main(String[] args) {
        System.setProperty("java.util.logging.manager", QuietLogManager.class.getName());
        System.setProperty("methodos.log", AppFolders.ofThisMachine().log().toString());
        System.exit(run(args));
    }

    /** Runs a command and gives its exit status, without ending the program. */
    static int run(String... args) {
        Methodos main = new Methodos();
        CommandLine line = Commands.line(main, args);
        line.setCaseInsensitiveEnumValuesAllowed(true);
        line.setExecutionExceptionHandler((e, cmd, parsed) -> Failure.report(e, cmd, main.verbose));
        line.setParameterExceptionHandler(Failure::wrongUse);
        try {
            return line.execute(args);
        } catch (Error e) {
            return Failure.report(e, line);
        }
    }

    @Override
    public Integer call() throws Exception {
        // a single word is a command that is written wrongly; a path is where a manual is wanted
        boolean word = project != null && project.getNameCount() == 1 && !project.isAbsolute();
        if (project != null && !Files.exists(project) && word) {
            throw new CommandLine.ParameterException(
                    spec.commandLine(), "There is no command and no project “" + project + "”.");
        }
        return Opening.of(project);
    }
}
