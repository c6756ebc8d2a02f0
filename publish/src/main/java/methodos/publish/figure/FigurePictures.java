package methodos.publish.figure;

import java.awt.image.BufferedImage;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import methodos.core.figure.PictureSizes;
import methodos.core.manual.Figure;
import methodos.core.manual.Mark;
import methodos.core.manual.Preparation;

/** The stills of figures, and each as it is prepared; made when they are first asked for. */
public final class FigurePictures implements PictureSizes {

    /** Longer side that is enough for print across a page. */
    public static final int PRINT = 2400;

    private final Function<Figure, Optional<BufferedImage>> stills;
    private final int widest;
    private final Map<Look, BufferedImage> prepared = new HashMap<>();

    /** All that a prepared picture depends on; other marks do not change it. */
    public record Look(String picture, Preparation preparation, List<Mark> covers) {
        public static Look of(Figure figure) {
            return new Look(
                    figure.picture(),
                    figure.prepared(),
                    figure.marks().stream().filter(m -> m instanceof Mark.Cover).toList());
        }
    }

    /**
     * @param stills the still of a figure as it was taken; nothing where it is missing
     * @param widest longer side of the prepared pictures in pixels at most
     */
    public FigurePictures(Function<Figure, Optional<BufferedImage>> stills, int widest) {
        this.stills = stills;
        this.widest = widest;
    }

    @Override
    public Optional<Size> of(Figure figure) {
        return stills.apply(figure).map(s -> new Size(s.getWidth(), s.getHeight()));
    }

    /** The picture as it is shown; nothing where the still is missing. */
    public synchronized Optional<BufferedImage> prepared(Figure figure) {
        BufferedImage known = prepared.get(Look.of(figure));
        if (known != null) {
            return Optional.of(known);
        }
        Optional<BufferedImage> made =
                stills.apply(figure).map(s -> PreparedStill.of(figure, s, widest));
        made.ifPresent(p -> prepared.put(Look.of(figure), p));
        return made;
    }
}
