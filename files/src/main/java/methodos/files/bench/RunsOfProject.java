package methodos.files.bench;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import methodos.core.bench.RunSeen;
import methodos.files.problem.ProjectProblem;
import org.slf4j.LoggerFactory;

/** What all runs of a project show. */
public final class RunsOfProject {

    private RunsOfProject() {}

    /** The oldest first; a run that was changed or cannot be read shows nothing. */
    public static List<RunSeen> seen(Path project) {
        List<RunSeen> all = new ArrayList<>();
        try {
            for (Path folder : RunFolder.list(project)) {
                one(folder, all);
            }
        } catch (ProjectProblem e) {
            LoggerFactory.getLogger(RunsOfProject.class).warn("no run can be read", e);
        }
        return all;
    }

    private static void one(Path folder, List<RunSeen> all) {
        try {
            RecordText text = RunFolder.text(folder);
            if (text.changed() == 0) {
                all.add(RunSeen.of(RunFolder.run(folder, text)));
            }
        } catch (ProjectProblem e) {
            LoggerFactory.getLogger(RunsOfProject.class).warn("{} shows nothing", folder, e);
        }
    }
}
