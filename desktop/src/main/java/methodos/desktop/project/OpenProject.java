package methodos.desktop.project;

import java.nio.file.Path;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleObjectProperty;
import methodos.core.check.Checks;
import methodos.core.check.OpenPoint;
import methodos.core.check.OpenPoints;
import methodos.core.edit.Edit;
import methodos.core.edit.Edits;
import methodos.core.hazard.HazardRules;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Sight;
import methodos.core.narration.Captions;
import methodos.core.narration.Draft;
import methodos.core.narration.Workspace;
import methodos.core.parts.PartsAnswer;
import methodos.core.scan.Scan;
import methodos.core.words.Words;
import methodos.files.hazard.HazardRuleFolder;
import methodos.files.project.ProjectFolder;
import methodos.files.project.ProjectProblem;
import methodos.files.project.Stills;
import org.slf4j.LoggerFactory;

/**
 * The project that is open in the window: its manual with undo, what is derived from it, and the
 * saving in the background. Used on the interface thread; saving and deriving happen beside it.
 */
public final class OpenProject implements AutoCloseable {

    private static final long SAVE_AFTER_MILLIS = 400;

    private final ProjectFolder folder;
    private final Edits edits;
    private final Words words = new Words("methodos.desktop.desktop", Locale.getDefault());
    private final ReadOnlyObjectWrapper<Workspace> workspace = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<List<OpenPoint>> openPoints =
            new ReadOnlyObjectWrapper<>(List.of());
    private final ReadOnlyObjectWrapper<Optional<Checks.Result>> checked =
            new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyStringWrapper rulesProblem = new ReadOnlyStringWrapper("");
    private Checks checks = new Checks(HazardRules.shipped());
    private final ObjectProperty<Sight> sight = new SimpleObjectProperty<>(Sight.EVERYTHING);
    private final ReadOnlyStringWrapper kept = new ReadOnlyStringWrapper("");
    private final ScheduledExecutorService background =
            Executors.newSingleThreadScheduledExecutor(
                    r -> {
                        Thread thread = new Thread(r, "saving and deriving");
                        thread.setDaemon(true);
                        return thread;
                    });
    private final AtomicLong asked = new AtomicLong();
    private ScheduledFuture<?> saving;
    private Manual saved;

    public OpenProject(ProjectFolder folder) {
        this.folder = folder;
        this.edits = new Edits(folder.workspace().manual());
        this.saved = edits.manual();
        workspace.set(folder.workspace());
        kept.set(words.of("kept.opened"));
        edits.listen(this::changed);
        sight.addListener((o, was, is) -> derive());
        readRules();
        derive();
    }

    /** A company's own hazard rules; with a line that is not understood there are the program's. */
    private void readRules() {
        try {
            checks = new Checks(HazardRuleFolder.of(folder.folder()));
        } catch (ProjectProblem e) {
            rulesProblem.set(e.getMessage());
        }
    }

    private void changed(Manual manual) {
        workspace.set(workspace.get().with(manual));
        derive();
        kept.set(words.of("kept.saving"));
        if (saving != null) {
            saving.cancel(false);
        }
        saving = background.schedule(() -> save(manual), SAVE_AFTER_MILLIS, TimeUnit.MILLISECONDS);
    }

    private void derive() {
        Workspace now = workspace.get();
        Sight eyes = sight.get();
        long mine = asked.incrementAndGet();
        background.execute(
                () -> {
                    if (mine != asked.get()) {
                        return; // there is a later state to derive from
                    }
                    List<OpenPoint> points = OpenPoints.of(now, eyes, checks.tables());
                    Checks.Result result = checks.of(now);
                    Platform.runLater(
                            () -> {
                                if (workspace.get() == now && sight.get().equals(eyes)) {
                                    openPoints.set(points);
                                    // last: who listens to it finds both
                                    checked.set(Optional.of(result));
                                }
                            });
                });
    }

    private void save(Manual manual) {
        String message;
        try {
            folder.save(manual);
            saved = manual;
            message =
                    words.of(
                            "kept.at",
                            LocalTime.now().format(DateTimeFormatter.ofPattern("HH:mm")));
        } catch (ProjectProblem e) {
            LoggerFactory.getLogger(OpenProject.class).error("not saved", e);
            message = e.getMessage();
        }
        String shown = message;
        Platform.runLater(() -> kept.set(shown));
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

    /** The checks by which it is found. */
    public Checks checks() {
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

    /** What to say about the saving. */
    public ReadOnlyStringProperty kept() {
        return kept.getReadOnlyProperty();
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
        return folder.clipFile(clip);
    }

    /** Keeps captions for a clip and puts them into the manual. */
    public void keepCaptions(Clip clip, Captions captions) throws ProjectProblem {
        String digest = folder.keepCaptions(clip.id(), captions);
        workspace.set(workspace.get().withCaptions(clip.id(), captions));
        apply(Edit.named("edit.captions", m -> m.withClip(clip.withCaptions(digest))));
    }

    /** Puts the scan of a clip beside the manual; it is no part of it and is not saved with it. */
    public void keepScan(String clip, Scan scan) {
        workspace.set(workspace.get().withScan(clip, scan));
        derive();
    }

    /** Puts what the parts service said beside the manual; it is not saved with it. */
    public void keepPartsAnswer(PartsAnswer answer) {
        workspace.set(workspace.get().withPartsAnswer(answer));
        derive();
    }

    /** Puts the reading of a clip's narration beside the manual; it is not saved with it. */
    public void keepDraft(String clip, Draft draft) {
        workspace.set(workspace.get().withDraft(clip, draft));
        derive();
    }

    /** Saves what is not saved yet, and lets go of the folder. */
    @Override
    public void close() {
        background.shutdown();
        try {
            background.awaitTermination(10, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        if (!manual().equals(saved)) {
            save(manual());
        }
        folder.close();
    }
}
