package methodos.desktop.unit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import methodos.core.manual.Applicability;
import methodos.core.manual.Model;
import methodos.core.manual.SerialRange;
import methodos.desktop.control.Controls;
import methodos.desktop.project.OpenProject;

/** Says for which models and serial numbers something is. */
public final class UnitsChooser extends VBox {

    private final List<CheckBox> models = new ArrayList<>();
    private final TextField from;
    private final TextField to;
    private final Label words;
    private final OpenProject project;
    private final Consumer<Applicability> chosen;

    /**
     * @param id what the controls' ids begin with
     * @param chosen called with each change
     */
    public UnitsChooser(
            OpenProject project, String id, Applicability now, Consumer<Applicability> chosen) {
        super(4);
        this.project = project;
        this.chosen = chosen;
        Applicability.Condition first =
                now.all()
                        ? new Applicability.Condition(List.of(), SerialRange.ALL)
                        : now.any().get(0);
        words = Controls.prose(project.words().of(now), "accent");
        HBox boxes = new HBox(10);
        for (Model model : project.manual().unit().models()) {
            CheckBox box = new CheckBox(model.name());
            box.setId(id + "Model-" + model.name().replace(' ', '-'));
            box.setUserData(model.name());
            box.setSelected(first.models().isEmpty() || first.models().contains(model.name()));
            box.setOnAction(e -> changed());
            models.add(box);
            boxes.getChildren().add(box);
        }
        from = serial(id + "From", "units.from", first.serials().from());
        to = serial(id + "To", "units.to", first.serials().to());
        HBox serials = new HBox(6, from, Controls.label("–"), to);
        serials.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(words, boxes, serials);
    }

    private TextField serial(String id, String key, Long value) {
        TextField field =
                Controls.named(
                        new TextField(value == null ? "" : value.toString()),
                        id,
                        project.words().of(key));
        field.setPromptText(project.words().of(key));
        field.setPrefColumnCount(6);
        Controls.kept(field, typed -> changed());
        return field;
    }

    private void changed() {
        List<String> names =
                models.stream()
                        .filter(CheckBox::isSelected)
                        .map(b -> (String) b.getUserData())
                        .toList();
        if (names.size() == models.size()) {
            names = List.of();
        } else if (names.isEmpty()) {
            words.setText(project.words().of("units.noModel"));
            return;
        }
        try {
            Applicability next = Applicability.of(names, new SerialRange(number(from), number(to)));
            words.setText(project.words().of(next));
            chosen.accept(next);
        } catch (IllegalArgumentException e) {
            words.setText(e.getMessage());
        }
    }

    private Long number(TextField field) {
        String text = field.getText().strip();
        if (text.isEmpty()) {
            return null;
        }
        if (!text.matches("\\d{1,15}")) {
            throw new IllegalArgumentException(project.words().of("units.notANumber", text));
        }
        return Long.valueOf(text);
    }
}
