package methodos.desktop.control;

import javafx.util.StringConverter;
import methodos.core.words.Words;

/** Shows constants by their words. */
public final class WordConverter<T extends Enum<T>> extends StringConverter<T> {

    private final Words words;

    public WordConverter(Words words) {
        this.words = words;
    }

    @Override
    public String toString(T value) {
        return value == null ? "" : words.of(value);
    }

    @Override
    public T fromString(String text) {
        throw new UnsupportedOperationException("the list is not typed into");
    }
}
