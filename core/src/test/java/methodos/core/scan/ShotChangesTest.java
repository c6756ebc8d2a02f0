package methodos.core.scan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Hard cuts are found among dissolves, lamps, sweeping hands and camera shake. */
class ShotChangesTest {

    private static final long SEED = 80;

    @Test
    void hardCutsBetweenAlikePicturesAndNothingElse() {
        Random random = new Random(SEED);
        Film film = new Film(SEED);
        List<Double> cuts = new ArrayList<>();
        float[] now = Film.bench(0);
        film.still(now, 15);
        for (int i = 1; i <= 160; i++) {
            float[] next = Film.bench(i);
            switch (i % 6) {
                case 0 -> dissolve(film, now, next, 8 + random.nextInt(10));
                case 1 -> lamp(film, now, next, cuts);
                case 2 -> sweep(film, now, next, random, cuts);
                default -> {
                    cuts.add(film.now());
                    hold(film, next, random, i % 6 == 3 ? 0 : 0.8);
                }
            }
            now = next;
        }
        assertThat(cuts).hasSizeGreaterThan(100);
        List<Double> found = film.scan().cuts();
        long hits = found.stream().filter(cuts::contains).count();
        assertThat(hits / (double) cuts.size()).as("recall").isGreaterThanOrEqualTo(0.95);
        assertThat(hits / (double) found.size()).as("precision").isGreaterThanOrEqualTo(0.95);
    }

    private static void hold(Film film, float[] picture, Random random, double shake) {
        int frames = 10 + random.nextInt(12);
        for (int i = 0; i < frames; i++) {
            film.frame(picture, shake);
        }
    }

    private static void dissolve(Film film, float[] from, float[] to, int frames) {
        for (int i = 1; i <= frames; i++) {
            film.frame(Film.mixed(from, to, i / (double) frames), 0);
        }
        film.still(to, 10);
    }

    private static void lamp(Film film, float[] before, float[] next, List<Double> cuts) {
        film.still(before, 8).still(Film.lit(before, 1.7), 10).still(before, 10);
        film.still(Film.lit(before, 0.3), 10).still(before, 8);
        cuts.add(film.now());
        film.still(next, 12);
    }

    private static void sweep(
            Film film, float[] picture, float[] next, Random random, List<Double> cuts) {
        double half = 30 + random.nextInt(35);
        int frames = 10 + random.nextInt(10);
        for (int i = 0; i <= frames; i++) {
            film.frame(Film.covered(picture, 300.0 * i / frames, 90, half), 0);
        }
        for (int i = frames; i >= 0; i--) {
            film.frame(Film.covered(picture, 300.0 * i / frames, 90, half), 0);
        }
        film.still(picture, 6);
        cuts.add(film.now());
        film.still(next, 12);
    }

    @Test
    void aTakeStoppedAndStartedAgainOnTheSameTripodIsACut() {
        float[] bench = Film.bench(3);
        Film film = new Film(1).still(bench, 20);
        double cut = film.now();
        film.still(Film.covered(bench, 140, 90, 40), 20);
        assertThat(film.scan().cuts()).containsExactly(cut);
    }

    @Test
    void somethingHeldIntoThePictureAtOnceIsNoCut() {
        float[] bench = Film.bench(4);
        Film film = new Film(4).still(bench, 20);
        film.still(Film.covered(bench, 180, 90, 50), 20).still(bench, 20);
        Scan scan = film.scan();
        assertThat(scan.cuts()).isEmpty();
        assertThat(scan.frames().get(30).obstruction()).isGreaterThan(0.2);
    }

    @Test
    void aCameraThatPansCutsNothing() {
        float[] wide = Film.bench(5);
        Film film = new Film(2).still(wide, 10);
        for (int step = 1; step <= 20; step++) {
            float[] seen = new float[wide.length];
            for (int y = 0; y < Film.HEIGHT; y++) {
                for (int x = 0; x < Film.WIDTH; x++) {
                    seen[y * Film.WIDTH + x] =
                            wide[y * Film.WIDTH + Math.min(Film.WIDTH - 1, x + 9 * step)];
                }
            }
            film.frame(seen, 0);
        }
        assertThat(film.scan().cuts()).isEmpty();
    }

    @Test
    void aSingleShotHasNoCut() {
        assertThat(new Film(3).still(Film.bench(1), 3).scan().cuts()).isEmpty();
        assertThat(new Scanning().finish().cuts()).isEmpty();
    }
}
