package methodos.core.speech;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class StretchesTest {

    private static final int RATE = 1000;

    @Test
    void shortSoundIsOneStretchAndNoSoundNone() {
        assertThat(Stretches.of(new float[0], RATE)).isEmpty();
        assertThat(Stretches.of(new float[5 * RATE], RATE))
                .containsExactly(new Stretches.Stretch(0, 5 * RATE));
    }

    @Test
    void longSoundIsCutWhereItIsQuietest() {
        float[] sound = new float[40 * RATE];
        Arrays.fill(sound, 0.5f);
        Arrays.fill(sound, 24 * RATE, 25 * RATE, 0f); // the only pause before 28 s
        List<Stretches.Stretch> stretches = Stretches.of(sound, RATE);
        assertThat(stretches).hasSize(2);
        assertThat(stretches.get(0).to()).isBetween(24 * RATE, 25 * RATE);
    }

    @Test
    void stretchesHoldAllSamplesOnceAndNoneIsTooLong() {
        Random random = new Random(3);
        for (int k = 0; k < 30; k++) {
            float[] sound = new float[random.nextInt(120 * RATE)];
            for (int i = 0; i < sound.length; i++) {
                sound[i] = random.nextFloat() - 0.5f;
            }
            int at = 0;
            for (Stretches.Stretch s : Stretches.of(sound, RATE)) {
                assertThat(s.from()).isEqualTo(at);
                assertThat(s.to() - s.from()).isBetween(1, (int) (Stretches.LONGEST * RATE));
                at = s.to();
            }
            assertThat(at).isEqualTo(sound.length);
        }
    }
}
