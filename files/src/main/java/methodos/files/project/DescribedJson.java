package methodos.files.project;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import java.io.IOException;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.function.Function;
import methodos.core.description.Id;
import methodos.core.quantity.Quantity;

/** Records of the core as JSON, in the way in which they describe themselves. */
public final class DescribedJson {

    private DescribedJson() {}

    /** What reads and writes them; what is empty is not written. */
    public static JsonMapper.Builder mapper() {
        return JsonMapper.builder()
                .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .defaultPropertyInclusion(
                        JsonInclude.Value.construct(
                                JsonInclude.Include.NON_EMPTY, JsonInclude.Include.ALWAYS))
                .annotationIntrospector(new DescribedKinds())
                .addModule(texts());
    }

    private static Instant instant(String text) {
        try {
            return Instant.parse(text);
        } catch (DateTimeException e) {
            throw new IllegalArgumentException("“" + text + "” is no time.", e);
        }
    }

    /** Values that are one text in the file. */
    private static SimpleModule texts() {
        SimpleModule module = new SimpleModule();
        asText(module, Quantity.class, Quantity::entered, Quantity::parse);
        asText(module, Id.class, id -> id.text(), text -> new Id<>(text));
        asText(module, Instant.class, Instant::toString, DescribedJson::instant);
        return module;
    }

    private static <T> void asText(
            SimpleModule module,
            Class<T> type,
            Function<T, String> write,
            Function<String, T> read) {
        module.addSerializer(
                new StdSerializer<T>(type) {
                    private static final long serialVersionUID = 1L;

                    @Override
                    public void serialize(T value, JsonGenerator out, SerializerProvider p)
                            throws IOException {
                        out.writeString(write.apply(value));
                    }
                });
        module.addDeserializer(
                type,
                new StdDeserializer<T>(type) {
                    private static final long serialVersionUID = 1L;

                    @Override
                    public T deserialize(JsonParser in, DeserializationContext c)
                            throws IOException {
                        if (!in.hasToken(JsonToken.VALUE_STRING)) {
                            return type.cast(c.handleUnexpectedToken(type, in));
                        }
                        try {
                            return read.apply(in.getText());
                        } catch (IllegalArgumentException e) {
                            throw new JsonProcessingException(e.getMessage(), e) {
                                private static final long serialVersionUID = 1L;
                            };
                        }
                    }
                });
    }
}
