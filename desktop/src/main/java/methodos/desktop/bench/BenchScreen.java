package methodos.desktop.bench;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import methodos.core.bench.BenchRun;
import methodos.core.bench.Deed;
import methodos.core.bench.InstrumentLine;
import methodos.core.bench.StepWork;
import methodos.core.bench.Task;
import methodos.core.kit.FetchList;
import methodos.core.words.Words;
import methodos.desktop.theme.Theme;
import methodos.files.bench.RunFolder;
import methodos.files.problem.ProjectProblem;

/**
 * The bench as the technician has it before him: the whole window, one step at a time, everything
 * large enough for a finger in a glove. What is asked now stands at the right; the large button
 * below it goes on.
 */
final class BenchScreen implements TaskHost {

    private static final double GAP = 16;
    private static final Duration TICK = Duration.millis(500);

    private final Words words;
    private final Theme theme;
    private final BenchInstruments instruments;
    private final Executor beside;
    private final Supplier<Optional<Path>> photos;
    private final Runnable leave;

    private final BorderPane node = new BorderPane();
    private final BenchHead head;
    private final StepPicture picture;
    private final StepTold told;
    private final FetchView fetch;
    private final TaskSide tasks;
    private final RemarkView remark;
    private final EarlierStep earlier;
    private final WaitCards waits;
    private final BenchSide side;
    private final HBox middle = new HBox(GAP);
    private final BenchFoot foot;
    private final Timeline timer = new Timeline();

    private BenchDesk desk;
    private AskedTask ask = AskedTask.of(new VBox());
    private StepWork looking;
    private boolean remarking;
    private Task.RunningWait awaited;

    /**
     * @param photos asks for a photo
     * @param leave called when the technician leaves the bench
     */
    BenchScreen(
            Words words,
            Theme theme,
            StepPicture picture,
            BenchInstruments instruments,
            Executor beside,
            Supplier<Optional<Path>> photos,
            Runnable leave) {
        this.words = words;
        this.theme = theme;
        this.picture = picture;
        this.instruments = instruments;
        this.beside = beside;
        this.photos = photos;
        this.leave = leave;
        head = new BenchHead(words, theme);
        fetch = new FetchView(this);
        tasks = new TaskSide(this);
        earlier = new EarlierStep(this);
        told = new StepTold(words, picture);
        waits = new WaitCards(words);
        side = new BenchSide(new NumberPad(words, this::press), waits);
        remark =
                new RemarkView(
                        words,
                        new RemarkView.Deeds() {
                            @Override
                            public void keep(Deed.Noted noted) {
                                remarked(noted);
                            }

                            @Override
                            public void giveUp(String why) {
                                BenchScreen.this.giveUp(why);
                            }

                            @Override
                            public void back() {
                                again();
                            }

                            @Override
                            public void photo(Consumer<String> kept) {
                                BenchScreen.this.photo(kept);
                            }
                        });
        foot =
                new BenchFoot(
                        words,
                        new BenchFoot.Deeds() {
                            @Override
                            public void back() {
                                BenchScreen.this.back();
                            }

                            @Override
                            public void film() {
                                picture.toggle();
                                again();
                            }

                            @Override
                            public void wrong() {
                                BenchScreen.this.remark();
                            }

                            @Override
                            public void stop() {
                                BenchScreen.this.enter(new Deed.Stopped());
                            }

                            @Override
                            public void on() {
                                BenchScreen.this.on();
                            }
                        });
        node.getStyleClass().addAll("window", "bench");
        node.setId("bench");
        node.setTop(head.node());
        node.setCenter(middle);
        node.setBottom(foot.node());
        middle.setPadding(new Insets(GAP, GAP, 0, GAP));
        wide(0);
        node.widthProperty().addListener((o, was, now) -> wide(now.doubleValue()));
        node.heightProperty()
                .addListener(
                        (o, was, now) -> {
                            if (side.high(now.doubleValue()) && desk != null && !remarking) {
                                Platform.runLater(this::again);
                            }
                        });
        BenchKeys.of(
                node,
                new BenchKeys.Deeds() {
                    @Override
                    public void enter() {
                        if (foot.goesOn()) {
                            on();
                        }
                    }

                    @Override
                    public boolean back() {
                        boolean away = looking != null || remarking;
                        looking = null;
                        if (away) {
                            again();
                        }
                        return away;
                    }

                    @Override
                    public void key(String key) {
                        if (ask.press() != null) {
                            press(key);
                        } else if (!key.equals(NumberPad.BACK)) {
                            BenchKeys.nth(side.asked(), key);
                        }
                    }
                });
        // no field has the keys before somebody goes to it
        node.sceneProperty()
                .addListener(
                        (o, was, now) -> {
                            if (now != null) {
                                Platform.runLater(node::requestFocus);
                            }
                        });
        timer.getKeyFrames().add(new KeyFrame(TICK, e -> tick()));
        timer.setCycleCount(Animation.INDEFINITE);
    }

    Region node() {
        return node;
    }

    private void wide(double window) {
        foot.wide(side.wide(window));
    }

    /** Shows a run, and begins to keep its time. */
    void open(BenchDesk of) {
        desk = of;
        looking = null;
        remarking = false;
        instruments.listen(this::sent, this::again, this::say);
        say(of.folder().torn() ? words.of("bench.torn") : "");
        timer.playFromStart();
        again();
    }

    /** The keys belong to the bench, also when what had the focus is gone. */
    private void hold() {
        if (desk == null || node.getScene() == null) {
            return;
        }
        Node owner = node.getScene().getFocusOwner();
        for (Node n = owner; n != null; n = n.getParent()) {
            if (n == node) {
                return;
            }
        }
        node.requestFocus();
    }

    @Override
    public BenchDesk desk() {
        return desk;
    }

    @Override
    public BenchInstruments instruments() {
        return instruments;
    }

    @Override
    public Words words() {
        return words;
    }

    @Override
    public Theme theme() {
        return theme;
    }

    @Override
    public void say(String sentence) {
        side.say(sentence);
    }

    @Override
    public void enter(Deed deed) {
        say("");
        desk.enter(deed).ifPresent(this::say);
        again();
    }

    /** Shows what is asked now. */
    @Override
    public void again() {
        if (desk == null) {
            return;
        }
        BenchRun run = desk.run();
        if (run.state() != BenchRun.State.FETCHING && run.state() != BenchRun.State.WORKING) {
            close();
            return;
        }
        remarking = false;
        head.show(desk);
        if (run.state() == BenchRun.State.FETCHING) {
            waits.show(desk, null);
            fetching(run);
            return;
        }
        StepWork shown =
                looking != null
                        ? looking
                        : run.here().orElseGet(() -> run.visits().get(run.visits().size() - 1));
        told.show(run, shown);
        Task task = run.tasks().get(0);
        awaited = looking == null && task instanceof Task.Await await ? await.on() : null;
        waits.show(desk, awaited);
        ask = looking == null ? tasks.of(task) : AskedTask.of(earlier.of(looking));
        show(told.node(), ask.press() != null && ask.act() != null);
        foot.on(
                looking != null ? words.of("bench.backToStep") : ask.main(),
                looking != null || ask.act() != null);
        foot.atStep(EarlierStep.before(run.visits(), from(run)).isPresent(), picture);
        tick();
    }

    private StepWork from(BenchRun run) {
        return looking != null ? looking : run.here().orElse(null);
    }

    private void fetching(BenchRun run) {
        int open = FetchView.open(run);
        fetch.show();
        FetchList.Thing next = ((Task.Fetch) run.tasks().get(0)).thing();
        ask =
                AskedTask.of(
                        LargeControls.card(
                                LargeControls.head(words.of("bench.stillToFetch", open)),
                                LargeControls.prose(words.of("bench.beforeWork"))),
                        words.of("bench.isHere", next.name()),
                        () -> enter(new Deed.Fetched(next.key(), "")));
        show(fetch.node(), false);
        foot.on(ask.main(), true);
        foot.beforeTheSteps();
    }

    private void show(Region at, boolean keys) {
        side.show(ask.body(), keys, ask.taken() == null ? List.of() : instrumentKeys());
        HBox.setHgrow(at, Priority.ALWAYS);
        middle.getChildren().setAll(at, side.node());
        Platform.runLater(this::hold);
    }

    /** A key for each instrument that is there. */
    private List<Button> instrumentKeys() {
        return instruments.addresses().stream()
                .map(
                        address ->
                                LargeControls.key(
                                        "from-" + address.replaceAll("[^A-Za-z0-9]", "-"),
                                        words.of("bench.from", instruments.name(address)),
                                        () -> instruments.ask(address)))
                .toList();
    }

    private void on() {
        if (remarking) {
            remark.keep();
        } else if (looking != null) {
            looking = null;
            again();
        } else if (ask.act() != null) {
            ask.act().run();
        }
    }

    private void press(String key) {
        if (ask.press() != null) {
            say("");
            ask.press().key(key);
        }
    }

    private void back() {
        EarlierStep.before(desk.run().visits(), from(desk.run()))
                .ifPresent(
                        v -> {
                            looking = v;
                            again();
                        });
    }

    private void remark() {
        StepWork of = from(desk.run());
        if (of == null) {
            of = desk.run().visits().get(desk.run().visits().size() - 1);
        }
        remarking = true;
        remark.show(of.visit());
        ask = AskedTask.of(remark.node());
        show(told.node(), false);
        foot.on(words.of("bench.keepRemark"), true);
    }

    private void remarked(Deed.Noted noted) {
        Optional<String> refused = desk.enter(noted);
        if (refused.isPresent()) {
            say(remark.hint());
            return;
        }
        again();
        say(words.of("bench.remarked"));
    }

    private void giveUp(String why) {
        Optional<String> refused = desk.enter(new Deed.GivenUp(why));
        refused.ifPresentOrElse(this::say, this::again);
    }

    /** A photo is kept with the run, beside the interface; the remark is not kept before it is. */
    private void photo(Consumer<String> kept) {
        RunFolder folder = desk.folder();
        Optional<Path> chosen = photos.get();
        if (chosen.isEmpty()) {
            return;
        }
        foot.on("", false);
        beside.execute(
                () -> {
                    try {
                        String digest = folder.keep(chosen.get());
                        Platform.runLater(() -> photographed(() -> kept.accept(digest)));
                    } catch (ProjectProblem e) {
                        Platform.runLater(() -> photographed(() -> say(e.getMessage())));
                    }
                });
    }

    /** Back at the step, nobody waits for a photo any more. */
    private void photographed(Runnable then) {
        if (remarking) {
            then.run();
            foot.on(words.of("bench.keepRemark"), true);
        }
    }

    private void sent(String name, InstrumentLine.Value value) {
        if (looking != null || remarking || ask.taken() == null) {
            say(words.of("bench.notAsked", name, value.text()));
            return;
        }
        ask.taken().take(name, value);
    }

    /** Shows what time it is, and rings. */
    void tick() {
        if (desk == null) {
            return;
        }
        waits.tick(desk);
        head.times(desk);
        if (awaited != null) {
            Node clock = side.asked().lookup("#benchClock");
            if (clock instanceof Label label) {
                label.setText(WaitCards.left(words, desk, awaited));
            }
        }
        List<Task.RunningWait> ringing = desk.ring();
        if (!ringing.isEmpty()) {
            Bell.ring(beside);
            if (!remarking) {
                again();
            }
            say(
                    words.of(
                            "bench.rings",
                            desk.run().work().number(ringing.get(0).visit()),
                            ringing.get(0).of().what()));
        }
    }

    /** Leaves the bench. */
    void close() {
        timer.stop();
        picture.close();
        instruments.listen((n, v) -> {}, () -> {}, s -> {});
        BenchDesk closed = desk;
        desk = null;
        if (closed != null) {
            closed.stop();
            closed.close(() -> Platform.runLater(leave));
        }
    }
}
