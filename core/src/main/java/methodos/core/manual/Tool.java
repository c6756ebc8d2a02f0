package methodos.core.manual;

import io.soabase.recordbuilder.core.RecordBuilder;
import methodos.core.description.Id;
import methodos.core.description.WrittenIfTrue;
import methodos.core.quantity.Quantity;

/**
 * A tool with its size, its kind, and how it is made where it is made on the spot.
 *
 * @param size of a measuring tool its resolution
 * @param note how it is made, or what to mind
 * @param instead what may be used in its place, null where nothing is said
 * @param sketch id of the figure that shows how it is made, null where there is none
 * @param rated the mass that a lifting aid may carry, null where nothing is said
 * @param heard whether it is here only because the narration names it
 */
@RecordBuilder
public record Tool(
        Id<Tool> id,
        String name,
        String size,
        Kind kind,
        String note,
        Substitute instead,
        Id<Figure> sketch,
        Quantity rated,
        @WrittenIfTrue boolean heard)
        implements ToolBuilder.With {

    public enum Kind {
        STANDARD,
        MEASURING,
        SPECIAL,
        MADE_UP,
        LIFTING
    }

    public Tool {
        name = name == null ? "" : name;
        size = size == null ? "" : size;
        note = note == null ? "" : note;
        kind = kind == null ? Kind.STANDARD : kind;
    }

    /** A tool that nothing takes the place of. */
    public Tool(Id<Tool> id, String name, String size, Kind kind, String note) {
        this(id, name, size, kind, note, null, null, null, false);
    }

    /** Its name and size. */
    public String label() {
        return size.isEmpty() ? name : name + " " + size;
    }
}
