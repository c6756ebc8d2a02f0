package methodos.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TempoTest {

    private static final int RATE = 44_100;
    private static final double PITCH = 220;

    @ParameterizedTest
    @ValueSource(doubles = {0.25, 0.5, 0.7, 1, 2, 3, 4})
    void lengthFollowsTheSpeedAndPitchDoesNot(double speed) throws Exception {
        int samples = 0;
        int rising = 0;
        float last = 0;
        try (Tempo tempo = new Tempo(RATE, speed)) {
            int given = 0;
            for (int block = 0; block < 173; block++) {
                float[] tone = new float[1024];
                for (int i = 0; i < tone.length; i++) {
                    tone[i] = (float) (0.5 * Math.sin(2 * Math.PI * PITCH * given++ / RATE));
                }
                float[] out = tempo.change(block < 172 ? tone : null);
                samples += out.length;
                for (float sample : out) {
                    rising += last < 0 && sample >= 0 ? 1 : 0;
                    last = sample;
                }
            }
        }
        double seconds = 172 * 1024 / (double) RATE / speed;
        assertThat(samples / (double) RATE).isCloseTo(seconds, within(0.06 * seconds));
        assertThat(rising / (samples / (double) RATE)).isCloseTo(PITCH, within(8.0));
    }

    @Test
    void farSpeedsAreMadeOfNearOnes() {
        assertThat(Tempo.factors(4)).containsExactly(2.0, 2.0);
        assertThat(Tempo.factors(0.25)).containsExactly(0.5, 0.5);
        assertThat(Tempo.factors(3)).containsExactly(2.0, 1.5);
        assertThat(Tempo.factors(1)).containsExactly(1.0);
    }
}
