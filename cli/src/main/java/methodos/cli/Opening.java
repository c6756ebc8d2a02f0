package methodos.cli;

import java.nio.file.Path;
import methodos.desktop.DesktopProgram;

/** Opens the window; apart, so that a command does not load what only the window needs. */
final class Opening {

    private Opening() {}

    /**
     * @param project null to begin with what was worked on last
     */
    static int of(Path project) throws Exception {
        try (DemoCopies copies = new DemoCopies()) {
            return DesktopProgram.open(project, new DesktopProgram.Gear(Recognisers.all(), copies));
        }
    }
}
