package methodos.cli;

import picocli.CommandLine;
import picocli.CommandLine.Model.CommandSpec;

/** Numbers of the command line that have to make sense. */
final class Numbers {

    /** A clip is no longer than that. */
    private static final double LONGEST_SECONDS = 1e7;

    private Numbers() {}

    /** Seconds in a clip; what is no time at all is wrong use. */
    static void time(CommandSpec spec, String option, double seconds) {
        if (!(Math.abs(seconds) <= LONGEST_SECONDS)) {
            throw new CommandLine.ParameterException(
                    spec.commandLine(), option + " is a time in seconds, not " + seconds + ".");
        }
    }
}
