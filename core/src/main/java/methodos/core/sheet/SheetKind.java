package methodos.core.sheet;

import java.util.ArrayList;
import java.util.List;
import methodos.core.edit.EditKind;
import methodos.core.manual.Manual;

/** What a sheet can be a list of. */
public enum SheetKind {
    PARTS(PartSheet.FIELDS, EditKind.IMPORT_PARTS, PartSheet::of),
    KITS(KitSheet.FIELDS, EditKind.IMPORT_KITS, KitSheet::of),
    TOOLS(ToolSheet.FIELDS, EditKind.IMPORT_TOOLS, ToolSheet::of),
    TORQUES(TorqueSheet.FIELDS, EditKind.IMPORT_TORQUES, TorqueSheet::of);

    private interface Reader {
        SheetReading read(Sheet sheet, Columns columns, Manual manual);
    }

    private final List<Field> fields;
    private final EditKind edit;
    private final Reader reader;

    SheetKind(List<Field> fields, EditKind edit, Reader reader) {
        this.fields = fields;
        this.edit = edit;
        this.reader = reader;
    }

    /** What its columns can tell. */
    public List<Field> fields() {
        return fields;
    }

    /** Which column is which, by their headings. */
    public Columns guess(Sheet sheet) {
        return Columns.guess(sheet, fields);
    }

    /** The kind that most of the columns of a sheet suit; parts where that tells nothing. */
    public static SheetKind likeliest(Sheet sheet) {
        SheetKind best = PARTS;
        long most = -1;
        for (SheetKind kind : values()) {
            Columns columns = kind.guess(sheet);
            boolean whole = columns.missing(kind.fields()).isEmpty();
            long known = kind.fields().stream().filter(columns::has).count();
            if (whole && known > most) {
                best = kind;
                most = known;
            }
        }
        return best;
    }

    /** The sheet read with its columns as they were guessed. */
    public SheetReading read(Sheet sheet, Manual manual) {
        return read(sheet, guess(sheet), manual);
    }

    /** What the list would change, or which cells are not understood; nothing is changed by it. */
    public SheetReading read(Sheet sheet, Columns columns, Manual manual) {
        List<RowProblem> unclear = new ArrayList<>(columns.missing(fields));
        unclear.addAll(columns.ambiguous());
        return unclear.isEmpty()
                ? reader.read(sheet, columns, manual)
                : SheetReading.refused(unclear, edit);
    }
}
