package methodos.core.description;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** The records of a sealed interface, and the names by which the file form tells them apart. */
public final class Kinds {

    private Kinds() {}

    /** The field that tells the records of a type apart; empty where it has no kinds. */
    public static Optional<String> field(Class<?> type) {
        return Optional.ofNullable(type.getAnnotation(ToldApartBy.class)).map(ToldApartBy::value);
    }

    /** All records of a sealed interface, those of its inner interfaces too, each once. */
    public static List<Class<?>> of(Class<?> type) {
        return records(type).distinct().toList();
    }

    private static Stream<Class<?>> records(Class<?> type) {
        return type.isRecord()
                ? Stream.of(type)
                : Arrays.stream(type.getPermittedSubclasses()).flatMap(Kinds::records);
    }

    /** What the file form calls a record: its name, beginning small. */
    public static String name(Class<?> kind) {
        String name = kind.getSimpleName();
        return name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
    }
}
