package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Inputs and outputs that are not what they should be, by the command line. */
class HostileInputTest extends CalledCommands {

    @Test
    void anOutputIsNeitherTheInputNorADevice() throws Exception {
        byte[] before = Files.readAllBytes(clip);
        refused("is what is read itself", "still", clip, "--at", "1", "--out", clip);
        refused("is what is read itself", "cut", clip, "--from", "1", "--to", "2", "--out", clip);
        assertThat(Files.readAllBytes(clip)).isEqualTo(before);
        refused("no file that can be replaced", "still", clip, "--at", "1", "--out", "/dev/null");
        refused(
                "no file that can be replaced",
                "cut",
                clip,
                "--from",
                "1",
                "--to",
                "2",
                "--out",
                "/dev/null");
        assertThat(Files.isRegularFile(Path.of("/dev/null"))).isFalse();
        refused(
                "there is no folder",
                "still",
                clip,
                "--at",
                "1",
                "--out",
                temp.resolve("no/x.png"));
    }

    @Test
    void timesThatAreNoneAreWrongUse() {
        for (String time : List.of("NaN", "Infinity", "1e99")) {
            assertThat(run("still", clip, "--at", time, "--out", temp.resolve("x.png")))
                    .isEqualTo(2);
            assertThat(complaint()).contains("--at is a time in seconds");
        }
        assertThat(run("cut", clip, "--from", "NaN", "--to", "2", "--out", temp.resolve("x.webm")))
                .isEqualTo(2);
        assertThat(run("best", clip, "--from", "NaN")).isEqualTo(2);
    }

    @Test
    void aClipWithAColonInItsNameIsAFile() throws Exception {
        Path colon = Files.copy(clip, temp.resolve("a:b.mp4"));
        assertThat(run("probe", colon, "--json")).isZero();
        Path there = Files.copy(clip, Path.of("relative:name.mp4"));
        try {
            assertThat(run("probe", there, "--json")).isZero();
        } finally {
            Files.delete(there);
        }
    }

    @Test
    void devicesAndListsOfOtherFilesAreNoRecordings() throws Exception {
        refused("is no file", "probe", "/dev/zero", "--json");
        for (String list :
                List.of(
                        "#EXTM3U\n#EXT-X-TARGETDURATION:9\n#EXTINF:9,\n"
                                + clip
                                + "\n#EXT-X-ENDLIST\n",
                        "ffconcat version 1.0\nfile '" + clip + "'\n",
                        "<?xml version=\"1.0\"?><MPD xmlns=\"urn:mpeg:dash:schema:mpd:2011\"></MPD>")) {
            for (String ending : List.of("m3u8", "mp4", "ffconcat", "mpd")) {
                Path file = Files.writeString(temp.resolve("list." + ending), list);
                refused("is no recording that can be read", "probe", file, "--json");
                refused(
                        "is no recording that can be read",
                        "still",
                        file,
                        "--at",
                        "1",
                        "--out",
                        temp.resolve("x.png"));
            }
        }
    }

    @Test
    void aFolderThatIsNotEmptyOrCannotBeMadeLeavesNoHalves() throws Exception {
        Path file = Files.writeString(temp.resolve("file"), "x");
        refused("cannot be written", "new", file.resolve("p"), "--title", "x");
        refused("cannot be written", "demo", "--into", file.resolve("p"));
        refused("is a file", "demo", "--into", file);
        assertThat(file).hasContent("x");
    }

    @Test
    void aDeviceThatIsFullIsSaid() {
        java.io.PrintStream full =
                new java.io.PrintStream(
                        new java.io.OutputStream() {
                            @Override
                            public void write(int b) throws java.io.IOException {
                                throw new java.io.IOException("No space left on device");
                            }
                        });
        System.setOut(full);
        assertThat(Methodos.run("show", demo.toString(), "--json")).isEqualTo(3);
        assertThat(complaint()).contains("Standard output cannot be written");
    }

    @Test
    void oneCheckThatFailsDoesNotSwitchTheOthersOff() throws Exception {
        Path file = demo.resolve("manual.json");
        ObjectMapper mapper = new ObjectMapper();
        ObjectNode tree = (ObjectNode) mapper.readTree(file.toFile());
        ((ObjectNode) tree.at("/wrenches/0")).put("range", "2 to 10 mm");
        mapper.writeValue(file.toFile(), tree);
        assertThat(run("check", demo, "--json")).isEqualTo(1);
        List<String> rules =
                java.util.stream.StreamSupport.stream(json().spliterator(), false)
                        .map(f -> f.path("rule").asText())
                        .toList();
        assertThat(rules).contains("not checked", "senseless", "coverage");
        assertThat(output()).contains("wrenches[0]");
    }

    @Test
    void aManualThatLacksSomethingIsRefusedWithItsPlace() throws Exception {
        Path file = demo.resolve("manual.json");
        ObjectMapper mapper = new ObjectMapper();
        ObjectNode tree = (ObjectNode) mapper.readTree(file.toFile());
        ((ObjectNode) tree.at("/wrenches/0")).remove("range");
        mapper.writeValue(file.toFile(), tree);
        refused("wrenches[0]", "check", demo);
    }

    @Test
    void aStepsIdIsNoPathOutOfTheFolder() throws Exception {
        Path file = demo.resolve("manual.json");
        ObjectMapper mapper = new ObjectMapper();
        ObjectNode tree = (ObjectNode) mapper.readTree(file.toFile());
        for (JsonNode stage : tree.path("stages")) {
            ArrayNode steps = (ArrayNode) stage.path("steps");
            while (steps.size() > 1) {
                steps.remove(1); // one is enough, and films take their time
            }
            ((ObjectNode) steps.get(0))
                    .put("id", "../../../../escaped-" + stage.path("id").asText());
        }
        mapper.writeValue(file.toFile(), tree);
        Path out = temp.resolve("a/b/c/d");
        assertThat(run("publish", demo, "--out", out, "--format", "html", "--films")).isZero();
        assertThat(out.resolve("html/content-1/film-1.webm")).isNotEmptyFile();
        try (Stream<Path> all = Files.walk(temp)) {
            assertThat(all.filter(p -> p.getFileName().toString().startsWith("escaped"))).isEmpty();
        }
        assertThat(run("check", demo, "--json")).isIn(0, 1);
        assertThat(output()).contains("is no id");
    }

    @Test
    void whatASystemSaysOfAFileHasNoSignsOfControl() throws Exception {
        Path odd = Files.writeString(temp.resolve("a\u001b[31m.mp4"), "no film");
        assertThat(run("probe", odd, "--json")).isEqualTo(3);
        assertThat(complaint()).doesNotContain("\u001b");
    }
}
