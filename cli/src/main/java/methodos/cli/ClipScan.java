package methodos.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import methodos.core.scan.Scan;
import methodos.files.cache.KeptScans;
import methodos.files.folders.AppFolders;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.Digest;
import methodos.footage.FootageProblem;
import methodos.footage.Scanner;

/** The scan of a clip, made now or kept from before. */
final class ClipScan {

    private ClipScan() {}

    static Scan of(Path clip) throws FootageProblem, ProjectProblem {
        KeptScans kept = new KeptScans(AppFolders.ofThisMachine().cache());
        String digest = null;
        if (Files.isRegularFile(clip)) {
            try {
                digest = Digest.of(clip);
            } catch (IOException e) {
                throw ProjectProblem.reading(clip, e);
            }
        }
        Optional<Scan> known = digest == null ? Optional.empty() : kept.of(digest);
        if (known.isPresent()) {
            return known.get();
        }
        Scan scan = Scanner.scan(clip, share -> {}, () -> false);
        if (digest != null) {
            kept.keep(digest, scan);
        }
        return scan;
    }
}
