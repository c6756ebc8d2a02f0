package methodos.desktop.figure;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.beans.value.ObservableBooleanValue;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.check.OpenPoint;
import methodos.core.description.Id;
import methodos.core.edit.FigureEdits;
import methodos.core.edit.StepEdits;
import methodos.core.figure.FigureText;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Step;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.FileChoice;
import methodos.desktop.control.Halves;
import methodos.desktop.control.Held;
import methodos.desktop.control.PartLine;
import methodos.desktop.control.Scrolled;
import methodos.desktop.control.Sideways;
import methodos.desktop.filmfigure.FilmFigureView;
import methodos.desktop.footage.FootageDesk;
import methodos.desktop.place.OpenPointList;
import methodos.desktop.place.Place;
import methodos.desktop.place.PlaceView;
import methodos.desktop.project.OpenProject;
import methodos.desktop.unit.UnitsButton;

/**
 * The place Figures: one figure large with its marks, what can be done to it, all figures below.
 */
public final class FigurePlace implements PlaceView {

    private static final double SIDE = 284;
    private static final double SCRUBBER = 370;

    /** So high is what is told of the chosen mark at most; the rest is scrolled. */
    private static final double CHOSEN = 260;

    /** Below this height the picture is scrolled rather than shown smaller. */
    private static final double LEAST_PICTURE = 200;

    /** What can be done where there is no figure yet. */
    private static final Set<String> WITHOUT_FIGURE = Set.of("importPicture", "fromFilm");

    private final OpenProject project;
    private final Words words;
    private final FileChoice fileChoice;
    private final Consumer<String> message;
    private final StillCache stills;
    private final PreparedPictures pictures;
    private final FigureBench bench;
    private final FigureCanvas canvas;
    private final Halves node;
    private final FlowPane head = new FlowPane(8, 4);
    private final VBox below = new VBox(6);
    private final FigureOrder order;
    private final FigureStrip strip;
    private final TextField title;
    private final UnitsButton units;
    private final Button lacking;
    private final FilmMode film;
    private final Consumer<OpenPoint> go;
    private final TextArea reads;
    private final VBox legible = new VBox(4);
    private final Label empty;
    private final VBox side = new VBox(10);
    private final VBox tabs = new VBox();
    private final ToolList tools;
    private final ChosenMark chosenMark;
    private final PicturePanel picturePanel;
    private final BesidePanel besidePanel;
    private final StillChoice choice;
    private final Scrubber scrubber;
    private final StillExchange exchange;
    private final PictureFiles files;
    private final LegibleView legibility;
    private Runnable retitled = () -> {};
    private Id<Figure> figure;
    private List<Object> choiceOf = List.of();

    /**
     * @param message where to say what went wrong
     */
    public FigurePlace(
            OpenProject project,
            FootageDesk desk,
            FileChoice fileChoice,
            Consumer<String> message,
            Consumer<OpenPoint> go) {
        this.project = project;
        this.fileChoice = fileChoice;
        this.words = project.words();
        this.node = new Halves(words, 560);
        this.message = message;
        this.go = go;
        this.lacking = Controls.link("nextWithoutFigure", "", this::nextWithoutFigure);
        this.film =
                new FilmMode(
                        node,
                        new FilmFigureView(project, desk, message, this::leaveFilm, this::show));
        this.stills = new StillCache(project, this::arrived, message);
        this.pictures = new PreparedPictures(stills, project.background(), this::repainted);
        this.order = new FigureOrder(project);
        this.strip =
                new FigureStrip(
                        project,
                        stills,
                        order,
                        this::show,
                        step -> go.accept(OpenPoint.toStep(step)));
        this.bench = new FigureBench(project, pictures, message);
        MarkKeys keys = new MarkKeys(project, bench, message);
        this.canvas = new FigureCanvas(project, bench, keys, pictures, message);
        this.choice = new StillChoice(project, this::take);
        this.scrubber = new Scrubber(words, desk, canvas::preview, this::take, message);
        this.exchange = new StillExchange(project, desk);
        this.files = new PictureFiles(project, message, this::show);
        this.legibility = new LegibleView(project, pictures, legible);
        this.tools = new ToolList(project, bench, this::otherPart);
        this.chosenMark = new ChosenMark(project, bench, keys, message);
        this.picturePanel = new PicturePanel(project, bench, canvas::requestFocus);
        this.besidePanel = new BesidePanel(project, this::show);
        this.title = Controls.named(new TextField(), "figureTitle", words.of("figure.title"));
        this.units = new UnitsButton(project, "figure", words.of("figure.units"));
        this.reads = Controls.named(new TextArea(), "reads", words.of("figure.reads.head"));
        this.empty = Controls.prose(words.of("figure.empty"), "soft");
        empty.setId("noFigure");
        empty.setMaxSize(Double.MAX_VALUE, Double.MAX_VALUE);
        empty.setAlignment(Pos.CENTER);
        bench.onChange(this::benchChanged);
        typing();
        film.usual(center(), sideScroll(go));
        project.workspace().addListener(o -> refresh());
        project.sight().addListener(o -> refresh());
        refresh();
    }

    private void typing() {
        title.setPromptText(words.of("figure.title"));
        title.textProperty()
                .addListener(
                        (o, was, is) -> {
                            if (current().isPresent() && !is.equals(current().get().title())) {
                                project.apply(FigureEdits.title(figure, is));
                            }
                        });
        reads.setWrapText(true);
        reads.setPrefRowCount(4);
        reads.textProperty()
                .addListener(
                        (o, was, is) -> {
                            if (reads.isFocused() && current().isPresent()) {
                                project.apply(FigureEdits.reads(figure, is.strip()));
                            }
                        });
        reads.focusedProperty().addListener((o, was, is) -> refresh());
    }

    private ScrollPane center() {
        canvas.setMinHeight(LEAST_PICTURE);
        VBox.setVgrow(canvas, Priority.ALWAYS);
        head.getChildren()
                .setAll(
                        Controls.label(words.of("figure.stills"), "strong"),
                        Controls.label(words.of("figure.stills.how"), "soft"),
                        scrubber);
        head.setAlignment(Pos.CENTER_LEFT);
        scrubber.setPrefWidth(SCRUBBER);
        scrubber.setMinWidth(SCRUBBER);
        VBox.setVgrow(empty, Priority.ALWAYS);
        below.getChildren()
                .setAll(
                        head,
                        new Sideways(choice),
                        Controls.row(12, Controls.label(words.of("figure.all"), "strong"), lacking),
                        strip);
        VBox center = new VBox(6, canvas, empty, below);
        center.setPadding(new Insets(14, 16, 4, 18));
        return new Scrolled(center);
    }

    private Region sideScroll(Consumer<OpenPoint> go) {
        ToggleGroup group = new ToggleGroup();
        HBox heads = new HBox(2);
        VBox marks =
                new VBox(
                        10,
                        tools,
                        Controls.label(words.of("figure.reads.head"), "panel-head"),
                        reads,
                        legible);
        heads.getChildren()
                .addAll(
                        tab("marks", marks, group),
                        tab("picture", picturePanel, group),
                        tab("beside", besidePanel, group));
        ToggleButton first = (ToggleButton) heads.getChildren().get(0);
        first.fire();
        side.getChildren()
                .addAll(
                        title,
                        units,
                        heads,
                        tabs,
                        Controls.link("fromFilm", words.of("figure.film"), this::openFilm),
                        Controls.link(
                                "importPicture", words.of("figure.import"), this::chooseImport),
                        Controls.link("saveFigure", words.of("figure.save"), this::chooseSave),
                        Controls.link("deleteFigure", words.of("figure.delete"), this::delete),
                        new OpenPointList(project, Place.FIGURES, go));
        side.setPadding(new Insets(14));
        ScrollPane scroll = new ScrollPane(side);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(0);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        Held.top(scroll);
        VBox all = new VBox(scroll, chosenFoot(first.selectedProperty()));
        all.setPrefWidth(SIDE);
        all.setMinWidth(SIDE);
        all.getStyleClass().add("side");
        return all;
    }

    /** What the chosen mark tells stands below the lists, which therefore stay where they are. */
    private Region chosenFoot(ObservableBooleanValue marks) {
        chosenMark.setPadding(new Insets(10, 14, 10, 14));
        ScrollPane foot = new ScrollPane(chosenMark);
        foot.setFitToWidth(true);
        foot.setMinHeight(Region.USE_PREF_SIZE);
        foot.setMaxHeight(CHOSEN);
        foot.getStyleClass().add("chosen-foot");
        foot.visibleProperty().bind(chosenMark.managedProperty().and(marks));
        foot.managedProperty().bind(foot.visibleProperty());
        return foot;
    }

    private ToggleButton tab(String name, Node content, ToggleGroup group) {
        ToggleButton button = new ToggleButton(words.of("figure.tab." + name));
        button.setId("tab-" + name);
        button.setToggleGroup(group);
        button.getStyleClass().add("tab-head");
        button.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(button, Priority.ALWAYS);
        button.setOnAction(
                e -> {
                    button.setSelected(true);
                    if (bench.framer().isPresent()) {
                        bench.take((FigureBench.Framer) null);
                    }
                    tabs.getChildren().setAll(content);
                });
        return button;
    }

    private Optional<Figure> current() {
        return figure == null ? Optional.empty() : project.manual().figure(figure);
    }

    /** Shows a figure, and brings it into view among all. */
    public void show(Id<Figure> shown) {
        figure = shown;
        refresh();
        strip.reveal(figure);
        retitled.run();
    }

    private void arrived() {
        strip.renew();
        refresh();
    }

    private void repainted() {
        bench.redraw();
        current().ifPresent(legibility::show);
    }

    private void refresh() {
        if (current().isEmpty()) {
            figure = project.manual().figures().isEmpty() ? null : order.all().get(0);
        }
        strip.fill(figure);
        int without = order.lacking().size();
        lacking.setText(words.of("figure.lacking", without));
        Controls.seen(lacking, without > 0);
        Figure now = current().orElse(null);
        fillChoice(now);
        boolean none = now == null;
        Controls.seen(empty, none);
        Controls.seen(canvas, !none);
        Controls.seen(below, !none);
        side.getChildren()
                .forEach(n -> Controls.seen(n, !none || WITHOUT_FIGURE.contains("" + n.getId())));
        if (none) {
            bench.show(null);
            return;
        }
        if (!title.getText().equals(now.title())) {
            title.setText(now.title());
        }
        units.show(now.applicability(), a -> project.apply(FigureEdits.applicability(now.id(), a)));
        String text = FigureText.of(now, project.manual(), words);
        if (!reads.isFocused() && !reads.getText().equals(text)) {
            reads.setText(text);
        }
        bench.show(figure);
        legibility.show(now);
    }

    private void benchChanged() {
        canvas.repaint();
        bench.figure()
                .filter(f -> !bench.dragging())
                .ifPresent(
                        f -> {
                            tools.show(f, parts());
                            chosenMark.show(f);
                            picturePanel.show(f);
                            besidePanel.show(f, otherFigures());
                        });
    }

    /** A part that gets a callout belongs to the step of the figure. */
    private void otherPart(String name) {
        Optional<Step> step = order.stepOf(figure);
        if (step.isEmpty()) {
            message.accept(words.of("figure.ofNoStep"));
            return;
        }
        Optional<Part> known = PartLine.part(project.manual(), name);
        project.apply(
                known.map(p -> StepEdits.part(step.get().id(), p.id(), 1))
                        .orElseGet(() -> StepEdits.newPart(step.get().id(), name)));
        Part part =
                known.orElseGet(
                        () -> project.manual().parts().get(project.manual().parts().size() - 1));
        bench.take(part.id());
        canvas.requestFocus();
    }

    /** Opens on the figures of a step, unless one of them is shown already. */
    public void open(Id<Step> step) {
        List<Id<Figure>> ofStep = project.manual().step(step).map(Step::figures).orElse(List.of());
        if (!ofStep.isEmpty() && !ofStep.contains(figure)) {
            leaveFilm();
            show(ofStep.get(0));
        }
    }

    /** Goes to the next step without a figure behind the one that is shown, to give it a still. */
    private void nextWithoutFigure() {
        order.nextLacking(figure).ifPresent(s -> go.accept(OpenPoint.toStep(s.id())));
    }

    private List<Part> parts() {
        return order.stepOf(figure).map(Step::parts).orElse(List.of()).stream()
                .map(PartUse::part)
                .flatMap(p -> project.manual().part(p).stream())
                .toList();
    }

    /** Those of the same step first, then the others in order. */
    private List<Figure> otherFigures() {
        Manual manual = project.manual();
        List<Id<Figure>> near =
                new ArrayList<>(order.stepOf(figure).map(Step::figures).orElse(List.of()));
        order.all().stream().filter(id -> !near.contains(id)).forEach(near::add);
        return near.stream().flatMap(id -> manual.figure(id).stream()).toList();
    }

    private void fillChoice(Figure now) {
        Step step = now == null ? null : order.stepOf(now.id()).orElse(null);
        List<Object> key = new ArrayList<>();
        key.add(now == null ? "" : now.id());
        key.add(now == null || now.still() == null ? "" : now.still());
        key.add(step == null ? "" : step.spans());
        if (now != null && now.still() != null) {
            key.add(project.workspace().get().scan(now.still().clip()).isPresent());
        }
        if (key.equals(choiceOf)) {
            return;
        }
        choiceOf = key;
        choice.show(now, step);
        Clip clip =
                now == null || now.still() == null
                        ? null
                        : project.manual().clip(now.still().clip()).orElse(null);
        scrubber.show(clip, clip == null ? 0 : now.still().time());
    }

    private void take(Clip clip, double time) {
        current().ifPresent(f -> exchange.take(f, clip, time, message));
    }

    /** Shows what the film proposes, from the first step without a figure behind the one shown. */
    private void openFilm() {
        film.open(order.nextLacking(figure).map(Step::id).orElse(null));
        retitled.run();
    }

    private void leaveFilm() {
        if (film.open()) {
            film.leave();
            canvas.requestFocus();
            retitled.run();
        }
    }

    private void chooseImport() {
        fileChoice.open(node, words.of("figure.import"), false).forEach(this::importPicture);
    }

    /** Brings a picture in as a figure of its own; reading it happens beside the interface. */
    public void importPicture(Path file) {
        files.bring(file, order.stepOf(figure).map(Step::id).orElse(null));
    }

    private void chooseSave() {
        fileChoice
                .save(node, words.of("figure.save"), "png", "svg")
                .ifPresent(file -> current().ifPresent(f -> files.save(f, file)));
    }

    private void delete() {
        if (figure != null) {
            project.apply(FigureEdits.delete(figure));
        }
    }

    @Override
    public Region node() {
        return node;
    }

    @Override
    public String subtitle() {
        return film.open()
                ? words.of("film.subtitle")
                : current().map(this::said).orElse(words.of("figure.none"));
    }

    private String said(Figure f) {
        int n = order.all().indexOf(f.id()) + 1;
        return f.title().isBlank()
                ? words.of("figure.number", n)
                : words.of("figure.numberTitle", n, f.title());
    }

    @Override
    public void onSubtitle(Runnable title) {
        retitled = title;
    }

    @Override
    public void go(OpenPoint point) {
        if (point.subject() != null) {
            leaveFilm();
            show(new Id<>(point.subject()));
        }
    }

    @Override
    public boolean ready() {
        return stills.complete() && choice.complete() && pictures.complete() && film.ready();
    }

    @Override
    public void close() {
        film.close();
        stills.close();
        pictures.close();
        files.close();
        legibility.close();
        choice.close();
    }
}
