package methodos.core.scan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import methodos.core.words.Words;
import org.junit.jupiter.api.Test;

/** What is blurred, dark or covered is never proposed where there is something better. */
class BestStillsTest {

    private static final Words WORDS = new Words(null, Locale.ENGLISH);

    private record Trouble(double from, double to, Scan.Why why) {

        boolean holds(double time) {
            return time >= from && time < to;
        }
    }

    /** One shot of a bench with troubles seeded into it. */
    private static Film film(long seed, List<Trouble> troubles) {
        Random random = new Random(seed);
        Film film = new Film(seed);
        float[] bench = Film.bench(seed);
        film.still(bench, 15);
        for (int i = 0; i < 6; i++) {
            double from = film.now();
            int frames = 10 + random.nextInt(20);
            Scan.Why why =
                    switch (i % 3) {
                        case 0 -> Scan.Why.BLURRED;
                        case 1 -> Scan.Why.DARK;
                        default -> Scan.Why.COVERED;
                    };
            float[] spoilt =
                    switch (why) {
                        case BLURRED -> Film.blurred(bench, 2 + random.nextInt(3));
                        case DARK -> Film.lit(bench, 0.1 + 0.2 * random.nextDouble());
                        default -> Film.covered(bench, 230 + random.nextInt(60), 90, 60);
                    };
            double tip = 230 + random.nextInt(60);
            for (int k = 1; why == Scan.Why.COVERED && k < 4; k++) {
                film.frame(Film.covered(bench, tip * k / 4, 90, 65), 0);
            }
            if (why == Scan.Why.COVERED) {
                from = film.now();
                spoilt = Film.covered(bench, tip, 90, 65);
            }
            film.still(spoilt, frames);
            troubles.add(new Trouble(from, film.now(), why));
            film.still(bench, 12 + random.nextInt(15));
        }
        return film;
    }

    @Test
    void aProposalIsNeverATroubleWhereTheSpanHasAGoodFrame() {
        for (long seed = 1; seed <= 12; seed++) {
            List<Trouble> troubles = new ArrayList<>();
            Film film = film(seed, troubles);
            Scan scan = film.scan();
            for (Trouble trouble : troubles) {
                var best = BestStills.of(scan, trouble.from - 0.4, trouble.to + 0.4, 5, WORDS);
                assertThat(best).as("span with a good frame, film %s", seed).isNotEmpty();
                assertThat(best)
                        .as("%s in film %s", trouble, seed)
                        .noneMatch(p -> troubles.stream().anyMatch(t -> t.holds(p.time())));
            }
        }
    }

    @Test
    void aTroubleIsNamedForWhatItIs() {
        List<Trouble> troubles = new ArrayList<>();
        Scan scan = film(4, troubles).scan();
        for (Trouble trouble : troubles) {
            assertThat(scan.unusable())
                    .as("%s", trouble)
                    .anyMatch(
                            u ->
                                    u.why() == trouble.why
                                            && Math.abs(u.from() - trouble.from) < 0.1
                                            && Math.abs(u.to() - trouble.to) < 0.1);
        }
    }

    @Test
    void aSpanWithoutAGoodFrameGetsNone() {
        List<Trouble> troubles = new ArrayList<>();
        Scan scan = film(5, troubles).scan();
        for (Trouble t : troubles) {
            assertThat(BestStills.of(scan, t.from + 0.05, t.to - 0.05, 5, WORDS))
                    .as("%s", t)
                    .isEmpty();
        }
    }

    @Test
    void proposalsAreApartAndInOrderOfTheirScore() {
        Scan scan = new Film(6).still(Film.bench(6), 200).scan();
        var best = BestStills.of(scan, 0, 8, 4, WORDS);
        assertThat(best).hasSize(4);
        for (int i = 1; i < best.size(); i++) {
            assertThat(best.get(i).score()).isLessThanOrEqualTo(best.get(i - 1).score());
            for (int j = 0; j < i; j++) {
                assertThat(Math.abs(best.get(i).time() - best.get(j).time()))
                        .isGreaterThanOrEqualTo(0.99);
            }
        }
        assertThat(best.get(0).words()).isEqualTo("sharp, still, nothing covered");
    }

    @Test
    void aFrameBeforeAndOneAfterAnAction() {
        float[] bench = Film.bench(7);
        Film film = new Film(7).still(bench, 30);
        double from = film.now();
        film.still(Film.covered(bench, 250, 90, 60), 25);
        double to = film.now();
        film.still(bench, 30);
        Scan scan = film.scan();
        assertThat(BestStills.before(scan, from, 1, WORDS))
                .singleElement()
                .satisfies(p -> assertThat(p.time()).isBetween(from - 1, from));
        assertThat(BestStills.after(scan, to, 1, WORDS))
                .singleElement()
                .satisfies(p -> assertThat(p.time()).isBetween(to, to + 1));
    }

    @Test
    void aPartThatIsTakenAwayCoversNothing() {
        float[] full = Film.bench(8);
        float[] empty = Film.bench(8);
        for (int y = 60; y < 120; y++) {
            for (int x = 100; x < 220; x++) {
                empty[y * Film.WIDTH + x] = 90;
            }
        }
        Film film = new Film(8).still(full, 30);
        for (int i = 1; i <= 8; i++) {
            film.frame(Film.mixed(full, empty, i / 8.0), 0);
        }
        Scan scan = film.still(empty, 60).scan();
        assertThat(scan.frames())
                .filteredOn(f -> f.time() < 1 || f.time() > 2)
                .allMatch(f -> f.obstruction() < 0.05);
    }
}
