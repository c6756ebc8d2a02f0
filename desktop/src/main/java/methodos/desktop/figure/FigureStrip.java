package methodos.desktop.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import methodos.core.description.Id;
import methodos.core.edit.FigureEdits;
import methodos.core.manual.Figure;
import methodos.core.manual.Step;
import methodos.core.manual.StepNumbers;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.DeedMenu;
import methodos.desktop.control.Sideways;
import methodos.desktop.project.OpenProject;

/** All figures small in a row, each with the number of its step. */
final class FigureStrip extends Sideways {

    private static final double HEIGHT = 88;

    private final OpenProject project;
    private final Words words;
    private final StillCache stills;
    private final FigureOrder order;
    private final Consumer<Id<Figure>> show;
    private final Consumer<Id<Step>> toStep;
    private final HBox row;
    private List<Thumb> shown = List.of();

    /** What a small picture shows. */
    private record Thumb(
            Id<Figure> figure, String step, String title, String picture, boolean chosen) {}

    /**
     * @param show called with the figure that is chosen
     */
    /**
     * @param toStep goes to the step of a figure
     */
    FigureStrip(
            OpenProject project,
            StillCache stills,
            FigureOrder order,
            Consumer<Id<Figure>> show,
            Consumer<Id<Step>> toStep) {
        super(new HBox(8));
        this.row = (HBox) getContent();
        this.project = project;
        this.words = project.words();
        this.stills = stills;
        this.order = order;
        this.show = show;
        this.toStep = toStep;
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
    }

    /** Pictures have come that were not there before. */
    void renew() {
        shown = List.of();
    }

    /** Brings a figure into view. */
    void reveal(Id<Figure> figure) {
        List<Id<Figure>> all = order.all();
        if (all.size() > 1) {
            setHvalue(all.indexOf(figure) / (all.size() - 1.0));
        }
    }

    /** Shows all figures, the chosen one marked; does nothing where nothing is new. */
    void fill(Id<Figure> figure) {
        StepNumbers numbers = new StepNumbers(project.manual(), project.sight().get());
        List<Thumb> key = new ArrayList<>();
        List<Node> made = new ArrayList<>();
        for (Id<Figure> id : order.all()) {
            Figure f = project.manual().figure(id).orElseThrow();
            String step =
                    order.stepOf(id)
                            .map(s -> numbers.of(s.id()))
                            .filter(n -> n.isPresent())
                            .map(n -> words.of("step.number", n.getAsInt()))
                            .orElse(words.of("figure.noStep"));
            key.add(new Thumb(id, step, f.title(), f.picture(), id.equals(figure)));
        }
        if (key.equals(shown)) {
            return;
        }
        shown = key;
        key.forEach(t -> made.add(thumb(t.figure(), t.step(), figure)));
        row.getChildren().setAll(made);
    }

    private VBox thumb(Id<Figure> id, String step, Id<Figure> figure) {
        Figure f = project.manual().figure(id).orElseThrow();
        ImageView view = new ImageView(stills.thumb(f.picture()).orElse(null));
        view.setFitWidth(StillCache.THUMB);
        view.setPreserveRatio(true);
        Button button = new Button(null, view);
        button.setId("figure-" + id);
        button.getStyleClass().add(id.equals(figure) ? "thumb-chosen" : "thumb");
        button.setOnAction(e -> show.accept(id));
        button.setAccessibleText(step + " " + f.title());
        button.setOnContextMenuRequested(
                e ->
                        new DeedMenu("figureMenu")
                                .item("show", words.of("figureMenu.show"), () -> show.accept(id))
                                .item(
                                        order.stepOf(id).isPresent(),
                                        "step",
                                        words.of("figureMenu.step"),
                                        () ->
                                                order.stepOf(id)
                                                        .ifPresent(s -> toStep.accept(s.id())))
                                .line()
                                .item(
                                        "delete",
                                        words.of("figure.delete"),
                                        () -> project.apply(FigureEdits.delete(id)))
                                .show(button, e));
        VBox box = new VBox(2, button, Controls.label(step, "soft"));
        box.setAlignment(Pos.TOP_LEFT);
        return box;
    }
}
