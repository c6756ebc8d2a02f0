package methodos.core.figure;

import java.util.List;
import methodos.core.manual.Arrangement;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.tightening.TighteningOrder;

/** The numbers that are drawn at the screws of a joint: their places in the order. */
public final class ScrewNumbers {

    private ScrewNumbers() {}

    /**
     * @param width of the picture, in any unit
     * @param height in the same unit; what is a circle depends on it
     * @return for each screw its place in the order, from 1; screws that lie on one spot, and a
     *     given order that does not fit, are numbered as they were clicked
     */
    public static List<Integer> of(Mark.ScrewOrder mark, double width, double height) {
        if (mark.screws().isEmpty()) {
            return List.of();
        }
        List<Point> screws =
                mark.screws().stream().map(p -> new Point(p.x() * width, p.y() * height)).toList();
        try {
            if (mark.arrangement() == null) {
                return TighteningOrder.of(screws).numbers();
            }
            return mark.arrangement() == Arrangement.GIVEN
                    ? TighteningOrder.given(screws.size(), mark.given()).numbers()
                    : TighteningOrder.as(mark.arrangement(), screws).numbers();
        } catch (IllegalArgumentException unordered) {
            return java.util.stream.IntStream.rangeClosed(1, screws.size()).boxed().toList();
        }
    }
}
