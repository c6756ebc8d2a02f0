package methodos.desktop.footage;

import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.image.Image;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.desktop.project.OpenProject;
import methodos.files.problem.ProjectProblem;
import methodos.footage.FootageProblem;
import methodos.footage.Recording;
import methodos.footage.Still;
import org.slf4j.LoggerFactory;

/**
 * The open recordings of a project. All decoding happens on its own thread; of several requests for
 * the picture under the pointer only the newest is answered.
 */
public final class FootageDesk implements AutoCloseable {

    /**
     * A picture for the screen.
     *
     * @param time at which it is shown
     * @param near whether it is only from near the time that was asked for; the exact one follows
     */
    public record Shown(Id<Clip> clip, double time, Image image, boolean near) {}

    private final OpenProject project;
    private final Map<Id<Clip>, Recording> recordings = new HashMap<>();
    private final ExecutorService decoding;
    private final AtomicLong newest = new AtomicLong();

    public FootageDesk(OpenProject project) {
        this.decoding = project.background().thread("work.decoding");
        this.project = project;
    }

    /**
     * Asks for a small picture at a time; the answer comes on the interface thread. Where the exact
     * picture takes its time, one from near is given first.
     */
    public void look(
            Clip clip,
            double time,
            int width,
            int height,
            Consumer<Shown> answer,
            Consumer<String> problem) {
        long ticket = newest.incrementAndGet();
        decoding.execute(
                () -> {
                    if (newest.get() == ticket && !quick(clip, time)) {
                        answer(clip, true, r -> r.nearby(time, width, height), answer, problem);
                    }
                    if (newest.get() == ticket) {
                        answer(clip, false, r -> r.still(time, width, height), answer, problem);
                    }
                });
    }

    /**
     * A small picture.
     *
     * @param time of the clip, in seconds
     */
    public record Small(Clip clip, double time, int width, int height) {}

    /** Asks for the frame before or after the one shown at a time. */
    public void step(
            Small shown, boolean forward, Consumer<Shown> answer, Consumer<String> problem) {
        Clip clip = shown.clip();
        double time = shown.time();
        int width = shown.width();
        int height = shown.height();
        newest.incrementAndGet();
        decoding.execute(
                () ->
                        answer(
                                clip,
                                false,
                                r -> {
                                    if (!forward) {
                                        return r.before(time, width, height);
                                    }
                                    var after = r.after(time, width, height);
                                    return after.isPresent()
                                            ? after.get()
                                            : r.still(time, width, height);
                                },
                                answer,
                                problem));
    }

    /** Takes the whole picture at a time; the answer comes on the decoding thread. */
    public void capture(Clip clip, double time, Consumer<Still> answer, Consumer<String> problem) {
        decoding.execute(
                () -> {
                    try {
                        answer.accept(recording(clip).still(time));
                    } catch (FootageProblem e) {
                        Platform.runLater(() -> problem.accept(e.getMessage()));
                    }
                });
    }

    /** Takes a picture at a time, no larger than said; the answer comes on the interface thread. */
    public void capture(Small wanted, Consumer<Image> answer, Consumer<String> problem) {
        decoding.execute(
                () -> {
                    try {
                        Recording recording = recording(wanted.clip());
                        Still still =
                                recording.still(wanted.time(), wanted.width(), wanted.height());
                        Image image = Pixels.image(still.picture());
                        Platform.runLater(() -> answer.accept(image));
                    } catch (FootageProblem e) {
                        Platform.runLater(() -> problem.accept(e.getMessage()));
                    }
                });
    }

    /**
     * Takes the whole picture at a time and keeps it in the project; the answer, with the digest of
     * the kept picture, comes on the interface thread.
     */
    public void keep(
            Clip clip, double time, BiConsumer<Still, String> kept, Consumer<String> problem) {
        capture(
                clip,
                time,
                still -> {
                    try {
                        String digest = project.stills().keep(still.picture());
                        Platform.runLater(() -> kept.accept(still, digest));
                    } catch (ProjectProblem e) {
                        Platform.runLater(() -> problem.accept(e.getMessage()));
                    }
                },
                problem);
    }

    private interface Decoding {
        Still of(Recording recording) throws FootageProblem;
    }

    private boolean quick(Clip clip, double time) {
        Recording open = recordings.get(clip.id());
        return open != null && open.isNext(time);
    }

    private void answer(
            Clip clip,
            boolean near,
            Decoding decoding,
            Consumer<Shown> answer,
            Consumer<String> problem) {
        try {
            Still still = decoding.of(recording(clip));
            Shown shown = new Shown(clip.id(), still.time(), Pixels.image(still.picture()), near);
            Platform.runLater(() -> answer.accept(shown));
        } catch (FootageProblem e) {
            LoggerFactory.getLogger(FootageDesk.class).warn("no picture", e);
            Platform.runLater(() -> problem.accept(e.getMessage()));
        }
    }

    private Recording recording(Clip clip) throws FootageProblem {
        Recording open = recordings.get(clip.id());
        if (open == null) {
            open = Recording.open(project.clipFile(clip));
            recordings.put(clip.id(), open);
        }
        return open.turned(clip.turned());
    }

    @Override
    public void close() {
        decoding.execute(() -> recordings.values().forEach(Recording::close));
        decoding.shutdown();
    }
}
