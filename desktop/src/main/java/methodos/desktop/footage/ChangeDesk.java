package methodos.desktop.footage;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import javafx.beans.value.ChangeListener;
import methodos.core.change.SearchSpan;
import methodos.core.change.SeenSpan;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Step;
import methodos.core.narration.Workspace;
import methodos.core.proposal.FigureProposals;
import methodos.desktop.project.Later;
import methodos.desktop.project.OpenProject;
import methodos.files.cache.KeptChanges;
import methodos.files.folders.AppFolders;
import methodos.footage.FootageProblem;
import org.slf4j.LoggerFactory;

/**
 * Looks in the background for what changed in the span of each step, each span once in its life,
 * once somebody asks. Used on the interface thread.
 */
public final class ChangeDesk implements AutoCloseable {

    /** How far it is. */
    public enum State {
        /** Nobody has asked. */
        IDLE,
        LOOKING,
        DONE,
        STOPPED,
        FAILED
    }

    private record Wanted(Clip clip, SearchSpan span) {}

    private final OpenProject project;
    private final Path cache = AppFolders.ofThisMachine().cache();
    private final KeptChanges kept = new KeptChanges(cache);
    private final Runnable changed;
    private final ExecutorService looking;
    private final Later later = new Later();
    private final ChangeListener<Workspace> onChange = (o, was, is) -> refresh();
    private final Map<Id<Step>, SeenSpan> seen = new HashMap<>();
    private final Map<Id<Step>, Wanted> of = new HashMap<>();
    private final Map<Id<Step>, Wanted> missing = new LinkedHashMap<>();
    private Object lookedAt;
    private int unscanned;
    private State state = State.IDLE;
    private String problem = "";
    private ScanProcess running;

    /**
     * @param changed called on the interface thread when more is known, or the state is another
     */
    public ChangeDesk(OpenProject project, Runnable changed) {
        this.project = project;
        this.changed = changed;
        this.looking = project.background().thread("work.changes");
        project.workspace().addListener(onChange);
    }

    public State state() {
        return state;
    }

    /** Why it failed; empty otherwise. */
    public String problem() {
        return problem;
    }

    /** How many steps are not looked at yet. */
    public int left() {
        return missing.size();
    }

    /**
     * How many steps have footage that cannot be looked at, since it is not scanned, or not there.
     */
    public int unscanned() {
        return unscanned;
    }

    /** What is known, by step. */
    public Map<Id<Step>, SeenSpan> seen() {
        return Map.copyOf(seen);
    }

    /** What is known of a step. */
    public Optional<SeenSpan> seen(Id<Step> step) {
        return Optional.ofNullable(seen.get(step));
    }

    /**
     * Whether no step of a clip is about to be looked at: where parts are is known by the other
     * steps too.
     */
    public boolean knows(Id<Clip> clip) {
        return state != State.LOOKING
                || missing.values().stream().noneMatch(w -> w.clip().id().equals(clip));
    }

    /** Looks at every step whose film is scanned; steps that change are looked at again. */
    public void look() {
        if (state != State.LOOKING) {
            state = State.LOOKING;
            problem = "";
            lookedAt = null;
            refresh();
        }
    }

    /** Lets what is not looked at be. */
    public void stop() {
        if (state == State.LOOKING) {
            state = State.STOPPED;
            if (running != null) {
                running.stop();
                running = null;
            }
            changed.run();
        }
    }

    /** Does nothing at edits of anything but footage and spans. */
    private void refresh() {
        if (state != State.LOOKING && state != State.DONE) {
            return;
        }
        Workspace workspace = project.workspace().get();
        Object now =
                List.of(
                        workspace.manual().clips(),
                        workspace.scans().keySet(),
                        workspace.manual().steps().map(s -> List.of(s.id(), s.spans())).toList());
        if (now.equals(lookedAt)) {
            return;
        }
        lookedAt = now;
        Map<Id<Step>, SearchSpan> searched = FigureProposals.searched(workspace.manual());
        Map<Id<Step>, Wanted> all = new LinkedHashMap<>();
        searched.forEach((step, span) -> wanted(step, span).ifPresent(w -> all.put(step, w)));
        unscanned = searched.size() - all.size();
        seen.keySet().retainAll(all.keySet());
        missing.clear();
        all.forEach(
                (step, wanted) -> {
                    if (!wanted.equals(of.get(step)) || !seen.containsKey(step)) {
                        seen.remove(step);
                        missing.put(step, wanted);
                    }
                });
        of.clear();
        of.putAll(all);
        missing.forEach((step, wanted) -> kept(wanted).ifPresent(s -> seen.put(step, s)));
        goOn();
    }

    private Optional<Wanted> wanted(Id<Step> step, SearchSpan span) {
        Id<Clip> id = project.manual().step(step).orElseThrow().spans().get(0).clip();
        Optional<Clip> clip = project.manual().clip(id);
        boolean there =
                clip.isPresent()
                        && project.workspace().get().scan(id).isPresent()
                        && Files.isRegularFile(project.clipFile(clip.get()));
        return clip.filter(c -> there).map(c -> new Wanted(c, span));
    }

    private Optional<SeenSpan> kept(Wanted wanted) {
        return kept.of(wanted.clip().digest(), wanted.clip().turned(), wanted.span());
    }

    /** Takes what has been kept meanwhile; spans are looked at in the order of their steps. */
    private void arrived(Clip clip) {
        for (Map.Entry<Id<Step>, Wanted> entry : missing.entrySet()) {
            if (entry.getValue().clip().equals(clip)) {
                Optional<SeenSpan> found = kept(entry.getValue());
                if (found.isEmpty()) {
                    break;
                }
                seen.put(entry.getKey(), found.get());
            }
        }
        goOn();
    }

    private void goOn() {
        if (state != State.LOOKING && state != State.DONE) {
            return;
        }
        missing.keySet().removeAll(seen.keySet());
        if (running == null && !missing.isEmpty()) {
            begin(missing.values().iterator().next().clip());
        }
        state = missing.isEmpty() ? State.DONE : State.LOOKING;
        project.keepSeen(seen);
        changed.run();
    }

    private void begin(Clip clip) {
        List<SearchSpan> spans = new ArrayList<>();
        missing.values().stream()
                .filter(w -> w.clip().equals(clip))
                .forEach(w -> spans.add(w.span()));
        ScanProcess process =
                ScanProcess.changes(project.clipFile(clip).toAbsolutePath(), clip, cache, spans);
        running = process;
        looking.execute(
                () -> {
                    String failed = "";
                    try {
                        process.run(share -> later.run(() -> arrived(clip)));
                        if (kept.of(clip.digest(), clip.turned(), spans.get(0)).isEmpty()) {
                            failed = project.words().of("scan.notKept", cache);
                        }
                    } catch (CancellationException e) {
                        return;
                    } catch (FootageProblem e) {
                        LoggerFactory.getLogger(ChangeDesk.class)
                                .warn("nothing seen of {}", clip.name(), e);
                        failed = e.getMessage();
                    }
                    String why = failed;
                    later.run(() -> ended(process, clip, why));
                });
    }

    private void ended(ScanProcess process, Clip clip, String why) {
        if (running != process) {
            return;
        }
        running = null;
        if (why.isEmpty()) {
            arrived(clip);
        } else {
            problem = why;
            state = State.FAILED;
            changed.run();
        }
    }

    @Override
    public void close() {
        later.close();
        project.workspace().removeListener(onChange);
        if (running != null) {
            running.stop();
        }
        looking.shutdown();
    }
}
