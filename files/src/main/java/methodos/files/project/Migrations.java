package methodos.files.project;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.function.UnaryOperator;
import methodos.files.problem.ProjectProblem;

/** Brings manuals of older formats to the present one, and refuses those of newer ones. */
final class Migrations {

    /** The first major format that was ever written. */
    private static final int FIRST = 1;

    private final List<UnaryOperator<ObjectNode>> steps;

    /**
     * @param steps the k-th brings a manual from the k-th major format to the next; there are as
     *     many as there were formats before the present one
     */
    Migrations(List<UnaryOperator<ObjectNode>> steps) {
        this.steps = List.copyOf(steps);
    }

    /**
     * @throws ProjectProblem if the format is missing, wrong, or of a newer major version
     */
    ObjectNode toCurrent(ObjectNode tree, String name) throws ProjectProblem {
        int current = FIRST + steps.size();
        String version = tree.path("format").asText("");
        if (!version.matches("[1-9]\\d{0,5}\\.\\d{1,6}")) {
            throw new ProjectProblem(name + " does not say which format it is written in.");
        }
        int major = Integer.parseInt(version.substring(0, version.indexOf('.')));
        if (major > current) {
            throw new NewerFormat(
                    name
                            + " was written by a newer version of Methodos (format "
                            + version
                            + "). Open it with that version; nothing was changed.");
        }
        ObjectNode result = tree.deepCopy();
        for (int from = major; from < current; from++) {
            result = steps.get(from - FIRST).apply(result);
            result.put("format", from + 1 + ".0");
        }
        return result;
    }
}
