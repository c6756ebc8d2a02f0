package methodos.core.sheet;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import methodos.core.quantity.Quantity;

/** Which column of a sheet holds which field. */
public final class Columns {

    /** "Torque (N·m)", "torque [lbf·in]", "length in mm". */
    private static final Pattern UNIT =
            Pattern.compile("(.*?)\\s*(?:\\(([^)]*)\\)|\\[([^]]*)]|\\bin\\s+(\\S+))\\s*");

    private static final Pattern NUMBERS = Pattern.compile("[\\s\\d.,/½¼¾⅛⅜⅝⅞–-]+");

    private final Sheet sheet;
    private final Map<Field, Integer> at;
    private final Map<Field, Integer> alsoAt;

    private Columns(Sheet sheet, Map<Field, Integer> at, Map<Field, Integer> alsoAt) {
        this.sheet = sheet;
        this.at = at;
        this.alsoAt = alsoAt;
    }

    /**
     * Knows the columns by their headers: the first one that is spelled like a field is taken;
     * case, dots, dashes and spaces do not count, nor does a unit in brackets.
     */
    public static Columns guess(Sheet sheet, List<Field> fields) {
        Map<Field, Integer> at = new HashMap<>();
        Map<Field, Integer> alsoAt = new HashMap<>();
        for (Field field : fields) {
            for (int i = 0; i < sheet.header().size() && !alsoAt.containsKey(field); i++) {
                String head = sheet.header().get(i);
                if (!at.containsValue(i)
                        && field.spellings().stream()
                                .map(Columns::plain)
                                .anyMatch(
                                        s ->
                                                s.equals(plain(head))
                                                        || s.equals(plain(withoutUnit(head))))) {
                    (at.containsKey(field) ? alsoAt : at).put(field, i);
                }
            }
        }
        return new Columns(sheet, at, alsoAt);
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}#]", "");
    }

    private static String withoutUnit(String head) {
        Matcher unit = UNIT.matcher(head);
        return unit.matches() ? unit.group(1) : head;
    }

    /** The same with a column for another field; a column tells one thing only. */
    public Columns with(int column, Field field) {
        Map<Field, Integer> changed = new HashMap<>(at);
        changed.values().removeIf(i -> i == column);
        if (field != null) {
            changed.put(field, column);
        }
        // what somebody has chosen is no longer in doubt
        Map<Field, Integer> doubtful = new HashMap<>(alsoAt);
        doubtful.remove(field);
        doubtful.values().removeIf(i -> i == column);
        doubtful.keySet().removeIf(f -> !changed.containsKey(f));
        return new Columns(sheet, changed, doubtful);
    }

    /** What a column is taken for. */
    public Optional<Field> field(int column) {
        return at.entrySet().stream()
                .filter(e -> e.getValue() == column)
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /** Whether the list has a column for a field. */
    public boolean has(Field field) {
        return at.containsKey(field);
    }

    /** The text of a cell; empty where there is no such column. */
    public String text(Sheet.Row row, Field field) {
        return row.cell(at.getOrDefault(field, -1));
    }

    /**
     * A cell as a quantity; where it has no unit of its own, with that of the header.
     *
     * @throws IllegalArgumentException with a sentence if it is none
     */
    Quantity quantity(Sheet.Row row, Field field) {
        String text = text(row, field);
        if (NUMBERS.matcher(text).matches()) {
            Matcher unit = UNIT.matcher(head(field));
            if (unit.matches()) {
                for (int i = 2; i <= unit.groupCount(); i++) {
                    text += unit.group(i) == null ? "" : " " + unit.group(i);
                }
            }
        }
        return Quantity.parse(text);
    }

    /** A sentence about a cell, with the header as the sheet spells it. */
    RowProblem problem(Sheet.Row row, Field field, String reason) {
        return new RowProblem(row.line(), head(field), reason);
    }

    private String head(Field field) {
        Integer column = at.get(field);
        return column == null ? field.spellings().get(0) : sheet.header().get(column);
    }

    /** What is said where two columns could be the same thing. */
    List<RowProblem> ambiguous() {
        return alsoAt.entrySet().stream()
                .sorted(Map.Entry.comparingByValue())
                .map(
                        e ->
                                new RowProblem(
                                        1,
                                        "header",
                                        "Two columns could be the "
                                                + e.getKey().spellings().get(0)
                                                + ": “"
                                                + head(e.getKey())
                                                + "” and “"
                                                + sheet.header().get(e.getValue())
                                                + "”."))
                .toList();
    }

    /** What is said of fields that nothing can be read without. */
    List<RowProblem> missing(List<Field> fields) {
        return fields.stream()
                .filter(f -> f.required() && !has(f))
                .map(
                        f ->
                                new RowProblem(
                                        1,
                                        "header",
                                        "No column is called " + f.spellings().get(0) + "."))
                .toList();
    }
}
