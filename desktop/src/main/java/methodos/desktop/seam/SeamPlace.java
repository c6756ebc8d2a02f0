package methodos.desktop.seam;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.binding.Bindings;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import methodos.core.check.OpenPoint;
import methodos.core.description.Id;
import methodos.core.edit.DraftEdits;
import methodos.core.edit.Edit;
import methodos.core.edit.StepEdits;
import methodos.core.manual.Clip;
import methodos.core.manual.Dismissal;
import methodos.core.manual.Span;
import methodos.core.manual.Stage;
import methodos.core.manual.Step;
import methodos.core.narration.Workspace;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.Halves;
import methodos.desktop.drafting.DraftDesk;
import methodos.desktop.drafting.ProposedStills;
import methodos.desktop.footage.FootageDesk;
import methodos.desktop.place.OpenPointList;
import methodos.desktop.place.Place;
import methodos.desktop.place.PlaceView;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Theme;

/**
 * The place Steps: the seam, and beside it the picture at the play position and the chosen step.
 */
public final class SeamPlace implements PlaceView {

    private static final double EMPTY = 360;

    /** Keys that change the manual: one press is one change, however long it is held. */
    private static final double SECOND = 1;

    private final OpenProject project;
    private final FootageDesk desk;
    private final SeamState state;
    private final Words words;
    private final SeamView seam;
    private final CaptionWork captions;
    private final StepClipboard clipboard;
    private final SeamPicture picture;
    private final Player player;
    private final DraftBar drafts;
    private final DraftDesk reader;
    private final StillCapture capture;
    private final StepEditor editor;
    private final Halves node;
    private final Consumer<String> message;

    /** The scale that shows all steps beside their footage; another one was chosen by hand. */
    private double fitted;

    /** Where clips are decoded, and where they are drafted. */
    public record Desks(FootageDesk footage, DraftDesk drafts) {}

    /**
     * @param message where to say what went wrong
     */
    public SeamPlace(
            OpenProject project,
            Desks desks,
            SeamState state,
            Theme theme,
            Consumer<String> message,
            Consumer<OpenPoint> go) {
        this.project = project;
        this.desk = desks.footage();
        this.capture = new StillCapture(project, desk, message);
        this.reader = desks.drafts();
        // what is chosen becomes a step next, by what is read from its words
        state.span().addListener(o -> reader.prepare());
        this.state = state;
        this.words = project.words();
        this.node = new Halves(words, SeamView.LEAST);
        this.message = message;
        fitted = SeamLayout.fittingScale(project.workspace().get());
        state.scale().set(fitted);
        project.workspace().addListener((o, was, is) -> follow(was, is));
        ProposedStills stills = new ProposedStills(project);
        this.seam = new SeamView(project, state, stills, theme);
        this.clipboard = new StepClipboard(project, state, message);
        this.captions = new CaptionWork(project, state, seam, message);
        this.picture = new SeamPicture(project);
        this.player = new Player(project, state, desk, picture, seam::still);
        seam.onLook(
                m -> {
                    player.stop();
                    player.look();
                });
        seam.onPoint(player::glance);
        seam.onStill((step, m) -> capture.here(step, m.clip().id(), m.time()));
        this.editor =
                new StepEditor(
                        project, state, new DraftTold(project, stills), message, this::agree);
        this.drafts =
                new DraftBar(
                        project,
                        state,
                        desks.drafts(),
                        stills,
                        new DraftBar.Acts(
                                capture::keep,
                                message,
                                seam::choose,
                                editor::editText,
                                seam::inView));
        VBox side =
                new VBox(
                        12,
                        picture,
                        controls(),
                        editor,
                        new HeardList(project, seam::choose),
                        new OpenPointList(project, Place.STEPS, go));
        side.setPadding(new Insets(12, 12, 12, 12));
        ScrollPane scroll = new ScrollPane(side);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setPrefWidth(302);
        scroll.setMinWidth(302);
        scroll.getStyleClass().add("side");
        node.setMain(center());
        node.setSide(scroll);
        SeamKeys keys = new SeamKeys(node, this::action);
        node.addEventHandler(KeyEvent.KEY_PRESSED, clipboard::act);
        SeamMenus menus = new SeamMenus(words, keys, clipboard);
        seam.setOnContextMenuRequested(
                e -> {
                    Optional<SeamLayout.WordBlock> said = seam.chosenWords();
                    if (said.isPresent() && seam.overWords(e.getX())) {
                        menus.ofWords(said.get().caption().recognised(), captions::asRecognised)
                                .show(seam, e);
                    } else if (state.step().get() != null) {
                        menus.ofStep(isDrafted(state.step().get())).show(seam, e);
                    }
                });
        if (state.clip().get() == null && !project.manual().clips().isEmpty()) {
            state.clip().set(project.manual().clips().get(0).id());
        }
        Platform.runLater(player::look);
    }

    /** What comes in is shown as it will be when the project is opened again. */
    private void follow(Workspace was, Workspace is) {
        boolean footage =
                !was.manual().clips().equals(is.manual().clips())
                        || !was.captions().equals(is.captions());
        boolean drafted = is.manual().steps().count() > was.manual().steps().count() + 1;
        if (state.clip().get() == null && !is.manual().clips().isEmpty()) {
            state.clip().set(is.manual().clips().get(0).id());
        }
        if (footage) {
            player.look();
        }
        if (footage || drafted) {
            boolean asFitted = state.scale().get() == fitted;
            fitted = SeamLayout.fittingScale(is);
            if (asFitted) {
                state.scale().set(fitted);
            }
        }
    }

    private Region center() {
        // left of the steps, where film and words will be
        Label how = Controls.prose(words.of("seam.emptyHow"), "soft");
        how.setMaxWidth(EMPTY);
        VBox empty = new VBox(10, Controls.label(words.of("seam.empty"), "panel-head"), how);
        empty.setAlignment(Pos.CENTER_LEFT);
        empty.setPadding(new Insets(0, 0, 0, 40));
        empty.setMouseTransparent(true);
        empty.visibleProperty()
                .bind(
                        Bindings.createBooleanBinding(
                                () -> project.workspace().get().manual().clips().isEmpty(),
                                project.workspace()));
        // what does not fit beside the others stands below them
        FlowPane bar =
                new FlowPane(
                        8,
                        6,
                        action("startStep", "seam.start", this::startHere),
                        action("endStep", "seam.end", this::endHere),
                        action("makeStep", "seam.make", this::makeStep),
                        action("setAside", "seam.aside", this::setAside),
                        action("captureStill", "seam.capture", this::capture),
                        action("nextOpen", "seam.nextOpen", this::nextOpen),
                        action("draftSteps", "seam.draft", drafts::draft));
        bar.getStyleClass().add("action-bar");
        bar.setAlignment(Pos.CENTER_LEFT);
        bar.setMinHeight(Region.USE_PREF_SIZE);
        VBox all = new VBox(new StackPane(seam, empty), drafts, bar);
        VBox.setVgrow(all.getChildren().get(0), Priority.ALWAYS);
        return all;
    }

    private Button action(String id, String key, Runnable run) {
        Button button = Controls.button(id, words.of(key), run);
        button.getStyleClass().add("action");
        return button;
    }

    private VBox controls() {
        Button play = Controls.button("play", words.of("seam.play"), player::toggle);
        player.playing()
                .addListener(
                        (o, was, is) -> play.setText(words.of(is ? "seam.stop" : "seam.play")));
        Button back =
                Controls.button("frameBack", words.of("seam.frameBack"), () -> player.frame(false));
        Button on = Controls.button("frameOn", words.of("seam.frameOn"), () -> player.frame(true));
        HBox first = new HBox(6, play, back, on);
        first.getStyleClass().add("player");
        HBox second =
                new HBox(
                        6,
                        Controls.button(
                                "slower", words.of("seam.slower"), () -> player.speedBy(-1)),
                        speed(),
                        Controls.button("faster", words.of("seam.faster"), () -> player.speedBy(1)),
                        loop());
        second.setAlignment(Pos.CENTER_LEFT);
        second.getStyleClass().add("player");
        return new VBox(6, first, second);
    }

    private Label speed() {
        Label label = Controls.label("", "strong");
        label.setId("speed");
        label.setMinWidth(52);
        label.setAlignment(Pos.CENTER);
        label.textProperty()
                .bind(
                        Bindings.createStringBinding(
                                () -> words.of("seam.speed", player.speed().get()),
                                player.speed()));
        return label;
    }

    private ToggleButton loop() {
        ToggleButton loop = new ToggleButton(words.of("seam.loop"));
        loop.setId("loop");
        loop.selectedProperty().bindBidirectional(player.looping());
        return loop;
    }

    /** What a key does; null for one that does nothing here. */
    private Runnable action(KeyEvent e) {
        if (e.isAltDown()) {
            boolean moves = e.getCode() == KeyCode.UP || e.getCode() == KeyCode.DOWN;
            return moves && state.step().get() != null
                    ? () -> moveStep(e.getCode() == KeyCode.UP ? -1 : 1)
                    : null;
        }
        return switch (e.getCode()) {
            case SPACE -> player::toggle;
            case LEFT -> () -> player.frame(false);
            case RIGHT -> () -> player.frame(true);
            case UP -> () -> jump(-SECOND);
            case DOWN -> () -> jump(SECOND);
            case PAGE_UP -> () -> jump(-10 * SECOND);
            case PAGE_DOWN -> () -> jump(10 * SECOND);
            case B -> this::startHere;
            case E -> this::endHere;
            case ENTER -> this::makeStep;
            case X -> e.isShiftDown() ? drafts::setProposedAside : this::setAside;
            case D -> drafts::draft;
            case A -> e.isShiftDown() ? drafts::acceptSure : drafts::accept;
            case U -> drafts::acceptUpTo;
            case DIGIT1, DIGIT2, DIGIT3, DIGIT4, DIGIT5 ->
                    () -> drafts.answer(e.getCode().getName().charAt(0) - '0');
            case C -> editor::editText;
            case P -> editor::editParts;
            case S -> drafts::split;
            case M -> drafts::join;
            case N -> drafts::next;
            case K -> this::capture;
            case O -> this::nextOpen;
            case COMMA -> () -> player.speedBy(-1);
            case PERIOD -> () -> player.speedBy(1);
            case R -> () -> player.looping().set(!player.looping().get());
            case J -> () -> otherStep(1, e.isShiftDown());
            case I -> () -> otherStep(-1, e.isShiftDown());
            case W -> captions::correct;
            case L -> captions::lineUp;
            default -> null;
        };
    }

    private void moveStep(int by) {
        project.apply(StepEdits.move(state.step().get(), by));
        seam.reveal(state.step().get());
    }

    private boolean isDrafted(Id<Step> step) {
        return project.manual().step(step).filter(s -> !s.accepted()).isPresent();
    }

    private void agree() {
        if (drafts.choosesDraft()) {
            drafts.accept();
        }
    }

    private void jump(double seconds) {
        player.jump(seconds);
        seam.revealMoment(state.clip().get(), state.time().get());
    }

    private void otherStep(int by, boolean besides) {
        List<Id<Step>> ids = project.manual().steps().map(Step::id).toList();
        if (ids.isEmpty()) {
            return;
        }
        int at = ids.indexOf(state.step().get());
        Id<Step> next = ids.get(Math.max(0, Math.min(ids.size() - 1, at + by)));
        if (besides) {
            state.chooseTo(project.manual(), next);
        } else {
            state.step().set(next);
        }
        seam.reveal(next);
    }

    private void startHere() {
        double now = state.time().get();
        Span span = state.span().get();
        if (state.clip().get() != null) {
            double end = span == null || span.end() <= now ? now : span.end();
            state.span().set(new Span(state.clip().get(), now, end));
        }
    }

    private void endHere() {
        double now = state.time().get();
        Span span = state.span().get();
        if (state.clip().get() != null) {
            double start = span == null || span.start() > now ? now : span.start();
            state.span().set(new Span(state.clip().get(), start, now));
        }
    }

    private void makeStep() {
        Span span = state.span().get();
        if (span == null || span.seconds() <= 0) {
            message.accept(words.of("seam.noSpan"));
            return;
        }
        String quote = quote(span);
        Stage.Kind stage = stageForNew();
        reader.read(
                span,
                stage,
                draft -> made(DraftEdits.make(span, quote, stage, draft, words)),
                problem -> {
                    made(StepEdits.make(span, quote, stage));
                    message.accept(problem);
                });
    }

    private void made(Edit make) {
        List<Id<Step>> before = project.manual().steps().map(Step::id).toList();
        project.apply(make);
        project.manual()
                .steps()
                .map(Step::id)
                .filter(id -> !before.contains(id))
                .findFirst()
                .ifPresent(
                        id -> {
                            state.step().set(id);
                            seam.reveal(id);
                        });
    }

    /** The stage of the step before in the footage, or the take-down. */
    private Stage.Kind stageForNew() {
        return Optional.ofNullable(state.step().get())
                .flatMap(project.manual()::stageOf)
                .map(Stage::kind)
                .orElse(Stage.Kind.TAKE_DOWN);
    }

    private String quote(Span span) {
        return project.workspace().get().captions(span.clip()).quote(span.start(), span.end());
    }

    private void setAside() {
        if (drafts.choosesDraft()) {
            drafts.setAside();
            return;
        }
        Span span = state.span().get();
        if (span == null || span.seconds() <= 0) {
            message.accept(words.of("seam.noSpan"));
            return;
        }
        if (project.workspace().get().manual().dismissals().stream()
                .noneMatch(d -> d.span().equals(span))) {
            project.apply(StepEdits.dismiss(span, quote(span), reasonFor(span)));
        }
    }

    /** The reason that the reading of the narration gives for a stretch, or the author's own. */
    private String reasonFor(Span span) {
        return project.manual().proposals().stream()
                .filter(p -> p.span().shared(span) > 0)
                .max(Comparator.comparingDouble(p -> p.span().shared(span)))
                .map(Dismissal::reason)
                .orElse(words.of("seam.asideReason"));
    }

    private void nextOpen() {
        seam.nextOpen()
                .ifPresentOrElse(
                        b -> {
                            state.clip().set(b.clip().id());
                            state.time().set(b.caption().start());
                            state.span()
                                    .set(
                                            new Span(
                                                    b.clip().id(),
                                                    b.caption().start(),
                                                    b.caption().end()));
                            seam.revealMoment(b.clip().id(), b.caption().start());
                            player.look();
                        },
                        () -> message.accept(words.of("seam.nothingOpen")));
    }

    /** Shows a moment of a clip, and what is said there. */
    public void look(Id<Clip> clip, double time) {
        state.clip().set(clip);
        state.time().set(time);
        seam.revealMoment(clip, time);
        player.look();
    }

    private void capture() {
        capture.here(state.step().get(), state.clip().get(), state.time().get());
    }

    @Override
    public Region node() {
        return node;
    }

    @Override
    public String subtitle() {
        return words.of("seam.subtitle");
    }

    @Override
    public void go(OpenPoint point) {
        if (point.step() != null) {
            seam.choose(point.step());
        } else if (point.subject() != null
                && project.manual().clip(new Id<>(point.subject())).isPresent()) {
            nextOpen();
        }
    }

    @Override
    public boolean ready() {
        return seam.complete() && picture.shows();
    }

    @Override
    public void close() {
        player.stop();
        seam.close();
    }
}
