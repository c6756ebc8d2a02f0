package methodos.desktop.seam;

import javafx.animation.AnimationTimer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import methodos.core.manual.Clip;
import methodos.desktop.footage.FootageDesk;
import methodos.desktop.project.OpenProject;

/**
 * Plays the footage with the sound off. Time goes by the clock; a frame that comes too late is not
 * waited for, the next one shows where the clock is.
 */
final class Player {

    static final int WIDTH = 278;
    static final int HEIGHT = 158;

    private final OpenProject project;
    private final SeamState state;
    private final FootageDesk desk;
    private final SeamPicture picture;
    private final BooleanProperty playing = new SimpleBooleanProperty();
    private boolean waiting;
    private long startedAt;
    private double startedFrom;
    private final AnimationTimer clock =
            new AnimationTimer() {
                @Override
                public void handle(long now) {
                    tick(now);
                }
            };

    Player(OpenProject project, SeamState state, FootageDesk desk, SeamPicture picture) {
        this.project = project;
        this.state = state;
        this.desk = desk;
        this.picture = picture;
    }

    BooleanProperty playing() {
        return playing;
    }

    /** Shows the picture at the play position. */
    void look() {
        clip().ifPresent(
                        c ->
                                desk.look(
                                        c,
                                        state.time().get(),
                                        WIDTH,
                                        HEIGHT,
                                        this::shown,
                                        picture::problem));
    }

    private void shown(FootageDesk.Shown shown) {
        waiting = false;
        picture.show(shown);
    }

    void toggle() {
        if (playing.get()) {
            stop();
        } else if (clip().isPresent()) {
            startedFrom = state.time().get();
            startedAt = System.nanoTime();
            playing.set(true);
            clock.start();
        }
    }

    void stop() {
        clock.stop();
        playing.set(false);
        waiting = false;
    }

    private void tick(long now) {
        Clip clip = clip().orElse(null);
        double time = startedFrom + (now - startedAt) / 1e9;
        if (clip == null || time >= clip.duration()) {
            stop();
            return;
        }
        state.time().set(Math.max(0, time));
        if (!waiting) {
            waiting = true;
            look();
        }
    }

    /** One frame forward or back. */
    void frame(boolean forward) {
        stop();
        clip().ifPresent(
                        c ->
                                desk.step(
                                        c,
                                        state.time().get(),
                                        forward,
                                        WIDTH,
                                        HEIGHT,
                                        s -> {
                                            state.time().set(s.time());
                                            picture.show(s);
                                        },
                                        picture::problem));
    }

    void jump(double seconds) {
        stop();
        clip().ifPresent(
                        c -> {
                            double time = state.time().get() + seconds;
                            state.time().set(Math.max(0, Math.min(c.duration(), time)));
                            look();
                        });
    }

    private java.util.Optional<Clip> clip() {
        return state.clip().get() == null
                ? java.util.Optional.empty()
                : project.manual().clip(state.clip().get());
    }
}
