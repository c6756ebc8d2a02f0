package methodos.publish.document;

import java.nio.file.Path;
import java.util.Optional;
import methodos.core.manual.Step;
import methodos.publish.PublishProblem;

/** Makes the short films that a publication for the screen shows beside its steps. */
@FunctionalInterface
public interface Films {

    /** A publication without films. */
    Films NONE = (step, folder, name) -> Optional.empty();

    /**
     * @param file name of the film within the publication's folder
     * @param captions what is said in it as WebVTT, empty where nothing is; a page that is opened
     *     from a file may read no file of captions
     */
    record Film(String file, String captions) {}

    /**
     * Writes the film of a step.
     *
     * @param folder the publication's folder
     * @param name of the film within it, without an ending
     * @return nothing where the step has no footage
     * @throws PublishProblem if it cannot be made or written
     */
    Optional<Film> of(Step step, Path folder, String name) throws PublishProblem;
}
