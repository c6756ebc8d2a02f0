package methodos.files.project;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import methodos.core.manual.Manual;
import methodos.files.problem.ProjectProblem;

/** The manual as JSON, with a format version, in stable order. */
public final class ManualJson {

    /** Grows by one with each addition; a change of the major number needs a migration. */
    static final int MAJOR = 2;

    static final int MINOR = 5;

    private static final Migrations MIGRATIONS = new Migrations(List.of(Format1::toFormat2));

    static final String VERSION = "format";
    private static final int LONGEST_REASON = 200;

    /** One for all: what it learns of the types takes longer than reading a manual. */
    private static final ObjectMapper MAPPER =
            DescribedJson.mapper().enable(SerializationFeature.INDENT_OUTPUT).build();

    /** The manual as a tree with its format version first. */
    public ObjectNode write(Manual manual) {
        ObjectNode tree = MAPPER.createObjectNode();
        tree.put(VERSION, MAJOR + "." + MINOR);
        tree.setAll((ObjectNode) MAPPER.valueToTree(manual));
        return tree;
    }

    /** The JSON Schema of what {@link #write} makes. */
    public ObjectNode schema() {
        return ManualSchema.tree();
    }

    /** Evidence, steps and the like as they stand in a manual. */
    public ArrayNode list(List<?> things) {
        ArrayNode list = MAPPER.createArrayNode();
        // one by one, so that each kind of evidence keeps its name
        things.forEach(t -> list.add(MAPPER.<JsonNode>valueToTree(t)));
        return list;
    }

    /** The tree as text: an indented block for each step and part, one line end at the end. */
    public byte[] text(JsonNode tree) throws IOException {
        byte[] body = MAPPER.writeValueAsBytes(tree);
        byte[] all = java.util.Arrays.copyOf(body, body.length + 1);
        all[body.length] = '\n';
        return all;
    }

    /**
     * @throws ProjectProblem if the text is no JSON object, naming the place
     */
    ObjectNode tree(byte[] text, String name) throws ProjectProblem {
        try {
            if (MAPPER.readTree(text) instanceof ObjectNode object) {
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
     * What is written in an older format, as it is written in the present one.
     *
     * @throws ProjectProblem if the format is newer than this program
     */
    ObjectNode inPresentFormat(ObjectNode tree, String name) throws ProjectProblem {
        return MIGRATIONS.toCurrent(tree, name);
    }

    /** Whether a tree is of an older major format. */
    static boolean isOlder(ObjectNode tree) {
        return !tree.path(VERSION).asText().startsWith(MAJOR + ".");
    }

    /**
     * @param ours whether this program wrote it: then it is not held against the schema again
     * @throws ProjectProblem if the format is newer than this program or a field is not right,
     *     naming its place
     */
    Manual read(ObjectNode tree, String name, boolean ours) throws ProjectProblem {
        ObjectNode current = inPresentFormat(tree, name);
        Optional<String> problem = ours ? Optional.empty() : ManualSchema.problem(current);
        if (problem.isPresent()) {
            throw new ProjectProblem(
                    name + " holds something that is not understood, at " + problem.get() + ".");
        }
        try {
            return MAPPER.treeToValue(current, Manual.class);
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

    /**
     * A manual that this program wrote elsewhere, and that is known to be as it was written.
     *
     * @throws ProjectProblem if it is none, or of a newer format
     */
    public static Manual manual(byte[] text, Path file) throws ProjectProblem {
        ManualJson json = new ManualJson();
        return json.read(json.tree(text, file.toString()), file.toString(), true);
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
        return MAPPER.writeValueAsString(tree);
    }
}
