package methodos.cli;

import java.io.PrintWriter;
import methodos.cli.output.Output;
import methodos.files.problem.ProjectProblem;
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
    private static final int LONGEST = 1000;

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
                || e instanceof SheetProblem
                || e instanceof Output.OutputLost) {
            err.println(sentence(e));
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

    /**
     * What even the program's own errors end in: a sentence and a status.
     *
     * @param error out of memory, or too deep
     */
    static int report(Error error, CommandLine command) {
        LoggerFactory.getLogger(Failure.class).error("internal error", error);
        PrintWriter err = command.getErr();
        boolean memory = error instanceof OutOfMemoryError;
        err.println(
                memory
                        ? "There is not enough memory for this."
                        : "Something went wrong inside the program. A report is in "
                                + System.getProperty("methodos.log")
                                + ".");
        err.flush();
        return memory ? BAD_INPUT : INTERNAL;
    }

    /** On one line, without signs of control that stood in a file or its name, and not for ever. */
    private static String sentence(Exception e) {
        String plain = String.valueOf(e.getMessage()).replaceAll("\\p{Cntrl}+", " ");
        return plain.length() > LONGEST ? plain.substring(0, LONGEST) + "…" : plain;
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
