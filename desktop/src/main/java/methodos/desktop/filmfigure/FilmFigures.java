package methodos.desktop.filmfigure;

import java.awt.image.BufferedImage;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.stream.Collectors;
import methodos.core.change.SeenSpan;
import methodos.core.description.Id;
import methodos.core.manual.Clip;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Step;
import methodos.core.proposal.FigureProposals;
import methodos.core.proposal.ProposedFigure;
import methodos.core.proposal.Sighting;
import methodos.core.proposal.Sightings;
import methodos.desktop.footage.ChangeDesk;
import methodos.desktop.project.Later;
import methodos.desktop.project.OpenProject;
import methodos.footage.FootageProblem;
import methodos.footage.Recording;
import methodos.footage.change.StillPlaceFinder;
import org.slf4j.LoggerFactory;

/**
 * The figures that the film proposes for steps without one, in the order of the steps. Used on the
 * interface thread.
 */
final class FilmFigures implements AutoCloseable {

    /** Wide enough to see how high a picture is for its width. */
    private static final int SMALL = 256;

    private static final double USUAL_SHAPE = 9 / 16.0;

    private final OpenProject project;
    private final ChangeDesk changes;
    private final Runnable changed;
    private final ExecutorService drafting;
    private final Map<Id<Step>, ProposedFigure> proposed = new LinkedHashMap<>();
    private final Map<Id<Step>, Object> of = new HashMap<>();
    private final Set<Id<Step>> edited = new HashSet<>();
    private final Set<Id<Step>> aside = new HashSet<>();
    private final Later later = new Later();
    private final Map<Id<Clip>, Recording> recordings = new HashMap<>();
    private boolean busy;
    private boolean again;

    /**
     * @param changed called on the interface thread when there is something new
     */
    FilmFigures(OpenProject project, Runnable changed) {
        this.project = project;
        this.changed = changed;
        this.drafting = project.background().thread("work.filmFigures");
        this.changes = new ChangeDesk(project, this::refresh);
    }

    ChangeDesk changes() {
        return changes;
    }

    /** Whether nothing is being looked for or drafted. */
    boolean quiet() {
        return !busy && changes.state() != ChangeDesk.State.LOOKING;
    }

    void begin() {
        changes.look();
        refresh();
    }

    /** Steps without a figure for which one is proposed, in order. */
    List<ProposedFigure> all() {
        return project.manual()
                .steps()
                .filter(s -> s.figures().isEmpty() && !aside.contains(s.id()))
                .flatMap(s -> Optional.ofNullable(proposed.get(s.id())).stream())
                .toList();
    }

    /** Keeps a proposal as the author changed it. */
    void put(ProposedFigure figure) {
        edited.add(figure.step());
        proposed.put(figure.step(), figure);
    }

    /** Shows no proposal for a step any more, since it is accepted or not wanted. */
    void setAside(Id<Step> step) {
        aside.add(step);
    }

    /** Shows it again: it could not be kept, or what was accepted may be taken back. */
    void takeUp(Id<Step> step) {
        aside.remove(step);
    }

    Optional<SeenSpan> seen(Id<Step> step) {
        return changes.seen(step);
    }

    /** Drafts what is new or stands on other grounds than before. */
    void refresh() {
        if (busy) {
            again = true;
        } else if (changes.state() != ChangeDesk.State.IDLE) {
            beginDrafting();
        }
        changed.run();
    }

    private void beginDrafting() {
        Manual manual = project.manual();
        Map<Id<Step>, SeenSpan> seen = changes.seen();
        List<Sighting> pointedAt = Sightings.pointedAt(manual);
        Map<Step, Object> todo = new LinkedHashMap<>();
        manual.steps()
                .filter(s -> s.figures().isEmpty() && seen.containsKey(s.id()))
                .filter(s -> !edited.contains(s.id()))
                .filter(s -> changes.knows(s.spans().get(0).clip()))
                .forEach(
                        s -> {
                            Object grounds = grounds(s, seen.get(s.id()), pointedAt);
                            if (!grounds.equals(of.get(s.id()))) {
                                todo.put(s, grounds);
                            }
                        });
        if (!todo.isEmpty()) {
            busy = true;
            drafting.execute(() -> draft(manual, seen, todo));
        }
    }

    /**
     * What a proposal stands on: what the step does, what is seen of it, and where its parts are
     * pointed at in its clip. What it has from other steps beside that is not worth a new draft.
     */
    private static Object grounds(Step step, SeenSpan seen, List<Sighting> pointedAt) {
        Id<Clip> clip = step.spans().get(0).clip();
        Set<Id<Part>> parts = step.parts().stream().map(PartUse::part).collect(Collectors.toSet());
        return List.of(
                step.parts(),
                step.spans(),
                seen,
                pointedAt.stream()
                        .filter(p -> p.clip().equals(clip) && parts.contains(p.part()))
                        .toList());
    }

    private void draft(Manual manual, Map<Id<Step>, SeenSpan> seen, Map<Step, Object> todo) {
        try {
            FigureProposals proposals = proposals(manual, seen);
            todo.forEach(
                    (step, grounds) -> {
                        if (!later.closed()) {
                            Optional<ProposedFigure> figure = proposals.of(step);
                            later.run(() -> drafted(step.id(), grounds, figure));
                        }
                    });
        } finally {
            later.run(this::ended);
        }
    }

    private void drafted(Id<Step> step, Object grounds, Optional<ProposedFigure> figure) {
        of.put(step, grounds);
        if (!edited.contains(step)) {
            figure.ifPresentOrElse(f -> proposed.put(step, f), () -> proposed.remove(step));
        }
        changed.run();
    }

    private void ended() {
        busy = false;
        if (again) {
            again = false;
            refresh();
        } else {
            changed.run();
        }
    }

    private FigureProposals proposals(Manual manual, Map<Id<Step>, SeenSpan> seen) {
        Map<Id<Clip>, Recording> open = new HashMap<>();
        Map<Id<Clip>, Double> shapes = new HashMap<>();
        for (Clip clip : manual.clips()) {
            boolean needed =
                    manual.steps()
                            .filter(s -> seen.containsKey(s.id()))
                            .anyMatch(s -> s.spans().get(0).clip().equals(clip.id()));
            if (needed) {
                try {
                    Recording recording = recording(clip);
                    BufferedImage first = recording.still(0, SMALL, SMALL).picture();
                    shapes.put(clip.id(), first.getHeight() / (double) first.getWidth());
                    open.put(clip.id(), recording);
                } catch (FootageProblem e) {
                    LoggerFactory.getLogger(FilmFigures.class)
                            .warn("no pictures of {}", clip.name(), e);
                }
            }
        }
        return new FigureProposals(
                manual,
                seen,
                new StillPlaceFinder(open),
                clip -> shapes.getOrDefault(clip, USUAL_SHAPE));
    }

    private Recording recording(Clip clip) throws FootageProblem {
        Recording open = recordings.get(clip.id());
        if (open == null) {
            open = Recording.openInBackground(project.clipFile(clip));
            recordings.put(clip.id(), open);
        }
        return open.turned(clip.turned());
    }

    @Override
    public void close() {
        later.close();
        changes.close();
        drafting.execute(() -> recordings.values().forEach(Recording::close));
        drafting.shutdown();
    }
}
