package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.narration.Captions;
import methodos.files.project.ProjectFolder;
import org.junit.jupiter.api.Test;

class CommandLineTest extends CalledCommands {

    @Test
    void aPartsListIsTakenInWholeOrNotAtAll() throws Exception {
        Path list =
                Files.writeString(
                        demo.resolveSibling("list.csv"),
                        "item,name,qty\n7,cap screw,10\n99,shim,2\n");
        assertThat(run("import", demo, "--parts", list)).isZero();
        assertThat(output()).startsWith("1 parts added, 1 changed,");
        byte[] before = Files.readAllBytes(demo.resolve("manual.json"));
        Files.writeString(list, "item,name,qty\n98,ring,2\n97,pin,few\n");
        assertThat(run("import", demo, "--parts", list)).isEqualTo(3);
        assertThat(complaint()).contains("Line 3, qty: “few” is no whole number above 0.");
        assertThat(Files.readAllBytes(demo.resolve("manual.json"))).isEqualTo(before);
        Files.writeString(list, "kit,item,qty\nQA80-K3,11,2\n,13,1\n");
        assertThat(run("import", demo, "--kits", list)).isZero();
        assertThat(output()).startsWith("1 kits added, 0 changed, 2 not in the list");
        Files.writeString(list, "tool,size,kind\nreamer,8 mm,special\n");
        assertThat(run("import", demo, "--tools", list)).isZero();
        assertThat(output()).startsWith("1 tools added");
        Files.writeString(list, "joint,torque (N·m),class\nBracket,20,8.8\n");
        assertThat(run("import", demo, "--torques", list)).isZero();
        assertThat(output()).startsWith("1 joints added");
        Files.writeString(list, "joint,torque\nBracket,20 mm\n");
        assertThat(run("import", demo, "--torques", list)).isEqualTo(3);
        refused("nowhere.csv", "import", demo, "--parts", "nowhere.csv");
    }

    @Test
    void aSoundManualIsCheckedWithStatusNought() throws Exception {
        assertThat(run("check", demo)).isZero();
        assertThat(output())
                .startsWith("6 of 78 steps name no part, joint or energy: the ledger cannot follow")
                .contains("\ncould confuse: ");
        assertThat(run("check", demo, "--json")).isZero();
        JsonNode found = new ObjectMapper().readTree(output());
        assertThat(found).isNotEmpty();
        for (JsonNode one : found) {
            assertThat(one.path("severity").asText()).isEqualTo("confuse");
            assertThat(one.path("sentence").asText()).endsWith(".");
        }
    }

    @Test
    void whatCouldBreakIsFoundWithStatusOneForTheVariantsThatHaveIt() throws Exception {
        try (ProjectFolder folder = ProjectFolder.open(demo)) {
            Manual manual = folder.workspace().manual();
            Step step = manual.step(new Id<>("s199")).orElseThrow();
            folder.save(
                    manual.withStep(
                            step.withParts(
                                    step.parts().stream()
                                            .filter(u -> !u.part().equals(new Id<>("p20")))
                                            .toList())));
        }
        assertThat(run("check", demo, "--json")).isEqualTo(1);
        JsonNode first = new ObjectMapper().readTree(output()).get(0);
        assertThat(first.path("rule").asText()).isEqualTo("not refitted");
        assertThat(first.path("severity").asText()).isEqualTo("break");
        assertThat(first.path("steps")).hasToString("[\"s172\"]");
        assertThat(first.path("variants")).hasToString("[\"v284\",\"v286\"]");
        assertThat(first.at("/evidence/0/kind").asText()).isEqualTo("recorded");
        assertThat(run("check", demo, "--variant", "v283")).isZero();
        assertThat(run("check", demo, "--serial", "2417")).isEqualTo(1);
    }

    @Test
    void theBuildUpIsDraftedAndTheProjectStaysAsItIs() throws Exception {
        Manual before = ProjectFolder.read(demo).manual();
        assertThat(run("reverse", demo, "--json")).isZero();
        JsonNode reverse = new ObjectMapper().readTree(output());
        assertThat(reverse.at("/steps/0/text").asText()).isEqualTo("Fit 2 new piston O-rings.");
        assertThat(reverse.at("/steps/0/evidence/0/kind").asText()).isEqualTo("recorded");
        assertThat(reverse.at("/open/0/step").asText())
                .isEqualTo(reverse.at("/steps/0/id").asText());
        assertThat(ProjectFolder.read(demo).manual()).isEqualTo(before);
    }

    @Test
    void tablesAreDerivedForAVariantInEachForm() throws Exception {
        for (String what : List.of("parts", "kits", "tools", "consumables", "torques", "limits")) {
            assertThat(run("tables", demo, "--what", what, "--format", "json")).isZero();
            JsonNode table = new ObjectMapper().readTree(output());
            assertThat(table.path("what").asText()).isEqualTo(what);
            assertThat(table.path("rows")).as(what).isNotEmpty();
            for (JsonNode row : table.path("rows")) {
                assertThat(row.size()).isEqualTo(table.path("columns").size());
            }
            assertThat(run("tables", demo, "--what", what)).isZero();
            assertThat(output().lines().count()).isGreaterThan(table.path("rows").size());
        }
        assertThat(run("tables", demo, "--what", "parts", "--variant", "QA-80 D", "--json"))
                .isZero();
        assertThat(output()).contains("\"variant\":\"QA-80 D\"").doesNotContain("\"spring\"");
        assertThat(run("tables", demo, "--what", "torques", "--format", "xlsx")).isZero();
        assertThat(output()).startsWith("PK");
        assertThat(run("tables", demo, "--what", "colours")).isEqualTo(2);
        refused("no variant", "tables", demo, "--what", "parts", "--variant", "QA-99");
    }

    @Test
    void hearsTheDemoAndSaysSoWhereItCannotHear() throws Exception {
        Captions written = captions("2-take-down");
        assertThat(written.captions()).isNotEmpty();
        try (ProjectFolder folder = ProjectFolder.open(demo)) {
            Manual manual = folder.workspace().manual();
            folder.save(manual.withClip(ClipChoice.of(manual, "2-take-down").withCaptions(null)));
        }
        assertThat(captions("2-take-down").captions()).isEmpty();
        assertThat(run("hear", demo, "--clip", "2-take-down")).isZero();
        assertThat(captions("2-take-down")).isEqualTo(written);

        Path other = temp.resolve("other.mp4");
        Files.copy(clip, other);
        Files.write(other, new byte[8], StandardOpenOption.APPEND);
        assertThat(run("import", demo, "--footage", other)).isZero();
        refused("import captions", "hear", demo, "--clip", "other");
    }

    private Captions captions(String name) throws Exception {
        try (ProjectFolder folder = ProjectFolder.open(demo)) {
            Clip owner = ClipChoice.of(folder.workspace().manual(), name);
            return folder.workspace().captions(owner.id());
        }
    }

    @Test
    void probePrintsOneValue() throws Exception {
        assertThat(run("probe", clip, "--json")).isZero();
        JsonNode probe = json();
        assertThat(probe.path("container").asText()).isEqualTo("mp4");
        assertThat(probe.path("duration").asDouble()).isEqualTo(101.0);
        assertThat(probe.at("/video/codec").asText()).isEqualTo("h264");
        assertThat(probe.at("/video/width").asInt()).isEqualTo(960);
        assertThat(probe.at("/video/frames").asInt()).isEqualTo(1212);
        assertThat(probe.at("/video/variableRate").asBoolean()).isFalse();
        assertThat(probe.at("/audio/0/codec").asText()).isEqualTo("aac");
        assertThat(probe.path("problems")).isEmpty();
        assertThat(run("probe", clip)).isZero();
        assertThat(output()).contains("h264 960 × 540");
    }

    @Test
    void stillWritesThePictureAndSaysItsTime() throws Exception {
        Path png = temp.resolve("still.png");
        assertThat(run("still", clip, "--at", "12.51", "--out", png, "--json")).isZero();
        assertThat(json().path("time").asDouble()).isEqualTo(12.5);
        assertThat(json().path("width").asInt()).isEqualTo(960);
        assertThat(ImageIO.read(png.toFile()).getHeight()).isEqualTo(540);
    }

    @Test
    void changesTellsWhatIsGoneAndWhatIsNew() throws Exception {
        assertThat(run("changes", clip, "--from", "34", "--to", "40.9", "--json")).isZero();
        assertThat(json().path("before").asDouble()).isLessThanOrEqualTo(34);
        assertThat(json().path("after").asDouble()).isGreaterThanOrEqualTo(40.9);
        assertThat(json().path("changes")).isNotEmpty();
        for (JsonNode change : json().path("changes")) {
            assertThat(change.path("kind").asText()).isIn("gone", "new");
            for (String share : List.of("x", "y", "width", "height", "sure")) {
                assertThat(change.path(share).asDouble()).as(share).isBetween(0.0, 1.0);
            }
            assertThat(change.path("at").asDouble()).isBetween(33.0, 42.0);
        }
        // the springs stood in the bore
        assertThat(json().path("changes"))
                .anyMatch(
                        c ->
                                c.path("kind").asText().equals("gone")
                                        && Math.abs(c.path("x").asDouble() - .54) < .08
                                        && Math.abs(c.path("y").asDouble() - .38) < .1);
        assertThat(run("changes", clip, "--from", "9", "--to", "2")).isEqualTo(2);
        assertThat(complaint()).contains("--to is before --from");
    }

    @Test
    void newImportAndShowMakeAManual() throws Exception {
        Path project = temp.resolve("brake.methodos");
        assertThat(run("new", project, "--title", "Hand brake HB-3")).isZero();
        assertThat(run("import", project, "--footage", clip)).isZero();
        assertThat(output()).contains("2-take-down");
        Path captions =
                Files.writeString(
                        temp.resolve("c.srt"), "1\n00:00:01,000 --> 00:00:02,000\nCap off.\n");
        assertThat(run("import", project, "--captions", captions)).isZero();
        assertThat(run("show", project, "--json")).isZero();
        assertThat(json().path("title").asText()).isEqualTo("Hand brake HB-3");
        assertThat(json().at("/clips/0/duration").asDouble()).isEqualTo(101.0);
        for (String field : new String[] {"unit", "clips", "stages"}) {
            assertThat(json().has(field)).as(field).isTrue();
        }
        assertThat(
                        ProjectFolder.read(project)
                                .captions(new Id<>(json().at("/clips/0/id").asText()))
                                .captions())
                .hasSize(1);
        refused("already", "import", project, "--footage", clip);
    }

    @Test
    void publishSeesThroughOneUnitsEyes() throws Exception {
        assertThat(published("--serial", "2417"))
                .contains("serial 2417", "snap ring of the lower bearing")
                .doesNotContain("bonded lower bearing in the body");
        assertThat(published("--variant", "QA-80 D")).doesNotContain("five springs");
        assertThat(published("--variant", "QA-80 D", "--serial", "2417"))
                .contains("QA-80 D, serial 2417", "snap ring of the lower bearing")
                .doesNotContain("five springs", "class=\"only\"");
        refused(
                "No unit of QA-80 D has serial number 999",
                publish("--variant", "QA-80 D", "--serial", "999"));
        refused("serial number 7", publish("--serial", "7"));
        refused("QA-99", publish("--variant", "QA-99"));
    }

    private Object[] publish(String... units) {
        List<Object> all = new ArrayList<>(List.of("publish", demo));
        all.addAll(List.of("--out", temp.resolve("site"), "--format", "html"));
        all.addAll(List.of(units));
        return all.toArray();
    }

    /** The page for the screen, of an issue for some units. */
    private String published(String... units) throws Exception {
        assertThat(run(publish(units))).isZero();
        return Files.readString(temp.resolve("site/html/index.html"));
    }

    @Test
    void wrongUseIsTwoAndShowsTheRightOne() {
        assertThat(run("still", clip)).isEqualTo(2);
        assertThat(complaint()).contains("--at", "still");
        assertThat(run("dance")).isEqualTo(2);
        assertThat(run("publish", demo, "--out", temp, "--format", "doc")).isEqualTo(2);
        assertThat(complaint()).contains("pdf, html, reshoot, fetch");
        assertThat(run("--help")).isZero();
        assertThat(output()).contains("probe", "still", "publish");
        assertThat(run("probe", "--help")).isZero();
    }

    @Test
    void badInputIsThreeAndOneSentence() throws Exception {
        Path letter = Files.writeString(temp.resolve("letter.mp4"), "Dear colleague");
        refused("letter.mp4", "probe", letter, "--json");
        refused(
                "letter.mp4",
                "still",
                letter,
                "--at",
                "1",
                "--out",
                temp.resolve("x.png"),
                "--json");
        assertThat(temp.resolve("x.png")).doesNotExist();
        refused("does not exist", "probe", temp.resolve("none.mp4"));
        byte[] bytes = Files.readAllBytes(clip);
        Path truncated = Files.write(temp.resolve("cut.mp4"), Arrays.copyOf(bytes, 2000));
        refused("cut.mp4", "probe", truncated);
        refused("no project", "show", temp);
        refused("not empty", "new", demo, "--title", "x");
        refused("not empty", "demo", "--into", demo);
    }

    @Test
    void badInputLeavesTheProjectAsItWas() throws Exception {
        Path file = demo.resolve("manual.json");
        byte[] before = Files.readAllBytes(file);
        Path empty = Files.createFile(temp.resolve("empty.vtt"));
        refused("no captions", "import", demo, "--captions", empty, "--clip", "2-take-down");
        Path latin =
                Files.write(
                        temp.resolve("latin.srt"),
                        "1\n00:00:01,000 --> 00:00:02,000\nfünf\n"
                                .getBytes(StandardCharsets.ISO_8859_1));
        refused("UTF-8", "import", demo, "--captions", latin, "--clip", "2-take-down");
        refused(
                "no clip nine",
                "import",
                demo,
                "--captions",
                demo.resolve("manual.json"),
                "--clip",
                "nine");
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
        Files.writeString(
                file,
                Files.readString(file)
                        .replaceFirst("\"format\"\\s*:\\s*\"\\d+\\.", "\"format\": \"9."));
        refused("newer version", "show", demo, "--json");
    }

    @Test
    void anOutputThatCannotBeWrittenIsThree() throws Exception {
        Path taken = Files.writeString(temp.resolve("taken"), "x");
        refused("cannot be", "still", clip, "--at", "1", "--out", taken.resolve("s.png"));
        refused("cannot be written", "publish", demo, "--out", taken, "--format", "html");
        try (Stream<Path> all = Files.list(temp)) {
            assertThat(all.map(p -> p.getFileName().toString())).noneMatch(n -> n.startsWith("."));
        }
    }

    @Test
    void verboseAddsTheDetails() {
        assertThat(run("--verbose", "probe", temp.resolve("none.mp4"))).isEqualTo(3);
        assertThat(complaint()).contains("FootageProblem", "\tat ");
    }

    @Test
    void theDemoIsACopyThatOpens() throws Exception {
        Path copy = temp.resolve("copy.methodos");
        assertThat(run("demo", "--into", copy)).isZero();
        ProjectFolder.open(copy).close();
        assertThat(run("show", copy)).isZero();
        assertThat(output()).startsWith("Overhaul of the QA-80");
        assertThat(output().lines().count()).isGreaterThan(50);
    }

    @Test
    void cutWritesAFilmAndItsCaptions() throws Exception {
        Path film = temp.resolve("films/ring.webm");
        Path captions = demo.resolve("footage/2-take-down.vtt");
        Files.writeString(captions, "WEBVTT\n\n00:01:01.000 --> 00:01:02.000\nSnap ring out.\n");
        assertThat(
                        run(
                                "cut",
                                clip,
                                "--from",
                                60,
                                "--to",
                                62.5,
                                "--out",
                                film,
                                "--height",
                                180,
                                "--captions",
                                captions))
                .isZero();
        assertThat(run("probe", film, "--json")).isZero();
        assertThat(json().at("/video/codec").asText()).isEqualTo("vp9");
        assertThat(json().at("/video/height").asInt()).isEqualTo(180);
        assertThat(json().at("/audio/0/codec").asText()).isEqualTo("opus");
        assertThat(json().path("duration").asDouble())
                .isCloseTo(2.5, org.assertj.core.api.Assertions.within(0.1));
        assertThat(film.resolveSibling("ring.vtt"))
                .content()
                .contains("00:00:01.000 --> 00:00:02.000", "Snap ring out.");
        refused("empty", "cut", clip, "--from", 5, "--to", 5, "--out", film);
    }

    @Test
    void aStepsFilmIsMadeOfItsFirstSpan() throws Exception {
        var workspace = methodos.files.project.ProjectFolder.read(demo);
        var step =
                workspace
                        .manual()
                        .steps()
                        .filter(s -> !s.spans().isEmpty() && s.spans().get(0).seconds() < 5)
                        .findFirst()
                        .orElseThrow();
        var films =
                new methodos.desktop.publish.StepFilms(
                        workspace,
                        c -> demo.resolve(c.path()).normalize(),
                        s -> assertThat(s).isEqualTo(step),
                        () -> false);
        var film = films.of(step, temp, "film-1").orElseThrow();
        assertThat(run("probe", temp.resolve(film.file()), "--json")).isZero();
        assertThat(json().path("duration").asDouble())
                .isCloseTo(
                        step.spans().get(0).seconds(),
                        org.assertj.core.api.Assertions.within(0.15));
        var nowhere = step.withSpans(java.util.List.of());
        assertThat(
                        new methodos.desktop.publish.StepFilms(
                                        workspace, c -> temp.resolve("none"), s -> {}, () -> false)
                                .of(nowhere, temp, "film-2"))
                .isEmpty();
    }

    @Test
    void narrationIsDraftedIntoStepsWithTheirWords() throws Exception {
        Path words = temp.resolve("words.txt");
        Files.writeString(
                words,
                """
                [0:00] Welcome back everybody.
                [0:04] Remove the four M6 by 25 cap screws from the end cap with a five mil hex key.
                [0:12] Don't pry. Tighten them to 7 to 8.5 newton metres.
                """);
        assertThat(run("draft", "--captions", words, "--json")).isZero();
        JsonNode draft = json();
        JsonNode first = draft.get("steps").get(0);
        assertThat(first.get("action").asText()).isEqualTo("remove");
        assertThat(first.get("parts").get(0).get("size").asText()).isEqualTo("M6 x 25");
        assertThat(first.get("evidence").get(0).get("start").asDouble()).isEqualTo(4.0);
        assertThat(draft.get("dismissed").get(0).get("reason").asText()).isEqualTo("chatter");
        assertThat(output().lines()).hasSize(1);

        assertThat(run("draft", "--captions", words)).isZero();
        assertThat(output()).contains("caution").contains("set aside").contains("7 to 8.5 N·m");
    }

    @Test
    void aDraftIsPutIntoAProjectAndGetsItsStills() throws Exception {
        assertThat(run("draft", "--captions", demo.resolve("missing.vtt"), "--json")).isEqualTo(3);
        Path words = temp.resolve("words.txt");
        Files.writeString(words, "[0:02] Drain the body.\n[0:20] Clean the rack.\n");
        Id<Clip> clipId = ProjectFolder.read(demo).manual().clips().get(1).id();
        long before = ProjectFolder.read(demo).manual().steps().count();
        refused("which clip", "draft", "--captions", words, "--into", demo);
        assertThat(
                        run(
                                "draft",
                                "--captions",
                                words,
                                "--footage",
                                clip,
                                "--into",
                                demo,
                                "--clip",
                                clipId,
                                "--json"))
                .isZero();
        JsonNode draft = json();
        assertThat(draft.get("stills")).hasSameSizeAs(draft.get("steps"));
        assertThat(draft.get("shownNotTold")).isNotEmpty();
        assertThat(ProjectFolder.read(demo).manual().steps().count())
                .isGreaterThanOrEqualTo(before);
    }
}
