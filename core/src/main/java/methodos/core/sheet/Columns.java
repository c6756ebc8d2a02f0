package methodos.core.sheet;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Which column of a sheet holds which field, by the spellings of its header.
 *
 * @param <F> the fields
 */
public final class Columns<F extends Enum<F>> {

    private final Map<F, Integer> at;

    private Columns(Map<F, Integer> at) {
        this.at = at;
    }

    /**
     * The first column that is spelled like a field is taken; case, dots, dashes and spaces do not
     * count.
     *
     * @param spellings of each field, the usual one first
     */
    public static <F extends Enum<F>> Columns<F> of(
            Sheet sheet, Class<F> fields, Map<F, List<String>> spellings) {
        Map<F, Integer> at = new EnumMap<>(fields);
        for (F field : fields.getEnumConstants()) {
            for (int i = 0; i < sheet.header().size() && !at.containsKey(field); i++) {
                String head = plain(sheet.header().get(i));
                if (!at.containsValue(i)
                        && spellings.get(field).stream().anyMatch(s -> plain(s).equals(head))) {
                    at.put(field, i);
                }
            }
        }
        return new Columns<>(at);
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}#]", "");
    }

    public boolean has(F field) {
        return at.containsKey(field);
    }

    public String text(Sheet.Row row, F field) {
        return row.cell(at.getOrDefault(field, -1));
    }

    /** The header of a field as the sheet spells it. */
    public Optional<String> head(Sheet sheet, F field) {
        return Optional.ofNullable(at.get(field)).map(sheet.header()::get);
    }
}
