package methodos.files.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import methodos.core.check.Checks;
import methodos.core.finding.Finding;
import methodos.core.finding.Rule;
import methodos.core.hazard.HazardRules;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.narration.Workspace;
import methodos.core.sense.Sense;
import methodos.core.sense.Senseless;
import methodos.files.problem.ProjectProblem;
import methodos.fixtures.FilledManual;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Manuals from outside: named at each place that makes no sense, or refused with a sentence. */
class DamagedManualTest {

    private static final ObjectMapper JSON = new ObjectMapper();
    private static final Checks CHECKS = new Checks(HazardRules.shipped());
    private static final int MANUALS = Boolean.getBoolean("methodos.long") ? 12 : 1;

    /** Of few steps: each damaged state is held against all checks. */
    private static final long FIRST = 4;

    @TempDir private Path temp;
    private Path path;
    private Path file;

    @BeforeEach
    void make() throws Exception {
        path = temp.resolve("p");
        ProjectFolder.create(path, FilledManual.of(7)).close();
        file = path.resolve("manual.json");
    }

    private ManualDamaged damaged() {
        return catchThrowableOfType(ManualDamaged.class, () -> ProjectFolder.open(path).close());
    }

    @Test
    void aDamagedManualNamesTheLineAndWhatIsKeptBesideIt() throws Exception {
        Files.writeString(file, Files.readString(file).substring(0, 2000));
        ManualDamaged e = damaged();
        assertThat(e).hasMessageContaining("is damaged in line");
        assertThat(e).hasMessageContaining("An earlier state is kept beside it");
        ProjectFolder.takeBack(path, e.states().get(0));
        assertThat(ProjectFolder.read(path).manual()).isEqualTo(FilledManual.of(7));
        assertThat(path.resolve("manual.damaged.json")).exists();
    }

    @Test
    void aManualThatIsGoneIsOfferedToo() throws Exception {
        Files.delete(file);
        assertThat(damaged().states()).hasSize(1);
        ProjectFolder.takeBack(path, damaged().states().get(0));
        ProjectFolder.open(path).close();
    }

    @Test
    void doubledKeysAndTextBehindTheEndAreRefused() throws Exception {
        String text = Files.readString(file);
        Files.writeString(file, text.replaceFirst("\"title\"", "\"title\" : \"x\", \"title\""));
        assertThat(damaged()).hasMessageContaining("damaged in line");
        Files.writeString(file, text + "{}");
        assertThat(damaged()).hasMessageContaining("damaged in line");
    }

    @Test
    void doubledIdsAndALowCounterAreMendedAndSaid() throws Exception {
        ObjectNode tree = (ObjectNode) JSON.readTree(file.toFile());
        ArrayNode parts = (ArrayNode) tree.get("parts");
        parts.add(parts.get(0).deepCopy());
        tree.put("lastId", 0);
        JSON.writeValue(file.toFile(), tree);
        try (ProjectFolder project = ProjectFolder.open(path)) {
            Workspace opened = project.workspace();
            assertThat(opened.mended().stream().map(Senseless::kind))
                    .contains(Senseless.Kind.ID_TWICE, Senseless.Kind.COUNTER_TOO_LOW);
            assertThat(opened.manual().parts()).hasSize(parts.size());
            assertThat(opened.manual().part(opened.manual().nextId("p"))).isEmpty();
            assertThat(senseless(opened)).hasSizeGreaterThanOrEqualTo(2);
        }
    }

    private static List<Finding> senseless(Workspace workspace) {
        return CHECKS.of(workspace).findings().stream()
                .filter(f -> f.rule() == Rule.SENSELESS || f.rule() == Rule.NOT_CHECKED)
                .toList();
    }

    @Test
    void missingCaptionsAreNoReasonNotToOpen() throws Exception {
        Manual manual = ProjectFolder.read(path).manual();
        assertThat(manual.clips()).allMatch(c -> c.captions() != null);
        try (ProjectFolder project = ProjectFolder.open(path)) {
            for (Clip clip : manual.clips()) {
                assertThat(project.workspace().captions(clip.id()).captions()).isEmpty();
            }
            project.save(project.workspace().manual().withTitle("saved"));
        }
        assertThat(ProjectFolder.read(path).manual().clips()).isEqualTo(manual.clips());
    }

    @Test
    void captionsFromOutsideTheFolderAreNotRead() throws Exception {
        Files.writeString(
                temp.resolve("secret.vtt"), "WEBVTT\n\n00:01.000 --> 00:02.000\nsecret\n");
        ObjectNode tree = (ObjectNode) JSON.readTree(file.toFile());
        ((ObjectNode) tree.at("/clips/0")).put("captions", "../../secret");
        JSON.writeValue(file.toFile(), tree);
        Workspace opened = ProjectFolder.read(path);
        assertThat(opened.captions()).isEmpty();
        assertThat(senseless(opened)).anyMatch(f -> f.key().equals("finding.SENSELESS.NO_DIGEST"));
    }

    /** A field of the file, at a JSON pointer. */
    private record Field(String owner, String name) {}

    private static void fields(String at, JsonNode node, List<Field> all) {
        if (node instanceof ObjectNode object) {
            for (Map.Entry<String, JsonNode> e : object.properties()) {
                all.add(new Field(at, e.getKey()));
                fields(at + "/" + e.getKey(), e.getValue(), all);
            }
        } else if (node instanceof ArrayNode array && !array.isEmpty()) {
            fields(at + "/0", array.get(0), all);
        }
    }

    private enum Damage {
        GONE,
        NULL,
        WRONG_TYPE,
        LEADS_NOWHERE
    }

    private static JsonNode wrong(JsonNode value) {
        JsonNodeFactory nodes = JsonNodeFactory.instance;
        if (value.isTextual()) {
            return nodes.numberNode(17.5);
        }
        if (value.isNumber()) {
            return nodes.textNode("17");
        }
        return value.isBoolean() ? nodes.textNode("true") : nodes.textNode("oops");
    }

    /**
     * Each field of a manual with all fields is taken away, made null, of another type, or a
     * reference to nothing. What is not optional by the schema is named, or the manual is refused.
     */
    @Test
    void nothingThatIsWrongWithAFieldIsSilent() throws Exception {
        int refused = 0;
        int named = 0;
        int optional = 0;
        List<String> silent = new ArrayList<>();
        for (long seed = FIRST; seed < FIRST + MANUALS; seed++) {
            ManualJson json = new ManualJson();
            ObjectNode sound = json.write(FilledManual.of(seed));
            JSON.writeValue(file.toFile(), sound);
            assertThat(senseless(ProjectFolder.read(path))).as("sound").isEmpty();
            List<Field> fields = new ArrayList<>();
            fields("", sound, fields);
            for (Field field : fields) {
                for (Damage damage : Damage.values()) {
                    ObjectNode tree = sound.deepCopy();
                    ObjectNode owner = (ObjectNode) tree.at(field.owner());
                    JsonNode value = owner.get(field.name());
                    switch (damage) {
                        case GONE -> owner.remove(field.name());
                        case NULL -> owner.putNull(field.name());
                        case WRONG_TYPE -> owner.set(field.name(), wrong(value));
                        case LEADS_NOWHERE -> {
                            if (!value.isTextual()) {
                                continue;
                            }
                            owner.put(field.name(), "nobody-" + field.name());
                        }
                    }
                    JSON.writeValue(file.toFile(), tree);
                    Workspace opened;
                    try {
                        opened = ProjectFolder.read(path);
                    } catch (ProjectProblem e) {
                        refused++;
                        assertThat(e.getMessage())
                                .as(damage + " " + field)
                                .contains("manual.json")
                                .doesNotContain("Exception", "methodos.core", "java.")
                                .hasSizeLessThan(700);
                        continue;
                    }
                    boolean senseless =
                            !opened.mended().isEmpty() || !Sense.of(opened.manual()).isEmpty();
                    if (senseless || !senseless(opened).isEmpty()) {
                        named++;
                    } else if (damage == Damage.GONE || free(field, damage, opened, json, tree)) {
                        optional++;
                    } else {
                        silent.add(damage + " " + field);
                    }
                }
            }
        }
        System.out.println(
                refused
                        + " refused, "
                        + named
                        + " named, "
                        + optional
                        + " harmless, of "
                        + (refused + named + optional + silent.size()));
        assertThat(silent).isEmpty();
        assertThat(refused + named + optional).isGreaterThan(1000 * MANUALS);
    }

    /** Other words in a free text are no damage: they are read as they stand. */
    private static boolean free(
            Field field, Damage damage, Workspace opened, ManualJson json, ObjectNode tree) {
        return damage == Damage.LEADS_NOWHERE
                && json.write(opened.manual()).at(field.owner()).get(field.name()) != null
                && json.write(opened.manual())
                        .at(field.owner())
                        .get(field.name())
                        .equals(tree.at(field.owner()).get(field.name()));
    }

    @Test
    void aManualThatWasWrittenByThisProgramIsNotHeldAgainstTheSchemaAgain() throws Exception {
        assertThat(path.resolve(".work/written")).exists();
        Files.writeString(path.resolve(".work/written"), "x".repeat(5000));
        ProjectFolder.open(path).close();
        ObjectNode tree = (ObjectNode) JSON.readTree(file.toFile());
        tree.put("title", 5);
        JSON.writeValue(file.toFile(), tree);
        assertThatThrownBy(() -> ProjectFolder.open(path)).hasMessageContaining("title");
    }
}
