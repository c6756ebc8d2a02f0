package methodos.core.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.core.quantity.Conversion;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.Quantity;

/** The scale of a figure's still: lengths on it are measured by the first thing of known size. */
public final class PictureScale {

    /** Standard deviation of a click along each axis, as a share of the still's longer side. */
    private static final double POINTING = 0.0008;

    /** What is left of a lens's distortion changes a length by this share (standard deviation). */
    private static final double LENS = 0.003;

    private final Mark.Scale scale;
    private final MeasureUnit unit;
    private final List<Double> sizes;
    private final double width;
    private final double height;

    private PictureScale(Mark.Scale scale, double width, double height) {
        this.scale = scale;
        this.width = width;
        this.height = height;
        this.unit = scale.sizes().get(0).unit();
        this.sizes =
                scale.sizes().stream()
                        .map(s -> new Conversion(s, unit).exact(s.min()).toDouble())
                        .toList();
    }

    /**
     * @param width of the still in pixels
     * @param height of the still in pixels
     * @return nothing where the figure has nothing of known size, or its size is not told yet
     */
    public static Optional<PictureScale> of(Figure figure, double width, double height) {
        return figure.marks().stream()
                .filter(m -> m instanceof Mark.Scale)
                .map(m -> (Mark.Scale) m)
                .filter(PictureScale::complete)
                .findFirst()
                .map(s -> new PictureScale(s, width, height));
    }

    /** Whether all points are set and all sizes are told. */
    public static boolean complete(Mark.Scale scale) {
        return scale.known().size() >= scale.shape().fewestPoints()
                && scale.sizes().size() == scale.shape().sizes()
                && scale.sizes().stream().allMatch(PictureScale::isSize);
    }

    /** Whether a quantity can be the size of something: one length, longer than nothing. */
    public static boolean isSize(Quantity quantity) {
        return quantity.single()
                && quantity.unit().dimension() == MeasureUnit.Dimension.LENGTH
                && quantity.min().value().signum() > 0;
    }

    /** The unit of length in which it measures. */
    public MeasureUnit unit() {
        return unit;
    }

    /** The mark that it was made from. */
    public Mark.Scale scale() {
        return scale;
    }

    /** The length between the ends of the mark; nothing where the known points determine none. */
    public Optional<MeasuredLength> of(Mark.Length mark) {
        List<Point> known = pixels(scale.known());
        List<Point> ends = pixels(mark.points());
        double click = POINTING * Math.max(width, height);
        try {
            MeasuredLength length =
                    switch (scale.shape()) {
                        case RECTANGLE ->
                                MeasuredLength.byRectangle(
                                        known,
                                        sizes.get(0),
                                        sizes.get(1),
                                        ends.get(0),
                                        ends.get(1),
                                        click);
                        case CIRCLE ->
                                MeasuredLength.byCircle(
                                        known, sizes.get(0), ends.get(0), ends.get(1), click);
                        case LENGTH ->
                                MeasuredLength.byLength(
                                        known, sizes.get(0), ends.get(0), ends.get(1), click);
                    };
            return Optional.of(length.throughLens(LENS));
        } catch (IllegalArgumentException undetermined) {
            return Optional.empty();
        }
    }

    private List<Point> pixels(List<Point> shares) {
        List<Point> pixels = new ArrayList<>();
        shares.forEach(p -> pixels.add(new Point(p.x() * width, p.y() * height)));
        return pixels;
    }
}
