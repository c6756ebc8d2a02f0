package methodos.cli;

import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.files.problem.ProjectProblem;

/** The clip that a command is meant for. */
final class ClipChoice {

    private ClipChoice() {}

    /**
     * The clip of that id or name; without one the only clip there is.
     *
     * @throws ProjectProblem if there is none, or it is not clear which
     */
    static Clip of(Manual manual, String clip) throws ProjectProblem {
        if (clip == null && manual.clips().size() == 1) {
            return manual.clips().get(0);
        }
        return manual.clips().stream()
                .filter(c -> c.id().text().equals(clip) || c.name().equals(clip))
                .findFirst()
                .orElseThrow(
                        () ->
                                new ProjectProblem(
                                        clip == null
                                                ? "Say with --clip which clip the captions belong to."
                                                : "There is no clip " + clip + " in the project."));
    }
}
