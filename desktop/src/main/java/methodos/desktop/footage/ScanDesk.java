package methodos.desktop.footage;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import javafx.beans.value.ChangeListener;
import javafx.collections.FXCollections;
import javafx.collections.ObservableMap;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.narration.Workspace;
import methodos.core.scan.Scan;
import methodos.desktop.project.Later;
import methodos.desktop.project.OpenProject;
import methodos.files.cache.KeptScans;
import methodos.files.folders.AppFolders;
import methodos.footage.FootageProblem;
import org.slf4j.LoggerFactory;

/**
 * Scans the clips of a project one after the other in the background, each once in its life, and
 * puts the scans beside the manual. Used on the interface thread.
 */
public final class ScanDesk implements AutoCloseable {

    /** How far the scan of a clip is. */
    public enum State {
        WAITING,
        RUNNING,
        DONE,
        STOPPED,
        FAILED
    }

    /**
     * @param share that is done, from 0 to 1
     * @param secondsLeft as far as can be told; NaN where it cannot
     * @param problem why it failed, null otherwise
     */
    public record Progress(State state, double share, double secondsLeft, String problem) {

        static Progress of(State state) {
            return new Progress(state, state == State.DONE ? 1 : 0, Double.NaN, null);
        }
    }

    /** Earlier than this share, nothing is said about the time left. */
    private static final double TOLD_FROM = 0.04;

    private final OpenProject project;
    private final Path cache = AppFolders.ofThisMachine().cache();
    private final KeptScans kept = new KeptScans(cache);
    private final ObservableMap<Id<Clip>, Progress> progress = FXCollections.observableHashMap();
    private final ObservableMap<Id<Clip>, Progress> seen =
            FXCollections.unmodifiableObservableMap(progress);
    private final Map<Id<Clip>, ScanProcess> running = new HashMap<>();
    private final Later later = new Later();
    private final ExecutorService scanning;
    private final ChangeListener<Workspace> onChange = (o, was, is) -> scanNew();

    public ScanDesk(OpenProject project) {
        this.scanning = project.background().thread("work.scanning");
        this.project = project;
        project.workspace().addListener(onChange);
        scanNew();
    }

    /** By the id of the clip; those of clips that are gone stay. */
    public ObservableMap<Id<Clip>, Progress> progress() {
        return seen;
    }

    /** Whether nothing is being scanned or about to be. */
    public boolean quiet() {
        return progress.values().stream()
                .noneMatch(p -> p.state() == State.WAITING || p.state() == State.RUNNING);
    }

    private void scanNew() {
        for (Clip clip : project.manual().clips()) {
            if (!progress.containsKey(clip.id()) && Files.isRegularFile(project.clipFile(clip))) {
                begin(clip);
            }
        }
    }

    /** Scans a clip that was stopped or failed before. */
    public void again(Clip clip) {
        begin(clip);
    }

    private void begin(Clip clip) {
        ScanProcess process =
                ScanProcess.scan(project.clipFile(clip).toAbsolutePath(), clip.digest(), cache);
        running.put(clip.id(), process);
        progress.put(clip.id(), Progress.of(State.WAITING));
        scanning.execute(() -> scan(clip, process));
    }

    /** Stops the scan of a clip. */
    public void stop(Clip clip) {
        ScanProcess process = running.remove(clip.id());
        if (process != null) {
            process.stop();
            progress.put(clip.id(), Progress.of(State.STOPPED));
        }
    }

    private void scan(Clip clip, ScanProcess process) {
        try {
            Scan scan = kept.of(clip.digest()).orElse(null);
            if (scan == null) {
                long start = System.nanoTime();
                process.run(share -> report(clip, share, (System.nanoTime() - start) / 1e9));
                scan = kept.of(clip.digest()).orElse(null);
            }
            if (scan == null) {
                throw new FootageProblem(project.words().of("scan.notKept", cache));
            }
            Scan found = scan;
            later.run(
                    () -> {
                        running.remove(clip.id());
                        project.keepScan(clip.id(), found);
                        progress.put(clip.id(), Progress.of(State.DONE));
                    });
        } catch (CancellationException e) {
            LoggerFactory.getLogger(ScanDesk.class).info("the scan of {} was stopped", clip.name());
        } catch (FootageProblem e) {
            LoggerFactory.getLogger(ScanDesk.class).warn("no scan of {}", clip.name(), e);
            later.run(
                    () -> {
                        running.remove(clip.id());
                        progress.put(
                                clip.id(),
                                new Progress(State.FAILED, 0, Double.NaN, e.getMessage()));
                    });
        }
    }

    private void report(Clip clip, double share, double seconds) {
        double left = share < TOLD_FROM ? Double.NaN : seconds * (1 - share) / share;
        later.run(
                () -> {
                    if (running.containsKey(clip.id())) {
                        progress.put(clip.id(), new Progress(State.RUNNING, share, left, null));
                    }
                });
    }

    @Override
    public void close() {
        later.close();
        project.workspace().removeListener(onChange);
        running.values().forEach(ScanProcess::stop);
        scanning.shutdown();
    }
}
