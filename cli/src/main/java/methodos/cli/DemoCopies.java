package methodos.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.stream.Stream;
import methodos.demo.DemoProject;
import methodos.desktop.DesktopProgram;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.ProjectFolder;
import org.slf4j.LoggerFactory;

/** Copies of the demo to look at and to try things on; they are gone when the program ends. */
final class DemoCopies implements DesktopProgram.Demo, AutoCloseable {

    private static final String COPIES = "methodos-demo-";

    private final Path temporary = temporary(ProcessHandle.current().pid());
    private int made;

    /** The folder for a fresh copy. */
    Path next(DemoProject manual) throws ProjectProblem {
        sweep();
        made++;
        Path folder = temporary.resolve(String.valueOf(made));
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw ProjectProblem.writing(folder, e);
        }
        return folder.resolve(manual.name().toLowerCase(Locale.ROOT) + ".methodos");
    }

    @Override
    public Path copy() throws ProjectProblem {
        Path folder = next(DemoProject.QA_80);
        try {
            DemoProject.QA_80.copyTo(folder);
        } catch (IOException e) {
            ProjectFolder.remove(folder, true); // no half of a demo is left
            throw ProjectProblem.writing(folder, e);
        }
        return folder;
    }

    private static Path temporary(long pid) {
        return Path.of(System.getProperty("java.io.tmpdir"), COPIES + pid);
    }

    /** Removes the copies of programs that were killed. */
    private static void sweep() {
        try (Stream<Path> all = Files.list(Path.of(System.getProperty("java.io.tmpdir")))) {
            for (Path path : all.toList()) {
                String name = path.getFileName().toString();
                if (name.matches(COPIES + "\\d{1,18}")) {
                    long pid = Long.parseLong(name.substring(COPIES.length()));
                    if (ProcessHandle.of(pid).isEmpty()) {
                        ProjectFolder.remove(path, true);
                    }
                }
            }
        } catch (IOException e) {
            LoggerFactory.getLogger(DemoCopies.class).info("old copies were not swept", e);
        }
    }

    @Override
    public void close() {
        ProjectFolder.remove(temporary, true);
    }
}
