package methodos.core.figure;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.MarkCases;
import methodos.core.manual.Point;
import methodos.core.words.Words;

/** Draws the marks of a picture: regions first, then what lies on them, the balloons over all. */
final class MarkDrawing implements MarkCases<MarkDrawing.Layered> {

    private enum Layer {
        COVERS,
        REGIONS,
        SCALES,
        DETAILS,
        LENGTHS,
        SHIFTS,
        TURNS,
        MATCHES,
        FEELS,
        SCREWS,
        ORDERS,
        LABELS,
        CALLOUTS
    }

    record Layered(Layer layer, Runnable draw) {}

    private final FigureSheet sheet;
    private final Figure figure;
    private final List<Mark> marks;
    private final Manual manual;
    private final Words words;
    private Optional<PictureScale> scale = Optional.empty();
    private boolean screwsDrawn;
    private boolean calloutsDrawn;

    /**
     * @param marks of the figure, as far as the picture shows them
     */
    MarkDrawing(FigureSheet sheet, Figure figure, List<Mark> marks, Manual manual, Words words) {
        this.sheet = sheet;
        this.figure = figure;
        this.marks = marks;
        this.manual = manual;
        this.words = words;
    }

    void draw(Optional<PictureScale> known) {
        scale = known;
        marks.stream()
                .map(m -> m.map(this))
                .sorted(Comparator.comparing(Layered::layer))
                .forEach(l -> l.draw().run());
    }

    private <M extends Mark> List<M> all(Class<M> kind) {
        return marks.stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    private List<Point> spots(Mark but) {
        return marks.stream()
                .filter(m -> m != but && !(m instanceof Mark.Scale))
                .flatMap(m -> sheet.at(m.points()).stream())
                .toList();
    }

    @Override
    public Layered callout(Mark.Callout mark) {
        return new Layered(Layer.CALLOUTS, this::callouts);
    }

    /** Balloons find their places together. */
    private void callouts() {
        if (!calloutsDrawn) {
            calloutsDrawn = true;
            CalloutDrawing.draw(sheet, all(Mark.Callout.class), manual);
        }
    }

    @Override
    public Layered screwPlace(Mark.ScrewPlace mark) {
        return new Layered(Layer.SCREWS, this::screws);
    }

    /** Screws share one key. */
    private void screws() {
        if (!screwsDrawn) {
            screwsDrawn = true;
            ScrewDrawing.map(sheet, all(Mark.ScrewPlace.class), manual, words);
        }
    }

    @Override
    public Layered screwOrder(Mark.ScrewOrder mark) {
        return new Layered(
                Layer.ORDERS,
                () -> ScrewDrawing.order(sheet, mark, OrderWords.of(figure, mark, manual, words)));
    }

    @Override
    public Layered turn(Mark.Turn mark) {
        return new Layered(Layer.TURNS, () -> ArrowDrawing.turn(sheet, mark));
    }

    @Override
    public Layered shift(Mark.Shift mark) {
        return new Layered(Layer.SHIFTS, () -> ArrowDrawing.shift(sheet, mark));
    }

    @Override
    public Layered detail(Mark.Detail mark) {
        return new Layered(Layer.DETAILS, () -> DetailDrawing.draw(sheet, mark, spots(mark)));
    }

    @Override
    public Layered outline(Mark.Outline mark) {
        return new Layered(Layer.REGIONS, () -> OutlineDrawing.draw(sheet, mark));
    }

    @Override
    public Layered length(Mark.Length mark) {
        return new Layered(Layer.LENGTHS, () -> LengthDrawing.length(sheet, mark, scale, words));
    }

    @Override
    public Layered scale(Mark.Scale mark) {
        return new Layered(Layer.SCALES, () -> LengthDrawing.scale(sheet, mark, words));
    }

    @Override
    public Layered matchMark(Mark.MatchMark mark) {
        return new Layered(Layer.MATCHES, () -> NoteDrawing.match(sheet, mark));
    }

    @Override
    public Layered byFeel(Mark.ByFeel mark) {
        return new Layered(Layer.FEELS, () -> NoteDrawing.feel(sheet, mark));
    }

    @Override
    public Layered label(Mark.Label mark) {
        return new Layered(
                Layer.LABELS, () -> NoteDrawing.label(sheet, mark, words.of("figure.label.empty")));
    }

    @Override
    public Layered cover(Mark.Cover mark) {
        return new Layered(Layer.COVERS, () -> sheet.handles(mark));
    }
}
