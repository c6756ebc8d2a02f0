package methodos.files.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import methodos.files.problem.ProjectProblem;
import org.junit.jupiter.api.Test;

class MigrationsTest {

    private static ObjectNode manual(String format) {
        return new ObjectMapper().createObjectNode().put("format", format).put("title", "x");
    }

    /** From format 1 to 2 the title got another name; from 2 to 3 it was written large. */
    private final Migrations migrations =
            new Migrations(
                    List.of(
                            tree -> {
                                tree.set("name", tree.remove("title"));
                                return tree;
                            },
                            tree -> tree.put("name", tree.path("name").asText().toUpperCase())));

    @Test
    void eachStepIsTakenFromWhereTheManualIs() throws Exception {
        assertThat(migrations.toCurrent(manual("1.4"), "m").path("name").asText()).isEqualTo("X");
        ObjectNode second =
                new ObjectMapper().createObjectNode().put("format", "2.0").put("name", "y");
        assertThat(migrations.toCurrent(second, "m").path("name").asText()).isEqualTo("Y");
    }

    @Test
    void thePresentFormatAndNewerMinorOnesStayAsTheyAre() throws Exception {
        ObjectNode present = manual("3.9");
        assertThat(migrations.toCurrent(present, "m")).isEqualTo(present);
    }

    @Test
    void whatWasReadIsNotChanged() throws Exception {
        ObjectNode old = manual("1.0");
        migrations.toCurrent(old, "m");
        assertThat(old).isEqualTo(manual("1.0"));
    }

    @Test
    void newerAndNamelessFormatsAreRefused() {
        assertThatThrownBy(() -> migrations.toCurrent(manual("4.0"), "m.json"))
                .isInstanceOf(ProjectProblem.class)
                .hasMessageContaining("4.0");
        assertThatThrownBy(() -> migrations.toCurrent(manual("0.9"), "m.json"))
                .isInstanceOf(ProjectProblem.class);
        assertThatThrownBy(() -> migrations.toCurrent(manual("latest"), "m.json"))
                .hasMessageContaining("does not say which format");
    }
}
