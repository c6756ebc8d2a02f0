package methodos.desktop;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.ProjectFolder;

/** Opens the project that the program is started with while the toolkit still starts. */
final class OpenedAhead {

    private final Path folder;
    private FutureTask<ProjectFolder> opening;

    /**
     * @param folder null where the program is started without a project
     */
    OpenedAhead(Path folder) {
        this.folder = folder;
        if (folder != null && Files.exists(folder.resolve("manual.json"))) {
            opening = new FutureTask<>(() -> ProjectFolder.open(folder));
            Thread thread = new Thread(opening, "opening");
            thread.setDaemon(true);
            thread.start();
        }
    }

    /**
     * The project of a folder: what was opened ahead, once; else it is opened now.
     *
     * @throws ProjectProblem if it cannot be opened
     */
    ProjectFolder open(Path wanted) throws ProjectProblem {
        if (opening == null || !wanted.equals(folder)) {
            return ProjectFolder.open(wanted);
        }
        FutureTask<ProjectFolder> ahead = opening;
        opening = null;
        try {
            return ahead.get();
        } catch (ExecutionException e) {
            if (e.getCause() instanceof ProjectProblem problem) {
                throw problem;
            }
            throw new IllegalStateException(e.getCause());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
