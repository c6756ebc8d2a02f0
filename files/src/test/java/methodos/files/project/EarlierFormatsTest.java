package methodos.files.project;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Manuals as earlier versions of the program wrote them. */
class EarlierFormatsTest {

    private static final ObjectMapper JSON = new ObjectMapper();
    private final ManualJson format = new ManualJson();

    private static byte[] earlier(String version) throws Exception {
        try (InputStream in =
                EarlierFormatsTest.class.getResourceAsStream("earlier/" + version + ".json")) {
            return in.readAllBytes();
        }
    }

    private ObjectNode writtenBack(byte[] file) throws Exception {
        return format.write(format.read(format.tree(file, "manual.json"), "manual.json", false));
    }

    @ParameterizedTest
    @ValueSource(strings = {"1.0", "1.2", "1.3", "1.4"})
    void nothingOfThemIsLost(String version) throws Exception {
        byte[] file = earlier(version);
        List<String> lost = new ArrayList<>();
        compare("", JSON.readTree(file), writtenBack(file), lost);
        assertThat(lost).containsExactly("format");
    }

    /** An angle was further after the torque, or past hand-tight: its way said which. */
    @Test
    void theAngleOfAJointBecomesWhatItMeant() throws Exception {
        byte[] file = earlier("1.6");
        List<String> lost = new ArrayList<>();
        ObjectNode now = writtenBack(file);
        compare("", JSON.readTree(file), now, lost);
        assertThat(lost)
                .containsExactly("format", "joints[0].angle", "joints[1].angle", "joints[2].angle");
        assertThat(now.at("/joints/0/further").asText()).isEqualTo("60°");
        assertThat(now.at("/joints/1/turned").asText()).isEqualTo("1/8 turn");
        assertThat(now.at("/joints/2/turned").asText()).as("the manual's way").isEqualTo("90°");
        assertThat(now.at("/joints/2/torque/quantity").asText()).isEqualTo("30 lbf·in");
    }

    @Test
    void aManualOfAnOlderFormatIsKeptAsItWasForGood(@TempDir Path folder) throws Exception {
        Files.write(folder.resolve("manual.json"), earlier("1.6"));
        try (ProjectFolder project = ProjectFolder.open(folder)) {
            project.save(project.workspace().manual());
            KeptState kept = project.states().get(project.states().size() - 1);
            assertThat(kept.name()).isEqualTo("format 1.6");
            assertThat(kept.stays()).isTrue();
            assertThat(JSON.readTree(KeptStates.text(kept)))
                    .isEqualTo(JSON.readTree(earlier("1.6")));
        }
        JsonNode written = JSON.readTree(folder.resolve("manual.json").toFile());
        assertThat(written.path("format").asText()).startsWith("2.");
        assertThat(written.at("/joints/0").has("angle")).as("no word of the old one").isFalse();
        try (ProjectFolder again = ProjectFolder.open(folder)) {
            assertThat(again.states().get(0).name()).isEmpty();
        }
    }

    /** All that was there is there with the same value; what was added since stands beside it. */
    private static void compare(String path, JsonNode was, JsonNode is, List<String> lost) {
        if (was instanceof ObjectNode) {
            was.properties()
                    .forEach(
                            f ->
                                    compare(
                                            path.isEmpty() ? f.getKey() : path + "." + f.getKey(),
                                            f.getValue(),
                                            is.path(f.getKey()),
                                            lost));
        } else if (was instanceof ArrayNode && !was.isEmpty()) {
            if (was.size() != is.size()) {
                lost.add(path);
            }
            for (int i = 0; i < was.size(); i++) {
                compare(path + "[" + i + "]", was.get(i), is.path(i), lost);
            }
        } else if (!same(was, is) && !was.isContainerNode() && !was.asText().isEmpty()) {
            lost.add(path);
        }
    }

    /** A length of 4 is the same as one of 4.0; a consumable has room for its amount since. */
    private static boolean same(JsonNode was, JsonNode is) {
        if (was.isTextual() && is.path("consumable").equals(was)) {
            return true;
        }
        return was.isNumber() && is.isNumber()
                ? was.decimalValue().compareTo(is.decimalValue()) == 0
                : was.equals(is);
    }

    /** What was not added since stands where it stood, so that versions can be compared. */
    @Test
    void noByteOfAManualWithAllFieldsMoves() throws Exception {
        byte[] bytes =
                Files.readAllBytes(
                        Path.of("../demo/src/main/resources/methodos/demo/hb-3/manual.json"));
        ObjectNode back = writtenBack(bytes);
        back.put("format", JSON.readTree(bytes).path("format").asText());
        assertThat(new String(format.text(back), StandardCharsets.UTF_8))
                .isEqualTo(new String(bytes, StandardCharsets.UTF_8));
    }

    @ParameterizedTest
    @ValueSource(strings = {"1.0", "1.2", "1.3", "1.4"})
    void whatWasWrittenBackStaysAsItIs(String version) throws Exception {
        byte[] once = format.text(writtenBack(earlier(version)));
        assertThat(format.text(writtenBack(once))).isEqualTo(once);
    }
}
