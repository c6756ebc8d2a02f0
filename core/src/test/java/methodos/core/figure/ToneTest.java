package methodos.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import methodos.core.manual.Preparation;
import org.junit.jupiter.api.Test;

class ToneTest {

    private static final int SIDE = 64;

    private static float[] even(float lightness) {
        float[] v = new float[SIDE * SIDE];
        Arrays.fill(v, lightness);
        return v;
    }

    private static float gain(float lightness, Preparation preparation) {
        return Tone.gain(even(lightness), SIDE, SIDE, preparation)[SIDE * SIDE / 2];
    }

    @Test
    void withoutASettingNothingIsChanged() {
        assertThat(Tone.gain(even(.3f), SIDE, SIDE, Preparation.NONE)).isNull();
    }

    @Test
    void anEvenShadowBecomesLighterByItsPower() {
        // 0.5 (0.1 / 0.5)^(1 − 0.55)
        double wanted = 0.5 * Math.pow(0.2, 0.45);
        assertThat(gain(.1f, Preparation.NONE.withShadows(1)))
                .isCloseTo((float) (wanted / .1), within(.02f));
        assertThat(gain(.55f, Preparation.NONE.withShadows(1))).isCloseTo(1, within(1e-4f));
    }

    @Test
    void moreOfASettingIsMoreAndTheOrderOfTonesStays() {
        float before = 1;
        for (double s = 0.1; s <= 1; s += 0.1) {
            float now = gain(.15f, Preparation.NONE.withShadows(s));
            assertThat(now).isGreaterThan(before);
            before = now;
        }
        Preparation both = Preparation.NONE.withShadows(1).withGlare(1);
        float last = 0;
        for (float v = 0.05f; v <= 1; v += 0.05f) {
            float toned = v * gain(v, both);
            assertThat(toned).as("at " + v).isGreaterThan(last);
            last = toned;
        }
    }

    @Test
    void smallDetailKeepsItsContrastInAShadow() {
        Random random = new Random(8);
        float[] v = new float[SIDE * SIDE];
        for (int i = 0; i < v.length; i++) {
            v[i] = .12f + .02f * random.nextFloat();
        }
        float[] gain = Tone.gain(v, SIDE, SIDE, Preparation.NONE.withShadows(1));
        float least = Float.MAX_VALUE;
        float most = 0;
        for (float g : gain) {
            least = Math.min(least, g);
            most = Math.max(most, g);
        }
        assertThat(most / least).as("one gain for the whole shadow").isLessThan(1.05f);
    }
}
