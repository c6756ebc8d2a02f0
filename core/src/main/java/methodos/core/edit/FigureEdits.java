package methodos.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import methodos.core.description.Id;
import methodos.core.manual.Applicability;
import methodos.core.manual.Figure;
import methodos.core.manual.FigureLayout;
import methodos.core.manual.Layer;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.Point;
import methodos.core.manual.Preparation;
import methodos.core.manual.Step;
import methodos.core.proposal.ProposedFigure;

/** The changes that are made to figures. */
public final class FigureEdits {

    /** A copy lies so far to the right and below what it is a copy of. */
    static final double BESIDE = 0.03;

    private FigureEdits() {}

    /** Makes a figure that stands in no step yet; of a picture, or with null of none. */
    public static Edit newFigure(Figure.Still still, String picture) {
        return Edit.named(
                EditKind.NEW_FIGURE,
                m -> m.withIdTaken().withFigure(Figure.of(m.nextId("f"), "", still, picture)));
    }

    /** Makes what the film proposes a figure of its step, with its marks and its crop. */
    public static Edit fromFilm(ProposedFigure proposed, String picture) {
        return Edit.named(
                EditKind.FIGURE_FROM_FILM,
                m -> {
                    Step step = m.step(proposed.step()).orElse(null);
                    if (step == null) {
                        return m;
                    }
                    Figure figure = Figure.of(m.nextId("f"), "", proposed.still(), picture);
                    if (proposed.crop() != null) {
                        figure = figure.withPreparation(Preparation.NONE.withCrop(proposed.crop()));
                    }
                    Manual all =
                            m.withIdTaken()
                                    .withFigure(figure)
                                    .withStep(step.withFigure(figure.id()));
                    for (ProposedFigure.ProposedMark mark : proposed.marks()) {
                        all = added(all, figure.id(), id -> mark.mark().withId(id));
                    }
                    return all;
                });
    }

    /**
     * Puts a mark on the picture.
     *
     * @param mark makes it with the id that it is given
     */
    public static Edit addMark(Id<Figure> figure, Function<Id<Mark>, Mark> mark) {
        return Edit.named(EditKind.ADD_MARK, m -> added(m, figure, mark));
    }

    static Manual added(Manual m, Id<Figure> figure, Function<Id<Mark>, Mark> mark) {
        return m.figure(figure)
                .map(f -> m.withIdTaken().withFigure(f.withMark(mark.apply(m.nextId("m")))))
                .orElse(m);
    }

    /** Puts a callout to a part on the picture; its balloon finds its own place. */
    public static Edit addCallout(Id<Figure> figure, Id<Part> part, Point target) {
        return Edit.named(
                EditKind.ADD_CALLOUT,
                m -> added(m, figure, id -> new Mark.Callout(id, part, target, null)));
    }

    /** Adds a screw to the order of tightening, which is made with the first. */
    public static Edit addScrew(Id<Figure> figure, Point at) {
        return Edit.named(
                EditKind.ADD_SCREW,
                m -> {
                    Optional<Mark.ScrewOrder> order = m.figure(figure).flatMap(FigureEdits::order);
                    return order.isPresent()
                            ? m.withFigure(
                                    m.figure(figure).orElseThrow().withMark(more(order.get(), at)))
                            : added(
                                    m,
                                    figure,
                                    id -> new Mark.ScrewOrder(id, List.of(at), null, List.of()));
                });
    }

    private static Mark more(Mark mark, Point at) {
        List<Point> points = new ArrayList<>(mark.points());
        points.add(at);
        return mark.withPoints(points);
    }

    private static Optional<Mark.ScrewOrder> order(Figure figure) {
        return figure.marks().stream()
                .filter(m -> m instanceof Mark.ScrewOrder)
                .map(m -> (Mark.ScrewOrder) m)
                .findFirst();
    }

    /** Adds a point to an outline, or to a circle of known size. */
    public static Edit addPoint(Id<Figure> figure, Id<Mark> mark, Point at) {
        return mark(EditKind.ADD_POINT, figure, mark, m -> more(m, at));
    }

    /**
     * @param index of the mark's point, from 0
     */
    public static Edit movePoint(Id<Figure> figure, Id<Mark> mark, int index, Point to) {
        return mark(EditKind.MOVE_MARK, figure, mark, m -> m.withPoint(index, to))
                .joining("point " + figure + mark + index);
    }

    /** Moves a whole mark so far to the right and down. */
    public static Edit moveMark(Id<Figure> figure, Id<Mark> mark, double dx, double dy) {
        return mark(EditKind.MOVE_MARK, figure, mark, m -> m.moved(dx, dy))
                .joining("mark " + figure + mark);
    }

    /** Holds a balloon or lens at a place of the sheet; null lets it find its own again. */
    public static Edit hold(Id<Figure> figure, Id<Mark> mark, Point at) {
        return mark(
                        EditKind.MOVE_BALLOON,
                        figure,
                        mark,
                        m -> m instanceof Mark.Held held ? held.withHeld(at) : m)
                .joining("held " + figure + mark);
    }

    /**
     * Takes one point out of a mark that can do without: a screw, a corner, a point on a circle;
     * with too few left the mark goes too.
     */
    public static Edit deletePoint(Id<Figure> figure, Id<Mark> mark, int index) {
        return change(
                EditKind.DELETE_POINT,
                figure,
                f ->
                        f.mark(mark)
                                .map(
                                        m -> {
                                            List<Point> points = new ArrayList<>(m.points());
                                            if (index < points.size()) {
                                                points.remove(index);
                                            }
                                            return points.size() < fewest(m)
                                                    ? f.withoutMark(mark)
                                                    : f.withMark(m.withPoints(points));
                                        })
                                .orElse(f));
    }

    /** How many points a mark has at least; as many as it has where none can be taken out. */
    private static int fewest(Mark mark) {
        if (mark instanceof Mark.ScrewOrder) {
            return 1;
        }
        if (mark instanceof Mark.Outline) {
            return 3;
        }
        return mark instanceof Mark.Scale s ? s.shape().fewestPoints() : mark.points().size();
    }

    /** Changes what a mark tells: its words, its thread, its sizes. */
    public static Edit mark(Id<Figure> figure, Id<Mark> mark, UnaryOperator<Mark> change) {
        return mark(EditKind.CHANGE_MARK, figure, mark, change);
    }

    /** Changes the words of a mark; typing in one field is one change. */
    public static Edit text(Id<Figure> figure, Id<Mark> mark, String text) {
        return mark(
                        EditKind.CHANGE_MARK,
                        figure,
                        mark,
                        m -> m instanceof Mark.Worded w ? w.withText(text) : m)
                .joining("text " + figure + mark);
    }

    private static Edit mark(
            EditKind kind, Id<Figure> figure, Id<Mark> mark, UnaryOperator<Mark> change) {
        return change(
                kind,
                figure,
                f ->
                        f.mark(mark)
                                .map(m -> f.withMark(change.apply(m)).withoutDoubt(mark))
                                .orElse(f));
    }

    /** Another mark of the same kind beside it. */
    public static Edit duplicate(Id<Figure> figure, Id<Mark> mark) {
        return Edit.named(
                EditKind.DUPLICATE_MARK,
                m ->
                        m.figure(figure)
                                .flatMap(f -> f.mark(mark))
                                .map(
                                        x ->
                                                added(
                                                        m,
                                                        figure,
                                                        id -> x.moved(BESIDE, BESIDE).withId(id)))
                                .orElse(m));
    }

    /** The mark points where it should. */
    public static Edit confirm(Id<Figure> figure, Id<Mark> mark) {
        return change(EditKind.CONFIRM_MARK, figure, f -> f.withoutDoubt(mark));
    }

    /** Takes a mark off the picture. */
    public static Edit deleteMark(Id<Figure> figure, Id<Mark> mark) {
        return change(EditKind.DELETE_MARK, figure, f -> f.withoutMark(mark));
    }

    /**
     * Puts another still in the place of a figure's. A mark all of whose points were followed goes
     * along; the others stay where they are and are kept as doubtful.
     *
     * @param points by {@link #pointKey}, where a point of a mark lies on the new still
     */
    public static Edit still(
            Id<Figure> figure, Figure.Still still, String picture, Map<String, Point> points) {
        return change(
                EditKind.OTHER_STILL,
                figure,
                f -> {
                    Set<Id<Mark>> doubtful = new HashSet<>();
                    List<Mark> marks = new ArrayList<>();
                    for (Mark mark : f.marks()) {
                        Optional<Mark> followed = followed(mark, points);
                        if (followed.isEmpty() || f.doubtful().contains(mark.id())) {
                            doubtful.add(mark.id());
                        }
                        marks.add(followed.orElse(mark));
                    }
                    return f.withStill(still)
                            .withPicture(picture)
                            .withMarks(marks)
                            .withDoubtful(
                                    marks.stream()
                                            .map(Mark::id)
                                            .filter(doubtful::contains)
                                            .toList());
                });
    }

    /** The key of one point of a mark. */
    public static String pointKey(Id<Mark> mark, int index) {
        return mark + "#" + index;
    }

    /** A balloon or lens that is held goes along with what it points to. */
    private static Optional<Mark> followed(Mark mark, Map<String, Point> points) {
        List<Point> there = new ArrayList<>();
        for (int i = 0; i < mark.points().size(); i++) {
            Point p = points.get(pointKey(mark.id(), i));
            if (p == null) {
                return Optional.empty();
            }
            there.add(p);
        }
        Mark moved = mark.withPoints(there);
        if (moved instanceof Mark.Held held && held.held() != null) {
            Point before = mark.points().get(0);
            Point after = there.get(0);
            moved = held.withHeld(held.held().plus(after.x() - before.x(), after.y() - before.y()));
        }
        return Optional.of(moved);
    }

    /** Changes how the still is prepared; dragging one setting is one change. */
    public static Edit prepare(
            Id<Figure> figure, String setting, UnaryOperator<Preparation> change) {
        return change(EditKind.PREPARE, figure, f -> f.withPreparation(change.apply(f.prepared())))
                .joining("prepare " + setting + " " + figure);
    }

    /**
     * How the pictures that belong together stand; null takes them apart. Those that the layout has
     * no room for become figures of the same step again.
     */
    public static Edit layout(Id<Figure> figure, FigureLayout layout) {
        return Edit.named(
                EditKind.FIGURE_LAYOUT,
                m ->
                        m.figure(figure)
                                .map(
                                        f ->
                                                arranged(
                                                        m,
                                                        f,
                                                        layout,
                                                        layout == null ? List.of() : f.beside()))
                                .orElse(m));
    }

    /** Puts another figure's picture beside this one's; the step then shows both as one figure. */
    public static Edit beside(Id<Figure> figure, Id<Figure> other, FigureLayout layout) {
        return Edit.named(
                EditKind.BESIDE,
                m -> {
                    Figure f = m.figure(figure).orElse(null);
                    if (f == null || figure.equals(other) || f.beside().contains(other)) {
                        return m;
                    }
                    List<Id<Figure>> beside = new ArrayList<>(f.beside());
                    beside.add(other);
                    return arranged(m, f, layout, beside);
                });
    }

    /** Takes a picture out again; it becomes a figure of the same step. */
    public static Edit apart(Id<Figure> figure, Id<Figure> other) {
        return Edit.named(
                EditKind.APART,
                m ->
                        m.figure(figure)
                                .map(
                                        f ->
                                                arranged(
                                                        m,
                                                        f,
                                                        f.layout(),
                                                        f.beside().stream()
                                                                .filter(x -> !x.equals(other))
                                                                .toList()))
                                .orElse(m));
    }

    /**
     * The figure with these pictures beside it, the last of them where the layout has no room for
     * all. In the figure's step those beside it are left out, and those no longer beside it follow
     * it.
     */
    private static Manual arranged(
            Manual m, Figure figure, FigureLayout layout, List<Id<Figure>> wanted) {
        int room = layout == null ? 0 : layout.most() - 1;
        List<Id<Figure>> beside = wanted.subList(Math.max(0, wanted.size() - room), wanted.size());
        Manual with =
                m.withFigure(
                        figure.withBeside(beside).withLayout(beside.isEmpty() ? null : layout));
        for (Step step : m.steps().filter(s -> s.figures().contains(figure.id())).toList()) {
            List<Id<Figure>> shown = new ArrayList<>(step.figures());
            shown.removeAll(beside);
            List<Id<Figure>> apart = new ArrayList<>(figure.beside());
            apart.removeAll(beside);
            apart.removeAll(shown);
            shown.addAll(shown.indexOf(figure.id()) + 1, apart);
            with = with.withStep(step.withFigures(shown));
        }
        return with;
    }

    /**
     * @param stack from top to bottom; empty for none
     */
    public static Edit stack(Id<Figure> figure, List<Layer> stack) {
        return change(EditKind.STACK, figure, f -> f.withStack(stack)).joining("stack " + figure);
    }

    /** The author's own words for those who cannot see it; empty ones are drafted again. */
    public static Edit reads(Id<Figure> figure, String text) {
        return change(EditKind.FIGURE_TEXT, figure, f -> f.withText(text))
                .joining("reads " + figure);
    }

    /** Titles a figure; what is typed on end is one edit. */
    public static Edit title(Id<Figure> figure, String title) {
        return change(EditKind.FIGURE_TITLE, figure, f -> f.withTitle(title))
                .joining("title " + figure);
    }

    /** Says which units a figure is for. */
    public static Edit applicability(Id<Figure> figure, Applicability units) {
        return change(EditKind.FIGURE_UNITS, figure, f -> f.withApplicability(units))
                .joining("units " + figure);
    }

    /** Takes a figure away, from its steps too. */
    public static Edit delete(Id<Figure> figure) {
        return Edit.named(EditKind.DELETE_FIGURE, m -> m.withoutFigure(figure));
    }

    private static Edit change(EditKind kind, Id<Figure> figure, UnaryOperator<Figure> change) {
        return Edit.named(
                kind,
                (Manual m) -> m.figure(figure).map(f -> m.withFigure(change.apply(f))).orElse(m));
    }
}
