package methodos.desktop.footage;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.PriorityBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.image.Image;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.desktop.project.OpenProject;
import methodos.files.cache.CacheFolder;
import methodos.files.folders.AppFolders;
import methodos.footage.FootageProblem;
import methodos.footage.Recording;
import org.slf4j.LoggerFactory;

/**
 * Small stills along the footage, made in the background and kept in the cache folder so that they
 * are there at once on the next opening. First the key frame near each still in view is shown, then
 * the exact still takes its place; what has gone out of view is not made. Asked on the interface
 * thread.
 */
public final class FilmStrip implements AutoCloseable {

    public static final int WIDTH = 128;
    public static final int HEIGHT = 72;

    /** A view that was not moved for so long rests. */
    private static final Duration RESTS_AFTER = Duration.millis(180);

    /** A still that is further from a time says nothing about it. */
    private static final double NEAR_SECONDS = 10;

    private static final int IN_MEMORY = 600;
    private static final long ON_DISK = 200L << 20;

    /** A still that is shown; a rough one is only near its time. */
    private record Shown(String film, double time, Image image, boolean rough) {}

    /** A still that is to be made. */
    private final class Wish implements Runnable, Comparable<Wish> {

        private static final Comparator<Wish> ORDER =
                Comparator.comparing((Wish w) -> w.exact).thenComparingDouble(w -> w.time);

        private final Clip clip;
        private final double time;
        private final String key;
        private final boolean exact;

        Wish(Clip clip, double time, String key, boolean exact) {
            this.clip = clip;
            this.time = time;
            this.key = key;
            this.exact = exact;
        }

        Shown shown(BufferedImage picture, boolean rough) {
            return new Shown(film(clip), time, Pixels.image(picture), rough);
        }

        @Override
        public void run() {
            Shown made = make(this);
            Platform.runLater(() -> arrived(this, made));
        }

        @Override
        public int compareTo(Wish other) {
            return ORDER.compare(this, other);
        }
    }

    private final OpenProject project;
    private final CacheFolder cache;
    private final Runnable arrived;
    private final Map<String, Shown> stills =
            new LinkedHashMap<>(64, 0.75f, true) {
                private static final long serialVersionUID = 1L;

                @Override
                protected boolean removeEldestEntry(Map.Entry<String, Shown> eldest) {
                    return size() > IN_MEMORY;
                }
            };
    private final Set<String> asked = new HashSet<>();
    private final Set<String> failed = new HashSet<>();
    private final ThreadPoolExecutor making;
    private final PauseTransition rest = new PauseTransition(RESTS_AFTER);
    private boolean resting = true;
    private Recording recording;
    private Id<Clip> recordingOf;

    /**
     * @param arrived called on the interface thread when a picture has come
     */
    public FilmStrip(OpenProject project, Runnable arrived) {
        this.project = project;
        this.arrived = arrived;
        project.workspace().addListener(o -> failed.clear()); // the footage may have been found
        this.cache = new CacheFolder(AppFolders.ofThisMachine().cache().resolve("strip"), ON_DISK);
        rest.setOnFinished(
                e -> {
                    resting = true;
                    arrived.run();
                });
        this.making =
                new ThreadPoolExecutor(
                        1,
                        1,
                        1,
                        TimeUnit.MINUTES,
                        new PriorityBlockingQueue<>(),
                        r -> {
                            Thread thread = new Thread(r, "film strip");
                            thread.setDaemon(true);
                            thread.setPriority(Thread.MIN_PRIORITY);
                            return thread;
                        }) {
                    @Override
                    protected void afterExecute(Runnable wish, Throwable thrown) {
                        if (thrown != null) {
                            project.failed("work.strip", thrown);
                        }
                    }
                };
    }

    /**
     * Forgets what was wished for and is not made yet; the stills in view are asked for next.
     *
     * @param moved whether the view is being moved; exact stills wait until it rests, since
     *     decoding would make it stutter
     */
    public void newView(boolean moved) {
        if (moved) {
            resting = false;
            rest.playFromStart();
        }
        making.getQueue()
                .removeIf(
                        r -> {
                            asked.remove(((Wish) r).key);
                            return true;
                        });
    }

    /** Its pictures as they are turned. */
    private static String film(Clip clip) {
        return clip.turned() == 0 ? clip.digest() : clip.digest() + "-turned" + clip.turned();
    }

    /**
     * The still at a time, perhaps only one from near it, or nothing yet; while it is not exact it
     * is being made, and {@code arrived} is called when it has come.
     */
    public Optional<Image> at(Clip clip, double time) {
        String key = film(clip) + String.format(Locale.ROOT, "-%.2f", time);
        Shown still = stills.get(key);
        boolean wanted = still == null || still.rough && resting;
        if (wanted && !making.isShutdown() && !failed.contains(key) && asked.add(key)) {
            making.execute(new Wish(clip, time, key, still != null));
        }
        return Optional.ofNullable(still).map(Shown::image);
    }

    /** The exact still that is nearest to a time, of those that are at hand. */
    public Optional<Image> near(Clip clip, double time) {
        return stills.values().stream()
                .filter(s -> !s.rough && s.film.equals(film(clip)))
                .filter(s -> Math.abs(s.time - time) <= NEAR_SECONDS)
                .min(Comparator.comparingDouble(s -> Math.abs(s.time - time)))
                .map(Shown::image);
    }

    /** Whether nothing is being made. */
    public boolean complete() {
        return asked.isEmpty() && resting;
    }

    private void arrived(Wish wish, Shown made) {
        asked.remove(wish.key);
        if (made == null) {
            failed.add(wish.key);
        } else {
            stills.put(wish.key, made);
        }
        arrived.run();
    }

    /** Makes a still; null where it cannot be made. */
    private Shown make(Wish wish) {
        Optional<BufferedImage> known = kept(wish.key);
        if (known.isPresent()) {
            return wish.shown(known.get(), false);
        }
        try {
            if (!wish.exact) {
                var near = recording(wish.clip).nearby(wish.time, WIDTH, HEIGHT);
                return wish.shown(near.picture(), true);
            }
            BufferedImage exact = recording(wish.clip).still(wish.time, WIDTH, HEIGHT).picture();
            keep(exact, wish.key);
            return wish.shown(exact, false);
        } catch (FootageProblem e) {
            LoggerFactory.getLogger(FilmStrip.class).warn("no still of {}", wish.clip.name(), e);
            return null;
        }
    }

    private Recording recording(Clip clip) throws FootageProblem {
        if (!clip.id().equals(recordingOf)) {
            closeRecording();
            recording = Recording.openInBackground(project.clipFile(clip));
            recordingOf = clip.id();
        }
        return recording.turned(clip.turned());
    }

    private void closeRecording() {
        if (recording != null) {
            recording.close();
            recording = null;
            recordingOf = null;
        }
    }

    private Optional<BufferedImage> kept(String key) {
        return cache.get(key + ".jpg")
                .flatMap(
                        bytes -> {
                            try {
                                return Optional.ofNullable(
                                        ImageIO.read(new ByteArrayInputStream(bytes)));
                            } catch (IOException e) {
                                return Optional.empty(); // a damaged one is made anew
                            }
                        });
    }

    private void keep(BufferedImage picture, String key) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "jpg", bytes);
        } catch (IOException e) {
            LoggerFactory.getLogger(FilmStrip.class).info("the film strip is not cached", e);
            return;
        }
        cache.put(key + ".jpg", bytes.toByteArray());
    }

    @Override
    public void close() {
        rest.stop();
        making.getQueue().clear();
        making.shutdown();
        stills.clear();
        new Thread(this::letGo, "film strip ends").start();
    }

    private void letGo() {
        try {
            making.awaitTermination(1, TimeUnit.MINUTES);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        closeRecording();
    }
}
