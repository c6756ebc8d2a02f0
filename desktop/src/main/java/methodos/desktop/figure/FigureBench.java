package methodos.desktop.figure;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import methodos.core.description.Id;
import methodos.core.edit.FigureEdits;
import methodos.core.figure.FigureDrawing;
import methodos.core.figure.FigureDrawing.Handle;
import methodos.core.figure.Framing;
import methodos.core.figure.PictureSizes;
import methodos.core.manual.Figure;
import methodos.core.manual.KnownShape;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.Point;
import methodos.core.manual.Preparation;
import methodos.desktop.project.OpenProject;

/**
 * What happens on the picture of one figure: which tool is held, which mark is chosen, and what
 * pressing, dragging and the keys do to them. Places come and go as places of the sheet.
 *
 * <p>While something is dragged only the drawing follows; the manual changes once, when it is let
 * go.
 */
final class FigureBench {

    /** What is drawn on the picture without becoming a mark. */
    enum Framer {
        CROP,
        STRAIGHTEN
    }

    private static final String NEW = "#new";

    /** The crop that is offered before one is drawn, as shares of the picture. */
    private static final List<Point> OFFERED = List.of(new Point(.1, .1), new Point(.9, .9));

    private static final double LEAST_CROP = 0.04;

    /** A press that moves less than this, in shares of the picture, is a click. */
    private static final double CLICK = 0.008;

    private final OpenProject project;
    private final PictureSizes sizes;
    private final Consumer<String> say;
    private Runnable changed = () -> {};

    private Id<Figure> figure;
    private MarkTool tool;
    private Framer framer;
    private Id<Part> part;
    private KnownShape known = KnownShape.RECTANGLE;
    private double ratio;
    private List<Point> offered = OFFERED;
    private Handle chosen;

    private Point pressed;
    private Point dragged;

    /** The mark as it is while it is dragged; null while nothing is. */
    private Mark pending;

    private FigureDrawing drawing;

    FigureBench(OpenProject project, PictureSizes sizes, Consumer<String> say) {
        this.project = project;
        this.sizes = sizes;
        this.say = say;
    }

    /** Called whenever something else is to be seen. */
    void onChange(Runnable listener) {
        changed = listener;
    }

    void show(Id<Figure> shown) {
        if (shown == null || !shown.equals(figure)) {
            chosen = null;
            pending = null;
            pressed = null;
            framer = null;
        }
        figure = shown;
        redraw();
    }

    /** The manual or the pictures are others now. */
    void redraw() {
        drawing =
                figure().map(f -> FigureDrawing.of(f, project.manual(), project.words(), sizes))
                        .orElse(null);
        chosen = chosen == null || drawing == null ? null : where(chosen);
        changed.run();
    }

    /** The handle where it lies now; null where its mark is gone. */
    private Handle where(Handle before) {
        return drawing.handles().stream()
                .filter(h -> h.mark().equals(before.mark()))
                .min(Comparator.comparingInt(h -> h.index() == before.index() ? -2 : h.index()))
                .orElse(null);
    }

    /** Id of the figure that is shown, null where there is none. */
    Id<Figure> shown() {
        return figure;
    }

    /** The figure with what is being dragged. */
    Optional<Figure> figure() {
        return figure == null
                ? Optional.empty()
                : project.manual()
                        .figure(figure)
                        .map(f -> pending == null ? f : f.withMark(pending));
    }

    Optional<FigureDrawing> drawing() {
        return Optional.ofNullable(drawing).filter(d -> d.width() > 0);
    }

    Optional<MarkTool> tool() {
        return Optional.ofNullable(tool);
    }

    Optional<Framer> framer() {
        return Optional.ofNullable(framer);
    }

    Optional<Id<Part>> part() {
        return Optional.ofNullable(part);
    }

    KnownShape known() {
        return known;
    }

    /** Picks a tool up, or lays it down with null. */
    void take(MarkTool taken) {
        tool = taken;
        framer = null;
        changed.run();
    }

    /** Picks the part that the next callout or screw is of. */
    void take(Id<Part> taken) {
        part = taken;
        if (taken != null && (tool == null || !tool.ofPart())) {
            tool = MarkTool.CALLOUT;
        }
        framer = null;
        changed.run();
    }

    void takeKnown(KnownShape shape) {
        known = shape;
        take(MarkTool.SCALE);
    }

    /** Takes what crops or straightens, or lays it down with null. */
    void take(Framer taken) {
        tool = null;
        framer = taken;
        offered = OFFERED;
        changed.run();
    }

    /**
     * Holds crops to a shape.
     *
     * @param cropRatio width over height, 0 for any
     */
    void hold(double cropRatio) {
        ratio = cropRatio;
        changed.run();
    }

    Optional<Handle> chosen() {
        return Optional.ofNullable(chosen);
    }

    Optional<Mark> chosenMark() {
        return chosen().flatMap(c -> figure().flatMap(f -> f.mark(c.mark())));
    }

    /** Takes hold of a mark at one of its handles. */
    void choose(Handle handle) {
        chosen = handle;
        changed.run();
    }

    void choose(Id<Mark> mark) {
        chosen =
                drawing()
                        .flatMap(
                                d ->
                                        d.handles().stream()
                                                .filter(h -> h.mark().equals(mark))
                                                .filter(h -> h.index() == 0)
                                                .findFirst())
                        .orElse(null);
        changed.run();
    }

    /** Whether something is on its way: only the drawing follows until it is let go. */
    boolean dragging() {
        return pressed != null && pending != null;
    }

    /** The line that is being drawn or the crop as it would become, on the sheet: from, to. */
    Optional<List<Point>> drawn() {
        if (framer == null || drawing().isEmpty() || drawing.picture() == null) {
            return Optional.empty();
        }
        if (framer == Framer.CROP) {
            return Optional.of(
                    drawing.framing().corners(crop()).stream().map(drawing.picture()::at).toList());
        }
        return pressed == null ? Optional.empty() : Optional.of(List.of(pressed, dragged));
    }

    /** The crop that is being drawn; before that, the one that is offered. */
    private Preparation.Crop crop() {
        boolean drawn = pressed != null && !click(pressed, dragged);
        Point a = drawn ? share(pressed) : offered.get(0);
        Point b = drawn ? share(dragged) : offered.get(1);
        return drawing.framing().between(a, b, ratio);
    }

    /**
     * Moves the crop that is offered.
     *
     * @param right in shares of the picture
     * @param down in shares of the picture
     * @param size moves only its lower right corner
     */
    void moveOffered(double right, double down, boolean size) {
        if (drawn().isEmpty()) {
            return;
        }
        List<Point> now = drawing.framing().corners(crop());
        Point a = now.get(0);
        Point b = now.get(1);
        if (size) {
            double both = right + down;
            Point to = ratio > 0 ? b.plus(both, both) : b.plus(right, down);
            double x = Math.max(a.x() + LEAST_CROP, to.x());
            double y = Math.max(a.y() + LEAST_CROP, to.y());
            offered = List.of(a, onPicture(new Point(x, y)));
        } else {
            double x = Math.max(-a.x(), Math.min(1 - b.x(), right));
            double y = Math.max(-a.y(), Math.min(1 - b.y(), down));
            offered = List.of(a.plus(x, y), b.plus(x, y));
        }
        changed.run();
    }

    /** Crops or straightens to what is drawn or offered. */
    void frame() {
        List<Point> ends = drawn().orElse(null);
        if (ends == null) {
            return;
        }
        Preparation.Crop crop = framer == Framer.CROP ? crop() : null;
        double degrees =
                framer == Framer.CROP
                        ? 0
                        : drawing.framing().straightening(share(ends.get(0)), share(ends.get(1)));
        String setting = framer == Framer.CROP ? "crop" : "straighten";
        framer = null;
        project.apply(
                FigureEdits.prepare(
                        figure,
                        setting,
                        p -> p.withStraighten(p.straighten() + degrees).withCrop(crop)));
    }

    /** Chooses the mark at a place of the sheet, or none; it makes none. */
    void chooseAt(Point sheet) {
        choose(drawing().flatMap(d -> d.at(sheet)).orElse(null));
    }

    /** Puts a callout to a part where it was dropped. */
    void putCallout(Id<Part> dropped, Point sheet) {
        drawing()
                .flatMap(d -> d.still(sheet))
                .ifPresent(
                        spot -> {
                            project.apply(FigureEdits.addCallout(figure, dropped, spot));
                            chooseNewest();
                        });
    }

    void press(Point sheet) {
        if (drawing().isEmpty()) {
            return;
        }
        pressed = sheet;
        dragged = sheet;
        if (framer != null) {
            changed.run();
            return;
        }
        Optional<Handle> hit = drawing.at(sheet);
        if (hit.isPresent()) {
            chosen = hit.get();
            changed.run();
            return;
        }
        chosen = null;
        Optional<Point> spot = drawing.still(sheet);
        if (tool == null && spot.isPresent()) {
            say.accept(project.words().of("figure.pickFirst"));
        } else if (spot.isPresent() && tool.ofPart() && part == null) {
            say.accept(project.words().of("figure.partFirst"));
        } else if (spot.isPresent() && tool.drawn()) {
            pending = made(spot.get(), spot.get());
            redraw();
            return;
        } else if (spot.isPresent()) {
            put(spot.get());
            return;
        }
        changed.run();
    }

    private Mark made(Point from, Point to) {
        Framing framing = drawing.framing();
        return tool.mark(
                new Id<>(NEW), part, from, to, framing.stillHeight() / framing.stillWidth(), known);
    }

    /** Puts what the tool makes at a spot of the still, as one change. */
    void put(Point spot) {
        if (tool == MarkTool.SCREW_ORDER) {
            project.apply(FigureEdits.addScrew(figure, spot));
        } else {
            Mark mark = made(spot, spot);
            project.apply(
                    tool == MarkTool.CALLOUT
                            ? FigureEdits.addCallout(figure, part, spot)
                            : FigureEdits.addMark(figure, mark::withId));
        }
        chooseNewest();
    }

    void chooseNewest() {
        redraw();
        figure().ifPresent(
                        f -> {
                            if (!f.marks().isEmpty()) {
                                choose(f.marks().get(f.marks().size() - 1).id());
                            }
                        });
    }

    void drag(Point sheet) {
        if (pressed == null || drawing().isEmpty()) {
            return;
        }
        dragged = sheet;
        if (framer != null) {
            changed.run();
        } else if (chosen != null) {
            moved(sheet);
        } else if (pending != null) {
            Point from = drawing.still(pressed).orElse(null);
            if (from != null) {
                pending = made(from, onStill(sheet));
                redraw();
            }
        }
    }

    /** The chosen point, balloon or lens follows. */
    private void moved(Point sheet) {
        Mark mark =
                project.manual().figure(figure).flatMap(f -> f.mark(chosen.mark())).orElse(null);
        if (mark == null) {
            return;
        }
        if (chosen.index() == Handle.HELD) {
            pending = ((Mark.Held) mark).withHeld(drawing.picture().share(within(sheet)));
        } else {
            pending = mark.withPoint(chosen.index(), onStill(sheet));
        }
        redraw();
    }

    private Point within(Point sheet) {
        double edge = FigureDrawing.radius(Math.max(drawing.width(), drawing.height())) + 2;
        return new Point(
                Math.max(edge, Math.min(drawing.width() - edge, sheet.x())),
                Math.max(edge, Math.min(drawing.height() - edge, sheet.y())));
    }

    /** The spot of the still nearest to a place of the sheet. */
    private Point onStill(Point sheet) {
        return drawing.framing().still(share(sheet));
    }

    /** The share of the picture nearest to a place of the sheet. */
    private Point share(Point sheet) {
        return onPicture(drawing.picture().share(sheet));
    }

    static Point onPicture(Point p) {
        return new Point(Math.max(0, Math.min(1, p.x())), Math.max(0, Math.min(1, p.y())));
    }

    void release(Point sheet) {
        if (pressed == null || drawing().isEmpty()) {
            return;
        }
        Point from = pressed;
        boolean click = click(from, sheet);
        if (framer != null) {
            dragged = sheet;
            if (!click) {
                frame();
            }
        }
        pressed = null;
        dragged = null;
        if (chosen != null && pending != null && !click) {
            Mark moved = pending;
            pending = null;
            Handle at = chosen;
            project.apply(
                    at.index() == Handle.HELD
                            ? FigureEdits.hold(figure, at.mark(), ((Mark.Held) moved).held())
                            : FigureEdits.movePoint(
                                    figure, at.mark(), at.index(), moved.points().get(at.index())));
        } else if (chosen == null && pending != null) {
            Point spot = drawing.still(from).orElseThrow(); // it was pressed on the picture
            Mark mark = click ? made(spot, spot) : pending;
            pending = null;
            project.apply(FigureEdits.addMark(figure, mark::withId));
            chooseNewest();
            return;
        }
        pending = null;
        redraw();
    }

    private boolean click(Point from, Point to) {
        return from.distance(to) < CLICK * Math.max(drawing.width(), drawing.height());
    }
}
