package methodos.cli.calc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import picocli.CommandLine;

class CalcCommandTest {

    @TempDir Path folder;

    private final PrintStream before = System.out;
    private ByteArrayOutputStream out;
    private String complaint;

    @BeforeEach
    void listen() {
        out = new ByteArrayOutputStream();
        System.setOut(new PrintStream(out, true, StandardCharsets.UTF_8));
    }

    @AfterEach
    void leave() {
        System.setOut(before);
    }

    private int run(String name, String request, String... more) throws Exception {
        Path file = Files.writeString(folder.resolve("request.json"), request);
        complaint = "";
        String[] arguments = new String[more.length + 2];
        arguments[0] = name;
        arguments[1] = file.toString();
        System.arraycopy(more, 0, arguments, 2, more.length);
        return new CommandLine(new CalcCommand())
                .setExecutionExceptionHandler(
                        (e, command, parsed) -> {
                            complaint = e.getMessage();
                            return 3;
                        })
                .execute(arguments);
    }

    private JsonNode json(String name, String request) throws Exception {
        assertThat(run(name, request, "--json")).as(complaint).isZero();
        return new ObjectMapper().readTree(out.toByteArray());
    }

    @Test
    void orderOfEightOnACircle() throws Exception {
        JsonNode answer =
                json(
                        "order",
                        "{\"screws\":[[600,300],[541,441],[400,500],[259,441],[200,300],[259,159],"
                                + "[400,100],[541,159]],\"arrangement\":\"auto\",\"given\":null,"
                                + "\"torque\":\"24 N·m\"}");
        assertThat(answer.path("arrangement").asText()).isEqualTo("circle");
        assertThat(answer.path("order")).hasToString("[1,5,3,7,2,6,4,8]");
        assertThat(answer.at("/stages/0/share").asDouble()).isEqualTo(0.3);
        assertThat(answer.at("/stages/0/torque/min").asDouble()).isEqualTo(7.2);
        assertThat(answer.at("/stages/2/torque"))
                .hasToString("{\"min\":24.0,\"max\":24.0,\"unit\":\"N·m\"}");
        assertThat(answer.path("checkRound").asBoolean()).isTrue();
    }

    @Test
    void orderThatIsGivenOrForced() throws Exception {
        String screws = "\"screws\":[[0,0],[40,0],[80,0]]";
        assertThat(json("order", "{" + screws + ",\"given\":[3,1,2]}").path("arrangement").asText())
                .isEqualTo("given");
        out.reset();
        JsonNode row =
                json(
                        "order",
                        "{"
                                + screws
                                + ",\"torque\":{\"min\":7,\"max\":8.5,\"unit\":\"N·m\"},\"stages\":[0.5,1]}");
        assertThat(row.path("order")).hasToString("[2,1,3]");
        assertThat(row.at("/stages/0/torque"))
                .hasToString("{\"min\":3.5,\"max\":4.25,\"unit\":\"N·m\"}");
    }

    @Test
    void calloutsLieOutsideThePictureWithTheirLeaders() throws Exception {
        JsonNode answer =
                json(
                        "callouts",
                        "{\"width\":960,\"height\":640,\"picture\":[60,60,840,520],\"radius\":16,"
                                + "\"targets\":[{\"id\":\"7\",\"x\":300,\"y\":200},{\"id\":\"7\",\"x\":500,\"y\":200},"
                                + "{\"id\":\"9\",\"x\":800,\"y\":500}],\"held\":[{\"id\":\"7\",\"x\":20,\"y\":40}]}");
        assertThat(answer).hasSize(3);
        assertThat(answer.at("/0/x").asDouble()).isEqualTo(20);
        assertThat(answer.at("/0/y").asDouble()).isEqualTo(40);
        for (JsonNode one : answer) {
            double x = one.path("x").asDouble();
            double y = one.path("y").asDouble();
            assertThat(x < 60 || x > 900 || y < 60 || y > 580).isTrue();
            double reach =
                    Math.hypot(
                            one.at("/leader/0/0").asDouble() - x,
                            one.at("/leader/0/1").asDouble() - y);
            assertThat(reach).isCloseTo(16, within(1e-6));
        }
        assertThat(answer.at("/2/leader/1")).hasToString("[800.0,500.0]");
    }

    @Test
    void lengthByARectangle() throws Exception {
        JsonNode answer =
                json(
                        "length",
                        "{\"known\":{\"shape\":\"rectangle\",\"points\":[[100,100],[400,100],[400,300],[100,300]],"
                                + "\"sides\":[\"60 mm\",\"4 cm\"]},\"measure\":[[100,350],[250,350]],\"pointing\":0.7}");
        assertThat(answer.at("/length/min").asDouble()).isCloseTo(30, within(1e-6));
        assertThat(answer.at("/length/unit").asText()).isEqualTo("mm");
        assertThat(answer.at("/uncertainty/max").asDouble()).isBetween(0.1, 1.0);
        assertThat(answer.path("tiltCorrected").asBoolean()).isTrue();
    }

    @Test
    void anArrowTurnsByThreadActionAndSide() throws Exception {
        String request = "{\"thread\":\"left\",\"action\":\"loosen\",\"seenFrom\":\"%s\"}";
        JsonNode answers =
                json(
                        "arrow",
                        "["
                                + String.format(request, "head")
                                + ","
                                + String.format(request, "far end")
                                + "]");
        assertThat(answers.at("/0/turn").asText()).isEqualTo("clockwise");
        assertThat(answers.at("/1/turn").asText()).isEqualTo("counterclockwise");
    }

    @Test
    void aListIsAnsweredOneByOneAndAWrongOneSaysWhy() throws Exception {
        int status =
                run("order", "[{\"screws\":[[0,0],[1,0]]},{\"screws\":\"many\"},{}]", "--json");
        assertThat(status).isEqualTo(3);
        JsonNode answers = new ObjectMapper().readTree(out.toByteArray());
        assertThat(answers).hasSize(3);
        assertThat(answers.at("/0/arrangement").asText()).isEqualTo("row");
        assertThat(answers.at("/1/error").asText()).isEqualTo("“screws” has to be a list.");
        assertThat(answers.at("/2/error").asText()).isEqualTo("“screws” is missing.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "order | {\"screws\":[[0,0],[1,0]],\"torque\":\"24 pears\"} | torque",
                "order | {\"screws\":[[0,0],[0,0]]} | “screws”: Two screws lie on the same spot",
                "order | {\"screws\":[[0,0],[1,1]],\"given\":[1,1]} | “given”: The given order has to name each of the 2 screws",
                "order | {\"screws\":[[0,0],[1,1]],\"arrangement\":\"spiral\"} | arrangement",
                "arrow | {\"thread\":\"odd\",\"action\":\"loosen\",\"seenFrom\":\"head\"} | thread",
                "arrow | {\"thread\":\"left\",\"action\":\"loosen\",\"seenFrom\":\"above\"} | seenFrom",
                "arrow | {\"thread\":\"left\",\"seenFrom\":\"head\"} | action",
                "callouts | {\"width\":100,\"height\":100,\"picture\":[1,1,98,98],\"radius\":16,\"targets\":[{\"id\":\"1\",\"x\":5,\"y\":5}]} | “targets”: there is no room for 1 balloons",
                "callouts | {\"width\":100,\"height\":100,\"picture\":[1,1,200,98],\"radius\":16,\"targets\":[]} | picture",
                "length | {\"known\":{\"shape\":\"cube\",\"points\":[[0,0],[1,1]],\"sides\":[\"1 mm\"]},\"measure\":[[0,0],[1,1]],\"pointing\":1} | shape",
                "length | {\"known\":{\"shape\":\"length\",\"points\":[[0,0],[1,1]],\"sides\":[\"1 kg\"]},\"measure\":[[0,0],[1,1]],\"pointing\":1} | has to be a length",
                "order | {\"screws\": | no JSON",
                "colour | {} | There is no calculator"
            })
    void wrongInputIsOneSentence(String name, String request, String part) throws Exception {
        assertThat(run(name, request, "--json")).isEqualTo(3);
        assertThat(complaint).contains(part);
        assertThat(complaint.lines()).hasSize(1);
        assertThat(out.toString(StandardCharsets.UTF_8)).isEmpty();
    }

    @Test
    void withoutJsonItSpeaksToPeople() throws Exception {
        assertThat(run("order", "{\"screws\":[[0,0],[40,0],[80,0]],\"torque\":\"24 N·m\"}"))
                .isZero();
        assertThat(out.toString(StandardCharsets.UTF_8))
                .contains("row: 2 – 1 – 3")
                .contains("30 % 7.2 N·m, 60 % 14.4 N·m, 100 % 24 N·m");
    }
}
