package methodos.narration.acts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ModelTest {

    private final Model model =
            new Model(
                    List.of("on", "off"),
                    Map.of("screw", new float[] {1.5f, 0}, "pull", new float[] {-1, 2}));

    @Test
    void probabilitiesAreOfTheSumOfWeights() {
        double[] p = model.probabilities(List.of("pull", "unheard of"));

        assertThat(p[1]).isCloseTo(Math.exp(2) / (Math.exp(2) + Math.exp(-1)), within(1e-9));
        assertThat(Arrays.stream(p).sum()).isCloseTo(1, within(1e-12));
        assertThat(model.best(List.of("screw"))).isEqualTo("on");
    }

    @Test
    void whatNothingSpeaksForIsEven() {
        assertThat(model.probability("on", List.of())).isEqualTo(0.5);
        assertThat(model.probability("sideways", List.of())).isZero();
    }

    @Test
    void isReadAsItWasWritten() {
        assertThat(Model.of(model.lines()).lines()).isEqualTo(model.lines());
        assertThat(model.lines())
                .containsExactly("on\toff", "pull\t0:-1000\t1:2000", "screw\t0:1500");
    }
}
