package methodos.footage;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whatever is wrong in a file: what can be read is read, the rest is a sentence, nothing hangs. */
class FlippedBytesTest {

    private static final int FILES = 24;

    @TempDir private Path folder;

    @Test
    void bytesFlippedAnywhere() throws Exception {
        byte[][] sound = {
            bytes("a.mp4", "-c:v", "mpeg4", "-bf", "2", "-g", "20"),
            bytes("a.ts", "-c:v", "mpeg2video", "-g", "15"),
            bytes("a.webm", "-c:v", "libvpx", "-cpu-used", "8", "-b:v", "500k"),
            bytes("a.avi", "-c:v", "mjpeg", "-q:v", "6")
        };
        String[] endings = {".mp4", ".ts", ".webm", ".avi"};
        Random random = new Random(99);
        int read = 0;
        for (int i = 0; i < FILES; i++) {
            byte[] damaged = sound[i % sound.length].clone();
            int flips = 1 << random.nextInt(9);
            for (int k = 0; k < flips; k++) {
                damaged[random.nextInt(damaged.length)] ^= (byte) (1 << random.nextInt(8));
            }
            Path file = folder.resolve("damaged-" + i + endings[i % endings.length]);
            Files.write(file, damaged);
            if (reads(file, random)) {
                read++;
            }
        }
        assertThat(read).as("most damage leaves something to see").isGreaterThan(FILES / 2);
    }

    private static boolean reads(Path file, Random random) {
        try (Recording recording = Recording.open(file)) {
            for (int k = 0; k < 3; k++) {
                assertThat(recording.still(random.nextDouble() * 3).picture()).isNotNull();
            }
            assertThat(Scanner.scan(file, share -> {}, () -> false).frames()).isNotEmpty();
            assertThat(Probe.of(file).video().frames()).isPositive();
            return true;
        } catch (FootageProblem e) {
            assertThat(e.getMessage()).endsWith(".").doesNotContain("\n", "Exception");
            return false;
        }
    }

    private byte[] bytes(String name, String... encoding) throws Exception {
        return Files.readAllBytes(CountedClip.make(folder.resolve(name), 60, 25, encoding));
    }
}
