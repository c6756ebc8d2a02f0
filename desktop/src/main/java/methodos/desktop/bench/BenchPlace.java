package methodos.desktop.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.InstantSource;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.bench.Entry;
import methodos.core.bench.RunSeen;
import methodos.core.check.OpenPoint;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.StepNumbers;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.FileChoice;
import methodos.desktop.control.Halves;
import methodos.desktop.control.SidePanel;
import methodos.desktop.footage.FootageDesk;
import methodos.desktop.place.PlaceView;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Theme;
import methodos.files.bench.KeptRun;
import methodos.files.bench.RecordExport;
import methodos.files.bench.RunFolder;
import methodos.files.instrument.SimulatedInstrument;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.AtomicFile;
import methodos.publish.PublishProblem;
import methodos.publish.document.RunPrint;
import methodos.publish.house.HouseStyle;

/** The place Bench: a unit is begun or gone on with, and what earlier runs have left is read. */
public final class BenchPlace implements PlaceView {

    private static final double LEAST = 560;

    private final OpenProject project;
    private final Words words;
    private final FileChoice choice;
    private final InstantSource clock;
    private final Consumer<String> message;
    private final Consumer<Region> whole;
    private final ExecutorService working;
    private final ExecutorService connecting;
    private final StepPicture picture;
    private final ManyUnits many;
    private final BenchInstruments instruments;
    private final BenchScreen screen;
    private final BeginForm form;
    private final RunCards cards;
    private final RunsShown shown;
    private final FlowPane connected = new FlowPane(8, 6);
    private final Halves node;
    private List<KeptRun> runs = List.of();
    private Runnable retitled = () -> {};
    private boolean reading;
    private boolean closed;

    /**
     * @param whole shows something in the whole window; nothing to show the window again
     */
    public BenchPlace(
            OpenProject project,
            FootageDesk desk,
            FileChoice choice,
            Theme theme,
            InstantSource clock,
            Consumer<String> message,
            Consumer<OpenPoint> go,
            Consumer<Region> whole) {
        this.project = project;
        this.words = project.words();
        this.choice = choice;
        this.clock = clock;
        this.message = message;
        this.whole = whole;
        working = project.background().thread("work.bench");
        connecting = project.background().thread("work.instruments");
        instruments = new BenchInstruments(connecting);
        picture = new StepPicture(project, desk);
        many = new ManyUnits(project);
        screen =
                new BenchScreen(
                        words, theme, picture, instruments, connecting, this::photo, this::left);
        shown = new RunsShown(words, theme, go);
        form = new BeginForm(words, this::begin, message);
        cards =
                new RunCards(
                        words,
                        new RunCards.Deeds() {
                            @Override
                            public void goOn(KeptRun run) {
                                BenchPlace.this.goOn(run);
                            }

                            @Override
                            public void write(KeptRun run, String ending) {
                                BenchPlace.this.write(run, ending);
                            }
                        });
        VBox content =
                new VBox(
                        16,
                        part("bench.newRun", form.node()),
                        part("bench.instruments", instruments()),
                        part("bench.runs", cards.node()),
                        shown.node());
        content.setPadding(new Insets(14, 18, 14, 18));
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("place");
        node = new Halves(words, LEAST);
        node.setMain(new BorderPane(scroll));
        node.setSide(
                new SidePanel(
                        new VBox(
                                10,
                                Controls.label(words.of("bench.what"), "panel-head"),
                                Controls.prose(words.of("bench.what1")),
                                Controls.prose(words.of("bench.what2")),
                                Controls.prose(words.of("bench.what3")),
                                Controls.prose(words.of("bench.what4"), "soft")),
                        many.node()));
        project.workspace().addListener(o -> form.show(project.manual()));
        project.openPoints().addListener(o -> showRuns());
        form.show(project.manual());
        showRuns();
        refresh();
    }

    private Node part(String head, Node content) {
        return new VBox(6, Controls.label(words.of(head), "section-head"), content);
    }

    private Region instruments() {
        TextField address =
                Controls.named(new TextField(), "instrumentAddress", words.of("bench.address"));
        address.setPrefColumnCount(16);
        Runnable connect =
                () -> {
                    if (!address.getText().isBlank()) {
                        connect(address.getText().strip());
                        address.clear();
                    }
                };
        address.setOnAction(e -> connect.run());
        FlowPane row =
                new FlowPane(
                        8,
                        6,
                        address,
                        Controls.button("connect", words.of("bench.connect"), connect));
        row.setAlignment(Pos.CENTER_LEFT);
        FlowPane simulated = new FlowPane(8, 6);
        for (SimulatedInstrument.Kind kind : SimulatedInstrument.Kind.values()) {
            simulated
                    .getChildren()
                    .add(
                            Controls.button(
                                    "simulate-" + kind,
                                    words.of("bench.simulated." + kind),
                                    () ->
                                            connect(
                                                    BenchInstruments.SIMULATED
                                                            + kind.name().replace('_', '-'))));
        }
        return new VBox(
                8,
                row,
                new HBox(8, Controls.prose(words.of("bench.simulate"), "soft")),
                simulated,
                connected);
    }

    private void connect(String address) {
        listen();
        instruments.connect(address);
    }

    private void listen() {
        instruments.listen(
                (name, value) -> message.accept(words.of("bench.sent", name, value.text())),
                this::showConnected,
                message);
    }

    private void showConnected() {
        connected.getChildren().clear();
        for (String address : instruments.addresses()) {
            String name = instruments.name(address);
            connected
                    .getChildren()
                    .add(
                            Controls.button(
                                    "disconnect-" + address.replaceAll("[^A-Za-z0-9]", "-"),
                                    words.of("bench.disconnect", name),
                                    () -> instruments.disconnect(address)));
        }
    }

    private void showRuns() {
        shown.show(project.manual(), project.workspace().get().runs(), project.openPoints().get());
    }

    private Optional<Path> photo() {
        return choice.open(screen.node(), words.of("bench.photo"), false).stream().findFirst();
    }

    private void begin(BeginForm.Begin begin) {
        Manual manual = project.manual();
        Sight unit = RunFolder.sight(begin.begun());
        if (new StepNumbers(project.practised().manual(), unit).count() == 0) {
            message.accept(words.of("bench.noSteps"));
            return;
        }
        Entry entry = new Entry(clock.instant(), begin.person(), begin.begun());
        String name =
                DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss", Locale.ROOT)
                                .format(clock.instant().atZone(ZoneId.systemDefault()))
                        + "-"
                        + begin.begun().serial().replaceAll("[^A-Za-z0-9]", "");
        Path folder = RunFolder.of(project.path()).resolve(name);
        open(() -> RunFolder.begin(folder, manual, entry), begin.person());
    }

    private void goOn(KeptRun run) {
        String person = form.person();
        if (person.isEmpty()) {
            List<String> before = run.record().people();
            person = before.get(before.size() - 1);
        }
        open(() -> RunFolder.open(run.folder()), person);
    }

    /** Opens a run's folder. */
    @FunctionalInterface
    private interface Opening {
        RunFolder open() throws ProjectProblem;
    }

    private void open(Opening opening, String person) {
        working.execute(
                () -> {
                    try {
                        RunFolder folder = opening.open();
                        Platform.runLater(() -> work(folder, person));
                    } catch (ProjectProblem e) {
                        Platform.runLater(() -> message.accept(e.getMessage()));
                    }
                });
    }

    private void work(RunFolder folder, String person) {
        BenchDesk desk =
                new BenchDesk(
                        folder,
                        person,
                        clock,
                        working,
                        problem -> Platform.runLater(() -> screen.say(problem)));
        desk.goOn(person).ifPresent(message);
        whole.accept(screen.node());
        screen.open(desk);
    }

    private void left() {
        if (closed) {
            return;
        }
        whole.accept(null);
        listen();
        showConnected();
        refresh();
    }

    /** Reads the runs of the project beside the interface. */
    private void refresh() {
        reading = true;
        working.execute(
                () -> {
                    try {
                        List<KeptRun> read = KeptRun.all(project.path());
                        List<RunSeen> seen = KeptRun.seen(read);
                        Platform.runLater(() -> show(read, seen));
                    } catch (ProjectProblem e) {
                        Platform.runLater(() -> message.accept(e.getMessage()));
                    }
                });
    }

    private void show(List<KeptRun> read, List<RunSeen> seen) {
        if (closed) {
            return;
        }
        reading = false;
        runs = read;
        project.keepRuns(seen);
        showRuns();
        cards.show(read);
        retitled.run();
    }

    private void write(KeptRun run, String ending) {
        Optional<Path> target = choice.save(node, words.of("bench.record." + ending), ending);
        if (target.isEmpty()) {
            return;
        }
        Path file = target.get();
        working.execute(
                () -> {
                    String said;
                    try {
                        write(run, ending, file);
                        said = words.of("bench.written", file);
                    } catch (IOException e) {
                        said = ProjectProblem.writing(file, e).getMessage();
                    } catch (PublishProblem e) {
                        said = e.getMessage();
                    }
                    String told = said;
                    Platform.runLater(() -> message.accept(told));
                });
    }

    private void write(KeptRun run, String ending, Path file) throws IOException, PublishProblem {
        switch (ending) {
            case "csv" ->
                    AtomicFile.write(
                            file, RecordExport.csv(run.record()).getBytes(StandardCharsets.UTF_8));
            case "json" -> AtomicFile.write(file, RecordExport.json(run));
            default ->
                    RunPrint.write(
                            run.record(),
                            run.seal(),
                            run.problem(),
                            run::photo,
                            HouseStyle.in(project.path()),
                            ZoneId.systemDefault(),
                            file);
        }
    }

    @Override
    public Region node() {
        return node;
    }

    @Override
    public String subtitle() {
        return words.of("bench.subtitle", runs.size());
    }

    @Override
    public void onSubtitle(Runnable now) {
        retitled = now;
    }

    @Override
    public double leastWidth() {
        return LEAST;
    }

    @Override
    public boolean ready() {
        return !reading;
    }

    @Override
    public void close() {
        closed = true;
        screen.close();
        instruments.close();
        picture.end();
        many.end();
        // what is still to be written is written
        working.shutdown();
        connecting.shutdown();
    }
}
