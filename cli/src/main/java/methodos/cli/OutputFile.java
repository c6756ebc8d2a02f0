package methodos.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import methodos.files.problem.ProjectProblem;

/** What a command may write over: neither what it reads, nor a device or folder. */
final class OutputFile {

    private OutputFile() {}

    /**
     * @throws ProjectProblem if the output is the input, or no ordinary file
     */
    static void require(Path out, Path input) throws ProjectProblem {
        if (!Files.exists(out)) {
            return;
        }
        if (!Files.isRegularFile(out)) {
            throw new ProjectProblem(out + " is no file that can be replaced.");
        }
        try {
            if (Files.exists(input) && Files.isSameFile(out, input)) {
                throw new ProjectProblem(
                        out + " is what is read itself; give another file to write.");
            }
        } catch (IOException e) {
            throw ProjectProblem.writing(out, e);
        }
    }
}
