package methodos.core.sheet;

import java.util.List;
import java.util.function.UnaryOperator;
import methodos.core.edit.Edit;
import methodos.core.edit.EditKind;
import methodos.core.manual.Manual;

/**
 * A sheet held against the manual: what it would change there.
 *
 * @param items what is new, changed, or not named by the sheet
 * @param problems cells that were not understood; with any, nothing is to be taken in
 * @param kind of the change, as undo shows it
 */
public record SheetReading(
        List<Item> items, List<RowProblem> problems, EditKind kind, UnaryOperator<Manual> change) {

    /** What happens to a thing. */
    public enum Fate {
        ADDED,
        CHANGED,
        /** The sheet does not name it; it stays as it is. */
        ABSENT
    }

    /**
     * @param what its name
     * @param differences field by field, "size: M6 → M6 × 25"
     * @param steps how many steps use it
     * @param figures how many figures point to it
     */
    public record Item(Fate fate, String what, List<String> differences, int steps, int figures) {
        public Item {
            differences = List.copyOf(differences);
        }
    }

    public SheetReading {
        items = List.copyOf(items);
        problems = List.copyOf(problems);
    }

    static SheetReading refused(List<RowProblem> problems, EditKind kind) {
        return new SheetReading(List.of(), problems, kind, m -> m);
    }

    /** How many things of the list have a fate. */
    public long count(Fate fate) {
        return items.stream().filter(i -> i.fate() == fate).count();
    }

    /**
     * Takes the sheet into the manual, as one change.
     *
     * @throws IllegalStateException if cells were not understood: nothing is taken in by halves
     */
    public Edit edit() {
        if (!problems.isEmpty()) {
            throw new IllegalStateException("the sheet has rows that are not understood");
        }
        return Edit.named(kind, change);
    }
}
