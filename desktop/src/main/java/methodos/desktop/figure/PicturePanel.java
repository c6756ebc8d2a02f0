package methodos.desktop.figure;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import javafx.collections.FXCollections;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.edit.FigureEdits;
import methodos.core.manual.Figure;
import methodos.core.manual.Preparation;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.control.NameConverter;
import methodos.desktop.project.OpenProject;

/** How the still is prepared: turned, straightened, cropped, its tone and sharpness. */
final class PicturePanel extends VBox {

    /** Width over height, 0 for any. */
    private record Ratio(String name, double value) {}

    private final OpenProject project;
    private final Words words;
    private final FigureBench bench;
    private final Runnable draw;
    private final Slider straighten;
    private final Slider shadows;
    private final Slider glare;
    private final Slider sharpen;
    private final ComboBox<Ratio> ratio;
    private final ToggleButton crop;
    private final ToggleButton level;
    private final Label how = Controls.prose("", "soft");
    private final Button whole;
    private Figure shown;
    private boolean filling;

    /**
     * @param draw called when something is to be drawn on the picture
     */
    PicturePanel(OpenProject project, FigureBench bench, Runnable draw) {
        super(7);
        this.project = project;
        this.words = project.words();
        this.bench = bench;
        this.draw = draw;
        straighten = slider("straighten", -15, 15, (p, v) -> p.withStraighten(v));
        shadows = slider("shadows", 0, 1, (p, v) -> p.withShadows(v));
        glare = slider("glare", 0, 1, (p, v) -> p.withGlare(v));
        sharpen = slider("sharpen", 0, 1, (p, v) -> p.withSharpen(v));
        ratio = ratios();
        HBox turning =
                new HBox(
                        6,
                        Controls.button("turnLeft", words.of("figure.turnLeft"), () -> turn(3)),
                        Controls.button("turnRight", words.of("figure.turnRight"), () -> turn(1)));
        crop = framer("crop", FigureBench.Framer.CROP);
        level = framer("straightenByLine", FigureBench.Framer.STRAIGHTEN);
        whole =
                Controls.link(
                        "wholePicture",
                        words.of("figure.wholePicture"),
                        () -> prepare("crop", p -> p.withCrop(null)));
        HBox cropping = new HBox(6, crop, ratio);
        HBox.setHgrow(ratio, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Controls.label(words.of("figure.frame"), "panel-head"),
                        turning,
                        level,
                        row("straighten", straighten),
                        cropping,
                        how,
                        whole,
                        Controls.label(words.of("figure.light"), "panel-head"),
                        row("shadows", shadows),
                        row("glare", glare),
                        row("sharpen", sharpen),
                        Controls.link(
                                "asTaken",
                                words.of("figure.asTaken"),
                                () -> prepare("asTaken", p -> Preparation.NONE)),
                        Controls.prose(words.of("figure.asTaken.how"), "soft"));
    }

    private ComboBox<Ratio> ratios() {
        ComboBox<Ratio> box =
                Controls.named(
                        new ComboBox<>(
                                FXCollections.observableArrayList(
                                        List.of(
                                                new Ratio(words.of("figure.ratio.any"), 0),
                                                new Ratio("4 : 3", 4 / 3.0),
                                                new Ratio("3 : 2", 3 / 2.0),
                                                new Ratio("16 : 9", 16 / 9.0),
                                                new Ratio("1 : 1", 1),
                                                new Ratio("3 : 4", 3 / 4.0)))),
                        "ratio",
                        words.of("figure.ratio"));
        box.setConverter(new NameConverter<>(r -> r == null ? "" : r.name));
        box.setValue(box.getItems().get(0));
        box.setMaxWidth(Double.MAX_VALUE);
        box.setOnAction(e -> bench.hold(box.getValue().value));
        return box;
    }

    private ToggleButton framer(String name, FigureBench.Framer framer) {
        ToggleButton button = new ToggleButton(words.of("figure." + name));
        button.setId(name);
        button.getStyleClass().add("framer");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(
                e -> {
                    bench.take(button.isSelected() ? framer : null);
                    draw.run();
                });
        return button;
    }

    private void prepare(String setting, UnaryOperator<Preparation> with) {
        if (shown != null) {
            project.apply(FigureEdits.prepare(shown.id(), setting, with));
        }
    }

    private VBox row(String setting, Slider slider) {
        return new VBox(0, Controls.label(words.of("figure.set." + setting)), slider);
    }

    private Slider slider(
            String setting,
            double least,
            double most,
            BiFunction<Preparation, Double, Preparation> with) {
        Slider slider =
                Controls.named(
                        new Slider(least, most, 0), setting, words.of("figure.set." + setting));
        slider.setBlockIncrement((most - least) / 30);
        slider.valueProperty()
                .addListener(
                        (o, was, is) -> {
                            if (!filling) {
                                prepare(setting, p -> with.apply(p, is.doubleValue()));
                            }
                        });
        return slider;
    }

    private void turn(int quarters) {
        prepare(
                "turn",
                p ->
                        p.withQuarterTurns(p.quarterTurns() + quarters)
                                .withCrop(turned(p.crop(), quarters)));
    }

    /** The same piece of the picture, turned with it. */
    private static Preparation.Crop turned(Preparation.Crop crop, int quarters) {
        Preparation.Crop now = crop;
        for (int i = 0; now != null && i < quarters; i++) {
            now = new Preparation.Crop(-now.bottom(), now.left(), -now.top(), now.right());
        }
        return now;
    }

    void show(Figure figure) {
        shown = figure;
        filling = true;
        Preparation p = figure.prepared();
        straighten.setValue(p.straighten());
        shadows.setValue(p.shadows());
        glare.setValue(p.glare());
        sharpen.setValue(p.sharpen());
        filling = false;
        FigureBench.Framer held = bench.framer().orElse(null);
        crop.setSelected(held == FigureBench.Framer.CROP);
        level.setSelected(held == FigureBench.Framer.STRAIGHTEN);
        how.setText(held == null ? "" : words.of("figure.how." + held.name()));
        Controls.seen(how, held != null);
        Controls.seen(whole, p.crop() != null);
    }
}
