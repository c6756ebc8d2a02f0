package methodos.desktop.seam;

import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.collections.SetChangeListener;
import javafx.geometry.Orientation;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.control.ScrollBar;
import javafx.scene.image.Image;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Region;
import methodos.core.description.Id;
import methodos.core.edit.StepEdits;
import methodos.core.figure.ProposedStill;
import methodos.core.manual.Clip;
import methodos.core.manual.Span;
import methodos.core.manual.Step;
import methodos.core.narration.Caption;
import methodos.core.narration.Captions;
import methodos.desktop.drafting.ProposedStills;
import methodos.desktop.footage.FilmStrip;
import methodos.desktop.project.OpenProject;
import methodos.desktop.theme.Surface;
import methodos.desktop.theme.Theme;

/**
 * The seam: film, words and steps along time that runs downward. One canvas draws what is in view,
 * so that an hour of footage scrolls like a minute.
 */
public final class SeamView extends Region {

    private static final double BAR = 12;

    /** The least width at which words and cards can be read. */
    static final double LEAST = SeamColumns.LEAST + BAR;

    private static final double GRIP = 7;
    private static final double NEAREST_SCALE = 60;
    private static final double FURTHEST_SCALE = 1.5;

    private final OpenProject project;
    private final SeamState state;
    private final ProposedStills stills;
    private final Theme theme;
    private final Surface canvas = new Surface();
    private final ScrollBar bar = new ScrollBar();
    private final FilmStrip film;
    private final Wrapping words = wrapping(14);
    private final Wrapping asides = wrapping(13);
    private final Wrapping texts = wrapping(15);
    private Consumer<Moment> onLook = m -> {};
    private Consumer<Optional<Moment>> onPoint = m -> {};
    private boolean pointing;
    private SeamLayout layout;
    private boolean stale = true;
    private double paintedTop;
    private double paintedScale;
    private final CaptionField captionField;
    private SeamLayout.Bracket dragged;
    private boolean draggedEnd;
    private Moment pressed;

    /** The frame of the film that was taken hold of, null where none was. */
    private Moment frame;

    private BiConsumer<Id<Step>, Moment> onStill = (s, m) -> {};

    public SeamView(OpenProject project, SeamState state, ProposedStills stills, Theme theme) {
        this.stills = stills;
        this.project = project;
        this.state = state;
        this.theme = theme;
        this.film = new FilmStrip(project, this::redraw);
        setId("seam");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.LIST_VIEW);
        getStyleClass().add("seam");
        bar.setOrientation(Orientation.VERTICAL);
        bar.setFocusTraversable(false);
        captionField = new CaptionField(project.words(), this);
        captionField.setManaged(false);
        getChildren().addAll(canvas, bar, captionField);
        bar.valueProperty().addListener(o -> redraw());
        project.workspace().addListener(o -> relayout());
        theme.palette().addListener(o -> redraw());
        project.sight().addListener(o -> relayout());
        state.step().addListener(o -> chosenChanged());
        state.also().addListener((SetChangeListener<Id<Step>>) c -> redraw());
        state.span().addListener(o -> redraw());
        state.time().addListener(o -> redraw());
        state.clip().addListener(o -> redraw());
        state.scale().addListener(o -> relayout());
        setOnScroll(this::scroll);
        setOnMousePressed(this::press);
        setOnMouseDragged(this::drag);
        setOnMouseReleased(this::release);
        setOnMouseMoved(this::point);
        setOnMouseExited(e -> pointNowhere());
    }

    private static Wrapping wrapping(double size) {
        return new Wrapping(t -> TextMeasure.width(t, Theme.text(size)));
    }

    /** Called with the moment that is pointed at. */
    void onLook(Consumer<Moment> listener) {
        onLook = listener;
    }

    /** Called with the moment of the film that the pointer is over, and when it leaves the film. */
    void onPoint(Consumer<Optional<Moment>> listener) {
        onPoint = listener;
    }

    private void point(MouseEvent e) {
        boolean film = e.getX() >= SeamColumns.EDGE_X && e.getX() < columns().words() - 10;
        if (film && current() != null) {
            pointing = true;
            onPoint.accept(current().at(e.getY() + bar.getValue()));
        } else {
            pointNowhere();
        }
    }

    private SeamColumns columns() {
        return SeamColumns.of(canvas.getWidth());
    }

    private void pointNowhere() {
        if (pointing) {
            pointing = false;
            onPoint.accept(Optional.empty());
        }
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth() - BAR;
        if (canvas.getWidth() != width || canvas.getHeight() != getHeight()) {
            canvas.size(width, getHeight());
            bar.resizeRelocate(width, 0, BAR, getHeight());
            stale = true;
        }
        if (current() != null) {
            paint();
        }
    }

    /** Lays everything out anew before it is drawn or asked about next. */
    private void relayout() {
        stale = true;
        redraw();
    }

    /** Draws once with the next picture of the window, however often it is asked for. */
    private void redraw() {
        requestLayout();
    }

    /** The layout as it is now; null while the view has no size. */
    private SeamLayout current() {
        if (stale && canvas.getWidth() > 0) {
            stale = false;
            layout =
                    new SeamLayout(
                            project.workspace().get(),
                            project.sight().get(),
                            state.scale().get(),
                            columns(),
                            new SeamLayout.Writing(
                                    words,
                                    asides,
                                    texts,
                                    project.words().of("seam.untold"),
                                    project.words().of("seam.wordless"),
                                    s -> Asks.of(s, project.manual(), project.words())),
                            step -> stills.of(step).map(ProposedStill::still));
            double max = Math.max(0, layout.height() - getHeight());
            bar.setMax(max);
            bar.setVisibleAmount(max <= 0 ? 1 : max * getHeight() / layout.height());
            bar.setUnitIncrement(40);
            bar.setBlockIncrement(getHeight() * 0.8);
            bar.setValue(Math.min(bar.getValue(), max));
        }
        return layout;
    }

    private void paint() {
        double top = Math.rint(bar.getValue()); // whole pixels are sharp and quickly drawn
        film.newView(top != paintedTop || layout.scale() != paintedScale);
        paintedTop = top;
        paintedScale = layout.scale();
        new SeamPainter(canvas.covered(), theme.palette().get(), project.words(), film::at)
                .paint(
                        layout,
                        state,
                        project.workspace().get(),
                        top,
                        canvas.getWidth(),
                        canvas.getHeight());
    }

    /** A still at hand from near a time. */
    Optional<Image> still(Clip clip, double time) {
        return film.near(clip, time);
    }

    /** Whether all stills in view are there. */
    public boolean complete() {
        return film.complete();
    }

    private void chosenChanged() {
        Id<Step> id = state.step().get();
        setAccessibleText(
                id == null
                        ? project.words().of("seam.name")
                        : project.manual().step(id).map(Step::text).orElse(""));
        redraw();
    }

    /** Chooses a step, shows its footage, and brings it into view; the keys are meant for it. */
    void choose(Id<Step> step) {
        requestFocus();
        project.manual().step(step).ifPresent(this::choose);
        reveal(step);
    }

    /** Scrolls so that a step's card is in view. */
    public void reveal(Id<Step> step) {
        if (current() != null) {
            current().card(step).ifPresent(c -> revealHeight(c.y(), c.height()));
        }
    }

    /** The steps whose cards are whole in view, from the upper edge down. */
    public List<Step> inView() {
        double top = bar.getValue();
        double bottom = top + getHeight();
        return current() == null
                ? List.of()
                : current().cards().stream()
                        .filter(c -> c.y() >= top && c.y() + c.height() <= bottom)
                        .map(SeamLayout.Card::step)
                        .toList();
    }

    void revealMoment(Id<Clip> clip, double time) {
        if (current() != null) {
            current().y(clip, time).ifPresent(y -> revealHeight(y, 60));
        }
    }

    private void revealHeight(double y, double height) {
        if (y < bar.getValue() + 10 || y + height > bar.getValue() + getHeight() - 10) {
            bar.setValue(Math.max(0, Math.min(bar.getMax(), y - getHeight() / 3)));
        }
    }

    private void scroll(ScrollEvent e) {
        if (e.isControlDown()) {
            double under = bar.getValue() + e.getY();
            Optional<Moment> kept = current() == null ? Optional.empty() : current().at(under);
            double scale = state.scale().get() * (e.getDeltaY() > 0 ? 1.2 : 1 / 1.2);
            state.scale().set(Math.max(FURTHEST_SCALE, Math.min(NEAREST_SCALE, scale)));
            kept.flatMap(m -> current().y(m.clip().id(), m.time()))
                    .ifPresent(
                            y -> bar.setValue(Math.max(0, Math.min(bar.getMax(), y - e.getY()))));
        } else {
            bar.setValue(Math.max(0, Math.min(bar.getMax(), bar.getValue() - e.getDeltaY() * 1.6)));
        }
        e.consume();
    }

    private void press(MouseEvent e) {
        requestFocus();
        double y = e.getY() + bar.getValue();
        dragged = null;
        pressed = null;
        frame = null;
        if (current() == null) {
            return;
        }
        if (e.getButton() == MouseButton.SECONDARY && overWords(e.getX()) && chosenAt(y)) {
            return; // the menu is for what is chosen, at the moment that is shown
        }
        if (e.getX() >= columns().cards()) {
            current().cardAt(y).ifPresent(c -> press(c.step(), e));
            return;
        }
        if (Math.abs(e.getX() - columns().brackets()) <= GRIP) {
            grip(y);
            if (dragged != null) {
                return;
            }
        }
        Optional<SeamLayout.WordBlock> block =
                overWords(e.getX()) ? current().wordsAt(y) : Optional.empty();
        if (block.isPresent()) {
            var b = block.get();
            state.span().set(new Span(b.clip().id(), b.caption().start(), b.caption().end()));
            look(new Moment(b.clip(), b.caption().start()));
            pressed = new Moment(b.clip(), b.caption().start());
        } else {
            current()
                    .at(y)
                    .ifPresent(
                            m -> {
                                pressed = m;
                                frame = m;
                                state.span().set(null);
                                look(m);
                            });
        }
    }

    /** Whether a place of the seam is among the words. */
    boolean overWords(double x) {
        return x >= columns().words() - 10 && x < columns().brackets() - GRIP;
    }

    private boolean chosenAt(double y) {
        return current().wordsAt(y).filter(b -> chosen(b, state.span().get())).isPresent();
    }

    private static boolean chosen(SeamLayout.WordBlock block, Span span) {
        Caption c = block.caption();
        return span != null
                && !block.silent()
                && span.clip().equals(block.clip().id())
                && span.contains(Captions.middle(c));
    }

    /** The first of the chosen words; empty where none are chosen. */
    Optional<SeamLayout.WordBlock> chosenWords() {
        return current() == null
                ? Optional.empty()
                : current().blocks().stream()
                        .filter(b -> chosen(b, state.span().get()))
                        .findFirst();
    }

    /**
     * Opens words where they stand, to be corrected.
     *
     * @param keep called with other words than before
     */
    void correct(SeamLayout.WordBlock block, Consumer<String> keep) {
        revealHeight(block.y(), block.height());
        captionField.open(block.caption(), keep);
        captionField.resize(columns().wordsWidth() + 16, captionField.prefHeight(-1));
        captionField.relocate(
                columns().words() - 8,
                Math.min(
                        block.y() - bar.getValue() - 4,
                        getHeight() - captionField.prefHeight(-1) - 4));
    }

    /** With Ctrl one more, with Shift all up to it; a menu is for all that are chosen. */
    private void press(Step step, MouseEvent e) {
        if (e.isShortcutDown()) {
            state.toggle(step.id());
        } else if (e.isShiftDown()) {
            state.chooseTo(project.manual(), step.id());
        } else if (e.getButton() != MouseButton.SECONDARY || !state.isChosen(step.id())) {
            state.also().clear();
            choose(step);
        }
    }

    private void choose(Step step) {
        state.step().set(step.id());
        if (!step.spans().isEmpty()) {
            Span span = step.spans().get(0);
            state.span().set(span);
            double time =
                    stills.of(step)
                            .map(p -> p.still().time())
                            .orElse((span.start() + span.end()) / 2);
            project.manual().clip(span.clip()).ifPresent(c -> look(new Moment(c, time)));
        }
    }

    private void look(Moment moment) {
        state.clip().set(moment.clip().id());
        state.time().set(moment.time());
        onLook.accept(moment);
    }

    private void grip(double y) {
        for (SeamLayout.Bracket b : current().brackets()) {
            if (Math.abs(b.from() - y) <= GRIP || Math.abs(b.to() - y) <= GRIP) {
                dragged = b;
                draggedEnd = Math.abs(b.to() - y) <= GRIP;
                state.step().set(b.step());
                return;
            }
        }
    }

    /** Called with a moment of the film that was dragged to a step. */
    void onStill(BiConsumer<Id<Step>, Moment> listener) {
        onStill = listener;
    }

    /** The step that a frame of the film is dragged to just now. */
    private Optional<SeamLayout.Card> dropped(MouseEvent e) {
        boolean over = frame != null && e.getX() >= columns().cards() && current() != null;
        return over ? current().cardAt(e.getY() + bar.getValue()) : Optional.empty();
    }

    private void release(MouseEvent e) {
        dragged = null;
        Moment moment = frame;
        Optional<SeamLayout.Card> card = dropped(e);
        frame = null;
        setCursor(null);
        card.ifPresent(
                c -> {
                    look(moment);
                    state.step().set(c.step().id());
                    onStill.accept(c.step().id(), moment);
                });
    }

    private void drag(MouseEvent e) {
        if (current() == null) {
            return;
        }
        double y = e.getY() + bar.getValue();
        if (frame != null && e.getX() >= columns().brackets()) {
            setCursor(dropped(e).isPresent() ? Cursor.HAND : Cursor.CLOSED_HAND);
            state.span().set(null);
            return;
        }
        if (dragged != null) {
            current().at(y).ifPresent(this::dragBracket);
        } else if (pressed != null) {
            current()
                    .at(y)
                    .filter(m -> m.clip().equals(pressed.clip()))
                    .ifPresent(
                            m -> {
                                state.span()
                                        .set(
                                                new Span(
                                                        m.clip().id(),
                                                        Math.min(m.time(), pressed.time()),
                                                        Math.max(m.time(), pressed.time())));
                                look(m);
                            });
        }
    }

    private void dragBracket(Moment m) {
        project.manual()
                .step(dragged.step())
                .map(s -> s.spans().get(dragged.index()))
                .filter(s -> s.clip().equals(m.clip().id()))
                .ifPresent(
                        span -> {
                            double from =
                                    draggedEnd ? span.start() : Math.min(m.time(), span.end() - .1);
                            double to =
                                    draggedEnd ? Math.max(m.time(), span.start() + .1) : span.end();
                            project.apply(
                                    StepEdits.span(
                                            dragged.step(),
                                            dragged.index(),
                                            new Span(span.clip(), from, to)));
                            look(m);
                        });
    }

    Optional<SeamLayout.WordBlock> nextOpen() {
        if (current() == null) {
            return Optional.empty();
        }
        double from =
                state.clip().get() == null
                        ? 0
                        : current().y(state.clip().get(), state.time().get()).orElse(0.0);
        return current().nextOpen(from);
    }

    void close() {
        film.close();
    }
}
