package methodos.cli;

import java.io.PrintWriter;
import methodos.files.project.ProjectProblem;
import methodos.files.sheet.SheetProblem;
import methodos.footage.FootageProblem;
import methodos.publish.PublishProblem;
import org.slf4j.LoggerFactory;
import picocli.CommandLine;

/** Turns what went wrong into one sentence and an exit status. */
final class Failure {

    static final int WRONG_USE = 2;
    static final int BAD_INPUT = 3;
    static final int INTERNAL = 4;

    private Failure() {}

    static int report(Exception e, CommandLine command, boolean verbose) {
        if (e instanceof CommandLine.ParameterException wrong) {
            return wrongUse(wrong, new String[0]);
        }
        PrintWriter err = command.getErr();
        int status;
        if (e instanceof ProjectProblem
                || e instanceof FootageProblem
                || e instanceof PublishProblem
                || e instanceof SheetProblem) {
            err.println(e.getMessage());
            status = BAD_INPUT;
        } else {
            LoggerFactory.getLogger(Failure.class).error("internal error", e);
            err.println(
                    "Something went wrong inside the program. A report is in "
                            + System.getProperty("methodos.log")
                            + ".");
            status = INTERNAL;
        }
        if (verbose) {
            e.printStackTrace(err);
        }
        err.flush();
        return status;
    }

    static int wrongUse(CommandLine.ParameterException e, String[] args) {
        CommandLine command = e.getCommandLine();
        PrintWriter err = command.getErr();
        err.println(e.getMessage());
        err.println(
                command.getHelp().fullSynopsis().strip()
                        + "  ("
                        + command.getCommandName()
                        + " --help tells more)");
        err.flush();
        return WRONG_USE;
    }
}
