package methodos.files.hazard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import methodos.core.hazard.HazardRule;
import methodos.core.hazard.HazardRules;
import methodos.files.problem.ProjectProblem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class HazardRuleFolderTest {

    @TempDir private Path folder;

    @Test
    void aFolderWithoutRulesLeavesThoseOfTheProgram() throws Exception {
        assertThat(HazardRuleFolder.with(folder, folder.resolve("none")).list())
                .extracting(HazardRule::name)
                .isEqualTo(HazardRules.shipped().list().stream().map(HazardRule::name).toList());
    }

    @Test
    void ownRulesComeOnTop() throws Exception {
        Files.writeString(
                folder.resolve(HazardRules.FILE),
                "hazard swinging lever\nwhen release & lever\ntold lever\nsay Lever | It hits | Hold it\n");
        assertThat(HazardRuleFolder.with(folder).list())
                .extracting(HazardRule::name)
                .contains("swinging lever", "electricity");
    }

    @Test
    void aWrongLineIsNamedWithItsFile() throws Exception {
        Files.writeString(folder.resolve(HazardRules.FILE), "hazard x\nwhenever y\n");
        assertThatThrownBy(() -> HazardRuleFolder.with(folder))
                .isInstanceOf(ProjectProblem.class)
                .hasMessage(
                        folder.resolve(HazardRules.FILE) + ", line 2: “whenever” is not known.");
    }

    @Test
    void aFileInAnotherEncodingIsRefused() throws Exception {
        Files.write(
                folder.resolve(HazardRules.FILE),
                "hazard Öl".getBytes(StandardCharsets.ISO_8859_1));
        assertThatThrownBy(() -> HazardRuleFolder.with(folder))
                .hasMessageEndingWith("is not written in UTF-8.");
    }
}
