package methodos.files.project;

import methodos.files.problem.ProjectProblem;

/** A manual was written by a newer version of the program: it is whole, but not for this one. */
final class NewerFormat extends ProjectProblem {

    private static final long serialVersionUID = 1L;

    NewerFormat(String sentence) {
        super(sentence);
    }
}
