package methodos.desktop.window;

import java.io.File;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import methodos.core.check.OpenPoint;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Step;
import methodos.core.speech.Recogniser;
import methodos.core.words.Words;
import methodos.desktop.bench.BenchPlace;
import methodos.desktop.checks.ChecksPlace;
import methodos.desktop.control.FileChoice;
import methodos.desktop.control.Halves;
import methodos.desktop.drafting.DraftDesk;
import methodos.desktop.figure.FigurePlace;
import methodos.desktop.finder.FinderView;
import methodos.desktop.footage.FootageDesk;
import methodos.desktop.footage.FootagePlace;
import methodos.desktop.footage.ScanDesk;
import methodos.desktop.guide.GuideView;
import methodos.desktop.history.EarlierStates;
import methodos.desktop.place.Place;
import methodos.desktop.place.PlaceView;
import methodos.desktop.plan.TimePlace;
import methodos.desktop.project.EditWords;
import methodos.desktop.project.OpenProject;
import methodos.desktop.publish.PublishPlace;
import methodos.desktop.seam.SeamPlace;
import methodos.desktop.seam.SeamState;
import methodos.desktop.stores.StoresPlace;
import methodos.desktop.theme.Theme;
import methodos.desktop.torque.TorquePlace;
import methodos.desktop.tour.TourBar;
import methodos.desktop.unit.UnitPlace;
import methodos.files.recent.ViewState;

/** The one window: the order of work, the head, the place that is worked in, and what to say. */
public final class MainWindow {

    /** Narrower than this, in the measures of the usual text, the order of work is folded. */
    private static final double FOLDED = 1120;

    /** What fills the window needs so much room, in the same measures. */
    private static final double WHOLE_WIDTH = 820;

    private static final double WHOLE_HEIGHT = 530;

    private final OpenProject project;
    private final Words words;
    private static final Pattern LIST =
            Pattern.compile(".*\\.(csv|tsv|txt|xlsx)", Pattern.CASE_INSENSITIVE);

    private final Theme theme;
    private final Runnable otherShade;
    private final FootageDesk desk;
    private final DraftDesk drafts;
    private final ScanDesk scans;
    private final SeamState seamState = new SeamState();
    private final Map<Place, PlaceView> places = new EnumMap<>(Place.class);
    private final BorderPane frame = new BorderPane();

    /** Points at things in the window; lets clicks through. */
    private final Pane over = new Pane();

    private final StackPane root = new StackPane(frame, over);
    private final BorderPane content = new BorderPane();
    private final Viewport viewport = new Viewport();
    private final OrderOfWork order;
    private final Recogniser recogniser;
    private final FileChoice choice;
    private final WindowFoot foot = new WindowFoot();
    private final WindowHead head;
    private final SavingBar savingBar;
    private Place shown;

    /** Places that are opened on the details, where there is no room for both. */
    private final Set<String> detailed = new HashSet<>();

    private EarlierStates states;
    private Runnable others = () -> {};
    private TourBar tour;
    private boolean left;

    /**
     * @param recogniser hears what is spoken in clips without captions
     * @param choice asks for files and folders
     * @param otherShade called to change over between light and dark
     */
    public MainWindow(
            OpenProject project,
            Recogniser recogniser,
            FileChoice choice,
            Theme theme,
            Runnable otherShade) {
        this.project = project;
        this.choice = choice;
        this.recogniser = recogniser;
        this.words = project.words();
        this.theme = theme;
        this.otherShade = otherShade;
        this.desk = new FootageDesk(project);
        this.scans = new ScanDesk(project);
        this.drafts = new DraftDesk(project);
        order = new OrderOfWork(project, this::show, otherShade);
        root.getStyleClass().add("window");
        frame.setLeft(order);
        head = new WindowHead(this, project, new PlacesMenu(order, words, this::show));
        root.widthProperty().addListener(o -> fold());
        content.setCenter(viewport);
        savingBar = new SavingBar(project, choice, this::say);
        content.setTop(new VBox(head, savingBar));
        frame.setCenter(content);
        content.setBottom(foot.node());
        over.setMouseTransparent(true);
        WindowKeys.of(this);
        // what a place does not take itself goes where it belongs
        root.setOnDragOver(
                e -> {
                    if (e.getDragboard().hasFiles()) {
                        e.acceptTransferModes(TransferMode.COPY);
                    }
                });
        root.setOnDragDropped(
                e -> bring(e.getDragboard().getFiles().stream().map(File::toPath).toList()));
        project.workspace().addListener(o -> title());
        project.trouble().addListener((o, was, now) -> foot.keep(now.sentence()));
        show(Place.STEPS);
    }

    public Region root() {
        return root;
    }

    void undo() {
        project.edits()
                .undoable()
                .ifPresent(e -> say(words.of("undo.done", EditWords.of(e, words))));
        project.edits().undo();
    }

    void redo() {
        project.edits()
                .redoable()
                .ifPresent(e -> say(words.of("redo.done", EditWords.of(e, words))));
        project.edits().redo();
    }

    /** Shows a place. */
    public void show(Place place) {
        if (states != null) {
            states.close();
            states = null;
        }
        shown = place;
        PlaceView view = places.computeIfAbsent(place, this::made);
        view.onSubtitle(this::title);
        viewport.show(view.node(), view.leastWidth(), view.leastHeight());
        if (place == Place.CHECKS) {
            head.backToFinding(false);
        }
        if (view instanceof FigurePlace figures && seamState.step().get() != null) {
            figures.open(seamState.step().get());
        }
        order.select(place);
        title();
    }

    /** Where there is no room for it at the left, the order of work is a menu in the head. */
    private void fold() {
        boolean folded = root.getWidth() < FOLDED;
        if (folded == (frame.getLeft() == null)) {
            return;
        }
        frame.setLeft(folded ? null : order);
        head.folded(folded);
    }

    /** Which place is shown, and what is chosen in it. */
    public ViewState view() {
        Id<Step> step = seamState.step().get();
        Id<Clip> clip = seamState.clip().get();
        return new ViewState(
                shown.name(),
                step == null ? "" : step.toString(),
                clip == null ? "" : clip.toString(),
                seamState.time().get(),
                seamState.scale().get(),
                places.entrySet().stream()
                        .filter(e -> e.getValue().node() instanceof Halves h && h.detailed())
                        .map(e -> e.getKey().name())
                        .toList(),
                null);
    }

    /** Shows what was shown before, as far as it is still there. */
    public void restore(ViewState before) {
        Manual manual = project.manual();
        Optional<Place> place =
                Stream.of(Place.values()).filter(p -> p.name().equals(before.place())).findFirst();
        if (place.isEmpty()) {
            // without a clip there is nothing to be done in Steps yet
            show(manual.clips().isEmpty() ? Place.FOOTAGE : Place.STEPS);
            return;
        }
        detailed.addAll(before.details());
        places.forEach(this::unfold);
        Id<Clip> clip = new Id<>(before.clip());
        if (!before.clip().isEmpty() && manual.clip(clip).isPresent()) {
            seamState.clip().set(clip);
            seamState.time().set(before.moment());
        }
        if (before.scale() > 0) {
            seamState.scale().set(before.scale());
        }
        Id<Step> step = new Id<>(before.step());
        if (!before.step().isEmpty() && manual.step(step).isPresent()) {
            chooseStep(step);
        }
        show(place.get());
    }

    /** Brings files in where they belong: lists to the stores, all else to the footage. */
    public void bring(List<Path> files) {
        for (Path file : files) {
            boolean list = LIST.matcher(file.getFileName().toString()).matches();
            if (list) {
                show(Place.STORES);
                ((StoresPlace) places.get(Place.STORES)).importList(file);
            } else {
                show(Place.FOOTAGE);
                ((FootagePlace) places.get(Place.FOOTAGE)).bring(file);
            }
        }
    }

    private PlaceView made(Place place) {
        PlaceView view = make(place);
        unfold(place, view);
        return view;
    }

    private void unfold(Place place, PlaceView view) {
        if (view.node() instanceof Halves halves && detailed.contains(place.name())) {
            halves.show(true);
        }
    }

    private PlaceView make(Place place) {
        return switch (place) {
            case UNIT -> new UnitPlace(project, theme, this::say, this::go);
            case FOOTAGE ->
                    new FootagePlace(
                            project,
                            new FootagePlace.Recognisers(scans, recogniser),
                            theme,
                            choice,
                            this::say,
                            this::go);
            case STEPS ->
                    new SeamPlace(
                            project,
                            new SeamPlace.Desks(desk, drafts),
                            seamState,
                            theme,
                            this::say,
                            this::go);
            case FIGURES -> new FigurePlace(project, desk, choice, this::say, this::go);
            case STORES -> new StoresPlace(project, theme, choice, this::say, this::go);
            case TORQUE -> new TorquePlace(project, theme, this::say, this::go);
            case CHECKS -> new ChecksPlace(project, theme, this::say, this::goFromFinding);
            case PUBLISH -> new PublishPlace(project, choice, this::say, this::go);
            case TIME -> new TimePlace(project, theme, this::say, this::go);
            case BENCH ->
                    new BenchPlace(
                            project,
                            desk,
                            choice,
                            theme,
                            InstantSource.system(),
                            this::say,
                            this::go,
                            this::whole);
        };
    }

    /** Shows something in the place of all; nothing to show the window again. */
    private void whole(Region instead) {
        if (left) {
            return;
        }
        Viewport around = new Viewport();
        if (instead != null) {
            around.show(instead, WHOLE_WIDTH, WHOLE_HEIGHT);
        }
        root.getChildren().set(0, instead == null ? frame : around);
    }

    /** Goes to where a finding is settled; F4 comes back. */
    private void goFromFinding(OpenPoint point) {
        go(point);
        head.backToFinding(true);
    }

    void backToFinding() {
        if (head.leadsBack()) {
            show(Place.CHECKS);
            places.get(Place.CHECKS).go(null);
        }
    }

    private void title() {
        if (shown != null) {
            head.title(words.of("place." + shown.name()), "· " + places.get(shown).subtitle());
        }
    }

    /** Goes to what an open point is about. */
    void go(OpenPoint point) {
        Place place = Place.of(point.matter());
        show(place);
        places.get(place).go(point);
        title();
    }

    /** Says a sentence at the foot of the window. */
    void say(String sentence) {
        foot.say(sentence);
    }

    /** Shows the finder in the place of the place. */
    public void find() {
        FinderView finder =
                new FinderView(
                        project,
                        WindowDeeds.of(this, words, otherShade),
                        new FinderView.Ways(
                                this::go, this::look, () -> show(Place.CHECKS), () -> show(shown)));
        over(finder.node(), words.of("finder"));
        finder.focus();
    }

    /**
     * Shows the guide at the section of the place.
     *
     * @param keysOnly whether only its keys are shown
     */
    public void guide(boolean keysOnly) {
        String place = words.of("place." + shown.name());
        GuideView guide = new GuideView(words, place, keysOnly, () -> show(shown));
        over(guide.node(), words.of(keysOnly ? "guide.keys" : "guide"));
        guide.focus(place);
    }

    /** Leads through the places, from the first on. */
    public void tour() {
        if (tour != null) {
            tour.end();
        }
        tour =
                new TourBar(
                        project,
                        seamState,
                        new TourBar.Host(root, over, () -> shown, this::show),
                        this::endTour);
        foot.node().getChildren().add(0, tour);
    }

    private void endTour() {
        foot.node().getChildren().remove(tour);
        tour = null;
    }

    private void over(Node what, String title) {
        hideEarlierStates();
        viewport.show(what);
        head.title(title, "");
    }

    private void look(Id<Clip> clip, double time) {
        show(Place.STEPS);
        ((SeamPlace) places.get(Place.STEPS)).look(clip, time);
    }

    /** All is saved by itself; who asks for it is told that it is, or why it is not. */
    void save() {
        say(project.saveNow().orElse(words.of("deed.saved", project.path())));
    }

    /** Shows the earlier states in the place of the place. */
    public void showEarlierStates() {
        if (states != null) {
            return;
        }
        states = new EarlierStates(project, this::say, this::hideEarlierStates);
        viewport.show(states.node());
        head.title(words.of("states.title"), "");
        states.focus();
    }

    private void hideEarlierStates() {
        if (states != null) {
            states.close();
            states = null;
            show(shown);
        }
    }

    /** Leads to other projects, by a click on the name of the program and by Ctrl+O. */
    public void onOthers(Runnable leave) {
        others = leave;
        order.onOthers(leave);
    }

    void others() {
        others.run();
    }

    /** Whether all is saved; if not, what hinders it and what can be done is shown in the bar. */
    boolean savedBeforeClosing(Runnable closeAnyhow) {
        root.requestFocus(); // a field that is left keeps what was typed
        Optional<String> problem = project.saveNow();
        problem.ifPresent(p -> savingBar.holdOpen(closeAnyhow));
        return problem.isEmpty();
    }

    /** Chooses a step and brings it into view. */
    public void chooseStep(Id<Step> step) {
        go(OpenPoint.toStep(step));
    }

    /** Shows a figure. */
    public void chooseFigure(Id<Figure> figure) {
        go(OpenPoint.toFigure(figure));
    }

    /** What is chosen in the seam. */
    public SeamState seamState() {
        return seamState;
    }

    /** Whether everything in view is drawn. */
    public boolean ready() {
        return places.get(shown).ready() && scans.quiet();
    }

    /** Stops all that goes on in the places; what is being typed is kept. */
    public void leave() {
        if (left) {
            return;
        }
        left = true;
        if (tour != null) {
            tour.end();
        }
        root.requestFocus(); // a field that is left keeps what was typed
        foot.still();
        hideEarlierStates();
        places.values().forEach(PlaceView::close);
        places.clear();
        root.getChildren().clear(); // whatever still holds the window holds no pictures
        scans.close();
        drafts.close();
        desk.close();
    }
}
