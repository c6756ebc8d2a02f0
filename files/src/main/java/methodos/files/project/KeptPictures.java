package methodos.files.project;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.Optional;
import methodos.files.problem.ProjectProblem;
import org.slf4j.LoggerFactory;

/** The kept stills of a project, for reading alone; one that is missing is logged and left out. */
public final class KeptPictures {

    private final Stills stills;

    public KeptPictures(Path project) {
        this.stills = new Stills(project.resolve("stills"));
    }

    public Optional<BufferedImage> still(String digest) {
        try {
            return Optional.of(stills.read(digest));
        } catch (ProjectProblem e) {
            LoggerFactory.getLogger(KeptPictures.class).warn("left out of the publication", e);
            return Optional.empty();
        }
    }
}
