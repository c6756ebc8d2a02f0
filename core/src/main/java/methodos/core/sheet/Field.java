package methodos.core.sheet;

import java.util.List;

/**
 * What a column of a sheet can tell.
 *
 * @param key names it in the words of the program, as {@code sheet.key}
 * @param required whether nothing can be read without it
 * @param spellings of its header, the usual one first
 */
public record Field(String key, boolean required, List<String> spellings) {

    static Field of(String key, String... spellings) {
        return new Field(key, false, List.of(spellings));
    }

    Field needed() {
        return new Field(key, true, spellings);
    }
}
