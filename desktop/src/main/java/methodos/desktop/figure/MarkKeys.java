package methodos.desktop.figure;

import java.util.List;
import java.util.function.Consumer;
import methodos.core.description.Id;
import methodos.core.edit.FigureEdits;
import methodos.core.figure.FigureDrawing;
import methodos.core.figure.FigureDrawing.Handle;
import methodos.core.manual.Figure;
import methodos.core.manual.KnownShape;
import methodos.core.manual.Mark;
import methodos.core.manual.Point;
import methodos.desktop.project.OpenProject;

/** What the keys do to the marks of a figure, all that the mouse can and more finely. */
final class MarkKeys {

    private static final double NUDGE = 0.004;
    private static final double CROP = 0.02;
    private static final double FINE = 0.0008;

    private final OpenProject project;
    private final FigureBench bench;
    private final Consumer<String> say;

    MarkKeys(OpenProject project, FigureBench bench, Consumer<String> say) {
        this.project = project;
        this.bench = bench;
        this.say = say;
    }

    /** Takes the crop that is offered, or puts what the tool makes into the middle. */
    void put() {
        FigureDrawing drawing = bench.drawing().orElse(null);
        if (crops()) {
            bench.frame();
        } else if (bench.tool().isEmpty() || drawing == null || drawing.picture() == null) {
            say.accept(project.words().of("figure.pickFirst"));
        } else if (bench.tool().get().ofPart() && bench.part().isEmpty()) {
            say.accept(project.words().of("figure.partFirst"));
        } else {
            bench.put(drawing.framing().still(new Point(.5, .5)));
        }
    }

    private boolean crops() {
        return bench.framer().filter(f -> f == FigureBench.Framer.CROP).isPresent();
    }

    /** The next mark, and within one of several points the next point. */
    void next(int by, boolean points) {
        Figure now = bench.figure().orElse(null);
        Handle chosen = bench.chosen().orElse(null);
        List<Handle> handles = bench.drawing().map(FigureDrawing::handles).orElse(List.of());
        if (now == null || now.marks().isEmpty()) {
            return;
        }
        List<Id<Mark>> ids = now.marks().stream().map(Mark::id).toList();
        if (points && chosen != null) {
            List<Handle> own =
                    handles.stream().filter(h -> h.mark().equals(chosen.mark())).toList();
            int at = 0;
            for (int i = 0; i < own.size(); i++) {
                at = own.get(i).index() == chosen.index() ? i : at;
            }
            bench.choose(own.isEmpty() ? null : own.get(Math.floorMod(at + by, own.size())));
            return;
        }
        int at = chosen == null ? (by > 0 ? -1 : 0) : ids.indexOf(chosen.mark());
        bench.choose(ids.get(Math.floorMod(at + by, ids.size())));
    }

    /**
     * Moves what is chosen a little, or the crop that is offered.
     *
     * @param whole the whole mark, not the one point; of a crop its size
     */
    void nudge(int right, int down, boolean whole, boolean fine) {
        if (crops()) {
            double by = fine ? NUDGE : CROP;
            bench.moveOffered(right * by, down * by, whole);
            return;
        }
        Mark mark = bench.chosenMark().orElse(null);
        Handle chosen = bench.chosen().orElse(null);
        if (mark == null || chosen == null) {
            return;
        }
        double by = fine ? FINE : NUDGE;
        if (chosen.index() == Handle.HELD) {
            Point now = bench.drawing().orElseThrow().picture().share(chosen.at());
            project.apply(
                    FigureEdits.hold(bench.shown(), mark.id(), now.plus(right * by, down * by)));
        } else if (whole) {
            project.apply(FigureEdits.moveMark(bench.shown(), mark.id(), right * by, down * by));
        } else {
            Point to = mark.points().get(chosen.index()).plus(right * by, down * by);
            project.apply(
                    FigureEdits.movePoint(
                            bench.shown(), mark.id(), chosen.index(), FigureBench.onPicture(to)));
        }
        bench.redraw();
    }

    /** Deletes the chosen mark; of screws, an outline or a round only the chosen point. */
    void delete() {
        Mark mark = bench.chosenMark().orElse(null);
        Handle chosen = bench.chosen().orElse(null);
        if (mark == null || chosen == null) {
            return;
        }
        boolean point =
                (mark instanceof Mark.ScrewOrder || mark instanceof Mark.Outline)
                        && chosen.index() >= 0;
        project.apply(
                point
                        ? FigureEdits.deletePoint(bench.shown(), mark.id(), chosen.index())
                        : FigureEdits.deleteMark(bench.shown(), mark.id()));
        bench.redraw();
    }

    void duplicate() {
        Mark mark = bench.chosenMark().orElse(null);
        if (mark != null) {
            project.apply(FigureEdits.duplicate(bench.shown(), mark.id()));
            bench.chooseNewest();
        }
    }

    /** Adds a point to an outline or a round of known size, beside the chosen one. */
    void addPoint() {
        Mark mark = bench.chosenMark().orElse(null);
        Handle chosen = bench.chosen().orElse(null);
        boolean grows =
                mark instanceof Mark.Outline
                        || mark instanceof Mark.Scale s && s.shape() == KnownShape.CIRCLE;
        if (grows) {
            List<Point> points = mark.points();
            Point a = points.get(points.size() - 1);
            Point b = points.get(0);
            project.apply(
                    FigureEdits.addPoint(
                            bench.shown(),
                            mark.id(),
                            new Point((a.x() + b.x()) / 2, (a.y() + b.y()) / 2)));
            bench.redraw();
        }
    }
}
