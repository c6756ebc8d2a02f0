package methodos.files.project;

import java.nio.file.Path;

/**
 * Something is wrong with a project, a file that is brought in, or the disk.
 *
 * <p>Carries the sentence for people; what lies behind it is the cause.
 */
public final class ProjectProblem extends Exception {

    private static final long serialVersionUID = 1L;

    public ProjectProblem(String sentence) {
        super(sentence);
    }

    public ProjectProblem(String sentence, Throwable cause) {
        super(sentence, cause);
    }

    /** The sentence for an input or output that failed, by what the system says about it. */
    public static ProjectProblem of(Path path, java.io.IOException cause) {
        String text = String.valueOf(cause.getMessage());
        if (cause instanceof java.nio.file.NoSuchFileException) {
            return new ProjectProblem(path + " does not exist.", cause);
        }
        if (cause instanceof java.nio.file.AccessDeniedException || text.contains("Read-only")) {
            return new ProjectProblem(path + " cannot be written: the folder is read-only.", cause);
        }
        if (text.contains("No space left")) {
            return new ProjectProblem(
                    path + " cannot be written: the disk is full. Nothing was changed.", cause);
        }
        return new ProjectProblem(path + " cannot be read or written: " + text, cause);
    }
}
