package methodos.desktop.figure;

import java.awt.image.BufferedImage;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicLong;
import javafx.application.Platform;
import methodos.core.description.Id;
import methodos.core.figure.PictureSizes;
import methodos.core.manual.Figure;
import methodos.desktop.project.Background;
import methodos.publish.figure.FigurePictures.Look;
import methodos.publish.figure.PreparedStill;

/**
 * The pictures of figures as they are prepared, at the size of a screen. They are made beside the
 * interface; until one is there the last one of the same figure is shown.
 */
final class PreparedPictures implements PictureSizes, AutoCloseable {

    /** Longer side that is enough for the screen, a lens on it included. */
    private static final int WIDEST = 1600;

    private static final int KEPT = 12;

    private final StillCache stills;
    private final Runnable arrived;
    private final Map<Look, BufferedImage> made = newest();
    private final Map<Id<Figure>, BufferedImage> last = newest();
    private final Map<Id<Figure>, Look> asked = new HashMap<>();
    private final AtomicLong waiting = new AtomicLong();
    private final ExecutorService preparing;

    /** Keeps what was asked for last; pictures are large. */
    private static <K> Map<K, BufferedImage> newest() {
        return new LinkedHashMap<>(16, 0.75f, true) {
            private static final long serialVersionUID = 1L;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, BufferedImage> eldest) {
                return size() > KEPT;
            }
        };
    }

    PreparedPictures(StillCache stills, Background background, Runnable arrived) {
        this.preparing = background.thread("work.preparing");
        this.stills = stills;
        this.arrived = arrived;
    }

    @Override
    public Optional<Size> of(Figure figure) {
        return stills.picture(figure.picture()).map(p -> new Size(p.getWidth(), p.getHeight()));
    }

    /** The prepared picture, or the last one of the figure, or nothing yet. */
    Optional<BufferedImage> prepared(Figure figure) {
        Look look = Look.of(figure);
        BufferedImage ready = made.get(look);
        if (ready != null) {
            last.put(figure.id(), ready);
            return Optional.of(ready);
        }
        Optional<BufferedImage> still = stills.picture(figure.picture());
        if (still.isPresent() && !look.equals(asked.put(figure.id(), look))) {
            waiting.incrementAndGet();
            preparing.execute(() -> prepare(figure, look, still.get()));
        }
        return Optional.ofNullable(last.get(figure.id()));
    }

    private void prepare(Figure figure, Look look, BufferedImage still) {
        BufferedImage picture = PreparedStill.of(figure, still, WIDEST);
        Platform.runLater(
                () -> {
                    made.put(look, picture);
                    asked.remove(figure.id(), look);
                    waiting.decrementAndGet();
                    arrived.run();
                });
    }

    boolean complete() {
        return waiting.get() == 0;
    }

    @Override
    public void close() {
        preparing.shutdownNow();
        made.clear();
        last.clear();
    }
}
