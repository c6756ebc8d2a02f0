package methodos.desktop.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import methodos.core.bench.Deed;
import methodos.core.manual.Manual;
import methodos.core.manual.Model;
import methodos.core.manual.SerialRange;
import methodos.core.manual.Unit;
import methodos.core.manual.UnitOption;
import methodos.core.typed.SerialText;
import methodos.core.words.Words;
import methodos.desktop.control.Controls;

/** The type plate of the unit that is to be worked on, and who works. */
final class BeginForm {

    /** A unit, and who works on it. */
    record Begin(Deed.Begun begun, String person) {}

    private final Words words;
    private final Consumer<Begin> begin;
    private final Consumer<String> say;
    private final VBox node = new VBox(10);
    private final TextField serial;
    private final TextField person;
    private final ToggleGroup models = new ToggleGroup();
    private final Map<String, CheckBox> options = new LinkedHashMap<>();
    private Manual manual;
    private Unit shown;

    BeginForm(Words words, Consumer<Begin> begin, Consumer<String> say) {
        this.words = words;
        this.begin = begin;
        this.say = say;
        serial = Controls.named(new TextField(), "benchSerial", words.of("bench.serial"));
        serial.setPrefColumnCount(10);
        person = Controls.named(new TextField(), "benchPerson", words.of("bench.person"));
        person.setPrefColumnCount(16);
        person.setOnAction(e -> begin());
        serial.setOnAction(e -> person.requestFocus());
        // who comes to the form types the number of the unit first
        serial.sceneProperty()
                .addListener(
                        (o, was, now) -> {
                            if (now != null) {
                                Platform.runLater(serial::requestFocus);
                            }
                        });
    }

    Region node() {
        return node;
    }

    void show(Manual of) {
        manual = of;
        if (of.unit().equals(shown)) {
            return;
        }
        shown = of.unit();
        node.getChildren().clear();
        models.getToggles().clear();
        options.clear();
        if (!shown.models().isEmpty()) {
            FlowPane row = new FlowPane(8, 6);
            for (Model model : shown.models()) {
                ToggleButton key = new ToggleButton(model.name());
                key.setId("benchModel-" + model.name().replaceAll("[^A-Za-z0-9]", "-"));
                key.setToggleGroup(models);
                key.setUserData(model.name());
                key.setOnAction(e -> key.setSelected(true));
                row.getChildren().add(key);
            }
            models.getToggles().get(0).setSelected(true);
            node.getChildren().add(row);
        }
        node.getChildren().add(field("bench.serial", serial));
        for (UnitOption option : shown.options()) {
            CheckBox box = new CheckBox(option.mark() + " · " + option.name());
            box.setId("benchOption-" + option.mark());
            options.put(option.mark(), box);
            node.getChildren().add(box);
        }
        node.getChildren().add(field("bench.person", person));
        node.getChildren().add(Controls.button("benchBegin", words.of("bench.begin"), this::begin));
    }

    private Region field(String name, TextField field) {
        Label label = Controls.label(words.of(name));
        label.setMinWidth(110);
        HBox row = new HBox(8, label, field);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** Who works, as far as it was typed. */
    String person() {
        return person.getText().strip();
    }

    private void begin() {
        String number = serial.getText().strip();
        if (number.isEmpty() || SerialText.only(number).isEmpty()) {
            say.accept(words.of("bench.noSerial"));
            serial.requestFocus();
            return;
        }
        if (person().isEmpty()) {
            say.accept(words.of("bench.noPerson"));
            person.requestFocus();
            return;
        }
        String model =
                models.getSelectedToggle() == null
                        ? ""
                        : String.valueOf(models.getSelectedToggle().getUserData());
        SerialRange range = SerialText.only(number).orElseThrow();
        boolean covered =
                manual.variants().isEmpty()
                        || manual.variants().stream()
                                .anyMatch(
                                        v ->
                                                (model.isEmpty() || v.model().equals(model))
                                                        && v.serials().overlaps(range));
        if (!covered) {
            say.accept(words.of("bench.notCovered", model, number));
            return;
        }
        List<String> with = new ArrayList<>();
        List<String> without = new ArrayList<>();
        options.forEach((mark, box) -> (box.isSelected() ? with : without).add(mark));
        begin.accept(
                new Begin(
                        new Deed.Begun(
                                model,
                                number,
                                with,
                                without,
                                manual.title(),
                                manual.identity().revision(),
                                ""),
                        person()));
        serial.clear();
    }
}
