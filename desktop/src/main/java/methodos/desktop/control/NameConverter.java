package methodos.desktop.control;

import java.util.function.Function;
import javafx.util.StringConverter;
import methodos.core.words.Words;

/** Shows what can be chosen by its name; nothing is typed into such a list. */
public final class NameConverter<T> extends StringConverter<T> {

    private final Function<T, String> name;

    /**
     * @param name of a value, of null too where null can be chosen
     */
    public NameConverter(Function<T, String> name) {
        this.name = name;
    }

    /** Constants by their words. */
    public static <E extends Enum<E>> NameConverter<E> of(Words words) {
        return new NameConverter<>(value -> value == null ? "" : words.of(value));
    }

    @Override
    public String toString(T value) {
        return name.apply(value);
    }

    @Override
    public T fromString(String text) {
        throw new UnsupportedOperationException("the list is not typed into");
    }
}
