package methodos.desktop.figure;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.image.Image;
import methodos.desktop.footage.Pixels;
import methodos.desktop.project.OpenProject;
import methodos.files.problem.ProjectProblem;

/**
 * The kept stills that have been looked at, read in the background. Asked on the interface thread.
 */
public final class StillCache implements AutoCloseable {

    static final int THUMB = 78;

    private record Entry(BufferedImage picture, Image thumb) {}

    private final OpenProject project;
    private final Runnable arrived;
    private final Consumer<String> message;
    private final Map<String, Entry> entries = new HashMap<>();
    private final Set<String> asked = new HashSet<>();
    private final ExecutorService reading;

    /**
     * @param arrived called on the interface thread when a picture has come
     */
    public StillCache(OpenProject project, Runnable arrived, Consumer<String> message) {
        this.reading = project.background().thread("work.stills");
        this.project = project;
        this.arrived = arrived;
        this.message = message;
    }

    /** The whole picture, or nothing yet. */
    public Optional<BufferedImage> picture(String digest) {
        return entry(digest).map(Entry::picture);
    }

    Optional<Image> thumb(String digest) {
        return entry(digest).map(Entry::thumb);
    }

    /** Whether all that was asked for has come. */
    public boolean complete() {
        return entries.size() == asked.size();
    }

    private Optional<Entry> entry(String digest) {
        Entry entry = entries.get(digest);
        if (entry == null && digest != null && asked.add(digest)) {
            reading.execute(() -> read(digest));
        }
        return Optional.ofNullable(entry);
    }

    private void read(String digest) {
        try {
            BufferedImage picture = project.stills().read(digest);
            Entry entry = new Entry(picture, Pixels.image(small(picture)));
            Platform.runLater(
                    () -> {
                        entries.put(digest, entry);
                        arrived.run();
                    });
        } catch (ProjectProblem e) {
            Platform.runLater(() -> message.accept(e.getMessage()));
        }
    }

    private static BufferedImage small(BufferedImage picture) {
        int height = Math.max(1, THUMB * picture.getHeight() / picture.getWidth());
        BufferedImage half =
                new BufferedImage(2 * THUMB, 2 * height, BufferedImage.TYPE_INT_ARGB_PRE);
        draw(picture, half);
        BufferedImage small = new BufferedImage(THUMB, height, BufferedImage.TYPE_INT_ARGB_PRE);
        draw(half, small);
        return small;
    }

    private static void draw(BufferedImage from, BufferedImage to) {
        Graphics2D g = to.createGraphics();
        g.setRenderingHint(
                RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(from, 0, 0, to.getWidth(), to.getHeight(), null);
        g.dispose();
    }

    @Override
    public void close() {
        reading.shutdownNow();
        entries.clear();
    }
}
