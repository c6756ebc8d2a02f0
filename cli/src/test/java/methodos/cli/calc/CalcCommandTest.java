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
import java.util.List;
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
    void theLedgerNamesWhatDoesNotClose() throws Exception {
        String request =
                "{\"variants\":[\"D\",\"S\"],\"parts\":[{\"id\":\"7\",\"count\":4,"
                        + "\"reuse\":\"inspect\",\"variants\":[\"S\"]}],\"joints\":[{\"id\":\"cap\","
                        + "\"torque\":\"7-8.5 N·m\"}],\"kits\":[],\"steps\":[{\"id\":\"s1\",\"actions\":["
                        + "{\"verb\":\"isolate\",\"energy\":\"air\"},"
                        + "{\"verb\":\"loosen\",\"joint\":\"cap\",\"size\":\"5 mm\"},"
                        + "{\"verb\":\"remove\",\"part\":\"7\",\"count\":%s}]},{\"id\":\"s2\",\"actions\":["
                        + "{\"verb\":\"install\",\"part\":\"7\",\"count\":3},"
                        + "{\"verb\":\"tighten\",\"joint\":\"cap\",\"size\":\"5 mm\"},"
                        + "{\"verb\":\"restore\",\"energy\":\"air\"}]}]}";
        JsonNode answer = json("ledger", request.formatted("4"));
        assertThat(answer).hasSize(1);
        assertThat(answer.get(0))
                .hasToString(
                        "{\"rule\":\"not refitted\",\"subject\":\"7\",\"steps\":[\"s1\"],"
                                + "\"variants\":[\"S\"],\"count\":1,\"sentence\":"
                                + "\"7 comes off in step s1 and never goes back on.\"}");
        out.reset();
        assertThat(json("ledger", request.formatted("3"))).isEmpty();
        assertThat(run("ledger", request.formatted("0"), "--json")).isEqualTo(3);
        assertThat(complaint).isEqualTo("“steps[0].actions[2].count” has to be more than 0.");
        String unknown = request.formatted("3").replace("\"joint\":\"cap\"", "\"joint\":\"cup\"");
        assertThat(run("ledger", unknown, "--json")).isEqualTo(3);
        assertThat(complaint).isEqualTo("There is no joint “cup”, which step “s1” names.");
    }

    @Test
    void aTableGoesBackChoosesAndNamesSteps() throws Exception {
        String request =
                """
                {"start":"g","readings":[{"id":"g","unit":"mm","from":0,"to":3},
                  {"id":"worn","values":["yes","no"]}],
                 "rules":[{"after":"g","when":[{"reading":"g","max":0.1}],
                    "then":{"measure":"worn"}},
                  {"after":"g","then":{"again":"g","changes":"the shim","most":2}},
                  {"after":"worn","when":[{"reading":"worn","is":"yes"}],
                    "then":{"verdict":"replace the set","steps":["s40","s44"]}}],
                 "values":{"g":%s,"worn":"yes"}}
                """;
        JsonNode answer = json("table", request.formatted("[0.5,0.1]"));
        assertThat(answer.path("path")).hasToString("[\"g\",\"g\",\"worn\"]");
        assertThat(answer.path("verdict").asText()).isEqualTo("replace the set");
        assertThat(answer.path("steps")).hasToString("[\"s40\",\"s44\"]");
        assertThat(answer.at("/missing/0/example/worn").asText()).isEqualTo("no");
        assertThat(answer.path("endless")).isEmpty();
        assertThat(answer.has("exhausted")).isFalse();
        out.reset();
        JsonNode exhausted = json("table", request.formatted("0.5"));
        assertThat(exhausted.path("verdict").isNull()).isTrue();
        assertThat(exhausted.path("exhausted").asBoolean()).isTrue();
        assertThat(exhausted.path("path")).hasSize(3);
        assertThat(
                        run(
                                "table",
                                request.formatted("[0.5]").replace("yes\"}}", "maybe\"}}"),
                                "--json"))
                .isEqualTo(3);
        assertThat(complaint).isEqualTo("“values”: “maybe” is none of the values of “worn”.");
        assertThat(run("table", request.formatted("[0.5,0.4]"), "--json")).isEqualTo(3);
        assertThat(complaint).isEqualTo("“values”: The value of “g” is missing.");
    }

    @Test
    void theLedgerWalksEachWayAndNamesTheOneThatDoesNotClose() throws Exception {
        String request =
                """
                {"parts":[{"id":"old","replacedBy":"new"},{"id":"new"},{"id":"x"}],
                 "joints":[{"id":"nut","ways":["feel"]}],
                 "steps":[
                  {"id":"s1","actions":[{"verb":"read","counter":"hours"},
                    {"verb":"loosen","joint":"nut"},{"verb":"remove","part":"old"}]},
                  {"id":"s2","either":"fill","way":"a","actions":[{"verb":"remove","part":"x"}]},
                  {"id":"s3","either":"fill"%s,"actions":[]},
                  {"id":"s4","when":"worn","actions":[{"verb":"isolate","energy":"air"}]},
                  {"id":"s5","actions":[{"verb":"install","part":"new"},
                    {"verb":"tighten","joint":"nut","by":"%s"},{"verb":"reset","counter":"hours"}]}]}
                """;
        JsonNode answer = json("ledger", request.formatted(",\"way\":\"b\"", "feel"));
        assertThat(answer).hasSize(2);
        assertThat(answer.get(0).path("rule").asText()).isEqualTo("not refitted");
        assertThat(answer.get(0).path("ways")).hasToString("[\"fill:a\"]");
        assertThat(answer.get(0).has("when")).isFalse();
        assertThat(answer.get(1).path("rule").asText()).isEqualTo("not restored");
        assertThat(answer.get(1).path("when")).hasToString("[\"worn\"]");
        out.reset();
        JsonNode byTorque = json("ledger", request.formatted(",\"way\":\"b\"", "torque"));
        assertThat(byTorque.findValuesAsText("rule")).contains("not tightened");
        assertThat(run("ledger", request.formatted("", "feel"), "--json")).isEqualTo(3);
        assertThat(complaint).isEqualTo("“steps[2].way” is missing.");
        assertThat(run("ledger", request.formatted(",\"way\":\"b\"", "luck"), "--json"))
                .isEqualTo(3);
        assertThat(complaint).isEqualTo("“steps[4].actions[1].by” is torque, turn, feel or hand.");
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
    void hazardsAreAskedByWhatWorkIs() throws Exception {
        JsonNode answers =
                json(
                        "hazards",
                        "[{\"sentence\":\"Undo the union of the fuel line.\",\"energies\":[\"fuel\"],"
                                + "\"parts\":[\"union\"]},{\"sentence\":\"Remove the drain plug.\"},"
                                + "{\"sentence\":\"Undo the union.\",\"energies\":[\"fuel\",\"whatever\"]},"
                                + "{\"sentence\":\"Open the gas train.\"}]");
        assertThat(answers.at("/0/asks").toString()).isEqualTo("[\"chemical\",\"flammable gas\"]");
        assertThat(answers.at("/1/asks")).isEmpty();
        assertThat(answers.at("/1/licensed")).isEmpty();
        assertThat(answers.at("/2/asks").toString()).contains("flammable gas");
        assertThat(answers.at("/3/licensed").toString()).isEqualTo("[\"gas\"]");
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

    /** Request, a place in the answer, and what stands there, as the contract shows them. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '\u0001',
            textBlock =
                    """
                    convert | {"text":"52-60 in-lb","to":"N·m"} | /entered/unit | lbf·in
                    convert | {"text":"52-60 in-lb","to":"N·m"} | /shown/max | 6.75
                    convert | {"text":"52-60 in-lb","to":"N·m"} | /print | 52 to 60 lbf·in (5.9 to 6.75 N·m)
                    agree | {"first":"52-60 in-lb","second":"5.9 to 6.8 Nm"} | /agree | true
                    agree | {"first":"18 ft-lb","second":"18 Nm"} | /likely | N·m for lbf·ft
                    preload | {"thread":"M8x1.25","class":"8.8","torque":"25 N·m","condition":"dry"} | /verdict | plausible
                    preload | {"thread":"M8x1.25","class":"8.8","torque":"25 N·m","condition":"dry"} | /slip | null
                    preload | {"thread":"M6","class":"8.8","torque":"70 lbf·ft","condition":"dry"} | /slip/words | lbf·in meant?
                    preload | {"thread":"M6","class":"8.8","torque":"1 N·m","soft":true} | /verdict | plausible
                    wrenches | {"wrenches":[{"name":"W1","range":"2-10 N·m"}],"values":[{"joint":"cap","torque":"7-8.5 N·m","stages":[0.5,1]}],"from":0.2} | /fewest/0 | W1
                    wrenches | {"wrenches":[{"name":"W1","range":"5-10 N·m"}],"values":[{"joint":"cap","torque":"7-8.5 N·m","stages":[0.5,1]}]} | /unreached/0/torque/min | 3.5
                    adapter | {"torque":"46 N·m","wrenchLength":"400 mm","extension":"60 mm","angle":0} | /set/min | 40.0
                    adapter | {"torque":"40 N·m","wrenchLength":"400 mm","extension":"60 mm","angle":90} | /set/max | 40.0
                    kits | {"demand":[{"part":"11","count":2}],"kits":[{"number":"K1","contents":[{"part":"11","count":2}]}]} | /choose/0/kit | K1
                    kits | {"demand":[{"part":"11","count":2}],"kits":[{"number":"K1","contents":[{"part":"11","count":2}]}]} | /coverage/0/spare | 0
                    plan | {"people":2,"steps":[{"id":"a","hands":120,"after":[]},{"id":"w","wait":300,"after":["a"]}]} | /elapsed | 420
                    plan | {"people":2,"steps":[{"id":"a","hands":120,"after":[]},{"id":"w","wait":300,"after":["a"]}]} | /schedule/0/person | 1
                    plan | {"people":2,"steps":[{"id":"a","hands":120,"after":[]},{"id":"w","wait":300,"after":["a"]}]} | /schedule/1/start | 120
                    plan | {"people":2,"steps":[{"id":"a","hands":120,"after":[]},{"id":"w","wait":300,"after":["a"]}]} | /schedule/1/end | 420
                    plan | {"people":2,"steps":[{"id":"a","hands":120,"after":[]},{"id":"w","wait":300,"after":["a"]}]} | /schedule/1/person | null
                    plan | {"people":2,"steps":[{"id":"a","hands":120,"after":[]},{"id":"w","wait":300,"after":["a"]}]} | /critical/1 | w
                    plan | {"people":1,"steps":[{"id":"a","hands":10.5,"wait":5,"from":600}]} | /schedule/0/end | 615.5
                    plan | {"people":1,"steps":[]} | /elapsed | 0
                    fit | {"fitted":"2.10 mm","clearance":"0.31 mm","wanted":"0.10 mm","limits":"0.05-0.15 mm","stock":["2.20 mm","2.30","2.40 mm"],"rule":"nearest"} | /chosen/min | 2.3
                    fit | {"fitted":"2.10 mm","clearance":"0.31 mm","wanted":"0.10 mm","limits":"0.05-0.15 mm","stock":["2.20 mm"]} | /verdict | none fits
                    reading | {"limit":"0.05-0.15 mm","resolution":"0.01 mm","values":["0.15 mm"]} | /verdicts/0 | marginal
                    reading | {"limit":"0.05-0.15 mm","resolution":"0.05 mm","values":[]} | /instrument | too coarse
                    gear | {"speed":"1400 rpm","pairs":[{"driver":20,"driven":45}]} | /ratio | 2.25
                    gear | {"teeth":[21,14],"centre":"240 mm","pitch":"12.7 mm"} | /pitches | 56
                    table | {"start":"g","readings":[{"id":"g","unit":"mm","from":0,"to":3}],"rules":[{"after":"g","when":[{"reading":"g","below":0.13}],"then":{"verdict":"a"}},{"after":"g","when":[{"reading":"g","above":0.13}],"then":{"verdict":"b"}}],"values":{"g":0.2}} | /missing/0/example/g | 0.13
                    table | {"start":"g","readings":[{"id":"g","unit":"mm","from":0,"to":3}],"rules":[{"after":"g","when":[],"then":{"verdict":"a"}},{"after":"g","when":[],"then":{"verdict":"b"}}]} | /unreachable/0 | 2
                    """)
    void answersStandWhereTheContractSays(String name, String request, String at, String value)
            throws Exception {
        assertThat(json(name, request).at(at).asText()).isEqualTo(value);
        assertThat(run(name, request)).isZero();
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
                "convert | {\"text\":\"52 in-lb\",\"to\":\"mm\"} | to",
                "convert | {\"text\":\"much\",\"to\":\"mm\"} | text",
                "agree | {\"first\":\"5 mm\",\"second\":\"5 N\"} | second",
                "preload | {\"thread\":\"M8\",\"class\":\"7.7\",\"torque\":\"5 Nm\"} | class",
                "preload | {\"thread\":\"odd\",\"class\":\"8.8\",\"torque\":\"5 Nm\"} | thread",
                "preload | {\"thread\":\"M8\",\"class\":\"8.8\",\"torque\":\"5 mm\"} | torque",
                "wrenches | {\"values\":[]} | wrenches",
                "adapter | {\"torque\":\"5 Nm\",\"wrenchLength\":\"4 N\",\"extension\":\"1 mm\"} | wrenchLength",
                "kits | {\"demand\":[{\"part\":\"1\",\"count\":-1}],\"kits\":[]} | count",
                "plan | {\"people\":0,\"steps\":[]} | people",
                "plan | {\"steps\":[{\"id\":\"a\",\"hands\":-1}]} | hands",
                "plan | {\"steps\":[{\"id\":\"a\",\"after\":[\"a\"]}]} | comes after itself",
                "plan | {\"steps\":[{\"id\":\"a\",\"after\":[\"b\"]}]} | not there",
                "plan | {\"steps\":[{\"id\":\"a\"},{\"id\":\"a\"}]} | twice",
                "fit | {\"fitted\":\"2 N\"} | fitted",
                "reading | {\"limit\":\"2 mm\",\"resolution\":\"0 mm\",\"values\":[]} | resolution",
                "gear | {\"speed\":\"9 rpm\",\"pairs\":[{\"driver\":0,\"driven\":4}]} | driver",
                "table | {\"start\":\"x\",\"readings\":[],\"rules\":[]} | rules",
                "hazards | {\"energies\":[\"fuel\"]} | sentence",
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

    @Test
    void numbersWithoutEndAreOneSentence() throws Exception {
        for (String odd : List.of("1e99999999993", "1e-9999999980")) {
            assertThat(run("gear", "{\"speed\":" + odd + "}")).as(odd).isEqualTo(3);
            assertThat(complaint).contains("beyond measure");
        }
        for (String number : List.of("1e-99999999", "1e999999999", "1e99", "9".repeat(900))) {
            String request =
                    "{\"known\":{\"shape\":\"length\",\"points\":[[0,0],["
                            + number
                            + ",5]],\"sides\":[\"40 mm\"]},\"measure\":[[0,0],[9,9]]}";
            assertThat(run("length", request)).as(number).isEqualTo(3);
            assertThat(complaint).contains("more digits than anybody measures");
        }
        assertThat(run("convert", "{\"text\":\"" + "9".repeat(200_000) + " mm\",\"to\":\"in\"}"))
                .isEqualTo(3);
        assertThat(complaint).contains("more digits than anybody measures").hasSizeLessThan(200);
        assertThat(run("convert", "{\"text\":\"1/99999999999999999999 mm\",\"to\":\"in\"}"))
                .isEqualTo(3);
        assertThat(complaint).doesNotContain("For input string");
        assertThat(run("fit", "{\"fitted\":" + "9".repeat(200_000) + "}")).isEqualTo(3);
        assertThat(complaint).contains("beyond measure");
    }

    @Test
    void listsWithoutEndAreOneSentence() throws Exception {
        String screws = "[1,2],".repeat(100_000) + "[3,4]";
        assertThat(run("order", "{\"screws\":[" + screws + "],\"torque\":\"24 N·m\"}"))
                .isEqualTo(3);
        assertThat(complaint).contains("“screws” has more than");
        String targets = "{\"id\":\"1\",\"x\":1,\"y\":1},".repeat(5_000);
        assertThat(
                        run(
                                "callouts",
                                "{\"width\":9,\"height\":9,\"picture\":[0,0,9,9],\"radius\":1,"
                                        + "\"targets\":["
                                        + targets.substring(0, targets.length() - 1)
                                        + "]}"))
                .isEqualTo(3);
        assertThat(complaint).contains("“targets” has more than 300 entries");
        assertThat(run("order", "[" + "0,".repeat(30_000) + "0]")).isEqualTo(3);
        assertThat(complaint).contains("more than 20000 requests");
        assertThat(run("order", "x".repeat(6_000_000))).isEqualTo(3);
        assertThat(complaint).contains("larger than 5 MB");
        assertThat(run("order", "[".repeat(100_000))).isEqualTo(3);
        assertThat(complaint).contains("beyond measure");
    }
}
