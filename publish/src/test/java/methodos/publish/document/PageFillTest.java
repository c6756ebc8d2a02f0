package methodos.publish.document;

import static methodos.publish.document.PageFill.Shown.ACROSS;
import static methodos.publish.document.PageFill.Shown.AGAIN;
import static methodos.publish.document.PageFill.Shown.BESIDE;
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
    void picturesThatComeAgainAreSmallAndGrowToTheSameWidthAtMost() {
        List<Laid> steps = new ArrayList<>();
        for (int i = 1; i <= 6; i++) {
            steps.add(new Laid(i, 14, 20, 7, i % 2 == 0 ? 40 : 50, i % 2 == 0 ? AGAIN : BESIDE));
        }
        for (int n = 1; n <= 6; n++) {
            Map<Integer, Fill> fills = PageFill.of(steps.subList(0, n), PAGE, 0);
            fills.forEach(
                    (number, fill) -> {
                        assertThat(fill.width()).isLessThanOrEqualTo(1.4 * PageFill.USUAL + .001);
                        assertThat(fill.column()).isGreaterThanOrEqualTo(fill.width());
                    });
        }
        Map<Integer, Fill> last = PageFill.of(steps.subList(0, 2), PAGE, 0);
        assertThat(last.get(2).width()).isCloseTo(.8 * PageFill.USUAL, within(.001));
    }

    @Test
    void picturesAcrossThePageShrinkForAStepThatNearlyHasRoom() {
        Laid wide = new Laid(1, 30, 0, 0, 110, ACROSS);
        Map<Integer, Fill> fills =
                PageFill.of(List.of(wide, pictured(2, 60), pictured(3, 30)), PAGE, 0);
        assertThat(fills.values()).noneMatch(Fill::begins);
        assertThat(fills.get(1).width()).isBetween(129.0, 161.0);
        assertThat(PageFill.of(List.of(wide), PAGE, 0).get(1).width()).isEqualTo(162);
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
                height = -PageFill.PARTING; // nothing stands before it to be parted from
            }
            height += step.height(fill.width() / PageFill.USUAL);
            assertThat(height).isLessThanOrEqualTo(PAGE);
            assertThat(fill.width()).isBetween(59.9, 105.1);
        }
    }
}
