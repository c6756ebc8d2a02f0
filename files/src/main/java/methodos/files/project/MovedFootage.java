package methodos.files.project;

import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.files.problem.ProjectProblem;

/**
 * Finds recordings that are no longer where a manual says. Size and then content (SHA-256) decide;
 * the name only says where to look first, since people rename files as they move them.
 */
public final class MovedFootage {

    private static final int DEEPEST = 12;

    private final Path project;
    private final Manual manual;

    /**
     * @param project the project folder
     */
    public MovedFootage(Path project, Manual manual) {
        this.project = project.toAbsolutePath().normalize();
        this.manual = manual;
    }

    /** The clips whose recordings are not where the manual says. */
    public List<Clip> missing() {
        return manual.clips().stream()
                .filter(c -> !Files.isRegularFile(project.resolve(c.path())))
                .toList();
    }

    /**
     * Looks for the missing recordings in a folder and all below it.
     *
     * @return the clips that were found, with their new paths; folders that cannot be read are
     *     passed over
     * @throws ProjectProblem if the folder itself cannot be read
     */
    public List<Clip> findIn(Path folder) throws ProjectProblem {
        List<Clip> missing = missing();
        List<Path> candidates = new ArrayList<>();
        try {
            Files.walkFileTree(
                    folder.toAbsolutePath().normalize(),
                    EnumSet.noneOf(java.nio.file.FileVisitOption.class),
                    DEEPEST,
                    new SimpleFileVisitor<>() {
                        @Override
                        public FileVisitResult visitFile(Path file, BasicFileAttributes is) {
                            if (is.isRegularFile()
                                    && missing.stream().anyMatch(c -> c.size() == is.size())) {
                                candidates.add(file);
                            }
                            return FileVisitResult.CONTINUE;
                        }

                        @Override
                        public FileVisitResult visitFileFailed(Path file, IOException e)
                                throws IOException {
                            if (file.equals(folder.toAbsolutePath().normalize())) {
                                throw e;
                            }
                            return FileVisitResult.CONTINUE;
                        }
                    });
        } catch (IOException e) {
            throw ProjectProblem.reading(folder, e);
        }
        List<Clip> found = new ArrayList<>();
        for (Clip clip : missing) {
            candidates.sort(Comparator.comparing((Path p) -> !sameName(p, clip)));
            for (Path candidate : candidates) {
                if (isRecordingOf(clip, candidate)) {
                    found.add(clip.withPath(ClipFiles.relative(project, candidate)));
                    break;
                }
            }
        }
        return found;
    }

    private static boolean sameName(Path file, Clip clip) {
        return clip.path().endsWith(file.getFileName().toString());
    }

    private static boolean isRecordingOf(Clip clip, Path file) {
        try {
            return Files.size(file) == clip.size() && Digest.of(file).equals(clip.digest());
        } catch (IOException e) {
            return false; // a file that cannot be read is no place to find it
        }
    }
}
