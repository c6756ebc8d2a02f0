package methodos.desktop.footage;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.LinkedBlockingDeque;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.scene.image.Image;
import javax.imageio.ImageIO;
import methodos.core.manual.Clip;
import methodos.desktop.project.OpenProject;
import methodos.files.folders.AppFolders;
import methodos.footage.FootageProblem;
import methodos.footage.Recording;
import org.slf4j.LoggerFactory;

/**
 * Small stills along the footage, made in the background, newest wish first, and kept in the cache
 * folder so that they are there at once on the next opening. Asked on the interface thread.
 */
public final class FilmStrip implements AutoCloseable {

    public static final int WIDTH = 128;
    public static final int HEIGHT = 72;

    private static final int IN_MEMORY = 600;

    private final OpenProject project;
    private final Path cache;
    private final Runnable arrived;
    private final Map<String, Image> images =
            new LinkedHashMap<>(64, 0.75f, true) {
                private static final long serialVersionUID = 1L;

                @Override
                protected boolean removeEldestEntry(Map.Entry<String, Image> eldest) {
                    return size() > IN_MEMORY;
                }
            };
    private final Set<String> asked = new HashSet<>();
    private final ThreadPoolExecutor making;
    private Recording recording;
    private String recordingOf;

    /**
     * @param arrived called on the interface thread when pictures have come
     */
    public FilmStrip(OpenProject project, Runnable arrived) {
        this.project = project;
        this.arrived = arrived;
        this.cache = AppFolders.ofThisMachine().cache().resolve("strip");
        this.making =
                new ThreadPoolExecutor(
                        1,
                        1,
                        1,
                        TimeUnit.MINUTES,
                        new LinkedBlockingDeque<>(),
                        r -> {
                            Thread thread = new Thread(r, "film strip");
                            thread.setDaemon(true);
                            thread.setPriority(Thread.MIN_PRIORITY);
                            return thread;
                        });
    }

    /** The still at a time, or nothing yet; then it is made and {@code arrived} is called. */
    public Optional<Image> at(Clip clip, double time) {
        String key = clip.digest() + String.format(Locale.ROOT, "-%.2f", time);
        Image image = images.get(key);
        if (image == null && !making.isShutdown() && asked.add(key)) {
            making.execute(() -> make(clip, time, key));
        }
        return Optional.ofNullable(image);
    }

    /** Whether nothing is being made. */
    public boolean complete() {
        return making.getActiveCount() == 0 && making.getQueue().isEmpty();
    }

    private void make(Clip clip, double time, String key) {
        BufferedImage picture = cached(key);
        if (picture == null) {
            try {
                picture = recording(clip).still(time, WIDTH, HEIGHT).picture();
                keep(picture, key);
            } catch (FootageProblem e) {
                LoggerFactory.getLogger(FilmStrip.class).warn("no still of {}", clip.name(), e);
                return;
            }
        }
        Image image = Pixels.image(picture);
        Platform.runLater(
                () -> {
                    images.put(key, image);
                    asked.remove(key);
                    arrived.run();
                });
    }

    private Recording recording(Clip clip) throws FootageProblem {
        if (!clip.id().equals(recordingOf)) {
            closeRecording();
            recording = Recording.open(project.clipFile(clip));
            recordingOf = clip.id();
        }
        return recording;
    }

    private void closeRecording() {
        if (recording != null) {
            recording.close();
            recording = null;
            recordingOf = null;
        }
    }

    private BufferedImage cached(String key) {
        try {
            Path file = cache.resolve(key + ".jpg");
            return Files.exists(file) ? ImageIO.read(file.toFile()) : null;
        } catch (IOException e) {
            return null; // a damaged cache file is made anew
        }
    }

    private void keep(BufferedImage picture, String key) {
        try {
            Files.createDirectories(cache);
            Path half = Files.createTempFile(cache, "new", ".jpg");
            ImageIO.write(picture, "jpg", half.toFile());
            Files.move(
                    half,
                    cache.resolve(key + ".jpg"),
                    java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            LoggerFactory.getLogger(FilmStrip.class).info("the film strip is not cached", e);
        }
    }

    @Override
    public void close() {
        making.getQueue().clear();
        making.execute(this::closeRecording);
        making.shutdown();
        images.clear();
    }
}
