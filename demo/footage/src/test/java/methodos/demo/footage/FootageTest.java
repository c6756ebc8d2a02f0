package methodos.demo.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class FootageTest {

    @TempDir private Path folder;

    static Stream<Shot> shots() {
        return Stream.concat(Footage.clips().stream(), Footage.handHeld().stream())
                .flatMap(c -> c.shots().stream());
    }

    @Test
    void thereAreThreeToSixMinutesInFourClips() {
        assertThat(Footage.clips()).hasSizeGreaterThanOrEqualTo(4);
        assertThat(Footage.clips().stream().mapToDouble(Clip::seconds).sum())
                .isBetween(180.0, 360.0);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("shots")
    void everythingInAShotLiesWithinIt(Shot shot) {
        for (Shot.Stretch stretch :
                Stream.concat(shot.troubles.stream(), shot.steps.stream()).toList()) {
            assertThat(stretch.from())
                    .as("%s: %s", shot.name, stretch.what())
                    .isBetween(0.0, stretch.to());
            assertThat(stretch.to()).isLessThanOrEqualTo(shot.seconds);
        }
        assertThat(shot.lines).allSatisfy(l -> assertThat(l.at()).isBetween(0.0, shot.seconds));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("shots")
    void aSceneUsesOnlyWhatIsDeclared(Shot shot) throws Exception {
        StringBuilder declared = new StringBuilder();
        try (Stream<Path> parts = Files.list(Path.of("src/main/pov"))) {
            for (Path part : parts.toList()) {
                declared.append(Files.readString(part));
            }
        }
        Pattern object = Pattern.compile("object \\{ ([A-Z][A-Za-z]+)");
        for (double t = 0; t < shot.seconds; t += 0.5) {
            Matcher used = object.matcher(shot.scene.apply(t).toString());
            while (used.find()) {
                assertThat(declared).containsPattern("#(declare|macro) " + used.group(1) + "\\b");
            }
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("shots")
    void aSceneIsTheSameForTheSameTime(Shot shot) {
        for (double t = 0; t < shot.seconds; t += 1.7) {
            String text = shot.scene.apply(t).toString();
            assertThat(shot.scene.apply(t)).hasToString(text);
            assertThat(text).contains("camera {").doesNotContain("NaN", "Infinity");
        }
    }

    @Test
    void restCostsNothing() {
        Shot other = shots().filter(s -> s.name.equals("other-side")).findFirst().orElseThrow();
        assertThat(other.scene.apply(0)).hasToString(other.scene.apply(9).toString());
    }

    @Test
    void shotsFollowEachOther() {
        for (Clip clip : Footage.clips()) {
            double at = 0;
            for (Shot shot : clip.shots()) {
                assertThat(clip.startOf(shot)).isCloseTo(at, within(1e-9));
                at += shot.seconds;
            }
            assertThat(clip.seconds()).isCloseTo(at, within(1e-9));
        }
        Shot stranger = new Shot("stranger", 1, t -> new Picture());
        assertThatThrownBy(() -> Footage.clips().get(0).startOf(stranger))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("stranger");
    }

    @Test
    void theFootageHasWhatRealFootageHas() {
        List<String> troubles =
                shots().flatMap(s -> s.troubles.stream()).map(Shot.Stretch::what).toList();
        assertThat(troubles).contains("blurred", "dark", "covered");
        assertThat(shots()).anyMatch(s -> s.shake > 0);
    }

    @Test
    void motionIsEasedAndStillOutside() {
        Motion m = Motion.from(1, 0).then(3, 10).then(4, 10);
        assertThat(m.value(0)).isZero();
        assertThat(m.value(2)).isCloseTo(5, within(1e-9));
        assertThat(m.value(3.5)).isEqualTo(10);
        assertThat(m.value(99)).isEqualTo(10);
        double before = -1;
        for (double t = 0; t <= 4; t += 0.05) {
            assertThat(m.value(t)).isGreaterThanOrEqualTo(before);
            before = m.value(t);
        }
        assertThat(Motion.share(0.5, 0, 1)).isCloseTo(0.5, within(1e-9));
        assertThat(Motion.share(-1, 0, 1)).isZero();
        assertThat(Motion.share(7, 0, 1)).isEqualTo(1);
    }

    @Test
    void theTruthListsCutsTroublesAndSteps() throws Exception {
        Path file = folder.resolve("truth.json");
        new Truth(Footage.clips()).write(file);
        String truth = Files.readString(file);
        assertThat(truth)
                .contains(
                        "\"name\": \"2-take-down\"",
                        "\"what\": \"covered\"",
                        "\"framesPerSecond\": 12");
        assertThat(truth.chars().filter(c -> c == '{').count())
                .isEqualTo(truth.chars().filter(c -> c == '}').count());
        assertThat(truth.chars().filter(c -> c == '[').count())
                .isEqualTo(truth.chars().filter(c -> c == ']').count());
        Matcher cuts = Pattern.compile("\"cuts\": \\[([^]]*)]").matcher(truth);
        for (Clip clip : Footage.clips()) {
            assertThat(cuts.find()).isTrue();
            long seen = clip.shots().stream().skip(1).filter(s -> !s.goesOn).count();
            assertThat(cuts.group(1).split(",")).hasSize((int) seen);
        }
    }

    private static BufferedImage noise() {
        Random random = new Random(1);
        BufferedImage image =
                new BufferedImage(Renderer.WIDTH, Renderer.HEIGHT, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < Renderer.HEIGHT; y++) {
            for (int x = 0; x < Renderer.WIDTH; x++) {
                image.setRGB(x, y, random.nextInt(1 << 24));
            }
        }
        return image;
    }

    private static double roughness(byte[] rgb) {
        double sum = 0;
        for (int i = 3; i < rgb.length; i += 3) {
            sum += Math.abs((rgb[i] & 255) - (rgb[i - 3] & 255));
        }
        return sum / rgb.length;
    }

    private static double light(byte[] rgb) {
        double sum = 0;
        for (byte b : rgb) {
            sum += b & 255;
        }
        return sum / rgb.length;
    }

    @Test
    void theLensBlursAndDarkensWhereItIsSaid() {
        Shot shot = new Shot("s", 10, t -> new Picture()).blurred(2, 4).dark(6, 8);
        Lens lens = new Lens();
        byte[] clear = lens.film(noise(), shot, 1, 12);
        byte[] blurred = lens.film(noise(), shot, 3, 36);
        byte[] dark = lens.film(noise(), shot, 7, 84);
        assertThat(roughness(blurred)).isLessThan(roughness(clear) / 5);
        assertThat(light(dark)).isLessThan(light(clear) / 3).isGreaterThan(10);
        assertThat(light(blurred)).isCloseTo(light(clear), within(6.0));
        assertThat(lens.film(noise(), shot, 1, 12)).isEqualTo(clear);
    }

    @Test
    void aHandHeldPictureWanders() {
        Shot held = new Shot("s", 10, t -> new Picture()).handHeld(5);
        Lens lens = new Lens();
        assertThat(lens.film(noise(), held, 1, 1)).isNotEqualTo(lens.film(noise(), held, 1.5, 1));
    }

    @Test
    void vectorsReadTheSameWhenTheyAreTheSame() {
        assertThat(Vec.of(1, 2, 3).text()).isEqualTo("<1.000,2.000,3.000>");
        assertThat(Vec.of(-0.0, 0, 0).text()).isEqualTo(Vec.of(0, 0, 0).text());
        assertThat(Vec.of(0, 0, 0).toward(Vec.of(2, 4, 6), .5)).isEqualTo(Vec.of(1, 2, 3));
    }

    @Test
    void aTurnedThingIsWhereTheRendererPutsIt() {
        Placed placed =
                new Placed(
                        "Pin",
                        "Pin",
                        Vec.of(10, 0, 0),
                        List.of("scale <-1,1,1>", "rotate z*90", "translate -y*2"));
        Vec at = placed.inScene(Vec.of(1, 0, 5));
        assertThat(at.x()).isCloseTo(10, within(1e-9));
        assertThat(at.y()).isCloseTo(-3, within(1e-9));
        assertThat(at.z()).isCloseTo(5, within(1e-9));
        assertThatThrownBy(
                        () ->
                                new Placed("Pin", "Pin", at, List.of("shear"))
                                        .inScene(Vec.of(0, 0, 0)))
                .hasMessageContaining("shear");
    }

    /**
     * A hand on the thing, a camera that never stands still: each thing has a place at each time.
     */
    @Test
    void thingsOfTheHandHeldClipsHavePlacesFromBeginToEnd() throws Exception {
        for (Clip clip : Footage.handHeld()) {
            List<String> rows = Files.readAllLines(Path.of("places", clip.name() + ".csv"));
            String thing = clip.name().startsWith("hb") ? "BrakeDrum" : "GateHead";
            double seconds =
                    rows.stream()
                            .map(r -> r.split(","))
                            .filter(r -> r[0].equals(thing))
                            .mapToDouble(r -> Double.parseDouble(r[2]) - Double.parseDouble(r[1]))
                            .sum();
            assertThat(seconds).as(clip.name()).isCloseTo(clip.seconds(), within(1.0));
            assertThat(clip.seconds()).isGreaterThanOrEqualTo(60);
        }
    }
}
