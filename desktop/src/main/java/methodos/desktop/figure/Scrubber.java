package methodos.desktop.figure;

import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.image.Image;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import methodos.core.manual.Clip;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.footage.FootageClock;
import methodos.desktop.footage.FootageDesk;
import methodos.desktop.footage.FootageDesk.Shown;

/** Looks through the frames of a clip for another still; the one shown can be taken. */
final class Scrubber extends HBox {

    private static final int WIDTH = 800;
    private static final int HEIGHT = 450;

    private final FootageDesk desk;
    private final Consumer<Image> preview;
    private final Consumer<String> problem;
    private final Slider slider;
    private final Label time = Controls.label("", "soft");
    private final Button take;
    private Clip clip;
    private boolean filling;

    /**
     * @param preview shows a frame large; null ends that
     * @param takes called with the moment that is taken
     */
    Scrubber(
            Words words,
            FootageDesk desk,
            Consumer<Image> preview,
            BiConsumer<Clip, Double> takes,
            Consumer<String> problem) {
        super(8);
        this.desk = desk;
        this.preview = preview;
        this.problem = problem;
        slider = Controls.named(new Slider(0, 1, 0), "scrub", words.of("figure.scrub"));
        HBox.setHgrow(slider, Priority.ALWAYS);
        take =
                Controls.button(
                        "takeFrame",
                        words.of("figure.takeFrame"),
                        () -> {
                            double at = slider.getValue();
                            end();
                            takes.accept(clip, at);
                        });
        take.setDisable(true);
        slider.valueProperty()
                .addListener(
                        (o, was, is) -> {
                            if (!filling && clip != null) {
                                look(is.doubleValue());
                            }
                        });
        slider.setOnKeyPressed(
                e -> {
                    if (e.getCode() == KeyCode.ENTER && !take.isDisabled()) {
                        take.fire();
                    } else if (e.getCode() == KeyCode.ESCAPE) {
                        end();
                    }
                });
        setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(Controls.label(words.of("figure.scrub"), "soft"), slider, time, take);
    }

    private void look(double at) {
        time.setText(FootageClock.exact(at));
        take.setDisable(false);
        desk.look(clip, at, WIDTH, HEIGHT, this::shown, problem);
    }

    private void shown(Shown frame) {
        if (!take.isDisabled() && clip != null && frame.clip().equals(clip.id())) {
            preview.accept(frame.image());
        }
    }

    private void end() {
        take.setDisable(true);
        time.setText("");
        preview.accept(null);
    }

    /** Looks through a clip from a moment on; with null there is nothing to look through. */
    void show(Clip of, double at) {
        boolean other = clip == null || of == null || !clip.id().equals(of.id());
        clip = of;
        setDisable(of == null);
        if (of != null && (other || take.isDisabled())) {
            filling = true;
            slider.setMax(Math.max(0.1, of.duration()));
            slider.setBlockIncrement(1 / 12.0);
            slider.setValue(at);
            filling = false;
        }
    }
}
