package methodos.files.captions;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.files.problem.ProjectProblem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CaptionFileTest {

    @TempDir private Path folder;

    private Captions read(String text) throws Exception {
        return CaptionFile.read(Files.writeString(folder.resolve("c.vtt"), text));
    }

    private Captions readIn(Charset charset, String text) throws Exception {
        return CaptionFile.read(Files.write(folder.resolve("c.srt"), text.getBytes(charset)));
    }

    @Test
    void readsWebVtt() throws Exception {
        Captions c =
                read(
                        """
                        WEBVTT - a title

                        NOTE made by hand

                        STYLE
                        ::cue { color: white }

                        first
                        00:01.500 --> 00:04.000 align:start position:10%
                        <v Ann>Four screws, <i>crosswise</i> &amp; even.</v>

                        01:00:02.000 --> 01:00:05.250
                        Two
                        lines.
                        """);
        assertThat(c.captions())
                .containsExactly(
                        new Caption(1.5, 4, "Four screws, crosswise & even."),
                        new Caption(3602, 3605.25, "Two lines."));
    }

    @Test
    void readsSubRip() throws Exception {
        Captions c =
                read(
                        "1\r\n00:00:01,000 --> 00:00:02,500\r\n<b>Cap off.</b>\r\n\r\n2\r\n00:00:03,000 --> 00:00:04,000\r\n{\\an8}Springs.\r\n");
        assertThat(c.captions())
                .containsExactly(new Caption(1, 2.5, "Cap off."), new Caption(3, 4, "Springs."));
    }

    @Test
    void readsUtf16AndAByteOrderMark() throws Exception {
        String text = "\uFEFFWEBVTT\n\n00:01.000 --> 00:02.000\nµm, ¾ turn\n";
        for (Charset charset :
                new Charset[] {
                    StandardCharsets.UTF_8, StandardCharsets.UTF_16LE, StandardCharsets.UTF_16BE
                }) {
            assertThat(readIn(charset, text).captions().get(0).words()).isEqualTo("µm, ¾ turn");
        }
    }

    @Test
    void anotherEncodingIsOneSentence() {
        assertThatThrownBy(
                        () ->
                                readIn(
                                        StandardCharsets.ISO_8859_1,
                                        "1\n00:00:01,000 --> 00:00:02,000\nfünf\n"))
                .isInstanceOf(ProjectProblem.class)
                .hasMessageContaining("UTF-8");
    }

    @Test
    void emptyAndForeignFilesAreOneSentence() {
        for (String text :
                new String[] {
                    "", "WEBVTT\n", "hello\nworld\n", "WEBVTT\n\n00:01.000 --> 00:02.000\n\n"
                }) {
            assertThatThrownBy(() -> read(text))
                    .isInstanceOf(ProjectProblem.class)
                    .hasMessageContaining("no captions");
        }
    }

    @Test
    void aCaptionThatEndsBeforeItStartsIsNamedByItsLine() {
        assertThatThrownBy(() -> read("WEBVTT\n\n00:05.000 --> 00:02.000\nx\n"))
                .isInstanceOf(ProjectProblem.class)
                .hasMessageContaining("line 3");
    }

    @Test
    void aMissingFileIsOneSentence() {
        assertThatThrownBy(() -> CaptionFile.read(folder.resolve("none.vtt")))
                .isInstanceOf(ProjectProblem.class)
                .hasMessageContaining("does not exist");
    }

    @Test
    void whatIsWrittenIsReadAgain() throws Exception {
        Captions c =
                new Captions(
                        java.util.List.of(
                                new Caption(0.25, 3661.5, "a < b & c > d"),
                                new Caption(4000, 4001, "x")));
        Path file = Files.write(folder.resolve("w.vtt"), CaptionFile.text(c));
        assertThat(CaptionFile.read(file)).isEqualTo(c);
    }

    @Test
    void anyBytesEndInCaptionsOrOneSentence() throws IOException {
        Random random = new Random(42);
        byte[] seed =
                "WEBVTT\n\n00:01.000 --> 00:02.000\nFour screws.\n\n00:03.000 --> 00:04.000\nMore.\n"
                        .getBytes(StandardCharsets.UTF_8);
        for (int i = 0; i < 500; i++) {
            byte[] bytes = seed.clone();
            int changes = 1 + random.nextInt(12);
            for (int k = 0; k < changes; k++) {
                bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
            }
            Path file = Files.write(folder.resolve("f.vtt"), bytes);
            try {
                assertThat(CaptionFile.read(file).captions()).isNotEmpty();
            } catch (ProjectProblem e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }

    @Test
    void wordsWithoutTheirTimesAreNamedNotSwallowed() {
        assertThatThrownBy(
                        () ->
                                read(
                                        "WEBVTT\n\n00:01.000 --> 00:02.000\nCap off.\n\n"
                                                + "00:03.000 00:04.000\nSprings.\n"))
                .isInstanceOf(ProjectProblem.class)
                .hasMessageContaining("line 6: words without their times");
    }

    @Test
    void aMinuteHasSixtySeconds() {
        assertThatThrownBy(() -> read("WEBVTT\n\n00:00:99.000 --> 00:02:00.000\nx\n"))
                .hasMessageContaining("line 3: minutes and seconds go to 59");
        assertThatThrownBy(() -> read("1\n00:99:01,000 --> 01:40:00,000\nx\n"))
                .hasMessageContaining("line 2: minutes and seconds go to 59");
        assertThatThrownBy(() -> read("[1:75] words\n")).hasMessageContaining("go to 59");
    }

    @Test
    void aLongTextOfBracketsIsReadInOnePass() throws Exception {
        String braces = "{\\".repeat(400_000);
        assertThatThrownBy(() -> read("WEBVTT\n\n00:01.000 --> 00:02.000\n" + braces + "\n"))
                .hasMessageContaining("more text than anybody says at once");
        String some = "{\\".repeat(5_000);
        assertThat(
                        read("WEBVTT\n\n00:01.000 --> 00:02.000\n" + some + "\n")
                                .captions()
                                .get(0)
                                .words())
                .isEqualTo(some);
        assertThatThrownBy(() -> read("x".repeat(10_000_000)))
                .hasMessageContaining("holds no captions");
        assertThatThrownBy(() -> read("00:01.000 --> 00:02.000" + " ".repeat(10_000_000)))
                .isInstanceOf(ProjectProblem.class);
    }

    @Test
    void moreCaptionsThanOneClipHasAreRefused() {
        StringBuilder all = new StringBuilder("WEBVTT\n");
        for (int i = 0; i < 20_000; i++) {
            all.append("\n00:00:01.000 --> 00:00:02.000\nword\n");
        }
        assertThatThrownBy(() -> read(all.toString())).hasMessageContaining("6000 captions");
    }

    @Test
    void aFolderIsNoCaptionFile() {
        assertThatThrownBy(() -> CaptionFile.read(folder)).hasMessageContaining("is no file");
    }

    @Test
    void whatWasRecognisedIsKeptBesideTheCorrection() throws Exception {
        Captions said =
                new Captions(
                        List.of(
                                new Caption(1, 2, "the gland <nut> & ring", "the glad\n<nut>"),
                                new Caption(3, 4, "as it came")));
        byte[] kept = CaptionFile.text(said);
        assertThat(CaptionFile.read(kept, "kept").captions())
                .containsExactly(
                        new Caption(1, 2, "the gland <nut> & ring", "the glad <nut>"),
                        new Caption(3, 4, "as it came"));
        assertThat(CaptionFile.text(CaptionFile.read(kept, "kept"))).isEqualTo(kept);
    }

    @Test
    void otherNotesSayNothingOfTheCaptionBehindThem() throws Exception {
        String text =
                "WEBVTT\n\nNOTE recognised: far\n\nNOTE by Ann\n\n00:01.000 --> 00:02.000\nfar away\n";
        assertThat(CaptionFile.read(text.getBytes(StandardCharsets.UTF_8), "x").captions())
                .containsExactly(new Caption(1, 2, "far away"));
    }
}
