package methodos.files.project;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.databind.cfg.MapperConfig;
import com.fasterxml.jackson.databind.introspect.Annotated;
import com.fasterxml.jackson.databind.introspect.AnnotatedClass;
import com.fasterxml.jackson.databind.introspect.JacksonAnnotationIntrospector;
import com.fasterxml.jackson.databind.jsontype.NamedType;
import java.util.List;
import java.util.Optional;
import methodos.core.description.Kinds;
import methodos.core.description.WrittenIfTrue;

/** Tells the mapper what records and the kinds of a sealed interface say of themselves. */
final class DescribedKinds extends JacksonAnnotationIntrospector {

    private static final long serialVersionUID = 1L;

    @Override
    public JsonTypeInfo.Value findPolymorphicTypeInfo(MapperConfig<?> config, Annotated type) {
        return base(type.getRawType())
                .map(
                        base ->
                                JsonTypeInfo.Value.construct(
                                        JsonTypeInfo.Id.NAME,
                                        JsonTypeInfo.As.PROPERTY,
                                        Kinds.field(base).orElseThrow(),
                                        null,
                                        false,
                                        null,
                                        null))
                .orElseGet(() -> super.findPolymorphicTypeInfo(config, type));
    }

    @Override
    public List<NamedType> findSubtypes(Annotated type) {
        return Kinds.field(type.getRawType()).isEmpty()
                ? super.findSubtypes(type)
                : Kinds.of(type.getRawType()).stream()
                        .map(kind -> new NamedType(kind, Kinds.name(kind)))
                        .toList();
    }

    @Override
    public String findTypeName(AnnotatedClass type) {
        return base(type.getRawType()).isPresent() && type.getRawType().isRecord()
                ? Kinds.name(type.getRawType())
                : super.findTypeName(type);
    }

    @Override
    public JsonInclude.Value findPropertyInclusion(Annotated component) {
        return component.hasAnnotation(WrittenIfTrue.class)
                ? JsonInclude.Value.construct(JsonInclude.Include.NON_DEFAULT, null)
                : super.findPropertyInclusion(component);
    }

    /** The interface, of a type itself or over it, that has its kinds told apart. */
    private static Optional<Class<?>> base(Class<?> type) {
        if (Kinds.field(type).isPresent()) {
            return Optional.of(type);
        }
        for (Class<?> over : type.getInterfaces()) {
            Optional<Class<?>> base = base(over);
            if (base.isPresent()) {
                return base;
            }
        }
        return Optional.empty();
    }
}
