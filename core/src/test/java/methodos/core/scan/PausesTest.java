package methodos.core.scan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PausesTest {

    private static float[] sound(double ground, double... fromTo) {
        Random random = new Random(2);
        float[] loudness = new float[(int) Math.round(10 / Pauses.SLICE)];
        for (int i = 0; i < loudness.length; i++) {
            double time = i * Pauses.SLICE;
            boolean quiet = false;
            for (int k = 0; k < fromTo.length; k += 2) {
                quiet |= time >= fromTo[k] - 1e-9 && time < fromTo[k + 1] - 1e-9;
            }
            double level = quiet ? ground : 0.1;
            loudness[i] = (float) (level * (0.7 + 0.6 * random.nextDouble()));
        }
        return loudness;
    }

    @Test
    void pausesAreFoundOverAQuietAndOverANoisyGround() {
        for (double ground : new double[] {0.0001, 0.015}) {
            var pauses = Pauses.in(sound(ground, 1, 2.5, 6, 6.6));
            assertThat(pauses).hasSize(2);
            assertThat(pauses.get(0).from()).isCloseTo(1, within(0.03));
            assertThat(pauses.get(0).to()).isCloseTo(2.5, within(0.03));
            assertThat(pauses.get(1).from()).isCloseTo(6, within(0.03));
        }
    }

    @Test
    void theGapBetweenTwoWordsIsNoPause() {
        assertThat(Pauses.in(sound(0.0001, 1, 1.2, 4, 6)))
                .singleElement()
                .satisfies(p -> assertThat(p.from()).isCloseTo(4, within(0.03)));
    }

    @Test
    void silenceIsOnePauseAndNoSoundIsNone() {
        assertThat(Pauses.in(new float[500])).containsExactly(new Scan.Pause(0, 10));
        assertThat(Pauses.in(new float[0])).isEmpty();
    }

    @Test
    void theScanKeepsTheLoudnessInTenths() {
        float[] heard = new float[24];
        java.util.Arrays.fill(heard, 5, 10, 0.5f);
        Scan scan =
                new Scan(List.of(), List.of(), List.of(), List.of(), List.of()).withSound(heard);
        assertThat(scan.loudness()).containsExactly(0.0, 0.5, 0.0, 0.0, 0.0);
        assertThat(scan.loudest(0, 0.09)).isZero();
        assertThat(scan.loudest(0.05, 0.15)).isEqualTo(0.5);
        assertThat(scan.loudest(0.3, 9)).isZero();
    }
}
