package methodos.desktop.control;

import java.util.Optional;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;

/** A part as a line of a list from which one is picked: the number of its item, and its name. */
public final class PartLine {

    /** Between the number and the name, so that either of them can be told from the line. */
    static final String BETWEEN = "  ";

    private PartLine() {}

    public static String of(Part part) {
        return part.item().isEmpty() ? part.label() : part.item() + BETWEEN + part.label();
    }

    /** The part that a picked line names; empty where it is new. */
    public static Optional<Part> part(Manual manual, String line) {
        return manual.parts().stream().filter(p -> of(p).equals(line)).findFirst();
    }
}
