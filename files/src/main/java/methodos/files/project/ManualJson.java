package methodos.files.project;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import methodos.core.manual.Evidence;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Value;
import methodos.core.quantity.Quantity;
import methodos.files.problem.ProjectProblem;

/** The manual as JSON, with a format version, in stable order. */
public final class ManualJson {

    /** Grows by one with each addition; a change of the major number needs a migration. */
    static final int MAJOR = 1;

    static final int MINOR = 5;

    private static final Migrations MIGRATIONS = new Migrations(List.of());

    private static final String VERSION = "format";
    private static final int LONGEST_REASON = 200;

    private final ObjectMapper mapper =
            JsonMapper.builder()
                    .enable(SerializationFeature.INDENT_OUTPUT)
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                    .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                    .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                    .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                    .defaultPropertyInclusion(
                            JsonInclude.Value.construct(
                                    JsonInclude.Include.NON_EMPTY, JsonInclude.Include.ALWAYS))
                    .addMixIn(Evidence.class, EvidenceShape.class)
                    .addMixIn(Value.class, ValueShape.class)
                    .addMixIn(Mark.class, MarkShape.class)
                    .addModule(quantities())
                    .build();

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Evidence.Recorded.class, name = "recorded"),
        @JsonSubTypes.Type(value = Evidence.Documented.class, name = "documented"),
        @JsonSubTypes.Type(value = Evidence.Entered.class, name = "entered")
    })
    private interface EvidenceShape {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "state")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Value.Known.class, name = "known"),
        @JsonSubTypes.Type(value = Value.Open.class, name = "open")
    })
    private interface ValueShape {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Mark.Callout.class, name = "callout"),
        @JsonSubTypes.Type(value = Mark.ScrewOrder.class, name = "screwOrder"),
        @JsonSubTypes.Type(value = Mark.ScrewPlace.class, name = "screwPlace"),
        @JsonSubTypes.Type(value = Mark.Turn.class, name = "turn"),
        @JsonSubTypes.Type(value = Mark.Shift.class, name = "shift"),
        @JsonSubTypes.Type(value = Mark.Detail.class, name = "detail"),
        @JsonSubTypes.Type(value = Mark.Outline.class, name = "outline"),
        @JsonSubTypes.Type(value = Mark.Length.class, name = "length"),
        @JsonSubTypes.Type(value = Mark.Scale.class, name = "scale"),
        @JsonSubTypes.Type(value = Mark.MatchMark.class, name = "matchMark"),
        @JsonSubTypes.Type(value = Mark.ByFeel.class, name = "byFeel"),
        @JsonSubTypes.Type(value = Mark.Label.class, name = "label"),
        @JsonSubTypes.Type(value = Mark.Cover.class, name = "cover")
    })
    private interface MarkShape {}

    private static SimpleModule quantities() {
        SimpleModule module = new SimpleModule();
        module.addSerializer(
                new StdSerializer<>(Quantity.class) {
                    private static final long serialVersionUID = 1L;

                    @Override
                    public void serialize(Quantity q, JsonGenerator out, SerializerProvider p)
                            throws IOException {
                        out.writeString(q.entered());
                    }
                });
        module.addDeserializer(
                Quantity.class,
                new StdDeserializer<>(Quantity.class) {
                    private static final long serialVersionUID = 1L;

                    @Override
                    public Quantity deserialize(JsonParser in, DeserializationContext c)
                            throws IOException {
                        try {
                            return Quantity.parse(in.getText());
                        } catch (IllegalArgumentException e) {
                            throw new JsonProcessingException(e.getMessage(), e) {
                                private static final long serialVersionUID = 1L;
                            };
                        }
                    }
                });
        return module;
    }

    /** The manual as a tree with its format version first. */
    public ObjectNode write(Manual manual) {
        ObjectNode tree = mapper.createObjectNode();
        tree.put(VERSION, MAJOR + "." + MINOR);
        tree.setAll((ObjectNode) mapper.valueToTree(manual));
        return tree;
    }

    /** Evidence, steps and the like as they stand in a manual. */
    public ArrayNode list(List<?> things) {
        ArrayNode list = mapper.createArrayNode();
        // one by one, so that each kind of evidence keeps its name
        things.forEach(t -> list.add(mapper.<JsonNode>valueToTree(t)));
        return list;
    }

    /** The tree as text: an indented block for each step and part, one line end at the end. */
    public byte[] text(JsonNode tree) throws IOException {
        byte[] body = mapper.writeValueAsBytes(tree);
        byte[] all = java.util.Arrays.copyOf(body, body.length + 1);
        all[body.length] = '\n';
        return all;
    }

    /**
     * @throws ProjectProblem if the text is no JSON object, naming the place
     */
    ObjectNode tree(byte[] text, String name) throws ProjectProblem {
        try {
            if (mapper.readTree(text) instanceof ObjectNode object) {
                return object;
            }
            throw new ProjectProblem(name + " does not hold a manual.");
        } catch (JsonProcessingException e) {
            throw new ProjectProblem(
                    name + " is damaged in line " + line(e) + " and cannot be opened.", e);
        } catch (IOException e) {
            throw new ProjectProblem(name + " cannot be read.", e);
        }
    }

    private static long line(JsonProcessingException e) {
        return e.getLocation() == null ? 1 : e.getLocation().getLineNr();
    }

    /**
     * @param ours whether this program wrote it: then it is not held against the schema again
     * @throws ProjectProblem if the format is newer than this program or a field is not right,
     *     naming its place
     */
    Manual read(ObjectNode tree, String name, boolean ours) throws ProjectProblem {
        ObjectNode current = MIGRATIONS.toCurrent(tree, name);
        Optional<String> problem = ours ? Optional.empty() : ManualSchema.problem(current);
        if (problem.isPresent()) {
            throw new ProjectProblem(
                    name + " holds something that is not understood, at " + problem.get() + ".");
        }
        try {
            return mapper.treeToValue(current, Manual.class);
        } catch (JsonProcessingException | IllegalArgumentException e) {
            throw new ProjectProblem(
                    name
                            + " holds something that is not understood"
                            + place(e)
                            + ": "
                            + firstLine(e),
                    e);
        }
    }

    private static String place(Exception e) {
        if (!(e instanceof JsonMappingException mapping) || mapping.getPath().isEmpty()) {
            return "";
        }
        StringBuilder place = new StringBuilder(", at ");
        for (JsonMappingException.Reference step : mapping.getPath()) {
            if (step.getFieldName() == null) {
                place.append('[').append(step.getIndex()).append(']');
            } else {
                place.append(place.charAt(place.length() - 1) == ' ' ? "" : ".")
                        .append(step.getFieldName());
            }
        }
        return place.toString();
    }

    /** What is wrong, without the names of the program's own types. */
    private static String firstLine(Exception e) {
        Throwable root = e;
        while (root.getCause() != null && root.getCause() != root) {
            root = root.getCause();
        }
        String text =
                root instanceof JsonProcessingException j
                        ? j.getOriginalMessage()
                        : String.valueOf(root.getMessage());
        String line =
                text.lines()
                        .findFirst()
                        .orElse("")
                        .replaceAll("`?(?:[a-z]\\w*\\.)+([A-Z][\\w$]*)[^` ]*`?", "$1")
                        .replaceAll("\\p{Cntrl}", " ");
        return line.length() > LONGEST_REASON ? line.substring(0, LONGEST_REASON) + "…" : line;
    }

    /** The tree with its format version, as a command prints it. */
    public String print(JsonNode tree) throws IOException {
        return mapper.writeValueAsString(tree);
    }
}
