package methodos.core.description;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.lang.reflect.WildcardType;
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
     * @param ownId whether it is the id by which the record is known
     * @param leadsToIds whether it is that, or holds a record that may hold one
     * @param required whether the file form has to have it
     * @param endOfWork whether it belongs to the end of what the record tells to do
     * @param within between what its number has to be, null where nothing is said of it
     */
    public record Component(
            String name,
            Class<?> type,
            Class<?> element,
            List<Class<?>> refersTo,
            boolean ownId,
            boolean leadsToIds,
            boolean required,
            boolean endOfWork,
            Within within,
            Method accessor) {

        /** What a record of the type holds there; null where nothing is said. */
        public Object of(Object owner) {
            try {
                return accessor.invoke(owner);
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException("an accessor of a record throws nothing", e);
            }
        }

        /** Whether it holds several. */
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
    private final Constructor<?> constructor;

    private RecordShape(Class<?> type) {
        RecordComponent[] parts = type.getRecordComponents();
        if (parts == null) {
            throw new IllegalArgumentException(type + " is no record");
        }
        try {
            components = Arrays.stream(parts).map(RecordShape::component).toList();
            Class<?>[] types =
                    Arrays.stream(parts).map(RecordComponent::getType).toArray(Class<?>[]::new);
            constructor = type.getConstructor(types);
        } catch (ReflectiveOperationException e) {
            throw new IllegalArgumentException(type + " is not public", e);
        }
    }

    private static Component component(RecordComponent part) {
        boolean list = List.class.isAssignableFrom(part.getType());
        Type held = list ? argument(part.getGenericType()) : part.getGenericType();
        boolean own = part.getName().equals("id") && raw(held) == Id.class;
        return new Component(
                part.getName(),
                part.getType(),
                list ? raw(held) : null,
                raw(held) == Id.class && !own ? kinds(raw(argument(held))) : List.of(),
                own,
                own || holdsIds(raw(held)),
                own && !part.isAnnotationPresent(GivenWhenNeeded.class)
                        || part.isAnnotationPresent(Required.class),
                part.isAnnotationPresent(EndOfWork.class),
                part.getAnnotation(Within.class),
                part.getAccessor());
    }

    private static boolean holdsIds(Class<?> type) {
        if (type.isRecord() && type != Id.class) {
            return of(type).components().stream().anyMatch(Component::leadsToIds);
        }
        return type.isSealed() && Kinds.of(type).stream().anyMatch(RecordShape::holdsIds);
    }

    /** What a list or an id is of. */
    private static Type argument(Type type) {
        return ((ParameterizedType) type).getActualTypeArguments()[0];
    }

    private static Class<?> raw(Type type) {
        if (type instanceof ParameterizedType parameterized) {
            return (Class<?>) parameterized.getRawType();
        }
        return type instanceof WildcardType any ? raw(any.getUpperBounds()[0]) : (Class<?>) type;
    }

    /** The records that an id may be of; marks are one kind, whatever they show. */
    private static List<Class<?>> kinds(Class<?> type) {
        return type.isRecord() || Kinds.field(type).isPresent() ? List.of(type) : Kinds.of(type);
    }

    /**
     * @throws IllegalArgumentException if the type is no public record
     */
    public static RecordShape of(Class<?> type) {
        return SHAPES.get(type);
    }

    /** Its components in their order. */
    public List<Component> components() {
        return components;
    }

    /** The component of a name; empty where there is none. */
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
            return constructor.newInstance(values);
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof RuntimeException refused) {
                throw refused;
            }
            throw new IllegalStateException("a record throws nothing else", e);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("a public record can be made", e);
        }
    }

    /**
     * The same record with another value of one component.
     *
     * @throws IllegalArgumentException if the record refuses it, or has no such component
     */
    public Object with(Object owner, String name, Object value) {
        if (component(name).isEmpty()) {
            throw new IllegalArgumentException(owner.getClass() + " has no " + name);
        }
        return make(
                components.stream()
                        .map(c -> c.name().equals(name) ? value : c.of(owner))
                        .toArray());
    }
}
