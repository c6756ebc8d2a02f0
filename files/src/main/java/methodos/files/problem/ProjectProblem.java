package methodos.files.problem;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.nio.file.Path;

/**
 * Something is wrong with a project, a file that is brought in, or the disk.
 *
 * <p>Carries the sentence for people; what lies behind it is the cause.
 */
public class ProjectProblem extends Exception {

    private static final long serialVersionUID = 1L;
    private static final int LONGEST_REASON = 160;

    public ProjectProblem(String sentence) {
        super(sentence);
    }

    public ProjectProblem(String sentence, Throwable cause) {
        super(sentence, cause);
    }

    /** The sentence for a file that cannot be read, by what the system says about it. */
    public static ProjectProblem reading(Path path, IOException cause) {
        if (cause instanceof NoSuchFileException) {
            return new ProjectProblem(path + " does not exist.", cause);
        }
        if (cause instanceof AccessDeniedException) {
            return new ProjectProblem(path + " may not be read.", cause);
        }
        return new ProjectProblem(path + " cannot be read: " + reason(cause) + ".", cause);
    }

    /** The sentence for a file or folder that cannot be written. */
    public static ProjectProblem writing(Path path, IOException cause) {
        String text = String.valueOf(cause.getMessage());
        if (text.contains("No space left") || text.contains("quota")) {
            return new ProjectProblem(path + " cannot be written: the disk is full.", cause);
        }
        if (cause instanceof AccessDeniedException || text.contains("Read-only")) {
            return new ProjectProblem(path + " cannot be written: the folder is read-only.", cause);
        }
        if (cause instanceof NoSuchFileException) {
            return new ProjectProblem(
                    path + " cannot be written: there is no folder " + path.getParent() + ".",
                    cause);
        }
        if (cause instanceof NotDirectoryException) {
            return new ProjectProblem(
                    path + " cannot be written: " + path.getParent() + " is no folder.", cause);
        }
        return new ProjectProblem(path + " cannot be written: " + reason(cause) + ".", cause);
    }

    /** What the system says, on one line and not for ever. */
    private static String reason(IOException cause) {
        String text =
                cause instanceof FileSystemException f && f.getReason() != null
                        ? f.getReason()
                        : String.valueOf(cause.getMessage());
        String plain = text.replaceAll("\\p{Cntrl}", " ").replaceAll("\\.+$", "").strip();
        return plain.length() > LONGEST_REASON ? plain.substring(0, LONGEST_REASON) + "…" : plain;
    }
}
