package methodos.core.figure;

import java.util.Optional;
import methodos.core.manual.Figure;

/** How large the stills of figures are. */
@FunctionalInterface
public interface PictureSizes {

    /** In pixels. */
    record Size(double width, double height) {}

    /** Nothing where the figure has no picture, or it is missing. */
    Optional<Size> of(Figure figure);

    /** All pictures are of one size; a figure without a picture has none. */
    static PictureSizes all(double width, double height) {
        return f -> f.picture() == null ? Optional.empty() : Optional.of(new Size(width, height));
    }
}
