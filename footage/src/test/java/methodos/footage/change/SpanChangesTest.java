package methodos.footage.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import methodos.core.change.SeenChange;
import methodos.core.change.SeenSpan;
import methodos.core.scan.Scan;
import methodos.footage.Recording;
import methodos.footage.Scanner;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Clips of scenes with hands in them, by cameras that stand and that are held. */
class SpanChangesTest {

    @TempDir Path folder;

    /** The first clips were looked at while the numbers were chosen, the others never. */
    @ParameterizedTest
    @CsvSource({"seen, 100, 104", "unseen, 9600, 9608"})
    void someClips(String which, int from, int to) throws Exception {
        whatAHandDidIsFoundAndTheHandIsNot(which, from, to);
    }

    @ParameterizedTest
    @CsvSource({"seen, 100, 120", "unseen, 9600, 9622"})
    @EnabledIfSystemProperty(named = "methodos.long", matches = "true")
    void manyClips(String which, int from, int to) throws Exception {
        whatAHandDidIsFoundAndTheHandIsNot(which, from, to);
    }

    @Test
    void aShotThatIsOverAtOnceAndASpanBehindTheEndAreNoFault() throws Exception {
        Scene scene = new Scene(3, Scene.Trouble.NONE, 0);
        Path clip = FilmedScene.make(folder.resolve("short.mp4"), scene, 3, false, 4);
        try (Recording recording = Recording.open(clip)) {
            Scan scan = Scanner.scan(clip, share -> {}, () -> false);
            Scan cut =
                    new Scan(
                            scan.frames(),
                            List.of(1.0, 1.1),
                            scan.unusable(),
                            scan.pauses(),
                            scan.loudness());
            assertThat(SpanChanges.of(recording, 1.02, 1.08, cut).before()).isBetween(.9, 1.3);
            assertThat(SpanChanges.of(recording, 90, 95, cut).changes()).isEmpty();
        }
    }

    private void whatAHandDidIsFoundAndTheHandIsNot(String which, int from, int to)
            throws Exception {
        ChangeScore score = new ChangeScore();
        Scene.Trouble[] troubles = Scene.Trouble.values();
        long nanos = 0;
        for (int seed = from; seed < to; seed++) {
            Scene.Trouble trouble = troubles[seed % troubles.length];
            Scene scene = new Scene(seed, trouble, seed % 7 == 0 ? 0 : 1 + seed % 4);
            Path clip =
                    FilmedScene.make(
                            folder.resolve(seed + ".mp4"),
                            scene,
                            seed,
                            seed % 2 == 0,
                            2 + seed % 9);
            Scan scan = Scanner.scan(clip, share -> {}, () -> false);
            try (Recording recording = Recording.open(clip)) {
                long begin = System.nanoTime();
                SeenSpan found =
                        SpanChanges.of(recording, FilmedScene.FROM - .5, FilmedScene.TO + .5, scan);
                nanos += System.nanoTime() - begin;
                score.add(
                        scene,
                        seed + " " + trouble + " " + found.before() + " " + found.after(),
                        found.changes());
                assertThat(found.before()).isLessThan(found.after());
                for (SeenChange change : found.changes()) {
                    assertThat(change.at()).isBetween(found.before() - .2, found.after() + .2);
                }
            }
        }
        System.out.println(which + ": " + score + ", " + nanos / 1_000_000 / (to - from) + " ms");
        assertThat(score.found()).as("%s", score.faults).isGreaterThanOrEqualTo(.9);
        assertThat(score.rightKind()).as("%s", score.faults).isGreaterThanOrEqualTo(.95);
        assertThat(score.falseEach()).as("%s", score.faults).isLessThanOrEqualTo(.2);
    }
}
