package methodos.core.description;

import java.lang.invoke.MethodHandle;
import java.lang.invoke.MethodHandles;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What a record type consists of, read from the type itself. */
public final class RecordShape {

    /**
     * A component of a record.
     *
     * @param element what its list holds, null where it is no list
     * @param refersTo the things whose ids it holds, none where it holds no ids
     */
    public record Component(
            String name,
            Class<?> type,
            Class<?> element,
            List<Class<?>> refersTo,
            MethodHandle accessor) {

        public Object of(Object owner) {
            try {
                return accessor.invoke(owner);
            } catch (RuntimeException | Error e) {
                throw e;
            } catch (Throwable e) {
                throw new IllegalStateException("an accessor of a record throws nothing else", e);
            }
        }

        public boolean isList() {
            return element != null;
        }
    }

    private static final ClassValue<RecordShape> SHAPES =
            new ClassValue<>() {
                @Override
                protected RecordShape computeValue(Class<?> type) {
                    return new RecordShape(type);
                }
            };

    private final List<Component> components;
    private final MethodHandle constructor;

    private RecordShape(Class<?> type) {
        RecordComponent[] parts = type.getRecordComponents();
        if (parts == null) {
            throw new IllegalArgumentException(type + " is no record");
        }
        try {
            MethodHandles.Lookup lookup = MethodHandles.publicLookup();
            components = Arrays.stream(parts).map(p -> component(p, lookup)).toList();
            Class<?>[] types =
                    Arrays.stream(parts).map(RecordComponent::getType).toArray(Class<?>[]::new);
            constructor =
                    lookup.unreflectConstructor(type.getConstructor(types))
                            .asSpreader(Object[].class, types.length);
        } catch (ReflectiveOperationException e) {
            throw new IllegalArgumentException(type + " is not public", e);
        }
    }

    private static Component component(RecordComponent part, MethodHandles.Lookup lookup) {
        Class<?> element = null;
        if (List.class.isAssignableFrom(part.getType())
                && part.getGenericType() instanceof ParameterizedType p
                && p.getActualTypeArguments()[0] instanceof Class<?> held) {
            element = held;
        }
        RefersTo refers = part.getAnnotation(RefersTo.class);
        try {
            return new Component(
                    part.getName(),
                    part.getType(),
                    element,
                    refers == null ? List.of() : List.of(refers.value()),
                    lookup.unreflect(part.getAccessor()));
        } catch (IllegalAccessException e) {
            throw new IllegalArgumentException(part + " is not public", e);
        }
    }

    /**
     * @throws IllegalArgumentException if the type is no public record
     */
    public static RecordShape of(Class<?> type) {
        return SHAPES.get(type);
    }

    public List<Component> components() {
        return components;
    }

    public Optional<Component> component(String name) {
        return components.stream().filter(c -> c.name().equals(name)).findFirst();
    }

    /**
     * Makes a record of this type.
     *
     * @param values one for each component, in their order
     * @throws IllegalArgumentException if the record refuses them
     */
    public Object make(Object... values) {
        try {
            return constructor.invoke(values);
        } catch (RuntimeException | Error e) {
            throw e;
        } catch (Throwable e) {
            throw new IllegalStateException("a record throws nothing else", e);
        }
    }

    /** The id of a thing that has one. */
    public static Optional<String> id(Object thing) {
        return of(thing.getClass())
                .component("id")
                .filter(c -> c.type() == String.class)
                .map(c -> (String) c.of(thing));
    }
}
