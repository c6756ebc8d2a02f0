package methodos.desktop.figure;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.image.ImageView;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import methodos.core.check.OpenPoint;
import methodos.core.check.Place;
import methodos.core.edit.FigureEdits;
import methodos.core.figure.FigureText;
import methodos.core.manual.Clip;
import methodos.core.manual.Figure;
import methodos.core.manual.Manual;
import methodos.core.manual.Mark;
import methodos.core.manual.Part;
import methodos.core.manual.PartUse;
import methodos.core.manual.Point;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.footage.FootageDesk;
import methodos.desktop.project.OpenProject;
import methodos.desktop.window.OpenPointList;
import methodos.desktop.window.PlaceView;

/** The place Figures: one figure large with its marks, the parts to point at, all figures below. */
public final class FigurePlace implements PlaceView {

    private static final double STRIP = 88;

    /** What is picked while screws are clicked; no part has this id. */
    private static final String ORDER = "#order";

    private final OpenProject project;
    private final Words words;
    private final Consumer<String> message;
    private final FigureCanvas canvas;
    private final BorderPane node = new BorderPane();
    private final HBox strip = new HBox(8);
    private final ScrollPane stripScroll = new ScrollPane();
    private final VBox parts = new VBox(4);
    private final Label reads;
    private final TextField title;
    private final Label empty;
    private final ToggleGroup picked = new ToggleGroup();
    private final StillCache stills;
    private final StillChoice choice;
    private final StillExchange exchange;
    private String figure;

    /**
     * @param message where to say what went wrong
     */
    public FigurePlace(
            OpenProject project,
            FootageDesk desk,
            Consumer<String> message,
            Consumer<OpenPoint> go) {
        this.project = project;
        this.choice = new StillChoice(project, this::take);
        this.exchange = new StillExchange(project, desk);
        this.words = project.words();
        this.message = message;
        this.canvas = new FigureCanvas(project);
        this.stills = new StillCache(project, this::refresh, message);
        this.reads = Controls.prose("", "soft");
        this.title = Controls.named(new TextField(), "figureTitle", words.of("figure.title"));
        this.empty = Controls.prose(words.of("figure.empty"), "soft");
        title.setPromptText(words.of("figure.title"));
        title.textProperty()
                .addListener(
                        (o, was, is) -> {
                            if (current().isPresent() && !is.equals(current().get().title())) {
                                project.apply(FigureEdits.title(figure, is));
                            }
                        });
        canvas.onPicture(this::place);
        VBox.setVgrow(canvas, Priority.ALWAYS);
        stripScroll.setContent(strip);
        stripScroll.setMinHeight(STRIP);
        stripScroll.setPrefHeight(STRIP);
        stripScroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        stripScroll.getStyleClass().add("place");
        HBox choiceHead =
                new HBox(
                        6,
                        Controls.label(words.of("figure.stills"), "strong"),
                        Controls.label(words.of("figure.stills.how"), "soft"));
        VBox center =
                new VBox(
                        6,
                        canvas,
                        choiceHead,
                        choice,
                        Controls.label(words.of("figure.all"), "strong"),
                        stripScroll);
        center.setPadding(new Insets(14, 16, 4, 18));
        VBox side =
                new VBox(
                        12,
                        title,
                        Controls.label(words.of("figure.parts"), "panel-head"),
                        Controls.prose(words.of("figure.how"), "soft"),
                        parts,
                        Controls.label(words.of("figure.reads.head"), "panel-head"),
                        reads,
                        Controls.link("deleteMark", words.of("figure.deleteMark"), canvas::delete),
                        Controls.link("deleteFigure", words.of("figure.delete"), this::delete),
                        new OpenPointList(project, Place.FIGURES, go));
        side.setPadding(new Insets(14));
        ScrollPane sideScroll = new ScrollPane(side);
        sideScroll.setFitToWidth(true);
        sideScroll.setPrefWidth(276);
        sideScroll.setMinWidth(276);
        sideScroll.getStyleClass().add("side");
        node.setCenter(center);
        node.setRight(sideScroll);
        project.workspace().addListener(o -> refresh());
        project.sight().addListener(o -> refresh());
        refresh();
    }

    private Optional<Figure> current() {
        return figure == null ? Optional.empty() : project.manual().figure(figure);
    }

    /** Shows a figure, and brings it into view among all. */
    public void show(String shown) {
        figure = shown;
        refresh();
        List<String> all = ordered();
        if (all.size() > 1) { // the chosen one is in view
            stripScroll.setHvalue(all.indexOf(figure) / (all.size() - 1.0));
        }
    }

    private void refresh() {
        Manual manual = project.manual();
        if (current().isEmpty()) {
            figure = manual.figures().isEmpty() ? null : ordered().get(0);
        }
        fillStrip();
        Figure now = current().orElse(null);
        choice.show(now, now == null ? null : stepOf(now.id()).orElse(null));
        if (now == null) {
            canvas.show(null, null);
            parts.getChildren().setAll(empty);
            reads.setText("");
            return;
        }
        if (!title.getText().equals(now.title())) {
            title.setText(now.title());
        }
        canvas.show(now, stills.picture(now.picture()).orElse(null));
        reads.setText(FigureText.of(now, manual, words));
        fillParts(now);
    }

    private List<String> ordered() {
        Set<String> ids = new LinkedHashSet<>();
        project.manual().steps().forEach(s -> ids.addAll(s.figures()));
        project.manual().figures().forEach(f -> ids.add(f.id()));
        return List.copyOf(ids);
    }

    private Optional<Step> stepOf(String id) {
        return project.manual().steps().filter(s -> s.figures().contains(id)).findFirst();
    }

    private void fillStrip() {
        StepNumbers numbers = new StepNumbers(project.manual(), project.sight().get());
        strip.getChildren().clear();
        for (String id : ordered()) {
            Figure f = project.manual().figure(id).orElse(null);
            if (f == null) {
                continue;
            }
            ImageView view = new ImageView(stills.thumb(f.picture()).orElse(null));
            view.setFitWidth(StillCache.THUMB);
            view.setPreserveRatio(true);
            Button button = new Button(null, view);
            button.setId("figure-" + id);
            button.getStyleClass().add(id.equals(figure) ? "thumb-chosen" : "thumb");
            button.setOnAction(e -> show(id));
            String step =
                    stepOf(id)
                            .map(s -> numbers.of(s.id()))
                            .filter(n -> n.isPresent())
                            .map(n -> words.of("step.number", n.getAsInt()))
                            .orElse(words.of("figure.noStep"));
            button.setAccessibleText(step + " " + f.title());
            VBox box = new VBox(2, button, Controls.label(step, "soft"));
            box.setAlignment(Pos.TOP_LEFT);
            strip.getChildren().add(box);
        }
    }

    private void fillParts(Figure now) {
        List<Part> shown =
                stepOf(now.id()).map(Step::parts).orElse(List.of()).stream()
                        .map(PartUse::part)
                        .flatMap(p -> project.manual().part(p).stream())
                        .toList();
        String before = pickedPart();
        parts.getChildren().clear();
        picked.getToggles().clear();
        for (Part part : shown) {
            boolean placed =
                    now.marks().stream()
                            .anyMatch(
                                    m -> m instanceof Mark.Callout c && c.part().equals(part.id()));
            ToggleButton button = new ToggleButton(part.label());
            button.setId("pick-" + part.id());
            button.setUserData(part.id());
            button.setToggleGroup(picked);
            button.setGraphic(Controls.label(part.item(), placed ? "balloon" : "balloon-open"));
            button.setMaxWidth(Double.MAX_VALUE);
            button.getStyleClass().add("pick");
            button.setAccessibleText(
                    words.of(placed ? "figure.onPicture" : "figure.notOnPicture", part.label()));
            button.setSelected(part.id().equals(before));
            parts.getChildren().add(button);
        }
        if (shown.isEmpty()) {
            parts.getChildren().add(Controls.prose(words.of("figure.noParts"), "soft"));
        }
        parts.getChildren().add(new ScrewOrderPick(project, picked, ORDER, before, now));
    }

    private String pickedPart() {
        return picked.getSelectedToggle() == null
                ? null
                : (String) picked.getSelectedToggle().getUserData();
    }

    private void place(Point at) {
        String part = pickedPart();
        if (part == null) {
            message.accept(words.of("figure.pickFirst"));
        } else if (part.equals(ORDER)) {
            project.apply(FigureEdits.addScrew(figure, at));
        } else {
            project.apply(FigureEdits.addCallout(figure, part, at));
        }
    }

    private void take(Clip clip, double time) {
        current().ifPresent(f -> exchange.take(f, clip, time, message));
    }

    private void delete() {
        if (figure != null) {
            project.apply(FigureEdits.delete(figure));
        }
    }

    @Override
    public Parent node() {
        return node;
    }

    @Override
    public String subtitle() {
        return current()
                .map(
                        f -> {
                            int n = ordered().indexOf(f.id()) + 1;
                            return f.title().isBlank()
                                    ? words.of("figure.number", n)
                                    : words.of("figure.numberTitle", n, f.title());
                        })
                .orElse(words.of("figure.none"));
    }

    @Override
    public void go(OpenPoint point) {
        if (point.subject() != null) {
            show(point.subject());
        }
    }

    @Override
    public boolean ready() {
        return stills.complete() && choice.complete();
    }

    @Override
    public void close() {
        stills.close();
        choice.close();
    }
}
