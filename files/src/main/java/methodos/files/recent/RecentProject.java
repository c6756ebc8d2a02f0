package methodos.files.recent;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;

/**
 * A project that was open on this machine.
 *
 * @param folder absolute path
 * @param when when it was left, as in ISO 8601
 * @param open how many points were open
 * @param drafted how many drafted steps were not settled
 * @param picture of its first figure, below the folder; empty where it has none
 */
public record RecentProject(
        String folder,
        String title,
        String when,
        int open,
        int drafted,
        String picture,
        ViewState view) {

    public RecentProject {
        title = title == null ? "" : title;
        when = when == null ? Instant.EPOCH.toString() : when;
        picture = picture == null ? "" : picture;
        view = view == null ? ViewState.NONE : view;
    }

    public Path path() {
        return Path.of(folder);
    }

    /** Whether it is where it was; a stick may be pulled out. */
    public boolean there() {
        return Files.isDirectory(path());
    }
}
