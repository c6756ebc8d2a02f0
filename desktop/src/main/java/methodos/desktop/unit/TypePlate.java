package methodos.desktop.unit;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import methodos.core.manual.Manual;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Sight;
import methodos.core.manual.StepNumbers;
import methodos.core.manual.Variant;
import methodos.core.typed.SerialText;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/**
 * The type plate: type what is on it, read what that means, and look at the manual as that unit.
 */
final class TypePlate extends VBox {

    private final OpenProject project;
    private final Words words;
    private final TextField model;
    private final TextField serial;
    private final VBox meaning = new VBox(4);

    TypePlate(OpenProject project) {
        super(10);
        this.project = project;
        this.words = project.words();
        Manual manual = project.manual();
        Variant last =
                manual.variants().isEmpty()
                        ? null
                        : manual.variants().get(manual.variants().size() - 1);
        Sight sight = project.sight().get();
        model =
                plateField(
                        "plateModel",
                        "plate.model",
                        sight.model() != null ? sight.model() : last == null ? "" : last.model());
        SerialRange shown =
                sight.serials().from() != null || last == null ? sight.serials() : last.serials();
        serial = plateField("plateSerial", "plate.serial", SerialText.from(shown));
        HBox numberLine =
                new HBox(6, Controls.label(words.of("plate.number"), "plate-text"), serial);
        numberLine.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        Label maker =
                Controls.prose(manual.unit().maker().toUpperCase(words.locale()), "plate-maker");
        VBox plate =
                new VBox(
                        4,
                        maker,
                        model,
                        numberLine,
                        Controls.label(manual.unit().plate(), "plate-text"));
        plate.getStyleClass().add("plate");
        VBox ground = new VBox(plate);
        ground.getStyleClass().add("plate-ground");
        getChildren()
                .addAll(
                        Controls.label(words.of("plate.head"), "panel-head"),
                        ground,
                        meaning,
                        Controls.link("lookAsUnit", words.of("plate.look"), this::look));
        model.textProperty().addListener(o -> read());
        serial.textProperty().addListener(o -> read());
        read();
    }

    private TextField plateField(String id, String key, String value) {
        TextField field = Controls.named(new TextField(value), id, words.of(key));
        field.getStyleClass().add("plate-field");
        field.setPrefColumnCount(8);
        return field;
    }

    private Optional<Sight> typed() {
        return SerialText.only(serial.getText())
                .map(only -> new Sight(model.getText().strip(), only));
    }

    private void read() {
        meaning.getChildren().clear();
        Manual manual = project.manual();
        Sight sight = typed().orElse(null);
        Variant variant =
                sight == null
                        ? null
                        : manual.variants().stream()
                                .filter(
                                        v ->
                                                v.model().equals(sight.model())
                                                        && v.serials().overlaps(sight.serials()))
                                .findFirst()
                                .orElse(null);
        if (variant == null) {
            boolean untyped = model.getText().isBlank() || serial.getText().isBlank();
            meaning.getChildren()
                    .add(
                            untyped
                                    ? Controls.prose(words.of("plate.how"), "soft")
                                    : Controls.prose(words.of("plate.unknown"), "open"));
            return;
        }
        manual.unit().models().stream()
                .filter(m -> m.name().equals(variant.model()))
                .forEach(m -> meaning.getChildren().add(fact(m.name(), m.kind())));
        meaning.getChildren().add(fact(serial.getText(), variant.build()));
        long parts = manual.parts().stream().filter(p -> p.applicability().concerns(sight)).count();
        meaning.getChildren()
                .add(
                        Controls.label(
                                words.of(
                                        "unit.stepsParts",
                                        new StepNumbers(manual, sight).count(),
                                        parts),
                                "soft"));
    }

    private static HBox fact(String name, String what) {
        Label key = Controls.label(name, "accent-strong");
        key.setMinWidth(76);
        return new HBox(key, Controls.prose(what));
    }

    private void look() {
        typed().ifPresent(project.sight()::set);
    }
}
