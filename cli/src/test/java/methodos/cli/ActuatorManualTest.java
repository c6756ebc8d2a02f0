package methodos.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import methodos.core.check.OpenPoint;
import methodos.core.check.OpenPoints;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Sight;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.manual.Variant;
import methodos.demo.DemoProject;
import methodos.files.project.Digest;
import methodos.files.project.KeptPictures;
import methodos.footage.Recording;
import org.junit.jupiter.api.Test;

/** The demo is somebody's real job: a whole overhaul, its figures taken from its footage. */
class ActuatorManualTest extends DemoManualChecks {

    ActuatorManualTest() {
        super(DemoProject.QA_80);
    }

    @Test
    void itIsAWholeInstruction() {
        assertThat(manual.steps().count()).isBetween(60L, 90L);
        assertThat(manual.stages()).extracting(Stage::kind).containsExactly(Stage.Kind.values());
        assertThat(manual.stages()).allSatisfy(s -> assertThat(s.steps()).isNotEmpty());
        assertThat(manual.figures()).hasSizeGreaterThanOrEqualTo(25);
        assertThat(manual.variants()).hasSize(4);
        assertThat(manual.kits()).hasSize(2);
    }

    @Test
    void everyVariantHasItsSteps() {
        for (Variant variant : manual.variants()) {
            long shown =
                    manual.steps()
                            .filter(s -> s.applicability().concerns(Sight.of(variant)))
                            .count();
            assertThat(shown).as(variant.build()).isBetween(50L, manual.steps().count() - 1);
        }
    }

    @Test
    void theFootageIsTheOneThatIsNamed() throws Exception {
        for (Clip clip : manual.clips()) {
            Path file = folder.resolve(clip.path());
            assertThat(Files.size(file)).isEqualTo(clip.size());
            assertThat(Digest.of(file)).isEqualTo(clip.digest());
            assertThat(workspace.captions(clip.id()).captions()).isNotEmpty();
        }
    }

    @Test
    void everyFigureIsTheStillThatItSays() throws Exception {
        KeptPictures kept = new KeptPictures(folder);
        for (Clip clip : manual.clips()) {
            try (Recording recording = Recording.open(folder.resolve(clip.path()))) {
                for (Figure figure : manual.figures()) {
                    // steps that are in no film have photographs
                    if (figure.still() != null && figure.still().clip().equals(clip.id())) {
                        BufferedImage taken = recording.still(figure.still().time()).picture();
                        assertThat(same(kept.still(figure.picture()).orElseThrow(), taken))
                                .as(figure.title())
                                .isTrue();
                    }
                }
            }
        }
    }

    private static boolean same(BufferedImage a, BufferedImage b) {
        for (int y = 0; y < a.getHeight(); y += 9) {
            for (int x = 0; x < a.getWidth(); x += 9) {
                for (int shift = 0; shift <= 16; shift += 8) {
                    int apart = (a.getRGB(x, y) >> shift & 255) - (b.getRGB(x, y) >> shift & 255);
                    if (Math.abs(apart) > 3) {
                        return false;
                    }
                }
            }
        }
        return a.getWidth() == b.getWidth() && a.getHeight() == b.getHeight();
    }

    @Test
    void whatIsOpenIsOnlyWhatTheDataSheetHolds() {
        List<OpenPoint> open = OpenPoints.of(workspace, Sight.EVERYTHING);
        assertThat(open)
                .extracting(OpenPoint::key)
                .allMatch(k -> k.equals("open.limit") || k.equals("open.torque"));
        assertThat(open).hasSize(3);
    }

    @Test
    void hazardsStandWhereEnergyIsMet() {
        List<Step> springs =
                manual.steps()
                        .filter(
                                s ->
                                        s.text().contains("Loosen the four cap screws")
                                                && !s.applicability()
                                                        .concerns(new Sight("QA-80 D", null)))
                        .toList();
        assertThat(springs).isNotEmpty().allSatisfy(s -> assertThat(s.hazards()).isNotEmpty());
    }
}
