package methodos.files.project;

import java.nio.file.Path;
import java.util.List;
import methodos.files.problem.ProjectProblem;

/** A manual cannot be opened as it is; earlier states of it may be kept beside it. */
public final class ManualDamaged extends ProjectProblem {

    private static final long serialVersionUID = 1L;

    private final transient Path folder;
    private final transient List<KeptState> states;

    ManualDamaged(Path folder, List<KeptState> states, ProjectProblem why) {
        super(sentence(states, why), why);
        this.folder = folder;
        this.states = List.copyOf(states);
    }

    private static String sentence(List<KeptState> states, ProjectProblem why) {
        int kept = states.size();
        return why.getMessage()
                + (kept == 0
                        ? ""
                        : kept == 1
                                ? " An earlier state is kept beside it; open the project in the"
                                        + " window to take it back."
                                : " "
                                        + kept
                                        + " earlier states are kept beside it; open the project in"
                                        + " the window to take one back.");
    }

    public Path folder() {
        return folder;
    }

    /** The states that could be taken back, newest first. */
    public List<KeptState> states() {
        return states;
    }
}
