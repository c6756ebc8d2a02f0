package methodos.files.recent;

import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.files.project.AtomicFile;
import org.slf4j.LoggerFactory;

/**
 * The projects that were open on this machine, the last one first. They are a convenience: a list
 * that cannot be read or written is told to the log, and nothing else waits for it.
 */
public final class RecentProjects {

    private static final int MOST = 12;
    private static final ObjectMapper JSON =
            new ObjectMapper().disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES);

    private final Path file;

    /**
     * @param settings the program's folder for settings
     */
    public RecentProjects(Path settings) {
        this.file = settings.resolve("recent.json");
    }

    public List<RecentProject> all() {
        if (!Files.exists(file)) {
            return List.of();
        }
        try {
            RecentProject[] all = JSON.readValue(file.toFile(), RecentProject[].class);
            return List.of(all).stream().filter(p -> p.folder() != null).toList();
        } catch (IOException | RuntimeException e) {
            LoggerFactory.getLogger(RecentProjects.class).info("{} is begun anew", file, e);
            return List.of();
        }
    }

    public Optional<RecentProject> of(Path folder) {
        String absolute = absolute(folder);
        return all().stream().filter(p -> p.folder().equals(absolute)).findFirst();
    }

    /** Puts a project first. */
    public void keep(RecentProject project) {
        List<RecentProject> all = others(project.path());
        all.add(0, project);
        write(all.subList(0, Math.min(MOST, all.size())));
    }

    /** Takes a project out of the list; the project itself stays as it is. */
    public void forget(Path folder) {
        write(others(folder));
    }

    public static String absolute(Path folder) {
        return folder.toAbsolutePath().normalize().toString();
    }

    private List<RecentProject> others(Path folder) {
        List<RecentProject> others = new ArrayList<>(all());
        others.removeIf(p -> p.folder().equals(absolute(folder)));
        return others;
    }

    private void write(List<RecentProject> all) {
        try {
            Files.createDirectories(file.getParent());
            AtomicFile.write(file, JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(all));
        } catch (IOException e) {
            LoggerFactory.getLogger(RecentProjects.class).warn("{} was not written", file, e);
        }
    }
}
