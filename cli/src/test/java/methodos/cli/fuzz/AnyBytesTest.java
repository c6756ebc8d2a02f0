package methodos.cli.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import methodos.core.narration.Captions;
import methodos.core.narration.Draft;
import methodos.files.captions.CaptionFile;
import methodos.files.problem.ProjectProblem;
import methodos.narration.draft.NarrationReader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whatever is handed over as captions: a draft, or one sentence. */
class AnyBytesTest {

    private static final int RUNS = Integer.getInteger("methodos.fuzz", 400);

    private final NarrationReader reader = NarrationReader.english();

    @TempDir Path folder;

    @Test
    void anyBytesAreADraftOrASentence() throws Exception {
        byte[] sound =
                ("WEBVTT\n\n00:00:01.000 --> 00:00:09.000\nso um remove the four M8 by 25 bolts with a"
                                + " ten mil socket\n\n00:00:09.000 --> 00:00:20.000\nno sorry thats twenty to"
                                + " twenty-five newton metres, (9 in-lb) 1-4-2-3 +1/8 turn. Don't hit it! ½\n")
                        .getBytes(StandardCharsets.UTF_8);
        Random random = new Random(11);
        int drafted = 0;
        int refused = 0;
        for (int run = 0; run < RUNS; run++) {
            byte[] bytes;
            if (run % 3 == 0) {
                bytes = new byte[random.nextInt(2000)];
                random.nextBytes(bytes);
            } else {
                bytes = sound.clone();
                for (int k = 0; k < 1 + random.nextInt(30); k++) {
                    int at = 8 + random.nextInt(bytes.length - 8);
                    bytes[at] =
                            run % 3 == 1
                                    ? (byte) random.nextInt(256)
                                    : (byte) (32 + random.nextInt(95));
                }
            }
            Path file = folder.resolve("any.vtt");
            Files.write(file, bytes);
            try {
                Captions captions = CaptionFile.read(file);
                Draft draft = reader.read(captions);
                assertThat(draft.steps().size() + draft.dismissed().size()).isNotNegative();
                drafted++;
            } catch (ProjectProblem sentence) {
                assertThat(sentence.getMessage()).isNotBlank().doesNotContain("\n");
                refused++;
            }
        }
        assertThat(drafted).isPositive();
        assertThat(refused).isPositive();
    }

    @Test
    void anyCharactersAsWordsAreRead() {
        Random random = new Random(3);
        for (int run = 0; run < RUNS; run++) {
            StringBuilder words = new StringBuilder();
            for (int k = 0; k < 200; k++) {
                int kind = random.nextInt(6);
                words.appendCodePoint(
                        kind == 0
                                ? ' '
                                : kind < 4
                                        ? 32 + random.nextInt(95)
                                        : kind == 4
                                                ? random.nextInt(0x2FFF) + 1
                                                : "0123456789/.-,½×"
                                                        .codePointAt(random.nextInt(16)));
            }
            Draft draft =
                    reader.read(
                            new Captions(
                                    java.util.List.of(
                                            new methodos.core.narration.Caption(
                                                    0, 9, words.toString()))));
            assertThat(draft).isNotNull();
        }
    }
}
