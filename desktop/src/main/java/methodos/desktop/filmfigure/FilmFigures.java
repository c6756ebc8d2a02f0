package methodos.desktop.filmfigure;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.stream.Collectors;
import javafx.application.Platform;
import methodos.core.change.SeenChange;
import methodos.core.change.SeenSpan;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Step;
import methodos.core.proposal.FigureProposals;
import methodos.core.proposal.ProposedFigure;
import methodos.core.proposal.ProposedFigure.ProposedMark;
import methodos.desktop.footage.SightDesk;
import methodos.desktop.project.OpenProject;
import methodos.footage.FootageProblem;
import methodos.footage.Recording;
import methodos.footage.change.StillCarrier;
import org.slf4j.LoggerFactory;

/**
 * The figures that the film proposes for steps without one, in the order of the steps. Used on the
 * interface thread.
 */
final class FilmFigures implements AutoCloseable {

    private final OpenProject project;
    private final SightDesk sights;
    private final Runnable changed;
    private final ExecutorService drafting;
    private final Map<Id<Step>, ProposedFigure> proposed = new LinkedHashMap<>();
    private final Map<Id<Step>, Object> of = new HashMap<>();
    private final Set<Id<Step>> passed = new HashSet<>();
    private final Map<Id<Clip>, Recording> recordings = new HashMap<>();
    private boolean busy;
    private boolean again;
    private volatile boolean closed;

    /**
     * @param changed called on the interface thread when there is something new
     */
    FilmFigures(OpenProject project, Runnable changed) {
        this.project = project;
        this.changed = changed;
        this.drafting = project.background().thread("work.filmFigures");
        this.sights = new SightDesk(project, this::refresh);
    }

    SightDesk sights() {
        return sights;
    }

    /** Whether nothing is being looked for or drafted. */
    boolean quiet() {
        return !busy && sights.state() != SightDesk.State.LOOKING;
    }

    void begin() {
        sights.look();
        refresh();
    }

    /** Steps without a figure for which one is proposed, in order. */
    List<ProposedFigure> all() {
        return project.manual()
                .steps()
                .filter(s -> s.figures().isEmpty() && !passed.contains(s.id()))
                .flatMap(s -> Optional.ofNullable(proposed.get(s.id())).stream())
                .toList();
    }

    /** Keeps a proposal as the author changed it. */
    void put(ProposedFigure changed) {
        proposed.put(changed.step(), changed);
    }

    /** Proposes nothing for a step any more. */
    void pass(Id<Step> step) {
        passed.add(step);
    }

    /** Puts the part that has no place yet, or the chosen mark, at the next place that changed. */
    void give(ProposedFigure figure, int chosen) {
        Step step = project.manual().step(figure.step()).orElseThrow();
        List<Id<Part>> lacking = lacking(figure, step);
        boolean something = !lacking.isEmpty() || !figure.marks().isEmpty();
        if (something && !figure.regions().isEmpty()) {
            put(given(figure, lacking, chosen));
        }
    }

    private static ProposedFigure given(ProposedFigure f, List<Id<Part>> lacking, int chosen) {
        List<SeenChange> rest = new ArrayList<>(f.regions());
        SeenChange region = rest.remove(0);
        List<ProposedMark> all = new ArrayList<>(f.marks());
        if (lacking.isEmpty()) {
            rest.add(region);
            Mark moved = all.get(chosen).mark();
            double dx = region.middle().x() - moved.points().get(0).x();
            double dy = region.middle().y() - moved.points().get(0).y();
            all.set(chosen, new ProposedMark(moved.moved(dx, dy), region.sure()));
        } else {
            all.add(
                    new ProposedMark(
                            new Mark.Callout(null, lacking.get(0), region.middle(), null),
                            region.sure()));
        }
        return new ProposedFigure(f.step(), f.still(), f.crop(), all, rest, f.sure());
    }

    /** Parts of the step that no mark names. */
    static List<Id<Part>> lacking(ProposedFigure now, Step step) {
        Set<Id<Part>> named =
                now.marks().stream()
                        .filter(m -> m.mark() instanceof Mark.OfPart)
                        .map(m -> ((Mark.OfPart) m.mark()).part())
                        .collect(Collectors.toSet());
        return step.parts().stream().map(PartUse::part).filter(p -> !named.contains(p)).toList();
    }

    Optional<SeenSpan> seen(Id<Step> step) {
        return Optional.ofNullable(sights.seen().get(step));
    }

    private void refresh() {
        changed.run();
        if (busy) {
            again = true;
            return;
        }
        Manual manual = project.manual();
        Map<Id<Step>, SeenSpan> seen = sights.seen();
        List<Step> todo =
                manual.steps()
                        .filter(s -> s.figures().isEmpty() && seen.containsKey(s.id()))
                        .filter(s -> !key(s, seen).equals(of.get(s.id())))
                        .filter(s -> sights.knows(s.spans().get(0).clip()))
                        .toList();
        if (todo.isEmpty() || closed) {
            return;
        }
        busy = true;
        drafting.execute(() -> draft(manual, seen, todo));
    }

    /** What a proposal depends on, but for what is seen of other steps, which it may do without. */
    private static Object key(Step step, Map<Id<Step>, SeenSpan> seen) {
        return List.of(step.parts(), step.spans(), seen.get(step.id()));
    }

    private void draft(Manual manual, Map<Id<Step>, SeenSpan> seen, List<Step> todo) {
        FigureProposals proposals = proposals(manual, seen);
        for (Step step : todo) {
            if (closed) {
                break;
            }
            Optional<ProposedFigure> figure = proposals.of(step);
            later(
                    () -> {
                        of.put(step.id(), key(step, seen));
                        figure.ifPresentOrElse(
                                f -> proposed.put(step.id(), f), () -> proposed.remove(step.id()));
                        changed.run();
                    });
        }
        later(
                () -> {
                    busy = false;
                    if (again) {
                        again = false;
                        refresh();
                    } else {
                        changed.run();
                    }
                });
    }

    private FigureProposals proposals(Manual manual, Map<Id<Step>, SeenSpan> seen) {
        List<Id<Clip>> clips = new ArrayList<>();
        manual.steps()
                .filter(s -> seen.containsKey(s.id()) && !s.spans().isEmpty())
                .forEach(s -> clips.add(s.spans().get(0).clip()));
        double shape = 0;
        for (Id<Clip> id : new HashSet<>(clips)) {
            Clip clip = manual.clip(id).orElseThrow();
            try {
                if (!recordings.containsKey(id)) {
                    recordings.put(id, Recording.openInBackground(project.clipFile(clip)));
                }
                var picture = recordings.get(id).still(0).picture();
                shape = picture.getHeight() / (double) picture.getWidth();
            } catch (FootageProblem e) {
                LoggerFactory.getLogger(FilmFigures.class)
                        .warn("no pictures of {}", clip.name(), e);
            }
        }
        return new FigureProposals(manual, seen, new StillCarrier(recordings), shape);
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
        sights.close();
        drafting.execute(() -> recordings.values().forEach(Recording::close));
        drafting.shutdown();
    }
}
