package methodos.desktop.footage;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import methodos.core.change.SeenSpan;
import methodos.core.change.SpanLooked;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Step;
import methodos.core.narration.Workspace;
import methodos.core.proposal.FigureProposals;
import methodos.desktop.project.OpenProject;
import methodos.files.cache.KeptSights;
import methodos.files.folders.AppFolders;
import methodos.footage.FootageProblem;
import org.slf4j.LoggerFactory;

/**
 * Looks in the background for what the film shows of each step, each span once in its life, once
 * somebody asks. Used on the interface thread.
 */
public final class SightDesk implements AutoCloseable {

    /** How far it is. */
    public enum State {
        /** Nobody has asked. */
        IDLE,
        LOOKING,
        DONE,
        STOPPED,
        FAILED
    }

    private final OpenProject project;
    private final Path cache = AppFolders.ofThisMachine().cache();
    private final KeptSights kept = new KeptSights(cache);
    private final Runnable changed;
    private final ExecutorService looking;
    private final ChangeListener<Workspace> onChange = (o, was, is) -> refresh();
    private final Map<Id<Step>, SeenSpan> seen = new LinkedHashMap<>();
    private final Map<Id<Step>, SpanLooked> of = new HashMap<>();
    private final Set<Id<Clip>> missing = new HashSet<>();
    private State state = State.IDLE;
    private String problem = "";
    private int left;
    private ScanProcess running;
    private boolean closed;

    /**
     * @param changed called on the interface thread when more is known, or the state is another
     */
    public SightDesk(OpenProject project, Runnable changed) {
        this.project = project;
        this.changed = changed;
        this.looking = project.background().thread("work.sights");
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
        return left;
    }

    /** What is known, by step. */
    public Map<Id<Step>, SeenSpan> seen() {
        return Map.copyOf(seen);
    }

    /**
     * Whether no step of a clip is about to be looked at: where parts are is known by the other
     * steps too.
     */
    public boolean knows(Id<Clip> clip) {
        return state != State.LOOKING || !missing.contains(clip);
    }

    /** Looks at every step whose film is scanned; steps that change are looked at again. */
    public void look() {
        if (state != State.LOOKING) {
            state = State.LOOKING;
            problem = "";
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

    private record Wanted(Step step, Clip clip, SpanLooked span) {}

    private void refresh() {
        if (state != State.LOOKING && state != State.DONE || closed) {
            return;
        }
        Map<Id<Clip>, List<Wanted>> wantedOf = new LinkedHashMap<>();
        left = 0;
        boolean news = false;
        for (Step step : project.manual().steps().toList()) {
            Wanted wanted = wanted(step);
            if (wanted == null || wanted.span().equals(of.get(step.id()))) {
                continue;
            }
            SeenSpan known = kept.of(wanted.clip().digest(), wanted.span()).orElse(null);
            if (known == null) {
                seen.remove(step.id());
                left++;
                wantedOf.computeIfAbsent(wanted.clip().id(), k -> new ArrayList<>()).add(wanted);
            } else {
                seen.put(step.id(), known);
                of.put(step.id(), wanted.span());
                news = true;
            }
        }
        missing.clear();
        missing.addAll(wantedOf.keySet());
        if (running == null && !missing.isEmpty()) {
            begin(wantedOf.values().iterator().next());
        }
        State now = missing.isEmpty() ? State.DONE : State.LOOKING;
        if (news || now != state) {
            state = now;
            changed.run();
        }
    }

    private Wanted wanted(Step step) {
        SpanLooked span = FigureProposals.looked(project.manual(), step).orElse(null);
        if (span == null) {
            return null;
        }
        Id<Clip> id = step.spans().get(0).clip();
        Clip clip = project.manual().clip(id).orElse(null);
        boolean there =
                clip != null
                        && project.workspace().get().scan(id).isPresent()
                        && Files.isRegularFile(project.clipFile(clip));
        return there ? new Wanted(step, clip, span) : null;
    }

    private void begin(List<Wanted> wanted) {
        Clip clip = wanted.get(0).clip();
        ScanProcess process =
                ScanProcess.changes(
                        project.clipFile(clip).toAbsolutePath(),
                        clip.digest(),
                        cache,
                        wanted.stream().map(Wanted::span).toList());
        running = process;
        looking.execute(
                () -> {
                    String failed = "";
                    try {
                        process.run(share -> later(this::refresh));
                    } catch (CancellationException e) {
                        return;
                    } catch (FootageProblem e) {
                        LoggerFactory.getLogger(SightDesk.class)
                                .warn("nothing seen of {}", clip.name(), e);
                        failed = e.getMessage();
                    }
                    String why = failed;
                    later(() -> ended(process, why));
                });
    }

    private void ended(ScanProcess process, String why) {
        if (running != process) {
            return;
        }
        running = null;
        if (why.isEmpty()) {
            refresh();
        } else {
            problem = why;
            state = State.FAILED;
            changed.run();
        }
    }

    private void later(Runnable change) {
        Platform.runLater(
                () -> {
                    if (!closed) {
                        change.run();
                    }
                });
    }

    @Override
    public void close() {
        closed = true;
        project.workspace().removeListener(onChange);
        if (running != null) {
            running.stop();
        }
        looking.shutdown();
    }
}
