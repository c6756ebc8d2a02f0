package methodos.publish.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import methodos.publish.document.PageFill.Fill;
import methodos.publish.document.PageFill.Laid;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PageFillTest {

    private static final double PAGE = 251;
    private static final double SPARE = 3;

    private static Laid pictured(int number, double pictures) {
        return new Laid(number, 14, 20, 7, pictures);
    }

    @Test
    void picturesGrowUntilThePageIsFull() {
        // three have 14 + 7 + 50 each: 213 of 251; a fourth has no room
        List<Laid> steps = new ArrayList<>();
        for (int i = 1; i <= 6; i++) {
            steps.add(pictured(i, 50));
        }
        Map<Integer, Fill> fills = PageFill.of(steps, PAGE, 0);
        assertThat(fills.get(4).begins()).isTrue();
        assertThat(fills.get(2).begins()).isFalse();
        double scale = fills.get(1).width() / PageFill.USUAL;
        assertThat(3 * (14 + 7 + 50 * scale)).isCloseTo(PAGE - SPARE, within(4.0));
        assertThat(fills.get(5).width()).as("on the last page").isEqualTo(PageFill.USUAL);
    }

    @Test
    void picturesShrinkForAStepThatNearlyHasRoom() {
        List<Laid> steps = List.of(pictured(1, 60), pictured(2, 60), pictured(3, 66));
        Map<Integer, Fill> fills = PageFill.of(steps, PAGE, 0);
        assertThat(fills.values()).noneMatch(Fill::begins);
        assertThat(fills.get(1).width()).isLessThan(PageFill.USUAL);
    }

    @Test
    void whatIsHigherThanAPageStandsOnItsOwn() {
        Laid high = new Laid(2, 400, 0, 0, 0);
        Map<Integer, Fill> fills =
                PageFill.of(List.of(pictured(1, 50), high, pictured(3, 50)), PAGE, 0);
        assertThat(fills.get(2).begins()).isTrue();
        assertThat(fills.get(3).begins()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void eachStepIsPrintedOnceAndNoPageIsTooLong(long seed) {
        Random random = new Random(seed);
        List<Laid> steps = new ArrayList<>();
        for (int i = 1; i <= 40; i++) {
            boolean picture = random.nextInt(4) > 0;
            steps.add(
                    new Laid(
                            i,
                            10 + 25 * random.nextDouble(),
                            60 * random.nextDouble(),
                            picture ? 7 : 0,
                            picture ? 25 + 70 * random.nextDouble() : 0));
        }
        Map<Integer, Fill> fills = PageFill.of(steps, PAGE, 9);
        assertThat(fills.keySet())
                .containsExactlyElementsOf(steps.stream().map(Laid::number).toList());
        double height = 9;
        for (Laid step : steps) {
            Fill fill = fills.get(step.number());
            if (fill.begins()) {
                height = 0;
            }
            height += step.height(fill.width() / PageFill.USUAL);
            assertThat(height).isLessThanOrEqualTo(PAGE);
            assertThat(fill.width()).isBetween(59.9, 105.1);
        }
    }
}
