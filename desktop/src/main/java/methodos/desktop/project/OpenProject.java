package methodos.desktop.project;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleObjectProperty;
import methodos.core.bench.RunSeen;
import methodos.core.change.SeenSpan;
import methodos.core.check.Checks;
import methodos.core.check.Failed;
import methodos.core.check.OpenPoint;
import methodos.core.check.OpenPoints;
import methodos.core.description.Id;
import methodos.core.edit.Edit;
import methodos.core.edit.EditKind;
import methodos.core.edit.Edits;
import methodos.core.hazard.HazardRules;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.manual.Step;
import methodos.core.narration.Captions;
import methodos.core.narration.Workspace;
import methodos.core.parts.PartsAnswer;
import methodos.core.practice.PractisedManual;
import methodos.core.scan.Scan;
import methodos.core.words.Words;
import methodos.files.bench.KeptRun;
import methodos.files.hazard.HazardRuleFolder;
import methodos.files.problem.ProjectProblem;
import methodos.files.project.KeptState;
import methodos.files.project.ProjectFolder;
import methodos.files.project.Stills;
import org.slf4j.LoggerFactory;

/**
 * The project that is open in the window: its manual with undo, what is derived from it, and the
 * saving in the background. Used on the interface thread; saving and deriving happen beside it.
 */
public final class OpenProject implements AutoCloseable {

    private static final int PATIENCE_SECONDS = 10;

    private volatile ProjectFolder folder;
    private final List<Path> formerFolders = new ArrayList<>();
    private final Edits edits;

    /** The state of the manual that was settled last, and what became of it. */
    private Manual practisedOf;

    private PractisedManual practised;

    private final Words words = new Words("methodos.desktop.desktop", Locale.getDefault());
    private final Background background = new Background(this::failed);
    private final ScheduledExecutorService savingThread = background.timed("work.saving");
    private final ExecutorService deriving = background.thread("work.deriving");
    private final Autosave autosave;
    private final ReadOnlyObjectWrapper<Workspace> workspace = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<List<OpenPoint>> openPoints =
            new ReadOnlyObjectWrapper<>(List.of());
    private final ReadOnlyObjectWrapper<Optional<Checks.Result>> checked =
            new ReadOnlyObjectWrapper<>(Optional.empty());

    /** What points and findings are of, and through whose eyes. */
    private Workspace derivedOf;

    private Sight derivedFor;
    private final ReadOnlyBooleanWrapper stale = new ReadOnlyBooleanWrapper();
    private final ReadOnlyStringWrapper rulesProblem = new ReadOnlyStringWrapper("");
    private final ReadOnlyObjectWrapper<Trouble> trouble = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<SaveState> saving = new ReadOnlyObjectWrapper<>();
    private Checks checks;
    private final ObjectProperty<Sight> sight = new SimpleObjectProperty<>(Sight.EVERYTHING);
    private final AtomicLong asked = new AtomicLong();
    private final Thread atTheEnd;

    public OpenProject(ProjectFolder folder) {
        this.folder = folder;
        this.edits = new Edits(folder.workspace().manual());
        this.autosave =
                new Autosave(
                        savingThread,
                        (manual, what) -> this.folder.save(manual, what),
                        Clock.systemUTC(),
                        state -> Platform.runLater(() -> saving.set(told(state))));
        workspace.set(folder.workspace());
        saving.set(new SaveState(words.of("kept.opened"), "", 0));
        edits.listen(this::changed);
        sight.addListener((o, was, is) -> derive());
        // what is found in the manual comes in behind its first picture
        AfterDrawing.run(this::derive);
        AfterDrawing.run(this::readRuns);
        // a program that is asked to end, by the system or at logout, saves first
        atTheEnd = new Thread(autosave::saveNow, "saving at the end");
        Runtime.getRuntime().addShutdownHook(atTheEnd);
    }

    /** A company's own hazard rules; with a line that is not understood there are the program's. */
    private Checks readChecks() {
        try {
            return new Checks(HazardRuleFolder.of(folder.folder()));
        } catch (ProjectProblem e) {
            Platform.runLater(() -> rulesProblem.set(e.getMessage()));
            return new Checks(HazardRules.shipped());
        }
    }

    private void changed(Manual manual) {
        Workspace before = workspace.get();
        workspace.set(withCaptions(before.with(manual), before.manual()));
        derive();
        autosave.changed(manual, done());
    }

    private String done() {
        return edits.undoable().map(e -> EditWords.of(e, words)).orElse(words.of("kept.undone"));
    }

    /** What is said in a clip follows which captions the manual names for it. */
    private Workspace withCaptions(Workspace now, Manual before) {
        Map<Id<Clip>, String> named = new HashMap<>();
        before.clips().forEach(c -> named.put(c.id(), c.captions()));
        List<Clip> others =
                now.manual().clips().stream()
                        .filter(c -> !Objects.equals(named.get(c.id()), c.captions()))
                        .toList();
        Workspace result = now;
        if (!others.isEmpty()) {
            Map<Id<Clip>, Captions> read = folder.captions(now.manual().withClips(others));
            for (Clip clip : others) {
                Captions said = read.getOrDefault(clip.id(), Captions.NONE);
                if (!said.equals(result.captions(clip.id()))) {
                    result = result.withCaptions(clip.id(), said);
                }
            }
        }
        return result;
    }

    private void derive() {
        Workspace now = workspace.get();
        Sight eyes = sight.get();
        long mine = asked.incrementAndGet();
        deriving.execute(
                () -> {
                    if (mine != asked.get()) {
                        return; // there is a later state to derive from
                    }
                    try {
                        derive(now, eyes);
                    } catch (RuntimeException | Error e) {
                        Platform.runLater(() -> stale.set(true));
                        throw e;
                    }
                });
    }

    private void derive(Workspace now, Sight eyes) {
        List<OpenPoint> points = OpenPoints.of(now, eyes, checks().tables(), this::report);
        Checks.Result result = checks().of(now);
        result.failed().forEach(this::report);
        Platform.runLater(
                () -> {
                    if (workspace.get() == now && sight.get().equals(eyes)) {
                        stale.set(false);
                        derivedOf = now;
                        derivedFor = eyes;
                        openPoints.set(points);
                        // last: who listens to it finds both
                        checked.set(Optional.of(result));
                    }
                });
    }

    /** What could not be worked out stands among the points and findings; the log has the rest. */
    private void report(Failed failed) {
        LoggerFactory.getLogger(OpenProject.class)
                .error("{} failed, at {}", failed.what(), failed.path(), failed.cause());
    }

    /** Something failed that nobody foresaw. */
    public void failed(String work, Throwable cause) {
        LoggerFactory.getLogger(OpenProject.class).error("{} failed", work, cause);
        String sentence =
                words.of(
                        cause instanceof OutOfMemoryError ? "trouble.memory" : "trouble",
                        words.of(work),
                        System.getProperty("methodos.log", "–"));
        Platform.runLater(() -> trouble.set(new Trouble(sentence)));
    }

    private SaveState told(Autosave.State state) {
        String now = LocalTime.now().format(DateTimeFormatter.ofPattern("HH:mm"));
        String text =
                state.failed()
                        ? words.of("kept.failed")
                        : state.saved() ? words.of("kept.at", now) : words.of("kept.saving");
        return new SaveState(text, state.problem(), state.unsaved());
    }

    public void apply(Edit edit) {
        edits.apply(edit);
    }

    public Edits edits() {
        return edits;
    }

    public Manual manual() {
        return edits.manual();
    }

    /** The manual as it is carried out; worked out once for each state of it. */
    public PractisedManual practised() {
        if (practisedOf != manual()) {
            practisedOf = manual();
            practised = PractisedManual.of(practisedOf);
        }
        return practised;
    }

    public ReadOnlyObjectProperty<Workspace> workspace() {
        return workspace.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<List<OpenPoint>> openPoints() {
        return openPoints.getReadOnlyProperty();
    }

    /** What was found in the manual; empty until it was looked through for the first time. */
    public ReadOnlyObjectProperty<Optional<Checks.Result>> checked() {
        return checked.getReadOnlyProperty();
    }

    /** The checks by which it is found; their rules are read when they are first needed. */
    public synchronized Checks checks() {
        if (checks == null) {
            checks = readChecks();
        }
        return checks;
    }

    /** What is wrong with the company's own hazard rules, empty where nothing is. */
    public ReadOnlyStringProperty rulesProblem() {
        return rulesProblem.getReadOnlyProperty();
    }

    /** The units through whose eyes everything is shown. */
    public ObjectProperty<Sight> sight() {
        return sight;
    }

    /** How the saving stands. */
    public ReadOnlyObjectProperty<SaveState> saving() {
        return saving.getReadOnlyProperty();
    }

    /** What failed last beside the interface, null where nothing did. */
    public ReadOnlyObjectProperty<Trouble> trouble() {
        return trouble.getReadOnlyProperty();
    }

    /** Whether points and findings are of an earlier state, since working them out failed. */
    public ReadOnlyBooleanProperty stale() {
        return stale.getReadOnlyProperty();
    }

    /** Whether points and findings are of the present state, none being worked out any more. */
    public boolean upToDate() {
        return derivedOf == workspace.get() && sight.get().equals(derivedFor);
    }

    /** Where work beside the interface is done. */
    public Background background() {
        return background;
    }

    public Words words() {
        return words;
    }

    public Stills stills() {
        return folder.stills();
    }

    public Path path() {
        return folder.folder();
    }

    public Path clipFile(Clip clip) {
        Path file = folder.clipFile(clip);
        if (!formerFolders.isEmpty() && !Files.exists(file)) {
            for (Path former : formerFolders) {
                Path there = former.resolve(clip.path()).normalize();
                if (Files.exists(there)) {
                    return there;
                }
            }
        }
        return file;
    }

    /** The earlier states that are kept, newest first. */
    public List<KeptState> states() {
        return folder.states();
    }

    /** An earlier state, to be looked at. */
    public Manual state(KeptState state) throws ProjectProblem {
        return folder.state(state);
    }

    /** Gives an earlier state a name, by which it stays for good. */
    public void nameState(KeptState state, String name) throws ProjectProblem {
        folder.name(state, name);
    }

    /** Puts an earlier state in the place of the manual; that can be undone. */
    public void takeBack(Manual earlier) {
        apply(
                Edit.named(
                        EditKind.TAKE_BACK,
                        m -> earlier.withLastId(Math.max(earlier.lastId(), m.lastId()))));
    }

    private void readRuns() {
        ExecutorService reading = background.thread("work.bench");
        reading.execute(
                () -> {
                    try {
                        List<RunSeen> runs = KeptRun.seen(KeptRun.all(path()));
                        Platform.runLater(() -> keepRuns(runs));
                    } catch (ProjectProblem e) {
                        failed("work.bench", e);
                    }
                });
        reading.shutdown();
    }

    /** What bench runs show, once they are read; it opens points. */
    public void keepRuns(List<RunSeen> runs) {
        if (!workspace.get().runs().equals(runs)) {
            workspace.set(workspace.get().withRuns(runs));
            derive();
        }
    }

    /** Keeps the state that a publication is made from for good. */
    public void keepPublished(Manual published) {
        ProjectFolder.keepPublished(folder.folder(), published);
    }

    /**
     * Saves what is not saved yet, now and on this thread.
     *
     * @return why it could not be saved, empty where all is saved
     */
    public Optional<String> saveNow() {
        return autosave.saveNow();
    }

    /**
     * Saves the whole project in another folder and goes on there. Not on the interface thread:
     * pictures are copied.
     *
     * @throws ProjectProblem if that cannot be written either
     */
    public void saveElsewhere(Path target) throws ProjectProblem {
        ProjectFolder copy = folder.saveElsewhere(target, workspace.get());
        ProjectFolder former = folder;
        folder = copy;
        former.close();
        Platform.runLater(
                () -> {
                    formerFolders.add(0, former.folder().toAbsolutePath());
                    List<Clip> clips = copy.workspace().manual().clips();
                    apply(Edit.named(EditKind.SAVED_ELSEWHERE, m -> m.withClips(clips)));
                });
        autosave.saveNow();
    }

    /**
     * Keeps captions of a clip beside the manual.
     *
     * @param edit puts them into the manual, by their digest
     */
    public void keepCaptions(Clip clip, Captions captions, Function<String, Edit> edit)
            throws ProjectProblem {
        apply(edit.apply(folder.keepCaptions(clip.id(), captions)));
    }

    /** Puts the scan of a clip beside the manual; it is no part of it and is not saved with it. */
    public void keepScan(Id<Clip> clip, Scan scan) {
        workspace.set(workspace.get().withScan(clip, scan));
        derive();
    }

    /** Puts what the film shows of steps beside the manual; it is not saved with it. */
    public void keepSeen(Map<Id<Step>, SeenSpan> ofSteps) {
        if (!ofSteps.equals(workspace.get().seen())) {
            workspace.set(workspace.get().withSeen(ofSteps));
            derive();
        }
    }

    /** Puts what the parts service said beside the manual; it is not saved with it. */
    public void keepPartsAnswer(PartsAnswer answer) {
        workspace.set(workspace.get().withPartsAnswer(answer));
        derive();
    }

    /**
     * Lets go of the folder. What is not saved yet is tried once more; see {@link #saveNow()} for
     * whoever wants to know.
     */
    @Override
    public void close() {
        deriving.shutdownNow();
        savingThread.shutdown();
        try {
            deriving.awaitTermination(PATIENCE_SECONDS, TimeUnit.SECONDS);
            savingThread.awaitTermination(PATIENCE_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        autosave.saveNow();
        try {
            Runtime.getRuntime().removeShutdownHook(atTheEnd);
        } catch (IllegalStateException e) {
            LoggerFactory.getLogger(OpenProject.class).debug("the program is ending already", e);
        }
        folder.close();
    }
}
