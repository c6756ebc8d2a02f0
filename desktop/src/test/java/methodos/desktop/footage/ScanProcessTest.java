package methodos.desktop.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.stream.Stream;
import methodos.demo.DemoProject;
import methodos.files.cache.KeptScans;
import methodos.footage.FootageProblem;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ScanProcessTest {

    @TempDir Path folder;
    private Path clip;

    @BeforeEach
    void copyDemo() throws Exception {
        Path project = folder.resolve("demo.methodos");
        DemoProject.QA_80.copyTo(project);
        try (Stream<Path> files = Files.walk(project)) {
            clip = files.filter(f -> f.toString().endsWith(".mp4")).sorted().findFirst().get();
        }
    }

    @Test
    void theScanIsKeptUnderItsDigest() throws Exception {
        List<Double> shares = new ArrayList<>();
        ScanProcess.scan(clip, "abc", folder.resolve("cache")).run(shares::add);
        assertThat(shares).isSorted().endsWith(1.0).hasSizeGreaterThan(10);
        assertThat(new KeptScans(folder.resolve("cache")).of("abc"))
                .hasValueSatisfying(s -> assertThat(s.frames()).hasSizeGreaterThan(800));
    }

    @Test
    void aScanIsStoppedBeforeItBeginsAndWhileItRuns() {
        ScanProcess early = ScanProcess.scan(clip, "abc", folder.resolve("cache"));
        early.stop();
        assertThatThrownBy(() -> early.run(s -> {})).isInstanceOf(CancellationException.class);
        ScanProcess late = ScanProcess.scan(clip, "abc", folder.resolve("cache"));
        assertThatThrownBy(() -> late.run(s -> late.stop()))
                .isInstanceOf(CancellationException.class);
        assertThat(new KeptScans(folder.resolve("cache")).of("abc")).isEmpty();
    }

    @Test
    void aFileThatIsNoRecordingIsOneSentence() throws Exception {
        Path letter = Files.writeString(folder.resolve("letter.mp4"), "Dear colleague");
        assertThatThrownBy(() -> ScanProcess.look(letter).run(s -> {}))
                .isInstanceOf(FootageProblem.class)
                .hasMessageContaining("letter.mp4")
                .hasMessageNotContaining("\n");
        ScanProcess.look(clip).run(s -> {});
    }
}
