package methodos.desktop.seam;

import java.util.Optional;
import java.util.function.BiFunction;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.scene.image.Image;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Span;
import methodos.desktop.footage.FootageDesk;
import methodos.desktop.project.OpenProject;
import methodos.desktop.sound.SoundPlay;

/**
 * Plays the footage. Time goes by the sound that is heard, and by the clock where there is none; a
 * frame that comes too late is not waited for, the next one shows where the time is.
 */
final class Player {

    static final int WIDTH = 278;
    static final int HEIGHT = 158;

    /** The speeds that can be chosen, as factors. */
    static final double[] SPEEDS = {0.25, 0.5, 1, 2, 4};

    private static final double SHORTEST_LOOP = 0.2;

    /** Within so many seconds of the last picture the next one has come before the eye is there. */
    private static final double A_MOMENT = 0.5;

    private final OpenProject project;
    private final SeamState state;
    private final FootageDesk desk;
    private final SeamPicture picture;
    private final BooleanProperty playing = new SimpleBooleanProperty();
    private final BooleanProperty looping = new SimpleBooleanProperty();
    private final DoubleProperty speed = new SimpleDoubleProperty(1);
    private final BiFunction<Clip, Double, Optional<Image>> strip;
    private Id<Clip> lastClip;
    private double lastTime;
    private boolean waiting;
    private SoundPlay sound;
    private boolean begun;
    private double reached;
    private long reachedAt;
    private Span loop;
    private final AnimationTimer clock =
            new AnimationTimer() {
                @Override
                public void handle(long now) {
                    tick();
                }
            };

    /**
     * @param strip a still at hand from near a time, to be shown until the picture has come
     */
    Player(
            OpenProject project,
            SeamState state,
            FootageDesk desk,
            SeamPicture picture,
            BiFunction<Clip, Double, Optional<Image>> strip) {
        this.strip = strip;
        this.project = project;
        this.state = state;
        this.desk = desk;
        this.picture = picture;
        speed.addListener(o -> again());
        looping.addListener(o -> again());
    }

    BooleanProperty playing() {
        return playing;
    }

    /** Whether the chosen span is played over and over. */
    BooleanProperty looping() {
        return looping;
    }

    /** How fast it plays: 1 as it was recorded. */
    DoubleProperty speed() {
        return speed;
    }

    /** The next slower or faster of the speeds. */
    void speedBy(int steps) {
        int at = 0;
        while (at < SPEEDS.length - 1 && SPEEDS[at] < speed.get()) {
            at++;
        }
        speed.set(SPEEDS[Math.max(0, Math.min(SPEEDS.length - 1, at + steps))]);
    }

    /** Shows the picture at the play position. */
    void look() {
        clip().ifPresent(c -> look(c, state.time().get()));
    }

    /** Shows the picture under the pointer for as long as it is there; nothing while it plays. */
    void glance(Optional<Moment> moment) {
        if (playing.get()) {
            return;
        }
        if (moment.isPresent()) {
            look(moment.get().clip(), moment.get().time());
        } else {
            look();
        }
    }

    private void look(Clip clip, double time) {
        boolean far = !clip.id().equals(lastClip) || Math.abs(time - lastTime) > A_MOMENT;
        if (far && !playing.get()) {
            strip.apply(clip, time)
                    .ifPresent(i -> picture.show(new FootageDesk.Shown(clip.id(), time, i, true)));
        }
        desk.look(clip, time, WIDTH, HEIGHT, this::shown, picture::problem);
    }

    private void shown(FootageDesk.Shown shown) {
        waiting = false;
        lastClip = shown.clip();
        lastTime = shown.time();
        picture.show(shown);
    }

    void toggle() {
        if (playing.get()) {
            stop();
        } else {
            clip().ifPresent(this::start);
        }
    }

    private void start(Clip clip) {
        loop = looping.get() ? chosen(clip).orElse(null) : null;
        double from = state.time().get();
        if (loop != null && (from < loop.start() || from >= loop.end())) {
            from = loop.start();
        }
        begin(clip, from);
        playing.set(true);
        clock.start();
    }

    /** The stretch that is picked out, or else the first of the chosen step in this clip. */
    private Optional<Span> chosen(Clip clip) {
        Optional<Span> picked =
                Optional.ofNullable(state.span().get()).filter(s -> isLoop(s, clip));
        return picked.isPresent()
                ? picked
                : Optional.ofNullable(state.step().get())
                        .flatMap(project.manual()::step)
                        .flatMap(s -> s.spans().stream().filter(x -> isLoop(x, clip)).findFirst());
    }

    private static boolean isLoop(Span span, Clip clip) {
        return span.clip().equals(clip.id()) && span.seconds() >= SHORTEST_LOOP;
    }

    private void begin(Clip clip, double from) {
        quiet();
        reached = from;
        begun = false;
        state.time().set(from);
        SoundPlay[] mine = new SoundPlay[1];
        Runnable ready = () -> Platform.runLater(() -> ready(mine[0]));
        mine[0] = SoundPlay.begin(project.clipFile(clip), from, speed.get(), ready);
        sound = mine[0];
    }

    private void ready(SoundPlay play) {
        if (play == sound && !begun) {
            begun = true;
            reachedAt = System.nanoTime();
        }
    }

    private void quiet() {
        if (sound != null) {
            sound.close();
            sound = null;
        }
    }

    private void again() {
        if (playing.get()) {
            stop();
            toggle();
        }
    }

    void stop() {
        clock.stop();
        quiet();
        playing.set(false);
        waiting = false;
    }

    private void tick() {
        Clip clip = clip().orElse(null);
        if (clip == null) {
            stop();
            return;
        }
        if (!begun) {
            return; // the sound is on its way
        }
        double time = now();
        if (loop != null && time >= loop.end()) {
            begin(clip, loop.start());
            return;
        }
        if (time >= clip.duration()) {
            goOn(clip);
            return;
        }
        state.time().set(Math.max(0, time));
        if (!waiting) {
            waiting = true;
            look();
        }
    }

    /** At its end a clip is followed by the one that the camera went on with. */
    private void goOn(Clip clip) {
        Optional<Clip> next = project.manual().clipAfter(clip.id());
        if (next.isEmpty()) {
            stop();
            return;
        }
        state.clip().set(next.get().id());
        begin(next.get(), 0);
    }

    private double now() {
        long nanos = System.nanoTime();
        Optional<Double> heard = sound == null ? Optional.empty() : sound.time();
        reached = heard.orElse(reached + (nanos - reachedAt) / 1e9 * speed.get());
        reachedAt = nanos;
        return reached;
    }

    /** One frame forward or back. */
    void frame(boolean forward) {
        stop();
        clip().ifPresent(
                        c ->
                                desk.step(
                                        new FootageDesk.Small(c, state.time().get(), WIDTH, HEIGHT),
                                        forward,
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

    private Optional<Clip> clip() {
        return state.clip().get() == null
                ? Optional.empty()
                : project.manual().clip(state.clip().get());
    }
}
