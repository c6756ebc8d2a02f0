package methodos.core.vocabulary;

import java.util.List;

/**
 * A list of words that a company adds to those of the program.
 *
 * @param name the name of the list, such as "tools.txt"
 * @param source where it stands, for messages
 * @param lines as they are written, with comments
 */
public record Wordlist(String name, String source, List<String> lines) {

    public Wordlist {
        lines = List.copyOf(lines);
    }

    /** A line that is not understood. */
    public static final class LineProblem extends Exception {

        /**
         * @param line from 1 on
         * @param why ends with a full stop
         */
        public LineProblem(Wordlist list, int line, String why) {
            super(list.source + ", line " + line + ": " + why);
        }
    }
}
