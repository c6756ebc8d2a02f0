package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import methodos.demo.DemoProject;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** Calls the commands as a person does, with a copy of the demo. */
abstract class CalledCommands {

    @TempDir protected Path temp;
    private final PrintStream out = System.out;
    private final PrintStream err = System.err;
    private final ByteArrayOutputStream said = new ByteArrayOutputStream();
    private final ByteArrayOutputStream complained = new ByteArrayOutputStream();
    protected Path demo;
    protected Path clip;

    @BeforeEach
    void catchOutput() throws Exception {
        System.setProperty("methodos.log", temp.toString());
        demo = temp.resolve("demo.methodos");
        DemoProject.QA_80.copyTo(demo);
        clip = demo.resolve("footage/2-take-down.mp4");
        System.setOut(new PrintStream(said, true, StandardCharsets.UTF_8));
        System.setErr(new PrintStream(complained, true, StandardCharsets.UTF_8));
    }

    @AfterEach
    void giveOutputBack() {
        System.setOut(out);
        System.setErr(err);
    }

    protected int run(Object... arguments) {
        said.reset();
        complained.reset();
        return Methodos.run(Arrays.stream(arguments).map(Object::toString).toArray(String[]::new));
    }

    protected String output() {
        return said.toString(StandardCharsets.UTF_8);
    }

    protected String complaint() {
        return complained.toString(StandardCharsets.UTF_8);
    }

    protected JsonNode json() throws Exception {
        return new ObjectMapper().readTree(output());
    }

    /** Exit status 3 and one sentence, without a stack trace. */
    protected void refused(String part, Object... arguments) {
        assertThat(run(arguments)).isEqualTo(3);
        assertThat(complaint().strip().lines()).hasSize(1);
        assertThat(complaint()).contains(part).doesNotContain("Exception", "\tat ");
        assertThat(output()).isEmpty();
    }
}
