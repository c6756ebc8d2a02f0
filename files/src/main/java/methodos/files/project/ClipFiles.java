package methodos.files.project;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.files.problem.ProjectProblem;

/** Brings recordings into a manual; the recordings themselves stay where they are. */
public final class ClipFiles {

    private ClipFiles() {}

    /**
     * A clip for a recording, with the next free id.
     *
     * @param duration in seconds, as the recording was probed
     * @throws ProjectProblem if the file cannot be read, or is in the manual already
     */
    public static Clip clip(Manual manual, Path project, Path recording, double duration)
            throws ProjectProblem {
        try {
            Path file = recording.toAbsolutePath().normalize();
            String digest = Digest.of(file);
            for (Clip other : manual.clips()) {
                if (other.digest().equals(digest)) {
                    throw new ProjectProblem(
                            recording + " is in the manual already, as " + other.name() + ".");
                }
            }
            String name = file.getFileName().toString().replaceFirst("\\.[^.]+$", "");
            return new Clip(
                    manual.nextId("clip"),
                    name,
                    relative(project.toAbsolutePath().normalize(), file),
                    Files.size(file),
                    digest,
                    duration,
                    null,
                    null);
        } catch (IOException e) {
            throw ProjectProblem.reading(recording, e);
        }
    }

    static String relative(Path project, Path file) {
        boolean sameRoot = project.getRoot() != null && project.getRoot().equals(file.getRoot());
        Path path = sameRoot ? project.relativize(file) : file;
        return path.toString().replace('\\', '/');
    }
}
